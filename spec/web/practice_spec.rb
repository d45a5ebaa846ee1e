RSpec.describe "The Practice room", :web do
  practices = -> { WebHelpers::SERVICES.practices }

  def start(lesson)
    send_form("/practice", {"lesson" => lesson})
    @id = Integer(last_response.headers["location"][%r{/practice/(\d+)}, 1])
  end

  def go(**fields) = send_form("/practice/#{@id}", fields.transform_keys(&:to_s), {"HTTP_X_RESTAURO_LIVE" => "1"})

  it("stands with a dozen lessons") { visit("/practice").then { expect(page.css("button.lesson").length).to eq 12 } }

  it "asks for a guess first, then lets time pass, twenty seconds at most a request, and survives a reload" do
    start("thin_in_the_pan")
    visit("/practice/#{@id}")
    expect(page.css("button[name=guess]").length).to eq 3
    go(guess: "clearly thinner")
    go(advance: "20")
    go(advance: "500")
    expect(practices.call.fetch(@id).seconds).to eq 40.0
    visit("/practice/#{@id}")
    expect(
      [text_of(".step-look").first, page.css("button[name=guess]").length, page.css(".practice-picture").length]
    ).to match([/After 0.7 minutes it is (cold|warm)/, 0, 1])
  end

  it "says now, and is scored by where a good cook lands" do
    start("floating_is_not_done")
    7.times { go(advance: "20") }
    go(do: "now")
    expect([text_of("#lesson-hands h2").first, text_of(".moved").first]).to match([/Not this time/, /cut one/])
    start("floating_is_not_done")
    12.times { go(advance: "20") }
    go(do: "now")
    expect(text_of("#lesson-hands h2").first).to eq "Where a good cook lands"
  end

  it "is kept by who played" do
    send_form("/practice/learner", {"learner" => "Wanda"})
    start("floating_is_not_done")
    7.times { go(advance: "20") }
    go(do: "now")
    visit("/practice").then { expect(text_of("button.lesson").grep(/Floating/).first).to match(/0 of 1 right/) }
    send_form("/practice/learner", {"learner" => ""})
    visit("/practice").then { expect(text_of("button.lesson").grep(/Floating/).first).to match(/not tried/) }
  end

  it "refuses what is not offered, and another's lesson" do
    start("brown_is_not_done")
    go(do: "slurry:3")
    expect(text_of(".problem").first).to match(/nothing such to do/)
    expect([visit("/practice/999999").status, send_form("/practice", {"lesson" => "no_such"}).status]).to eq [
      404,
      404
    ]
    clear_cookies
    expect(visit("/practice/#{@id}").status).to eq 404
  end

  it("every lesson is drawn from its first second to its end") do
    Restauro::Practice::Lesson.all.each do |lesson|
      start(lesson.key)
      3.times { go(advance: "20") }
      go(do: "now")
      expect(
        [last_response.status, page.css(".practice-picture").length, text_of("#lesson-hands .step-text").first]
      ).to match([200, 1, /\w/]),
      lesson.key
    end
  end
end

RSpec.describe "Practice from the notebook and the bench", :web do
  it "the sauce on the bench is practised before it is cooked" do
    send_form(
      "/swap",
      swap_fields(recipe: "Caraway cream\n40 g flour\n40 g butter\n500 ml milk", school: "slurry", with: "corn_starch")
    )
    send_form("/practice/own")
    visit(last_response.headers["location"].sub(%r{\Ahttp://[^/]+}, ""))
    expect([text_of("h1").first, text_of("#lesson-hands h2").first]).to eq ["Caraway cream", "First a guess"]
    send_form("/swap", swap_fields(recipe: "Gnocchi\n900 g potatoes\n210 g flour\n1 egg"))
    expect(send_form("/practice/own").status).to eq 422
  end

  it "a dish that failed offers its lesson" do
    send_form(
      "/notebook",
      swap_fields(
        recipe: "Gravy\n30 g flour\n30 g butter\n500 ml stock",
        school: "slurry",
        with: "potato_starch",
        title: "Gravy"
      ).merge("keep" => "new")
    )
    id = last_response.headers["location"][/\d+\z/]
    visit("/notebook/#{id}").then { expect(page.css("button[name=lesson]").length).to eq 0 }
    send_form("/notebook/#{id}/mark", {"eater" => "all", "mark" => "no"})
    visit("/notebook/#{id}").then do
      expect(text_of("button[name=lesson]").first).to match(/Potato starch does not wait/)
    end
  end
end
