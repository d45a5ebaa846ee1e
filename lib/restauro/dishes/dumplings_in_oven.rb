# frozen_string_literal: true

module Restauro
  module Dishes
    # Dumplings that a stew in the oven gets at its end: the pot is in there before they are made.
    #   Needs @dish, @answers, @host, work, guests and assembly.
    module DumplingsInOven
      LAST, ADDED = DataFiles.words("dishes/words.yml").values_at(:dumplings_at_last, :dumplings_go_on)
      BACK_IN = "Drop them onto the stew, hot from the oven; lid on, and back in: do not lift it."
      private_constant :LAST, :ADDED, :BACK_IN

      private

      def dumplings_in_oven?
        @host && @answers[@host].dropped? && @dish.said.stewed_in_the_oven?(@dish.parts)
      end

      # @return [Array<Families::Step>] the stew, its oven, then what is dropped onto it
      def stewed_first
        dough = work(@answers[@host])
        oven = assembly.reject { |step| step.kind == "rest" }.map { |step| step.bakes? ? shorter(step) : step }
        drop = dough.index { |step| step.kind == "boil" } || dough.length
        dough[drop] &&= back_in(dough[drop])
        [*guests.flat_map { |part| work(part) }, *oven, *dough]
      end

      # Their minutes are among the stew's where they are its last.
      def shorter(step) = said(LAST) ? step.with(minutes: [step.minutes - on_top_minutes, 0].max) : step

      # Of the whole dish: it waits for the stew as for the dough.
      def back_in(step)
        oven = assembly.find(&:bakes?)
        step.with(kind: "bake", heat: "oven", text: BACK_IN, celsius: oven.celsius, attended: false, part: nil,
                  minutes: [step.minutes, on_top_minutes].max)
      end

      # @return [Float] min that the recipe gives them, 0 where it gives none
      def on_top_minutes = said(LAST) || said(ADDED) || 0.0

      def said(words)
        clause = @dish.recipe.steps.filter_map { |line| line.text[words] }.first
        Recipes::TimeSaid.of(clause).last if clause
      end
    end
  end
end
