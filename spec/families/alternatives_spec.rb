# What else would do: with what is at hand first, each another than the one chosen, each with what it gains and costs.
RSpec.describe "What else would do" do
  texts = {
    "sauce" => "Sauce\n40 g butter\n40 g flour\n500 ml milk",
    "batter" => "Pancakes\n150 g plain flour\n300 ml milk\n2 eggs",
    "breading" => "Schnitzels\n4 slices celeriac, 10 mm\n40 g flour\n2 eggs\n120 g breadcrumbs",
    "crust" => "Tart case\n200 g plain flour\n100 g butter\n45 ml water",
    "gnocchi" => "Gnocchi\n800 g riced potato\n200 g flour\n1 egg",
    "pasta" => "Tagliatelle\n300 g flour\n3 eggs"
  }
  part = ->(spec, family, **choices) do
    spec.answer(texts.fetch(family), family: family, **choices).then { |answer| answer.parts[answer.dish.main] }
  end
  offer = %w[buckwheat_flour potato_starch gf_breadcrumbs]

  texts.each_key do |family|
    describe "for #{family}" do
      let(:swap) { part[self, family].swap }
      let(:others) { swap.alternatives }

      it "says of each what it gains and what it costs" do
        expect(others).not_to be_empty
        expect(others).to all(satisfy { |other| !other.gain.to_s.empty? && !other.cost.nil? && other.names.any? })
        expect(others.map { |other| other.names.length }).to eq(others.map { |other| other.keys.length })
      end

      it "names none twice, and not what was chosen" do
        named = others.map { |other| [other.respond_to?(:school) ? other.school : nil, other.keys.sort] }
        expect(named.uniq.length).to eq named.length
        chosen = swap.respond_to?(:coats) ? swap.coats : (swap.respond_to?(:flours) ? swap.flours : swap.thickeners)
        school = swap.respond_to?(:school) && swap.school.respond_to?(:key) ? swap.school.key : nil
        expect(named).not_to include([school, chosen.map(&:ingredient).sort])
      end

      it "puts what stands in the cupboard first" do
        missing = part[self, family, offer: offer].swap.alternatives.map { |other| (other.keys - offer).length }
        expect(missing).to eq missing.sort
      end

      it "names nothing that the eaters leave out" do
        diets = {"sauce" => "maize", "breading" => "maize"}.fetch(family, "egg")
        keys = part[self, family, without: [diets]].swap.alternatives.flat_map(&:keys)
        exclusion = Restauro::Diets::Exclusion.of([diets], catalogue)
        expect(keys.reject { |key| exclusion.allows?(catalogue.fetch(key)) }).to eq []
      end
    end
  end

  describe "when it is chosen" do
    weighed = ->(lines) { lines.to_h { |line| [line.ingredient, line.grams.value] } }

    it "takes the grams of a sauce's thickener that were said, in a white roux and in a brown one", :long do
      %w[white brown].each do |colour|
        part[self, "sauce", colour: colour].swap.alternatives.each do |other|
          chosen = part[self, "sauce", colour: colour, with: other.keys].swap
          other.keys.zip(other.grams).each do |key, grams|
            expect(weighed[chosen.thickeners][key]).to be_within(6).percent_of(grams), "#{colour} #{other.keys}"
          end
        end
      end
    end

    it "takes the liquid of a batter that was said" do
      part[self, "batter"].swap.alternatives.each do |other|
        expect(part[self, "batter", with: other.keys].swap.liquid.grams.value).to be_within(1).of(other.liquid_g)
      end
    end

    it "takes the grams of a coat that were said" do
      part[self, "breading"].swap.alternatives.select(&:grams).each do |other|
        coats = weighed[part[self, "breading", with: other.keys].swap.coats]
        expect(coats.fetch(other.keys.first)).to be_within(3).percent_of(other.grams)
      end
    end

    %w[crust pasta gnocchi].each do |family|
      it "takes the flours of a #{family} that were said", :long do
        part[self, family].swap.alternatives.each do |other|
          swap = part[self, family, school: other.school, with: other.keys].swap
          said = other.amounts.first(other.keys.length).map(&:last)
          expect(swap.flours.map { |line| line.grams.value }).to match(said.map { |grams| be_within(2).of(grams) })
        end
      end
    end
  end

  it "offers a batter's flour from the cupboard though no list has it" do
    others = part[self, "batter", offer: ["quinoa_flour"]].swap.alternatives
    expect(others.map(&:keys)).to include(["quinoa_flour"])
  end

  it "mixes a flour of the cupboard half and half with the starch that stands beside it" do
    others = part[self, "pasta", offer: %w[teff_flour potato_starch]].swap.alternatives
    mixed = others.find { |other| other.keys == %w[teff_flour potato_starch] }
    expect(mixed).not_to be_nil
    grams = mixed.amounts.to_h.values.first(2)
    expect(grams[0]).to be_within(2).percent_of(grams[1])
  end

  it "dusts with a flour of the cupboard, not with the crumbs that stand before it" do
    swap = part[self, "breading", offer: %w[gf_breadcrumbs cornmeal sorghum_flour]].swap
    expect(swap.coats.map(&:ingredient)).to eq %w[sorghum_flour gf_breadcrumbs]
  end

  describe "where somebody eats no egg" do
    it "says what took its place, and only that" do
      swap = part[self, "breading", without: ["egg"]].swap
      expect(swap.substitutions.map { |found| found.line.ingredient }).to include "egg_whole"
      expect(swap.substitutions).to all(be_found)
    end
  end
end
