# frozen_string_literal: true

RSpec.describe Restauro::Recipes::PotWater do
  reader = Restauro::Recipes::Reader.new(Restauro::Catalogue.load, system: "metric")

  def self.of_the_pot(text, water, is)
    it "#{is ? "takes" : "leaves"} \"#{water}\" beside #{text.tr("\n", ",")}" do
      line = reader_of.read("#{text}\n#{water}").lines.last
      expect(line.role).to eq(is ? "step" : "liquid")
    end
  end

  define_method(:reader_of) { reader }

  dough = "300 g flour\n3 eggs"
  sauce = "40 g flour\n40 g butter"
  # What the words of the line say. Common practice.
  [
    "4 litres water, for boiling", "3 l water for the pasta", "3 l water to cook it in", "4 l Salzwasser",
    "3 litres d'eau pour la cuisson", "3 l water om te koken", "2 l de agua para cocer"
  ].each { |water| of_the_pot(dough, water, true) }
  # A potful of salted water; a cup of it is not.
  of_the_pot(dough, "1 litre salted water", true)
  of_the_pot(dough, "0.9 litres salted water", false)
  of_the_pot(dough, "4 litres water", false)
  # A cup for the dumplings is in their dough.
  of_the_pot(dough, "1 cup water for the dumplings", false)
  # Where little else is poured the sauce is made of it: 280 g to 40 g of flour will do.
  of_the_pot(sauce, "2 litres salted water", false)
  of_the_pot("#{sauce}\n270 ml stock", "2 litres salted water", false)
  of_the_pot("#{sauce}\n300 ml stock", "2 litres salted water", true)
  of_the_pot("120 g flour\n100 g butter\n300 ml stock", "2 litres salted water", false)
  of_the_pot("125 g flour\n125 g butter\n300 ml stock", "2 litres salted water", true)
  of_the_pot("40 g flour\n1 egg", "2 litres salted water", true)
  of_the_pot("40 g flour\n20 g butter\n1 egg", "2 litres salted water", false)
  # The sauce takes a measure of what it has become.
  of_the_pot("#{sauce}\n800 ml of the broth", "3 litres water", true)
  of_the_pot("#{sauce}\n1 cup reserved cooking liquid\n1 cup milk", "2 litres water", true)
  of_the_pot("#{sauce}\n2 litres of the broth", "1 litre water", false)
  of_the_pot("#{sauce}\n800 ml broth", "3 litres water", false)

  it "takes a pot of water and salt for it, which have no amount" do
    lines = reader.read("#{dough}\na large pot of salted water\nsalt for the pasta water").lines
    expect(lines.last(2).map { |line| [line.role, line.understood] }).to eq [["step", true]] * 2
  end
end
