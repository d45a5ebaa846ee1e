# What a sauce says of its end, its pan and its probe.
RSpec.describe Restauro::Families::Sauce do
  catalogue = Reference::Helpers::CATALOGUE
  family = Restauro::Families.fetch("sauce", catalogue)
  texts = ->(spec, text, **choices) do
    family.steps(spec.swap(text, **choices)).map { |step| [step.kind, step.text, step.look_for].join(" | ") }
  end
  roux = "White sauce\n50 g butter\n50 g flour\n600 ml milk"

  describe described_class::Finish do
    ["vinegar", "lemon juice"].each do |name|
      it "knows #{name} for sharp" do
        expect(described_class.sharp?(catalogue.fetch(line("2 tbsp #{name}").ingredient))).to be true
      end
    end

    ["milk", "white wine", "apples", "water", "chicken stock"].each do |name|
      it "knows #{name} for not sharp" do
        expect(described_class.sharp?(catalogue.find_key(line("100 g #{name}").ingredient))).to be false
      end
    end

    it "is not sharp where nothing is" do
      expect(described_class.sharp?(nil)).to be false
    end
  end

  describe "its end" do
    it "stirs in what is sharp last, and says why" do
      last = texts[self, "#{roux}\n2 tbsp lemon juice"].grep(/Off the heat, stir in/).first
      expect(last).to match(/lemon juice.*sharp things thin it if they boil/)
    end

    it "gives no such word for herbs" do
      last = texts[self, "#{roux}\n2 tbsp chopped parsley"].grep(/Off the heat, stir in/).first
      expect(last).to match(/parsley/).and not_include("sharp things")
    end

    it "tastes for salt after all else" do
      last = texts[self, "#{roux}\n1 tsp salt\n2 tbsp chopped parsley"].grep(/taste for salt last/).first
      expect(last.index("parsley")).to be < last.index("taste for salt")
    end

    it "melts cheese by handfuls off the boil" do
      expect(texts[self, "#{roux}\n100 g cheddar"].grep(/Off the boil, by handfuls/).length).to eq 1
    end

    it "tempers yolks with a ladle of it, and whips whites apart" do
      yolks, whites = ["2 egg yolks", "4 eggs, separated"].map { |eggs| texts[self, "#{roux}\n#{eggs}"].join("; ") }
      expect([yolks, whites]).to match([/a ladle of it into 36 g egg yolk/, /whip the whites to soft peaks/])
    end

    it "lifts out what only gave its taste" do
      expect(texts[self, "#{roux}\n1 bay leaf"].grep(/Lift out/).join).to include("bay leaf")
    end
  end

  describe "what a probe should see" do
    seen = ->(spec, text = roux) { family.expected(spec.swap(text)) }

    it "begins when the liquid is in" do
      name, points, = seen[self]
      expect([name, points.first.first]).to eq ["the sauce", 0.0]
    end

    it "counts minutes up from there, as far as the cooking goes" do
      minutes = seen[self][1].map(&:first)
      course = swap(roux).ours.course
      expect([minutes, minutes.last]).to match([minutes.sort, be_between(1, course.last.seconds / 60.0)])
    end

    it "rises to where it boils" do
      _, points, most = seen[self]
      expect(points.map(&:last).max).to be_within(0.5).of(most)
    end
  end

  describe "its pan" do
    it "starts a roux with the fat, a slurry in a bowl of its own" do
      ours = swap(roux).ours.recipe.ingredients.find { |line| line.role == "thickener" }
      expect(%w[roux slurry].map { |way| family.bowl(ours, way) }).to eq %w[pan slurry]
    end

    it "keeps the milk of a roux apart until it is poured" do
      milk = swap(roux).ours.recipe.ingredients.find { |line| line.role == "liquid" }
      expect(%w[roux slurry].map { |way| family.bowl(milk, way) }).to eq %w[wet pan]
    end
  end

  describe described_class::Formula do
    slurry = ->(spec, text) { spec.predict(text, school: "slurry").cooking.formula.slurry_line&.text }

    it "takes a little water beside the stock for the slurry's" do
      expect(slurry[self, "Gravy\n500 ml chicken stock\n30 ml water\n20 g cornstarch"]).to eq "30 ml water"
    end

    it "takes no water for the slurry's where it is the sauce" do
      expect(slurry[self, "Gravy\n500 ml water\n20 g cornstarch"]).to be_nil
    end

    it "takes the line that says so" do
      said = "Gravy\n400 ml chicken stock\n100 ml water for the slurry\n20 g cornstarch"
      expect(slurry[self, said]).to eq "100 ml water for the slurry"
    end
  end

  it "offers others than the one that is chosen, each of them usable whole" do
    chosen = swap(roux).thickeners.map(&:ingredient)
    others = swap(roux, without: ["maize"]).alternatives.map(&:keys)
    expect([others, others.flatten]).to match([not_include(chosen), not_include("corn_starch")])
  end
end
