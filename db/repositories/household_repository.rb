module Restauro
  module Database
    # Who eats in this house, and the spoons and cups in its drawer.
    class HouseholdRepository
      # id · name · diets Array of diet keys
      Eater = Value.of(:id, :name, :diets)

      def initialize(database)
        @database = database
      end

      # @return [Array<Eater>] by name
      def eaters =
        @database[:eaters]
          .order(:name, :id)
          .map { |row| Eater.new(id: row[:id], name: row[:name], diets: row[:diets].to_a) }
      def add_eater(name:, diets:) = @database[:eaters].insert(name: name, diets: Sequel.pg_json(diets))
      def delete_eater(id) = @database[:eaters].where(id: id).delete

      # What each setting of the stove really gives.
      # @return [Hash, nil] {"watts" => {level => W}, "pan_cm" => cm}; nil when never measured
      def stove = @database[:stoves].first&.then { |row| {"watts" => row[:watts].to_hash, "pan_cm" => row[:pan_cm]} }

      # @param level [String] low to high   @param watts [Float] W   @param pan_cm [Float]
      def measured(level, watts, pan_cm:)
        known = stove&.fetch("watts") || {}
        @database.transaction do
          @database[:stoves].delete
          @database[:stoves].insert(watts: Sequel.pg_json(known.merge(level => watts.round)), pan_cm: pan_cm)
        end
      end

      # How the house writes.   @return [Preferences]
      def preferences = Preferences.of(@database[:preferences].get(:chosen)&.to_hash)

      # @param chosen [Preferences]
      def preferences=(chosen)
        @database.transaction do
          @database[:preferences].delete
          @database[:preferences].insert(chosen: Sequel.pg_json(chosen.to_json_hash))
        end
      end

      # What the kitchen has, for the Table.   @return [Hash] string keys, as the Table's form
      def kitchen = @database[:kitchens].get(:what)&.to_hash || {}

      def kitchen=(what)
        @database.transaction do
          @database[:kitchens].delete
          @database[:kitchens].insert(what: Sequel.pg_json(what))
        end
      end

      def forget_stove = @database[:stoves].delete

      # @return [Array<Hash>, nil] rows as in data/units/tools.yml; nil for the usual drawer
      def tools = @database[:drawers].get(:tools)&.to_a

      # @param tools [Array<Hash>, nil]
      def tools=(tools)
        @database.transaction do
          @database[:drawers].delete
          @database[:drawers].insert(tools: Sequel.pg_json(tools)) if tools
        end
      end
    end
  end
end
