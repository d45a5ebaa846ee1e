# What cooks find (common practice): the model has to fall on it. None of these dishes or proportions is used anywhere
# else.
RSpec.describe "Sauces as practice has them" do
  grade = ->(prediction) { prediction.grade.key }

  it("tapioca in light cream with butter is thick to very thick") do
    expect(grade[predict("2 tbsp butter\n2 tbsp tapioca starch\n1 cup light cream")]).to eq("thick").or eq("very_thick")
  end
  it("rice flour and potato starch in four cups of almond drink is thin") do
    expect(grade[predict("1 1/2 tbsp rice flour\n1 1/2 tbsp potato starch\n4 cups almond milk")]).to eq "thin"
  end

  describe "a blend boosted with maize starch" do
    sauce_of = ->(cups, school) do
      ["2 tbsp one-for-one blend\n1 tbsp maize starch\n#{cups} cups milk", {school: school}]
    end

    %w[roux slurry].each do |school|
      it("is thin to medium in three cups of milk, by #{school}") do
        sauce_of["3", school].then do |text, choices|
          expect(grade[predict(text, **choices)]).to eq("thin").or eq("medium")
        end
      end
      it("is thicker in less milk, by #{school}") do
        three, less =
          ["3", "2 3/4"].map do |cups|
            sauce_of[cups, school].then { |text, choices| predict(text, **choices).flour_equivalents.value }
          end
        expect(less).to be > three
      end
    end
  end

  it "four level tablespoons of maize starch to three cups of milk is medium hot, thick as it cools, and sets to cut" do
    moments = Restauro::Families::Sauce::LookFors.of(predict("4 tbsp cornstarch\n3 cups milk"))
    expect(moments.map { |moment| moment.grade.key }).to match(["medium", eq("medium").or(eq("thick")), "very_thick"])
    expect(predict("4 tbsp cornstarch\n3 cups milk").grade.key).to eq "medium"
  end

  it "a gravy too thin at first coats the spoon after 20 to 25 minutes" do
    gravy = "3 tbsp flour\n2 tbsp butter\n2 cups stock"
    expect([0, 20, 25].map { |minutes| predict(gravy, simmer_s: minutes * 60).grade.key }).to match(
      ["thin", "medium", eq("medium").or(eq("thick"))]
    )
  end

  # Handbook white sauces (US home-economics tables): spoons of flour, and of butter, a cup of milk.
  {1 => "thin", 2 => "medium", 3 => "thick", 4 => "very_thick"}.each do |spoons, name|
    it("#{spoons} tbsp of flour a cup of milk is #{name}") do
      expect(grade[predict("#{spoons * 2} tbsp flour\n#{spoons * 2} tbsp butter\n2 cups milk")]).to eq name
    end
  end

  describe "swap rules after five minutes at the boil, within 25 %" do
    # US extension-service substitution tables; tapioca and rice flour are common practice.
    wheat = 7.5 * 1.0
    {
      "1/2 tbsp" => %w[corn_starch potato_starch arrowroot],
      "2 tsp" => %w[tapioca_starch],
      "1 tbsp" => %w[white_rice_flour]
    }.each do |amount, keys|
      keys.each do |key|
        it "1 tbsp of wheat flour is #{amount} of #{key}" do
          five = ->(text) do
            predict("#{text}\n1 tbsp butter\n1 cup milk", school: "roux", simmer_s: 300).flour_equivalents.value
          end
          expect(five["#{amount} #{catalogue.fetch(key).say}"]).to be_within(25).percent_of(five["1 tbsp flour"])
          expect(wheat).to eq catalogue.fetch("wheat_flour").tbsp_g
        end
      end
    end
  end

  it "altitude asks more of maize than of potato: below its pasting end it says so" do
    codes = ->(key) { predict("3 tbsp #{key}\n2 cups milk", altitude: 2500).warnings.map(&:code) }
    expect([codes["maize starch"], codes["potato starch"]]).to match([include("boil_below_pasting"), []])
  end
end
