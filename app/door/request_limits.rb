require "rack/utils"

module Restauro
  # Refuses what no page can use before anything reads it: a body too large or of a size not told, an address too long
  # or not of letters.
  class RequestLimits
    MOST_BYTES = 1_500_000
    # A photo of the dish goes with the end of it.
    MOST_WITH_PHOTO = 13_000_000
    # All of a household at once; more goes by bin/import.
    MOST_ARCHIVE = 60_000_000
    MOST_QUERY_BYTES = 10_000
    PHOTO = %r{\A/dishes/\d+/finish\z}

    def initialize(app)
      @app = app
    end

    def call(env)
      unless letters?(env)
        return (
          PlainPage.of(
            400,
            "That address cannot be read: it holds bytes that are no letters. Follow a link, or go back."
          )
        )
      end
      if long?(env)
        return (
          PlainPage.of(414, "That address is too long: go back, and send what was typed with the page's own button.")
        )
      end

      most = most_for(env["PATH_INFO"].to_s)
      return PlainPage.of(413, too_large(most)) if env["CONTENT_LENGTH"].to_i > most
      if env["HTTP_TRANSFER_ENCODING"].to_s.downcase.include?("chunked")
        return PlainPage.of(411, "The size of what is sent must be told.")
      end

      @app.call(env)
    end

    private

    def most_for(path)
      return MOST_WITH_PHOTO if PHOTO.match?(path)

      path == "/all" ? MOST_ARCHIVE : MOST_BYTES
    end

    def letters?(env)
      path = Rack::Utils.unescape_path(env["PATH_INFO"].to_s).dup.force_encoding(Encoding::UTF_8)
      path.valid_encoding? && !path.include?("\u0000")
    end

    def long?(env) = env["QUERY_STRING"].to_s.bytesize > MOST_QUERY_BYTES
    def too_large(most) =
      "That is over #{most / 1_000_000.0} MB. Paste the ingredient lines alone, or take a smaller photo."
  end
end
