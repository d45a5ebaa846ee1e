require "erb"
require "rack/protection"

module Restauro
  # A form comes with the token of the browser's cookie. When the cookie was lost nothing is done, and nothing typed is
  # lost: the page that says so holds the form again, to send with one button - but only to who sent it from our own
  # pages.
  class KeptToken < Rack::Protection::AuthenticityToken
    MOST_FIELDS = 300
    WORDS =
      "This page had lain too long, and its cookie was gone: nothing was done yet. What you typed is kept here.".freeze
    OTHERS = "This came from another page than ours, or one that had lain too long: nothing was done.".freeze

    # Called by the protection when a token does not fit.   @return [Array] a Rack response
    def default_reaction(env)
      request = Rack::Request.new(env)
      fields = ours?(env) ? typed(request) : []
      return PlainPage.of(403, OTHERS) if fields.empty?

      PlainPage.of(403, WORDS, more: again(request, fields, self.class.token(session(env))))
    rescue StandardError
      PlainPage.of(400, "What was sent cannot be read. Go back and send it again.")
    end

    private

    # By the origin that the browser states, port and all; where it states none, by the page it came from.
    def ours?(env)
      from = env["HTTP_ORIGIN"] || env["HTTP_REFERER"] or return false
      page, request = URI.parse(from), Rack::Request.new(env)
      [page.host, page.port] == [request.host, request.port]
    end

    def typed(request)
      pairs = request.POST.flat_map do |name, value|
        value.is_a?(Array) ? value.map { |one| ["#{name}[]", one] } : [[name, value]]
      end
      pairs.select { |name, value| value.is_a?(String) && name != options[:authenticity_param] }.first(MOST_FIELDS)
    end

    def again(request, fields, token)
      inputs = fields.map do |name, value|
        name, value = [name, value].map { |text| ERB::Util.html_escape(FormText.clean(text)) }
        if value.include?("\n")
          "<label class=\"field\">#{name}<textarea name=\"#{name}\" rows=\"10\">#{value}</textarea></label>"
        else
          "<input type=\"hidden\" name=\"#{name}\" value=\"#{value}\">"
        end
      end
      "<form method=\"post\" action=\"#{ERB::Util.html_escape(request.path_info)}\">#{inputs.join}" \
        "<input type=\"hidden\" name=\"#{options[:authenticity_param]}\" value=\"#{token}\">" \
        "<div class=\"buttons\"><button class=\"button strong\" type=\"submit\">Send it again</button></div></form>"
    end
  end
end
