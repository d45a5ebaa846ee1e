# Common practice: a chicken 45 minutes to the kilogram and 20 more, a turkey of more than 4 kg 20 and 90 more (both at
# about 190 C); meat 50 and 20.
RSpec.describe Restauro::Dishes::Roast do
  def steps(text) = answer(text).steps
  def roasted(text) = steps(text).select { |step| step.text.start_with?("Roast ") && step.kind == "bake" }

  {"1 chicken (1.6 kg)" => 92, "1 turkey, 6 kg" => 210, "2 chickens, 3.2 kg" => 92, "1.5 kg topside of beef" => 95,
   "1.2 kg pork belly" => 150}.each do |meat, minutes|
    it "roasts #{meat} for #{minutes} minutes, where none are said" do
      found = roasted("Roast beef, pork or bird with gravy\n#{meat}\n2 tbsp flour\n500 ml stock").first
      expect([found.minutes, found.celsius]).to eq [minutes, 190]
    end
  end

  it "roasts it as long and as hot as is said, and nothing else with it" do
    found = steps("Roast beef\nBeef:\n1.5 kg topside of beef\nYorkshire puddings:\n140 g flour\n4 eggs\n200 ml milk\n" \
                  "Roast the beef at 180C for 1 hour 15 minutes.").select { |step| step.kind == "bake" }
    expect(found.map { |step| [step.celsius, step.minutes] }).to eq [[180, 75], [200, 10], [175, 15]]
  end

  it "bakes nothing of the gravy, and pours it over" do
    found = steps("Roast duck\n1 duck, 2 kg\n1 tbsp flour\n300 ml stock").map(&:text)
    expect([found.grep(/buttered dish/).length, found.grep(/\AGravy: .*over it at the table/).length]).to eq [0, 1]
  end

  it "lets the meat stand before it is cut" do
    found = steps("Roast duck\n1 duck, 2 kg\n1 tbsp flour\n300 ml stock").map(&:kind)
    expect(found[found.index("bake") + 1]).to eq "rest"
  end

  ["Pot roast\n1.5 kg chuck roast", "Chicken pie\n1 roast chicken", "Curry\n600 g roast lamb",
   "Roast vegetables in white sauce\n500 g carrots", "Chicken stew\n1 chicken, 1.5 kg",
   "Roast beef hash\n500 g cooked roast beef"].each do |text|
    it("roasts nothing of #{text.tr("\n", ":")}") { expect(roasted("#{text}\n30 g flour\n500 ml stock")).to be_empty }
  end

  # Safety: USDA FSIS, stuffing 74 °C; the bird is weighed with it (common practice).
  ["Roast chicken\n%s\nGravy:\n30 g flour\n500 ml stock",
   "Roast chicken\n%s\n30 g butter\n30 g flour\n500 ml stock",
   "Roast chicken\nFor the bird:\n%s\nFor the gravy:\n30 g flour\n500 ml stock"].each do |list|
    it "fills a bird with its crumbs in #{list[/[^%]+/].tr("\n", ":")}#{list[/\d+ g \w+/]} and coats it with nothing" do
      found = steps(format(list, "1 chicken, 1.6 kg\n150 g breadcrumbs\n1 onion, chopped\n1 egg"))
      roast = found.find { |step| step.kind == "bake" }
      expect([found.any? { |step| step.kind == "fry" }, roast.safety & %w[poultry stuffed], roast.minutes > 92])
        .to eq [false, %w[poultry stuffed], true]
    end
  end

  it "says of no meat that it is done as one wants it" do
    found = roasted("Roast pork\n1.5 kg pork loin\n30 g flour\n500 ml stock").first
    expect(found.look_for).to include "as hot as below"
  end
end
