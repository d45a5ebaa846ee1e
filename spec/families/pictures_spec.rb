# What the instruments draw is what was computed: the picture's own laws, whatever the recipe.
RSpec.describe "The numbers that pictures draw" do
  part = ->(spec, text, **choices) { spec.answer(text, **choices).then { |answer| answer.parts[answer.dish.main] } }
  draw = ->(spec, text, **choices) { part[spec, text, **choices].then { |found| found.family.picture(found.swap) } }

  describe "of a sauce" do
    let(:found) { part[self, "Sauce\n40 g butter\n40 g flour\n500 ml milk"] }
    let(:picture) { found.family.picture(found.swap) }

    it "lay the grades side by side, from the thinnest that runs to the thickest that stands" do
      bands = picture[:bands]
      expect(bands.each_cons(2).map { |low, high| low[:high_pa_s] == high[:low_pa_s] }).to all be true
      expect(bands.values_at(0, -1).map { |band| band.values_at(:low_pa_s, :high_pa_s).index(nil) }).to eq [0, 1]
      expect(bands.flat_map { |band| band.values_at(:low_pa_s, :high_pa_s) }.compact).to eq(
        bands.flat_map { |band| band.values_at(:low_pa_s, :high_pa_s) }.compact.sort
      )
    end

    it "let the target stand at every tenth of a spoon from half a spoon to four and a half, the thicker the higher" do
      expect(picture[:stops].map { |stop| stop[:spoons] }).to eq((5..45).map { |tenths| tenths / 10.0 })
      expect(picture[:stops].map { |stop| stop[:pa_s] }).to eq picture[:stops].map { |stop| stop[:pa_s] }.sort
      expect(picture[:stops].map { |stop| stop[:grade] }.uniq).to eq %w[runny thin medium thick very_thick].last(
        picture[:stops].map { |stop| stop[:grade] }.uniq.length
      )
    end

    it "put the target where the plate's own thickness is" do
      plate = found.swap.ours.viscosity_plate.value
      expect(picture[:target][:pa_s]).to be_within(3).percent_of(plate)
      expect(picture[:target][:flour_equivalents]).to be_within(1e-3).of(found.swap.target)
    end

    %i[wheat ours].each do |side|
      it "follow the course of #{side}, and go on cooling from where the heat ended" do
        course, cooling = picture[side].values_at(:course, :cooling)
        expect(course.last[:seconds]).to be_within(0.01).of(picture[side][:off_seconds])
        expect(cooling.first[:seconds]).to be > course.last[:seconds]
        expect(cooling.last[:celsius]).to be_within(0.01).of(picture[:serve_celsius])
      end

      it "keep each point of #{side} inside its band" do
        thick = picture[side].values_at(:course, :cooling).flatten.select { |point| point[:viscosity_pa_s] }
        expect(thick).to all(satisfy { |point| point[:viscosity_pa_s].between?(point[:low_pa_s], point[:high_pa_s]) })
      end
    end
  end

  describe "of a sauce that cools" do
    # Served at 60 or at 70: the same pan, the same minutes to each degree on the way.
    it "reach a serving heat at the same moment whatever it cools to after" do
      text = "Sauce\n40 g butter\n40 g flour\n500 ml milk"
      swap = part[self, text].swap
      pan, last = swap.ours.options.pan, swap.ours.cooking.last
      to = ->(celsius) { Restauro::Families::Sauce::Cooling.points(pan, last, to_celsius: celsius) }
      further = to[55.0]
      after = further.index { |_, celsius| celsius < 62.0 }
      (from_s, from), (till_s, till) = further.values_at(after - 1, after)
      crossing = from_s + (till_s - from_s) * (from - 62.0) / (from - till)
      expect(to[62.0].last).to match [be_within(0.05).of(crossing), 62.0]
    end

    it "need no cooling where it is served as hot, nor at the room's own heat" do
      swap = part[self, "Sauce\n40 g butter\n40 g flour\n500 ml milk"].swap
      points = ->(celsius) do
        Restauro::Families::Sauce::Cooling.points(swap.ours.options.pan, swap.ours.cooking.last, to_celsius: celsius)
      end
      expect([points[150.0], points[Restauro::Constants.fetch(:pan, :room_celsius)]]).to eq [[], []]
    end
  end

  describe "of a coated piece" do
    it "are those of its section: thickness, coat, moments, heat" do
      found = part[self, "Batter\n120 g flour\n180 ml milk\n1 egg", family: "batter", piece: piece("cod slice 20 mm"),
                         oil: 180]
      drawn, ours = found.family.picture(found.swap)[:section] || found.family.picture(found.swap), found.swap.ours
      numbers = Restauro::Families::Batter.section(ours)
      expect(numbers).to include(thickness_mm: 20.0, around: 180.0, crisp: ours.section.crisp, done: ours.section.done)
      expect(numbers[:coat_mm]).to be_between(0.3, 4).and be_within(1e-9).of(1000 * ours.coat_m)
      expect(drawn).not_to be_nil
    end

    def piece(text) = Restauro::Heat::Piece.parse(text, catalogue)
  end

  describe "of a crust" do
    pie = "Plum pie\n300 g plain flour\n150 g butter\n60 ml water\n800 g plums\n80 g sugar"

    it "cut its vents evenly around the lid, half way to the rim" do
      pan = Restauro::Kitchen::BakingPan.parse("26 cm round 4 cm deep")
      vents = draw[self, pie, pan: pan, cover: "double"][:pan][:vents]
      expect(vents.length).to be >= 3
      expect(vents.map { |x, y| Math.hypot(x, y) }).to all be_within(1e-9).of(0.5)
      angles = vents.map { |x, y| Math.atan2(y, x) % (2 * Math::PI) }.sort
      expect(angles.each_cons(2).map { |one, next_one| next_one - one }).to all(
        be_within(1e-9).of(2 * Math::PI / vents.length)
      )
    end

    it "cut more of them in a larger lid, never fewer than three", :long do
      counts = [12, 26, 40].map do |cm|
        draw[self, pie, pan: Restauro::Kitchen::BakingPan.parse("#{cm} cm round 4 cm deep"),
cover: "double"][:pan][:vents].length
      end
      expect([counts.first, counts.sort, counts.uniq.length]).to match [3, counts, be > 1]
    end

    it "cut none where nothing is closed" do
      pan = Restauro::Kitchen::BakingPan.parse("26 cm round 4 cm deep")
      expect(draw[self, pie, pan: pan, cover: "bottom"][:pan][:vents]).to eq []
    end

    it "weigh their bars: what is listed comes to all of the dough" do
      draw[self, "Tart\n200 g plain flour\n100 g butter\n1 egg\n30 ml water"][:bars].each_value do |bar|
        expect(bar.values_at(:flour, :fat, :binder, :liquid, :other).sum).to be_within(0.01).of(bar[:grams])
        expect(bar[:fat_share]).to be_within(1e-9).of(bar[:fat] / bar[:flour])
      end
    end

    it "show the bake a little past its end, from cold" do
      bake = draw[self, pie, cover: "double"][:bake]
      all = [bake[:prebake], bake[:bake]].compact.sum
      expect(bake[:rim].last.first).to be_between(all, 1.15 * [all, 10].max)
      expect(bake[:rim].first.last).to be < 60
    end
  end

  describe "of a dough" do
    it "follow a piece past where it is done and past where it floats" do
      boil = draw[self, "Gnocchi\n800 g riced potato\n200 g flour\n1 egg"][:boil]
      minutes = boil[:columns].map { |column| column[:minutes] }
      expect(minutes.last).to be_between([boil[:done], boil[:float][:high]].max, Float::INFINITY)
      expect([minutes.first, minutes]).to eq [0, minutes.sort]
    end

    it "lay as many rounds as there are, none over another" do
      layout = draw[self, "Ravioli\n300 g flour\n3 eggs\nFilling:\n250 g ricotta"][:layout]
      apart = layout[:centres].combination(2).map { |(ax, ay), (bx, by)| Math.hypot(ax - bx, ay - by) }
      expect(apart.min).to be >= layout[:cutter_mm] - 1e-6
    end
  end
end
