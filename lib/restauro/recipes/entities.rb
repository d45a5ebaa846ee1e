require "cgi"

module Restauro
  module Recipes
    # Characters by their names in HTML, where a text was copied with them: "&frac12; l milk".
    module Entities
      NAMES = DataFiles.yaml("recipes/entities.yml").fetch("names").freeze
      NAMED = /&(#{NAMES.keys.join("|")});/

      # @param text [String]   @return [String]
      def self.decode(text) = CGI.unescapeHTML(text.gsub(NAMED) { NAMES.fetch(Regexp.last_match(1)) })
    end
  end
end
