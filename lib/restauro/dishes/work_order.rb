# frozen_string_literal: true

module Restauro
  module Dishes
    # The steps of all parts in one working order for one pair of hands: a dough rests while its filling cooks, a gravy
    # is made before the coat is fried, everything is set out once and kept by one rule at the end.
    class WorkOrder
      HOSTS = %w[crust pasta gnocchi breading batter].freeze
      WAITS = %w[rest chill].freeze
      include Crowning
      include DumplingsInOven
      include OrderEnds

      # @param answers [Array<PartAnswer>]   @param bake [Bake, nil]
      def initialize(dish, answers, catalogue, bake)
        @dish = dish
        @answers = answers
        @catalogue = catalogue
        @host = host
        assembly = Assembly.new(dish, answers, catalogue, bake)
        @assembly, @on_plates = assembly.steps, assembly.on_plates
        freeze
      end

      # @return [Array<Families::Step>]
      def steps
        return in_its_pot(@answers.first, named(@answers.first)) if @dish.one_part? && assembly.none?

        return [set_out, *stewed_first, *ends("serve"), store].compact if dumplings_in_oven?

        body = @host ? around_host : guests.flat_map { |part| work(part) }
        coats = coats_of_rolls.flat_map { |part| work(part) }
        [set_out, *body, *assembly, *coats, *ends("serve"), *@on_plates, store].compact
      end

      private

      def host = @answers.index { |part| part.family && HOSTS.include?(part.family.key) }
      def guests = @answers.each_with_index.reject { |_, index| index == @host }.map(&:first) - coats_of_rolls
      # Crumbs around pancakes that are filled first.
      def coats_of_rolls
        filled = @dish.joins.any? { |join| join.how == "fills" && join.to == @host && host_is?("batter") }
        filled ? @answers.select { |part| part.family&.key == "breading" } : []
      end
      def named(part) = part.steps.map { |step| step.with(part: part.name) }
      def work(part) = in_its_pot(part, named(part).reject { |step| ENDS.include?(step.kind) })

      # Where a pot does the stewing by itself.
      def in_its_pot(part, steps)
        pot = @dish.said.pot
        return steps unless pot && part.part.role == :sauce

        pot.put_into(steps, Families::Companions.new(part.lines, @catalogue)).map { |step| step.with(part: part.name) }
      end

      attr_reader :assembly

      def pan_sauce?(part) = Dredged.pan_sauce?(part.name)
      # A gravy of what the pieces leave in their pan.
      def drips?(part) = host_is?("breading") && part.lines.any? { |line| line.ingredient == "drippings" }

      # What waits first, the others meanwhile, then the host to its end.
      def around_host
        steps = work(@answers[@host])
        before = steps.take_while { |step| !step.bakes? && !steams?(step) }
        wait = before.index { |step| WAITS.include?(step.kind) && step.minutes.to_f >= 10 && early? }
        head, tail = wait ? [steps[0..wait], steps[(wait + 1)..]] : [[], steps]
        on_top, others = guests.partition { |part| crowns?(part) }
        behind, others = others.partition { |part| pan_sauce?(part) || drips?(part) }
        [*head, *others.flat_map { |part| work(part) + chilled(part) }, *crowned(tail, on_top),
         *behind.flat_map { |part| work(part) }]
      end

      # What a coat goes around is cold and firm before it is shaped.
      def chilled(part)
        return [] unless @dish.joins.any? { |join| join.how == "around" && @answers[join.to].equal?(part) }

        pasta = part.lines.select { |line| %w[gf_pasta gf_noodles].include?(line.ingredient) }
        into = "Stir in #{Families::Companions.named(pasta, @catalogue)}. "
        [
          Families::Step.new(
            kind: "chill",
            uses: pasta,
            text: "#{into if pasta.any?}Spread it flat, its surface covered; chill until it can be shaped, " \
                  "then shape it with wet hands.",
            part: part.name,
            minutes: Constants.fetch(:dishes, :chill_minutes),
            look_for: "firm, cuts clean",
            safety: ["cooling"],
            hold_minutes: 1440
          )
        ]
      end

      # A coat rests on its pieces for as long as it takes, but the sauce beside it comes first.
      # A basin over water is filled before.
      def steams?(step) = step.kind == "boil" && host_is?("crust")
      def early? = host_is?("crust", "pasta", "gnocchi")
      def host_is?(*keys) = keys.include?(@answers[@host].family.key)
    end
  end
end
