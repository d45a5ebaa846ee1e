module Restauro
  # What a cook asks the notebook for.
  module NotebookFind
    module_function

    # @param params [Hash]   @return [Database::Find]
    def of(params)
      texts =
        %w[q eater mark month]
          .to_h { |name| [name, FormText.clean(params[name]).strip[0, 100]] }
          .reject { |_, text| text.empty? }
      Database::Find.new(
        words: texts["q"],
        eater: texts["eater"],
        mark: (texts["mark"] if NotebookRoutes::MARKS.key?(texts["mark"])),
        month: texts["month"]&.[](/\A\d{4}-\d\d\z/),
        favourite: (params["favourite"] == "yes") || nil
      )
    end
  end
end
