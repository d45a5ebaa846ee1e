# frozen_string_literal: true

# Floured joints that go tender in what is poured over them, beside those that are fried in it. Common practice.
RSpec.describe Restauro::Recipes::Braised do
  def lines(steps, list: "1 kg chicken thighs\nflour, for dredging\n2 tbsp oil\n400 g tinned tomatoes\n150 ml wine")
    read("Chicken\n#{list}\n#{steps}", system: "metric").lines
  end

  it "is said of a long simmer under a lid" do
    expect(described_class.said?(lines("Brown the chicken. Add the rest, cover and simmer 45 minutes."))).to be true
  end

  it "is said in Italian" do
    expect(described_class.said?(lines("Rosolare il pollo, unire i pomodori e cuocere coperto 40 minuti."))).to be true
  end

  it "is not said of a few minutes" do
    expect(described_class.said?(lines("Fry the chicken. Pour in the wine and simmer 10 minutes."))).to be false
  end

  it "is not said where nothing is poured" do
    dry = lines("Fry it. Simmer the rice 45 minutes.", list: "1 kg chicken thighs\n100 g flour\n2 tbsp oil")
    expect(described_class.said?(dry)).to be false
  end

  it "is not said where crumbs go around it" do
    crumbed = lines("Simmer the sauce 45 minutes. Fry the chicken.",
                    list: "1 kg chicken thighs\n100 g flour\n100 g breadcrumbs\n400 g tinned tomatoes")
    expect(described_class.said?(crumbed)).to be false
  end

  it "has as many grams as the joints weigh" do
    expect(described_class.grams(lines("Simmer."))).to be_within(1).of(1000)
  end

  it "has a bird's where nobody weighed it" do
    expect(described_class.grams(lines("Simmer.", list: "flour, for dredging\n400 g tinned tomatoes"))).to eq 1200
  end

  it "gives flour without an amount what clings to them" do
    flour = lines("Dredge, brown. Cover and simmer 45 minutes.").find { |line| line.role == "flour" }
    expect(flour.grams.value).to be_within(1).of(30)
  end
end
