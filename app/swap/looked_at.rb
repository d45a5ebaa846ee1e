# frozen_string_literal: true

module Restauro
  # The part that a Swap page shows the choices and the picture of. Beside it stand dish, answer and input.
  module LookedAt
    # The part whose choices and picture are shown: the one asked for by name, else the one that names the dish.
    # @return [Integer]
    def active
      return 0 unless dish

      dish.parts.index { |part| part.family && part.name == input.part } || dish.main
    end

    # Whether its oven is set anew, or its cover comes off, on the way: two bakes.
    def turned? = !answer.nil? && !dish.said.turned.nil? && answer.steps.count { |step| step.kind == "bake" } > 1
    def part = answer&.parts&.fetch(active)
    def swap = part&.swap

    def family
      part&.family || Families.fetch(dish&.parts&.fetch(active)&.family || input.family_typed || "sauce", @catalogue)
    end

    # A recipe that was read, and of which no dish was made: what it is may be all there is to say.
    def refused? = !recipe.nil? && dish.nil?
    # What the page shows the choices of: the part, its family, and the shape of a dough.
    def face
      return "refused" if refused?

      [(part_name if dish && !dish.one_part?), family.key, shape].compact.join(" ")
    end
    def part_name = dish.parts.fetch(active).name
    def part_name_of(row) = dish && row[:part] ? dish.parts.fetch(row[:part]).name : nil
    def shape = swap && family.is_a?(Families::Dough) ? swap.ours.options.shape : nil

    # The sauce at the moment the cook wants to look at, as a moment of the snapshot, with its minute.
    # @return [Hash, nil]
    def looked_at
      return unless swap && input.look && family.grades.any?

      seconds = input.look * (swap.ours.cooling.last || swap.ours.course.last).seconds
      moment = Families::Sauce::LookFors.at(swap.ours, seconds)
      moment && SauceSnapshot.moment(moment).merge(minute: seconds / 60)
    end

    # What the part that is looked at was worked out with.
    def options = swap.ours.options

    # The tin or dish that it is worked out for.   @return [Kitchen::BakingPan, nil]
    def pan_chosen
      chosen = options.respond_to?(:pan) ? options.pan : nil
      chosen.is_a?(Kitchen::BakingPan) ? chosen : input.baking_pan
    end
  end
end
