module Restauro
  module Families
    # The early steps of what is only cooked along: boiled, browned, softened.   Needs at, words, safety, said, capital
    # and figure.
    module CompanionStarts
      include Softening

      SCORCHES = DataFiles.words("ingredients/words.yml").fetch(:scorches)

      # What is softened in a dark roux, which it cools.   @return [Array<Step>]
      def into_roux
        found = at("soften")
        return [] if found.empty?

        all, last = in_turn(found)
        [Step.new(kind: "brown", text: "Into the roux at once: #{all}, stirring#{last}.",
                  minutes: soften_minutes(found), uses: found,
                  look_for: "they hiss and stop it browning; soft and see-through", safety: ["hot_roux"])]
      end

      private

      def boiled
        apart = at("table").reject { |line| @rows[line]["words"] == "%s" }.map { |line| until_tender(line) }
        found = at("boiled")
        return apart if found.empty?

        [*apart,
         Step.new(kind: "boil",
                  text: "Boil #{said(found)} in plenty of salted water, two minutes short of what the pack says; " \
                        "drain, keep a cup of the water.",
                  minutes: figure(:pack_boil_minutes), uses: found, safety: ["steam"],
                  look_for: "a little firm still: it goes on cooking")]
      end

      # In their shells, for what is poured over them.
      def eggs
        found = at("eggs")
        return [] if found.empty?

        [Step.new(kind: "boil", text: "Boil #{said(found)} in their shells until they are set; cool them in cold " \
                                      "water, peel them: they go into the sauce at the end.",
                  minutes: figure(:egg_boil_minutes), uses: found, safety: safety(found),
                  look_for: "no dark ring around the yolk: too long")]
      end

      # Joints are raw at the bone when they are brown.
      def on_the_bone? = at("brown").any? { |line| CompanionKinds.joint?(line) }

      # Beside the sauce, kept warm; what makes porridge rich goes into it.
      def until_tender(line)
        into = @rows[line]["with"] ? at(@rows[line]["with"]) : []
        stirred = "; off the heat, stir in #{said(into)}" if into.any?
        Step.new(kind: "boil", text: "#{capital(words(line))}#{stirred}.", uses: [line, *into], hold_minutes: 60,
                 minutes: line.cooked_for || figure(:tender_minutes),
                 look_for: "no chalk in the middle of a grain", safety: %w[steam hot_hold])
      end

      # Giblets and bones, which only give their taste.
      def strained
        found = at("strain")
        return [] if found.empty?

        [Step.new(kind: "simmer", uses: found, minutes: figure(:strained_minutes), attended: false,
                  text: "Simmer #{said(found)} in the liquid, lid ajar; skim it, strain it, and throw them out.",
                  look_for: "it tastes of them; never at a rolling boil", safety: [*safety(found), "raw_meat"])]
      end

      # White meat in the stock that the sauce is made of.
      def poached
        at("poach").map do |line|
          greens = line.equal?(at("poach").first) ? at("poach_with") : []
          done = @rows[line]["safety"] == "poultry" ? "no pink at the bone, its juice clear" : "a fork goes in and out"
          with = "; with it #{said(greens)}, which go#{"es" if greens.one?} out" if greens.any?
          Step.new(kind: "simmer", text: "#{capital(words(line))}#{with}.", minutes: poached_minutes(line),
                   uses: [line, *greens], attended: false, look_for: "#{done}; skimmed, never at a rolling boil",
                   safety: [*safety([line]), "raw_meat"])
        end
      end

      # Into the slices that are browned then.
      def rolled
        inside = at("roll")
        return [] if inside.empty?

        [Step.new(kind: "shape", uses: inside, look_for: "no end open", safety: [*safety(inside), "raw_meat"],
                  text: "On each slice its share of #{said(inside)}; roll them up, tied or pinned.")]
      end

      # A bird is done by its own time, however short it is told.
      def poached_minutes(line) = [back_minutes(line), @stew_minutes].compact.max || stew_minutes

      # It is done, and goes back to get hot.
      def warmed(done)
        return [] if done.empty?

        [Step.new(kind: "simmer", text: "#{said(done)} back into the pan.", minutes: figure(:back_minutes), uses: done,
                  look_for: "hot through", safety: safety(done))]
      end

      # Raw meat first, and each kind cooked through: nothing raw goes into a sauce off the heat.
      def browned(fats)
        at("brown").map do |line|
          fat = fats.first if line.equal?(at("brown").first)
          into = " in a little of the #{@catalogue.fetch(fat.ingredient).say}" if fat
          Step.new(kind: "brown", text: "#{capital(words(line))}#{into}; lift it out.", minutes: brown_minutes(line),
                   uses: [line, fat].compact,
                   look_for: "brown all over, its juice clear", safety: [*safety([line]), "raw_meat"])
        end
      end

      # As long as the recipe browns a cut.   @return [Float] min
      def brown_minutes(line) = line.fried_for&.minutes || figure(:brown_minutes)
    end
  end
end
