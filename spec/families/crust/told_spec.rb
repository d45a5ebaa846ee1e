# Where a crust lies and what is in it, told by words, by what there is, and by how much.
RSpec.describe Restauro::Families::Crust do
  crust = Restauro::Families.fetch("crust", Reference::Helpers::CATALOGUE)
  swapped = ->(spec, text, **choices) { crust.swap(crust.read(spec.read(text)), crust.options(**choices)) }
  texts = ->(spec, text, **choices) { crust.steps(swapped[spec, text, **choices]).map(&:text) }
  inside = ->(spec, text) do
    swapped[spec, text].ours.filling&.recipe&.ingredients.to_a.map { |line| line.ingredient || line.text }
  end
  pastry = "200 g plain flour\n100 g butter\n3 tbsp water"
  pan = ->(text) { Restauro::Kitchen::BakingPan.parse(text) }

  describe described_class::Cover do
    {
      "Tart\n#{pastry}\n3 eggs\n250 ml cream" => "bottom",
      "Mushroom galette\n#{pastry}\n400 g mushrooms" => "free",
      "Double crust pie\n#{pastry}\n600 g plums" => "double",
      "Pot pie\n#{pastry}\n400 g cooked chicken" => "top",
      "Pasties\n#{pastry}\n300 g beef mince" => "hand",
      "Apple crumble\n150 g flour\n75 g butter\n600 g apples" => "top",
      "Peach cobbler\n200 g self-raising flour\n80 g butter\n100 ml milk\n800 g peaches" => "top",
      "Leek pie\n1 sheet puff pastry\n400 g leeks" => "top",
      "Leek tart\n1 sheet puff pastry\n400 g leeks" => "bottom",
      "Beef Wellington\n1 sheet puff pastry\n800 g beef fillet" => "wrapped",
      "Apple turnovers\n1 sheet puff pastry\n400 g apples" => "wrapped"
    }.each do |text, cover|
      it("lays #{text.lines.first.strip.downcase} #{cover}") { expect(swapped[self, text].ours.cover).to eq cover }
    end

    it "takes the cook's own word first" do
      expect(swapped[self, "Double crust pie\n#{pastry}\n600 g plums", cover: "bottom"].ours.cover).to eq "bottom"
    end

    it "puts no lid on a fruit tart, however much dough there is" do
      text = "Apple tart\n400 g plain flour\n200 g butter\n5 tbsp water\n1 kg apples"
      expect(swapped[self, text].ours.cover).to eq "bottom"
    end

    it "judges the dough for a lid by the pan that is told" do
      text = "Apple pie\n300 g plain flour\n150 g butter\n4 tbsp water\n1 kg apples"
      small, large =
        ["18 cm round 3 cm deep", "28 cm round 3 cm deep"].map { |cm| swapped[self, text, pan: pan[cm]].ours }
      expect([small.cover, large.cover]).to eq %w[double top]
    end
  end

  describe described_class::ByKind do
    it "takes cream ahead of the fruit for the filling's, where the dough has its water" do
      expect(inside[self, "Plum tart\n#{pastry}\n150 ml double cream\n500 g plums"]).to include "heavy_cream"
    end

    it "puts leaves in with what they are listed behind" do
      expect(inside[self, "Leek tart\n#{pastry}\n400 g leeks\n2 tbsp parsley"]).to include "2 tbsp parsley"
    end

    it "leaves an egg ahead of the filling in the dough" do
      expect(inside[self, "Leek tart\n200 g plain flour\n100 g butter\n1 egg\n400 g leeks"]).to eq ["400 g leeks"]
    end

    it("finds fruit, and sugar after it") do
      expect(inside[self, "Plum tart\n#{pastry}\n600 g plums\n80 g sugar"]).to include("plums", "granulated_sugar")
    end

    it("leaves sugar before the fruit in the dough") do
      expect(inside[self, "Plum tart\n#{pastry}\n40 g sugar\n600 g plums"]).not_to include("granulated_sugar")
    end

    it("finds cream beside a dough that has its water, and eggs after it") do
      expect(inside[self, "Tart\n#{pastry}\n250 ml cream\n3 eggs"]).to include("heavy_cream")
    end

    it("takes a spoon of flour behind the fruit for the filling, and a cup of it for the dough") do
      crust_g = %w[20 150].map do |grams|
        swap = swapped[self, "Plum tart\n#{pastry}\n600 g plums\n#{grams} g plain flour"]
        swap.wheat.flour_g
      end
      expect(crust_g).to eq [200, 350]
    end

    {
      "eggs behind the water" => "3 tbsp water\n3 eggs\n300 ml cream",
      "eggs behind the one egg that wets the dough" => "1 egg\n3 eggs\n300 ml cream",
      "sugar behind the water" => "3 tbsp water\n50 g sugar\n3 eggs\n300 ml milk",
      "cheese behind the water" => "3 tbsp water\n100 g cheddar\n2 eggs\n300 ml milk"
    }.each do |what, list|
      it "finds a custard, #{what}" do
        expect(inside[self, "Tart\n200 g plain flour\n100 g butter\n#{list}"].length).to eq list.lines.length - 1
      end
    end

    it("leaves the eggs of a dough in it, where nothing is poured") do
      expect(inside[self, "Plum tart\n#{pastry}\n1 egg\n600 g plums"]).not_to include("egg_whole")
    end

    it("brushes a sheet with the egg that nothing else wants") do
      expect(inside[self, "Leek pie\n1 sheet puff pastry\n400 g leeks\n1 egg"]).to eq ["400 g leeks"]
    end

    it("sets a sheet's filling with three eggs") do
      expect(inside[self, "Leek tart\n1 sheet puff pastry\n400 g leeks\n3 eggs\n200 ml cream"]).to include("egg_whole")
    end
  end

  describe "its oven" do
    quiche = "Quiche\n#{pastry}\n3 eggs\n300 ml cream\n100 g cheddar"
    oven = ->(celsius) { Restauro::Kitchen::OvenTemperature.new(celsius: celsius.to_f) }

    it "bakes blind at its own heat where another is told" do
      apart = swapped[self, quiche, oven: oven[170], blind_oven: oven[200]].ours.baking
      alike = swapped[self, quiche, oven: oven[170]].ours.baking
      expect(apart.prebake_minutes).to be < alike.prebake_minutes
    end

    it "bakes the filling at the oven's heat, whatever it was blind" do
      filled = [200, 220].map { |blind| swapped[self, quiche, oven: oven[170], blind_oven: oven[blind]].ours.baking }
      expect(filled.map(&:bake_minutes).uniq.length).to eq 1
    end

    it "takes a deep filling longer than a shallow one, by the dough that lines its tin" do
      little, much = [150, 300].map { |flour| quiche.sub("200 g plain flour", "#{flour} g plain flour") }
                               .map { |text| swapped[self, text, oven: oven[180]].ours.baking.bake_minutes }
      expect(little).to be > much
    end

    it "never takes a filling for deeper than is usual, nor for thinner than can be cut" do
      depths = ["200 ml cream", "3 litres cream"].map { |cream| swapped[self, quiche.sub("300 ml cream", cream)].ours }
      expect(depths.map(&:supposed_depth_cm)).to match([be >= 1.2, be == 3.0])
    end

    it "goes by the pan where one is told" do
      ours = swapped[self, quiche, pan: pan["23 cm round 3 cm deep"]].ours
      expect(ours.filling_depth_cm).to be_within(0.2).of(ours.filling.grams / 1.05 / (Math::PI * 23**2 / 4))
    end

    it "warns of a filling that would boil over, and not of one just as high as it may be" do
      full = swapped[self, "Tart\n#{pastry}\n6 eggs\n900 ml cream", pan: pan["20 cm round 3 cm deep"]]
      expect(full.warnings.map(&:code)).to include("overfull")
    end
  end

  it "folds a rim in, four centimetres all round" do
    ours = swapped[self, "Galette\n#{pastry}\n400 g mushrooms", pan: pan["20 cm round"]].ours
    expect(ours.lining.roll_cm).to eq [28.0, 28.0]
  end

  it "draws vents in a lid, and none in what is loose or open" do
    vents = ->(text, **choices) { crust.picture(swapped[self, text, pan: pan["23 cm round"], **choices])[:pan][:vents] }
    lids = ["Pot pie\n#{pastry}\n400 g cooked chicken", "Apple crumble\n150 g flour\n75 g butter\n600 g apples",
            "Tart\n#{pastry}\n3 eggs\n250 ml cream"].map { |text| vents[text].length }
    expect(lids).to match([be >= 3, 0, 0])
  end

  it "stirs dry things together first only where there are two" do
    one, two =
      ["", "\n80 g sugar\n1 tsp cinnamon"].map do |more|
        texts[self, "Plum pie\n#{pastry}\n600 g plums#{more}"].grep(/\AFilling/).first
      end
    expect([one, two]).to match([/\AFilling: toss/, /\AFilling: stir 80 g sugar.* together dry, then toss/])
  end

  it "fries what is raw of a dough before it goes in" do
    text = "Leek cobbler\nFilling\n400 g leeks\n30 g butter\n30 g flour\n400 ml milk\n" \
           "Scone topping\n200 g self-raising flour\n50 g butter\n80 g bacon, diced\n120 ml milk"
    expect(answer(text).steps.map(&:text).grep(/\AFry 80 g bacon/).length).to eq 1
  end

  it "presses no wall higher than it stands by itself, however deep the tin" do
    walls = ["20 cm round 2 cm deep", "20 cm round 8 cm deep"].map do |tin|
      described_class::Lining.depth_cm(pan[tin], described_class::Style.fetch("pressed"))
    end
    expect(walls).to eq [2.0, 3.0]
  end

  it "warns in its step of eggs that nothing cooks, and of no other" do
    raw, boiled = ["300 g cream cheese\n80 g sugar\n2 eggs", "500 ml milk\n100 g sugar\n40 g cornflour\n4 egg yolks"]
      .map { |filling| swapped[self, "No-bake tart\nCrust:\n#{pastry}\nFilling:\n#{filling}"] }
      .map { |swap| crust.steps(swap).flat_map(&:safety).include?("raw_egg") }
    expect([raw, boiled]).to eq [true, false]
  end

  it "folds what is free, unless the cook covers it" do
    expect([{}, {cover: "top"}].map { |more| crust.options(style: "free", **more).cover }).to eq %w[free top]
  end

  it "calls the sheet its flour, and not the crumbs that are strewn on it" do
    text = "Apple strudel\n1 sheet puff pastry\n500 g apples\n50 g breadcrumbs"
    expect(swapped[self, text].flours.map(&:ingredient)).to eq ["gf_puff_sheet"]
  end

  it "keeps every warning: of the dough, of the filling, of who eats" do
    text = "Plum tart\n#{pastry}\n600 g plums\n30 g walnuts"
    expect(swapped[self, text, without: %w[tree_nut]].warnings.map(&:code)).to include("holds_excluded")
  end
end
