# frozen_string_literal: true

module Restauro
  module Planning
    # What a plan may not move.   starts Hash of [dish, step] (from 0) => minutes after midnight: pinned, or begun
    # already
    #   not_before minutes after midnight before which nothing else begins, or nil · set whether the ovens' heats are
    #   chosen already
    Limits = Struct.new(:starts, :not_before, :set, keyword_init: true) do
      def initialize(starts: {}, not_before: nil, set: false)
        super(starts: starts.dup.freeze, not_before: not_before, set: set)
        freeze
      end
    end
  end
end
