module Restauro
  module Recipes
    # An HTML page: the schema.org Recipe that it holds as JSON-LD, else what its headings, lists and paragraphs say.
    # Nokogiri is loaded only here.
    module Html
      module_function

      BESIDE = "script, style, nav, footer, header, aside, form, noscript".freeze
      BLOCKS = "h1, h2, h3, h4, h5, li, p, td, dt, dd".freeze

      # @return [JsonLd::Listed, String] a string is the page's own lines   @raise [InvalidInput]
      def read(text)
        require "nokogiri"
        page = Nokogiri.HTML5(text, max_errors: 0)
        scripts = page.css("script").select { |s| s["type"].to_s.downcase.include?("ld+json") }
        recipe = scripts.lazy.filter_map { |script| recipe_in(script.text) }.first
        recipe ? JsonLd.listed(recipe) : (marked(page) || words(page))
      rescue LoadError
        raise InvalidInput, "reading HTML needs the set-up: run bin/start once, or paste the recipe as text"
      end

      # Microdata: the page's own marks say what is an ingredient and what a step.   @return [JsonLd::Listed, nil]
      def marked(page)
        texts = ->(names) do
          page
            .css(names.map { |name| "[itemprop~=#{name}]" }.join(", "))
            .map { |node| plain(node.text) }
            .reject(&:empty?)
        end
        ingredients = texts[%w[recipeIngredient ingredients ingredient]]
        return if ingredients.empty?

        name = page.at_css("[itemtype*=Recipe] [itemprop~=name]") || page.at_css("h1")
        steps = texts[%w[recipeInstructions instructions]]
        yields = JsonLd.yields(texts[%w[recipeYield yield]])
        JsonLd::Listed.new(name ? plain(name.text) : "", ingredients, steps, yields)
      end

      # @return [String] blanks closed up
      def plain(text) = text.gsub(/\s+/, " ").strip

      # What stands in the page's blocks, a line each; of a list inside a list its own words; of a page without blocks
      # its broken lines.
      def words(page)
        page.css(BESIDE).each(&:remove)
        lines = page.css(BLOCKS).map { |block| plain(own(block)) }.reject(&:empty?)
        page.css("br").each { |node| node.replace("\n") }
        lines = page.text.lines.map { |line| plain(line) }.reject(&:empty?) if lines.empty?
        if lines.empty?
          raise InvalidInput, "no recipe was found in this page; copy the ingredient lines and paste them as text"
        end

        lines.join("\n")
      end

      # @return [String] a block's own words, without those of blocks inside it
      def own(block)
        return block.text if block.css(BLOCKS).empty?

        block
          .children
          .reject { |child| child.element? && (child.matches?(BLOCKS) || child.css(BLOCKS).any?) }
          .map(&:text)
          .join
      end

      # @return [JsonLd::Found, nil]
      def recipe_in(json)
        JsonLd.find(JSON.parse(json, max_nesting: 60))
      rescue JSON::ParserError # nested too deep is one of them
        nil
      end
    end
  end
end
