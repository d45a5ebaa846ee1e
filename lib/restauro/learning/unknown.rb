# frozen_string_literal: true

module Restauro
  module Learning
    # A figure of a kitchen that trials tell of, by its key: "corn_starch" (strength), "drink sorghum_flour", "stretch
    # psyllium_husk", "water potato_riced", "hob medium", "oven" (slowness), "oven fan" and "oven basket" (what these
    # add to it), "oven offset" (hotter than its knob says), "oven side" (the right hotter than the left), "oven depth"
    # (the back hotter than the front), "liking sauce" of the house, "liking sauce Wanda" (what she adds to it).
    module Unknown
      OF_INGREDIENTS = %w[drink stretch water].freeze
      HOBS = %w[low medium medium_high high].freeze
      OVEN = ["oven", "oven fan", "oven basket", "oven offset", "oven side", "oven depth"].freeze
      PRIORS = {
        "hob" => :prior_hob,
        "drink" => :prior_drink,
        "stretch" => :prior_stretch,
        "water" => :prior_water,
        "oven" => :prior_oven,
        "oven fan" => :prior_oven_way,
        "oven basket" => :prior_oven_way,
        "oven offset" => :prior_oven_offset,
        "oven side" => :prior_oven_side,
        "oven depth" => :prior_oven_side
      }.freeze
      # How each is seen best.
      LOOKS = {
        "oven" => "oven",
        "oven fan" => "oven",
        "oven basket" => "oven",
        "oven offset" => "thermometer",
        "oven side" => "side",
        "oven depth" => "side",
        "hob" => "hob",
        "drink" => "grams",
        "water" => "weighed",
        "liking" => "liking",
        "stretch" => "stretch",
        "strength" => "plate_test"
      }.freeze

      module_function

      # @return [Array(String, String)] what kind of figure, and of what
      def split(key)
        kind, what = key.split(" ", 2)
        return key, nil if OVEN.include?(key)

        what ? [kind, what] : ["strength", key]
      end

      # Key of the ingredient it is of.   @return [String, nil]
      def ingredient(key)
        kind, what = split(key)
        what if kind == "strength" || OF_INGREDIENTS.include?(kind)
      end

      def known?(key, catalogue)
        kind, what = split(key)
        return HOBS.include?(what) if kind == "hob"

        OVEN.include?(key) || kind == "liking" || catalogue.key?(ingredient(key).to_s)
      end

      # One standard deviation of its logarithm before anything is seen.   @return [Float]
      def prior(key, catalogue)
        kind, what = split(key)
        name =
          case kind
          when "strength"
            catalogue.find_key(what)&.group == "blend" ? :prior_blend : :prior_strength
          when "liking"
            what.include?(" ") ? :prior_liking_own : :prior_liking
          else
            PRIORS.fetch(kind)
          end
        Constants.fetch(:learning, name)
      end

      # @return [String] key of Seen::ERRORS
      def look(key) = LOOKS.fetch(split(key).first)
    end
  end
end
