# frozen_string_literal: true

# What the method of a crust says of one thing, and of no other. Common practice.
RSpec.describe "The method of a crust" do
  said = ->(spec, text, **choices) { spec.answer(text, system: "uk", **choices).steps.map(&:text).join("\n") }
  flatbread = ->(water) { "Flatbreads\n300 g plain flour\n60 g lard\n160 ml #{water}\nCook each in a dry pan." }
  cold = "Cream pie\n250 g digestive biscuits\n100 g butter, melted\nFilling\n400 g caramel\n300 ml double cream\n"
  packed = "Steak pudding\nFor the suet crust: 300 g self-raising flour, 150 g suet, 200 ml water\n" \
           "Filling: 500 g stewing beef, 2 tbsp flour, 1 onion, 200 ml ale\n" \
           "Toss the beef in the flour, add the onion, fill. Pour over the ale. Steam for 4 hours."

  {"warm water" => false, "boiling water" => true}.each do |water, scalded|
    it("scalds the flour of what a pan cooks: #{scalded} of #{water}") do
      expect(said[self, flatbread[water]].match?(/boil/i)).to be scalded
    end
  end

  it("whips cream over its filling, chocolate grated over that where nobody weighs it") do
    expect(said[self, "#{cold}dark chocolate, grated"]).to match(/caramel first; over it .* cream whipped.*chocolate/)
  end

  it("melts chocolate that is as heavy as its cream sets with") do
    expect(said[self, "#{cold}300 g dark chocolate"]).to match(/cream to the boil; off the heat over .*chocolate/)
  end

  it("whips icing sugar with the cream") do
    expect(said[self, "#{cold}1 tbsp icing sugar"]).to match(/heavy cream and 7\.6 g icing sugar whipped/)
  end

  it("tosses raw meat in its starch, and pours over it what is poured, once") do
    expect(said[self, packed][/Filling: .*/].scan("beer").length).to eq 1
  end

  it("names what is poured over raw meat behind what is tossed") do
    expect(said[self, packed])
      .to match(/toss 500 g stewing beef in .* starch; mix in .*; when it is in, .*beer over it/)
  end

  it("serves none of the oil that its breads are cooked in") do
    text = "Flatbreads\n300 g plain flour\n160 ml water\n2 tbsp oil for frying\n150 g hummus, to serve\nCook in a pan."
    expect(said[self, text][/^Serve.*/]).to match(/hummus(?!.*oil)/)
  end

  it("fills no sheet with what only goes to the table") do
    text = "Apple turnovers\n320 g puff pastry\n3 apples\n50 g sugar\n200 ml cream, to serve\nBake at 200C."
    expect(said[self, text]).to match(/^Filling: (?!.*cream)/).and match(/^Serve with 201 g cream/)
  end

  it("puts another cream into a filling for who eats no dairy") do
    text = "Spinach tart\nPastry: 200 g plain flour, 100 g margarine, 3 tbsp water\n" \
           "Filling: 400 g spinach, 200 ml double cream, 3 eggs\nBake at 190C."
    expect(said[self, text, without: ["dairy"]]).to match(/whisk 201 g coconut cream/)
  end
end
