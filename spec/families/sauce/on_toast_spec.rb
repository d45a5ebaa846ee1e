# Bread and cheese on a soup, and what a sauce is compared with.
RSpec.describe Restauro::Families::Sauce do
  sauce = Restauro::Families.fetch("sauce", Reference::Helpers::CATALOGUE)
  steps = ->(spec, text) { sauce.steps(sauce.swap(sauce.read(spec.read(text)), sauce.options)).map(&:text).join("\n") }
  soup = "600 g onions, sliced\n50 g butter\n30 g plain flour\n1 l beef stock"

  it "lays toast and cheese on an onion soup, under the grill" do
    text = steps[self, "French onion soup\n#{soup}\n4 slices bread\n100 g gruyère"]
    expect(text).to match(/Toast .*bread; on the hot soup.*gruyère over it, under the grill/)
  end

  it "sets no bread beside a soup that has it on top" do
    expect(steps[self, "French onion soup\n#{soup}\n4 slices bread\n100 g gruyère"]).not_to match(/bread.* beside it/)
  end

  it "toasts nothing where there is no cheese for it" do
    expect(steps[self, "French onion soup\n#{soup}\n4 slices bread"]).not_to include "under the grill"
  end

  it "lays no cheese on a soup without bread under it" do
    expect(steps[self, "French onion soup\n#{soup}\n100 g gruyère"]).not_to include "under the grill"
  end

  describe described_class::Comparison do
    it "compares with the next best in the same way first, then with the others in the other way" do
      alternative = Struct.new(:keys)
      chosen = Struct.new(:school, :alternatives).new("roux", [alternative.new(%w[a]), alternative.new(%w[b])])
      comparison = described_class.allocate
      comparison.instance_variable_set(:@options, Struct.new(:with).new(%w[c]))
      expect(comparison.send(:usual, chosen)).to eq [["roux", %w[a]], ["slurry", %w[b]], ["slurry", %w[c]]]
    end
  end
end
