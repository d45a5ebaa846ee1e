module Restauro
  # What the pages are given: the facts, the cook's records, the clock. Made once in server.rb, or by a test.
  Services = Struct.new(:catalogue, :readers, :drafts, :kept_swaps, :clock, :data_version, :passcode, keyword_init: true) do
    def initialize(catalogue:, drafts:, kept_swaps:, clock:, data_version: DataFiles.version, passcode: nil)
      readers = KitchenUnits::SYSTEMS.to_h { |system| [system, Recipes::Reader.new(catalogue, system: system)] }.freeze
      super(catalogue: catalogue, readers: readers, drafts: drafts, kept_swaps: kept_swaps, clock: clock, data_version: data_version,
            passcode: passcode)
      freeze
    end

    # @return [Recipes::Reader] for a system of units, built once
    def reader(system) = readers.fetch(system)

    def self.on(database, clock: Time.method(:now), passcode: nil)
      new(catalogue: Catalogue.load, clock: clock, passcode: passcode, drafts: Database::DraftRepository.new(database, clock: clock),
          kept_swaps: Database::KeptSwapRepository.new(database, clock: clock))
    end
  end
end
