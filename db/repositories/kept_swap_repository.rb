module Restauro
  module Database
    # A kept swap as it is read back. inputs, choices, snapshot: Hash with string keys. marks Hash of eater => mark.
    # words and line: what it is found by and how it stands in the list.
    KeptSwap =
      Value.of(
        :id, :family, :title, :note, :inputs, :choices, :data_version, :snapshot, :words, :line, :marks, :favourite,
        :deleted_at, :uid, :created_at, :updated_at
      )

    # The notebook's swaps.
    class KeptSwapRepository
      JSON_COLUMNS = %i[inputs choices snapshot line marks].freeze
      LISTED = %i[id family title note line marks favourite created_at updated_at].freeze
      A_PAGE = 50
      # What was deleted can be had back so long.
      KEPT_DAYS = 30

      # @param clock [#call] the time now   @param digest [#of] what an entry is found by, from its snapshot
      def initialize(database, clock:, digest:)
        @database = database
        @all = database[:kept_swaps]
        @rows = @all.where(deleted_at: nil)
        @clock = clock
        @digest = digest
      end

      # All or none of what is written inside.
      def transaction(&block) = @database.transaction(&block)

      # The whole entries, for what reads them all.   @return [Array<KeptSwap>] latest first
      def list = ordered(@rows).map { |row| kept(row) }
      # Without what only an entry's own page shows.   @return [Array<KeptSwap>] latest first
      def latest(count) = ordered(@rows).select(*LISTED).limit(count).map { |row| kept(row) }
      # @return [Hash{Integer => String}] by number, latest first
      def titles_of(family) = ordered(@rows.where(family: family)).limit(MOST_TITLES).select_hash(:id, :title)
      MOST_TITLES = 200
      # @param titles [Array<String>]   @return [Array<Integer>] entries so called
      def called(titles) = @rows.where(title: titles).select_map(:id)

      # A page of the list, without what only an entry's own page shows.
      # @param find [Find] what is looked for   @return [Array(Array<KeptSwap>, Boolean)] and whether there are more
      def page(find = Find.new, number: 1)
        rows = ordered(find.in(@rows)).select(*LISTED).limit(A_PAGE + 1).offset(A_PAGE * (number - 1)).all
        [rows.first(A_PAGE).map { |row| kept(row) }, rows.length > A_PAGE]
      end

      # Whose name begins so.   @return [Array<KeptSwap>] oldest first
      def named(start)
        @rows
          .where(Sequel.ilike(:title, "#{@database.dataset.escape_like(start)}%"))
          .select(*LISTED)
          .order(:created_at, :id)
          .limit(A_PAGE)
          .map { |row| kept(row) }
      end

      # @raise [NotFound]
      def fetch(id) =
        @rows.first(id: id)&.then { |row| kept(row) } ||
          raise(NotFound, "no swap #{id} in the notebook; it may have been deleted")

      # @return [Integer] its id
      def add(**fields)
        now = @clock.call
        @all.insert(
          to_row(fields).merge(created_at: fields[:created_at] || now, updated_at: fields[:created_at] || now)
        )
      end

      # One written a moment ago that is the same in all but its number: a button pressed twice.
      # @return [Integer, nil]
      def twin(**fields)
        latest =
          @rows
            .where(title: fields[:title], note: fields[:note])
            .where(Sequel[:created_at] >= @clock.call - A_MOMENT_S)
            .reverse(:id)
            .first
        latest[:id] if latest && %i[inputs choices].all? { |name| latest[name].to_hash == fields[name] }
      end
      A_MOMENT_S = 10

      # @raise [NotFound]
      def update(id, **fields)
        changed = @rows.where(id: id).update(to_row(fields).merge(updated_at: @clock.call))
        raise NotFound, "no swap #{id} in the notebook; it may have been deleted" if changed.zero?
      end

      # Out of the notebook; to be had back for a while.
      def delete(id) = @rows.where(id: id).update(deleted_at: @clock.call)
      # @raise [NotFound]
      def bring_back(id)
        return unless @all.where(id: id).exclude(deleted_at: nil).update(deleted_at: nil).zero?

        raise NotFound, "entry #{id} is gone for good"
      end

      # The title of what was just deleted.   @return [Array(Integer, String), nil]
      def deleted(id) = id && @all.where(id: id).exclude(deleted_at: nil).get(:title)&.then { |title| [id, title] }
      # For good.
      def erase(id) = @all.where(id: id).delete
      def forget_deleted = @all.where(Sequel[:deleted_at] < @clock.call - KEPT_DAYS * 86_400).delete
      # Entries of before they were found by what is in them.
      def digest_old
        @all
          .where(line: nil)
          .select(:id, :snapshot)
          .each { |row| @all.where(id: row[:id]).update(to_row(snapshot: row[:snapshot].to_hash)) }
      end

      def any? = !@rows.empty?

      # A mark for a try by one eater, or by all; none takes it back.   @param mark [String, nil]
      def mark(id, eater, mark)
        @database.transaction do
          row = @rows.where(id: id).for_update.select(:marks).first or
            raise NotFound, "no swap #{id} in the notebook; it may have been deleted"
          @rows.where(id: id).update(marks: Sequel.pg_json(row[:marks].to_hash.merge(eater => mark).compact))
        end
      end

      def favour(id, yes) = @rows.where(id: id).update(favourite: yes)

      private

      def ordered(rows) = rows.order(Sequel.desc(:updated_at), Sequel.desc(:id))
      def to_row(fields)
        fields = fields.merge(@digest.of(fields[:snapshot])) if fields.key?(:snapshot)
        fields.to_h { |name, value| [name, JSON_COLUMNS.include?(name) && value ? Sequel.pg_json(value) : value] }
      end

      def kept(row) =
        KeptSwap.new(**row.to_h { |name, value| [name, JSON_COLUMNS.include?(name) ? value&.to_hash : value] })
    end
  end
end
