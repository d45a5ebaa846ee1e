# frozen_string_literal: true

module Restauro
  module Dishes
    # One formula of a dish, or a layer without flour.   name · family key or nil · recipe Recipes::Recipe of its own
    # lines, the dish's steps with them place :main, :top (crumbs to scatter) or :table (to serve with it)
    Part = Struct.new(:name, :family, :recipe, :place, keyword_init: true) do
      def initialize(place: :main, **)
        super
        freeze
      end

      # @return [Array<Recipes::Line>] its ingredients
      def lines = recipe.ingredients
      # What it does where parts meet: shell, coat, dough or sauce; nil without flour.   @return [Symbol, nil]
      def role = Families::ROLES[family]
      # The same with other values.   @return [Part]
      def with(**changes) = Part.new(**to_h.merge(changes))
    end

    # How a part meets another: from and to are indexes of parts.   how lines, covers, coats, fills, between, around or
    # over
    Join = Value.of(:from, :to, :how)

    # What was read.   title · parts Array of Part · joins Array of Join · said Said · recipe all of it, as it stands,
    # but for board, Array of lines of flour that is for the board alone
    Dish = Struct.new(:title, :parts, :joins, :said, :recipe, :board, keyword_init: true) do
      def initialize(board: [].freeze, **)
        super
        parts.freeze
        joins.freeze
        freeze
      end

      # The same with other values.   @return [Dish]
      def with(**changes) = Dish.new(**to_h.merge(changes))
      def one_part? = parts.length == 1

      # The part that names the dish: a crust or a dropped top with flour, else the first with flour.
      # @return [Integer]
      def main = parts.index { |part| part.role == :shell } || parts.index(&:family) || 0
      # @param index [Integer]   @return [Array<Join>] where that part is what is put somewhere
      def joins_from(index) = joins.select { |join| join.from == index }
      # How two parts meet, for the cook: "into" a sauce that floured pieces go on in, "beside" what is only eaten with
      # it, a salad, or what no flour is in beside a coat or a crust.   @param join [Join]   @return [String]
      def meets(join)
        from, to = parts.values_at(join.from, join.to)
        return join.how unless join.how == "over"
        return "into" if IntoTheSauce.turned?(from, to, recipe) || IntoTheSauce.goes_on?(from, to, recipe)

        Beside.of?(from, to) ? "beside" : join.how
      end

      # @param index [Integer]   @return [Array<Array(Part, String)>] what that part is put to, and how they meet
      def meetings_of(index) = joins_from(index).map { |join| [parts[join.to], meets(join)] }
      # @param index [Integer]   @return [Array<Join>] where something is put to that part
      def joins_to(index) = joins.select { |join| join.to == index }
    end
  end
end
