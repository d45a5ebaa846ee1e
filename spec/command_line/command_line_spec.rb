require "open3"
require "stringio"

RSpec.describe Restauro::CommandLine, :long do
  cream = "Chive cream\n3 tbsp flour\n40 g butter\n500 ml milk\n2 cups wobble\n1 tbsp soy sauce\nsalt to taste"

  # @return [Array(Integer, Object, String)] exit code, parsed output or nil, error line
  def run(*argv, input: "")
    out, err = StringIO.new, StringIO.new
    code = described_class.new(out: out, err: err, stdin: StringIO.new(input.dup.b)).run(argv)
    [code, out.string.empty? ? nil : JSON.parse(out.string), err.string]
  end

  it "predicts with the words of the contract" do
    code, found, = run("predict", "-", input: cream)
    expect([code, found.keys, found["lines"].first.keys]).to match(
      [
        0,
        include("family", "school", "lines", "metrics", "course", "warnings", "parts"),
        include("text", "line", "part", "ingredient", "grams", "low_grams", "high_grams", "role", "understood")
      ]
    )
    expect(found["metrics"].keys).to include(
      "flour_equivalents",
      "flour_equivalents_low",
      "flour_equivalents_high",
      "grade",
      "viscosity_pan_pa_s",
      "viscosity_plate_pa_s_low",
      "viscosity_fridge_pa_s_high"
    )
  end

  it "gives a course of a point every five seconds, in the contract's words" do
    course = run("predict", "-", input: cream)[1]["course"]
    expect(course.first.keys).to eq %w[seconds celsius liquid_grams flour_equivalents viscosity_pa_s]
    expect(course.map { |point| point["seconds"] }.first(3)).to eq [0.0, 5.0, 10.0]
  end

  it "gives warnings with their code, their words and their line" do
    warnings = run("predict", "-", input: cream)[1]["warnings"]
    expect(warnings.map { |w| w["code"] }).to include("line_not_understood", "gluten_in_line")
    expect(warnings.first.keys).to eq %w[code text line]
  end

  it "swaps with the words of the contract" do
    code, found, = run("swap", "-", "--target", "thick", input: cream)
    expect([code, found.keys, found["target"]]).to match(
      [
        0,
        include("target", "wheat", "swap", "method", "alternatives", "warnings", "parts", "lines"),
        {"metric" => "flour_equivalents", "value" => 9.3, "grade" => "thick"}
      ]
    )
    expect(found["method"].first.keys).to include(
      "text",
      "minutes",
      "look_for",
      "caution",
      "kind",
      "heat",
      "attended",
      "uses",
      "batches",
      "hold_minutes",
      "part"
    )
  end

  it "swaps for the boosted blend, each line with what to measure it by" do
    found = run("swap", "-", "--target", "thick", input: cream)[1]
    expect(found["swap"]["lines"].first.keys).to include("measure", "measure_error_pct")
    expect(found["swap"]["lines"].select { |l| l["role"] == "thickener" }.map { |l| l["ingredient"] }).to eq %w[
      blend_with_gum
      corn_starch
    ]
  end

  it "feeds its own swap back within 3 %" do
    _, found, = run("swap", "-", "--school", "slurry", "--with", "tapioca_starch", "--target", "5", input: cream)
    _, again, = run("predict", "-", input: found["swap"]["lines"].map { |l| l["text"] }.join("\n"))
    expect(again["metrics"]["flour_equivalents"]).to be_within(3).percent_of(5)
  end

  it "reads JSON-LD by its first character" do
    json =
      JSON.generate(
        Restauro::Recipes::JsonLd.write(name: "Cream", ingredients: ["2 cups milk", "3 tbsp flour"], steps: [])
      )
    expect(run("predict", "-", input: json)[1]["lines"].map { |line| line["ingredient"] }).to eq [
      nil,
      "whole_milk",
      "wheat_flour"
    ]
  end

  it "takes events, units and heat" do
    plain, later =
      [[], ["--event", "t=900 heat off", "--heat", "high", "--units", "au"]].map do |more|
        run("predict", "-", *more, input: cream)[1]
      end
    expect([later["course"].last["seconds"], later["metrics"]["flour_equivalents"]]).to match(
      [900.0, be > plain["metrics"]["flour_equivalents"]]
    )
  end

  it("asks about cornflour in every system, and takes the starch outside the US") do
    found = %w[us uk].map { |units| run("predict", "-", "--units", units, input: "2 cups milk\n2 tbsp cornflour")[1] }
    expect(found.map { |f| [f["lines"].last["ingredient"], f["warnings"].map { |w| w["code"] }] }).to match(
      [["maize_flour", include("ambiguous_ingredient")], ["corn_starch", include("ambiguous_ingredient")]]
    )
  end

  it "gives null for what cannot be known, and says why" do
    _, found, = run("predict", "-", "--family", "sauce", input: "2 g flour\n1 tbsp milk")
    expect([found["metrics"].values.uniq, found["warnings"].map { |w| w["code"] }]).to match(
      [[nil], include("too_little_liquid")]
    )
  end

  {
    %w[predict -] => ["", 1, /empty/],
    %w[predict - --altitude 99999] => ["2 cups milk", 1, /altitude/],
    %w[swap -] => ["2 cups milk", 1, /flour/],
    %w[predict /no/such/file] => ["", 1, /cannot read/],
    ["predict"] => ["", 2, /no file/],
    %w[bake -] => ["", 2, /predict/],
    %w[predict - --target thin] => ["2 cups milk", 2, /swap/],
    %w[predict - --colour blue] => ["", 2, /--help/],
    %w[swap - --with wheat_flour] => ["2 cups milk\n2 tbsp flour", 1, /gluten/],
    %w[predict - --event whenever] => ["2 cups milk", 1, /t=600/],
    %w[predict - --family soup] => ["2 cups milk", 2, /sauce/]
  }.each do |argv, (input, expected, words)|
    it "#{argv.join(" ")} exits #{expected} in one line" do
      code, found, err = run(*argv, input: input)
      expect([code, found, err.lines.length, err]).to match([expected, nil, 1, words])
    end
  end

  describe "a dough" do
    nettle = "Nettle parcels\n320 g flour\n3 eggs\n\nFilling:\n260 g ricotta\n120 g nettles"
    figures = %w[
      water_ratio
      rung
      stretch
      stretch_needed
      boil_minutes
      float_minutes
      centre_celsius_at_float
      minutes_done
      pieces
    ]

    it "answers in the words of the contract" do
      _, found, = run("swap", "-", "--shape", "filled", "--thickness-mm", "1.5", "--cutter-mm", "55", input: nettle)
      expect([found["swap"]["family"], found["target"]["metric"], found["swap"]["metrics"].keys]).to match(
        ["pasta", "water_ratio", include(*figures)]
      )
      expect(found["swap"]["metrics"].values_at(*figures)).to all(be_truthy)
      expect(found["method"].map { |step| step["text"] }.join).to match(/55 mm rounds/)
    end

    it "takes the purée's weights" do
      ratios =
        [[], %w[--roasted-from 1000 --roasted-to 700], %w[--look wet]].map do |more|
          run("predict", "-", *more, input: "800 g riced potato\n220 g flour\n1 egg")[1]["metrics"]["water_ratio"]
        end
      expect(ratios[1]).to be < ratios[0]
      expect(ratios[2]).to be > ratios[0]
    end

    it "feeds its own swap back within 3 %" do
      found = run("swap", "-", "--rope-mm", "25", "--school", "gum", input: "800 g riced potato\n220 g flour\n1 egg")[1]
      again = run("predict", "-", "--rope-mm", "25", input: found["swap"]["lines"].map { |l| l["text"] }.join("\n"))[1]
      expect(again["metrics"].values_at("water_ratio", "pieces")).to match(
        [be_within(3).percent_of(found["target"]["value"]), be_within(2).of(found["swap"]["metrics"]["pieces"])]
      )
    end

    {
      %w[--shape star] => /rolled, filled/,
      %w[--roasted-from 900] => /both weights/,
      %w[--roasted-from 900 --roasted-to 20] => /check the weights/,
      %w[--target 9] => /0\.3 to 1\.4/
    }.each do |more, words|
      it("#{more.join(" ")} exits 1 and says what to type") do
        expect(
          run("swap", "-", "--family", "gnocchi", *more, input: "800 g riced potato\n220 g flour\n1 egg")
        ).to match([1, nil, words])
      end
    end
  end

  describe "a crust" do
    tart =
      "Leek custard tart\n\nPastry:\n210 g flour\n115 g butter\n1 egg yolk\n40 ml water\n\nFilling:\n350 g leeks\n3 " \
