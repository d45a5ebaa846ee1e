# Each lesson played right, and played as the mistake it is about: the first lands where a good cook does, the second
# gets its fault.
RSpec.describe Restauro::Practice::Lesson, :long do
  act = Restauro::Practice::Play::Act
  define_method(:play) do |key, acts, seconds|
    Restauro::Practice::Play.new(described_class.fetch(key), acts.map { |one| act.new(*one) }, seconds, catalogue)
  end
  define_method(:verdict) { |key, *acts| play(key, [*acts], acts.last.first).verdict }
  boil = ->(spec, key, *acts) do
    spec.play(key, acts, 900.0).then { |found| found.instance_variable_get(:@model).hob.result.boil_seconds.ceil + 1.0 }
  end

  it("there are a dozen, each with a guess that has its answer, and something to do otherwise") do
    expect(described_class.all.length).to eq 12
    expect(described_class.all).to all(
      have_attributes(guess: satisfy { |guess| guess["options"].include?(guess["right"]) }, otherwise: match(/\w/))
    )
  end

  # The simulated pan and the real prediction are the same reckoning.
  it "the pan played as the swap plans it comes to the swap's own prediction" do
    sauce = predict("500 ml milk\n15 g maize starch in a slurry", school: "slurry")
    at = sauce.boil_seconds
    play = play("thin_in_the_pan", [[at, "slurry", "3"], [at, "heat", "low"]], sauce.end_seconds)
    expect(play.scene[:e]).to be_within(0.01).percent_of(sauce.flour_equivalents.value)
    expect(play.scene[:pa_s]).to be_within(0.01).percent_of(sauce.viscosity_pan.value)
    expect(play.scene[:celsius]).to be_within(0.01).of(sauce.pan_celsius)
  end

  it "half as thick in the pan as on the plate" do
    at = boil[self, "thin_in_the_pan"]
    expect(verdict("thin_in_the_pan", [at, "slurry", "3"], [at, "heat", "low"], [at + 60, "now"])).to have_attributes(
      hit: true
    )
    expect(
      verdict(
        "thin_in_the_pan",
        [at, "slurry", "3"],
        [at + 40, "slurry", "3"],
        [at + 41, "heat", "low"],
        [at + 90, "now"]
      )
    ).to have_attributes(hit: false, fault: "too_thick")
  end

  it "maize is judged after the boil" do
    at = boil[self, "maize_off_early"]
    expect(verdict("maize_off_early", [at, "heat", "low"], [at + 60, "now"]).hit).to be true
    expect(verdict("maize_off_early", [at - 130, "now"])).to have_attributes(hit: false, fault: "off_early")
  end

  it "potato does not wait" do
    late = [[1060.0, "slurry", "3"], [1062.0, "slurry", "1"], [1070.0, "heat", "low"], [1110.0, "now"]]
    expect(verdict("potato_held", *late).hit).to be(true), verdict("potato_held", *late).score
    at = boil[self, "potato_held"]
    expect(
      verdict("potato_held", [at, "slurry", "3"], [at, "slurry", "1"], [at + 5, "heat", "low"], [1190.0, "now"])
    ).to have_attributes(hit: false, fault: "thinned")
    expect(verdict("potato_held", [at, "slurry", "3"], [1600.0, "now"]).fault).to eq "late"
  end

  it "one of them is cold" do
    expect(verdict("hot_onto_hot", [120.0, "pour", "hot_at_once"], [700.0, "now"]).fault).to eq "lumps"
    poured = [120.0, "pour", "cold_at_once"]
    at = boil[self, "hot_onto_hot", poured]
    good = [poured, [at - 60, "whisk", "on"], [at, "heat", "low"], [at + 120, "now"]]
    expect(verdict("hot_onto_hot", *good).hit).to be(true), verdict("hot_onto_hot", *good).score
  end

  it "never dry into hot" do
    at = boil[self, "dry_into_hot"]
    expect(verdict("dry_into_hot", *Array.new(3) { [at, "dry", "1"] }, [at + 60, "now"]).fault).to eq "lumps"
    expect(verdict("dry_into_hot", [at, "slurry", "3"], [at + 1, "heat", "low"], [at + 60, "now"]).hit).to be true
  end

  it "acid that boils with the starch cuts it" do
    at = boil[self, "acid_first"]
    early = verdict("acid_first", [1.0, "lemon"], [at + 60, "slurry", "3"], [at + 61, "heat", "low"], [at + 600, "now"])
    after = verdict("acid_first", [at, "slurry", "3"], [at + 1, "heat", "low"], [at + 590, "lemon"], [at + 600, "now"])
    expect(early.off).to be < after.off
    expect(verdict("acid_first", [at, "slurry", "3"], [at + 60, "now"]).fault).to eq "not_in"
  end

  it "where water boils cooler, the minute of the plain is too short" do
    at = boil[self, "high_up"]
    plain, patient =
      [60, 600].map { |more| play("high_up", [[at, "slurry", "3"], [at + 1, "heat", "low"]], at + more).scene[:e] }
    expect(plain).to be < 0.9 * patient
  end

  it "a dough that sticks at first is dry once it has rested with more flour" do
    expect(play("sticky_is_not_wet", [], 0.0).words).to match(/sticks/)
    expect(verdict("sticky_is_not_wet", [10.0, "rest"], [610.0, "now"]).hit).to be true
    expect(verdict("sticky_is_not_wet", *Array.new(7) { |n| [10.0 + n, "flour"] }, [30.0, "now"]).fault).to eq "too_dry"
  end

  it "a dough that cracks asks for water" do
    water = Array.new(5) { |n| [10.0 + n, "water"] }
    expect(verdict("cracks_at_the_bend", *water, [700.0, "now"]).hit).to be true
    expect(verdict("cracks_at_the_bend", [5.0, "now"]).fault).to eq "too_dry"
  end

  it "brown is not done: golden comes before the middle in a fierce oven" do
    section = play("brown_is_not_done", [], 0.0).instance_variable_get(:@model).section
    expect(section.brown).to be < section.done
    expect(verdict("brown_is_not_done", [60 * section.brown, "now"]).fault).to eq "raw"
    expect(verdict("brown_is_not_done", [60 * section.done + 1, "now"]).fault).to be_nil.or eq("burnt")
  end

  it "too much in the oil soaks, a few come out crisp" do
    expect(verdict("too_much_in_the_oil", [300.0, "now"]).fault).to eq "greasy"
    few = play("too_much_in_the_oil", [[0.0, "fewer"]], 0.0).instance_variable_get(:@model).section
    expect(verdict("too_much_in_the_oil", [0.0, "fewer"], [60 * [few.done, few.crisp].max + 1, "now"]).hit).to be true
  end

  it "floating is not done" do
    floats = 60 * Restauro::Constants.fetch(:boil, :float_minutes)
    expect(play("floating_is_not_done", [], floats).scene[:floating]).to be true
    expect(verdict("floating_is_not_done", [floats, "now"]).fault).to eq "raw"
    expect(verdict("floating_is_not_done", [floats + 120, "now"]).hit).to be true
  end

  it "a step of a lesson under way costs a few courses at most" do
    ground = Restauro::Practice::Play.ground(described_class.fetch("thin_in_the_pan"), catalogue)
    calls = 0
    allow(Restauro::Physics::PanCourse).to(
      receive(:run).and_wrap_original { |run, **arguments| calls += 1 and run.call(**arguments) }
    )
    Restauro::Practice::Play.new(
      described_class.fetch("thin_in_the_pan"),
      [act.new(300.0, "slurry", "1")],
      500.0,
      catalogue,
      ground: ground
    ).scene
    expect(calls).to eq 1
  end
end
