module Restauro
  # Root of every error the core raises about its input or its data.
  class Error < StandardError
  end

  # The cook's input cannot be used. The message says what was read and what to type.
  class InvalidInput < Error
  end

  # A figure, unit or ingredient that was named is not known.
  class NotFound < InvalidInput
  end

  # A command or option that does not exist, or a value outside its list.
  class WrongUsage < Error
  end

  # A file under data/ is wrong: our mistake, not the cook's.
  class DataError < Error
  end
end
