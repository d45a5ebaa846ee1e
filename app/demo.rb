module Restauro
  # The made-up household's sauces: one stands on the Swap page of a new browser, the others fill the notebook the first time.
  module Demo
    module_function

    def data = YAML.safe_load_file(File.join(ROOT, "db", "demo.yml"), freeze: true)
    def first_sauce = data.fetch("first")

    # Puts the demo entries in once, all or none.
    def load(database, services)
      database.transaction do
        next unless database[:demo_loads].empty?

        data.fetch("notebook").each { |entry| services.kept_swaps.add(**fields(entry, services)) }
        database[:demo_loads].insert(loaded_at: services.clock.call)
      end
    end

    def fields(entry, services)
      input = SwapInput.new(entry)
      worked = SwapPage.new(input, services)
      raise DataError, "demo entry '#{entry["title"]}': #{worked.error}" unless worked.swap

      {family: worked.family.key, title: input.title, note: input.note, inputs: input.state.slice(*NotebookRoutes::Helpers::INPUTS),
       choices: input.state.slice(*NotebookRoutes::Helpers::CHOICES), data_version: services.data_version, snapshot: worked.snapshot,
       created_at: services.clock.call - entry.fetch("days_ago") * 86_400}
    end
  end
end
