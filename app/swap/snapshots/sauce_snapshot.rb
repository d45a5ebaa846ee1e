module Restauro
  # What a snapshot holds of a sauce beside what all families share.
  module SauceSnapshot
    module_function

    def of(family, swap)
      system = swap.ours.recipe.system
      {
        school: swap.school,
        kept_texture: swap.kept,
        target: target(swap),
        slurry_water_g: slurry_water(swap),
        lumps: lumps(swap),
        thickeners: swap.thickeners.map { |line| SwapSnapshot.new_line(line, family, system, band: swap.needed(line)) },
        look_fors: family.look_fors(swap).map { |moment| moment(moment) },
        left_g: swap.ours.cooking.liquid_g.round,
        minutes: swap.ours.end_seconds / 60,
        serve_celsius: swap.ours.serve_celsius,
        emulsion: Families::Sauce::Emulsion.of?(swap.ours.recipe)
      }
    end

    def target(swap)
      {
        flour_equivalents: swap.target.round(3),
        spoons: Families::Sauce::Grade.spoons(swap.target).round(2),
        grade: swap.grade.key,
        does: swap.grade.does
      }
    end

    def slurry_water(swap) = swap.school == "slurry" ? swap.ours.cooking.formula.slurry_water_g.round(1) : nil

    # Whether it clumps, the way it is put together.
    def lumps(swap)
      return if swap.school == "reduction"

      risk =
        Families::Sauce::LumpRisk.assess(
          swap.ours.cooking.formula,
          swap.ours.options.pour || Families::Sauce::LumpRisk.usual(swap.school)
        )
      {level: risk.level, words: risk.words}
    end

    def moment(moment)
      {
        when: moment.when.to_s,
        celsius: moment.celsius.round(1),
        pa_s: moment.viscosity.value,
        low_pa_s: moment.viscosity.low,
        high_pa_s: moment.viscosity.high,
        grade: moment.grade.key,
        low_grade: moment.low_grade.key,
        high_grade: moment.high_grade.key,
        film_mm: moment.film_mm.round(2),
        text: moment.text,
        plate_mm: moment.plate_mm&.round
      }
    end
  end
end
