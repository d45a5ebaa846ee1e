module Restauro
  # The made-up household: its first sauce stands on the Swap page of a new browser, its eaters, packs and notes fill the rooms the first time.
  module Demo
    DAY_S = 86_400

    module_function

    def data = YAML.safe_load_file(File.join(ROOT, "db", "demo.yml"), freeze: true)
    def first_sauce = data.fetch("first")

    # Puts the demo in once, all or none.
    def load(database, services)
      database.transaction do
        next unless database[:demo_loads].empty?

        data.fetch("eaters").each { |eater| services.household.add_eater(name: eater["name"], diets: eater["diets"].to_a) }
        data.fetch("packs").each { |pack| services.packs.add(**pack_fields(pack, services)) }
        data.fetch("notebook").each { |entry| services.kept_swaps.add(**fields(entry, services)) }
        database[:demo_loads].insert(loaded_at: services.clock.call)
      end
    end

    def pack_fields(pack, services)
      opened = services.clock.call - pack.fetch("opened_days_ago") * DAY_S
      PackInput.new(pack.transform_values(&:to_s).merge("opened_on" => opened.strftime("%F"))).fields(services.facts, services.label_reader)
    end

    def fields(entry, services)
      input = SwapInput.new(entry)
      worked = SwapPage.new(input, services)
      raise DataError, "demo entry '#{entry["title"]}': #{worked.error}" unless worked.answer

      {family: worked.answer.main.family.key, title: input.title, note: input.note, inputs: input.state.slice(*NotebookRoutes::Helpers::INPUTS),
       choices: input.state.slice(*NotebookRoutes::Helpers::CHOICES), data_version: services.data_version, snapshot: worked.snapshot,
       created_at: services.clock.call - entry.fetch("days_ago") * DAY_S}
    end
  end
end
