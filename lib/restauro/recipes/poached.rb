# frozen_string_literal: true

module Restauro
  module Recipes
    # Meat that goes tender in its stock before there is a sauce, and stays white: a step says so, or the dish's name.
    module Poached
      STEP, TITLE, BROWNED, JOINT, SLICES, BIRD, HEN, GREENS, STRAINED =
        DataFiles.words("dishes/words.yml")
          .values_at(:poached, :poached_by_name, :meat_browned, :cured_joint, :cured_in_slices, :bird_poached,
                     :soup_hen, :soup_greens, :strained_out)
      WITH = "poached_with"
      AROMATIC = %w[soften infuse].freeze
      private_constant :STEP, :TITLE, :BROWNED, :JOINT, :SLICES, :BIRD, :HEN, :GREENS, :WITH, :AROMATIC
      KINDS = {meat: "poached_meat", bird: "poached_bird", joint: "poached_joint"}.freeze

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        return lines unless said?(lines)

        strained, pot = strained(lines), in_its_list(lines)
        lines.map do |line|
          kind = kind(line) || (WITH if greens?(line) || strained_out?(line, strained) || pot.include?(line))
          kind ? line.with(kind: kind) : line
        end
      end

      # Onion and bay listed with the meat alone, whose sauce has a heading of its own.   @return [Array<Line>]
      def in_its_list(lines)
        listed = lines.reject(&:words?)
        part = listed.find { |line| kind(line) }&.part
        own, others = listed.partition { |line| line.part == part }
        return [] if others.empty? || own.any? { |line| %w[fat flour thickener liquid].include?(line.role) }

        own.select { |line| AROMATIC.include?(line.kind) }
      end

      # The sentence that poaches it, where what else was in the pot is strained out then.   @return [String]
      def strained(lines)
        steps = lines.select { |line| line.role == "step" }.map(&:text)
        return "" unless steps.any? { |text| text.match?(STRAINED) }

        steps.flat_map { |text| Sentences.of(text) }.find { |text| step?(text) }.to_s.downcase
      end

      # @param line [Line]   @param sentence [String] what is poached together
      def strained_out?(line, sentence) =
        line.kind == "soften" && !line.words? &&
          line.name_text.to_s.downcase.scan(/\p{L}{4,}/).any? { |word| sentence.include?(word.delete_suffix("s")) }

      # What gives the stock its taste, and goes out with the bones.   @param line [Line]
      def greens?(line) = !line.words? && line.text.match?(GREENS)

      # What is stewed, a joint that was cured, a bird in one piece.   @param line [Line]   @return [String, nil]
      def kind(line)
        thick = Families::CompanionKinds.thick(line)
        return KINDS[thick.to_sym] if %w[bird joint].include?(thick)

        KINDS[:meat] if line.kind == "whole_meat" || cured_joint?(line)
      end

      # Nobody fries a gammon until its fat runs.   @param line [Line]
      def cured_joint?(line) = line.kind == "cured" && line.text.match?(JOINT) && !line.text.match?(SLICES)

      # @param text [String] a step   @return [Boolean] whether it does so
      def step?(text) = text.match?(STEP) || text.match?(BIRD)

      # A bird in one piece with as much water as covers it, and no word of the pan.   @param lines [Array<Line>]
      def in_a_pot_of_water?(lines)
        bird = lines.find { |line| line.grams && Families::CompanionKinds.thick(line) == "bird" } or return false
        water = lines.sum { |line| line.ingredient == "water" && line.grams ? line.grams.value : 0.0 }
        water >= bird.grams.value && lines.none? { |line| line.words? && line.text.match?(BROWNED) }
      end

      # One that is sold for it.
      def hen?(line) = line.kind == "poultry" && line.text.match?(HEN)

      # @param lines [Array<Line>]
      def said?(lines)
        return true if in_a_pot_of_water?(lines)

        title, *rest = lines.select(&:words?).map(&:text)
        return false if rest.any? { |text| text.match?(BROWNED) }

        title.to_s.match?(TITLE) || lines.any? { |line| hen?(line) || cured_joint?(line) } ||
          rest.any? { |text| step?(text) }
      end
    end
  end
end
