# frozen_string_literal: true

module Restauro
  module Practice
    # How it came out.   off natural logarithm of what it is over what was wanted, or nil · fault a key of WORDS, or nil
    # · words what it is, in a
    #   cook's words · hit whether a good cook would have been content
    Verdict = Struct.new(:off, :fault, :words, :hit, keyword_init: true) do
      def initialize(off: nil, fault: nil, **)
        super
        freeze
      end

      # "a third too thick", as far as can be said.
      def score
        return "where a good cook lands" if hit
        return Verdict::WORDS.fetch(fault) if off.nil?

        far, band =
          [Math.exp(off.abs) - 1, Constants.fetch(:practice, :good_cook_share)].map { |share| (100 * share).round }
        "#{far} % #{off.positive? ? "too thick" : "too thin"}; a good cook lands within #{band} %"
      end
    end
    Verdict::WORDS = {
      "too_thick" => "too thick",
      "too_thin" => "too thin",
      "lumps" => "lumps",
      "off_early" => "taken off before the starch was done",
      "thinned" => "thinned again at the boil",
      "caught" => "caught at the bottom",
      "not_in" => "something is not in it yet",
      "late" => "the plates were there before it",
      "raw" => "raw in the middle",
      "burnt" => "burnt",
      "pale" => "pale, and not crisp",
      "greasy" => "soaked with fat: the oil was too cool",
      "too_dry" => "too dry: it cracks",
      "too_wet" => "too wet: it sticks",
      "overdone" => "overdone"
    }.freeze
  end
end
