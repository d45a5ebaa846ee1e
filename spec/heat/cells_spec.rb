# By geometry: a shell's faces go by the radius to the power 0, 1, 2 for a slab, a cylinder, a sphere, and all shells
# together weigh what the piece does, rho R / (power + 1) for one m2 of its surface.
RSpec.describe Restauro::Heat::Cells do
  piece = ->(text) { Restauro::Heat::Piece.parse(text, Reference::Helpers::CATALOGUE) }

  {"celeriac slice 20 mm" => 0, "celeriac stick 20 mm" => 1, "celeriac floret 20 mm" => 2}.each do |text, power|
    it "#{text}: what passes between two cells goes by the face between them" do
      cells = described_class.of(piece[text], 4, 60.0)
      faces = [0.25, 0.5, 0.75].map { |radius| radius**power }
      whole = cells.conductivity / (0.010 / 4)
      expect(cells.conductance).to match(faces.map { |face| be_within(1e-6).percent_of(whole * face) })
    end

    it "#{text}: its cells weigh what it does" do
      cells = described_class.of(piece[text], 4, 60.0)
      expect(cells.mass).to be_within(1e-6).percent_of(piece[text].food.density(60.0) * 0.010 / (power + 1))
    end
  end
end
