# frozen_string_literal: true

module Restauro
  module Dishes
    # What the parts of a dish are called: by their headings, else by what they are.
    module Naming
      NAMED =
        {"crust" => "Crust", "sauce" => "Sauce", "batter" => "Batter", "breading" => "Coat", "gnocchi" => "Dough",
         "pasta" => "Dough"}.freeze
      # What stands before a part's name.
      FOR = DataFiles.words("dishes/words.yml").fetch(:for_the_part)
      # "To top" is no name for crumbs.
      TO_TOP = DataFiles.words("dishes/words.yml").fetch(:to_top)
      MASH, FINISH, DONE, NOODLES_IN_SOUP, IN_THE_SOUP =
        DataFiles.words("dishes/words.yml")
          .values_at(:mash_by_name, :finish_heading, :done_heading, :noodles_in_soup, :in_the_soup)
      FRIED_OVER = %w[soften herb cured].freeze
      MEATS = %w[whole_meat poached_meat poached_joint poached_bird joint].freeze
      private_constant :TO_TOP, :MASH, :FINISH, :DONE, :NOODLES_IN_SOUP, :IN_THE_SOUP, :FRIED_OVER, :MEATS

      private

      # Every part has a name of its own.
      def named(parts)
        return parts if parts.length == 1 && parts.first.name

        seen = Hash.new(0)
        parts.map do |part|
          name = told(part) || NAMED[part.family] || plain(part, parts)
          name = name.sub(FOR, "").then { |short| short.empty? ? name : short[0].upcase + short[1..] }
          count = seen[name] += 1
          part.with(name: count > 1 ? "#{name} #{count}" : name)
        end
      end

      # What dumplings cook on is no filling of theirs.
      def plain(part, parts)
        return "Pasta" if pasta?(part)
        return "Mash" if mash?(part)
        return OverDough::SOUP if soup?(part, parts)
        return "Meat" if meat?(part, parts)
        return "To serve" if part.lines.any? && part.lines.all? { |line| Recipes::Served.words?(line) }

        pot = part.lines.any? { |line| line.role == "liquid" } && parts.any? { |other| other.family == "gnocchi" }
        pot && @recipe.title.to_s.match?(OneList::DUMPLINGS) ? "Stew" : "Filling"
      end

      def pasta?(part) = part.lines.any? && part.lines.all? { |line| line.ingredient.to_s.match?(/pasta|noodles/) }

      # The pot that noodles are for, which goes in none: by the dish's name, or a step that cooks them in it.
      def soup?(part, parts)
        return false unless OverDough.name(part.lines) == OverDough::SOUP && parts.any? { |o| o.family == "pasta" }

        title = @recipe.title.to_s
        [NOODLES_IN_SOUP, AtTable::SOUP].any? { |words| title.match?(words) } ||
          Recipes::Sentences.of_steps(@recipe.lines).any? { |text| text.match?(IN_THE_SOUP) }
      end

      # In one piece, beside its sauce and inside nothing.
      def meat?(part, parts) =
        parts.filter_map(&:family) == %w[sauce] && part.lines.any? { |line| MEATS.include?(line.kind) }

      # Potatoes of a dish that is mash by its name.
      def mash?(part) =
        @recipe.title.to_s.match?(MASH) && part.lines.any? { |line| Families::Dough::Contents.raw?(line.ingredient) }

      # Cheese under "To finish" is cheese.
      def told(part)
        return "Cheese" if part.family.nil? && part.name.to_s.match?(FINISH) && Partition.cheese?(part.lines)
        return OverDough::NAME if fried_over?(part)
        return part.name || Bound.name(part) unless part.place == :top

        part.name.to_s.match?(TO_TOP) || part.name.nil? ? topped(part) : part.name
      end

      # Butter and onions under "To cook".
      def fried_over?(part)
        return false unless part.family.nil? && part.name.to_s.match?(DONE)

        fat, rest = part.lines.partition { |line| line.role == "fat" }
        fat.any? && rest.any? && rest.all? { |line| FRIED_OVER.include?(line.kind) || line.role == "seasoning" }
      end

      def topped(part)
        return "Cheese" if Partition.cheese?(part.lines)

        part.lines.any? { |line| line.role == "crumb" } ? "Crumbs" : "Topping"
      end
    end
  end
end
