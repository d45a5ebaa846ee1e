# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Small pies, each in a cup of its own: how many, and the rounds that are cut for them.
      #   count · across_cm of the middle of a cup · deep_cm · cases, lids: whether each has one · blind: whether the
      #   cases are baked empty
      Cups = Value.of(:count, :across_cm, :deep_cm, :cases, :lids, :blind) do
        # @param crust [Prediction] its style, cover, options and dough   @return [Cups, nil]
        def self.of(crust)
          return crust.options.cups if crust.options.cups

          return unless crust.style.key == "rolled" && %w[bottom double top].include?(crust.cover)

          across, deep = size(crust)
          return unless across

          one = new(count: 1, across_cm: across, deep_cm: deep, cases: crust.cover != "top",
                    lids: crust.cover != "bottom", blind: Cover.words(crust.recipe).match?(Cups::BLIND))
          there = (10 * crust.volume_cm3 / crust.style.thickness_mm / one.covered_cm2).round
          new(**one.to_h, count: crust.options.makes || [there, 1].max)
        end

        # A tin of the cook's own choice is one tin, unless it is as small as these.
        # @return [Array(Float, Float), nil] cm across and deep
        def self.size(crust)
          row, pan = row(crust.recipe, crust.options.makes), crust.options.pan
          return row && [Float(row["across_cm"]), Float(row["deep_cm"])] unless pan

          small = pan.length_cm <= Constants.fetch(:crust, :small_tin_cm) && (row || crust.options.makes.to_i > 1)
          [pan.length_cm, pan.depth_cm || Constants.fetch(:crust, :small_tin_deep_cm)] if small
        end

        # Whether there is dough for cases under the lids, rolled as thin as it goes.
        def self.cases?(crust)
          across, deep = size(crust)
          return false unless across && crust.options.makes

          both = new(count: crust.options.makes, across_cm: across, deep_cm: deep, cases: true, lids: true)
          crust.volume_cm3 >= both.covered_cm2 * Constants.fetch(:crust, :least_mm) / 10
        end

        # @param recipe [Recipes::Recipe]   @return [Hash, nil] of data/families/crust/cups.yml
        # Several pies by their number alone are small ones.
        def self.row(recipe, makes = nil)
          words = Cover.words(recipe)
          found = Cups::ROWS.find { |row| words.match?(/#{row["words"]}/i) }
          found || (Cups::SEVERAL if makes.to_i > 1 && words.match?(/#{Cups::SEVERAL["words"]}/i))
        end

        # Across the round that lines one: as large as its base and its wall.   @return [Float] cm
        def case_cm = Math.sqrt(across_cm**2 + 4 * across_cm * deep_cm)
        # @return [Float] cm
        def lid_cm = across_cm + Constants.fetch(:crust, :small_lid_over_cm)
        # @return [Float] cm2 of all their bases
        def base_cm2 = count * Shaping::Sheets.disc(across_cm)
        # @return [Float] cm2 of all that is cut
        def covered_cm2 = count * [(case_cm if cases), (lid_cm if lids)].compact.sum { |cm| Shaping::Sheets.disc(cm) }
      end
      Cups::BLIND = DataFiles.words("dishes/words.yml").fetch(:blind)
      Cups::SEVERAL = DataFiles.yaml("families/crust/cups.yml").fetch("several")
      Cups::ROWS = (DataFiles.yaml("families/crust/cups.yml").values - [Cups::SEVERAL]).freeze
    end
  end
end
