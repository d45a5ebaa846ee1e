# frozen_string_literal: true

module Restauro
  module Dishes
    # Where one part stands in its dish: what a family may ask about.   dish Dish · index Integer
    Place = Struct.new(:dish, :index) do
      # @return [Part]
      def part = dish.parts[index]
      # @return [Said] what the recipe says of oven, tin and minutes
      def said = dish.said
      # The time on the stove that is said of this part, in a dish of one the first.   @return [Timing, nil]
      def simmer = mine(said.simmers)

      # @param timings [Array<Timing>]   @return [Timing, nil] the first that is said of this part
      def mine(timings)
        others = dish.parts.reject.with_index { |_, at| at == index }
        timings.find { |one| one.by_itself(dish.parts).of?(part, others) }
      end

      # The recipe's oven, unless it is said of another part: chips that are roasted beside a fish in its batter.
      # @return [Kitchen::OvenTemperature, nil]
      def oven
        about = said.from[:oven] or return said.oven
        said.oven if nobody_elses?(Timing.new(about: about.downcase))
      end

      # The fat it is fried in, unless another part is, by a sentence or its own list: chips beside flatbreads. Oil
      # itself names none.   @return [String, nil]
      def oil
        from = said.from[:oil].to_s
        told = Timing.new(about: from.downcase)
        own, others = dish.parts.partition { |other| other.equal?(part) || held.include?(other) }
        listed = ->(parts) { parts.flat_map(&:lines).any? { |line| line.text == from } }
        return if listed[others] && !listed[own]

        fats = ->(one) { one.lines.count { |line| line.role == "fat" && told.names_any?([line]) } }
        named = ->(parts) { parts.map { |one| told.names(one) - fats[one] }.max.to_i }
        said.oil if named[others] <= named[own]
      end

      # How long the recipe itself has its pieces in the fat: not what is softened or browned beside them.
      # @return [Timing, nil]
      def frying
        aside = part.lines.select { |line| Place::ASIDE.include?(line.kind) }
        pieces = part.lines - aside
        said.fries.find do |one|
          worked?(one, part.role) || (nobody_elses?(one, held) && (!one.says?(aside) || one.says?(pieces)))
        end
      end

      # "Dip and fry 3 minutes a side", "roll, seal and boil for 4", with nothing named: it is done to pieces or to a
      # dough, whatever sauce was spoken of before.   @param role [Symbol]
      def worked?(one, role)
        alone = part.role == role && dish.parts.one? { |other| other.role == role }
        words = Place::WORKED[role]
        said = (words && one.text.match?(words)) || (role == :coat && one.sides.length > 1)
        alone && said && !one.itself_names?(dish.parts)
      end

      # How long the recipe itself boils its pieces: not the roots that are mashed for them.   @return [Timing, nil]
      def boiling
        roots = part.lines.select { |line| line.kind == "simmer" || Families::Dough::Contents.mash(line.ingredient.to_s) }
        said.boils.find { |one| worked?(one, :dough) || (nobody_elses?(one) && !one.names_any?(roots)) }
      end

      # How long the recipe itself lets its batter stand: not what is marinated, or rests when it is fried.
      # @return [Float, nil] min
      def rest_minutes
        pieces = part.lines.reject { |line| %w[flour starch liquid egg].include?(line.role) }
        told = said.rests.find { |one| nobody_elses?(one) && !one.says?(pieces) }
        told && Recipes::TimeSaid.of(told.text).first
      end

      # Whether it may be any part's: no other one is spoken of.
      # @param held [Array<Part>] inside it: "fill and fry" speaks of no filling, but of what is in it
      def nobody_elses?(simmer, held = [])
        simmer = simmer.by_itself(dish.parts)
        named = dish.parts.map { |other| simmer.names(other, itself: !held.include?(other)) }
        named[index] == named.max
      end

      def only_of_its_family? = dish.parts.one? { |other| other.family == part.family }
      # Crumbs and dumplings are over it, and ask nothing of it.
      def in_a_crust? =
        dish.joins_to(index).any? { |join| Place::HELD.include?(join.how) && dish.parts[join.from].role == :shell }
      def in_a_coat? = dish.joins_to(index).any? { |join| join.how == "around" }
      def around_another? = dish.joins_from(index).any? { |join| join.how == "around" }
      def filled? = inside.any?
      def between? = dish.joins.any? { |join| join.how == "between" && [join.from, join.to].include?(index) }
      # A coat that is crisp from the oven before its sauce and cheese go over it, and back in with them.
      def baked_before? = part.role == :coat && between? && said.oil.nil? && said.bakes.length > 1
      # What is in it, or under it.   @return [Array<Part>]
      def held = [*inside, *under].map { |at| dish.parts[at] }
      # Whether it holds something.
      def filled_crust? = under.any?
      # Under a meringue, or what is strewn: those are baked.
      def crowned?(catalogue)
        others = dish.parts.reject.with_index { |_, at| at == index }
        others.any? { |other| other.place == :top && !Crowning.cold?(other.lines, catalogue) }
      end
      def covers? = dish.joins_from(index).any? { |join| join.how == "covers" }
      # Parts inside its pieces.   @return [Array<Integer>]
      def inside = dish.joins_to(index).select { |join| join.how == "fills" }.map(&:from)
      # Parts that it lines or covers.   @return [Array<Integer>]
      def under
        dish
          .joins_from(index)
          .select { |join| Place::HELD.include?(join.how) && dish.parts[join.to].role != :shell }
          .map(&:to)
      end
    end
    # What is fried before, and is no piece in its coat.
    Place::ASIDE = %w[soften cured herb].freeze
    Place::WORKED =
      DataFiles.words("dishes/words.yml").values_at(:worked_coat, :worked_dough, :worked_dough)
               .then { |words| %i[coat dough shell].zip(words).to_h.freeze }
    Place::HELD = %w[lines covers].freeze
  end
end
