require_relative "../../app/table/inputs/clock_text"

RSpec.describe Restauro::ClockText do
  {
    "12" => 12,
    "1:30" => 1.5,
    "90 s" => 1.5,
    "2 h" => 120,
    "1 h 15" => 75,
    "1:05:30" => 65.5,
    "2,5 min" => 2.5,
    "3 min 20 s" => 3 + 20 / 60.0
  }.each do |text, minutes|
    it("'#{text}' is #{minutes.round(2)} minutes") do
      expect(described_class.minutes(text)).to be_within(1e-9).of(minutes)
    end
  end

  ["soon", "", "1:75", "-3", "1e9", "12 eggs"].each do |text|
    it("'#{text}' is said not to be understood") do
      expect { described_class.minutes(text) }.to raise_error(
        Restauro::InvalidInput,
        /type minutes such as 12, or 1:30/
      )
    end
  end
end
