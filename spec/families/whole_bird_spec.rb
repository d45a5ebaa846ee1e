# Common practice: a bird of 1.5 kg simmers an hour to an hour and a half; 20 minutes to the pound are reckoned for a
# heavier one.
RSpec.describe Restauro::Families::WholeBird do
  line = ->(text) { read("Stew\n#{text}\n500 ml stock").ingredients.first }
  minutes = ->(text) { described_class.minutes(instance_exec(text, &line)) }

  it "takes the usual bird's minutes where nothing is weighed" do
    expect(instance_exec("1 capon", &minutes)).to eq 75
  end

  it "reckons each bird by itself" do
    expect(instance_exec("2 chickens, 3 kg", &minutes)).to eq instance_exec("1 chicken, 1.5 kg", &minutes)
  end

  it "reckons two in words as two" do
    expect(instance_exec("Two chickens, 3 kg", &minutes)).to eq 75
  end

  it "reckons three in words as three" do
    expect(instance_exec("Three chickens, 4.5 kg", &minutes)).to eq 75
  end

  # 3 lb are 1.36 kg, 3 1/2 lb 1.59 kg.
  {"3 kg whole chicken" => 150, "3 lb whole chicken" => 70, "3 1/2 lb whole chicken" => 79,
   "3 pounds whole chicken" => 70}.each do |text, expected|
    it("takes no weight for a count in #{text}") do
      expect(instance_exec(text, &minutes)).to be_within(1).of(expected)
    end
  end

  it "reckons a heavy bird at least as long as twenty minutes to the pound do" do
    expect(instance_exec("1 turkey, 5 kg", &minutes)).to be >= 20 * 5 / 0.4536
  end

  # Like bodies in like water: time over thickness squared is one (Fourier).
  it "takes half the thickness in a quarter of the time" do
    expect(instance_exec("1 chicken, 187.5 g", &minutes)).to be_within(0.5).of(75 / 4.0)
  end

  it "gives an old hen longer than a young one" do
    expect(instance_exec("1 boiling fowl, 1.5 kg", &minutes)).to eq 120
  end

  ["1 chicken, jointed", "2 duck breasts", "4 duck legs", "1 Huhn, in 8 Teilen", "1 turkey crown"].each do |text|
    it("takes #{text} for no bird in one piece") { expect(described_class).not_to be_is(instance_exec(text, &line)) }
  end

  ["1 whole chicken (1.2 kg)", "1 Huhn", "1 poulet de 1,5 kg", "1 pollo intero", "4 quails"].each do |text|
    it("takes #{text} for a bird in one piece") { expect(described_class).to be_is(instance_exec(text, &line)) }
  end
end
