# How long a batter stands, and what is said where its recipe has wheat stand longer (common practice).
RSpec.describe Restauro::Families::Batter::Resting do
  rest = ->(spec, text) { spec.answer(text).steps.find { |step| step.kind == "rest" } }
  told = ->(spec, text) { rest[spec, text]&.text.to_s[/The recipe says (\d+) min/, 1]&.to_i }
  pancakes = "Pancakes\n250 g plain flour\n2 eggs\n500 ml milk\n"
  fry = "Fry 2 minutes each side."

  it "stands until the flour has drunk, whatever the recipe says" do
    step = rest[self, "#{pancakes}Let the batter rest 1 hour. #{fry}"]
    expect(step.minutes).to be < 60
  end

  {
    "of the batter by its name" => ["Let the batter rest 1 hour. #{fry}", 60],
    "of no name" => ["Whisk. Chill for 45 minutes. #{fry}", 45],
    "in another tongue" => ["Verrühren und 40 Minuten quellen lassen. Von jeder Seite 2 Minuten braten.", 40],
    "in one sentence with the frying" => ["Rest 35 minutes, then fry 2 minutes each side.", 35],
    "that is shorter than the flour's own" => ["Rest for 5 minutes. #{fry}", nil],
    "of what is fried already" => ["#{fry} Let them stand 25 minutes.", nil],
    "until it is served" => ["#{fry} Let stand 25 minutes before serving. Fry the rest.", nil]
  }.each do |name, (words, minutes)|
    it "tells of a rest #{name}" do
      expect(told[self, "#{pancakes}#{words}"]).to eq minutes
    end
  end

  it "is not what the pieces stand for" do
    expect(told[self, "Cod in batter\n4 cod fillets\n200 g plain flour\n1 egg\n250 ml milk\noil for deep-frying\n" \
                      "Let the cod stand in salt for 30 minutes. Dip. Fry 6 minutes at 180C."]).to be_nil
  end

  it "says that what raises it is spent, where something does" do
    said = ->(line) { rest[self, "#{pancakes}#{line}Rest 1 hour. #{fry}"].text }
    plain, raised = ["", "2 tsp baking powder\n"].map(&said)
    expect([plain[/longer .*/], raised[/longer .*/]])
      .to eq ["longer in the cold does no harm.", "longer spends what raises it."]
  end

  it "says nothing of a rise: yeast is given its time" do
    expect(told[self, "Blini\n200 g plain flour\n7 g dried yeast\n250 ml milk\n1 egg\nRest 2 hours. #{fry}"]).to be_nil
  end
end
