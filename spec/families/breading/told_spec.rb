# Coats by the dish: what lies in which, what they go around, and in which order.
RSpec.describe Restauro::Families::Breading do
  catalogue = Reference::Helpers::CATALOGUE
  breading = Restauro::Families.fetch("breading", catalogue)
  swapped = ->(spec, text, **choices) { breading.swap(breading.read(spec.read(text)), breading.options(**choices)) }
  lines = ->(spec, text) { Restauro::Families::Breading::Lines.new(swapped[spec, text], catalogue) }
  names = ->(all) { all.map { |line| line.ingredient || line.text } }
  texts = ->(spec, text, **choices) { breading.steps(swapped[spec, text, **choices]).map(&:text) }
  cutlets = "Schnitzel\n4 veal cutlets\n50 g plain flour\n2 eggs\n120 g breadcrumbs"

  describe described_class::Lines do
    it "has three dishes: dust, wet, crumbs" do
      dishes = lines[self, cutlets].dishes
      expect(dishes.map { |dish| dish.map(&:role).uniq })
        .to match([include("flour").or(include("starch")), ["egg"], ["crumb"]])
    end

    it "puts salt with the first of them" do
      dishes = lines[self, "#{cutlets}\n1 tsp salt"].dishes
      expect(dishes.map { |dish| dish.any? { |line| line.role == "seasoning" } }).to eq [true, false, false]
    end

    it "keeps what only goes beside it off the coat" do
      all = lines[self, "#{cutlets}\nlemon wedges, to serve"]
      expect([names[all.table].join, names[all.coated].join]).to match([/lemon/, not_include("lemon")])
    end

    it "puts melting cheese inside and hard cheese in the crumbs" do
      melting = lines[self, "#{cutlets}\n100 g mozzarella"]
      hard = lines[self, "#{cutlets}\n40 g parmesan"]
      expect([melting, hard].map { |all| [all.inside.length, all.dishes.last.length] }).to eq [[1, 1], [0, 2]]
    end

    it "coats what is inside with the rest of it" do
      all = lines[self, "#{cutlets}\n100 g mozzarella"]
      expect(names[all.coated]).to include("4 veal cutlets", *names[all.inside])
    end

    it "puts herbs in the crumbs, not under the coat" do
      all = lines[self, "#{cutlets}\n2 tbsp chopped parsley"]
      expect([names[all.dishes.last].join, names[all.coated].join]).to match([/parsley/, not_include("parsley")])
    end

    it "beats one egg for the coat and wraps the whole ones" do
      scotch = "Scotch eggs\n4 eggs\n400 g sausage meat\n50 g flour\n1 egg, beaten\n100 g breadcrumbs"
      expect(lines[self, scotch].wrapped.map(&:text)).to eq ["4 eggs"]
    end
  end

  describe "its order" do
    it "says only what there is to do" do
      orders =
        [cutlets, cutlets.sub("50 g plain flour\n", "")].map do |text|
          texts[self, text].find { |step| step.include?("lay in the crumbs") }
        end
      expect(orders).to match([/dust and shake off, dip and drip, lay in the crumbs/, not_include("dust")])
    end

    it "lifts out of its soak before it is floured" do
      soaked = "Fried chicken\n1 kg chicken pieces\n300 ml buttermilk\n200 g plain flour\n1 tsp paprika"
      expect(texts[self, soaked].join(" ")).to match(/lift out, let it drip, press it into the flour/)
    end

    it "rests crumbs on a rack, and flour alone not" do
      rests = [cutlets, "Floured sole\n2 sole fillets\n40 g flour\n50 g butter"].map do |text|
        texts[self, text].grep(/Rest the pieces/).length
      end
      expect(rests).to eq [1, 0]
    end
  end

  it "lays crumbs as thick as there are crumbs for, and no thicker than usual" do
    piece = Restauro::Heat::Piece.parse("celeriac slice 12 mm", catalogue)
    thin, usual =
      [30, 3000].map do |grams|
        text = "Celeriac\n8 slices celeriac\n50 g flour\n2 eggs\n#{grams} g breadcrumbs"
        swapped[self, text, piece: piece, pieces: 8].wheat.layers.find { |layer| layer.name == "crumb" }.mm
      end
    most = described_class::Layers.figure(:crumb_mm)
    expect([thin < most, usual]).to eq [true, most]
  end

  # Common practice: 8 to 10 minutes at 170 °C, 25 to 30 in an oven of 190; the meat cooked right down to the egg.
  describe "eggs in their wrapping" do
    solved = ->(spec, meat: 400, **choices) do
      text = "Scotch eggs\n6 eggs\n#{meat} g sausage meat\n50 g plain flour\n2 eggs, beaten\n120 g breadcrumbs"
      spec.answer(text, **choices).then { |all| all.parts[all.dish.main].swap.ours }
    end
    hot = ->(text) { {oil: Restauro::Heat::Frying.parse(text)} }

    it "are done when the meat at the egg is, not the egg's middle" do
      ours = solved[self, **hot["170C"]]
      point = ours.section.points.find { |one| one.minutes >= ours.section.done }
      expect(ours.section.done).to be_between(7, 12)
      expect(point.centre).to be < 71
      expect(point.profile.last).to be > 71
    end

    it "take longer under more meat" do
      done = ->(**choices) { solved[self, **choices].section.done }
      expect(done[meat: 900, **hot["170C"]]).to be > done[meat: 240, **hot["170C"]]
    end

    it "have no minutes where nobody knows how much lies around them" do
      text = "Scotch eggs\n6 eggs\nsausage meat\n50 g plain flour\n2 eggs, beaten\n120 g breadcrumbs"
      expect(answer(text, **hot["170C"]).parts.first.swap.ours.section).to be_nil
    end
  end
end
