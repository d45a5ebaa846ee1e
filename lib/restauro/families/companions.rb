# frozen_string_literal: true

module Restauro
  module Families
    # What is only cooked along: meat, vegetables, herbs, bought pasta. Which stage of the cooking each belongs to, and
    # the steps of the early ones.   The order in the pot is common practice: data/ingredients/kinds.yml.
    class Companions
      include CompanionKinds
      include CompanionStarts
      extend Naming

      # Minutes in the sauce of what is not done when it is brown.
      MINUTES = {"fish" => :fish_minutes, "wilt" => :wilt_minutes, "brief" => :brief_minutes, "crisp" => :crisp_minutes,
                 "pulse" => :pulse_minutes}.freeze
      # What goes in later than this needs no lid, and only minutes.
      LID_OFF_RANK = 7
      STAGES = %w[strain eggs boiled poach_with poach roll brown soften infuse simmer finish table].freeze

      attr_reader :lines

      # @param lines [Array<Recipes::Line>] of our side, those that no formula has   @param catalogue [Catalogue]
      # @param stew_minutes [Float, nil] min that the recipe itself simmers its meat   @param soup [Boolean]
      # @param grain [String] of data/ingredients/kinds.yml: in it, or beside it
      def initialize(lines, catalogue, stew_minutes: nil, soup: false, grain: "grain")
        @catalogue, @grain, @soup, @stew_minutes = catalogue, grain, soup, stew_minutes
        @lines = lines.freeze
        @rows = lines.to_h { |line| [line, row(line)] }.compare_by_identity.freeze
        freeze
      end

      # @param stage [String] of STAGES   @return [Array<Recipes::Line>] in the order they go in
      def at(stage) =
        @lines.select { |line| @rows[line]["stage"] == stage }
          .sort_by.with_index { |line, index| [@rows[line]["rank"].to_i, index] }

      # What takes its time to be tender.   @return [Array<Recipes::Line>]
      def slow = at("brown") + at("simmer").reject { |line| @rows[line].key?("minutes") }

      # "brown 200 g sausage meat, broken up, until nothing is pink"
      def words(line) = @rows[line]["words"] % Companions.say(line, @catalogue)
      # @return [Array<String>] keys of data/safety.yml
      def safety(lines) = lines.filter_map { |line| @rows[line]&.fetch("safety", nil) }.uniq

      # @param words [Array<String>]   @return [String] "a, b and c"
      def self.list(words) = words.length < 2 ? words.join : "#{words[0..-2].join(", ")} and #{words.last}"

      # Potatoes and the like before they are mashed.   @return [Step]
      def self.boil_roots(lines, catalogue)
        Step.new(kind: "boil", text: "Boil #{named(lines, catalogue)} in salted water until a knife goes through; " \
                                     "drain and let them steam dry.",
                 minutes: Constants.fetch(:dishes, :mash_minutes), uses: lines,
                 look_for: "dull and floury, no water in the pot")
      end

      # Boiled, browned and softened before anything thickens.
      # @param fats [Array<Recipes::Line>] what they are fried in
      # @return [Array<Step>]
      def early_steps(fats = []) = [*before_roux(fats), *softened(fats)]
      # (see #early_steps)   But for what is softened.
      def before_roux(fats = []) = [*strained, *eggs, *boiled, *poached, *rolled, *browned(fats)]

      # What cooks in the sauce until it is tender.   @param but [Array<Recipes::Line>] that are in it already
      # @return [Array<Step>]
      def simmer_steps(but: [])
        [*back(at("brown") - but), *warmed(at("poach") - but), *tender("words", at("simmer") - but)]
      end

      # What only needs its last minutes: fish, peas, leaves.   @return [Array<Recipes::Line>]
      def quick = at("simmer").select { |line| @rows[line]["rank"].to_i > LID_OFF_RANK }

      # What goes in before a sauce's own simmer, where that lasts as long as it takes: meat that is brown, roots.
      # @param minutes [Float]   @return [Array<Recipes::Line>]
      def along(minutes)
        return [] if minutes < figure(:tender_minutes)

        meat = at("brown").select { |line| along?(line, minutes) }
        [*meat, *slow - at("brown")]
      end
      # The same where there is no sauce for what was browned to go back into.
      def dry_steps = [*(back(wet: " with a splash of water") if cuts? || on_the_bone?), *tender("alone")]
      # Where there is nothing poured, but a pan.
      def pan_steps = [*back, *tender("alone")]
      # Leaves and roots cooked and drained, for a dough or what fills it.
      def drained_steps
        whole = at("simmer").select { |line| @rows[line].key?("alone") && !line.text.match?(Batter::Style::CUT_SMALL) }
        tender("alone", whole)
      end

      private

      # What was browned first goes back; a whole cut until it is tender.
      def back(browned = at("brown"), wet: "")
        return [] if browned.empty?

        words, minutes, look = going_back(browned)
        [Step.new(kind: "simmer", text: "#{said(browned)} back into the pan#{wet}#{words}.",
                  minutes: minutes, uses: browned, look_for: look, attended: !cuts?, safety: safety(browned))]
      end

      # @return [Array(String, Float, String)] words, minutes, what to look for
      def going_back(browned)
        return ["", figure(:back_minutes), "a slow bubble: it goes tender later"] if later?
        return [", lid on, low, until tender", stew_minutes, "a fork goes in and out"] if cuts?

        longest = browned.filter_map { |line| back_minutes(line) }.max
        return ["", figure(:back_minutes), "hot through"] unless longest

        poultry = browned.any? { |line| @rows[line]["safety"] == "poultry" }
        longest = [longest, @stew_minutes].compact.max if browned.any? { |line| CompanionKinds.joint?(line) }
        [", lid on, low", longest, poultry ? "no pink, its juice clear" : "its middle done, no longer"]
      end

      # In the oven, or in a pot that does it by itself.
      def later? = stew_minutes.zero?
      # Neither raw nor dry by then: twice its time is too long for what is tender soon.
      def along?(line, minutes)
        own = back_minutes(line)
        @rows[line]["back"] != "stew" && (own.nil? || minutes.between?(own, 2 * own))
      end

      # Meat that is stewed; in strips it is not.
      def cuts? = at("brown").any? { |line| @rows[line]["back"] == "stew" }

      # @param how [String] the column that says how
      # @param lines [Array<Recipes::Line>]
      def tender(how = "words", lines = at("simmer"))
        lines.chunk_while { |a, b| @rows[a]["words"] == @rows[b]["words"] }.map do |group|
          row = @rows[group.first]
          next tender_later(group) if later? && how == "words" && !row.key?("minutes")

          words = row.fetch(how, row["words"]) % said(group)
          lid = ", lid on, low" unless row["rank"].to_i > LID_OFF_RANK || row.key?(how) && how == "alone"
          Step.new(kind: "simmer", text: "#{capital(words)}#{lid}.",
                   minutes: minutes(group.first), uses: group, safety: safety(group))
        end
      end

      def tender_later(group) =
        Step.new(kind: "mix", heat: "hob", text: "Add #{said(group)}.", uses: group, look_for: "tender later")

      def capital(words) = words[0].upcase + words[1..]

      def said(lines) = Companions.named(lines, @catalogue)
      def minutes(line) = figure(MINUTES.fetch(@rows[line]["minutes"], :tender_minutes))

      def figure(name) = Constants.fetch(:making, name)
    end
  end
end
