module Restauro
  module Presenters
    # What can be changed of the part that is looked at, each with what holds now and whether the recipe itself said so.
    class Picks
      # key names the view under picks/ · label and now words · told whether it was read from the recipe · fields of the
      # form it holds
      Pick = Value.of(:key, :label, :now, :told, :fields)

      FIELDS = {
        flour: %w[flour],
        thickener: %w[with],
        dust: %w[dust],
        crumb: %w[crumb],
        thickness: %w[grade spoons],
        wetness: %w[rung],
        way: %w[school colour pour],
        stove: %w[heat simmer lid stir happens altitude],
        becomes: %w[becomes],
        dish_pan: %w[pan],
        heat: %w[oven oil],
        oven: %w[oven],
        piece: %w[piece],
        tin: %w[tin],
        holds: %w[bind],
        shape: %w[shape thickness cutter seal rope filling_g],
        potatoes: %w[raw_g cooked_g wetness],
        hands: %w[tool hands helpers litres frozen altitude],
        pan: %w[pan],
        crust: %w[style cover thickness],
        filling: %w[filling_from hold filling_with filling_start],
        amount: %w[scale],
        who: %w[eaters diets],
        two: %w[two],
        kind: %w[family]
      }.freeze
      LABELS = {
        flour: "Flour",
        thickener: "Thickener",
        dust: "Dusted with",
        crumb: "Crumb",
        thickness: "How thick",
        wetness: "How wet",
        way: "Way",
        stove: "Stove",
        becomes: "Then",
        dish_pan: "Baked in",
        heat: "Cooked in",
        oven: "Oven",
        piece: "What is coated",
        tin: "Tin",
        holds: "Held together by",
        shape: "Shape",
        potatoes: "Potatoes",
        hands: "Hands and pot",
        pan: "Pan",
        crust: "Crust",
        filling: "Filling",
        amount: "How much",
        who: "Who eats",
        two: "Some eat wheat",
        kind: "This is"
      }.freeze
      OF = {
        "sauce" => %i[thickener thickness way stove becomes dish_pan],
        "batter" => %i[flour wetness heat piece tin],
        "breading" => %i[dust crumb heat piece],
        "gnocchi" => %i[flour holds wetness shape potatoes hands],
        "pasta" => %i[flour holds wetness shape hands],
        "crust" => %i[flour holds wetness oven pan crust filling]
      }.freeze
      SHARED = %i[amount who two kind].freeze

      # @param worked [SwapPage]   @param view [SwapView, nil]   @param preferences [Preferences]
      def initialize(worked, view, preferences)
        @worked = worked
        @words = PickWords.new(worked, view)
        @preferences = preferences
      end

      # @return [Array<Pick>]
      def to_a = (own + SHARED).map { |key| pick(key) }

      # What its fields hold, so that it is drawn anew when that changes.
      def held(pick)
        heat = pick.fields.include?("oven") ? [oven&.say, oil&.celsius] : []
        [*pick.fields.map { |field| state[field] }, *heat, pan&.say, @worked.shape].join("|")
      end

      def heat_picks = HeatPicks.new(state["oven"], oven, oil, fahrenheit: @preferences.fahrenheit?)
      def oven = option(:oven) || (said&.oven unless oil)
      def oil = option(:oil)
      def piece = option(:piece)
      def pan = (@worked.swap && @worked.pan_chosen) || told_pan
      def told_pan = said&.pan
      def servings = @worked.recipe && Recipes::Scale.servings(@worked.recipe)

      # The recipe's own pan into others of its shape.
      def other_pans
        all = ShapePicks.pans(told_pan).fetch(ShapePicks.shape(told_pan))
        all.transform_keys { |size| "#{told_pan.say} to #{size.sub(/ [\d.]+ cm deep/, "")}" }
      end

      # What the dish takes of the cupboard, to be used up.
      def packs
        return {} unless @worked.answer

        taken = @worked.answer.lines.filter_map(&:ingredient).uniq.select { |key| @worked.shelf.holds?(key) }
        taken.first(6).to_h { |key| @worked.catalogue.fetch(key).say.then { |say| ["use up #{say}", say] } }
      end

      private

      def own
        keys = OF.fetch(@worked.family.key)
        ours = @worked.swap&.ours
        return keys unless ours && respond_to?(:"of_#{@worked.family.key}", true)

        send(:"of_#{@worked.family.key}", ours, keys)
      end

      # What is poured has no piece; only small ones lie in cups.
      def of_batter(ours, keys) = keys - [*(:piece unless ours.by_the_piece?), *(:tin unless ours.in_cups?)]

      # What is folded by the piece can be fried as well as baked; over water, or in a dry pan, it lies in no tin.
      def of_crust(ours, keys)
        return keys - %i[pan filling] if ours.griddled?
        return keys - %i[pan] if ours.steamed?
        return keys unless ours.by_the_piece?

        (keys - %i[pan]).map { |key| key == :oven ? :heat : key }
      end

      def state = @worked.input.state
      def said = @worked.dish&.said
      def option(name) = @worked.swap && @worked.options.respond_to?(name) ? @worked.options.public_send(name) : nil

      def pick(key)
        Pick.new(
          key: key.to_s,
          label: LABELS.fetch(key),
          now: @words.now(key),
          told: @words.told?(key),
          fields: FIELDS.fetch(key)
        )
      end
    end
  end
end
