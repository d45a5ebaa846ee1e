module Restauro
  module Families
    class Crust
      # Where a crust lies, told by its title and steps, else by how much dough there is (common practice).
      module Cover
        WORDS = DataFiles.words("families/crust/words.yml")
        # The first that is said.
        SAID = {double: "double", tatin: "top", top: "top", freely: "free"}.freeze
        # Nothing that is baked empty is a lid: "top with the tomatoes".
        BLIND = DataFiles.words("dishes/words.yml").fetch(:blind)
        private_constant :SAID, :BLIND

        module_function

        # @param crust [Prediction] its style, filling and dough
        # @return [String] bottom, double, top, free, hand or wrapped
        def of(crust)
          words = words(crust.recipe)
          case crust.style.key
          when "hand"
            "hand"
          when "dropped", "crumble"
            "top"
          when "sheet"
            sheet(crust, words)
          else
            dough(crust, words)
          end
        end

        # One long roll in its sheet.   @param recipe [Recipes::Recipe]
        def rolled_up?(recipe) = words(recipe).match?(WORDS.fetch(:rolled_up))

        # What is poured and sets lies in it: under a lid alone it would have nothing to hold it.
        # @return [String] around its filling, under it or over it
        def sheet(crust, words)
          cover = sheet_words(crust.recipe, words)
          cover == "top" && crust.filling&.custard? ? "bottom" : cover
        end

        # @return [String] by what is said
        def sheet_words(recipe, words)
          return "wrapped" if rolled_up?(recipe) || words.match?(WORDS.fetch(:folded))

          return "double" if shells(recipe) > 1 && words.match?(WORDS.fetch(:pie))
          return "double" if words.match?(WORDS.fetch(:double))

          lined = words.match?(WORDS.fetch(:lined)) || (shells(recipe).positive? && !words.match?(WORDS.fetch(:top)))
          lined ? dough_words(words) || "bottom" : "top"
        end

        # Shells for a tin, sold as such: "1 unbaked pie shell".   @return [Integer] how many
        def shells(recipe)
          line = recipe.ingredients.find { |one| one.text.match?(WORDS.fetch(:sold_as_shell)) } or return 0
          line.text.match?(WORDS.fetch(:two_shells)) ? 2 : 1
        end

        # Rolled up in one, or by its words; else under and over fruit where there is dough for both, over it where
        # there is less.
        # @return [String]
        def dough(crust, words)
          return "wrapped" if crust.style.key == "rolled" && rolled_up?(crust.recipe)
          return "double" if crust.hot_water? && crust.filling

          told = dough_words(words)
          return "double" if told == "top" && Cups.cases?(crust)

          told || (lidded_pie?(crust, words) && pie_cover(crust, words)) || (flat_sheet?(crust) ? "free" : "bottom")
        end

        # Layers by themselves, with no tin told: weights would press them flat.
        def flat_sheet?(crust) = crust.laminated? && crust.filling.nil? && crust.options.pan.nil?

        # @return [String] bottom where the words line a tin with it, else top
        def lid(words) = words.match?(WORDS.fetch(:lines_the_tin)) ? "bottom" : "top"

        # @return [String, nil] what words alone tell
        def dough_words(words)
          return "double" if words.match?(WORDS.fetch(:top)) && words.match?(WORDS.fetch(:under_too))

          SAID.find { |name, _| words.match?(WORDS.fetch(name)) && !(name == :top && words.match?(BLIND)) }&.last
        end

        # Fruit, or what is savoury and sets by nothing: a pie by its name has a lid.
        def lidded_pie?(crust, words)
          return false unless crust.style.key == "rolled" && words.match?(WORDS.fetch(:pie))

          (crust.filling&.fruit? || savoury?(crust.filling)) && !words.match?(WORDS.fetch(:open))
        end

        def savoury?(filling)
          return false unless filling && %w[poultry meat sauce].include?(filling.kind)

          !filling.sugared? && filling.recipe.ingredients.none? { |line| line.role == "egg" }
        end

        # Small ones have lids and cases.
        def pie_cover(crust, words) = Cups.row(crust.recipe) || both?(crust) ? "double" : lid(words)

        # A pie with dough for a lid and a base of the tin that is told, and no word of the one alone.
        # @param crust [Prediction]   @param recipe [Recipes::Recipe] of the whole dish
        def two_crusts?(crust, recipe)
          told = words(recipe)
          asked = crust.style.key == "rolled" && !crust.options.pan.nil? && told.match?(WORDS.fetch(:pie))
          asked && !told.match?(WORDS.fetch(:one_lid)) && both?(crust)
        end

        # Dough for a lid as well.
        def both?(crust)
          pan =
            crust.options.pan ||
            Kitchen::BakingPan.new(shape: :round, length_cm: Constants.fetch(:crust, :usual_tin_cm))
          both = %w[bottom top].sum do |cover|
            Lining.of(pan, style: crust.style, cover: cover, volume_cm3: crust.volume_cm3).usual_cm3
          end
          crust.volume_cm3 >= both
        end

        # @return [String] title and steps
        def words(recipe) = recipe.lines.select(&:words?).map(&:text).join("\n")
      end
    end
  end
end
