module Restauro
  # Works out what to do with the sauce or the batter of the Swap page, from what the cook sees of it.
  class RescuePage
    # seen_e: g/100 g that was seen, of the whole pan, or nil
    attr_reader :worked, :input, :result, :error, :seen_e

    # @param worked [SwapPage]   @param input [RescueInput]
    def initialize(worked, input)
      @worked = worked
      @input = input
      work_out
    end

    def swap = worked.swap
    def family = worked.family
    # Whether the rest of it can be mended by what a piece of it did.
    def dough? = family.respond_to?(:schools)
    def sauce? = family.grades.any?
    # A batter is told by how it runs.
    def by_rung? = !sauce? && !dough? && family.texture?(Hydration::Rung.all.first.key)
    # What to look at before choosing.
    def look_words
      piece =
        (
          if family.choices.include?(:rope_mm)
            "Boil one piece before you shape the rest, and choose what it or the dough does."
          end
        )
      piece || "Choose what the crust does; what to do with the rest of the dough stands beside it."
    end
    # What else can go wrong with this kind of dish.   @return [Array<Families::Troubles::Trouble>]
    def troubles = Families::Troubles.of(family.key)
    def trouble = input.trouble && Families::Troubles.fetch(family.key, input.trouble)
    # What to do with a batter seen too thick or too thin, or with the rest of a dough whose test piece did that.
    def moves = @moves || []

    # What the spoon shows of each grade, at the heat of the pan or of the plate: the film to expect.
    # @return [Array<Array(Families::Sauce::Grade, Hash)>] with a moment to draw
    def spoons
      Families::Sauce::Grade::ALL.map do |grade|
        pa_s = thickness(grade)
        [grade, {grade: grade.key, film_mm: swap.ours.film_of(pa_s, grade.flour_equivalents), text: grade.does}]
      end
    end

    # A move's course as the chart draws it: the pan as it is in the wheat's place, the pan mended in ours.
    def picture(move)
      Families::Sauce::Picture.new(
        Families::Sauce::Swap.new(**swap.to_h, wheat: result.now, ours: move.prediction)
      ).to_h
    end

    private

    def work_out
      return if swap.nil?
      return mend unless sauce?
      return unless (seen = @seen_e = observed)

      @result =
        worked.family.rescue(
          swap.ours.recipe,
          worked.options.with_choices(target: nil),
          observed: seen,
          target: swap.target
        )
    rescue InvalidInput => e
      @error = e.message
    end

    # A batter by the rung it looks like.
    def mend
      return (@moves = input.trouble ? family.mend(swap, trouble: trouble.key) : []) if dough?
      return unless by_rung? && input.rung

      @moves = family.mend(swap, observed: Hydration::Rung.fetch(input.rung).middle.to_f)
    end

    # Pa s that a grade has where it looks so: its 60 C figure, whatever the pan's heat.
    def thickness(grade) =
      Physics::Viscosity.pa_s(
        [grade.flour_equivalents, 0.6].max,
        celsius: Constants.fetch(:sauce, :viscosity_celsius),
        base: swap.ours.thin
      )

    # @return [Float, nil] e of the whole pan
    def observed
      return worked.family.read_plate(swap.ours.recipe, input.plate_mm).value if input.plate_mm
      return unless input.seen

      celsius = input.where == "pan" ? swap.ours.pan_celsius : swap.ours.serve_celsius
      at_that_heat(thickness(Families::Sauce::Grade.fetch(input.seen)), celsius)
    end

    # The flour-equivalents that look like this at this heat, by bisection.
    def at_that_heat(pa_s, celsius)
      low, high = 0.05, Constants.fetch(:sauce, :e_cap)
      40.times do
        middle = (low + high) / 2
        swap.ours.viscosity_of(middle, celsius) < pa_s ? low = middle : high = middle
      end
      high
    end
  end
end
