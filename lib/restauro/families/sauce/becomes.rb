module Restauro
  module Families
    class Sauce
      # What is to become of a sauce - held, cut, frozen, clear - and the thickener that suits that.
      # data/families/sauce/becomes.yml.
      module Becomes
        ROWS = DataFiles.yaml("families/sauce/becomes.yml")
        KEYS = ROWS.keys.freeze

        module_function

        # @return [Hash{String => String}] words by key
        def words = ROWS.transform_values { |row| row["say"] }

        # The cook's own thickener and way stand; else those that suit.
        # @return [Array(Options, Warning or nil)] with why
        def applied(options, catalogue)
          return options, nil if options.becomes.nil? || options.with.any? || options.school == "reduction"

          row = ROWS.fetch(options.becomes)
          exclusion = Diets::Exclusion.of(options.without, catalogue)
          keys = row["with"].select { |key| exclusion.allows?(catalogue.fetch(key)) }
          key = (keys & options.offer).first || keys.first or return options, none(row)
          [options.with_choices(with: [key], school: options.school || row["school"]), why(row, catalogue.fetch(key))]
        end

        # @return [Warning] why a thickener suits what is to become of it
        def why(row, ingredient)
          Warning.new(code: :becomes, text: "#{ingredient.say}, since it is to be #{row["say"]}: #{row["why"]}")
        end

        # @return [Warning] where nothing that may be eaten suits
        def none(row) =
          Warning.new(
            code: :becomes,
            text: "nothing that may be eaten here suits a sauce #{row["say"]}: the usual was taken"
          )
      end
    end
  end
end
