# A pot that cooks by itself, as a recipe tells of it. What is asked is common practice.
RSpec.describe Restauro::Dishes::PotSaid do
  said = ->(*sentences) { described_class.of(sentences)&.then { |pot, from| [pot.to_s, from] } }

  it "is a slow cooker on low or high, for the first time that its sentence says" do
    expect(said["Beef stew", "Cook in the slow cooker on high for 4 hours, stirring after 2 hours."]).to eq [
      "slow cooker, lid on, on high, 240 min", "Cook in the slow cooker on high for 4 hours, stirring after 2 hours."
    ]
    expect(said["Slow cooker beef", "Cook on low for 8 hours."].first).to eq "slow cooker, lid on, on low, 480 min"
  end

  it "is a pressure cooker, and says which sentence" do
    expect(said["Stew", "Cook in the pressure cooker for 25 minutes.", "Simmer for 10 minutes."]).to eq [
      "pressure cooker, 25 min", "Cook in the pressure cooker for 25 minutes."
    ]
  end

  it "is nothing without a time, or without such a pot" do
    expect([said["Slow cooker beef", "Serve it."], said["Stew", "Simmer for 2 hours."]]).to eq [nil, nil]
  end
end
