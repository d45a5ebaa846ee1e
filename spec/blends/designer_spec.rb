RSpec.describe Restauro::Blends::Designer do
  wheat = Reference::Helpers::CATALOGUE.fetch("wheat_flour")
  purpose = ->(key) { Restauro::Blends::Purpose.fetch(key, wheat: wheat) }
  flours = ->(*keys) { keys.map { |key| Reference::Helpers::CATALOGUE.fetch(key) } }
  design = ->(keys, key, grams, **more) do
    described_class.new(wheat: wheat, **more).design(flours[*keys], purpose[key], grams: grams)
  end

  # What a blend misses wheat by, in tolerances: the objective, from the parts alone.
  miss =
    lambda do |parts, key|
      total = parts.sum { |_, grams| grams }
      purpose[key].tolerances.sum do |name, tolerance|
        (parts.sum { |part, grams| part.public_send(name).to_f * grams } / total - wheat.public_send(name).to_f).abs /
          tolerance
      end
    end

  it "agrees with brute force on four flours in a small jar", :long do
    keys = %w[white_rice_flour sorghum_flour corn_starch chickpea_flour]
    four, grams, limits = flours[*keys], 24, Restauro::Blends::Limits.new
    whole = ->(rest, count) do
      if count == 1
        [[rest]]
      else
        (0..rest).flat_map { |first| whole[rest - first, count - 1].map { |others| [first, *others] } }
      end
    end
    allowed =
      whole[grams, 4].select do |amounts|
        amounts
          .zip(four)
          .all? do |g, i|
            g.zero? || g.between?(limits.part_least(i) * grams, limits.most(i, purpose["all_purpose"]) * grams)
          end && amounts[2] <= 0.45 * grams
      end
    best = allowed.map { |amounts| miss[four.zip(amounts), "all_purpose"] }.min
    found = design[keys, "all_purpose", grams]
    expect([miss[found.parts, "all_purpose"], found.objective]).to all(be_within(1e-6).of(best))
  end

  %w[all_purpose sauce rolled_dough coating].each do |key|
    it "keeps #{key}'s limits, in whole grams that fill the jar", :long do
      found =
        design[
          %w[
            white_rice_flour
            sorghum_flour
            millet_flour
            buckwheat_flour
            chickpea_flour
            corn_starch
            potato_starch
            tapioca_starch
            psyllium_powder
          ],
          key,
          500
        ]
      expect(
        [found.status, found.grams, found.parts.map(&:last).all? { |g| g == g.round }, found.parts.length]
      ).to match(["optimal", 500.0, true, be <= 5])
      starch = found.parts.select { |i, _| i.group == "starch" }.sum(&:last)
      expect(starch).to be <= purpose[key].starch_most * 500
      found.parts.each { |i, g| expect(g).to be <= Restauro::Blends::Limits.new.most(i, purpose[key]) * 500 }
    end
  end

  it("gives rolled dough its stretch") do
    expect(
      design[%w[white_rice_flour sorghum_flour corn_starch psyllium_powder], "rolled_dough", 500].parts.to_h do |i, g|
        [i.key, g]
      end[
        "psyllium_powder"
      ]
    ).to be >= 18
  end # 0.9 of 4 % of 500 g
  it("reports the solver's bound and gap") do
    expect(
      design[%w[white_rice_flour corn_starch sorghum_flour], "sauce", 200].then do |b|
        [b.bound <= b.objective + 1e-6, b.gap]
      end
    ).to match([true, be <= 1e-3])
  end
  it("fills whole tablespoons when asked") do
    expect(
      design[%w[white_rice_flour corn_starch sorghum_flour], "sauce", 300, spoons: true].parts.map do |i, g|
        (g / i.tbsp_g) % 1
      end
    ).to all(be_within(0.02).of(0).or(be_within(0.02).of(1)))
  end

  it "says which limit gave way when nothing else fits" do
    found = design[%w[buckwheat_flour], "rolled_dough", 200]
    expect([found.status, found.relaxed.join(" ")]).to match(
      ["relaxed", /buckwheat flour stands at 100 %, its limit is 33 %.*stretch/]
    )
  end

  it("costs what its parts cost") do
    expect(
      design[%w[white_rice_flour sorghum_flour corn_starch], "sauce", 200, prices: ->(_) { 4.0 }].cost_per_kg
    ).to be_within(1e-9).of(4.0)
  end
  it("knows no cost when one price is missing") do
    expect(
      design[
        %w[white_rice_flour sorghum_flour],
        "sauce",
        200,
        prices: ->(key) { 4.0 if key == "sorghum_flour" }
      ].cost_per_kg
    ).to be_nil
  end
  it("refuses what is no flour") do
    expect { design[%w[butter], "sauce", 200] }.to raise_error(Restauro::InvalidInput, /butter/)
  end
  it("refuses gluten") do
    expect { design[%w[wheat_flour], "sauce", 200] }.to raise_error(Restauro::InvalidInput, /gluten/)
  end

  it "becomes an ingredient that thickens as its parts do" do
    blend =
      design[%w[white_rice_flour sorghum_flour corn_starch], "sauce", 300].ingredient(key: "mix_1", name: "house blend")
    expect([blend.group, blend.thickens?, blend.gluten, blend.thick_power, blend.allergens]).to match(
      ["blend", true, "free", be_between(0.75, 1.95), ["maize"]]
    )
  end
end
