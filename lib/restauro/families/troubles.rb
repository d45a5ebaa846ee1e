module Restauro
  module Families
    # What goes wrong with a dish besides being too thick or too thin, by family.
    module Troubles
      # key · sees what the cook sees · do what to do · why · next what to change next time · caution or nil
      # stretch how much of it is missing, below nothing where there is too much
      Trouble = Value.of(:key, :sees, :do, :why, :next, :caution, :stretch)
      # A coat of crumbs goes wrong as a coat of batter does.
      FILES = {
        "sauce" => "sauce",
        "batter" => "batter",
        "breading" => "batter",
        "gnocchi" => "dough",
        "pasta" => "dough",
        "crust" => "crust"
      }.freeze

      module_function

      # @param family [String] key   @return [Array<Trouble>]
      def of(family)
        DataFiles
          .yaml("families/#{FILES.fetch(family)}/troubles.yml")
          .map do |key, row|
            Trouble.new(
              key: key,
              **row.slice("sees", "do", "why", "next").transform_keys(&:to_sym),
              caution: caution(row),
              stretch: Float(row.fetch("stretch", 0))
            )
          end
      end

      # Its own words, then what data/safety.yml says of its keys.
      def caution(row)
        words = [row["caution"], *Array(row["safety"]).map { |rule| Safety.words(rule) }].reject(&:empty?)
        words.empty? ? nil : words.join(" ")
      end

      # @raise [NotFound]
      def fetch(family, key)
        of(family).find { |trouble| trouble.key == key } ||
          raise(NotFound, "no such trouble '#{key}'; use #{of(family).map(&:key).join(", ")}")
      end
    end
  end
end
