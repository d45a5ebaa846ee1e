# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # The steps of a crumb coat: dried pieces, three dishes, pressed, rested, cooked.
      class Method
        include Soak

        WATERY = DataFiles.words("families/breading/words.yml").fetch(:watery)
        def initialize(swap, catalogue)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          @lines = Lines.new(swap, catalogue)
          freeze
        end

        # @return [Array<Step>]
        def steps = [clean, soak, salt, *by_hand, dishes, coat, rest, *cook, serve, keep].compact

        private

        def list(lines) = Companions.named(lines, @catalogue)
        def clean
          set = @lines.bound? ? "a clean bowl, a board" : "three clean dishes"
          Step.new(kind: "set_out", safety: ["coeliac_dishes"], text: "Set out #{set}, a rack, and the packs.")
        end

        def salt
          return if watery.empty?

          with = " with #{list(@lines.seasoned)}" if @lines.seasoned.any?
          Step.new(kind: "rest", text: "Salt the slices#{with}, let them stand, rinse, dry well.",
                   minutes: Constants.fetch(:making, :salting_minutes), uses: watery + @lines.seasoned,
                   safety: ["wet_fat"],
                   look_for: @ours.water_out_g ? "about #{@ours.water_out_g.round} g of water comes out" :
                                                 "beads of water on top")
        end

        def watery = @lines.coated.select { |line| line.text.match?(WATERY) }
        # Salting slices takes the salt.   @return [Array<Recipes::Line>]
        def rubbed = watery.any? ? [] : @lines.seasoned

        # What goes in each dish, in order, weighed for the pieces there are.
        def dishes
          return if @lines.dishes.empty?

          count, = @ours.pieces
          named = @lines.dishes.map { |lines| list(together(lines)) }
          where = named.one? ? "In a wide dish" : "In the dishes, in this order"
          pieces = " For #{count} piece#{"s" unless count == 1}." if count
          Step.new(kind: "mix", text: "#{where}: #{named.join("; then ")}.#{pieces}",
                   uses: @lines.dishes.flatten, look_for: crumb_from)
        end

        # Starch for the flour, and the recipe's own, are one heap.
        def together(lines)
          heaps = lines.group_by { |line| Lines::DUST.include?(line.role) ? line.ingredient : line }.values
          heaps.map { |same| same.one? ? same.first : same.first.with(grams: sum(same.filter_map(&:grams))) }
        end

        def sum(grams) = grams.empty? ? nil : Estimate.sum(grams)

        def crumb_from
          crumb = @ours.layers.find { |layer| layer.name == "crumb" } or return
          from = DataFiles.yaml("families/breading/crumbs.yml").dig(crumb.ingredient.key, "from")
          from && "crumbs of your own: #{from}"
        end

        def coat
          return if @ours.layers.empty? && @lines.bound?

          coated = @lines.coated
          words = "#{with_salt(what(coated))}one hand for dry, one for wet: #{order}."
          Step.new(kind: "shape", text: words[0].upcase + words[1..], uses: coated + rubbed,
                   look_for: "#{(1000 * @ours.coat_m).round(1)} mm all over, no bare spots",
                   safety: ["raw_flour", *raw_meat])
        end

        def raw_meat = @lines.companions.safety(@lines.coated).any? ? ["raw_meat"] : []

        def with_salt(what) = rubbed.any? ? what.sub(/: \z/, ", rubbed with #{list(rubbed)}: ") : what

        # What the coat goes on.
        def what(coated)
          return "the balls: " if @ours.options.piece&.kind == "ball"
          return "the sandwiches: " if @lines.sandwich?
          return "the wrapped eggs: " if @lines.around.any?
          return "the pieces, cold: " if @lines.stuffing.any?

          return @lines.mixture.any? ? "the #{@lines.shaped[/\w+\z/]}, cold: " : "" if coated.empty?

          "#{Companions.named_cut(coated, @catalogue)}#{", dried" if @lines.soak.empty?}: "
        end

        # By what there is to dust, dip and press.
        def order
          dry = @ours.meal_in_flour? ? "mix" : "flour"
          return "lift out, let it drip, press it into the #{dry} on every side, shake off" if @lines.soak.any?

          return "dip and drip, then press it into the #{dry} on every side, shake off" if @lines.egg_first?

          return "dust, dip and drip, then press it into the #{dry} again on every side" if @lines.floured_again?

          layers = @ours.layers.map(&:name)
          [("dust and shake off" if layers.include?("dust")), ("dip and drip" if layers.include?("wet")),
           ("lay in the crumbs and press" if layers.include?("crumb"))].compact.join(", ")
        end

        # Flour alone goes damp on what is only dusted: into the fat with it.
        def rest
          return unless @ours.dredged? || @ours.layers.any? { |layer| layer.name == "crumb" }

          Step.new(kind: "rest", text: "Rest the pieces on a rack so that the coat sticks.",
                   minutes: Constants.fetch(:making, :coat_rest_minutes),
                   look_for: @ours.dredged? ? "the flour looks damp: it stays on" :
                                                "the crumbs no longer come off on a finger")
        end

        def by_hand = ByHand.new(@ours, @lines, @catalogue).steps
        def cook =
          Batter::Cooking.new(@ours, @lines, @catalogue, dips: false,
                                                         fried_first: Batter::OnATray.fried_first?(@swap.wheat.recipe))
                         .steps

        def serve
          table = @lines.table
          bare = @ours.layers.empty? && @lines.bound?
          coat = " A sauce goes on at the last moment, or the coat is soft." unless bare
          with = "; serve with #{list(table)}" if table.any?
          Step.new(kind: "serve", text: "Salt them hot, on a rack#{with}.#{coat}",
                   uses: table, hold_minutes: 5, safety: @lines.companions.safety(table))
        end

        def keep
          Step.new(kind: "store", text: "What is left: cold, crisped again on a rack in a hot oven, never covered.",
                   safety: %w[leftovers reheat])
        end
      end
    end
  end
end
