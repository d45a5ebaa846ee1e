RSpec.describe Restauro::Diets do
  exclusion = ->(*words) { Restauro::Diets::Exclusion.of(words, Reference::Helpers::CATALOGUE) }
  allowed = ->(*words) { Reference::Helpers::CATALOGUE.select { |i| exclusion[*words].allows?(i) }.map(&:key) }

  {
    "dairy" => %w[whole_milk butter cheddar],
    "egg" => %w[egg_whole egg_white],
    "soya" => %w[soy_milk soy_flour tamari],
    "maize" => %w[corn_starch maize_flour cornmeal],
    "pulses" => %w[chickpea_flour soy_milk chickpea_water],
    "tree_nut" => %w[almond_flour ground_nuts coconut_milk],
    "vegan" => %w[honey lard egg_whole whole_milk],
    "wheat_allergy" => %w[wheat_starch wheat_flour],
    "grain_free" => %w[white_rice_flour corn_starch blend_plain],
    "starch_free" => %w[potato_starch cassava_flour arrowroot],
    "coeliac" => %w[soy_sauce beer malt_vinegar]
  }.each { |diet, keys| it("#{diet} leaves out #{keys.join(", ")}") { expect(allowed[diet] & keys).to be_empty } }

  it("leaves out the same by whatever name it is typed") do
    pairs = [%w[soy soya], %w[nuts tree_nut], %w[Eggs egg], %w[lactose dairy], %w[corn maize], %w[gluten coeliac]]
    pairs.each { |typed, key| expect(allowed[typed]).to eq(allowed[key]), typed }
  end
  # EU Regulation 1169/2011, Annex II: what must be named on food, but for sulphites, which no recipe names.
  it "holds a line for each of the allergens that are named by law" do
    lines = "Soup\n500 ml milk\n30 g cornflour\n300 g cod\n200 g prawns\n200 g mussels\n2 sticks celery\n" \
            "1 tsp mustard\n1 tbsp sesame seeds\n50 g lupin flakes\n2 eggs\n20 g peanuts\n50 g walnuts\n2 tbsp tamari"
    held = %w[fish crustaceans molluscs shellfish celery mustard sesame lupin egg peanut nuts dairy soya].to_h do |diet|
      [diet, exclusion[diet].held_in(read(lines).ingredients, catalogue).map { |text| text[/\p{L}+\z/] }]
    end
    expect(held.transform_values(&:first)).to eq(
      "fish" => "cod", "crustaceans" => "prawns", "molluscs" => "mussels", "shellfish" => "prawns",
      "celery" => "celery", "mustard" => "mustard", "sesame" => "seeds", "lupin" => "flakes", "egg" => "eggs",
      "peanut" => "peanuts", "nuts" => "walnuts", "dairy" => "milk", "soya" => "tamari"
    )
    expect(held["shellfish"]).to eq %w[prawns mussels]
  end
  it("soya leaves out tofu") { expect(allowed["soya"]).not_to include("pressed_tofu") }
  it("egg leaves chickpea water") { expect(allowed["egg"]).to include("chickpea_water") }
  it("names only allergens, groups and keys that the catalogue has, or that no pack may be without") do
    known = catalogue.flat_map { |i| [i.key, i.group, *i.allergens] }.uniq + %w[peanut]
    expect(described_class.all.flat_map { |diet| diet.allergens + diet.groups + diet.keys } - known).to be_empty
  end

  it("every diet leaves a thickener, alone and with dairy, egg and nuts left out too", :long) do
    described_class.all.each do |diet|
      expect(catalogue.thickeners.map(&:key) & allowed[diet.key, "dairy", "egg", "tree_nut"]).not_to be_empty, diet.key
    end
  end

  describe Restauro::Diets::Substitutes do
    table = Restauro::DataFiles.yaml("substitutions.yml")

    it("names only what the catalogue has") do
      expect(
        (table.keys + table.values.flatten.flat_map { |row| row["parts"].keys }).uniq.reject do |key|
          catalogue.key?(key)
        end
      ).to be_empty
    end

    it "keeps the weight of a line within a quarter, and of its water within a third of the weight" do
      table.each do |key, rows|
        rows.each do |row|
          next if %w[cheddar melting_cheese hard_cheese tamari gravy_granules].include?(key) # a powder for a cheese

          parts = row["parts"].to_h { |part, share| [catalogue.fetch(part), Float(share)] }
          water = parts.sum { |part, share| part.water_pct * share } - catalogue.fetch(key).water_pct
          expect([parts.values.sum, water]).to match([be_between(0.75, 1.05), be_between(-33, 33)]), "#{key}: #{row}"
        end
      end
    end

    it "gives an egg flax in water, or chickpea water where flax is not wanted" do
      of = ->(*words) do
        described_class
          .new(catalogue, exclusion[*words], units: Restauro::KitchenUnits.of("us"))
          .of(read("1 cup milk\n2 eggs"))
          .last
          .lines
          .map { |l| [l.ingredient, l.grams.value.round(1)] }
      end
      expect([of["egg"], of["egg", "flax_meal"]]).to eq [
        [["flax_meal", 14.0], ["water", 86.0]],
        [["chickpea_water", 90.0]]
      ]
    end

    it "leaves at the table what was there, whatever it is now" do
      lines = %w[table batter].zip(["100 g soured cream, to serve", "100 g soured cream"]).to_h do |name, text|
        found = described_class.new(catalogue, exclusion["dairy"], units: Restauro::KitchenUnits.of("us"))
        [name, found.of(read("100 g plain flour\n1 cup water\n#{text}")).last.lines.map { |l| [l.role, l.part] }]
      end
      expect(lines).to eq("table" => [["other", "To serve"]] * 2, "batter" => [["liquid", nil]] * 2)
    end
  end

  it("says which words it knows") do
    expect { exclusion["moonlight"] }.to raise_error(Restauro::InvalidInput, /coeliac/)
  end
end
