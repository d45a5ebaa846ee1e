RSpec.describe "Practice in the browser" do
  def take(title)
    visit "/practice"
    find("button.lesson", text: title).click
    first("button[name=guess]").click
    expect(page).to have_css("#lesson-hands h2", text: "Your hands")
  end

  it "time runs, a key does what stands beside it, n says now" do
    take("Floating is not done")
    choose "20 times", allow_label_click: true
    expect(page).to have_css("#lesson-scene .step-look", text: "they float")
    find("body").send_keys("1")
    expect(page).to have_css("#lesson-scene .step-look", text: "the one that is cut")
    expect(page).to accessible
    find("body").send_keys("n")
    expect(page).to have_css("#lesson-hands .step-text")
    expect(page).to accessible
  end

  it "works by tens of seconds with scripts off", scripts: false do
    take("It cracks when it is bent")
    click_button "Ten seconds on"
    expect(page).to have_css(".row-clock", text: "0:10")
    click_button "Now: roll it out"
    expect(page).to have_css("#lesson-hands .step-text")
  end

  {"Thin in the pan" => nil, "Floating is not done" => "Cut one"}.each do |title, tap|
    it "a phone shows every word of the picture of '#{title}' whole, none upon another", size: :phone do
      take(title)
      click_button(tap) && find("svg.practice-picture text", text: "cut") if tap
      boxes = page.evaluate_script(<<~JS)
        (() => {
          const box = (element) => {
            const { left, top, right, bottom } = element.getBoundingClientRect();
            return [left, top, right, bottom];
          };
          const picture = document.querySelector("svg.practice-picture");
          return [box(picture), [...picture.querySelectorAll("text")].map(box)]; })()
      JS
      picture, words = boxes
      expect(words).not_to be_empty
      expect(words).to all(
        satisfy do |left, top, right, bottom|
          left >= picture[0] && top >= picture[1] && right <= picture[2] && bottom <= picture[3]
        end
      )
      over =
        words
          .combination(2)
          .select { |one, other| one[0] < other[2] && other[0] < one[2] && one[1] < other[3] && other[1] < one[3] }
      expect(over).to be_empty
    end
  end

  it "fits a phone, room and lesson", size: :phone do
    visit "/practice"
    expect(sideways?).to be false
    expect(page).to accessible
    take("Thin in the pan")
    expect(sideways?).to be false
    visit "/more"
    expect(page).to have_css("a.start", text: "Practice")
    expect(page).to accessible
  end
end
