RSpec.describe "The front door in the browser" do
  schnitzels = "Celeriac schnitzels\n8 slices celeriac, 10 mm\n5 tbsp plain flour\n2 eggs\n140 g breadcrumbs"

  it "goes from the box to the answer in view, in two acts" do
    visit "/"
    expect(page).to accessible
    fill_in "recipe", with: schnitzels
    click_button "Work it out"
    expect(page).to have_css("#answer .big", text: /\d g/).and have_css(".time-strip")
    expect(
      evaluate_script("document.querySelector('#answer .big').getBoundingClientRect().bottom < innerHeight")
    ).to be true
    expect(page).to accessible
    visit "/"
    expect(page).to have_link("Celeriac schnitzels", href: "/swap")
  end

  it "keeps what was pasted while there is no network, and sends it when it is back" do
    visit "/"
    page.driver.browser.network_conditions = {offline: true, latency: 0, throughput: 0}
    fill_in "recipe", with: schnitzels
    click_button "Work it out"
    expect(page).to have_css("[data-busy]", text: "No network")
    page.driver.browser.delete_network_conditions
    expect(page).to have_css("#answer .big", text: /\d g/)
    console # what failed while it was away is known
  end

  it "reads a file that is chosen, at once" do
    visit "/"
    file =
      Tempfile
        .new(%w[gravy .txt])
        .tap { |one| one.write("Gravy\n30 g butter\n30 g plain flour\n500 ml stock") && one.flush }
    attach_file "file", file.path, make_visible: true
    expect(page).to have_css(".dish-title", text: "Gravy")
  end

  it "takes a change back and makes it again, by key and by button" do
    open_cream
    before = big
    in_pick("thickness") { choose "a line stays", allow_label_click: true }
    expect(page).to have_no_css(".answer .big", text: before, normalize_ws: true)
    expect(page).to have_css("#turns button:not([disabled])", text: "Undo")
    find("body").send_keys("u")
    expect(page).to have_css(".answer .big", text: before, normalize_ws: true)
    click_button "Redo"
    expect(page).to have_no_css(".answer .big", text: before, normalize_ws: true)
    find("body").send_keys("?")
    expect(page).to have_css("dialog.keys[open]", text: "take the last change back")
    find("body").send_keys(:escape)
    expect(page).to have_no_css("dialog.keys")
  end

  it "never shows the last recipe's answer under another recipe" do
    open_cream
    execute_script("window.fetch = () => new Promise(() => {})")
    fill_recipe("Gravy\n30 g plain flour\n500 ml stock")
    expect(page).to have_css(".answer .busy-words", text: "Working it out").and have_no_css(".answer .big")
  end

  %i[phone tablet].each do |device|
    it("fits a #{device}", size: device) do
      %w[/ /spoon?line=2+tbsp+flour+in+400+ml+milk].each do |path|
        visit(path) and expect(sideways?).to(be(false), path)
      end
      open_cream
      expect(sideways?).to be false
      expect(page).to accessible
    end
  end

  it "fits the smallest phone", size: :phone do
    page.driver.browser.execute_cdp(
      "Emulation.setDeviceMetricsOverride",
      width: 320,
      height: 640,
      deviceScaleFactor: 1,
      mobile: true
    )
    visit "/"
    expect(sideways?).to be false
    open_cream
    expect(sideways?).to be false
  end

  it("works with scripts off", scripts: false) do
    visit "/"
    fill_in "recipe", with: schnitzels
    click_button "Work it out"
    expect(page).to have_css("#answer .big", text: /\d g/)
  end
end
