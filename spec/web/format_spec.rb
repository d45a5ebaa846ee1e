require_relative "../../app/shared/presenters/format"

# What the pages say of a texture reads as a sentence, whatever the words for it are.
RSpec.describe Restauro::Presenters::Format do
  Restauro::Families::Sauce::Grade::ALL.map(&:does).each do |does|
    it("#{does} is said of a sauce") { expect(described_class.it(does)).to match(/\AIt \w+s\b|\AOn it a .* stays\z/) }
  end

  Restauro::Hydration::Rung.all.map(&:says).each do |says|
    it "#{says} is said of a bowl" do
      expect(described_class.makes(says)).to match(/\Amakes (?:a|crumbs)\b|\A(?!makes)\w+s\b/)
    end
  end
end
