# The edges of what a cupboard is told, and what it says.
RSpec.describe Restauro::Cupboard do
  own = ->(**figures) do
    Restauro::Cupboard::OwnFlour.ingredient(
      key: "own_1",
      name: "plantain flour",
      cup_g: 120,
      protein: 3,
      fat: 1,
      fibre: 4,
      carbohydrate: 80,
      sugar: 6,
      **figures
    )
  end
  pack = ->(key, **more) do
    Restauro::Cupboard::Pack.new(
      ingredient: key.is_a?(String) ? Reference::Helpers::CATALOGUE.fetch(key) : key,
      grams_left: 100.0,
      **more
    )
  end
  shelf = ->(*packs) { Restauro::Cupboard::Shelf.new(packs) }

  describe Restauro::Cupboard::OwnFlour do
    it("its starch is its carbohydrate without its sugar") do
      expect([own[].starch_pct, own[].sugar_pct]).to eq [74.0, 6.0]
    end
    it("labels round: a hundred and three grams are let pass, no more") do
      expect(
        [
          own[carbohydrate: 95].key,
          (
            begin
              own[carbohydrate: 95.1]
            rescue Restauro::InvalidInput => e
              e.message[/103\.1/]
            end
          )
        ]
      ).to eq %w[own_1 103.1]
    end
    it("all sugar is let pass, more sugar than carbohydrate is not") do
      expect { own[sugar: 80] && own[sugar: 80.5] }.to raise_error(Restauro::InvalidInput, /80.5 of 80/)
    end
    it("a cup weighs 40 to 250 g") do
      expect(
        [40, 250].map do |cup|
          described_class.ingredient(
            key: "own_1",
            name: "x",
            cup_g: cup,
            protein: 1,
            fat: 1,
            fibre: 1,
            carbohydrate: 50,
            sugar: 1
          ).cup_spooned_g
        end
      ).to eq [40.0, 250.0]
    end
    it("the more starch, the more it thickens") do
      expect(own[carbohydrate: 85].thick_power).to be >= own[carbohydrate: 40].thick_power
    end
  end

  describe Restauro::Cupboard::Pack do
    it "costs its share of the full pack's price, and nothing is made up where there is none" do
      expect(
        [
          pack["corn_starch", grams_full: 400.0, price: 2.0].cost(100),
          pack["corn_starch", grams_full: 400.0].cost(100),
          described_class.new(
            ingredient: catalogue.fetch("corn_starch"),
            grams_left: 0,
            grams_full: 0,
            price: 2.0
          ).cost(100)
        ]
      ).to eq [0.5, nil, nil]
    end

    {
      {grams_left: -1} => /grams left/,
      {grams_left: 100_001} => /grams left/,
      {price: -0.1} => /price/,
      {finding: "fine"} => /finding/
    }.each do |fields, words|
      it("asks about #{fields}") do
        expect { pack["corn_starch", **fields] }.to raise_error(Restauro::InvalidInput, words)
      end
    end
    it("lets its edges pass") do
      expect([0, 100_000].map { |grams| pack["corn_starch", grams_left: grams].grams_left }).to eq [0, 100_000]
    end
  end

  describe Restauro::Cupboard::Shelf do
    it "puts its own flours beside the book's, and leaves the book's alone" do
      stocked = shelf[pack["corn_starch"], pack[own[]]].catalogue(catalogue)
      expect(
        [stocked.key?("own_1"), stocked.count - catalogue.count, shelf[pack["corn_starch"]].catalogue(catalogue)]
      ).to match([true, 1, equal(catalogue)])
    end

    it "warns where there is less than a dish takes, not where there is just enough" do
      dish = ->(grams) { read("#{grams} g corn starch\n500 ml milk").ingredients }
      words = ->(grams) do
        shelf[pack["corn_starch", id: 1]]
          .warnings(dish[grams])
          .map { |warning| [warning.code, warning.text[/only \d+ g maize starch .* takes \d+ g/]] }
      end
      expect([words[99], words[100], words[101]]).to match(
        [[], [], [["too_little_left", "only 100 g maize starch is left in the cupboard, this takes 101 g"]]]
      )
    end

    it "names what a jar is short of" do
      expect { shelf[pack["corn_starch"]].enough!({"corn_starch" => 100.0}) }.not_to raise_error
      expect { shelf[pack["corn_starch"]].enough!({"corn_starch" => 100.5}) }.to raise_error(
        Restauro::InvalidInput,
        /maize starch and 100 g is in the cupboard/
      )
      expect { shelf[].enough!({"white_rice_flour" => 1.0}) }.to raise_error(
        Restauro::InvalidInput,
        /white rice flour and 0 g/
      )
    end

    it "takes from the pack that was opened first, then from the next, never more than is left" do
      opened = pack["corn_starch", id: 1, opened_on: Date.new(2026, 10, 1)]
      fresh = pack["corn_starch", id: 2]
      expect(
        [shelf[fresh, opened].taken({"corn_starch" => 150.0}), shelf[fresh, opened].taken({"corn_starch" => 500.0})]
      ).to eq [{1 => 100.0, 2 => 50.0}, {1 => 100.0, 2 => 100.0}]
    end

    it("offers what is left and whose label does not stand in the way") do
      expect(
        shelf[pack["corn_starch"], pack["potato_starch", grams_left: 0], pack["arrowroot", finding: "contains"]].offered
      ).to eq ["corn_starch"]
    end
    it("a label's worst word counts") do
      expect(
        %w[contains may_contain cannot_tell none_found].map do |finding|
          shelf[pack["corn_starch", finding: finding]].label("corn_starch").map(&:code)
        end
      ).to eq [["pack_contains"], ["pack_may_contain"], ["pack_cannot_tell"], []]
    end
  end
end
