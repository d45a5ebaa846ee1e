module Restauro
  module Database
    # A kept swap as it is read back. inputs, choices, snapshot: Hash with string keys.
    KeptSwap = Struct.new(:id, :family, :title, :note, :inputs, :choices, :data_version, :snapshot, :created_at, :updated_at, keyword_init: true) do
      def initialize(**)
        super
        freeze
      end
    end

    # The notebook's swaps.
    class KeptSwapRepository
      JSON_COLUMNS = %i[inputs choices snapshot].freeze
      MOST_LISTED = 200

      # @param clock [#call] the time now
      def initialize(database, clock:)
        @database = database
        @rows = database[:kept_swaps]
        @clock = clock
      end

      # All or none of what is written inside.
      def transaction(&block) = @database.transaction(&block)

      # @return [Array<KeptSwap>] latest first
      def list(matching: nil)
        rows = matching ? @rows.where(Sequel.ilike(:title, like(matching)) | Sequel.ilike(:note, like(matching))) : @rows
        rows.order(Sequel.desc(:updated_at), Sequel.desc(:id)).limit(MOST_LISTED).map { |row| kept(row) }
      end

      # @raise [NotFound]
      def fetch(id) = @rows.first(id: id)&.then { |row| kept(row) } || raise(NotFound, "no swap #{id} in the notebook; it may have been deleted")

      # @return [Integer] its id
      def add(**fields)
        now = @clock.call
        @rows.insert(to_row(fields).merge(created_at: fields[:created_at] || now, updated_at: fields[:created_at] || now))
      end

      # @raise [NotFound]
      def update(id, **fields)
        changed = @rows.where(id: id).update(to_row(fields).merge(updated_at: @clock.call))
        raise NotFound, "no swap #{id} in the notebook; it may have been deleted" if changed.zero?
      end

      def delete(id) = @rows.where(id: id).delete
      def any? = !@rows.empty?
      def transaction(&block) = @database.transaction(&block)

      private

      def like(words) = "%#{@database.dataset.escape_like(words)}%"
      def to_row(fields) = fields.to_h { |name, value| [name, JSON_COLUMNS.include?(name) ? Sequel.pg_json(value) : value] }
      def kept(row) = KeptSwap.new(**row.to_h { |name, value| [name, JSON_COLUMNS.include?(name) ? value.to_hash : value] })
    end
  end
end
