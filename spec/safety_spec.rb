# The figures of food safety, against what the offices publish, and the words that must stand in each sentence.
RSpec.describe Restauro::Safety do
  # USDA FSIS, "Safe Minimum Internal Temperature Chart" (degrees Fahrenheit; celsius rounded as it prints them).
  {
    "poultry" => 165,
    "ground_poultry" => 165,
    "ground_meat" => 160,
    "whole_meat" => 145,
    "fish" => 145,
    "egg_dish" => 160,
    "stuffed" => 165,
    "reheat" => 165,
    "thin_meat" => 160
  }.each do |key, fahrenheit|
    it("asks #{fahrenheit} °F of #{key}, and says so") do
      celsius = ((fahrenheit - 32) / 1.8).round
      expect([described_class.celsius(key), described_class.words(key)]).to match(
        [celsius, include("#{celsius} °C", "(#{fahrenheit} °F)")]
      )
    end
  end

  # FDA Food Code 2022, 3-501.14 and 3-501.16: 57 C (135 F) to 21 C (70 F) within 2 hours, to 5 C (41 F) in 4 more; held
  # at 57 C or over: ours is 60 (140 F), USDA's.
  it("cools in two stages") do
    expect(%i[celsius hours then_celsius then_hours].map { |name| described_class.figure("cooling", name) }).to eq [
      21,
      2,
      5,
      4
    ]
  end
  it("holds hot at 60 °C or more") { expect(described_class.words("hot_hold")).to include("60 °C or over") }
  # USDA FSIS, "Leftovers and Food Safety": fridge within 2 hours (1 above 32 C), 3 to 4 days.
  it("keeps leftovers three to four days, and in the fridge within two hours") do
    expect([described_class.words("leftovers"), described_class.words("room")]).to match(
      [/within 2 hours, 3 to 4 days/, /2 hours.*1 above 32 °C/]
    )
  end
  it("rests a whole cut three minutes") { expect(described_class.words("whole_meat")).to include("3 minutes of rest") }

  # What each sentence is there for: taken out or turned round, it is missed.
  said = {
    "yolk_late" => /below the boil.*pregnant/,
    "yolk_boiled" => /must boil 2 minutes/,
    "raw_egg" => /pasteurised.*same day.*not for the pregnant/,
    "raw_batter" => /same day.*2 days at most.*short figure/,
    "raw_dough" => /same day.*1 to 2 days/,
    "raw_flour" => /do not taste.*wash hands/,
    "raw_chickpea" => /do not taste/,
    "raw_meat" => /board and a knife of their own/,
    "coeliac_pan" => /coeliac.*labelled gluten free.*no shared spoon/,
    "coeliac_bowl" => /coeliac.*labelled gluten free.*no wheat/,
    "coeliac_dishes" => /coeliac.*labelled gluten free.*no shared fryer/,
    "coeliac_board" => /coeliac.*labelled gluten free.*no wheat/,
    "coeliac_two_pots" => /coeliac.*dust.*never swap lids or spoons/,
    "coeliac_tin" => /coeliac.*labelled gluten free.*old wheat/,
    "hot_oil" => /never water.*never move.*lid on/,
    "hot_fat_tin" => /never water/,
    "hot_roux" => /hotter than boiling/,
    "boiling_water" => /scalds.*spoon first/,
    "steam" => /lid away/,
    "hot_filling" => /burn/,
    "hot_sugar" => /burns.*spits.*no child/,
    "wet_fat" => /spit/,
    "psyllium" => /liquid.*not for infants/,
    "gum" => /not for infants/i,
    "cassava" => /never from raw roots/,
    "middle_decides" => /brown is not done/,
    "poultry" => /do not rinse/,
    "egg_dish" => /not for the pregnant/,
    "shellfish" => /throw away what is cracked.*what has not opened/
  }
  said.each { |key, words| it("says of #{key} what it must") { expect(described_class.words(key)).to match(words) } }

  it "has every rule in these tables" do
    figures = %w[
      poultry
      ground_poultry
      ground_meat
      whole_meat
      fish
      egg_dish
      stuffed
      reheat
      thin_meat
      cooling
      hot_hold
      leftovers
      room
    ]
    expect(described_class.all.map(&:key) - said.keys - figures).to eq []
  end

  it "is the one place where the temperature of food is typed" do
    temperatures =
      described_class.all.filter_map { |rule| rule.row["celsius"] }.uniq.map(&:to_i).select { |celsius| celsius > 60 }
    pattern = /\b(?:#{temperatures.join("|")})\s?(?:°\s?C?|C\b|degrees)|\b1(?:45|60|65)\s?°?\s?F\b/
    files =
      Dir[File.join(Restauro::ROOT, "{lib,app,data}/**/*.{rb,erb,yml,csv}")].reject do |file|
        file.end_with?("data/safety.yml") || file.include?("/data/constants/")
      end
    found =
      files.flat_map do |file|
        File
          .readlines(file, encoding: "UTF-8")
          .grep_v(/^\s*#/)
          .grep(pattern)
          .map { |line| "#{file.delete_prefix(Restauro::ROOT)}: #{line.strip[0, 120]}" }
      end
    expect(found).to eq []
  end
end
