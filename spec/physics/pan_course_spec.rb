require "open3"

RSpec.describe Restauro::Physics::PanCourse do
  course = described_class
  timed = ->(seconds, action) { course::Timed.new(seconds, action) }

  def cook(keys, liquid_g: 700.0, watts: 600.0, at_boil: [course_heat(300.0)], simmer_s: 600.0, events: [], **more)
    thickeners = keys.map { |key| catalogue.fetch(key) }
    milk =
      described_class::Add.new(
        liquid_g,
        20.0,
        [[catalogue.fetch("whole_milk"), liquid_g]],
        at_boil.length > 1 ? [] : thickeners.each_index.to_a
      )
    described_class.run(
      pan: Restauro::Physics::Pan.new,
      watts: watts,
      thickeners: thickeners,
      at_boil: at_boil,
      simmer_s: simmer_s,
      limit_s: 1800.0,
      events: [described_class::Timed.new(0.0, milk), *events],
      **more
    )
  end

  def course_heat(watts) = described_class::Heat.new(watts)
  def at(result, seconds) = result.points.min_by { |point| (point.seconds - seconds).abs }

  describe "against SciPy's solve_ivp on the same equations" do
    python = "/usr/bin/python3"

    %w[corn_starch potato_starch sorghum_flour].each do |key|
      it "agrees within 1 % over ten minutes for #{key}", :long do
        need("python3-scipy", system(python, "-c", "import scipy", err: File::NULL))
        ingredient = catalogue.fetch(key)
        ours = cook([key], liquid_g: 400.0)
        mixture = ours.mixture
        shift = mixture.sugar_shift_c
        input = {
          mid: (ingredient.paste_onset_c + ingredient.paste_full_c) / 2 + shift,
          width: (ingredient.paste_full_c - ingredient.paste_onset_c) / 8,
          tau: ingredient.paste_tau_s,
          breakdown_per_min: ingredient.boil_breakdown_per_min,
          liquid_g: 400.0,
          watts: 600.0,
          simmer_watts: 300.0,
          boiling_celsius: Restauro::Physics::Pan.new.boiling_celsius + mixture.boiling_rise_c
        }
        out, status =
          Open3.capture2(python, File.join(Reference::DIRECTORY, "pan_course.py"), stdin_data: JSON.generate(input))
        theirs = status.success? ? JSON.parse(out) : raise("SciPy ended with #{status}")
        expect([ours.boil_seconds, theirs["rows"].length]).to match([be_within(0.5).percent_of(theirs["boil"]), 10])
        theirs["rows"].each do |seconds, celsius, liquid, swollen, intact|
          point = at(ours, seconds)
          expect([point.celsius, point.liquid_grams]).to match(
            [be_within(1).percent_of(celsius), be_within(1).percent_of(liquid)]
          )
          share = swollen * intact
          expect(point.shares.first).to be_within([share * 0.01, 0.002].max).of(share)
        end
      end
    end
  end

  describe "practice (common practice)" do
    it "a maize slurry is nearly done in half a minute: e 5.7 after 30 s, 6.4 after 60 s" do
      slurry = [course_heat(300.0), described_class::Add.new(24.0, 20.0, [[catalogue.fetch("water"), 24.0]], [0])]
      result = cook(%w[corn_starch], watts: 1000.0, at_boil: slurry, simmer_s: 120.0)
      e = ->(after) do
        at(result, result.boil_seconds + after).then do |point|
          100 * 24 * 1.95 * point.shares.first / point.liquid_grams
        end
      end
      expect([e[30], e[60]]).to match([be_within(0.15).of(5.7), be_within(0.1).of(6.4)])
    end

    it "at 85 C on medium arrowroot has all of its body, maize under half" do
      result = cook(%w[arrowroot corn_starch])
      shares = result.points.find { |point| point.celsius >= 85 }.shares
      expect(shares).to match([be > 0.93, be < 0.5])
    end

    # At constant mass, so the share of the grains alone, from the slurry's going in at the boil. A full boil keeps 1500
    # W on.
    {
      ["potato_starch", 300.0] => 0.75,
      ["potato_starch", 1500.0] => 0.667,
      ["corn_starch", 300.0] => 0.94
    }.each do |(key, watts), left|
      it "#{key} ten minutes at #{watts.round} W keeps about #{(left * 100).round} % of its most" do
        slurry = [course_heat(watts), described_class::Add.new(24.0, 20.0, [], [0])]
        shares = cook([key], liquid_g: 900.0, at_boil: slurry).points.map { |point| point.shares.first }
        expect(shares.last / shares.max).to be_within(0.06).of(left)
      end
    end

    it("300 W hold about 93 C") { expect(cook(%w[], simmer_s: 1500.0).points.last.celsius).to be_within(1).of(93) }
  end

  it("finds the boil between its steps") { expect(cook(%w[]).boil_seconds % 5).not_to be_within(0.01).of(0) }
  it("is never hotter than the boil") do
    expect(cook(%w[], watts: 1500.0, at_boil: []).points.map(&:celsius).max).to be <= 100.2
  end
  it("has a point every five seconds, and the last") do
    expect(cook(%w[]).points[0..-2].map(&:seconds)).to eq((0...(cook(%w[]).points.length - 1)).map { |i| i * 5.0 })
  end
  it("keeps energy: heat taken up equals heat in less loss and steam") do
    result = cook(%w[], watts: 1000.0)
    before, after = result.points.values_at(0, 20)
    taken = (after.liquid_grams * 3.9 + 500) * (after.celsius - before.celsius)
    steam = 2257 * (before.liquid_grams - after.liquid_grams)
    expect(taken + steam).to be_within(3).percent_of(1000.0 * 100 - 0.9 * 100 * 8)
  end

  it("drops when cold liquid goes in, by the mixing of heats") do
    result = cook(%w[], events: [timed[100.0, course::Add.new(200.0, 20.0, [], [])]])
    before, after = at(result, 95), at(result, 100)
    mixed =
      ((before.liquid_grams * 3.9 + 500) * before.celsius + 200 * 3.9 * 20) / ((before.liquid_grams + 200) * 3.9 + 500)
    expect(after.celsius).to be_within(1.5).of(mixed)
  end

  it("boils off far less under a lid") do
    gone =
      [false, true].map do |on|
        cook(%w[], watts: 300.0, events: [timed[0.0, course::Lid.new(on)]]).then { |r| 700 - at(r, 900).liquid_grams }
      end
    expect(gone.last).to be < gone.first / 3
  end

  it("gives up a boil that does not come in half an hour") do
    expect(cook(%w[], watts: 300.0).then { |r| [r.stop, r.boil_seconds, r.points.last.seconds] }).to eq [
      :never_boils,
      nil,
      1800.0
    ]
  end
  it("stops when a quarter is left") do
    expect(
      cook(%w[], liquid_g: 150.0, at_boil: [], watts: 1500.0, simmer_s: 3600.0).then do |r|
        [r.stop, r.points.last.liquid_grams < 37.6]
      end
    ).to eq [:boiling_dry, true]
  end
end
