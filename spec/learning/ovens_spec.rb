# An oven, a binder and an eater of their own, from made-up trials whose truth is known.
RSpec.describe Restauro::Learning::Oven do
  lessons = Restauro::Learning::Lessons
  seen = ->(data) { Restauro::Learning::Seen.of(data) }

  define_method(:kitchen) { |*all| Restauro::Learning::Kitchen.new(all.flatten.map(&seen), catalogue) }

  it("knows nothing without a trial") { expect(kitchen.oven).to be_plain }

  it "sets its knob by what a thermometer read, to the next mark of five" do
    oven = kitchen(Array.new(3) { lessons.thermometer(200, 180) }).oven
    expect([oven.offset_k, oven.knob(200), oven.slowness]).to match([be_between(-20, -17), 220, 1.0])
  end

  it("a reading that no oven gives is asked about") do
    expect { lessons.thermometer(200, 80) }.to raise_error(Restauro::InvalidInput, /read too soon/)
  end

  # Of a bake whose minutes fall by a hundredth for each kelvin: a slow bake in an oven known to be 20 K cold is no slow
  # oven.
  it "shares a slow bake between its slowness and its knob by how well each is known" do
    slow = lessons.oven(30, 36, per_kelvin: -0.01)
    alone, read = kitchen(slow), kitchen(*Array.new(4) { lessons.thermometer(200, 180) }, slow)
    expect([alone.factor("oven"), alone.factor("oven offset"), read.oven.slowness]).to match(
      [be > 1.05, be < 1, be_within(0.03).of(1.0)]
    )
  end

  it "keeps what the fan adds apart from the oven itself" do
    found = kitchen(Array.new(5) { lessons.oven(30, 36) }, Array.new(5) { lessons.oven(30, 30, way: "fan") })
    expect(found.oven.slowness - found.oven(way: "fan").slowness).to be > 0.08
  end

  it "turns the tray where one side was darker, not where it browned evenly" do
    right, even = kitchen(Array.new(2) { lessons.sides("right") }), kitchen(Array.new(2) { lessons.sides("even") })
    expect(
      [
        right.oven.hotter,
        even.oven.hotter,
        kitchen(lessons.sides("right"), Array.new(6) { lessons.sides("left") }).oven.hotter
      ]
    ).to eq [["right"], [], ["left"]]
  end

  it "a hotter oven is the same kind of oven: what it is said as is read as itself" do
    found =
      ["200C", "180C fan", "180C basket", "gas 6"].map do |text|
        Restauro::Kitchen::OvenTemperature.parse(text).hotter(10)
      end
    expect(found.map { |oven| [oven.way, Restauro::Kitchen::OvenTemperature.parse(oven.say) == oven] }).to eq [
      [nil, true],
      ["fan", true],
      ["basket", true],
      [nil, true]
    ]
  end

  describe "in a dish" do
    tart =
      "Tart\n200 g flour\n100 g butter\n4 tbsp water\nfilling\n3 eggs\n200 ml cream\nBake at 190 C in a 24 cm tart tin."
    define_method(:answer) do
      Restauro::Dishes::Solver.call(
        Restauro::Dishes::Partition.of(read(tart), catalogue),
        Restauro::Dishes::Choices.new({}, {}, catalogue: catalogue),
        catalogue: catalogue
      )
    end

    it "stretches its bake's minutes, says where the knob goes, and turns it half way" do
      plain = answer
      ours = plain.in_oven(described_class.new(slowness: 1.2, offset_k: -15.0, hotter: ["right"], trials: 3))
      preheat, bake = %w[preheat bake].map { |kind| ours.steps.find { |step| step.kind == kind } }
      was = plain.steps.find { |step| step.kind == "bake" }
      fan =
        Restauro::Dishes::Solver.call(
          Restauro::Dishes::Partition.of(read(tart.sub("190 C", "170 C fan")), catalogue),
          Restauro::Dishes::Choices.new({}, {}, catalogue: catalogue),
          catalogue: catalogue
        )
      fans =
        fan
          .in_oven(described_class.new(slowness: 1.0, offset_k: -15.0, hotter: [], trials: 3))
          .steps
          .find { |step| step.kind == "preheat" }
      expect(fans.text).to match(/knob at 185 °C gives 170 °C inside/)
      expect([bake.minutes / was.minutes, preheat.text, bake.text]).to match(
        [be_within(0.03).of(1.2), /knob at 205 °C gives 190 °C inside/, /turn it round: the right is hotter/]
      )
    end
  end
end

