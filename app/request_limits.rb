module Restauro
  # Refuses a body that is too large, or whose size is not told, before anything reads it.
  class RequestLimits
    MOST_BYTES = 1_500_000

    def initialize(app)
      @app = app
    end

    def call(env)
      return refuse(413, "That is over 1.5 MB. Paste the ingredient lines alone.") if env["CONTENT_LENGTH"].to_i > MOST_BYTES
      return refuse(411, "The size of what is sent must be told.") if env["HTTP_TRANSFER_ENCODING"].to_s.downcase.include?("chunked")

      @app.call(env)
    end

    private

    def refuse(status, words) = [status, {"content-type" => "text/plain; charset=utf-8", "content-length" => words.bytesize.to_s}, [words]]
  end
end
