module Restauro
  # What the pages are given: the facts, the cook's records, the clock. Made once in server.rb, or by a test.
  Services =
    Struct.new(
      :facts, :database, :readers, :drafts, :kept_swaps, :packs, :household, :cooks, :dishes, :meals, :made,
      :observations, :practices, :counter, :recorder, :label_reader, :clock, :data_version, :passcode, :address, :memo,
      :turns, keyword_init: true
    ) do
      # @param address [String, nil] where a phone in the house finds the pages
      def initialize(facts:, clock:, passcode: nil, address: nil, **records)
        readers = KitchenUnits::SYSTEMS.to_h { |system| [system, Recipes::Reader.new(facts, system: system)] }.freeze
        super(
          facts: facts,
          readers: readers,
          clock: clock,
          passcode: passcode,
          address: address,
          data_version: DataFiles.version,
          label_reader: Labels::Reader.new,
          memo: Dishes::Memo.new,
          turns: LatestTurn.new,
          **records
        )
        freeze
      end

      # What this household's trials taught, worked out again when a trial comes or goes.
      # @param shelf [Cupboard::Shelf]
      # @return [Learning::Kitchen]
      def learnt(shelf = packs.shelf)
        used = packs_in_use(shelf)
        memo.fetch([:learnt, observations.version, used]) do
          seen = observations.list.map { |row| Learning::Seen.of(row.data) }
          Learning::Kitchen.new(seen, shelf.catalogue(facts), packs: used)
        end
      end

      # The pack that each ingredient is taken from now.   @return [Hash{String => Integer}]
      def packs_in_use(shelf = packs.shelf)
        shelf.reject { |pack| pack.grams_left.zero? }.group_by(&:key).transform_values { |same| same.first.id }
      end

      # @return [Recipes::Reader] for a system of units, built once
      def reader(system) = readers.fetch(system)

      # @param counter [Counter] the scale and the probe
      def self.on(database, clock: Time.method(:now), passcode: nil, address: nil, counter: Counter.with)
        facts = Catalogue.load
        packs = Database::PackRepository.new(database, catalogue: facts, clock: clock)
        dishes = Database::DishRepository.new(database, clock: clock)
        new(
          facts: facts,
          database: database,
          clock: clock,
          passcode: passcode,
          address: address,
          drafts: Database::DraftRepository.new(database, clock: clock),
          packs: packs,
          household: Database::HouseholdRepository.new(database),
          cooks: Database::CookRepository.new(database, packs: packs, clock: clock),
          kept_swaps: Database::KeptSwapRepository.new(database, clock: clock, digest: EntryDigest),
          dishes: dishes,
          meals: Database::MealRepository.new(database, clock: clock),
          made: Database::MadeRepository.new(database, clock: clock),
          observations: Database::ObservationRepository.new(database, clock: clock),
          practices: Database::PracticeRepository.new(database, clock: clock),
          counter: counter,
          recorder: ProbeRecorder.new(dishes, counter.probe, clock: clock)
        )
      end
    end
end
