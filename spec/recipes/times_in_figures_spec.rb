# Times in words, as recipes tell them.
RSpec.describe Restauro::Recipes::TimesInFigures do
  {
    "Fry for four to five minutes" => "Fry for 4 to 5 minutes", "Bake for twenty-five minutes" => "Bake for 25 minutes",
    "two–three minutes" => "2–3 minutes", "one hour and ten minutes" => "1 hour and 10 minutes",
    "two more minutes" => "2 more minutes", "zwanzig Minuten backen" => "20 Minuten backen",
    "cuire cinq à dix minutes" => "cuire 5 à 10 minutes", "durante cuarenta y cinco minutos" => "durante 45 minutos",
    "cook around 20 minutes" => "cook about 20 minutes", "approx. 1-2 hours" => "about 1-2 hours"
  }.each { |told, figures| it("reads '#{told}'") { expect(described_class.of(told)).to eq figures } }

  ["four large eggs", "cut into four", "trois cuillères de farine", "two and a half hours", "a minute", "around 200 g"]
    .each { |text| it("leaves '#{text}'") { expect(described_class.of(text)).to eq text } }
end
