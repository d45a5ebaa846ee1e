# frozen_string_literal: true

module Restauro
  module Dishes
    # How a working order begins and ends: everything is set out once, served where it is still to be, kept by one rule.
    #   Needs @dish, @answers, @host, @on_plates, @catalogue, assembly, named and pan_sauce?.
    module OrderEnds
      ENDS = %w[set_out serve store].freeze

      private

      def ends(kind) =
        @answers.each_with_index.flat_map do |part, index|
          named(part).select { |step| step.kind == kind && said?(step, index) }.map { |step| beside(step) }
        end

      # A sauce that goes into something is not served by itself; what is turned in a pan sauce is not served without.
      def said?(step, index)
        return step.uses.any? if step.kind == "serve" && index == @host && @answers.any? { |part| pan_sauce?(part) }

        step.kind != "serve" || served?(step) || assembly.empty? && @dish.joins.none? { |join| inside?(join, index) }
      end

      # Something that is not in the dish already.
      def served?(step) = left(step).any?
      def left(step)
        in_it = assembly.flat_map(&:uses)
        step.uses.reject { |line| in_it.any? { |used| used.equal?(line) } }
      end

      # Of a sauce that was served with its pasta in it, baked since: only what goes beside it.
      def beside(step)
        rest = left(step)
        return step if step.kind != "serve" || rest.length == step.uses.length

        list = Families::Companions.named(rest, @catalogue)
        step.with(text: "Serve it with #{list} beside it.", uses: rest, minutes: nil, look_for: nil)
      end

      def inside?(join, index) =
        [join.from, join.to].include?(index) && index != @host && join.how != "over" &&
          @on_plates.none? { |step| step.part == @answers[join.from].name }

      # One step to set out, with the cautions of all.
      def set_out
        found = ends("set_out")
        return if found.empty?

        things =
          found
            .filter_map do |step|
              step.text[/\ASet out (?:a |three )?(?:clean )?(.+?)(?:, and the packs| and the packs)\.\z/, 1]
            end
            .uniq
        found.first.with(
          text: "Set out, clean: #{things.join("; ")}, and the packs.",
          safety: found.flat_map(&:safety).uniq,
          part: nil
        )
      end

      def store
        found = ends("store")
        return if found.empty?

        said = found.filter_map(&:said).uniq
        found.first.with(
          text: found.map(&:text).uniq.join(" "),
          safety: found.flat_map(&:safety).uniq,
          caution: said.any? ? said.join(" ") : nil,
          part: nil
        )
      end
    end
  end
end
