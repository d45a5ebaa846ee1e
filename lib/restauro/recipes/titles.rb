# frozen_string_literal: true

module Restauro
  module Recipes
    # What names a dish, above its list, and is none of the things in it.   Needs @line_reader, @prose and @headings.
    module Titles
      SERVES, EATERS, SENTENCE, SHELL_FOR, DISH_BY_NAME, JOINED =
        DataFiles.words("recipes/words.yml")
          .values_at(:so_many_eat, :eaters, :sentence, :shell_for, :dish_by_name, :joined_in_a_title)
      SAYS_WHAT_FOR = Regexp.union(Line::TO_FRY_IN, SHELL_FOR, Headings::TO_USE)
      BARE_WORDS = 3
      # "(2 pts)": as much as it makes.
      YIELD = /\s*\(\s*[\d.,½¼¾]+\s*(?:pts?|pints?|ml|l|litres?|liters?|cups?)\s*\)\s*\z/i
      # "(for ham)".
      ASIDE = /\s*\([^)\d]*\)\s*\z/
      # "Waffles:", or a list behind it.
      HEADED = /\A\W*\p{L}[^:\d]{1,40}:/
      private_constant :HEADED, :ASIDE, :YIELD, :SERVES, :EATERS, :SENTENCE, :SHELL_FOR, :DISH_BY_NAME, :JOINED,
                       :SAYS_WHAT_FOR, :BARE_WORDS

      # @param title [String]   @return [String] without who eats it
      def self.dish(title) = title.sub(EATERS, "")

      # "Gnocchi - 2 lb potatoes, 1 egg": named for what is made, and not "Batter" or "Pasta", which is a part.
      def self.dish_on_its_line?(name) =
        DISHES.any? { |family| Families::Detection::WORDS.fetch(family).match?(name) } && !name.match?(PART_ALONE)
      DISHES = %w[gnocchi pasta batter].freeze
      PART_ALONE = DataFiles.words("recipes/words.yml").fetch(:part_alone)

      private

      # The first line names the dish, be it "Onion gravy", "Cheese sauce" or "Pie crust"; a thing of a list of things
      # without amounts does not.
      def dish_title?(line, following)
        bare = bare_title(line)
        if (@line_reader.amount?(bare) && !worded?(line)) || @prose.told?(bare) ||
            (line.match?(/:\s*\S/) && !named_behind?(line)) || (Outline::VERBS.match?(line) && !dish?(line, following))
          return false
        end

        !bare_ingredient?(line) || line.match?(/\A\W*[[:upper:]]/) || small_title?(line, following)
      end

      # "Quick notes: Sunday chicken pie": the name stands behind the colon, with no amount and nothing listed.
      def named_behind?(line)
        name = line[/:\s*(\S[^:,;\d]*)\z/, 1] or return false
        name.match?(DISH_BY_NAME) && !line.match?(/\d/)
      end

      # Without who eats, or how much it makes.
      def bare_title(line)
        title = Titles.dish(line.sub(SERVES, ""))
        dish = title.sub(YIELD, "")
        dish.match?(DISH_BY_NAME) ? dish : title
      end

      # "mum's cheese sauce" above its list, "schupfnudeln mit sauerkraut", "battered sausages", "farfalle" above
      # their flour; above a heading "chicken and waffles" alone.
      def small_title?(line, following)
        return false if line.match?(SAYS_WHAT_FOR)

        bare = line.sub(YIELD, "").sub(ASIDE, "")
        listed = @line_reader.amount?(following) || following.match?(HEADED)
        return true if bare.match?(DISH_BY_NAME) && (listed || bare.split.length > 1)
        return true if listed && meat?(bare[/\p{L}+\W*\z/].to_s)
        return true if line.match?(JOINED) && !@line_reader.seasoning?(line)

        listed && @line_reader.bystander?(bare) && !@line_reader.seasoning?(bare) &&
          (bare.split.length > 1 || @line_reader.floury?(following) || meat?(bare, following))
      end

      # "Kalbsgeschnetzeltes" above its "500 g Kalbfleisch".
      def meat?(*texts) = texts.all? { |text| Headings::MEATS.include?(@line_reader.kind(text)) }

      # "Roast chicken gravy" above its list; "Melt the butter in a pan" is a step.
      def dish?(line, following)
        listed = [Outline::ABOUT, Outline::METHOD, Outline::INGREDIENTS].any? { |words| words.match?(following) }
        (listed || @line_reader.amount?(following) || @headings.named?(following)) && !line.match?(SENTENCE)
      end

      # "Half cup sauce": a number in words before what is no thing.
      def worded?(line) = line.match?(/\A\W*[[:upper:]]/) && !@line_reader.thing?(line)

      # "butter", "salt to taste" or "oil for deep frying" in a list, not "Onion and cider-vinegar gravy".
      def bare_ingredient?(line) = @line_reader.known_name?(line) &&
        (line.split.length <= BARE_WORDS || line.match?(SAYS_WHAT_FOR) || @line_reader.seasoning?(line))

      def title?(line)
        return true if Outline::ABOUT.match?(line)

        !@line_reader.amount?(line) && line.match?(/\A\W*[[:upper:]][[:upper:]\s&'-]{3,}\z/) && !bare_ingredient?(line)
      end
    end
  end
end
