RSpec.describe Restauro::Shaping::Packing do
  # Drawn by hand on squared paper: 60 mm rounds on 140 x 340 mm lie five in a row, a second row of five half a round
  # off: 60 + 52 = 112 mm of 140 across.
  it("cuts ten 60 mm rounds of 140 x 340 mm") do
    expect(described_class.count(width: 140.0, length: 340.0, diameter: 60.0)).to be_within(1).of(10)
  end
  it("falls back on a plain grid where rows that are set off lose more") do
    expect(described_class.count(width: 120.0, length: 120.0, diameter: 60.0)).to eq 4
  end
  it("cuts none of a sheet narrower than the ring") do
    expect(described_class.count(width: 50.0, length: 400.0, diameter: 60.0)).to eq 0
  end

  # Gauss; Thue: no packing of the plane is denser than pi/sqrt(12) = 0.9069.
  it "comes to the densest packing there is on a large sheet" do
    count = described_class.count(width: 4000.0, length: 4000.0, diameter: 40.0)
    expect(count * Math::PI * 20**2 / 4000.0**2).to be_between(0.89, Math::PI / Math.sqrt(12))
  end

  it "keeps every round on the sheet and clear of its neighbours" do
    centres = described_class.centres(width: 150.0, length: 333.0, diameter: 45.0)
    expect(centres).to all(satisfy { |x, y| x.between?(22.49, 310.51) && y.between?(22.49, 127.51) })
    expect(centres.combination(2).map { |(a, b), (c, d)| Math.hypot(a - c, b - d) }.min).to be >= 45 - 1e-6
  end
end

RSpec.describe Restauro::Shaping::Sheets do
  it "keeps the dough's volume, and a machine's width" do
    sheets = described_class.of(volume: 300_000.0, thickness: 1.5, tool: "machine")
    expect([sheets.area * sheets.thickness, sheets.width, sheets.length]).to match(
      [be_within(1e-6).of(300_000), 140, be <= 450]
    )
  end

  it "rolls scraps again, and never cuts more than there is" do
    sheets = described_class.of(volume: 300_000.0, thickness: 1.5, tool: "machine")
    first, *again = sheets.rounds(60.0)
    expect([again.sum.positive?, sheets.waste_share(60.0)]).to match([true, be_between(0.0, 0.15)])
    expect(first + again.sum).to be <= 300_000 / 1.5 / described_class.disc(60.0)
  end
end

RSpec.describe Restauro::Shaping::Filling do
  # Common practice: a ring of about 4 cm takes a scant half teaspoon.
  it("fills a 4 cm ring with a scant half teaspoon") do
    expect(described_class.grams(40.0) / 1.05).to be_within(0.15).of(0.9 * 4.93 / 2)
  end
  it("needs the ring that uses up dough and filling") do
    sheets = Restauro::Shaping::Sheets.of(volume: 250_000.0, thickness: 1.5, tool: "machine")
    ring = described_class.ring_for(320.0, sheets)
    used = sheets.rounds(ring.to_f).sum * described_class.grams(ring.to_f)
    expect(used).to be_within(8).percent_of(320)
  end
end

RSpec.describe Restauro::Shaping::Plan do
  choice = Struct.new(:shape, :thickness_mm, :cutter_mm, :rope_mm, :tool, :seal, keyword_init: true)
  of = ->(**more) do
    described_class.of(
      choice.new(thickness_mm: 1.5, cutter_mm: 60.0, rope_mm: 20.0, tool: "machine", seal: "folded", **more),
      grams: 500.0,
      density: 1000.0
    )
  end

  # By hand: a rope of 20 mm cut every 20 mm is 6.283 cm3: 79 pieces of 500 cm3, 3.6 cm3 over.
  it("cuts 79 pieces of a 20 mm rope") do
    expect(of[shape: "dumpling"].then { |plan| [plan.pieces, plan.left_g.round(1), plan.path_mm] }).to eq [
      79,
      3.6,
      20.0
    ]
  end
  it("counts both layers where it is sealed, and two rounds to a pair") do
    expect(
      %w[folded pair]
        .map { |seal| of[shape: "filled", seal: seal] }
        .then { |folded, pair| [folded.path_mm, pair.pieces] }
    ).to match([3.0, be_within(1).of(of[shape: "filled"].pieces / 2)])
  end
  it("uses the dough up, whatever the shape") do
    %w[dumpling extruded filled].each do |shape|
      of[shape: shape].then do |plan|
        expect(plan.pieces * plan.piece_g + plan.left_g).to be_within(plan.piece_g).of(500)
      end
    end
  end
  it("is done sooner with two") do
    expect(
      [1, 2].map { |helpers| Restauro::Shaping::Labour.minutes("filled", pieces: 60, sheets: 3, helpers: helpers) }
    ).to eq [34.0, 21.5]
  end
end
