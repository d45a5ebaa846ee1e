require "capybara/rspec"
require "selenium-webdriver"
require "axe-rspec"
require_relative "database"
require_relative "../../app/web"

# The real pages in headless Chromium. The server shares the test database; tables are emptied after each example.
module Browser
  FLAGS = %w[
    --headless=new
    --no-sandbox
    --disable-gpu
    --disable-dev-shm-usage
    --no-first-run
    --no-default-browser-check
    --disable-background-networking
    --disable-component-update
    --disable-sync
    --disable-default-apps
    --disable-extensions
    --disable-quic
    --mute-audio
    --hide-scrollbars
    --force-color-profile=srgb
    --force-prefers-reduced-motion
  ].freeze
  SIZES = {wide: [1280, 800], tablet: [1024, 768], phone: [390, 844]}.freeze

  module_function

  # One application, and so one server, for all examples; what it keeps in mind it keys by what was asked.
  def app
    @app ||=
      Restauro::Web.with(
        Restauro::Services.on(TestDatabase.connection, clock: -> { TestDatabase::CLOCK_START }),
        secret: "t" * 64
      )
  end

  def driver(app, scripts: true)
    # A machine whose processor is lent out needs longer to look a page through than the half minute that is usual.
    options = Selenium::WebDriver::Chrome::Options.new(timeouts: {script: 180_000})
    options.binary = "/usr/bin/chromium"
    FLAGS.each { |flag| options.add_argument(flag) }
    options.add_option("goog:loggingPrefs", {browser: "ALL"})
    options.add_preference("webkit.webprefs.javascript_enabled", scripts)
    service = Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver")
    Capybara::Selenium::Driver.new(app, browser: :chrome, options: options, service: service)
  end

  module Helpers
    def size(name)
      width, height = SIZES.fetch(name)
      page.driver.browser.execute_cdp(
        "Emulation.setDeviceMetricsOverride",
        width: width,
        height: height,
        deviceScaleFactor: 1,
        mobile: width < 500
      )
    end

    # Nothing severe in the console.
    def console = page.driver.browser.logs.get(:browser).select { |entry| entry.level == "SEVERE" }.map(&:message)
    def accessible = be_axe_clean.according_to(:wcag2a, :wcag2aa, :wcag21aa, :wcag22aa)
    def sideways? = evaluate_script("document.documentElement.scrollWidth > innerWidth")
    def fill_recipe(text) = find("#recipe-text", visible: :all).then { |box| open_paste && box.set(text) }

    def open_paste
      find(".paste summary").click unless has_css?(".paste[open]", wait: 0)
      true
    end

    # The cream sauce of the front door, answered on the Swap page.
    def open_cream
      visit "/"
      find("button[name=start][value=cream]").click
      expect(page).to have_css("#answer .big", text: /\d/)
    end

    # Taps a choice open, and works in it.
    def in_pick(key, &block)
      find("#pick-#{key} > summary").click unless has_css?("#pick-#{key}[open]", wait: 0)
      within("#pick-#{key}", &block)
    end

    def big = find(".answer .big").text.gsub(/\s+/, " ")
  end
end

ENV["SE_OFFLINE"] = ENV["SE_AVOID_STATS"] = "true"
Capybara.register_driver(:chromium) { |app| Browser.driver(app) }
Capybara.register_driver(:chromium_without_scripts) { |app| Browser.driver(app, scripts: false) }
Capybara.server = :puma, {Silent: true}
Capybara.default_driver = :chromium
# Long enough for a machine whose processor is lent out: it bounds the wait for an answer, and no check.
Capybara.default_max_wait_time = 20
# The pages have no frames: axe runs in the page itself. Its other way opens an empty tab and gives that one second: a
# machine whose processor is lent out takes longer.
Axe::Configuration.instance.legacy_mode = true

RSpec.configure do |config|
  config.include Browser::Helpers, :system
  config.include Capybara::DSL, :system

  config.before(:each, :system) do |example|
    Capybara.app = Browser.app
    Capybara.current_driver = example.metadata[:scripts] == false ? :chromium_without_scripts : :chromium
    size(example.metadata.fetch(:size, :wide))
    page.driver.browser.logs.get(:browser)
  end

  config.after(:each, :system) do |example|
    expect(console).to eq [] unless example.exception
    page.driver.browser.execute_cdp("Emulation.clearDeviceMetricsOverride")
    Capybara.reset_sessions!
    Capybara.use_default_driver
    TestDatabase
      .connection
      .tables
      .reject { |table| table == :schema_info }
      .each { |table| TestDatabase.connection[table].truncate(cascade: true) }
  end
end
