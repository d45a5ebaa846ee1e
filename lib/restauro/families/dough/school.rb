module Restauro
  module Families
    class Dough
      # A way to make a dough hold without gluten.   key · say · shapes it is for · binders, flours keys · least share
      # of a full dose · gain, cost
      School = Value.of(:key, :say, :shapes, :binders, :flours, :least, :gain, :cost) do
        def self.all = (@all ||= read("families/dough/schools.yml"))

        def self.read(file)
          DataFiles
            .yaml(file)
            .map do |key, row|
              new(
                key: key,
                say: row["say"],
                shapes: row["for"],
                binders: row["with"],
                flours: row["flours"],
                least: Float(row["least"]),
                gain: row["gain"],
                cost: row["cost"]
              )
            end
            .freeze
        end

        def self.fetch(key) = all.find { |school| school.key == key }

        def for?(shape) = shapes.include?(shape)
        # Whether a diet leaves its binder and a flour.
        def open?(catalogue, options) = !binder(catalogue, options).nil? && mixes(catalogue, options).any?

        # @return [Ingredient, nil] the cook's own, else the first that may be eaten
        def binder(catalogue, options)
          exclusion = options.exclusion(catalogue)
          ((options.with & binders) + binders)
            .map { |name| catalogue.fetch(name) }
            .find { |ingredient| exclusion.allows?(ingredient) }
        end

        # @return [Array<Hash{Ingredient => Float}>] flours by share: every mix that may be eaten
        def mixes(catalogue, options)
          exclusion = options.exclusion(catalogue)
          flours
            .map { |parts| parts.transform_keys { |name| catalogue.fetch(name) }.transform_values(&:to_f) }
            .select { |parts| parts.keys.all? { |ingredient| exclusion.allows?(ingredient) } }
        end
      end
    end
  end
end
