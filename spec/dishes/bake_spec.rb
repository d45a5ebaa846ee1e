# A dish in layers: DOMAIN's practice of bakes is common practice; the starch that layers give is from memory
# (docs/facts.md).
RSpec.describe Restauro::Dishes::Bake do
  lasagne =
    lambda do |more = ""|
      "Spinach lasagne\n12 lasagne sheets\nSauce: 45 g butter, 45 g plain flour, 700 ml milk\nLayer: 500 g spinach, " \
"250 g ricotta\n#{more}"
    end
  gratin =
    "Potato gratin\n1 kg potatoes, thinly sliced\n40 g butter\n40 g plain flour\n600 ml milk\nBake in a 20x30 cm " \
"dish 5 cm deep."
  e = ->(answer) { answer.parts.find { |part| part.part.role == :sauce }.swap.ours.flour_equivalents.value }
  alone = "Sauce\n45 g butter\n45 g plain flour\n700 ml milk"

  it("sheets without gluten give starch: the sauce goes in thinner than the same sauce alone") do
    expect(e[answer(lasagne["Bake at 180 C for 40 minutes."], system: "uk")]).to be <
      0.95 * e[answer(alone, system: "uk")]
  end

  it("a potato gives as much to wheat's sauce: it goes in as thick") do
    without = answer(gratin.sub(/^1 kg.*\n/, "").sub("Potato gratin", "Sauce").sub(/^Bake.*/, ""), system: "uk")
    expect(e[answer(gratin, system: "uk")]).to be_within(1).percent_of(e[without])
  end

  it("raw slices are laid in, not boiled in the sauce, and bake under foil until they are soft") do
    steps = answer(gratin, system: "uk").steps
    expect(steps.find { |step| step.uses.any? { |line| line.text.include?("potatoes") } }.text).to start_with("Layer")
    bakes = steps.select { |step| step.kind == "bake" }
    expect(bakes.map { |step| step.minutes.round }).to match([be_between(60, 75), 15])
  end

  it("the recipe's own minutes lead") do
    expect(
      answer(lasagne["Bake at 180 C for 40 minutes."], system: "uk")
        .steps
        .select { |step| step.kind == "bake" }
        .map(&:minutes)
    ).to eq [40.0]
  end
  it("keeps what is layered, whatever its heading") do
    expect(answer(lasagne[""], system: "uk").lines.map(&:text)).to include("500 g spinach", "250 g ricotta")
  end

  it("asks for as much sauce as the pan holds, and that much fits then") do
    text = lasagne["Bake in a 20x30 cm dish 6 cm deep."]
    bake = answer(text, system: "uk").bake
    expect([bake.fits?, bake.wanted_g + bake.layer_g]).to match([false, be <= 20 * 30 * 6])
    dish = Restauro::Dishes::Partition.of(read(text, system: "uk"), catalogue)
    sized = Restauro::Dishes::Sized.of(dish, {"Sauce" => bake.factor}, catalogue)
    more =
      Restauro::Dishes::Solver.call(
        sized,
        Restauro::Dishes::Choices.new({}, catalogue: catalogue),
        catalogue: catalogue
      )
    expect([more.bake.fits?, more.holes]).to eq [true, []]
    # The same layers give their starch to more sauce: it goes in thicker, and comes out the same.
    out = [more, answer(text, system: "uk")].map { |one| e[one] + one.bake.given_e }
    expect(out.first).to be_within(5).percent_of(out.last)
  end

  it("a part that is not there cannot grow") do
    expect {
      Restauro::Dishes::Sized.of(Restauro::Dishes::Partition.of(read(alone), catalogue), {"Gravy" => 2.0}, catalogue)
    }.to raise_error(Restauro::InvalidInput, /no part 'gravy'/)
  end
  it "says of what no part can use that it is none, in the part that names the dish" do
    pie = "Leek pie\nPastry: 240 g flour, 120 g butter, 55 ml water\nFilling: 600 g leeks, 40 g butter, 40 g flour, " \
          "400 ml milk\nBake at 190C"
    expect { answer(pie, system: "uk", with: %w[butter]) }
      .to raise_error(Restauro::InvalidInput, /in the part 'Pastry': butter is no flour/)
  end
  it "calls what a beurre manié thickens by the heading before it" do
    stew = "Stew with dumplings\nDumplings\n120 g self-raising flour\n60 g suet\n80 ml water\nStew\n600 g beef\n" \
           "800 ml stock\nBeurre manié\n30 g butter\n30 g flour"
    parts = Restauro::Dishes::Partition.of(read(stew, system: "uk"), catalogue).parts
    expect(parts.to_h { |part| [part.name, part.lines.length] }).to eq({"Dumplings" => 4, "Stew" => 4})
  end
  it "names the first of the parts that are not there" do
    dish = Restauro::Dishes::Partition.of(read(alone), catalogue)
    expect { Restauro::Dishes::Sized.of(dish, {"Gravy" => 2.0, "Crust" => 3.0}, catalogue) }
      .to raise_error(Restauro::InvalidInput, /no part 'gravy'/)
  end
  it("without a pan it asks for none") do
    expect(answer(lasagne[""], system: "uk").bake).to have_attributes(wanted_g: nil, fits?: true)
  end
  it("macaroni turned into a dish is no layer") do
    expect(
      answer(
        "Baked macaroni\n300 g macaroni\n50 g butter\n50 g flour\n800 ml milk\nBake 25 minutes at 200C",
        system: "uk"
      ).bake
    ).to be_nil
  end

  # Where the oven cooks it through, the oven's own step says how far.
  {
    "poultry that was only browned before it" =>
      ["Casserole\n8 chicken thighs\n40 g flour\n600 ml stock\nCover and bake at 170C for 90 minutes.", "poultry"],
    "mince that went in raw" =>
      ["Stuffed peppers\n4 peppers\n300 g pork mince\n20 g butter\n20 g flour\n300 ml milk\n" \
       "Mix the mince, fill the peppers. Pour the sauce over, bake at 180C for 1 hour.", "ground_meat"]
  }.each do |what, (text, caution)|
    it "says at the oven how hot #{what} has to be" do
      bake = answer(text, system: "uk").steps.reverse.find { |step| step.kind == "bake" }
      expect(bake.safety).to include(caution)
    end
  end
end
