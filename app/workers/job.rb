require "stringio"

module Restauro
  module Workers
    # A request as plain values, with its session and its fields as they were read and checked; and the answer to it.
    module Job
      # What of a request the pages look at.
      PASSED = /\A(?:REQUEST_METHOD|PATH_INFO|QUERY_STRING|SCRIPT_NAME|SERVER_(?:NAME|PORT|PROTOCOL)|REMOTE_ADDR|CONTENT_TYPE|HTTP_[A-Z_]+|
                     rack\.url_scheme)\z/x

      # A session that came along with its request: its names are text, as a kept one's are.
      class Session < Hash
        def [](name) = super(name.to_s)
        def []=(name, value)
          super(name.to_s, value)
        end

        def key?(name) = super(name.to_s)
        def fetch(name, *rest, &block) = super(name.to_s, *rest, &block)
        def delete(name) = super(name.to_s)
        # What a kept session has besides.
        def options = {}
      end

      module_function

      # @param env [Hash] of Rack, its session loaded
      def of(env)
        {env: env.select { |name, value| PASSED.match?(name) && value.is_a?(String) },
         fields: Rack::Request.new(env).POST, session: env.fetch("rack.session").to_h}
      end

      # In the worker.   @return [Array] status, headers, body and what the session holds now
      def answered_by(app, job)
        input = StringIO.new("".b)
        session = Session.new.merge!(job.fetch(:session))
        env = job.fetch(:env).merge("rack.input" => input, "rack.errors" => $stderr, "rack.session" => session,
                                    "rack.request.form_input" => input, "rack.request.form_hash" => job.fetch(:fields))
        status, headers, body = app.call(env)
        [status, headers.to_h, [].tap { |parts| body.each { |part| parts << part } }.join, session.to_h]
      end
    end
  end
end
