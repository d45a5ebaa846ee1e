# frozen_string_literal: true

module Restauro
  module Recipes
    # Soured cream, gravy or melted butter that only goes to the table is in no batter, dough or sauce: by its words,
    # or by those of a heading without flour.
    class Served
      WORDS = DataFiles.words("ingredients/words.yml").fetch(:served)
      # What is scattered at the end, whatever it is listed with.
      GARNISH = DataFiles.words("ingredients/words.yml").fetch(:garnish)
      COOKED_GRAIN = DataFiles.words("ingredients/words.yml").fetch(:cooked_grain)
      COOKED = DataFiles.words("ingredients/words.yml").fetch(:cooked_already)
      private_constant :COOKED
      # What is held in the hand, and what is spooned over it.
      HANDHELD = DataFiles.words("ingredients/words.yml").fetch(:handheld)
      WARM_BISCUITS, WITH_GRAVY, SIDE, RAW_IN_HAND, OVER_AT_LAST =
        DataFiles.words("ingredients/words.yml")
          .values_at(:warm_biscuits, :biscuits_and_gravy, :side_dish, :raw_in_hand, :over_at_last)
      TORTILLAS = %w[wheat_tortilla gf_tortilla].freeze
      SPOONED = %w[sour_cream creme_fraiche plain_yogurt plant_yogurt].freeze
      ROLES = %w[liquid fat puree cheese seasoning egg].freeze
      # What would be stirred in under its own name.
      SWEET = %w[fruit sugar].freeze
      # What such a dish is eaten with: the words behind "with" in its title.
      EATEN_WITH = DataFiles.words("dishes/words.yml").fetch(:eaten_with)
      ON_TOP = %w[other liquid puree cheese].freeze

      # @param line [Line]   @param heading [String, nil]   @return [Boolean]
      def self.words?(line, heading: nil) = [line.own_text, heading].compact.any?(WORDS)

      # @param name [String] "mashed potato, to serve"   @return [String] without what says where it goes
      def self.bare(name) = name.sub(/[\s,(]*(?:#{WORDS.source}).*\z/i, "").then { |bare| bare.empty? ? name : bare }

      # @param catalogue [Catalogue]
      def initialize(catalogue)
        @catalogue = catalogue
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        breads = lines.map { |line| warm_biscuit?(line, lines.first) ? bread(line) : line }
        laid_on(drizzled(breads), lines.first&.text.to_s[EATEN_WITH, 1].to_s)
      end

      private

      # The scone that gravy goes over is no crumb.
      def warm_biscuit?(line, title) =
        line.ingredient == "wheat_biscuit_crumbs" &&
          (line.text.match?(WARM_BISCUITS) || (title.role == "title" && title.text.match?(WITH_GRAVY)))

      # Honey, syrup and mustard that a step only trickles over what is done, or serves with it.
      def drizzled(lines)
        sentences = Sentences.of_steps(lines)
        lines.map do |line|
          next line unless unweighed_crumb?(line) || (line.role == "other" && trickled?(line))

          named = line.name_text ? line : line.with(name_text: line.text)
          told = sentences.select { |text| Sentences.name?(text, named) }
          told.any? && told.all?(OVER_AT_LAST) ? beside(line) : line
        end
      end

      # Sweet or sharp, or cooked before it is weighed: "250 g cooked rice".
      def trickled?(line) = sweet?(line) || line.kind == "late" || line.text.match?(COOKED_GRAIN)

      # "Oyster crackers"
      def unweighed_crumb?(line) =
        line.ingredient.to_s.end_with?("crackers", "crumbs") && line.grams.nil? && line.amount_text.nil?

      # As heavy as a roll.
      def bread(line)
        times = line.text.match?(Numbers::WEIGHED) ? 1 : Constants.fetch(:making, :warm_biscuit_times)
        line.with(role: "other", ingredient: "bread", grams: line.grams && (line.grams * times))
      end

      # Over what is cooked: icing sugar, and any other that is said to be.
      def dusted_on?(line) =
        (sweet_dust?(line) && line.own_text.match?(ToDredge::WORDS)) ||
          (line.ingredient == "icing_sugar" && line.grams.nil?)
      def sweet_dust?(line) = @catalogue.find_key(line.ingredient)&.group == "sugar"
      def side?(line) = line.grams.nil? && line.amount_text.nil? && !line.words? && line.text.match?(SIDE)

      # "Blinis with smoked salmon": it goes on them, and soured cream with it.
      def laid_on(lines, with)
        named = ->(line) { Sentences.name?(with, line) }
        first = lines.index { |line| !line.words? && named[line] }
        at_table(lines).each_with_index.map do |line, at|
          next line if with.empty? || line.words? || !ON_TOP.include?(line.role)

          behind = SPOONED.include?(line.ingredient) && first && at > first
          named[line] || behind || spooned?(line, lines) ? beside(line) : line
        end
      end

      # Nobody has to weigh it.
      def beside(line) =
        line.with(role: "other", kind: "table", ingredient: (line.ingredient unless sweet?(line)),
                  warnings: line.warnings.reject { |warning| warning.code == "no_amount" })

      def sweet?(line) = SWEET.include?(@catalogue.find_key(line.ingredient)&.group)

      def at_table(lines)
        floured = lines.select { |line| flour?(line) }.map(&:part)
        handheld = lines.first&.role == "title" && lines.first.text.match?(HANDHELD)
        bread = lines.index { |line| line.bread? || TORTILLAS.include?(line.ingredient) } if handheld
        lines.each_with_index.map do |line, at|
          next line.with(kind: "table") if bread && raw_in_hand?(line, behind: at > bread)

          heading = line.part unless floured.include?(line.part) || onions_fry_in?(line, lines)
          next beside(line) if side?(line) || dusted_on?(line)
          next line.with(role: "other", kind: "table") if handheld && spooned?(line, lines)
          next line.with(kind: "table") if cooked_for_it?(line, heading)

          (ROLES.include?(line.role) || sweet?(line)) && Served.words?(line, heading: heading) ? beside(line) : line
        end
      end

      # Lettuce and tomatoes behind the roll they lie in.
      def raw_in_hand?(line, behind:) =
        line.role == "other" && (behind || line.amount_text.nil?) && line.text.match?(RAW_IN_HAND)

      # Butter under "To serve" that raw onions are fried in, there too.
      def onions_fry_in?(line, lines) =
        line.role == "fat" && line.part && lines.any? { |other| other.part == line.part && other.kind == "soften" }

      # Duck that was cooked before, under "To serve".
      def cooked_for_it?(line, heading) =
        heading.to_s.match?(WORDS) && line.role == "other" && line.text.match?(COOKED)

      # Soured cream in a taco, where something else is poured into the batter.
      def spooned?(line, lines) =
        SPOONED.include?(line.ingredient) &&
          lines.any? { |other| other.role == "liquid" && !SPOONED.include?(other.ingredient) }

      def flour?(line)
        @catalogue.find_key(line.ingredient)&.then { |found| found.starchy? || found.group == "pastry" }
      end
    end
  end
end
