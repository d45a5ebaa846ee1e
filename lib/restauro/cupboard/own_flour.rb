module Restauro
  module Cupboard
    # A flour that no table knows, from the figures on its label: g per 100 g, and what a spooned US cup weighs.
    module OwnFlour
      FIGURES = %i[protein fat fibre carbohydrate sugar].freeze

      module_function

      # @param key [String]
      # @param name [String]
      # @param cup_g [Numeric] g a US cup, spooned
      # @param figures [Hash] g per 100 g, of FIGURES
      # @return [Ingredient] with a drink and a strength estimated, and how far they may be off
      # @raise [InvalidInput] figures that cannot be
      def ingredient(key:, name:, cup_g:, gluten: "check", allergens: [], **figures)
        check(figures, cup_g)
        Ingredient.new(
          row(key, name, cup_g, gluten, allergens, figures),
          say: name,
          sources: {
            default: :restauro_model
          },
          power_share: constant(:power_band)
        )
      end

      def check(figures, cup_g)
        figures.each do |figure, grams|
          raise InvalidInput, "#{figure} is 0 to 100 g in 100 g, got #{grams}" unless grams.between?(0, 100)
        end
        total = figures.values_at(:protein, :fat, :fibre, :carbohydrate).sum
        if total > 103
          raise InvalidInput,
                "protein, fat, fibre and carbohydrate come to #{total.round(1)} g in 100 g; check the label"
        end

        sugar, carbohydrate = figures.values_at(:sugar, :carbohydrate)
        if sugar > carbohydrate
          raise InvalidInput, "sugar is part of the carbohydrate; got #{sugar} of #{carbohydrate} g"
        end
        raise InvalidInput, "a US cup of flour weighs 40 to 250 g, got #{cup_g}" unless cup_g.between?(40, 250)
      end

      # @return [Hash] a catalogue row of what a bag's label tells
      def row(key, name, cup_g, gluten, allergens, figures)
        starch = figures[:carbohydrate] - figures[:sugar]
        {
          "key" => key,
          "name" => name,
          "group" => "flour",
          "gluten" => gluten,
          "allergens" => allergens.join("; "),
          "note" => "known by its label alone",
          "water_pct" => constant(:water),
          "protein_pct" => figures[:protein],
          "fat_pct" => figures[:fat],
          "fibre_pct" => figures[:fibre],
          "starch_pct" => starch,
          "sugar_pct" => figures[:sugar],
          "cup_spooned_g" => cup_g,
          "cup_scooped_g" => cup_g * constant(:scooped_ratio),
          "tbsp_g" => cup_g / 16.0,
          "tsp_g" => cup_g / 48.0,
          "hold_g_per_g" => estimate(:hold, starch, figures),
          "thick_power" => estimate(:power, starch, figures),
          "paste_onset_c" => constant(:paste_onset),
          "paste_full_c" => constant(:paste_full),
          "paste_tau_s" => constant(:paste_tau),
          "boil_breakdown_per_min" => constant(:breakdown),
          "setback" => constant(:setback)
        }.transform_values(&:to_s)
      end

      # @return [Float] a figure that no label tells, by its starch
      def estimate(figure, starch, figures)
        grams = {starch: starch, protein: figures[:protein], fibre: figures[:fibre], fat: figures[:fat]}
        sum = grams.sum { |part, in_100_g| constant(:"#{figure}_#{part}") * in_100_g / 100 }
        sum.clamp(constant(:"#{figure}_least"), constant(:"#{figure}_most")).round(3)
      end

      # @return [Float] of data/constants/own_flour.yml
      def constant(name) = Constants.fetch(:own_flour, name)
    end
  end
end
