# Whatever comes in, a page comes back: with what was typed, what happened in a sentence, and a way on. Never a 500,
# never a trace.
RSpec.describe "Odd requests" do
  live = {"HTTP_X_RESTAURO_LIVE" => "1"}
  typed = ->(spec) { spec.page.at_css("textarea[name=recipe]")&.text.to_s }

  [
    "Scampi\n600 g scampi fillet 12 mm\n80 g flour\n2 eggs\n150 g breadcrumbs",
    "#{"9" * 400} g flour\n500 ml milk",
    "200 g flour\n2 eggs",
    "Batter\n100 g flour",
    "0 g flour\n0 ml milk",
    "1/0 cup flour\n1 cup milk"
  ].each do |recipe|
    it "opens the page for '#{recipe[0, 24].tr("\n", " ")}', now and at the next visit" do
      seen =
        [send_form("/swap", swap_fields(recipe: recipe), live), visit("/swap")].map do |answer|
          [answer.status, typed[self].strip]
        end
      expect(seen).to eq [[200, recipe]] * 2
    end
  end

  {
    "piece" => "squid 0 mm",
    "oven" => "0C fan",
    "oil" => "1e400",
    "pan" => "0 cm round",
    "scale" => "serves 0",
    "altitude" => "1e400",
    "simmer" => "NaN",
    "with" => "moondust",
    "parts" => "[[[",
    "corrections" => "{"
  }.each do |field, value|
    it "answers #{field} '#{value}' in words" do
      send_form("/swap", swap_fields(field => value), live)
      expect([last_response.status, last_response.body]).to match(
        [200, satisfy { |body| !body.match?(/\.rb:\d|Error\b/) }]
      )
    end
  end

  it "shows a slip of ours as ours, keeps what was typed, and can be emptied" do
    allow(Restauro::Dishes::Solver).to receive(:call).and_raise(NameError, "oops at /somewhere/lib.rb:3")
    expect { send_form("/swap", swap_fields, live) }.to output(/swap: NameError/).to_stderr
    expect(
      [last_response.status, text_of(".problem").join, typed[self].empty?, last_response.body.include?("oops")]
    ).to match([200, /our mistake/, false, false])
    expect(page.at_css("form[action='/swap/new'], button[formaction='/swap/new']")).not_to be_nil
  end

  [
    "/notebook/%FF",
    "/notebook/%00",
    "/cupboard/packs/99999999999999999999",
    "/dishes/abc/weigh",
    "/?recipe=#{"x" * 11_000}",
    "/compare?with=%FF%00",
    "/?%",
    "/no/such/page"
  ].each do |address|
    it "answers #{address[0, 40]} with a page and a way back" do
      header "Host", "127.0.0.1"
      path, query = address.split("?", 2)
      answer =
        Rack::MockResponse[
          *app.call(
            Rack::MockRequest.env_for("http://127.0.0.1/").merge(
              "HTTP_HOST" => "127.0.0.1",
              "PATH_INFO" => path,
              "QUERY_STRING" => query.to_s
            )
          )
        ]
      expect([answer.status, answer.body]).to match([be_between(200, 499), match(%r{href="/(?:swap)?"})])
    end
  end

  it "refuses a body whose size is not told" do
    answer =
      Rack::MockResponse[
        *app.call(
          Rack::MockRequest.env_for("http://127.0.0.1/swap", method: "POST").merge(
            "HTTP_HOST" => "127.0.0.1",
            "HTTP_TRANSFER_ENCODING" => "gzip, Chunked"
          )
        )
      ]
    expect(answer.status).to eq 411
  end

  it "keeps what was typed when the cookie is lost, for our own pages alone" do
    header "Host", "127.0.0.1"
    recipe = "30 g flour\n30 g butter\n400 ml milk"
    post "/swap", {"recipe" => recipe, "authenticity_token" => "old"}, {"HTTP_ORIGIN" => "http://127.0.0.1"}
    expect([last_response.status, typed[self].strip, text_of("button")]).to eq [403, recipe, ["Send it again"]]
    again = page.css("form input, form textarea").to_h { |field| [field["name"], field["value"] || field.text] }
    post "/swap", again, live
    expect([last_response.status, typed[self].strip]).to eq [200, recipe]
    post "/swap",
         {"recipe" => recipe, "authenticity_token" => "old"},
         {"HTTP_ORIGIN" => "http://127.0.0.1:9999", "HTTP_REFERER" => "http://127.0.0.1/"}
    expect([last_response.status, page.at_css("form")]).to eq [403, nil]
  end

  it "keeps the notebook open when one entry cannot be drawn" do
    send_form("/notebook", swap_fields.merge("keep" => "new"))
    WebHelpers::SERVICES.kept_swaps.list.each do |kept|
      TestDatabase.connection[:kept_swaps].where(id: kept.id).update(
        snapshot: Sequel.pg_json({"form" => 2, "family" => "crust"})
      )
    end
    expect(visit("/notebook").status).to eq 200
  end

  # ODD_REQUESTS=10000 for a long look.
  describe "at random" do
    values = [
      "",
      "0",
      "-1",
      "0 mm",
      "1e400",
      "NaN",
      "\0",
      "\xff\xfe",
      "9" * 400,
      "1/0",
      "½ ⅓",
      "x" * 2_000,
      "<script>",
      "2147483648",
      "9" * 20,
      "{}",
      "[[[[",
      "all",
      ".",
      "0C fan",
      "gas mark 99",
      "0 cm round",
      "scampi fillet 12 mm",
      "lamb 400 mm",
      "175C 0 litres",
      "x0",
      "corn_starch,,",
      "nonsense_flour",
      "crust",
      "pasta",
      "which:yes",
      "weigh",
      "tap",
      "next"
    ].freeze
    recipes = [
      "",
      "a",
      "4 tbsp flour\n40 g butter\n500 ml milk",
      "0 g flour\n0 ml milk",
      "250 g breadcrumbs\n2 eggs",
      "1 kg potatoes\n200 g flour\n1 egg",
      "{\"@type\":\"Recipe\"}",
      "[",
      "Pie\n200 g flour\n100 g butter\n60 ml water\n\nFilling:\n40 g flour\n500 ml milk\n40 g butter\n300 g leeks",
      "\xff flour",
      "1 cup flour\n1 egg\n1 cup milk"
    ].freeze
    names =
      (
        Restauro::SwapInput::FIELDS +
          %w[
            kept_id
            open
            from[]
            name
            key
            grams
            grams_left
            finding
            price
            opened_on
            label_text
            do
            item
            version
            text
            fix[text]
            fix[occurrence][]
            fix[grams]
            eaters[]
            diets[]
            kinds_of[Gravy]
            tab
            verdict
            photo
            file
            watts
            observed
            radius
            events
          ]
      ).freeze
    routes =
      Restauro::Web.routes.slice("GET", "POST").flat_map { |verb, list| list.map { |pattern, *| [verb, pattern.to_s] } }

    it "never give a 500, nor a slip" do
      luck = Random.new(20_261_125)
      ids = ["1", "0", "9" * 20, "abc", "%00", "%FF", "-1"]
      failures = []
      expect do
        Integer(ENV.fetch("ODD_REQUESTS", "250")).times do
          verb, pattern = luck.rand < 0.3 ? %w[POST /swap] : routes.sample(random: luck)
          path = pattern.gsub(/:\w+/) { ids.sample(random: luck) }
          fields = names.sample(luck.rand(0..5), random: luck).to_h { |name| [name, values.sample(random: luck)] }
          if verb == "POST"
            fields = swap_fields.merge("recipe" => recipes.sample(random: luck), **fields.transform_keys(&:to_s))
          end
          if verb == "GET"
            get("#{path}?#{fields.map { |name, value| "#{name}=#{Rack::Utils.escape(value.b)}" }.join("&")}")
          else
            send_form(path, fields, live)
          end
          failures << [verb, path, fields, last_response.status] if last_response.status >= 500
        end
      end.not_to output.to_stderr
      expect(failures).to eq []
    end
  end
end
