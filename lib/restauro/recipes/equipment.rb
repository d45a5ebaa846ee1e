# frozen_string_literal: true

module Restauro
  module Recipes
    # What a page asks for besides food, under a heading of its own: none of it is listed, and a tin whose size is given
    # is what the dish is made in.
    module Equipment
      HEADING, ON_ITS_LINE, PAN = DataFiles.words("recipes/equipment.yml").values_at(:heading, :on_its_line, :sized_pan)
      ARTICLE = /\A\W*(?:an?\s+)?/i
      private_constant :ARTICLE, :HEADING, :ON_ITS_LINE, :PAN

      module_function

      # @param lines [Array<String>]   @yieldparam line [String] whether it ends the list of tools
      # @return [Array<String>] without tools, the tin behind all else
      def put_last(lines, &ends)
        tools, food = told_apart(lines, &ends)
        pans = tools.flat_map { |line| line.sub(ON_ITS_LINE, "").split(/[,;]|\band\b/) }.grep(PAN)
        [*food, *pans.map { |pan| "Use a #{pan.sub(ARTICLE, "")[/.*[^.\s]/]}." }]
      end

      # @return [Array(Array<String>, Array<String>)] tools, and what is none
      def told_apart(lines)
        under = false
        lines.partition do |line|
          under = HEADING.match?(line) || (under && !yield(line))
          under || ON_ITS_LINE.match?(line)
        end
      end
    end
  end
end
