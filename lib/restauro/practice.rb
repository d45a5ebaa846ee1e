module Restauro
  # A place to ruin it: a pan, a dough, a coat, a pot under a learner's hands, by the same models that predict the real
  # ones. Pure: a play is a lesson and what was done, at its seconds; how it stands at any second is worked out from
  # that.
  #
  #   Lesson.fetch(key)   Play.new(lesson, acts, seconds, catalogue) -> scene (for drawing), words (for a reader),
  #   verdict (after "now")
  module Practice
    %w[Coat Hands Hob Lesson Pan Play Pot Verdict].each do |name|
      autoload name.to_sym, "restauro/practice/#{name.downcase}"
    end
  end
end
