# frozen_string_literal: true

module Restauro
  module Dishes
    # What a dish baked in layers asks of its sauce: thinner going in where gluten-free sheets give up starch, and as
    # much as the dish holds.
    #   with "pasta" or "potato" · layer_g g of it · given_e flour-equivalents that it gives the sauce as it bakes
    #   pan Kitchen::BakingPan or nil · sauce_g g of the sauce as it is · wanted_g g that the pan asks for, nil where no
    #   pan is known
    Bake = Value.of(:with, :layer_g, :given_e, :pan, :sauce_g, :wanted_g) do
      # How much more or less of the sauce fits this pan.   @return [Float, nil]
      def factor = wanted_g && sauce_g.positive? ? wanted_g / sauce_g : nil
      # Near enough: nobody measures a sauce into a dish closer than that.
      def fits? = factor.nil? || (factor - 1).abs <= Constants.fetch(:dishes, :bake_fits_share)
    end

    # 175 C, covered until the layers are soft, uncovered to brown, rested to cut (common practice); potato takes
    # longer, and longer the deeper.
    class << Bake
      SHEETS = %w[wheat_pasta_sheets gf_pasta_sheets].freeze
      FRIED = DataFiles.words("dishes/words.yml").fetch(:fried_before)
      LAYERED = DataFiles.words("dishes/words.yml").fetch(:laid_raw)
      SLICED = DataFiles.words("dishes/words.yml").fetch(:sliced)
      COOKED = DataFiles.words("dishes/words.yml").fetch(:cooked)
      STARCH = {"potato" => :bake_potato_starch_share, "pasta" => :bake_pasta_starch_share}.freeze
      COVERED = {
        "potato" => %i[bake_potato_minutes bake_potato_deep_minutes],
        "pasta" => %i[bake_pasta_minutes bake_pasta_deep_minutes]
      }.freeze

      # Sheets or raw slices that a sauce is baked between.   @param dish [Dish]   @param index [Integer] of the sauce
      # @return [Array(String, Float), nil] with, and its grams: of slices, of dried sheets, of the flour in fresh ones
      def layers(dish, index)
        between = dish.joins.select { |join| join.how == "between" && [join.from, join.to].include?(index) }
        parts = between.map { |join| dish.parts[join.from == index ? join.to : join.from] }
        sheets = parts.flat_map { |part| part.lines.select { |line| sheet?(line, part) } }
        return "pasta", grams(sheets) if grams(sheets).positive?

        roots = parts.reject(&:family).flat_map(&:lines).select { |line| raw_layer?(line) }
        ["potato", grams(roots)] if grams(roots).positive?
      end

      # Sliced, and raw.
      def laid?(line) = raw_layer?(line) || fried_layer?(line)
      # What is fried before it is laid in: raw it would swim.
      def fried_layer?(line) =
        line.kind == Recipes::SlicedByName::FRIED || (line.text.match?(FRIED) && line.text.match?(SLICED))
      def raw_layer?(line) =
        line.kind == Recipes::SlicedByName::KIND ||
          (line.text.match?(LAYERED) && line.text.match?(SLICED) && !line.text.match?(COOKED))

      # What layers give a sauce as they bake.   @return [Float] e
      def given_e(with, layer_g, sauce_g, starch)
        if sauce_g.positive?
          100 * Constants.fetch(:sauce, STARCH.fetch(with)) * layer_g * starch.thick_power / sauce_g
        else
          0.0
        end
      end

      # How thick a sauce goes in that is to come out as wheat's did. Sheets without gluten give up starch that wheat's
      # hold; a potato gives
      # both sauces the same.   @param lines [Array<Recipes::Line>] of the sauce
      def into_e(dish, index, lines, own_e, catalogue)
        with, layer_g = layers(dish, index)
        return unless with == "pasta"

        given = given_e(with, layer_g, poured(lines), catalogue.fetch("potato_starch"))
        [own_e - given, Constants.fetch(:sauce, :edge_runny)].max
      end

      # @param sauce [Array<Recipes::Line>] of the sauce as it is made   @param pan [Kitchen::BakingPan, nil]
      # @return [Bake, nil] where nothing is layered
      def of(dish, index, sauce, pan, catalogue)
        with, layer_g = layers(dish, index)
        return unless with

        new(
          with: with,
          layer_g: layer_g,
          given_e: given_e(with, layer_g, poured(sauce), catalogue.fetch("potato_starch")),
          pan: pan,
          sauce_g: poured(sauce),
          wanted_g: pan && wanted(pan, layer_g)
        )
      end

      # The sauce fills what the layers leave of the pan, but no more than its share of it.
      def wanted(pan, layer_g)
        room = pan.area_cm2 * (pan.depth_cm || Constants.fetch(:dishes, :bake_depth_cm))
        [
          [
            Constants.fetch(:sauce, :bake_fill_share) * room - layer_g,
            room * Constants.fetch(:sauce, :bake_sauce_depth_share)
          ].min,
          100.0
        ].max
      end

      # Minutes under a lid or foil until the layers are soft, where the recipe says none.
      def covered_minutes(with, depth_cm)
        short, long = COVERED.fetch(with).map { |name| Constants.fetch(:dishes, name) }
        shallow, deep = Constants.fetch(:dishes, :bake_shallow_cm), Constants.fetch(:dishes, :bake_deep_cm)
        (short + ((depth_cm - shallow) / (deep - shallow)).clamp(0.0, 1.0) * (long - short)).round
      end

      # Of pasta, as it is bought.   @param line [Recipes::Line]
      def bought_sheet?(line) = SHEETS.include?(line.ingredient)

      private

      def sheet?(line, part) = bought_sheet?(line) || (part.role == :dough && line.role == "flour")
      def poured(lines) = grams(lines.reject { |line| line.role == "other" })
      def grams(lines) = lines.sum(0.0) { |line| line.grams ? line.grams.value : 0.0 }
    end
  end
end
