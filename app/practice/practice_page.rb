module Restauro
  # A lesson under way, as its page shows it, and what a tap and the passing of time do to it.
  class PracticePage
    MOST_ACTS = 200

    attr_reader :row, :lesson

    # @param row [Database::PracticeRepository::Row]
    def initialize(row, services)
      @row = row
      @services = services
      @lesson = row.own ? Practice::Lesson.of_row("own", row.own) : Practice::Lesson.fetch(row.lesson)
    end

    def play = @play ||= play_of(row.acts, row.seconds)
    def guessed_right? = row.guess && row.guess == lesson.guess["right"]
    def guess_open? = row.guess.nil? && row.acts.empty? && row.seconds.zero?

    # @param doing [String] a tool, "now", or nothing
    # @param advance [Float] seconds that passed
    # @raise [InvalidInput]
    def go_on(doing, advance, guess)
      most, longest = %i[most_step_seconds longest_seconds].map { |name| Constants.fetch(:practice, name) }
      seconds = (row.seconds + advance.clamp(0.0, most)).clamp(0.0, longest)
      acts = doing.empty? ? row.acts : [*row.acts, act(doing, seconds)]
      seconds += 60 * Constants.fetch(:practice, :covered_minutes) if doing == "rest"
      @services.practices.go_on(row.id, acts: acts, seconds: seconds, guess: row.guess || guess)
      finish(acts, seconds) if doing == "now"
    end

    private

    def act(doing, seconds)
      raise InvalidInput, "this lesson is over: play it again" if play.over?
      raise InvalidInput, "there is nothing such to do here: '#{doing[0, 30]}'" unless play.tools.key?(doing)
      raise InvalidInput, "that is enough for one lesson: say now" if row.acts.length >= MOST_ACTS && doing != "now"

      what, with = doing.split(":", 2)
      {"at" => seconds.round(2), "do" => what, "with" => with}
    end

    def finish(acts, seconds)
      verdict = play_of(acts, seconds).verdict
      @services.practices.finish(row.id, hit: verdict.hit, score: verdict.score)
    end

    def play_of(acts, seconds)
      ground = @services.memo.fetch([:practice, lesson.key, row.own]) { Practice::Play.ground(lesson, @services.facts) }
      Practice::Play.new(
        lesson,
        acts.map { |data| Practice::Play::Act.of(data) },
        seconds,
        @services.facts,
        ground: ground
      )
    end
  end
end
