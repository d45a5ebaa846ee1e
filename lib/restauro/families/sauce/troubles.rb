module Restauro
  module Families
    class Sauce
      # What goes wrong besides being too thick or too thin.
      module Troubles
        # key · sees what the cook sees · do what to do · why · next what to change next time · caution or nil
        Trouble = Struct.new(:key, :sees, :do, :why, :next, :caution, keyword_init: true) do
          def initialize(**)
            super
            freeze
          end
        end

        module_function

        def all
          DataFiles.yaml("families/sauce/troubles.yml").map do |key, row|
            Trouble.new(key: key, **row.transform_keys(&:to_sym), caution: row["caution"].empty? ? nil : row["caution"])
          end
        end

        # @raise [NotFound]
        def fetch(key) = all.find { |trouble| trouble.key == key } || raise(NotFound, "no such trouble '#{key}'; use #{all.map(&:key).join(", ")}")
      end
    end
  end
end