RSpec.describe Restauro::Learning::Lessons do
  # Flour with as much husk as does all of gluten's work (DOMAIN 5): 5 g in 100.
  define_method(:dough) do |husk|
    [[catalogue.fetch("white_rice_flour"), 100.0], [catalogue.fetch("psyllium_husk"), husk]]
  end

  it "a dough that held as reckoned teaches nothing; one that tore says by how much its binder is weak" do
    held, tore = described_class.stretch(dough(4.5), 0.9), described_class.stretch(dough(4.5), 0.9, short: 0.15)
    expect([held["log_ratio"], tore["log_ratio"], tore["shares"]]).to match(
      [0.0, be_within(1e-4).of(Math.log(0.75 / 0.9)), {"stretch psyllium_husk" => 1.0}]
    )
  end

  it("a dough with much to spare says nothing by holding, and much by tearing") do
    expect(
      [described_class.stretch(dough(8), 0.9), described_class.stretch(dough(8), 0.9, short: 0.15)["log_ratio"]]
    ).to match([nil, be < -0.5])
  end
  it("nothing is learnt of what does not stretch it") do
    expect(described_class.stretch([[catalogue.fetch("white_rice_flour"), 100.0]], 0.9)).to be_nil
  end

  it "a weak binder is given more of, until its stretch is as asked" do
    weak =
      Restauro::Learning::Kitchen.new(
        Array.new(6) { Restauro::Learning::Seen.of(described_class.stretch(dough(4.5), 0.9, short: 0.2)) },
        catalogue
      ).catalogue
    grams =
      [catalogue, weak].map { |facts| Restauro::Hydration::Stretch.grams_for(facts.fetch("psyllium_husk"), 0.9, 100.0) }
    expect([grams[1] / grams[0], weak.fetch("psyllium_husk").stretch_factor]).to match(
      [be_between(1.1, 1.3), be_between(0.78, 0.9)]
    )
  end

  it "a plan that counted with what was believed teaches the same as one by the book" do
    book = described_class.oven(30, 36)
    ours = described_class.by_the_book(described_class.oven(33, 36), {"oven" => 1.1})
    expect(ours["log_ratio"]).to be_within(1e-4).of(book["log_ratio"])
  end

  it "one eater's right stands beside the house's" do
    all =
      Array.new(4) { described_class.liking("sauce", 6.2, 6.2) } +
      Array.new(4) { described_class.liking("sauce", 9.3, 6.2, who: "Wanda") }
    found = Restauro::Learning::Kitchen.new(all.map { |one| Restauro::Learning::Seen.of(one) }, catalogue)
    expect(found.liking("sauce", who: ["Wanda"])).to be > 1.1 * found.liking("sauce")
  end
end

RSpec.describe Restauro::Learning::Oven, "and what surrounds it" do
  lessons = Restauro::Learning::Lessons
  plain = {slowness: 1.0, offset_k: 0.0, hotter: [], trials: 0}

  it("is plain only where nothing is known of minutes, knob and sides") do
    others = [plain, plain.merge(slowness: 1.1), plain.merge(offset_k: 5.0), plain.merge(hotter: ["left"])]
    expect(others.map { |one| described_class.new(**one).plain? }).to eq [true, false, false, false]
  end

  it("each side has its own direction") do
    expect(
      %w[left right front back].to_h do |where|
        [where, lessons.sides(where).map { |one| [one["shares"].keys.first, one["log_ratio"].positive?] }]
      end
    ).to eq(
      "left" => [["oven side", false]],
      "right" => [["oven side", true]],
      "front" => [["oven depth", false]],
      "back" => [["oven depth", true]]
    )
  end

  it "a time that was not taken, before or after, is no lesson" do
    expect([lessons.oven(0, 30), lessons.oven(30, 0), lessons.oven(nil, 30), lessons.oven(30, nil)]).to eq [nil] * 4
  end

  it "a sauce that was measured at nothing is no lesson" do
    prediction = predict("20 g corn starch\n500 ml milk")
    expect([lessons.sauce(0.0, prediction, how: "spoon"), lessons.sauce(-1.0, prediction, how: "spoon")]).to eq [
      nil,
      nil
    ]
  end

  # One look more: by inverse variances, from what is believed now.
  it "a next look says to how much it would narrow, by the sums" do
    seen = Array.new(3) { Restauro::Learning::Seen.of(lessons.lesson({"corn_starch" => 1.0}, 0.0, "plate_test")) }
    kitchen = Restauro::Learning::Kitchen.new(seen, catalogue)
    band = Restauro::Constants.fetch(:learning, :band_90)
    now = Math.log(kitchen.beliefs["corn_starch"].high) / band
    after = 1 / Math.sqrt(1 / now**2 + 1 / Restauro::Constants.fetch(:learning, :seen_plate_test)**2)
    expect(kitchen.next_look(["corn_starch"])).to match(["corn_starch", be_within(1e-6).of(Math.exp(band * after) - 1)])
  end

  # Of two that are known as badly, the one that a look tells more of; of two that a look tells alike, the one known
  # worse.
  it "the report asks for what a look would tell most of" do
    answer = ->(*all) do
      Restauro::CommandLine::LearnCommand
        .new("learn", Restauro::CommandLine::World.new(StringIO.new(JSON.generate("observations" => all))))
        .answer(["-"])
        .then { |text| JSON.parse(text)["next"]["text"] }
    end
    low = {"hob" => {"setting" => "low", "watts" => 300}}
    oven = {"oven" => {"planned_minutes" => 30, "actual_minutes" => 30}}
    expect([answer[low, *[oven] * 8], answer[*[low] * 8, oven]]).to match([/to the boil on low/, /timing one bake/])
  end
end
