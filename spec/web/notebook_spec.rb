RSpec.describe "The Notebook pages" do
  def keep(**changes)
    send_form("/notebook", swap_fields(title: "Our sauce", note: "<b>good</b>", **changes).merge("keep" => "new"))
    last_response.headers["location"][/\d+\z/].to_i
  end

  it "keep inputs, choices, the data's version and the result, and show them escaped" do
    kept = WebHelpers::SERVICES.kept_swaps.fetch(keep)
    expect([kept.title, kept.inputs["recipe"], kept.choices["school"], kept.data_version]).to eq [
      "Our sauce",
      swap_fields["recipe"],
      "roux",
      WebHelpers::SERVICES.data_version
    ]
    visit("/notebook/#{kept.id}")
    expect([text_of(".big").first, last_response.body]).to match([/maize starch/, include("&lt;b&gt;good&lt;/b&gt;")])
  end

  it "never rewrite the past: a kept result stays though the model has moved on" do
    id = keep
    snapshot = WebHelpers::SERVICES.kept_swaps.fetch(id).snapshot
    snapshot["thickeners"].first["grams"] = 99.0
    WebHelpers::SERVICES.kept_swaps.update(id, snapshot: snapshot, data_version: "older")
    visit("/notebook/#{id}")
    expect([text_of(".big").first, text_of(".hint").join]).to match([/99 g/, /figures of that day/])
  end

  it "keep nothing when there is no swap, and say why" do
    send_form("/notebook", swap_fields(recipe: "2 cups milk").merge("keep" => "new"))
    expect([last_response.status, text_of(".problem").first, WebHelpers::SERVICES.kept_swaps.any?]).to match(
      [422, /flour/, false]
    )
  end

  it "open a kept swap as it was left, and save over it" do
    id = keep(with: "potato_starch", school: "slurry")
    send_form("/notebook/#{id}/open")
    visit("/swap")
    expect([text_of(".big").first, page.at_css("input[name=kept_id]")["value"]]).to match([/potato starch/, id.to_s])
    send_form("/notebook", swap_fields(title: "Changed").merge("keep" => "over", "kept_id" => id.to_s))
    expect(WebHelpers::SERVICES.kept_swaps.list.map { |k| [k.id, k.title] }).to eq [[id, "Changed"]]
  end

  it "ask before deleting" do
    id = keep
    visit("/notebook/#{id}/delete")
    expect([text_of("h1").first, WebHelpers::SERVICES.kept_swaps.any?]).to match([/Delete/, true])
    send_form("/notebook/#{id}/delete")
    expect(WebHelpers::SERVICES.kept_swaps.any?).to be false
  end

  it "say that it is kept, and give back what was deleted" do
    id = keep
    visit("/notebook/#{id}")
    expect(text_of(".said").first).to eq "Kept."
    send_form("/notebook/#{id}/delete")
    visit("/notebook")
    expect(text_of(".undo-bar").first).to match(/\ADeleted: /)
    send_form("/notebook/#{id}/bring-back")
    visit("/notebook/#{id}")
    expect([text_of(".said").first, WebHelpers::SERVICES.kept_swaps.list.map(&:id)]).to eq ["It is back.", [id]]
  end

  it "is found by what is in the lines, by mark and by favourite" do
    id = keep(with: "potato_starch", school: "slurry")
    send_form("/notebook/#{id}/mark", {"eater" => "all", "mark" => "nearly"})
    send_form("/notebook/#{id}/favourite", {"yes" => "yes"})
    found =
      %w[q=potato q=sorghum mark=nearly mark=right favourite=yes].map do |query|
        visit("/notebook?#{query}").then { text_of(".entry-name").length }
      end
    expect(found).to eq [1, 0, 1, 0, 1]
    send_form("/notebook/#{id}/mark", {"eater" => "all", "mark" => "awful"})
    expect(last_response.status).to eq 422
  end

  it "keep once what is pressed twice" do
    2.times { send_form("/notebook", swap_fields(title: "Once", note: "x").merge("keep" => "new")) }
    expect(WebHelpers::SERVICES.kept_swaps.list.map(&:title)).to eq ["Once"]
    send_form("/notebook", swap_fields(title: "Once", note: "another").merge("keep" => "new"))
    expect(WebHelpers::SERVICES.kept_swaps.list.length).to eq 2
  end

  it "show both where another screen wrote the note meanwhile" do
    id = keep
    send_form(
      "/notebook/#{id}",
      {"title" => "Sauce", "note" => "theirs", "was" => WebHelpers::SERVICES.kept_swaps.fetch(id).note}
    )
    send_form("/notebook/#{id}", {"title" => "Sauce", "note" => "ours", "was" => ""})
    expect(
      [
        last_response.status,
        text_of(".entry-note").first,
        text_of("textarea[name=note]").first,
        WebHelpers::SERVICES.kept_swaps.fetch(id).note
      ]
    ).to eq [409, "theirs", "ours", "theirs"]
    send_form("/notebook/#{id}", {"title" => "Sauce", "note" => "theirs and ours", "was" => "theirs"})
    expect(WebHelpers::SERVICES.kept_swaps.fetch(id).note).to eq "theirs and ours"
  end

  it("find nothing at odd addresses") do
    expect(%w[0 99 abc 99999999999].map { |id| visit("/notebook/#{id}").status }).to eq [404] * 4
  end

  it "load the demo once, whole, with none of it in the way of a cook who deletes it" do
    2.times { Restauro::Demo.load(TestDatabase.connection, WebHelpers::SERVICES) }
    titles = WebHelpers::SERVICES.kept_swaps.list.map(&:title)
    expect([titles.length, titles.uniq.length]).to eq [Restauro::Demo.data["notebook"].length] * 2
    visit("/notebook?q=thin+as+soup")
    expect(text_of(".entry-title")).to eq ["Onion and cider-vinegar gravy"]
  end
end
