module Restauro
  module Database
    # The packs of the cupboard, as core values.
    class PackRepository
      # A pack as it is edited: its core value beside what only the pages show.
      Kept = Value.of(:pack, :sold_in, :label_text, :own)

      # @param catalogue [Catalogue] the facts that packs stand in front of
      def initialize(database, catalogue:, clock:)
        @database = database
        @all = database[:packs]
        @rows = @all.where(deleted_at: nil)
        @catalogue = catalogue
        @clock = clock
      end

      # @return [Cupboard::Shelf]
      def shelf = Cupboard::Shelf.new(@rows.select(:id, :key, :own, *OF_A_PACK).map { |row| pack(row) })
      OF_A_PACK = %i[grams_left grams_full price opened_on finding note].freeze

      # Those whose name or note holds a word, a page of them.
      # @return [Array(Array<Kept>, Boolean)] by name, and whether there are more
      def page(word = "", number: 1)
        found = list.select do |kept|
          [kept.pack.ingredient.say, kept.pack.note].any? { |text| text.downcase.include?(word.downcase) }
        end
        [found.slice(A_PAGE * (number - 1), A_PAGE).to_a, found.length > A_PAGE * number]
      end
      A_PAGE = 60

      # @return [Array<Kept>] by name
      def list = @rows.order(:id).map { |row| kept(row) }.sort_by { |kept| [kept.pack.ingredient.say, kept.pack.id] }

      # @raise [NotFound]
      def fetch(id) =
        @rows.first(id: id)&.then { |row| kept(row) } ||
          raise(NotFound, "no pack #{id} in the cupboard; it may have been thrown out")

      # @return [Integer] its id
      def add(**fields) = @all.insert(to_row(fields).merge(created_at: @clock.call))

      # A jar mixed from packs: what it takes comes off them, all or none, and it is as doubtful as the worst of them.
      # @param parts [Hash] key => g   @raise [InvalidInput] where there is less than it takes
      def mix(parts, name:, note: "", price: nil)
        @database.transaction do
          now = shelf
          now.enough!(parts)
          take(now.taken(parts))
          grams = parts.values.sum
          add(
            own: {
              "name" => name,
              "parts" => parts
            },
            opened_on: @clock.call.to_date,
            grams_left: grams,
            grams_full: grams,
            price: price,
            note: note,
            finding: now.finding_of(parts)
          )
        end
      end

      # @raise [NotFound]
      def update(id, **fields)
        return unless @rows.where(id: id).update(to_row(fields)).zero?

        raise NotFound, "no pack #{id} in the cupboard; it may have been thrown out"
      end

      # Out of the cupboard; to be had back for a while.
      def delete(id) = @rows.where(id: id).update(deleted_at: @clock.call)
      # @raise [NotFound]
      def bring_back(id)
        return unless @all.where(id: id).exclude(deleted_at: nil).update(deleted_at: nil).zero?

        raise NotFound, "pack #{id} is gone for good"
      end

      # The name of what was just thrown out.   @return [Array(Integer, String), nil]
      def deleted(id) =
        id && @all.where(id: id).exclude(deleted_at: nil).first&.then { |row| [id, kept(row).pack.ingredient.say] }
      def erase(id) = @all.where(id: id).delete
      def forget_deleted = @all.where(Sequel[:deleted_at] < @clock.call - KeptSwapRepository::KEPT_DAYS * 86_400).delete

      # Takes grams off packs, never below nothing.   @param taken [Hash] pack id => g
      def take(taken)
        taken.each do |id, grams|
          @rows.where(id: id).update(grams_left: Sequel.function(:greatest, Sequel[:grams_left] - grams, 0))
        end
      end

      private

      def to_row(fields) = fields.to_h { |name, value| [name, name == :own && value ? Sequel.pg_json(value) : value] }

      def kept(row)
        Kept.new(pack: pack(row), sold_in: row[:sold_in], label_text: row[:label_text], own: row[:own]&.to_hash)
      end

      def pack(row)
        ingredient = row[:key] ? @catalogue.fetch(row[:key]) : own_ingredient(row[:id], row[:own].to_hash)
        Cupboard::Pack.new(id: row[:id], ingredient: ingredient, **row.slice(*OF_A_PACK))
      end

      def own_ingredient(id, own)
        return mixed(id, own) if own.key?("parts")

        figures = own.slice(*Cupboard::OwnFlour::FIGURES.map(&:to_s)).to_h { |name, grams| [name.to_sym, Float(grams)] }
        Cupboard::OwnFlour.ingredient(
          key: "own_#{id}",
          name: own.fetch("name"),
          cup_g: Float(own.fetch("cup_g")),
          **figures
        )
      end

      def mixed(id, own)
        parts = own.fetch("parts").map { |key, grams| [@catalogue.fetch(key), Float(grams)] }
        Blends::Mixed.ingredient(parts, key: "own_#{id}", name: own.fetch("name"))
      end
    end
  end
end
