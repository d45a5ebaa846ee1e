# frozen_string_literal: true

# How many pieces a line tells of, and how thick such a piece is. Common practice.
RSpec.describe "The pieces of a line" do
  {
    "2 chicken breasts, each cut into 4" => 8, "2 chicken breasts, cut into 8" => 8, "8 chicken thighs" => 8,
    "2 chicken breasts, halved horizontally" => 4, "400g cod loin, cut into 8 fingers" => 8
  }.each do |text, count|
    it("counts #{count} of '#{text}'") do
      expect(Restauro::Heat::PieceLine.how_many(line(text, system: "uk"))).to eq count
    end
  end

  {"8 sausages" => 27, "6 hot dogs" => 21, "4 frankfurters" => 21, "4 cod fillets" => 18}.each do |text, thick_mm|
    it("takes one of '#{text}' to be some #{thick_mm} mm thick") do
      piece = Restauro::Heat::UsualPiece.of(line(text, system: "uk"), catalogue)
      expect(1000 * piece.thickness_m).to be_within(2.5).of(thick_mm)
    end
  end
end
