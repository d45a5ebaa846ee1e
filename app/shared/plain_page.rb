require "erb"

module Restauro
  # A page that stands without the application: what went wrong, in a sentence, and a way back.
  module PlainPage
    PAGE = ERB.new(<<~HTML)
      <!doctype html>
      <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
      <title>Not quite · Restauro</title><link rel="stylesheet" href="/css/app.css"></head>
      <body><main id="main"><section class="panel ask"><h1>Not quite</h1><p class="problem" role="alert"><%= ERB::Util.html_escape(words) %></p>
      <%= more %><div class="buttons"><a class="button" href="/swap">Back to Swap</a></div></section></main></body></html>
    HTML

    module_function

    # @param words [String] plain text   @param more [String] HTML   @return [Array] a Rack response
    def of(status, words, more: "")
      body = PAGE.result_with_hash(words: words, more: more)
      [status, {"content-type" => "text/html; charset=utf-8", "cache-control" => "no-store", **Web::HEADERS}, [body]]
    end
  end
end
