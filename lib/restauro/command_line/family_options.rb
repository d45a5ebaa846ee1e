module Restauro
  class CommandLine
    # What one family alone is asked for: a coat's piece and heat, a dough's shape and pot.
    class FamilyOptions
      USAGE = <<~WORDS.freeze
        --piece "NAME slice|floret|stick|cube|fillet N mm", --oven "200C|400F|gas 6[,fan]"   for coats
        --oil "180C [shallow] [olive oil] [2 litres]"
        --tin mini|standard|large   for muffins and hot-tin puddings
        --shape rolled|filled|extruded|dumpling|round|spooned|pushed|sheets|thumbed|strings   for doughs: told from the recipe
        --thickness-mm MM, --cutter-mm MM, --rope-mm MM   one sheet or strand; ring or ribbon; rope
        --seal folded|pair, --tool machine|pin, --hands flour|oil, --helpers N, --filling-g G
        --litres L, --frozen        the pot, from the freezer
        --roasted-from G --roasted-to G   the purée's vegetable before and after, or
        --style rolled|pressed|thin|crumble|sheet|free|hand|dropped|crumb_base, --cover bottom|double|top|free|hand   for crusts: told from the recipe
        --pan "23 cm round 3 cm deep" | "9x13 in" | "28x20 cm oval", with --oven
        --filling-start hot|cold, --hold GRADE|E, --filling-with KEY[,KEY]   what goes in it, how thick, thickened with what
        --look #{Hydration::Moisture.looks.keys.join("|")}
      WORDS
      MILLIMETRES = {
        "--thickness-mm" => :thickness_mm,
        "--cutter-mm" => :cutter_mm,
        "--rope-mm" => :rope_mm,
        "--filling-g" => :filling_g,
        "--litres" => :litres,
        "--roasted-from" => :roasted_from_g,
        "--roasted-to" => :roasted_to_g
      }.freeze
      CRUST = {
        "--style" => :style,
        "--cover" => :cover,
        "--filling-start" => :filling_start,
        "--hold" => :hold
      }.freeze
      WORDS = {
        "--shape" => :shape,
        "--seal" => :seal,
        "--tool" => :tool,
        "--hands" => :hands,
        "--look" => :look
      }.freeze

      # @param parser [OptionParser]
      def initialize(parser)
        @coat, @dough, @crust = {}, {}, {}
        %w[piece oven oil tin].each do |name|
          parser.on("--#{name} #{name.upcase}") { |value| @coat[name.to_sym] = value }
        end
        MILLIMETRES.each { |flag, name| parser.on("#{flag} N", Float) { |value| @dough[name] = value } }
        WORDS.each { |flag, name| parser.on("#{flag} WORD") { |value| @dough[name] = value } }
        CRUST.each { |flag, name| parser.on("#{flag} WORD") { |value| @crust[name] = value } }
        parser.on("--pan PAN") { |value| @crust[:pan] = value }
        parser.on("--filling-with KEYS", Array) { |value| @crust[:filling_with] = value.map(&:strip) }
        parser.on("--helpers N", Integer) { |value| @dough[:helpers] = value }
        parser.on("--frozen") { @dough[:frozen] = true }
      end

      # What was typed, read.   @return [Hash] option => value   @raise [InvalidInput]
      def all(catalogue)
        check_sizes
        {
          **@dough,
          **@crust,
          pan: @crust[:pan]&.then { |text| pan(text) },
          piece: @coat[:piece]&.then { |text| Heat::Piece.parse(text, catalogue) },
          oven: @coat[:oven]&.then { |text| oven(text) },
          oil: @coat[:oil]&.then { |text| Heat::Frying.parse(text) },
          tin: @coat[:tin]
        }.compact
      end

      private

      # Nothing is 0 mm thick or 0 g heavy.
      def check_sizes
        MILLIMETRES.each do |flag, name|
          value = @dough[name]
          if value && !(value.positive? && value.finite?)
            raise InvalidInput, "#{flag} is more than 0, got #{Recipes::WeighedLine.tenths(value)}"
          end
        end
      end

      def pan(text)
        Kitchen::BakingPan.parse(text) or
          raise InvalidInput, "pan is such as '23 cm round 3 cm deep', '9x13 in' or '28x20 cm oval'; got '#{text}'"
      end

      def oven(text)
        Kitchen::OvenTemperature.parse(text.sub(",", " ")) or
          raise InvalidInput, "oven is such as 200C, 400F, gas 6 or 180C,fan; got '#{text}'"
      end
    end
  end
end
