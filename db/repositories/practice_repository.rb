module Restauro
  module Database
    # Lessons under way and done.
    class PracticeRepository
      Row =
        Value.of(
          :id, :browser, :learner, :lesson, :own, :guess, :acts, :seconds, :hit, :score, :created_at, :finished_at
        )

      # @param clock [#call] the time now
      def initialize(database, clock:)
        @database = database
        @rows = database[:practices]
        @clock = clock
      end

      # @param own [Hash, nil] a row of the learner's own   @return [Integer] its id
      def start(browser, lesson, learner: "", own: nil)
        @rows.insert(
          browser: browser,
          lesson: lesson,
          learner: learner,
          acts: Sequel.pg_json([]),
          own: own && Sequel.pg_json(own),
          created_at: @clock.call
        )
      end

      # @raise [NotFound]
      def fetch(id)
        row = @rows.first(id: id) or raise NotFound, "there is no such lesson under way"
        Row.new(**row, acts: row[:acts].to_a, own: row[:own]&.to_hash)
      end

      # One change after another: a tap and the passing of time arrive together, and neither undoes the other.
      # @yield with the lesson held until the block is done
      def hold(id)
        @database.transaction do
          @rows.where(id: id).for_update.get(:id)
          yield
        end
      end

      def go_on(id, acts:, seconds:, guess:)
        @rows.where(id: id, finished_at: nil).update(acts: Sequel.pg_json(acts), seconds: seconds, guess: guess)
      end

      def finish(id, hit:, score:) =
        @rows.where(id: id, finished_at: nil).update(hit: hit, score: score, finished_at: @clock.call)

      # How often each lesson was played and hit, by this learner.   @return [Hash{String => Array(Integer, Integer)}]
      def tally(learner)
        counts = [Sequel.function(:count, :id).as(:played), Sequel.function(:count, :id).filter(:hit).as(:hits)]
        @rows
          .where(learner: learner)
          .exclude(finished_at: nil)
          .group(:lesson)
          .select(:lesson, *counts)
          .to_h { |row| [row[:lesson], row.values_at(:played, :hits)] }
      end
    end
  end
end
