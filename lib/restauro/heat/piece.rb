module Restauro
  module Heat
    # A piece of food to coat: what it is, its shape and its thickness.
    #   name · food Food · shape :slab, :cylinder or :sphere · thickness_m m across the thin way
    Piece = Value.of(:name, :food, :shape, :thickness_m, :kind) do
      # @param text [String] "celeriac slice 12 mm", "cauliflower floret 30 mm"
      # @return [Piece]
      # @raise [InvalidInput]
      def self.parse(text, catalogue)
        match = Piece::TEXT.match(text.strip) or
          raise InvalidInput,
                "piece '#{text.strip[0, 60]}' not understood; type such as 'celeriac slice 12 mm' or 'cauliflower floret 30 mm'"
        millimetres = Float(match[3].tr(",", ".")) * (match[4].match?(/\Acm/i) ? 10 : 1)
        unless millimetres.between?(3, 80)
          raise InvalidInput, "a piece is 3 to 80 mm thick, got #{millimetres.round(1)}"
        end

        name = match[1].strip
        kind = match[2]&.downcase || (Food.row(name) || Food::UNKNOWN)["shape"]
        new(
          name: name,
          food: Food.named(name, catalogue),
          kind: kind,
          shape: Piece::SHAPES.fetch(kind),
          thickness_m: millimetres / 1000
        )
      end

      def radius_m = thickness_m / 2
      def millimetres = thickness_m * 1000

      # Grams and coated area of one piece.   @param across_m [Array(Float, Float)] of a slice or fillet
      # @return [Array(Float, Float)] g and m2
      def size(across_m: usual_across_m)
        long, wide = across_m
        t, round = thickness_m, Constants.fetch(:breading, :ring_round_mm) / 1000
        volume, area =
          case kind
          when "ring"
            [t * t * round, 4 * t * round]
          when "slice", "fillet"
            [t * long * wide, 2 * (long * wide + t * (long + wide))]
          when "stick", "strip"
            [t * t * long, 2 * t * t + 4 * t * long]
          when "cube"
            [t**3, 6 * t * t]
          else
            [Math::PI / 6 * t**3, Math::PI * t * t]
          end
        [1e3 * volume * food.density(Constants.fetch(:heat, :piece_start_celsius)), area]
      end

      # A slice or fillet, how long and wide; a slice across a root is as large as a square of its round.
      # @return [Array(Float, Float)] m
      def usual_across_m
        round_mm = Food.row(name)&.fetch("round_mm") if kind == "slice"
        return [Float(round_mm) / 1000 * Math.sqrt(Math::PI / 4)] * 2 if round_mm

        %i[slice_length_mm slice_width_mm].map { |side| Constants.fetch(:breading, side) / 1000 }
      end
    end

    Piece::SHAPES = {
      "slice" => :slab,
      "fillet" => :slab,
      "ring" => :slab,
      "stick" => :cylinder,
      "strip" => :cylinder,
      "floret" => :sphere,
      "cube" => :sphere,
      "ball" => :sphere
    }.freeze
    Piece::TEXT = /\A(.+?)\s+(?:(slice|floret|stick|strip|ring|cube|ball|fillet)s?\s+)?(\d+(?:[.,]\d+)?)\s*(mm|cm)\z/i
  end
end
