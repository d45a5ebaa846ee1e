# frozen_string_literal: true

module Restauro
  module Families
    # Which stage of the cooking a thing that is only cooked along belongs to, and what is done with it:
    # data/ingredients/kinds.yml.
    #   Needs @catalogue, @soup and @grain.
    module CompanionKinds
      GROUPS = {"vegetable" => "simmer", "bought" => "finish"}.freeze
      BOILED = %w[gf_pasta gf_pasta_sheets gf_noodles gf_grain gf_couscous].freeze
      UNKNOWN = {"stage" => "simmer", "rank" => "7", "words" => "add %s and cook it through"}.freeze
      # What holds or goes beside a thing, never in it.
      WRAPS = %w[gf_bread gf_tortilla].freeze
      # Already cooked by the words of its line.
      READY = DataFiles.words("ingredients/words.yml").fetch(:cooked_already)
      # An onion with cloves in it gives its taste to the milk and goes out.
      STUDDED = DataFiles.words("ingredients/words.yml").fetch(:studded)
      # Woody leaves on their stalks simmer along and come out; soft ones do not.
      SPRIGS, PICKED = DataFiles.words("ingredients/words.yml").values_at(:sprigs, :picked)
      # On the bone, or as thick: it is not done when it is brown.
      JOINT = Heat::UsualPiece::JOINT
      PORTIONS, STRIPS, PULSES, IN_SHELLS, GNOCCHI, SPOONED =
        DataFiles.words("ingredients/words.yml")
          .values_at(:portions, :strips, :pulses, :in_shells, :bought_gnocchi, :spooned_peppercorns)
      # Roots cut as fine as the onion go in with it.
      CUT_FINE, CRISP, BRIEFLY, WARMED, PULPY, GRAINS, HOLDS, LARGE, EGGS =
        DataFiles.words("ingredients/words.yml")
          .values_at(:cut_fine, :crisp, :briefly, :warmed, :pulpy, :grains, :holds_it, :cut_large, :eggs_beside)
      # Meat that is stewed whole, and what says it is not.
      ONE_PIECE, DICED, BEEF, STEAK, TINNED, DRIED_FRUIT = DataFiles.words("ingredients/words.yml")
        .values_at(:in_one_piece, :diced, :beef, :steak, :tinned, :dried_fruit)
      SOFFRITTO = DataFiles.words("ingredients/words.yml").values_at(:carrot, :onion, :celery).freeze
      # Minutes in the sauce of what is not done when it is brown.
      BACK = {"joint" => :joint_minutes, "tender" => :tender_minutes}.freeze
      READY_ROW = {"stage" => "finish", "rank" => "1", "words" => "%s"}.freeze

      # Poultry that is not done when it is brown.   @param line [Recipes::Line]
      # @return [String, nil] bird, joint or breast
      def self.thick(line)
        return unless line.kind == "poultry"
        return "bird" if WholeBird.is?(line)
        return "joint" if line.text.match?(Regexp.union(JOINT, PORTIONS)) && !line.text.match?(Heat::UsualPiece::BONED)

        "breast" if line.text.match?(Heat::UsualPiece::WHOLE)
      end

      # Whether it is on its bones: minutes of a sauce are its own.   @param line [Recipes::Line]
      def self.joint?(line) = %w[bird joint].include?(thick(line)) && !line.text.match?(Heat::UsualPiece::THIN)

      private

      def row(line)
        return kind_row(line.kind) if line.inside?

        return boiled_row if BOILED.include?(line.ingredient) || line.name_text.to_s.match?(GNOCCHI)

        ingredient = @catalogue.find_key(line.ingredient)

        # Under "To serve" nothing is cooked along but raw meat.
        served = Recipes::Served.words?(line, heading: line.part)
        return table_row(line) if line.kind == "table"
        return kind_row("table") if served && kind(line)&.fetch("stage") != "brown"
        if line.text.match?(STUDDED) || (line.text.match?(SPRIGS) && !line.text.match?(PICKED))
          return kind_row("infuse")
        end
        return kind_row("late") if line.kind == "infuse" && line.text.match?(SPOONED)
        return ready_row(line) if READY.match?(line.text)
        return kind(line) || UNKNOWN if ingredient.nil? || sold_free?(line)

        return kind_row("table") if WRAPS.include?(ingredient.key) || line.text.match?(HOLDS)

        stage = GROUPS.fetch(ingredient.group, "finish")
        stage == "simmer" ? kind_row("simmer") : {"stage" => stage, "rank" => "4", "words" => "%s"}
      end

      # Eggs beside it ask to be done, whoever cooks them.
      def table_row(line) = kind_row(line.text.match?(EGGS) ? "egg_beside" : "table")

      # What is bought without gluten is cooked as the same with it.
      def sold_free?(line) = line.ingredient == "gf_other" && !line.kind.nil?

      # Done before; beans out of a tin are cold.
      def ready_row(line)
        stage = kind(line)&.fetch("stage")
        return kind_row("ready_meat") if stage == "brown"

        stage == "simmer" && line.text.match?(TINNED) ? kind_row("heated") : READY_ROW
      end

      # By itself, unless it boils in the soup.
      def boiled_row = @soup ? kind_row("in_soup") : {"stage" => "boiled", "rank" => "0", "words" => "boil %s"}

      def kind(line)
        return unless line.kind

        told = told_kind(line) and return kind_row(told)
        return rolled_row(line) if Recipes::RolledUp.slice?(line) && @lines.any?(&:inside?)
        return kind_row(line.kind).except("back") if line.text.match?(thin(line))

        kind_row(CompanionKinds.thick(line) || line.kind)
      end

      # What the words of a line make of it, whatever its kind is else.   @return [String, nil]
      def told_kind(line)
        return "soften" if line.text.match?(CUT_FINE) || soffritto?(line)
        return "in_shells" if line.kind == "fish" && line.text.match?(IN_SHELLS)
        return "simmer" if line.text.match?(DRIED_FRUIT) && @lines.any? { |one| one.kind == "whole_meat" }
        return unless line.kind == "simmer"

        {PULSES => "pulse", GRAINS => @grain, PULPY => "pulpy", WARMED => "heated", CRISP => "crisp",
         BRIEFLY => "briefly"}
          .find { |words, _| line.text.match?(words) }&.last
      end

      # Slices with something raw in them are done when it is, beef when it is tender.
      def rolled_row(line)
        stewed = line.kind == "whole_meat" || line.text.match?(BEEF)
        kind_row(line.kind).merge("back" => stewed ? "stew" : "joint")
      end

      # Carrots beside onion and celery are softened with them.
      def soffritto?(line) =
        line.text.match?(SOFFRITTO.first) && !line.text.match?(LARGE) &&
          SOFFRITTO.all? { |word| @lines.any? { |other| other.text.match?(word) } }

      # @return [Float] min
      def stew_minutes
        whole = @lines.any? { |line| one_piece?(line) }
        @stew_minutes || Constants.fetch(:dishes, whole ? :joint_minutes : :stew_minutes)
      end

      # A joint by its name, and by its weight.
      def one_piece?(line) =
        line.kind == "whole_meat" && line.text.match?(ONE_PIECE) && !line.text.match?(DICED) &&
          line.grams&.value.to_f >= Constants.fetch(:dishes, :joint_least_g)

      # A steak is as done as it is wanted when it is brown.   @return [Float, nil] min
      def back_minutes(line)
        return WholeBird.minutes(line) if @rows[line]["back"] == "bird"

        BACK[@rows[line]["back"]]&.then { |name| figure(name) } unless line.text.match?(STEAK)
      end

      # Stewing meat is diced as a matter of course; only strips of it are quick.
      def thin(line) = line.kind == "whole_meat" ? STRIPS : Heat::UsualPiece::THIN

      def kind_row(name) = DataFiles.yaml("ingredients/kinds.yml")[name]
    end
  end
end
