# frozen_string_literal: true

module Restauro
  module Recipes
    # How a step cuts what is coated: "cut the chicken into 2 cm strips", "halve the breasts and pound them to 1 cm". It
    # tells how many pieces there are and how thick, as well as if it stood on their line.
    class CutByStep
      CUTS, MORE, CUT, PIECES, THE =
        DataFiles.words("recipes/words.yml").values_at(:cuts_pieces, :beats_flat, :cut_on_its_line, :piece_of_it,
                                                       :the_or_each)
      # "Halve" as a line would say it.
      DONE = DataFiles.yaml("recipes/participles.yml").transform_keys { |verb| /\b#{verb}\b/i }.freeze
      ROLES, NO_PIECES = %w[other cheese].freeze, %w[infuse herb late table].freeze
      private_constant :CUTS, :MORE, :CUT, :PIECES, :DONE, :THE, :ROLES, :NO_PIECES

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def self.of(lines)
        return lines unless lines.any? { |line| %w[flour starch crumb].include?(line.role) }

        sentences = Sentences.of_steps(lines)
        lines.map do |line|
          cut = cut(line, sentences) if piece?(line)
          cut ? line.with(cut: cut) : line
        end
      end

      # What its own line cuts is cut.
      def self.piece?(line) =
        ROLES.include?(line.role) && !NO_PIECES.include?(line.kind) && !line.text.match?(CUT)

      # @return [String, nil] "cut into 2 cm strips"
      def self.cut(line, sentences)
        told = sentences.lazy.filter_map { |text| text[CUTS] if of?(text[CUTS].to_s, line) }.first or return
        beaten = sentences.filter_map { |text| text[MORE] }.first.to_s
        words = told.include?(beaten) ? told : "#{told} and #{beaten}"
        done(words.gsub(names(line), " "))
      end

      def self.done(words) =
        DONE.reduce(words) { |text, (verb, done)| text.gsub(verb, done) }.squeeze(" ").strip.downcase

      # By its name, or as what it is.
      def self.of?(text, line) = Sentences.name?(text, line) || (line.by_the_piece? && text.match?(PIECES))

      # Its own name and the words before it.
      def self.names(line)
        stems = line.name_text.to_s.scan(/\p{L}{4,}/).map { |word| Regexp.escape(word.sub(/e?s\z/, "")) }
        own = stems.map { |stem| "#{stem}\\p{L}{0,2}" }
        /#{THE}(?:#{[*own, PIECES.source].join("|")})\b\s*/i
      end
      private_class_method :piece?, :cut, :done, :of?, :names
    end
  end
end
