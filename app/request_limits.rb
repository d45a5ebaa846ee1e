module Restauro
  # Refuses a body that is too large, or whose size is not told, before anything reads it.
  class RequestLimits
    MOST_BYTES = 1_500_000
    # A photo of the dish goes with the end of it.
    MOST_WITH_PHOTO = 13_000_000
    PHOTO = %r{\A/dishes/\d+/finish\z}

    def initialize(app)
      @app = app
    end

    def call(env)
      most = PHOTO.match?(env["PATH_INFO"].to_s) ? MOST_WITH_PHOTO : MOST_BYTES
      return refuse(413, too_large(most)) if env["CONTENT_LENGTH"].to_i > most
      return refuse(411, "The size of what is sent must be told.") if env["HTTP_TRANSFER_ENCODING"].to_s.downcase.include?("chunked")

      @app.call(env)
    end

    private

    def too_large(most) = "That is over #{most / 1_000_000.0} MB. Paste the ingredient lines alone, or take a smaller photo."

    def refuse(status, words) = [status, {"content-type" => "text/plain; charset=utf-8", "content-length" => words.bytesize.to_s}, [words]]
  end
end