"eggs\n200 ml cream"

    it "answers in the words of the contract" do
      _, found, =
        run("swap", "-", "--pan", "26 cm round 3 cm deep", "--oven", "180C,fan", "--units", "metric", input: tart)
      metrics = found["swap"]["metrics"]
      expect(
        [
          found["swap"]["family"],
          found["swap"]["style"],
          metrics.values_at(
            "water_ratio",
            "rung",
            "fat_share",
            "area_cm2",
            "dough_grams",
            "minutes_prebake",
            "minutes_bake"
          )
        ]
      ).to match(["crust", "rolled", all(be_truthy)])
      expect([metrics["area_cm2"], found["ovens"].length, found["swap"]["bakers_percentages"].first]).to match(
        [be_within(0.1).of(530.9), 3, {"ingredient" => "blend_plain", "per_cent" => 100.0}]
      )
    end

    it("takes a bought sheet alone") do
      expect(
        run("swap", "-", "--style", "sheet", "--pan", "20x30 cm 5 cm deep", input: "1 sheet puff pastry")[1]["swap"][
          "lines"
        ].map { |l| l["ingredient"] }
      ).to eq %w[gf_puff_sheet]
    end
    it("thickens the filling as asked") do
      parts =
        run(
          "swap",
          "-",
          "--hold",
          "thin",
          "--filling-with",
          "potato_starch",
          input: "Pie\n1 sheet puff pastry\n\nFilling:\n500 g leeks\n40 g flour\n500 ml milk"
        )[
          1
        ][
          "parts"
        ]
      filling = parts.find { |part| part["family"] == "sauce" }
      expect([filling["target"]["value"], filling["swap"]["lines"].map { |line| line["ingredient"] }]).to match(
        [3.1, include("potato_starch")]
      )
    end

    {
      %w[--style puff] => /rolled, pressed/,
      %w[--pan big] => /23 cm round/,
      %w[--cover side] => /bottom, double/
    }.each do |more, words|
      it("#{more.join(" ")} exits 1 and says what to type") do
        expect(run("swap", "-", *more, input: tart)).to match([1, nil, words])
      end
    end
  end

  describe "as a program" do
    program = File.join(Restauro::ROOT, "bin", "restauro")

    it "works from any directory on plain Ruby, whatever the locale" do
      out, err, status =
        Open3.capture3(
          {"LANG" => "C", "LC_ALL" => "C", "BUNDLE_GEMFILE" => nil, "RUBYOPT" => nil},
          program,
          "predict",
          "-",
          "--format",
          "text",
          stdin_data: "½ cup crème fraîche\n2 tbsp flour\n1 cup milk",
          chdir: "/"
        )
      expect([out.force_encoding("UTF-8"), err, status.exitstatus]).to match([/crème fraîche/, "", 0])
    end

    {
      [
        "swap",
        "-",
        "--with",
        "chickpea_flour",
        "--target",
        "thick_coat",
        "--piece",
        "celeriac slice 12 mm",
        "--oven",
        "200C,fan"
      ] => [
        "Fritter batter\n110 g flour\n150 ml milk\n1 egg",
        /\Athick coat \(water ratio 2\.0\d\).*110 g chickpea flour.*thick coat: water ratio 2\.\d.*crisp after \d/m
      ],
      ["swap", "-", "--oil", "180C shallow"] => [
        "Crumb coat\n8 slices celeriac, 10 mm\n5 tbsp flour\n2 eggs\n140 g breadcrumbs",
        /\Aa coat of 2\.\d mm.*for 8 pieces/m
      ]
    }.each do |argv, (input, words)|
      it("writes a coat as text: #{argv.last}") do
        expect(
          Open3.capture2(program, *argv, "--format", "text", stdin_data: input).first.force_encoding("UTF-8")
        ).to match(words)
      end
    end

    it "keeps standard output empty on failure" do
      out, err, status = Open3.capture3(program, "swap", "-", stdin_data: "-1 cup milk")
      expect([out, err, status.exitstatus]).to match(["", /-1 cup milk/, 1])
    end
  end
end
