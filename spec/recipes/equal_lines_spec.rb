# Two lines that say the same are two things; and an onion that only gives its taste.
RSpec.describe Restauro::Recipes::Reader do
  read = ->(text, **more) { Reference::Helpers::READERS["uk"].read(text, **more).ingredients }
  cakes = "Croquettes\n300 g cooked beef, minced\n1 egg\n40 g flour\n1 egg\n90 g breadcrumbs"

  it "tells equal lines apart" do
    eggs = read[cakes].select { |line| line.role == "egg" }
    expect([eggs.map(&:text).uniq, eggs.uniq.length]).to eq [["1 egg"], 2]
  end

  it "puts right the one that is meant" do
    second = Restauro::Recipes::Correction.new(text: "1 egg", occurrence: 1, grams: 20)
    eggs = read[cakes, corrections: [second]].select { |line| line.role == "egg" }
    expect(eggs.map { |line| line.grams.value }).to eq [50.0, 20.0]
  end

  describe Restauro::Recipes::Infused do
    white = ->(onion, step) { read["White sauce\n600 ml milk\n#{onion}\n50 g butter\n50 g flour\n#{step}"][1].kind }

    {
      "a step infuses the milk with it" => ["1 onion, halved", "Infuse the milk with the onion and strain it."],
      "the sentence before says with what" => ["1 onion", "Heat the milk with the onion. Leave it to infuse."],
      "it is studded" => ["1 small onion", "Stud the onion with cloves, and simmer it in the milk."]
    }.each { |claim, (onion, step)| it("takes it out where #{claim}") { expect(white[onion, step]).to eq "infuse" } }

    {
      "no step infuses anything" => ["1 onion, chopped", "Soften the onion in the butter. Add the milk."],
      "saffron is infused" => ["1 onion, chopped", "Soften the onion. Add flour. Infuse the saffron in water."]
    }.each { |claim, (onion, step)| it("softens it where #{claim}") { expect(white[onion, step]).to eq "soften" } }
  end
end
