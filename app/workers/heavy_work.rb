module Restauro
  module Workers
    # Sends what has to be worked out to the pool, so that every other page is had at once. Where the pool fails it is
    # worked out here.
    class HeavyWork
      PATHS = %r{\A/(?:swap(?:/ovens)?|compare|rescue|spoon|table(?:/plan\.\w+)?|cupboard/blend)\z}
      BUSY =
        "Many dishes are being worked out at once. What you typed is still in this page: try again in a moment.".freeze
      LATE =
        "That took too long to work out, and was stopped. What you typed is still in this page: take fewer dishes, or a part of the " \
          "recipe.".freeze

      # @param pool [Pool]
      def initialize(app, pool)
        @app = app
        @pool = pool
      end

      def call(env)
        unless PATHS.match?(env["PATH_INFO"]) && !env["CONTENT_TYPE"].to_s.start_with?("multipart/")
          return @app.call(env)
        end

        answer = @pool.call(Job.of(env), key: env["HTTP_X_RESTAURO_FORM"])
        case answer
        when Array
          answered(env, answer)
        when :stale
          [204, {}, []]
        when :busy
          PlainPage.of(503, BUSY).tap { |_, headers, _| headers["retry-after"] = "2" }
        when :late
          PlainPage.of(503, LATE)
        else
          @app.call(env)
        end
      end

      private

      def answered(env, answer)
        status, headers, body, session = answer
        kept = env["rack.session"]
        session.each { |name, value| kept[name] = value unless kept[name] == value }
        (kept.to_h.keys - session.keys).each { |name| kept.delete(name) }
        [status, headers, [body]]
      end
    end
  end
end
