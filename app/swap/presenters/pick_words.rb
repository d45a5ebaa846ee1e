module Restauro
  module Presenters
    # What holds now of each choice, in a few words: what the cook chose, else what the recipe says, else what suits.
    class PickWords
      GRADES = {
        "keep" => "as wheat",
        "thin" => "like cream",
        "medium" => "coats a spoon",
        "thick" => "a line stays",
        "very_thick" => "keeps its shape",
        "own" => "set by the spoon"
      }.freeze
      BATTER = {
        "keep" => "as wheat",
        "spoonable" => "drops off the spoon",
        "thick_coat" => "thick coat",
        "medium_coat" => "medium coat",
        "thin_coat" => "thin coat",
        "pouring" => "pours"
      }.freeze
      DOUGH = {
        "keep" => "as wheat",
        "crumb" => "crumbs",
        "short" => "short",
        "rolled" => "firm, rolls",
        "soft_dough" => "soft"
      }.freeze
      WAYS = {"" => "as the recipe", "roux" => "roux", "slurry" => "slurry", "reduction" => "boiled down"}.freeze
      SHAPES = {
        "dumpling" => "rope, cut",
        "round" => "large balls",
        "spooned" => "by the spoon",
        "pushed" => "through a sieve",
        "rolled" => "ribbons",
        "filled" => "filled",
        "sheets" => "sheets",
        "extruded" => "pressed",
        "thumbed" => "by the thumb",
        "strings" => "strings"
      }.freeze
      HEATS = {"low" => "low", "medium" => "medium", "medium_high" => "medium-high", "high" => "high"}.freeze

      # @param worked [SwapPage]   @param view [SwapView, nil]
      def initialize(worked, view)
        @worked = worked
        @view = view
        @state = worked.input.state
        @said = worked.dish&.said
      end

      def now(key) = send(key).to_s

      # Read from the recipe, and not changed since.
      def told?(key)
        return false unless @said && Picks::FIELDS.fetch(key).all? { |field| @state[field].empty? }

        case key
        when :heat
          @said.oven || (@said.oil && option(:oil)) ? true : false
        when :oven, :pan, :dish_pan
          !@said[key == :oven ? :oven : :pan].nil?
        when :piece
          !option(:piece).nil?
        else
          false
        end
      end

      private

      attr_reader :state

      def options = @worked.swap && @worked.options
      def option(name) = options.respond_to?(name) ? options.public_send(name) : nil
      def catalogue = @worked.catalogue
      def names(keys) = Format.list(keys.to_s.split(",").filter_map { |key| catalogue.find_key(key)&.say })
      def chosen(field) = state[field].empty? ? "what suits" : names(state[field])

      def flour = state["flour"].empty? && @view ? Format.list(flours) : chosen("flour")
      def flours =
        @view.thickeners.select { |line| catalogue.find_key(line[:key].to_s)&.starchy? }
             .map { |line| line[:name] }.first(2)
      def thickener =
        state["with"].empty? && @view ? Format.list(@view.thickeners.map { |line| line[:name] }) : chosen("with")
      def dust = chosen("dust")
      def crumb = chosen("crumb")
      def thickness = GRADES.fetch(state["grade"], state["grade"])
      def wetness = (@worked.family.key == "batter" ? BATTER : DOUGH).fetch(state["rung"], state["rung"])
      def way = WAYS.fetch(option(:school) || state["school"], "as the recipe")
      def stove =
        "#{HEATS.fetch(state["heat"], state["heat"])} heat#{" · #{state["happens"].lines.count} more" unless state["happens"].strip.empty?}"
      def becomes =
        state["becomes"].empty? ? "eaten now" : Families::Sauce::Becomes.words.fetch(state["becomes"], state["becomes"])
      def dish_pan = state["pan"].empty? ? (@said&.pan&.say || "no dish") : state["pan"]
      def pan =
        (@worked.swap && @worked.pan_chosen&.say) || @said&.pan&.say || cups ||
          (state["pan"].empty? ? "not said" : state["pan"])
      def cups = @view&.snapshot&.dig(:picture, :cups)&.then { |cups| "#{cups[:count]} small ones" }
      def oven = no_oven || option(:oven)&.say || baked_at || (state["oven"].empty? ? "what suits" : state["oven"])
      def no_oven = {"none: over water" => :steamed, "none: a dry pan" => :griddled?}.find { |_, is| over?(is) }&.first
      def over?(is) = @view.respond_to?(is) && @view.send(is)
      def baked_at = @view&.snapshot&.dig(:picture, :bake, :oven)&.then { |celsius| "#{celsius} °C" }
      def fat(oil) = "#{oil.shallow ? "a pan of" : "deep"} #{oil.say}, #{oil.celsius.round} °C"
      def heat = option(:oil) ? fat(option(:oil)) : (option(:oven)&.say || baked_at || in_a_pan || "not said")
      # What is poured: it swims in nothing.
      def in_a_pan =
        ("a hot pan, a film of fat" if @worked.family.key == "batter" && @worked.swap&.ours&.style == "pancake")
      def piece =
        option(:piece)&.then { |one| "#{one.name} #{one.kind}, #{Format.number(one.millimetres)} mm" } || "not said"
      def tin = Families::Batter::Tin.fetch(state["tin"]).say
      def shape = SHAPES.fetch(@worked.shape || state["shape"], "as it says")
      def potatoes
        raw, cooked = state.values_at("raw_g", "cooked_g")
        raw.empty? || cooked.empty? ? "not weighed" : "#{raw} g raw, #{cooked} g cooked"
      end
      def hands = state["hands"] == "oil" ? "oiled" : "floured"
      def filling = state["filling_from"].empty? ? "from this recipe" : "a kept sauce"
      def kind
        return DishWords::FAMILIES.fetch(state["family"]) if Families::KEYS.include?(state["family"])

        @worked.refused? ? "not told" : DishWords::FAMILIES.fetch(@worked.family.key)
      end
      def two = state["two"].empty? ? "nobody" : "#{state["two"]} without"
      def amount =
        /\A\s*1?\s*\z/.match?(state["scale"]) ? "as the recipe" : state["scale"].sub(/\A([\d.]+)\z/, '\1 times')

      def holds
        schools = (@worked.family.key == "crust" ? Families::Crust::School : Families::Dough::School).all
        schools.find { |school| school.key == state["bind"] }&.say || @view&.snapshot&.fetch(:school, nil) ||
          "what suits"
      end

      def crust
        style = Families::Crust::Style.all.find { |one| one.key == (option(:style) || state["style"]) }&.say
        cover = Families::Crust::Options::COVERS[option(:cover)] unless over?(:griddled?)
        words = [style, cover].compact.join(", ")
        words.empty? ? "as it says" : words
      end

      def who
        names = @worked.eaters.select { |eater| @worked.input.eats?(eater) }.map(&:name)
        rules = state["diets"].split(",").filter_map { |key| Diets.all.find { |diet| diet.key == key }&.say }
        all = names + rules
        all.empty? ? "nobody's rules" : Format.list(all)
      end
    end
  end
end
