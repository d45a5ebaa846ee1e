module Restauro
  module Kitchen
    # A pan by its shape.   shape :round, :rectangle or :oval · length_cm and width_cm (one diameter for a round one) ·
    # depth_cm or nil loose whether its bottom comes out
    BakingPan = Struct.new(:shape, :length_cm, :width_cm, :depth_cm, :loose, keyword_init: true) do
      def initialize(shape:, length_cm:, width_cm: length_cm, depth_cm: nil, loose: false)
        [length_cm, width_cm, depth_cm].compact.each do |side|
          next if side.between?(1, 100)

          raise InvalidInput,
                "a pan's side is 1 to 100 cm, got #{side.round(1)}; type such as '23 cm round 3 cm deep' or '9x13 in'"
        end

        super
        freeze
      end

      # @param text [String] "23 cm round 3 cm deep", "9x13 in", "20x30 cm 5 cm deep", "28x20 cm oval", "8 inch
      #   square", "33 x 23 x 5 cm", "23 x 2.5 cm fluted": what is no wider than a tin is high is its height
      # @return [BakingPan, nil]
      def self.parse(text)
        found = BakingPan::SIDES.match(text) or return
        sides, depth = sides_and_depth(found)
        shape = shape_of(text, sides, depth) or return

        new(
          shape: shape,
          length_cm: sides.first,
          width_cm: sides.last,
          depth_cm: depth || depth(text),
          loose: text.match?(/\bloose|\bspringform/i)
        )
      end

      # "2 x 20 cm tins" are two of them.   @return [Array(Array<Float>, Float)] cm: one side or two; how high, or nil
      def self.sides_and_depth(found)
        factor = found[:unit].match?(/\Ac/i) ? 1.0 : BakingPan::CM_PER_INCH
        least = Constants.fetch(:shaping, :least_side_cm)
        sides = %i[a b c].filter_map { |name| found[name] }.map { |side| Numbers.value(side).to_f * factor }
        sides = sides.drop(1) if sides.length > 1 && sides.first < least
        high = sides.length > 2 || (sides.length == 2 && sides.last < least)
        high ? [sides[0...-1], sides.last] : [sides, nil]
      end

      # @return [Symbol, nil] round, rectangle or oval
      def self.shape_of(text, sides, depth)
        return :oval if text.match?(/\boval\b/i)
        return :rectangle if sides.length > 1 || text.match?(/\bsquare\b/i)

        :round if depth || text.match?(BakingPan::ROUND)
      end

      # @return [Float, nil] cm
      def self.depth(text)
        match = /(#{Numbers::DIGITS})\s*-?\s*(cm|in(?:ch(?:es)?)?|")\s*deep/i.match(text) or return
        Numbers.value(match[1]).to_f * (match[2].match?(/\Ac/i) ? 1.0 : BakingPan::CM_PER_INCH)
      end

      # "23 cm round", "30 x 20 cm".
      def say
        sides = [length_cm, width_cm].map { |side| Recipes::WeighedLine.tenths(side.round(1)) }
        shape == :rectangle ? "#{sides.join(" x ")} cm" : "#{sides.uniq.join(" x ")} cm #{shape}"
      end

      # Area of the base.   @return [Float] cm2
      def area_cm2 = shape == :rectangle ? length_cm * width_cm : Math::PI * length_cm * width_cm / 4
      # All round. Of an oval by Ramanujan's second approximation, to a few millionths in any pan.
      # Source: ramanujan_1914
      # @return [Float] cm
      def perimeter_cm
        return 2 * (length_cm + width_cm) if shape == :rectangle

        h = ((length_cm - width_cm) / (length_cm + width_cm))**2
        Math::PI * (length_cm + width_cm) / 2 * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)))
      end

      # @return [Float, nil] mL to the brim of a straight-sided pan; nil when its depth is not known
      def millilitres = depth_cm && area_cm2 * depth_cm
      # How much more of a recipe another pan takes at the same depth.
      def factor_to(other) = other.area_cm2 / area_cm2
    end

    BakingPan::CM_PER_INCH = 2.54
    BakingPan::ROUND = /\bround|\bcircle|\btart\b|\bpie\b|\bflan\b|\bfluted|\bcake tin|\bspringform|\bdiameter/i
    BakingPan::UNIT = /(?<unit>cm|centimetres?|in\b|inch(?:es)?|")/
    BakingPan::TIMES = /[\s-]*(?:cm|in(?:ch(?:es)?)?|")?[\s-]*(?:x|×|by)[\s-]*/
    BakingPan::SIDES =
      /(?<a>#{Numbers::DIGITS})(?:#{BakingPan::TIMES}(?<b>#{Numbers::DIGITS}))?
        (?:#{BakingPan::TIMES}(?<c>#{Numbers::DIGITS}))?\s*-?\s*#{BakingPan::UNIT}(?!\s*deep)/ix
  end
end
