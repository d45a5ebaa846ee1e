module Restauro
  # A small immutable value with named fields: made by keyword, compared by what it holds, frozen from the start.
  module Value
    module_function

    # @example Point = Value.of(:minutes, :celsius) { def hot? = celsius > 60 }
    # @param fields [Array<Symbol>]   @return [Class] of a Struct
    def of(*fields, &methods)
      Struct.new(*fields, keyword_init: true) do
        def initialize(**)
          super
          freeze
        end

        class_eval(&methods) if methods
      end
    end
  end
end
