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
    "mezz'ora" => [30], "1 minuto por cada lado" => [1], "2 godziny" => [120],
    "bake for twenty-five minutes" => [25], "forty to fifty minutes" => [45], "an hour and a quarter" => [75],
    "three-quarters of an hour" => [45], "3/4 of an hour" => [45], "a minute or two" => [1.5], "20m" => [20],
    "1h 20m" => [80], "1:20 hours" => [80], "between 20 and 25 minutes" => [22.5], "entre 20 y 25 minutos" => [22.5],
    "20'" => [20], "a 9' x 13' tin, 30 minutes" => [30], "90 seconds" => [1.5], "60-90 secs" => [1.25],
    "30 seconds, then simmer for 20 minutes" => [20], "a second time" => [], "use a 20 m roll" => []
  }.each do |text, minutes|
    it("reads '#{text}'") { expect(described_class.of(text)).to eq minutes }
  end
end
