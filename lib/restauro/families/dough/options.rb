module Restauro
  module Families
    class Dough
      # The cook's choices for a dough.
      #   family pasta or gnocchi · school key or nil · with Array of flour keys · target Float ratio or nil
      #   shape one of SHAPES; nil for what the recipe says
      #   thickness_mm of one sheet or strand · cutter_mm ring, or width of a ribbon · rope_mm · seal folded or pair ·
      # tool machine or pin   helpers · litres of water or nil · watts of the hob · altitude_m m · frozen whether it is
      # boiled from the freezer · filling_g or nil   roasted_from_g, roasted_to_g of the purée's vegetable · look key of
      # data/families/dough/moisture.yml · hands flour or oil   without Array of diets, allergens, groups or keys ·
      # offer Array of keys to offer first · way steamed or panned, nil for boiled, as the recipe says ·
      # steam_minutes and boil_minutes as it says · raw_filling whether its meat goes in raw
      Options =
        Struct.new(:family, :school, :with, :target, :shape, :thickness_mm, :cutter_mm, :rope_mm, :seal, :tool,
                   :helpers, :litres, :watts,
                           :altitude_m, :frozen, :filling_g, :roasted_from_g, :roasted_to_g, :look, :hands, :without,
                           :offer, :way, :steam_minutes, :boil_minutes, :raw_filling, keyword_init: true) do
        # What other families are asked for is taken and left alone.
        def initialize(family:, with: [], target: nil, seal: "folded", tool: "machine", helpers: 1, heat: "high",
                       altitude: 0, altitude_m: altitude,
                       watts: nil, frozen: false, hands: "flour", without: [], offer: [], **more)
          super(family: family, with: with.dup.freeze, target: Options.ratio_of(target), seal: seal, tool: tool,
                helpers: helpers,
                watts: watts || Physics::Pan.watts(heat), altitude_m: altitude_m, frozen: frozen, hands: hands,
                without: without.dup.freeze,
                offer: offer.dup.freeze, **more.slice(:school, :shape, :thickness_mm, :cutter_mm, :rope_mm, :litres,
                                                      :filling_g, :roasted_from_g, :roasted_to_g, :look, :way,
                                                      :steam_minutes, :boil_minutes, :raw_filling))
          check
          freeze
        end

        # The same choices with some changed.   @return [Options]
        def with_choices(**changes) = Options.new(**to_h.merge(changes))

        # Every measure of the shape filled in.   @param shape [String] what the recipe says
        def shaped(shape)
          shape = self.shape || shape
          with_choices(shape: shape, thickness_mm: thickness_mm || Options.usual(:"#{shape}_mm") || 0.0,
                       rope_mm: rope_mm || Options.usual(Options::OWN_ROPE.include?(shape) ? :"#{shape}_mm" : :rope_mm),
                       cutter_mm: cutter_mm ||
                         Options.usual({"filled" => :ring_mm, "sheets" => :sheet_mm}.fetch(shape, :ribbon_mm)))
        end

        # @return [Diets::Exclusion] of who eats
        def exclusion(catalogue) = Diets::Exclusion.of(without, catalogue)
        # @return [Float] C at this height
        def boiling_celsius = Physics::Air.boiling_celsius(Physics::Air.pressure_pa(altitude_m))

        # @return [Float, nil] mm that a measure usually has
        def self.usual(name) = Constants.table(:dough)[name]&.value

        # @param target [String, Numeric, nil] a rung or the ratio itself
        def self.ratio_of(target)
          Hydration::Rung.ratio(target, what: "a dough", examples: Hydration::Rung.all.first(4),
                                        range: Constants.fetch(:dough, :least_target)..Constants.fetch(:dough,
                                                                                                       :most_target))
        end

        private

        def check
          one_of(:school, School.all.map(&:key))
          {shape: Options::SHAPES, seal: %w[folded pair], tool: %w[machine pin], hands: %w[flour oil],
           look: Hydration::Moisture.looks.keys}
            .each { |name, allowed| one_of(name, allowed) }
          lengths
          if roasted_from_g.nil? != roasted_to_g.nil?
            raise InvalidInput, "both weights are needed, raw and cooked: give the other one too"
          end

          {helpers: 1..20, litres: 1..30, filling_g: 1..20_000}.each { |name, range| within(name, range) }
          Physics::Air.pressure_pa(altitude_m)
        end

        def lengths
          range = Constants.fetch(:dough, :least_mm)..Constants.fetch(:dough, :most_mm)
          %i[thickness_mm rope_mm].each { |name| within(name, range, zero: true) }
          within(:cutter_mm, Constants.fetch(:dough, :least_mm)..Constants.fetch(:dough, :most_cutter_mm))
        end

        def one_of(name, allowed)
          return if self[name].nil? || allowed.include?(self[name])

          raise InvalidInput, "#{name.to_s.tr("_", " ")} is #{allowed.join(", ")}; got '#{self[name]}'"
        end

        def within(name, range, zero: false)
          value = self[name]
          return if value.nil? || range.cover?(value) || (zero && value.zero?)

          words = name.to_s.sub(/_(?:mm|g)\z/, "").tr("_", " ")
          raise InvalidInput, "#{words} is #{range.first} to #{range.last} #{Options::UNITS[name]}, got " \
                              "#{value.round(2)}".squeeze(" ")
        end
      end

      Options::SHAPES = %w[rolled filled extruded dumpling round spooned pushed sheets thumbed strings].freeze
      # Dry to the hand, solved by its flour: rope or ball.
      Options::BY_HAND = %w[dumpling round].freeze
      # Shapes whose rope, ball or string has a thickness of its own.
      Options::OWN_ROPE = %w[round spooned pushed thumbed strings].freeze
      Options::UNITS = {thickness_mm: "mm", rope_mm: "mm", cutter_mm: "mm", litres: "litres", filling_g: "g"}.freeze
    end
  end
end
