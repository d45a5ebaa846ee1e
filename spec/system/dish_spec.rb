# The browser first: its own page must not take the place of the one made here.
require_relative "../support/browser"
require_relative "../support/counter_top"

# Whole dishes against the stand-in scale and probe, with what goes wrong in a kitchen.
RSpec.describe "A dish from the bench to the notebook" do
  sauce = "Chive cream\n4 tbsp flour\n40 g butter\n450 ml milk\n1 tsp salt"
  gnocchi = "Chive and potato gnocchi\n850 g riced potato\n190 g flour\n1 egg"

  before do
    @later = 0
    @counter = CounterTop.counter
    services = Restauro::Services.on(TestDatabase.connection, clock: -> { Time.now + @later }, counter: @counter)
    Capybara.app = Restauro::Web.with(services, secret: "t" * 64)
    @services = services
    CounterTop.clear
  end

  after do
    visit "about:blank"
    @counter.stop
  end

  def pour(grams, seconds = 0.5) = CounterTop.tell("scale", do: "pour", grams: grams, seconds: seconds)
  def wanted = find(".weigh-number b").text.to_f
  def press(text) = click_button(text, match: :first)
  def answer_which = has_css?(".which", wait: 1) && press(find(".buttons .strong").text)

  # Weighs what stands there by the scale, and waits until it is another line's turn.
  def weigh_one
    answer_which
    name = find(".weigh-name").text
    grams = wanted
    sleep 0.5
    pour(grams)
    expect(page).to have_no_css(".weigh-name", exact_text: name)
  end

  def tap_the_rest
    until has_text?("All weighed.", wait: 0)
      answer_which
      name = find(".weigh-name").text
      press("It is in")
      expect(page).to have_no_css(".weigh-name", exact_text: name)
    end
  end

  def open_swap(recipe)
    visit "/swap"
    fill_recipe(recipe)
    expect(page).to have_css(".dish-title", text: recipe.lines.first.strip)
    yield if block_given?
    press("Weigh and cook it")
    expect(page).to have_css(".weigh-number")
  end

  it "a knock on the screen goes on, two go back; the bell is tried once" do
    open_swap(sauce)
    visit "/cook"
    expect(page).to have_text("The bell has not been tried on this screen.")
    press("Try the bell and the flash")
    expect(page).to have_css(".ring-banner", text: "So it rings").and have_no_text("has not been tried")
    find("[data-knock]").click
    find(".step-text").click
    expect(page).to have_css("h1", text: "Step 2 of")
    find(".step-text").double_click
    expect(page).to have_css("h1", text: "Step 1 of")
    find("body").send_keys("n")
    expect(page).to have_css("h1", text: "Step 2 of")
  end

  it "a sauce: an over-pour, a silent scale, a reload, a second tab, a late boil and a rescue" do
    open_swap(sauce) { in_pick("thickener") { select "maize starch", from: "with" } }
    expect(page).to accessible
    weigh_one
    answer_which
    over = wanted * 1.5
    pour(over)
    expect(page).to have_text("Too much:")
    press("Bring the texture back")
    expect(page).to have_css(".sheet-state", text: "g in", count: 2)
    milk = find(".bench-sheet li", text: "whole milk").find(".sheet-grams").text.to_f
    expect(milk).to be_within(5).percent_of(464 * 1.5)

    CounterTop.tell("scale", do: "drop_out", seconds: 8)
    expect(page).to have_css("[data-reading]", text: "no scale")
    press("It is in")
    expect(page).to have_css("[data-reading]", text: %r{ g\z})
    tap_the_rest
    click_link "To the stove"
    expect(page).to accessible

    press("Done, next")
    press("Start 3 min")
    expect(page).to have_css(".step-clock")
    started = Time.now
    visit page.current_path
    shown = find(".step-clock").text.split(":").then { |minutes, seconds| 60 * minutes.to_i + seconds.to_i }
    expect(shown).to be_within(1.6).of(180 - (Time.now - started))

    # A second tab goes on; the first follows.
    first = page.current_window
    second = open_new_window
    within_window(second) do
      visit "/cook"
      expect(page).to have_css("h1", text: "Step 2")
      press("Done, next")
      expect(page).to have_css("h1", text: "Step 3")
    end
    second.close
    switch_to_window(first)
    expect(page).to have_css("h1", text: "Step 3")

    # The clock of the step that was left is put away; another, once it has run out, rings until it is.
    fill_in "minutes", with: "2"
    fill_in "label", with: "plates to warm"
    within("#clocks") { click_button "Start" }
    expect(page).to have_css(".clock-row", text: "plates to warm")
    @later = 130
    visit page.current_path
    expect(page).to have_css(".ring-banner", text: "plates to warm").and have_css(".clock.rung", text: "0:00")
    expect(page).to accessible
    within("#clocks") { click_button "Put away" }
    expect(page).to have_no_css(".ring-banner")

    press("runs off, leaves a veil")
    expect(page).to have_css(".advice-now", text: /maize starch.*cold water/)
    CounterTop.tell("probe", do: "heat", celsius: 90, seconds: 6)
    press("It is in: start the line")
    expect(page).to have_css(".probe-now")

    within("#all-steps") { find("button", text: "until it boils").click }
    expect(page).to have_css(".step-text", text: "until it boils")
    @later = 1700
    press("Done, next")
    expect(page).to have_css(".moved", text: /boiled later than planned: this hob gives about \d+ W/)

    click_link "How was it?"
    expect(page).to accessible
    find("label", text: "right", exact_text: true).click
    press("Into the notebook")
    expect(page).to have_css(".made-panel", text: "Grams, planned and weighed")
    expect(@services.kept_swaps.list.first.snapshot["made"]["moves"].join).to match(/later than planned/)
  end

  it "gnocchi: the scale dies and comes back, nothing confirmed is lost" do
    open_swap(gnocchi)
    answer_which
    name = find(".weigh-name").text
    expect(page).to have_css("[data-reading]", text: %r{ g\b})
    Process.kill("KILL", CounterTop.stand_ins.pid("scale"))
    expect(page).to have_css("[data-reading]", text: "no scale")
    press("It is in")
    expect(page).to have_no_css(".weigh-name", exact_text: name)
    answer_which
    expect(page).to have_css("[data-reading]", text: %r{ g\z}, wait: 30)
    weigh_one
    tap_the_rest
    click_link "To the stove"
    expect(page).to have_css(".step-caution", text: /gluten-free first/)
    within("#all-steps") { find("button", text: "Count from when the water boils again").click }
    expect(page).to have_css(".step-caution", text: /raw food/)
    press("it falls apart in the pot")
    expect(page).to have_css(".advice-now", text: "for the whole dough")
    click_link "How was it?"
    find("label", text: "not right").click
    fill_in "change", with: "Drier potatoes."
    press("Into the notebook")
    expect(page).to have_css(".made-panel", text: "not right")
    expect(@services.cooks.of(@services.kept_swaps.list.first.id).length).to eq 1
  end

  it "the database dies and comes back: the tap that failed is made again, nothing confirmed is lost" do
    directory = File.join(Restauro::ROOT, "tmp", "mid-cook-#{Process.pid}")
    cluster = Restauro::Database::Cluster.new(directory)
    database = Restauro::Database.connect(cluster.start, connections: 6)
    cluster.keep
    Capybara.app = Restauro::Web.with(Restauro::Services.on(database, counter: @counter), secret: "t" * 64)
    open_swap(sauce)
    press("It is in")
    expect(page).to have_css(".sheet-state", text: "40 g in")
    Process.kill("KILL", File.foreach(File.join(directory, "data", "postmaster.pid")).first.to_i)
    died_at = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    name = find(".weigh-name").text
    answer = find(".weigh-now .strong").text
    press(answer)
    expect(page).to have_css("[role=alert]", text: "does not answer")
    # However long it takes to come back on a busy machine: the same tap again.
    until has_no_css?(".which", wait: 2)
      first(:button, answer, minimum: 0)&.click
      expect(Process.clock_gettime(Process::CLOCK_MONOTONIC)).to be < died_at + 60
    end
    expect(page).to have_no_css(".which")
    expect(page).to have_css(".weigh-name", text: name).and have_css(".sheet-state", text: "40 g in")
    page.driver.browser.logs.get(:browser)
  ensure
    visit "about:blank"
    database&.disconnect
    cluster&.stop
    FileUtils.rm_rf(directory)
  end

  %i[phone tablet].each do |device|
    it "fits a #{device}", size: device do
      open_swap(sauce)
      expect(sideways?).to be false
      expect(page).to accessible
      tap_the_rest
      click_link "To the stove"
      expect(sideways?).to be false
      expect(page).to accessible
    end
  end
end
