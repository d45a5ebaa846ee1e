RSpec.describe Restauro::Physics::Air do
  reference_rows("boiling_point").each do |row|
    it "boils at #{row[:expected_c]} C at #{row[:case]} (#{row[:source]})" do
      expect(described_class.boiling_celsius(described_class.pressure_pa(row[:altitude_m]))).to be_within(
        row[:tol_c]
      ).of(row[:expected_c])
    end
  end

  reference_rows("steam_table").each do |row|
    it("has #{row[:pascal]} Pa of steam at #{row[:celsius]} C within half a per cent (#{row[:source]})") do
      expect(described_class.steam_pressure_pa(row[:celsius])).to be_within(0.5).percent_of(row[:pascal])
    end
  end

  it("refuses heights where nobody cooks") do
    expect { described_class.pressure_pa(9000) }.to raise_error(Restauro::InvalidInput, /9000/)
  end
end
