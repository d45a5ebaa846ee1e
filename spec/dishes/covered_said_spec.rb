# Whether a dish is under its lid to the end, by the words of its steps.
RSpec.describe Restauro::Dishes::CoveredSaid do
  {
    "Bake covered at 180C for 1 hour." => true,
    "Cover with foil and bake at 180C for 40 minutes." => true,
    "Cover and bake for an hour at 160C." => true,
    "Bake for an hour, lid on." => true,
    "Zugedeckt 60 Minuten bei 180 Grad backen." => true,
    "Bake uncovered at 180C for 1 hour." => false,
    "Bake, covered, for 40 minutes. Uncover and bake 10 minutes more." => false,
    "Cover the meat with the sauce and bake at 180C." => false,
    "Cover and simmer for an hour." => false
  }.each do |step, covered|
    it "#{covered ? "is" : "is not"} said by: #{step}" do
      expect(described_class.of?(read("Bake\n40 g flour\n40 g butter\n500 ml milk\n#{step}"))).to be covered
    end
  end
end
