module Restauro
  class CommandLine
    # The options of predict, swap and rescue that fill what was chosen.   Needs chosen.
    module RecipeOptions
      private

      # "Gravy=sauce"; none for a part without flour.
      def part(text)
        name, family = text.split("=", 2).map { |word| word.to_s.strip }
        known = Families::KEYS + ["none"]
        unless known.include?(family) && !name.empty?
          raise WrongUsage, "--part is NAME=FAMILY with #{known.join(", ")}; got '#{text}'"
        end

        @parts[name] = family
      end

      # "Sauce=1.4": one part larger than the recipe has it.
      def size(text)
        name, _, times = text.rpartition("=")
        factor = Float(times, exception: false)
        raise WrongUsage, "--size is NAME=TIMES, such as Sauce=1.4; got '#{text}'" if name.empty? || factor.nil?

        @sizes[name] = factor
      end

      def course(on)
        doughs = (Families::Dough::School.all + Families::Crust::School.all).map(&:key).uniq
        on.on("--school SCHOOL", Families::Sauce::Options::SCHOOLS + doughs) { |value| chosen[:school] = value }
        on.on("--heat LEVEL", %w[low medium medium_high high]) { |value| chosen[:heat] = value }
        on.on("--altitude METRES", Float) { |value| chosen[:altitude] = value }
        on.on("--serve-celsius C", Float) { |value| chosen[:serve_celsius] = value }
        on.on("--simmer MINUTES", Float) { |value| chosen[:simmer_s] = value * 60 }
        on.on("--becomes WHAT", Families::Sauce::Becomes::KEYS) { |value| chosen[:becomes] = value }
        on.on("--colour COLOUR", Families::Sauce::Roux::COLOURS) { |value| chosen[:colour] = value }
        stove(on)
      end

      def stove(on)
        on.on("--watts W", Float) { |value| chosen[:watts] = value }
        on.on("--pan-cm CM", Float) { |value| chosen[:pan_cm] = value }
        on.on("--lid") { chosen[:lid] = true }
        on.on("--stir HOW", Families::Sauce::Options::STIRRING) { |value| chosen[:stir] = value }
        on.on("--observed-e N", Float) { |value| @observed = value }
        on.on("--plate-mm R", Float) { |value| @plate_mm = value }
      end

      def swap_choices(on)
        on.on("--with KEYS", Array) { |value| chosen[:with] = value.map(&:strip) }
        on.on("--target TARGET") { |value| chosen[:target] = value }
        on.on("--without WORDS", Array) { |value| chosen[:without] = value.map(&:strip) }
      end
    end
  end
end
