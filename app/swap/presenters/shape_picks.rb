module Restauro
  module Presenters
    # Pans and pieces to tap: shapes and sizes, starting from what holds now.
    module ShapePicks
      ROUND = [18, 20, 23, 24, 26, 28].freeze
      SIDES = {
        "square" => %w[18x18 20x20 23x23],
        "oblong" => %w[28x18 30x20 33x23 35x25],
        "oval" => %w[28x20 32x23],
        "loaf" => %w[20x10 23x13]
      }.freeze
      INCHES = {
        "round" => %w[7 8 9 10 11],
        "square" => %w[7x7 8x8 9x9],
        "oblong" => %w[11x7 9x13 10x15],
        "oval" => %w[8x11 9x13],
        "loaf" => %w[8x4 9x5]
      }.freeze
      DEPTHS = [2, 3, 4, 5, 7].freeze
      KINDS = %w[slice fillet stick strip ring floret cube].to_h { |kind| [kind, kind] }.freeze
      MILLIMETRES = [6, 8, 10, 12, 15, 18, 20, 25, 30, 40].freeze

      module_function

      # @param pan [Kitchen::BakingPan, nil]   @return [Hash{String => Hash}] shape => what the form holds => words
      def pans(pan, inches: false)
        deep = depth_words(pan&.depth_cm)
        sizes = inches ? INCHES : {"round" => ROUND.map(&:to_s), **SIDES}
        sizes.to_h do |shape, all|
          [shape, all.to_h { |size| [pan_text(size, shape, inches ? "in" : "cm", deep), size.sub("x", " x ").to_s] }]
        end
      end

      # The shape that holds.
      def shape(pan)
        return "round" if pan.nil?
        return pan.shape.to_s unless pan.shape == :rectangle

        short, long = [pan.length_cm, pan.width_cm].minmax
        long < 1.1 * short ? "square" : (long > 1.7 * short ? "loaf" : "oblong")
      end

      # Each shape in its middle size, so that a shape is a tap and its size another.   @param pans [Hash] as above
      def shapes(pans) = pans.to_h { |shape, sizes| [sizes.keys[sizes.length / 2], shape] }
      def size_now(pan, inches: false)
        return unless pan

        unit = inches ? Kitchen::BakingPan::CM_PER_INCH : 1
        sides = [pan.length_cm, pan.width_cm].map { |side| Recipes::WeighedLine.tenths((side / unit).round(1)) }
        pan_text(
          pan.shape == :round ? sides.first : sides.join("x"),
          pan.shape.to_s,
          inches ? "in" : "cm",
          depth_words(pan.depth_cm)
        )
      end

      def depths(pan) = DEPTHS.to_h { |depth| [[(pan || USUAL).say, depth_words(depth)].join(" "), "#{depth} cm"] }
      def depth_now(pan) = pan&.depth_cm && [pan.say, depth_words(pan.depth_cm)].join(" ")

      # @param piece [Heat::Piece, nil]   @return [Hash{String => String}]
      def kinds(piece) = KINDS.transform_keys { |kind| piece_text(name(piece), kind, millimetres(piece)) }
      def thicknesses(piece) = MILLIMETRES.to_h { |mm| [piece_text(name(piece), kind(piece), mm), "#{mm} mm"] }
      def now(piece) = piece && piece_text(name(piece), kind(piece), millimetres(piece))

      def pan_text(size, shape, unit, deep) =
        ["#{size} #{unit}", {"round" => "round", "oval" => "oval"}[shape], deep].compact.join(" ")
      def depth_words(depth) = depth && "#{Recipes::WeighedLine.tenths(depth.to_f)} cm deep"
      def piece_text(name, kind, mm) = "#{name} #{kind} #{mm} mm"
      def name(piece) = piece&.name || "piece"
      def kind(piece) = piece&.kind || "slice"
      def millimetres(piece) = piece ? piece.millimetres.round : 12

      USUAL = Kitchen::BakingPan.new(shape: :round, length_cm: 24.0)
    end
  end
end
