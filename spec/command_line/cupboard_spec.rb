require "stringio"

RSpec.describe Restauro::CommandLine do
  def run(*argv, input: "")
    out, err = StringIO.new, StringIO.new
    code = described_class.new(out: out, err: err, stdin: StringIO.new(input.dup.b)).run(argv)
    [code, out.string.empty? ? nil : JSON.parse(out.string), err.string]
  end

  it "measures a dipped cup in the words of the contract" do
    code, found, = run("measure", "1 cup plain flour, dipped", "--to", "g")
    expect([code, found.keys, found["ingredient"], found["grams"], found["millilitres"]]).to eq [
      0,
      %w[ingredient grams low high millilitres tools warnings to],
      "wheat_flour",
      142.0,
      236.6
    ]
    expect(found["tools"]).to eq [{"tool" => "1 cup", "count" => 1}, {"tool" => "1 tbsp", "count" => 3}]
  end

  it("knows no grams without a density") do
    expect(run("measure", "1 slice of celeriac")[1].values_at("ingredient", "grams", "millilitres")).to eq [
      "raw_celeriac",
      nil,
      nil
    ]
  end
  it("measures in the cook's own system") do
    expect(run("measure", "1 tbsp flour", "--units", "au")[1]["grams"]).to be_within(0.05).of(10.14)
  end

  it "reads a label in the words of the contract" do
    code, found, = run("label", "-", "--sold-in", "us", input: "Rice, barley malt. Gluten free")
    expect([code, found.keys, found["finding"], found["claims"], found["marks"].first]).to match(
      [
        0,
        %w[finding marks claims advice],
        "contains",
        ["gluten_free"],
        hash_including("start" => 6, "end" => 17, "text" => "barley malt", "kind" => "contains")
      ]
    )
  end

  it "designs a blend in the words of the contract" do
    code, found, =
      run(
        "blend",
        "--from",
        "white_rice_flour,corn_starch,chickpea_flour,sorghum_flour",
        "--for",
        "all_purpose",
        "--grams",
        "300"
      )
    expect(
      [code, found["parts"].sum { |part| part["grams"] }, found["status"], found["properties"]["thick_power"].keys]
    ).to eq [0, 300.0, "optimal", %w[blend wheat]]
    expect(found).to include("cost_per_kg" => nil, "gap" => be_a(Numeric))
  end

  {
    ["measure"] => [2, /such as/],
    %w[measure flour --to furlong] => [1, /cup, tbsp/],
    %w[label -] => [2, /--sold-in/],
    %w[label - --sold-in moon] => [2, /--help/],
    %w[blend --from corn_starch] => [2, /--for/],
    %w[blend --from gravel --for sauce --grams 100] => [1, /gravel/],
    %w[blend --from wheat_flour --for sauce --grams 100] => [1, /gluten/]
  }.each do |argv, (expected, words)|
    it "#{argv.join(" ")} exits #{expected} in one line" do
      code, found, err = run(*argv, input: "rice")
      expect([code, found, err.lines.length, err]).to match([expected, nil, 1, words])
    end
  end
end
