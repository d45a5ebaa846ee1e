require "pg"
require "csv"

module Restauro
  module Archive
    # What Export wrote, into this home: all of it or nothing; what is here already by its own name is left as it is.
    class Import
      PHOTO = %r{\Aphotos/[0-9a-f-]{36}\.jpg\z}
      # How what is not as Export wrote it shows.
      BROKEN =
        [JSON::ParserError, CSV::MalformedCSVError, KeyError, ArgumentError, NoMethodError, TypeError,
         Sequel::ConstraintViolation].freeze

      # A column or a value that the tables do not know.
      REFUSED = [PG::SyntaxErrorOrAccessRuleViolation, PG::DataException].freeze
      NOT_AS_WRITTEN = "something in this archive is not as it was written; nothing was changed".freeze

      # What came in, by kind.
      Done = Struct.new(:entries, :packs, :photos, :observations, :eaters, keyword_init: true) do
        def say
          came = to_h.map { |kind, count| "#{count} #{kind}" }.join(", ")
          "Brought in: #{came}. What was here already was left."
        end
      end

      def initialize(database, services)
        @database = database
        @services = services
      end

      # @param bytes [String]   @return [Done]   @raise [InvalidInput]
      def call(bytes)
        files = Tar.unpack(bytes)
        @database.transaction do
          made_ahead(files["made_ahead.csv"])
          eaters = household(JSON.parse(files.fetch("household.json", "{}"), max_nesting: 20))
          entries = files.keys.grep(%r{\Anotebook/\d+\.json\z}).sort.count { |path| entry(files[path]) }
          Done.new(eaters: eaters, entries: entries, packs: packs(files["cupboard.csv"]),
                   observations: observations(files["observations.csv"]),
                   photos: files.keys.grep(PHOTO).count { |path| photo(path, files[path]) })
        end
      rescue *BROKEN => e
        warn "import: #{e.class}: #{e.message.to_s[0, 200]}"
        raise InvalidInput, NOT_AS_WRITTEN
      rescue Sequel::DatabaseError => e
        # A full disk or a lost line is no fault of the archive.
        raise unless REFUSED.any? { |kind| e.wrapped_exception.is_a?(kind) }

        raise InvalidInput, NOT_AS_WRITTEN
      end

      private

      def household(data)
        names = @services.household.eaters.map(&:name)
        fresh = data["eaters"].to_a.reject { |eater| names.include?(eater["name"]) }
        known = Diets.all.map(&:key)
        fresh.each { |eater| @services.household.add_eater(name: eater["name"], diets: eater["diets"].to_a & known) }
        settings(data)
        fresh.length
      end

      # Only where this home has none of its own yet.
      def settings(data)
        house = @services.household
        house.preferences = Preferences.of(data["preferences"]) if data["preferences"] && @database[:preferences].empty?
        house.kitchen = data["kitchen"] if data["kitchen"].to_h.any? && house.kitchen.empty?
        house.tools = data["drawer"] if data["drawer"] && house.tools.nil?
        return unless (stove = data["stove"]) && house.stove.nil?

        stove["watts"].each { |level, watts| house.measured(level, Float(watts), pan_cm: Float(stove["pan_cm"])) }
      end

      def entry(text)
        kept = CardJson.entry(text) or raise InvalidInput,
          "an entry of this archive cannot be read; nothing was changed"
        return false unless @database[:kept_swaps].where(uid: kept.fetch("uid")).empty?

        id =
          @services.kept_swaps.add(family: kept.fetch("family"), title: kept.fetch("title"), note: kept.fetch("note"),
                                      inputs: kept.fetch("inputs"),
                                      choices: kept.fetch("choices"), data_version: kept.fetch("data_version"),
                                      snapshot: kept.fetch("snapshot"),
                                      created_at: Time.iso8601(kept.fetch("created_at")))
        @database[:kept_swaps].where(id: id)
          .update(uid: kept["uid"], marks: Sequel.pg_json(kept["marks"].to_h), favourite: kept["favourite"] == true,
                                                    updated_at: Time.iso8601(kept["updated_at"]))
        kept["cooks"].to_a.each { |cook|
          @database[:cooks].insert(kept_swap_id: id, taken: Sequel.pg_json(cook["taken"]),
                                   cooked_at: Time.iso8601(cook["cooked_at"]))
        }
        true
      end

      def rows(text, table)
        here = @database[table].select_map(:uid)
        CSV.parse(text.to_s, headers: true).reject { |row| here.include?(row["uid"]) }.map(&:to_h)
      end

      def packs(text)
        rows(text, :packs).count do |row|
          next false if row["key"] && !@services.facts.key?(row["key"])

          own = row["own"] && JSON.parse(row["own"])
          @database[:packs].insert(row.merge("own" => own && Sequel.pg_json(own)).transform_keys(&:to_sym))
        end
      end

      def made_ahead(text)
        rows(text, :made_ahead).each do |row|
          @database[:made_ahead].insert(row.transform_keys(&:to_sym)) if Planning::Ahead.rows.key?(row["kind"])
        end
      end

      def observations(text)
        ids = @database[:kept_swaps].select_map(%i[uid id]).to_h
        rows(text, :observations).count do |row|
          next false if row["entry_uid"] && !ids.key?(row["entry_uid"])

          @database[:observations].insert(uid: row["uid"], kept_swap_id: ids[row["entry_uid"]], at: row["at"],
                                          words: row["words"].to_s, data: Sequel.pg_json(JSON.parse(row["data"])))
        end
      end

      # A photo hangs on a dish that was made; where that is not here, one that is over stands for it.
      def photo(path, bytes)
        kept = @database[:kept_swaps].where(uid: path[/[0-9a-f-]{36}/]).first or return false
        return false if @services.dishes.photographed(kept[:id]) || !bytes.b.start_with?("\xFF\xD8\xFF".b)

        dish = @services.dishes.add(family: kept[:family], title: kept[:title], plan: {}, inputs: kept[:inputs].to_hash,
                                    choices: kept[:choices].to_hash,
                                    snapshot: kept[:snapshot].to_hash, data_version: kept[:data_version])
        @services.dishes.put_away(dish)
        @services.dishes.link(dish, kept[:id])
        @services.dishes.photograph(dish, bytes)
        true
      end
    end
  end
end
