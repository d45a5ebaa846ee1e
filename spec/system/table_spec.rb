RSpec.describe "The Table in the browser" do
  before do
    Restauro::Demo.load(
      TestDatabase.connection,
      Restauro::Services.on(TestDatabase.connection, clock: -> { TestDatabase::CLOCK_START })
    )
  end

  def put_on
    visit "/table"
    find("summary", text: "A thing that is no swap").click
    fill_in "name", with: "Joint"
    fill_in "steps", with: "roast, 40 min, oven 190\nrest, 18 min, holds 20"
    find("details[open] button", text: "Add it").click
    expect(page).to have_css(".lanes")
  end

  it "a bar is dragged to another time and stays there" do
    put_on
    bar = find("[data-task='0-0']")
    page.driver.browser.action.click_and_hold(bar.native).move_by(-120, 0).release.perform
    expect(page).to have_css(".lane-task.pinned", count: 1).and have_css(".pin-one", text: "let it go")
    click_button "Let every pin go"
    expect(page).to have_no_css(".lane-task.pinned")
    expect(page).to accessible
  end

  it "the supper stands whole, is cooked, and goes on after a reload" do
    visit "/table"
    click_button "Look at one first"
    expect(page).to have_css(".table-dishes > li", count: 6)
    expect(page).to accessible
    click_button "Cook it"
    expect(page).to have_css("#meal-now")
    expect(page).to accessible
    first(:button, text: /I begin it now|I am at it|It is in/).click
    expect(page).to have_css("#meal-now .clock, #meal-alone .clock")
    sleep 1 # what another screen would have been told has come by now
    expect(page).to have_no_css("#meal-now [role=alert]")
    refresh
    expect(page).to have_css("#meal-now .clock, #meal-alone .clock")
  end

  it "fits a phone", size: :phone do
    put_on
    expect(sideways?).to be false
    click_button "Cook it"
    expect(page).to have_css("#meal-now")
    expect(sideways?).to be false
  end
end
