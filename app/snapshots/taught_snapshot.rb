module Restauro
  # What this kitchen's own trials changed in an answer, beside what the book alone would have said.
  module TaughtSnapshot
    module_function

    # @param worked [SwapPage] answered   @return [Hash, nil] nil where nothing was changed
    def of(worked)
      learnt = worked.learnt
      return unless learnt&.any? && worked.answer

      found = {lines: lines(worked, learnt), oven: oven(worked, learnt), liking: liking(worked, learnt)}.compact
      found[:lines].empty? && found.length == 1 ? nil : found
    end

    # Thickeners and flours that take another weight than the book's.
    def lines(worked, learnt)
      told = worked.answer.lines.select { |line| line.ingredient && line.grams && [line.ingredient,
          "drink #{line.ingredient}"].any? { |key| learnt.tells?(key) } }
      return [] if told.empty?

      book = worked.book_answer.lines.group_by(&:ingredient).transform_values { |same| same.sum { |line| line.grams&.value.to_f } }
      told.filter_map do |line|
        before = book[line.ingredient] or next
        next if (line.grams.value - before).abs < 0.02 * before

        {name: worked.catalogue.fetch(line.ingredient).say, ours: line.grams.value.round(1), book: before.round(1), trials: trials(learnt,
            line.ingredient)}
      end
    end

    def trials(learnt, key) = [key, "drink #{key}"].sum { |name| learnt.beliefs[name]&.trials.to_i }

    def oven(worked, learnt)
      return unless learnt.tells?("oven") && worked.answer.steps.any? { |step| step.kind == "bake" }

      {factor: learnt.factor("oven").round(3), trials: learnt.beliefs["oven"].trials}
    end

    # The grade that this household has called right, where the recipe's is another.
    def liking(worked, learnt)
      return unless worked.swap && worked.family.grades.any? && learnt.tells?("liking sauce") && worked.input.state["grade"] == "keep"

      right = Families::Sauce::Grade.of(worked.swap.target * learnt.liking("sauce"))
      right.key == worked.swap.grade.key || right.key == "runny" ? nil : {grade: right.key, does: right.does,
                                                                          trials: learnt.beliefs["liking sauce"].trials}
    end
  end
end
