require_relative "../../app/shared/preferences"
require_relative "../../app/shared/presenters/format"
require_relative "../../app/shared/presenters/degrees"
require_relative "../../app/shared/presenters/house_format"

# Source: the scales' definition, 100 K between water freezing and boiling and 180 degrees of Fahrenheit.
RSpec.describe Restauro::Presenters::HouseFormat do
  {"C" => 15, "F" => 27}.each do |degrees, apart|
    it "15 K colder is #{apart} degrees apart in #{degrees}, as 15 K hotter is" do
      house = described_class.new(Restauro::Preferences.of("degrees" => degrees))
      expect([-15.0, 15.0].map { |kelvin| house.degrees_apart(kelvin) }).to eq([apart, apart])
    end
  end
end
