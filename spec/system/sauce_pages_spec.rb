RSpec.describe "One sauce in the browser" do
  it "rescued: the spoon that was seen, and how it will go" do
    open_cream
    visit "/rescue"
    find(".spoon-choice", text: "runs off, leaves a veil").click
    expect(page).to have_css(".move .advice", text: "maize starch").and have_css(".move .course-chart")
    expect(page).to accessible
    choose "on the plate", allow_label_click: true
    select "lumps", from: "trouble"
    expect(page).to have_css(".trouble", text: "spatula")
  end

  it "compared and taken" do
    open_cream
    visit "/compare"
    expect(page).to accessible
    name = find(".candidate-best h2").text[/\A[^,]+/].downcase
    find(".candidate-best button").click
    expect(page).to have_css(".answer .big", text: /#{name.split(" and ").first}/i)
  end

  it "looked at on the way, and stirred together otherwise" do
    open_cream
    find(".look-field input").set(20)
    expect(page).to have_css(".moments-four li", text: "after")
    in_pick("way") { select "hot liquid all at once onto the hot roux", from: "pour" }
    expect(page).to have_css(".warning", text: "Lumps")
    expect(page).to accessible
  end

  it "on a stove that was measured" do
    visit "/stove"
    fill_in "From, °C", with: "18"
    fill_in "To, °C", with: "60"
    click_button "Work it out and keep it"
    expect(page).to have_css(".big", text: "medium")
    expect(page).to accessible
  end

  %w[/compare /rescue /stove].each do |path|
    it("#{path} fits a phone", size: :phone) { visit(path).then { expect(sideways?).to be(false) } }
  end
end
