# Batters seen, mended, lifted and coloured: by sums, and by what a cook would hold the words to.
RSpec.describe Restauro::Families::Batter do
  catalogue = Reference::Helpers::CATALOGUE
  batter = Restauro::Families.fetch("batter", catalogue)
  swapped = ->(spec, text, **choices) { batter.swap(batter.read(spec.read(text)), batter.options(**choices)) }
  steps = ->(spec, text, **choices) { batter.steps(swapped[spec, text, **choices]) }
  texts = ->(spec, text, **choices) { steps[spec, text, **choices].map(&:text) }
  coat = "Fish batter\n150 g plain flour\n200 ml cold water\n2 tsp baking powder"

  describe described_class::Rescue do
    moves = ->(swap, observed) { Restauro::Families::Batter::Rescue.moves(swap, observed, catalogue) }
    swap_of = ->(spec) { swapped[spec, coat] }

    it "leaves what is as wet as it should be, a little to either side" do
      swap = swap_of[self]
      expect([1.0, 0.99, 1.01].map { |share| moves[swap, share * swap.target] }).to all(be_empty)
    end

    it "thins what is too thick with its liquid, thickens what is too thin with its flour" do
      swap = swap_of[self]
      expect([0.8, 1.25].map { |share| moves[swap, share * swap.target].first.kind }).to eq %w[dilute thicken]
    end

    it "lands on the target from either side" do
      swap = swap_of[self]
      landed = [0.8, 1.25].map { |share| moves[swap, share * swap.target].first.lands_at / swap.target }
      expect(landed).to all(be_within(0.01).of(1))
    end

    it "pours more into what is drier" do
      swap = swap_of[self]
      little, much = [0.9, 0.7].map { |share| moves[swap, share * swap.target].first.grams }
      expect([little.positive?, much > little]).to eq [true, true]
    end

    it "says the move in millilitres where it is liquid" do
      move = swap_of[self].then { |swap| moves[swap, 0.8 * swap.target].first }
      millilitres = (move.grams / move.ingredient.density.to_f).round
      expect(move.text).to match(/\AWhisk in #{millilitres} mL water \(#{move.grams} g\)/)
    end
  end

  describe described_class::Leavening do
    # Grams to 100 g of flour.
    share = ->(weights) do
      grams = weights.sum { |ingredient, g| ingredient.key == "bicarbonate" ? g : 0.0 }
      100 * grams / Restauro::Lift::Gas.flour(weights)
    end

    it "keeps bicarbonate to flour as the recipe has it, where its acid wants so much" do
      soured = "Pancakes\n200 g plain flour\n250 ml buttermilk\n1 egg\n1/2 tsp bicarbonate of soda"
      swap = swapped[self, soured]
      expect(share[swap.ours.weights]).to be_between(0.1, share[swap.wheat.weights] + 1e-6)
    end

    it "never takes more bicarbonate than can be tasted" do
      swap = swapped[self, "Pancakes\n200 g plain flour\n250 ml buttermilk\n1 egg\n1 tbsp bicarbonate of soda"]
      most = Restauro::Constants.fetch(:lift, :most_bicarbonate)
      expect([share[swap.ours.weights], swap.warnings.map(&:code)]).to match([be <= most + 1e-6, include("lift_cut")])
    end
  end

  describe "its words" do
    it "dips one piece to judge a coat, and spoons of fritters none" do
      judged = ["#{coat}\n600 g cod fillet", "Fritters\n150 g flour\n1 egg\n100 ml milk\n300 g sweetcorn"].map do |text|
        texts[self, text].grep(/Dip one piece/).length
      end
      expect(judged).to eq [1, 0]
    end

    describe "of an oven" do
      baked = ->(spec, celsius) do
        oven = Restauro::Kitchen::OvenTemperature.new(celsius: celsius.to_f)
        piece = Restauro::Heat::Piece.parse("cauliflower floret 30 mm", catalogue)
        pakora = "Pakora\n150 g flour\n180 ml water\n1 cauliflower"
        steps[spec, pakora, oven: oven, piece: piece, style: "coating"].find { |step| step.kind == "bake" }
      end

      it "warns of a slow one, which browns nothing" do
        expect([230, 150].map { |celsius| baked[self, celsius].text.include?("hardly golden") }).to eq [false, true]
      end

      it "tells golden in the very one that gets there" do
        told = [230, 150].map { |celsius| baked[self, celsius].look_for }
        expect(told).to match([/golden from \d+/, not_include("golden from")])
      end
    end

    it "keeps the oil for the pan out of the bowl" do
      bowl = texts[self, "#{coat}\n1 litre sunflower oil\n600 g cod fillet"].grep(/Whisk|Pour|Stir/).join
      expect(bowl).not_to include("sunflower oil")
    end

    it "puts a spoon of oil that is the batter's own into it" do
      bowl = texts[self, "#{coat}\n1 tbsp sunflower oil\n600 g cod fillet"].grep(/liquid|water/i).join
      expect(bowl).to include("oil")
    end

    it "pours a pudding into the fat of its tin" do
      pudding = texts[self, "Yorkshire puddings\n140 g plain flour\n4 eggs\n200 ml milk\n2 tbsp sunflower oil"]
      expect(pudding.find { |text| text.include?("oil") }).not_to match(/whisk/i)
    end
  end
end
