# What bin/restauro learn says of doughs, ovens and rings, against sums by hand: beliefs are normal in logarithms
# (DOMAIN 13's figures).
RSpec.describe Restauro::Learning::Report do
  prior = ->(name) { Restauro::Constants.fetch(:learning, name) }
  answer = ->(*observations) do
    Restauro::CommandLine::LearnCommand
      .new("learn", Restauro::CommandLine::World.new(StringIO.new(JSON.generate("observations" => observations))))
      .answer(["-"])
      .then { |text| JSON.parse(text) }
  end
  # One look at one unknown: by inverse variances, the look's own weight by how far it lies off (Student's tails).
  belief =
    lambda do |ratio, before, seen|
      mean, weight = 0.0, 1.0
      50.times do
        precision = 1 / before**2 + weight / seen**2
        mean = weight / seen**2 * ratio / precision
        weight = (prior[:tail_freedom] + 1) / (prior[:tail_freedom] + ((ratio - mean) / seen)**2)
      end
      half = prior[:band_90] / Math.sqrt(1 / before**2 + weight / seen**2)
      [Math.exp(mean), Math.exp(mean - half), Math.exp(mean + half)]
    end
  # With just what rolled sheets need: 0.9 of gluten's (DOMAIN 5), 6 g of psyllium and one egg to 200 g.
  ribbons = "Ribbons\n200 g white rice flour\n50 g egg\n5 g psyllium husk\n90 ml water"

  it "a ring's watts and their band" do
    usual = Restauro::Physics::Pan.watts("medium")
    middle, low, high =
      belief[Math.log(800 / usual), prior[:prior_hob], prior[:seen_hob]].map { |factor| (factor * usual).round }
    expect(answer[{"hob" => {"setting" => "medium", "watts" => 800}}]["hob"]["medium"]).to eq(
      "watts" => middle,
      "low" => low,
      "high" => high
    )
  end

  it "an oven's knob, its minutes and its sides, each with its band" do
    found =
      answer[
        {"oven" => {"set" => 200, "reads" => 180}},
        {"oven" => {"planned_minutes" => 30, "actual_minutes" => 36, "kind" => "fan"}},
        {"oven" => {"darker" => "right"}}
      ][
        "oven"
      ]
    offset =
      belief[-0.2, prior[:prior_oven_offset], prior[:seen_thermometer]].map do |factor|
        (100 * Math.log(factor)).round(1)
      end
    expect(
      [
        found["offset"].values,
        found["right_over_left"]["factor"],
        found["minutes_factor"],
        found["fan"]["minutes_factor"]
      ]
    ).to match([offset.map { |one| be_within(0.3).of(one) }, be > 1.05, be > 1.05, be > 1.0])
  end

  it "a dough that held and one that tore, by the binder's stretch", :long do
    of = ->(held) do
      answer[{"family" => "pasta", "recipe" => ribbons, "options" => {"shape" => "rolled"}, "held" => held}][
        "stretch"
      ]
    end
    held, torn = of["yes"], of["tears"]
    expect([held.keys, held["psyllium_husk"]["trials"]]).to match([include("psyllium_husk", "egg_whole"), 1])
    expect(torn["psyllium_husk"]["stretch_factor"]).to be < held["psyllium_husk"]["stretch_factor"]
  end

  it "refuses of a dough what teaches nothing, and what it does not know" do
    expect { answer[{"recipe" => ribbons.sub("5 g psyllium", "20 g psyllium"), "held" => "yes"}] }.to raise_error(
      Restauro::InvalidInput,
      /more than it needs/
    )
    flies = {"family" => "pasta", "recipe" => ribbons, "options" => {"shape" => "rolled"}, "held" => "flies"}
    expect { answer[flies] }.to raise_error(Restauro::NotFound, /no such trouble/)
    expect { answer[{"family" => "soup", "recipe" => ribbons, "held" => "yes"}] }.to raise_error(
      Restauro::InvalidInput,
      /pasta, gnocchi, crust/
    )
  end

  it "a dough without a word of its family is pasta" do
    expect(answer[{"recipe" => ribbons, "held" => "yes"}]["stretch"]).to eq answer[
         {"family" => "pasta", "recipe" => ribbons, "held" => "yes"}
       ][
         "stretch"
       ]
  end

  it "what would narrow it most, with how far: one more look at what is least known" do
    found =
      answer[
        {"hob" => {"setting" => "high", "watts" => 1500}},
        *Array.new(6) { {"hob" => {"setting" => "low", "watts" => 300}} }
      ][
        "next"
      ]
    after =
      1 /
      Math.sqrt(
        1 /
          belief[0.0, prior[:prior_hob], prior[:seen_hob]].then do |_, low, high|
            Math.log(high / low) / 2 / prior[:band_90]
          end**2 + 1 / prior[:seen_hob]**2
      )
    share = Math.exp(prior[:band_90] * after) - 1
    expect([found["narrows_to"], found["text"]]).to match(
      [
        be_within(0.01).of(share),
        /to the boil on high, with a clock, would narrow it to give or take #{(100 * found["narrows_to"]).round} %/
      ]
    )
  end

  {
    {"oven" => {"darker" => "sky"}} => /darker side is even, left/,
    {"oven" => {"planned_minutes" => 30, "actual_minutes" => 300}} => /clock was forgotten/,
    {"oven" => {"set" => 200, "reads" => 40}} => /read too soon/
  }.each do |observation, words|
    it("asks about #{observation}") { expect { answer[observation] }.to raise_error(Restauro::InvalidInput, words) }
  end

  # Two flours of one dough share its thirst by what each holds.
  it "flours share the blame by what they hold" do
    flours = %w[sorghum_flour tapioca_starch].map { |key| catalogue.fetch(key) }
    shares =
      Restauro::Learning::Lessons.drink({flours.first => 100.0, flours.last => 50.0}, 100.0, 110.0)["shares"].values
    held = [100 * flours.first.hold_g_per_g, 50 * flours.last.hold_g_per_g]
    expect(shares).to match(held.map { |one| be_within(1e-9).of(one / held.sum) })
  end

  it("a band of nine in ten before anything is seen") do
    expect(Restauro::Learning::Kitchen.new([], catalogue).doubt("corn_starch")).to be_within(1e-9).of(
      Math.exp(1.645 * 0.15) - 1
    )
  end
end
