require "csv"

module Restauro
  module Archive
    # Everything a household wrote, as files in open formats (docs/archive.md).
    class Export
      PACK_COLUMNS = %w[
        uid
        key
        own
        grams_left
        grams_full
        price
        opened_on
        sold_in
        label_text
        finding
        note
        created_at
      ].freeze
      MADE_COLUMNS = %w[uid name kind dish part grams made_on created_at].freeze
      SEEN_COLUMNS = %w[uid entry_uid at words data].freeze

      def initialize(database, services)
        @database = database
        @services = services
      end

      # @return [String] bytes of a .tar.gz
      def bytes = Tar.pack(files, made_at: @services.clock.call)

      # @return [Hash{String => String}]
      def files
        entries = @database[:kept_swaps].where(deleted_at: nil).order(:id).all
        {
          "household.json" => household,
          "cupboard.csv" => table(:packs, PACK_COLUMNS),
          "made_ahead.csv" => table(:made_ahead, MADE_COLUMNS),
          "observations.csv" => observations(entries.to_h { |row| [row[:id], row[:uid]] }),
          **entries.each_with_index.to_h { |row, index| [format("notebook/%05d.json", index + 1), entry(row)] },
          **photos(entries)
        }
      end

      private

      def household
        house = @services.household
        stove = house.stove
        JSON.pretty_generate(
          "eaters" => house.eaters.map { |eater| {"name" => eater.name, "diets" => eater.diets} },
          "preferences" => house.preferences.to_json_hash,
          "kitchen" => house.kitchen,
          "drawer" => house.tools,
          "stove" => stove
        )
      end

      def table(name, columns)
        rows = @database[name].order(:id)
        rows = rows.where(deleted_at: nil) if @database[name].columns.include?(:deleted_at)
        CSV.generate do |csv|
          [columns, *rows.map { |row| columns.map { |column| cell(row[column.to_sym]) } }].each { |line| csv << line }
        end
      end

      def observations(uids)
        rows =
          @database[:observations]
            .order(:id)
            .all
            .select { |row| row[:kept_swap_id].nil? || uids.key?(row[:kept_swap_id]) }
        CSV.generate do |csv|
          csv << SEEN_COLUMNS
          rows.each do |row|
            csv << [row[:uid], uids[row[:kept_swap_id]], cell(row[:at]), row[:words], cell(row[:data])]
          end
        end
      end

      def cell(value)
        case value
        when Time
          value.utc.iso8601(6)
        when Sequel::Postgres::JSONHashBase, Sequel::Postgres::JSONArrayBase, Hash, Array
          JSON.generate(value)
        else
          value
        end
      end

      # A schema.org Recipe, with what only we know as a property of its own.
      def entry(row)
        snapshot = SwapSnapshot.from_json(row[:snapshot].to_hash)
        inputs = row[:inputs].to_hash.merge(row[:choices].to_hash, "title" => row[:title], "note" => row[:note])
        CardJson.write(snapshot, inputs, entry: kept(row))
      end

      def kept(row)
        %i[uid family title note data_version favourite]
          .to_h { |name| [name.to_s, row[name]] }
          .merge(
            "inputs" => row[:inputs].to_hash,
            "choices" => row[:choices].to_hash,
            "marks" => row[:marks].to_hash,
            "snapshot" => row[:snapshot].to_hash,
            "created_at" => cell(row[:created_at]),
            "updated_at" => cell(row[:updated_at]),
            "cooks" =>
              @database[:cooks]
                .where(kept_swap_id: row[:id])
                .order(:id)
                .map { |cook| {"taken" => cook[:taken].to_a, "cooked_at" => cell(cook[:cooked_at])} }
          )
      end

      def photos(entries)
        entries
          .filter_map do |row|
            dish = @services.dishes.photographed(row[:id]) or next
            ["photos/#{row[:uid]}.jpg", @services.dishes.photo(dish).to_s.b]
          end
          .to_h
      end
    end
  end
end
