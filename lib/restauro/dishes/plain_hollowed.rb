# frozen_string_literal: true

module Restauro
  module Dishes
    # Vegetables with something in them, and leaves around it.   Needs @part, @catalogue, list, name and steps.
    module PlainHollowed
      private

      def hollowed?(lines) = lines.length > 1 && !Hollowed.host(@part.recipe, lines).nil?

      # The rest is made as any filling is; mince that a step only mixes, or that is in leaves, cooks where it lies.
      def hollowed(lines)
        host = Hollowed.host(@part.recipe, lines)
        rest = lines - [host]
        inside = raw?(rest, host) ? [mixed_raw(rest)] : steps(rest)
        Hollowed.leaf?(host) ? [*inside, blanched(host), wrapped] : [*inside, spooned_in(host)]
      end

      def raw?(lines, host) = Families::RawFilling.said?(@part.recipe, lines, named: Hollowed.leaf?(host))

      def mixed_raw(lines) =
        Families::Step.new(kind: "mix", uses: lines, look_for: "no lump of one thing in it",
                           text: "Filling: mix #{list(lines)} by hand, raw.",
                           safety: [*Families::Companions.new(lines, @catalogue).safety(lines), "raw_meat"])

      def spooned_in(host) =
        Families::Step.new(kind: "shape", uses: [host], look_for: "a wall a finger thick; full, not heaped",
                           text: "Halve or top #{list([host])}, scoop the middle out; spoon the filling in.")

      def blanched(host) =
        Families::Step.new(kind: "boil", uses: [host], minutes: Constants.fetch(:making, :blanched_leaf_minutes),
                           look_for: "they bend without a crack", safety: ["boiling_water"],
                           text: "Boil #{list([host])}, leaf from leaf, in salted water; drain, cut the thick rib " \
                                 "flat.")

      def wrapped =
        Families::Step.new(kind: "shape", look_for: "nothing shows at the ends",
                           text: "The filling on the leaves: fold the sides in, roll each up tight, the seam below.")
    end
  end
end
