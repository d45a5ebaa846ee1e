RSpec.describe "What was learnt", :web do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  home = -> { WebHelpers::SERVICES }
  sauce = {recipe: "Caraway cream\n40 g flour\n40 g butter\n500 ml milk", school: "roux", with: "corn_starch"}.freeze
  stronger = ->(count = 3) do
    count.times do
      home.call.observations.add(
        {"shares" => {"corn_starch" => 1.0}, "log_ratio" => 0.2, "how" => "plate_test"},
        words: "the rings read 60 mm"
      )
    end
  end

  it "is used by the next swap, says the book's beside it, and lets the book's be had" do
    send_form("/swap", swap_fields(**sauce), live)
    book = text_of(".big").first[/\d+/].to_i
    stronger.call
    send_form("/swap", swap_fields(**sauce), live)
    ours = text_of(".big").first[/\d+/].to_i
    expect([ours, text_of(".taught").first]).to match(
      [be < book, /With what your maize starch showed in 3 trials: #{ours} g\. The book says #{book} g/]
    )
    send_form("/swap", swap_fields(**sauce).merge("pick" => "book=yes"), live)
    expect([text_of(".big").first[/\d+/].to_i, text_of(".taught").first]).to match([book, /By the book alone/])
  end

  it "stands flour by flour with its trials, asks for the next look, and forgets one" do
    stronger.call
    visit("/learnt")
    expect([text_of(".learnt-list h2").first, text_of(".learnt-list p").first, page.css(".belief").length]).to match(
      [/Maize starch, its strength/, /more than the book says, from 3 trials/, 1]
    )
    expect(text_of(".how").first).to match(/rings of a plate test once: two minutes/)
    row = home.call.observations.list.first
    send_form("/learnt/#{row.id}/forget")
    visit("/learnt").then { expect(text_of(".learnt-list p").first).to match(/from 2 trials/) }
  end

  it "a reading on the rescue page is written down" do
    send_form("/swap", swap_fields(**sauce))
    send_form("/rescue/observed", {"plate_mm" => "55"})
    visit("/learnt")
    expect([text_of(".said").first, text_of(".trials li").first]).to match(
      [/Written down/, /Caraway cream: the rings read 55 mm/]
    )
    send_form("/rescue/observed", {"plate_mm" => ""})
    expect(last_response.status).to eq 422
  end

  it "a ring that is measured counts" do
    send_form(
      "/stove",
      {"heat" => "medium", "pan_cm" => "20", "water" => "500", "from" => "18", "to" => "60", "seconds" => "200"}
    )
    visit("/learnt").then { expect(text_of(".learnt-list h2")).to include("The ring on medium") }
  end

  it "an oven that was read sets its knob in the next bake, and says what it is in its own words" do
    send_form("/stove/oven", {"set" => "200 C", "reads" => "356F"})
    2.times { send_form("/stove/oven", {"set" => "200", "reads" => "180"}) }
    visit("/learnt").then do
      expect(
        [text_of(".learnt-list h2").first, text_of(".learnt-list p").first, text_of(".belief text").join]
      ).to match(["The oven's knob", /\d\d degrees colder than its knob says/i, /-15°/])
    end
    send_form(
      "/swap",
      swap_fields(
        recipe:
          "Tart\n200 g flour\n100 g butter\n4 tbsp water\n\nFilling:\n3 eggs\n250 ml cream\n" \
          "Bake at 190 C in a 24 cm tart tin."
      ),
      live
    )
    expect([text_of(".taught").first, text_of(".steps, .method").join]).to match(
      [/colder than its knob says/, /Our knob at 210 °C gives 190 °C inside/]
    )
    send_form("/stove/oven", {"set" => "200", "reads" => "60"})
    expect([last_response.status, text_of(".problem").first]).to match([422, /140 K off was read too soon/])
  end

  describe "from a dish that was cooked" do
    tart =
      "Leek custard tart\n200 g flour\n100 g butter\n4 tbsp water\n\nFilling:\n3 eggs\n250 ml cream\nBake at 190 C " \
"in a 24 cm tart tin."
    def cook(recipe, **fields)
      send_form("/swap", swap_fields(recipe: recipe, **fields))
      send_form("/dishes")
      Integer(last_response.headers["location"][%r{/dishes/(\d+)/}, 1])
    end

    it "a bake's darker side is asked for and turned by the next time" do
      id = cook(tart)
      visit("/dishes/#{id}/finish").then { expect(text_of("fieldset").join).to match(/In the oven it was darker/) }
      send_form("/dishes/#{id}/finish", {"verdict" => "right", "texture" => "rolled", "side" => "right"})
      expect(home.call.learnt.oven.hotter).to eq ["right"]
      send_form("/swap", swap_fields(recipe: tart), live)
      expect([text_of(".taught").first, text_of(".method").join]).to match(
        [/browns right first/, /Half way, turn it round: the right is hotter here/]
      )
    end

    it "a base that is only baked blind is asked about and turned as well" do
      base = "Press-in base\n170 g flour\n85 g butter\n35 g sugar\n1 egg"
      id = cook(base, pan: "24 cm round 2.5 cm deep")
      visit("/dishes/#{id}/finish").then { expect(text_of("fieldset").join).to match(/In the oven it was darker/) }
      2.times do
        home.call.observations.add(
          {"shares" => {"oven side" => 1.0}, "log_ratio" => -0.15, "how" => "side"},
          words: "left"
        )
      end
      send_form("/swap", swap_fields(recipe: base, pan: "24 cm round 2.5 cm deep"), live)
      expect(text_of(".method").join).to match(/turn it round: the left is hotter/)
    end

    # A bake that takes just as long as the plan that knew the oven said confirms what is known, and does not fetch it
    # back to the book.
    it "what is measured against a plan that knew the oven is told from the book" do
      4.times do
        home.call.observations.add(
          {"shares" => {"oven" => 1.0}, "log_ratio" => 0.3, "how" => "oven"},
          words: "slow"
        )
      end
      known = home.call.learnt.factor("oven")
      id = cook(tart)
      row = home.call.dishes.fetch(id)
      bake = row.snapshot.fetch("method").index { |step| step["kind"] == "bake" }
      minutes = home.call.dishes.state(row).plan.steps.fetch(bake).minutes
      worked = Restauro::DishPage.new(row, home.call).worked
      data, = Restauro::BakeLessons.timed(worked, minutes, minutes, home.call)
      told = Restauro::Learning::Lessons.by_the_book(data, row.snapshot.fetch("believed"))
      expect([data["log_ratio"], told["log_ratio"], data["shares"]]).to match(
        [0.0, be_within(1e-3).of(Math.log(known)), include("oven" => 1.0, "oven offset" => be < 0)]
      )
    end

    it "plan against actual shows minutes, grams, the probe and the spoon of one try in one picture" do
      id = cook("Caraway cream\n40 g flour\n40 g butter\n500 ml milk", school: "roux", with: "corn_starch")
      dish = home.call.dishes.fetch(id)
      planned = dish.snapshot.dig("target", "flour_equivalents")
      (0..5).each { |minute| home.call.dishes.read(id, 60 * minute, 10 + 15 * minute) }
      home.call.dishes.confirm(
        id,
        0,
        [["saw", {"e" => 1.5 * planned, "how" => "spoon", "words" => "the spoon stood", "do" => []}]]
      )
      send_form("/dishes/#{id}/finish", {"verdict" => "nearly", "texture" => "thick"})
      visit(last_response.headers["location"])
      expect(page.at_css(".plan-actual")["aria-label"]).to match(
        /after 5 min: planned \d+ → 85 °C; the spoon: planned (?:medium → (?:thick|very thick)|thick → very thick)/
      )
    end

    # A fan's bake is held against a fan's, ten degrees hotter: never against a still oven's.
    it "a bake with a fan is shared between minutes, fan and knob by the same fan" do
      worked = ->(oven) { Restauro::SwapPage.new(Restauro::SwapInput.new("recipe" => tart, "oven" => oven), home.call) }
      shares =
        ["170C fan", "190C"].map { |oven| Restauro::BakeLessons.timed(worked[oven], 30, 36, home.call).first["shares"] }
      expect(shares.map { |one| one["oven offset"] }).to all(be_between(-1.5, -0.2))
      expect(shares.map(&:keys)).to eq [["oven", "oven fan", "oven offset"], ["oven", "oven offset"]]
    end

    it "one eater's right is learnt with the mark, and goes with it" do
      home.call.household.add_eater(name: "Wanda", diets: [])
      id = finish("very_thick", "nearly")
      mark = ->(what) { send_form("/notebook/#{id}/mark", {"eater" => "Wanda", "mark" => what}) }
      mark["right"]
      expect(home.call.learnt.beliefs.keys).to include("liking sauce Wanda")
      visit("/learnt").then do
        expect(text_of(".learnt-list h2").join).to include("How thick a sauce is liked by Wanda, beside the house")
      end
      mark["no"]
      expect(home.call.learnt.beliefs.keys).not_to include("liking sauce Wanda")
    end

    it "a dough that tore asks for more of its binder" do
      pasta = "Ribbons\n200 g flour\n2 eggs"
      amounts = -> do
        send_form("/swap", swap_fields(recipe: pasta, bind: "psyllium"), live).then do
          text_of(".answer").join[/([\d.]+) g psyllium/, 1].to_f
        end
      end
      book = amounts.call
      3.times do
        home.call.observations.add(
          {"shares" => {"stretch psyllium_husk" => 1.0}, "log_ratio" => -0.25, "how" => "stretch"},
          words: "it tears in the machine"
        )
      end
      expect(amounts.call).to be > 1.08 * book
    end

    def finish(texture, verdict)
      send_form(
        "/swap",
        swap_fields(recipe: "Caraway cream\n40 g flour\n40 g butter\n500 ml milk", school: "roux", with: "corn_starch")
      )
      send_form("/dishes")
      id = Integer(last_response.headers["location"][%r{/dishes/(\d+)/}, 1])
      send_form("/dishes/#{id}/finish", {"verdict" => verdict, "texture" => texture})
      Integer(last_response.headers["location"][%r{/notebook/(\d+)}, 1])
    end

    it "how it was at the table teaches, marks its entry, and goes with it" do
      id = finish("very_thick", "wrong")
      expect([home.call.kept_swaps.fetch(id).marks, home.call.learnt.factor("corn_starch")]).to match(
        [{"all" => "no"}, be > 1]
      )
      visit("/notebook/#{id}").then { expect(text_of(".made-panel").first).to match(/It taught: at the table it/) }
    end

    it "what an entry taught goes with it, and comes back with it" do
      id = finish("very_thick", "wrong")
      send_form("/notebook/#{id}/delete")
      expect(home.call.learnt.any?).to be false
      send_form("/notebook/#{id}/bring-back")
      expect(home.call.learnt.factor("corn_starch")).to be > 1
    end

    it "what is called right, thicker than wheat's, is offered" do
      3.times { finish("very_thick", "right") }
      send_form(
        "/swap",
        swap_fields(recipe: "Pale cream\n20 g flour\n20 g butter\n500 ml milk", school: "roux", with: "corn_starch"),
        {"HTTP_X_RESTAURO_LIVE" => "1"}
      )
      expect(text_of(".taught").first.to_s).to match(/What was called right here/)
    end

    it "two tries stand side by side, and one is made again with its reason" do
      one, other = finish("thick", "nearly"), finish("medium", "right")
      visit("/notebook/#{one}").then { expect(text_of(".timeline li").length).to eq 2 }
      visit("/notebook/#{one}/beside/#{other}")
      expect([text_of(".beside p").last, text_of(".beside-table tr").join]).to match(
        [/The first: .*nearly.* The second: .*right/, /maize starch/]
      )
      send_form("/notebook/#{one}/again", {"because" => "thinner: it stood by itself"})
      visit("/swap").then do
        expect([text_of("textarea[name=note]").first, page.at_css("input[name=kept_id]")["value"]]).to match(
          [/Made again, changed: thinner/, ""]
        )
      end
    end
  end

  it "offers at the stove the look that narrows most, and a card keeps name, note and marks" do
    send_form("/swap", swap_fields(**sauce))
    send_form("/dishes")
    id = last_response.headers["location"][%r{/dishes/(\d+)/}, 1]
    send_form("/dishes/#{id}/do", {"room" => "cook", "version" => "0", "do" => "step:2"}, live)
    expect(text_of("#seen .hint").join).to match(
      /read the rings once, two minutes, and your maize starch is known to give or take \d+ %/
    )
    send_form("/notebook", swap_fields(**sauce, title: "Ours", note: "held").merge("keep" => "new"))
    kept = home.call.kept_swaps.list.first
    home.call.kept_swaps.mark(kept.id, "all", "right")
    card = JSON.parse(visit("/notebook/#{kept.id}/card.json").body)
    expect(Restauro::CardJson.entry(JSON.generate(card))).to include(
      "title" => "Ours",
      "note" => "held",
      "marks" => {
        "all" => "right"
      }
    )
    expect(Restauro::CardJson.read(JSON.generate(card))).to include("title" => "Ours", "note" => "held")
  end

  it "prints the card for the fridge door, ours marked" do
    stronger.call
    rows = Restauro::Documents::FridgeCard.new(home.call.learnt, home.call.facts).rows
    book =
      Restauro::Documents::FridgeCard.new(Restauro::Learning::Kitchen.new([], home.call.facts), home.call.facts).rows
    maize = ->(all) { all.find { |name, *| name == "maize starch" } }
    expect([maize[rows].last, maize[rows][1][/[\d.]+ g/].to_f, maize[book].last]).to match(
      [true, be < maize[book][1][/[\d.]+ g/].to_f, false]
    )
    expect(visit("/fridge-card.pdf").body[0, 4]).to eq "%PDF"
  end

  describe "taken along and brought back" do
    def archive = visit("/all.tar.gz").body
    def bring(bytes) =
      send_form(
        "/all",
        {
          "file" =>
            Rack::Test::UploadedFile.new(StringIO.new(bytes), "application/gzip", true, original_filename: "all.tar.gz")
        }
      )
    def counts =
      [
        services.kept_swaps.list.length,
        services.packs.list.length,
        services.household.eaters.length,
        services.observations.list.length
      ]
    def services = WebHelpers::SERVICES
    def empty =
      %i[kept_swaps packs eaters observations made_ahead preferences kitchens].each do |table|
        TestDatabase.connection[table].delete
      end

    before do
      services.household.add_eater(name: "Wanda", diets: ["egg"])
      services.packs.add(key: "corn_starch", grams_left: 100, grams_full: 400, label_text: "Maize, \"pure\"\nstarch")
      send_form(
        "/notebook",
        swap_fields(recipe: "Gravy\n30 g flour\n30 g butter\n500 ml stock", title: "Gravy, ours", note: "held").merge(
          "keep" => "new"
        )
      )
      @id = services.kept_swaps.list.first.id
      services.kept_swaps.mark(@id, "Wanda", "right")
      services.observations.add(
        {"shares" => {"corn_starch" => 1.0}, "log_ratio" => 0.2, "how" => "spoon"},
        words: "seen",
        kept_swap_id: @id
      )
    end

    it "nothing twice into a used home" do
      bytes, before = archive, counts
      bring(bytes)
      expect([last_response.status, counts]).to eq [303, before]
    end

    it "whole into an empty home" do
      bytes, before = archive, counts
      kept = services.kept_swaps.fetch(@id)
      empty
      bring(bytes)
      again = services.kept_swaps.list.first
      expect([counts, again.title, again.note, again.marks, again.created_at, again.snapshot]).to eq [
        before,
        "Gravy, ours",
        "held",
        {"Wanda" => "right"},
        kept.created_at,
        kept.snapshot
      ]
      expect(services.packs.list.first.label_text).to eq "Maize, \"pure\"\nstarch"
      expect(services.learnt.factor("corn_starch")).to be > 1
    end

    it "half an archive, a damaged one, and one of a later version change nothing" do
      bytes = archive
      empty
      later =
        Restauro::Archive::Tar
          .pack({}, made_at: Time.now)
          .then { |packed| Zlib.gunzip(packed).sub('"version": 1', '"version": 9').then { |tar| Zlib.gzip(tar) } }
      files = Restauro::Archive::Tar.unpack(bytes)
      swapped = Zlib.gzip(Zlib.gunzip(bytes).sub("Gravy, ours", "Gravy, mine"))
      [bytes[0, bytes.bytesize / 2], swapped, later, "no archive"].each do |bad|
        bring(bad)
        expect([last_response.status, counts]).to eq([422, [0, 0, 0, 0]]), text_of("main").first
      end
      expect(files.keys).to include("household.json", "cupboard.csv", "notebook/00001.json", "observations.csv")
    end

    it "one with a column or a value that the tables do not know changes nothing" do
      files = Restauro::Archive::Tar.unpack(archive)
      empty
      [%w[grams_left grams_lost], %w[100.0 heaps]].each do |was, odd|
        expect(files["cupboard.csv"]).to include(was)
        bring(
          Restauro::Archive::Tar.pack(
            files.merge("cupboard.csv" => files["cupboard.csv"].sub(was, odd)),
            made_at: Time.now
          )
        )
        expect([last_response.status, counts, text_of("main").first]).to match(
          [422, [0, 0, 0, 0], /not as it was written/]
        )
      end
    end

    it("an entry reads as a schema.org Recipe") do
      expect(JSON.parse(Restauro::Archive::Tar.unpack(archive)["notebook/00001.json"])).to include(
        "@type" => "Recipe",
        "name" => /Gravy/
      )
    end
  end
end

RSpec.describe "A test piece counts", :web do
  # Takes a dish to the stove, sees something, finishes it.   @return [Array<String>] what it taught
  def cooked(recipe, doing, **fields)
    send_form("/swap", swap_fields(recipe: recipe))
    send_form("/dishes")
    id = Integer(last_response.headers["location"][%r{/dishes/(\d+)/}, 1])
    dishes = WebHelpers::SERVICES.dishes
    version = -> { dishes.state(dishes.fetch(id)).version.to_s }
    step = dishes.state(dishes.fetch(id)).steps.index { |one| %w[boil simmer].include?(one.kind) }
    send_form(
      "/dishes/#{id}/do",
      {"room" => "cook", "version" => version.call, "do" => "step:#{step}"},
      {"HTTP_X_RESTAURO_LIVE" => "1"}
    )
    send_form(
      "/dishes/#{id}/do",
      {"room" => "cook", "version" => version.call, "do" => doing, **fields.transform_keys(&:to_s)},
      {"HTTP_X_RESTAURO_LIVE" => "1"}
    )
    @advice = text_of(".advice-now").first
    send_form("/dishes/#{id}/finish", {"verdict" => "nearly", "texture" => @texture})
    WebHelpers::SERVICES.observations.of(last_response.headers["location"][%r{/notebook/(\d+)}, 1].to_i)
  end

  it "the rings read in the middle of the work mend the pan, and teach" do
    @texture = "medium"
    taught = cooked("Cream\n40 g flour\n40 g butter\n500 ml milk", "saw", plate_mm: "95")
    expect([@advice, taught]).to match([/\d+ g/, include("the rings read 95 mm")])
  end

  it "one dumpling that falls apart mends the bowl, and teaches what the flours drink" do
    @texture = Restauro::Families.fetch("gnocchi", WebHelpers::SERVICES.facts).textures.keys.first
    taught = cooked("Chive gnocchi\n900 g potatoes\n210 g flour\n1 egg", "saw:trouble=falls_apart")
    expect(@advice).to match(/\d+ g/)
    expect(taught.join).to match(/a test piece/)
  end
end
