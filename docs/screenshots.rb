# Each main view as it stands with the demo data: docs/screenshots/NAME.png. Run by bin/screenshots.
require "capybara/dsl"
require "selenium-webdriver"
require_relative "../app/web"
require_relative "../app/devices/stand_ins"

module Restauro
  # Serves a demo of its own and photographs it in headless Chromium.
  class Screenshots
    include Capybara::DSL

    WIDE = [1280, 800].freeze
    PHONE = [390, 844].freeze
    BATTER = "Corn-fritter batter\n110 g plain flour\n150 ml whole milk\n1 egg\n1 tsp baking powder\n1/2 tsp salt".freeze
    GNOCCHI = "Chive and potato gnocchi\n850 g floury potatoes\n190 g plain flour\n1 egg\n3 tbsp chives, snipped\n1 tsp salt".freeze
    TART = "Leek custard tart\n\nPastry:\n210 g plain flour\n115 g butter\n1 egg yolk\n40 ml water\n\nFilling:\n350 g leeks, softened\n3 eggs\n" \
           "200 ml cream\n90 ml milk".freeze
    PIE = "Leek pie\n\nPastry:\n240 g plain flour\n120 g butter\n55 ml cold water\n\nSauce:\n45 g butter\n4 tbsp plain flour\n450 ml milk\n" \
          "110 g cheddar, grated\n\nLeeks:\n600 g leeks, sliced\n\nBake at 190C for 35 minutes.".freeze
    SUPPER = "Celeriac schnitzels with onion gravy\n\n8 slices celeriac, 10 mm\n5 tbsp plain flour\n2 eggs\n140 g breadcrumbs\n\nGravy:\n2 onions, sliced\n" \
             "30 g butter\n25 g plain flour\n450 ml vegetable stock\n1 tbsp soy sauce".freeze
    # name => [size, path, what to do first]
    VIEWS = {
      "front" => [WIDE, "/"], "front-phone" => [PHONE, "/"], "swap" => [[1280, 1000], "/", -> { start("cream") }], "swap-phone" => [PHONE, "/", -> { start("cream") }], "notebook" => [WIDE, "/notebook"],
      "learnt" => [[1280, 900], "/learnt"], "rescue" => [WIDE, "/", -> { start("cream") and visit("/rescue?seen=thin&where=pan") }],
      "batter" => [[1280, 1100], "/swap", -> { swap("batter", BATTER, "piece" => "celeriac slice 12 mm", "oven" => "200C") }],
      "gnocchi" => [[1280, 1300], "/swap", -> { swap("gnocchi", GNOCCHI, "raw_g" => "850", "cooked_g" => "690", "rope" => "18") and find(".steps", text: "ropes 18 mm") }],
      "crust" => [[1280, 1300], "/swap", -> { swap("crust", TART, "pan" => "26 cm round 3 cm deep") and find(".steps", text: "36 cm across") }],
      "parts" => [[1280, 1150], "/swap", -> { swap("crust", PIE, "pan" => "24 cm round 5 cm deep") and find(".pan-picture") }],
      "supper" => [[1280, 1300], "/swap", -> { swap("breading", SUPPER, "oil" => "180C sunflower oil") }],
      "table" => [[1280, 1100], "/table", -> { supper }],
      "weigh" => [WIDE, "/", -> { start("cream") and dish }],
      "cook" => [[1280, 1000], "/", -> { start("cream") and dish and cook }],
      "meal" => [WIDE, "/table", -> { supper(hours: 3.1) and click_button("Cook it") and find("#meal-now") and find("button", text: /I begin it now|I am at it/).click and find("#meal-now .clock") and has_no_css?("#meal-now [role=alert]") }],
      "practice" => [WIDE, "/practice"], "lesson" => [WIDE, "/practice", -> { lesson }],
      "cupboard" => [WIDE, "/cupboard"]
    }.freeze
    FLAGS = %w[--headless=new --no-sandbox --disable-gpu --disable-dev-shm-usage --disable-background-networking --disable-component-update
               --hide-scrollbars --force-color-profile=srgb --force-prefers-reduced-motion].freeze

    def run(names)
      serve
      (names.empty? ? VIEWS.keys : names).each { |name| take(name, *VIEWS.fetch(name)) }
    ensure
      Capybara.reset_sessions!
      page.driver.quit
      @counter&.stop
      @stand_ins&.stop
      @cluster&.stop
      FileUtils.rm_rf(directory)
    end

    private

    def directory = File.join(ROOT, "tmp", "screenshots-#{Process.pid}")

    def serve
      @cluster = Database::Cluster.new(directory, durable: false)
      database = Database.connect(@cluster.start, connections: 7)
      @stand_ins = StandIns.new.start
      @counter = Counter.with(scale: @stand_ins.ports["scale"], probe: @stand_ins.ports["probe"]).start
      services = Services.on(database, counter: @counter)
      Demo.load(database, services)
      Capybara.app = Web.with(services, secret: "s" * 64)
      Capybara.server = :puma, {Silent: true}
      Capybara.register_driver(:shots) { |app| driver(app) }
      Capybara.current_driver = :shots
    end

    def driver(app)
      options = Selenium::WebDriver::Chrome::Options.new(binary: "/usr/bin/chromium")
      FLAGS.each { |flag| options.add_argument(flag) }
      service = Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver")
      Capybara::Selenium::Driver.new(app, browser: :chrome, options: options, service: service)
    end

    # Types a recipe, then its heat once that family's choices stand there.
    def swap(family, recipe, fields)
      page.execute_script("const t = document.getElementById('recipe-text'); t.value = arguments[0]; t.dispatchEvent(new Event('input', {bubbles: true}))", recipe)
      find("#change[data-live-on*=#{family}]", wait: 10)
      find("#answer, .swap", text: recipe.lines.first.strip, match: :first, wait: 10)
      fields.each { |name, value| pick(name, value) }
      execute_script("document.querySelectorAll('.pick[open], .paste[open]').forEach((fold) => { fold.open = false; })")
      find(".section-picture, .boil-picture, .bake-picture", wait: 10)
      has_no_css?(".busy-words", wait: 10)
    end

    # A field of a choice that is shut.
    def pick(name, value)
      find("[name=#{name}]", visible: :all, match: :first)
      execute_script("document.querySelector(`.pick [name=${arguments[0]}]:not([type=hidden])`).closest('details').open = true", name)
      find_field(name, wait: 10).set(value)
      sleep 0.7
    end

    # The harvest supper, six dishes in one small oven.
    def supper(hours: nil)
      find("button[value=supper]").click
      find(".lanes", wait: 20)
      return true unless hours

      execute_script("document.querySelector('[name=serve_at]').value = arguments[0]", (Time.now + 3600 * hours).strftime("%H:%M"))
      click_button "Plan it"
      find(".lanes", wait: 20)
    end

    # Thin in the pan: the slurry half in, the whisk at work, boiling.
    def lesson
      find("button.lesson", text: "Thin in the pan").click
      find("button[name=guess]", text: "clearly thinner").click
      find("#lesson-hands h2", text: "Your hands")
      choose "20 times", allow_label_click: true
      find(".step-look", text: "it boils", wait: 60)
      click_button("Three spoons of slurry") and sleep 2.5
      click_button("Whisk") and sleep 1.5
      choose "stands", allow_label_click: true
      find("button", text: "Put the whisk down")
    end

    # A dish of the front door.
    def start(key) = find("button[name=start][value=#{key}]").click && find("#answer .big", match: :first)

    # The open swap on the bench, the scale half way to its first line.
    def dish
      find("[formaction='/dishes']", match: :first).click
      find(".weigh-number")
      @counter.scale.command("do" => "lift") and sleep 1 and @counter.scale.command("do" => "tare")
      @counter.scale.command("do" => "pour", "grams" => 27, "seconds" => 0.3) and sleep 2
      find("[data-reading]", text: "2")
    end

    # On the stove: boiling up, its clock running, the probe in, a spoon seen.
    def cook
      until has_text?("All weighed.", wait: 0)
        name = find(".weigh-name").text
        find(".weigh-now .strong").click
        has_no_css?(".weigh-name", exact_text: name, wait: 1)
      end
      find("nav.tabs a", text: "Cook").click
      2.times { |turn| click_button("Done, next") and find("h1", text: "Step #{turn + 2}") }
      within("#all-steps") { find("button", text: "until it boils").click }
      click_button("Start", match: :first)
      @counter.probe.command("do" => "put", "celsius" => 46)
      click_button("It is in: start the line") and sleep 12
      execute_script("scrollTo(0, 0)")
    end

    def take(name, size, path, prepare = nil)
      width, height = size
      Capybara.reset_sessions!
      page.driver.browser.execute_cdp("Emulation.setDeviceMetricsOverride", width: width, height: height, deviceScaleFactor: 1, mobile: width < 500)
      visit path
      instance_exec(&prepare) if prepare
      execute_script("document.activeElement?.blur(); scrollTo(0, 0)")
      evaluate_async_script("document.fonts.ready.then(() => arguments[0]())")
      page.driver.browser.save_screenshot(File.join(ROOT, "docs", "screenshots", "#{name}.png"))
      puts "  docs/screenshots/#{name}.png"
    end
  end
end

Restauro::Screenshots.new.run(ARGV)
