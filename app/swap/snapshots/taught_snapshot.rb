module Restauro
  # What this kitchen's own trials changed in an answer, beside what the book alone would have said.
  module TaughtSnapshot
    module_function

    # @param worked [SwapPage] answered   @return [Hash, nil] nil where nothing was changed
    def of(worked)
      learnt = worked.learnt
      return unless learnt&.any? && worked.answer

      found = {lines: lines(worked, learnt), oven: oven(worked), liking: liking(worked, learnt)}.compact
      found[:lines].empty? && found.length == 1 ? nil : found
    end

    # Thickeners and flours that take another weight than the book's.
    def lines(worked, learnt)
      told = worked.answer.lines.select do |line|
        line.ingredient && line.grams && TAUGHT.any? { |kind| learnt.tells?("#{kind}#{line.ingredient}") }
      end
      return [] if told.empty?

      book =
        worked
          .book_answer
          .lines
          .group_by(&:ingredient)
          .transform_values { |same| same.sum { |line| line.grams&.value.to_f } }
      told.filter_map do |line|
        before = book[line.ingredient] or next
        next if (line.grams.value - before).abs < 0.02 * before

        {
          name: worked.catalogue.fetch(line.ingredient).say,
          ours: line.grams.value.round(1),
          book: before.round(1),
          trials: trials(learnt, line.ingredient)
        }
      end
    end

    TAUGHT = ["", "drink ", "stretch "].freeze
    def trials(learnt, key) = TAUGHT.sum { |kind| learnt.beliefs["#{kind}#{key}"]&.trials.to_i }

    def oven(worked)
      oven = worked.oven
      return if oven.nil? || oven.plain?

      {factor: oven.slowness.round(3), trials: oven.trials, offset_k: oven.offset_k.round, hotter: oven.hotter}
    end

    # What this household, and those who eat, have called right, where the recipe's is another: a spoon's grade, or a
    # rung of wetness.
    def liking(worked, learnt)
      unless worked.swap && worked.family.choices.include?(:target) &&
          %w[grade rung].all? { |name| worked.input.state[name] == "keep" }
        return
      end

      factor = learnt.liking(worked.family.key, who: worked.who.map(&:name))
      right = Learning::Kitchen.near?(factor) ? nil : found(worked, worked.swap.target.to_f * factor)
      right && {**right, trials: learnt.beliefs["liking #{worked.family.key}"]&.trials.to_i}
    end

    def found(worked, target)
      return unless target.positive?
      return rung(worked, target) if worked.family.grades.empty?

      right = Families::Sauce::Grade.of(target)
      [worked.swap.grade.key, "runny"].include?(right.key) ? nil : {grade: right.key, does: right.does}
    end

    # Where the page can be asked for one.
    def rung(worked, target)
      right, words = Hydration::Rung.of(target), Presenters::PickWords
      offered = worked.family.key == "batter" ? words::BATTER : words::DOUGH
      return if right.key == worked.swap.rung&.key || !offered.key?(right.key)

      {rung: right.key, does: "is #{right.name}: #{right.says}"}
    end
  end
end
