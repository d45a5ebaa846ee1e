module Restauro
  # What trials teach of a kitchen: each pack's strength, the oven, the rings. Everything in logarithms of a factor on
  # the catalogue's figure; what was learnt is worked out again from the trials each time, never kept as truth.
  #
  #   Unknown(key, kind)   Trial(shares, log_ratio, error)   Posterior.of(trials) -> factor and 90 % band of each
  #   unknown
  module Learning
    autoload :Kitchen, "restauro/learning/kitchen"
    autoload :Lessons, "restauro/learning/lessons"
    autoload :Observations, "restauro/learning/observations"
    autoload :Oven, "restauro/learning/oven"
    autoload :Posterior, "restauro/learning/posterior"
    autoload :Report, "restauro/learning/report"
    autoload :Seen, "restauro/learning/seen"
    autoload :Trial, "restauro/learning/trial"
    autoload :Unknown, "restauro/learning/unknown"
  end
end
