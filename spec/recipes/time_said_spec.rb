# The times of a method, as people write them.
RSpec.describe Restauro::Recipes::TimeSaid do
  {
    "Simmer for 1.5 hours, then 20 minutes more" => [90, 20], "an hour and a half" => [90], "1 hour 20 minutes" => [80],
    "2½ hours" => [150], "1 1/2 hrs" => [90], "half an hour" => [30], "20-25 mins" => [22.5], "2 to 3 hours" => [150],
    "two hours" => [120], "1 h 20 min" => [80], "1h" => [60], "40-45 more minutes" => [42.5],
    "1 hour and 10 minutes" => [70], "40 bis 50 Minuten" => [45], "2 heures" => [120],
    "a 5-minute simmer" => [5], "25 minutes, then 1 hour" => [25, 60], "200C, gas 6" => [], "500 ml" => [],
    "Fry one at a time for 3 minutes" => [3], "set a timer for 10 minutes" => [10], "2 timer" => [120],
    "2 timmar" => [120], "une heure et demie" => [90], "anderthalb Stunden" => [90], "een kwartier" => [15],
    "mezz'ora" => [30], "1 minuto por cada lado" => [1], "2 godziny" => [120]
  }.each do |text, minutes|
    it("reads '#{text}'") { expect(described_class.of(text)).to eq minutes }
  end
end
