module Restauro
  # The made-up household: its first sauce stands on the Swap page of a new browser, its eaters, packs and notes fill
  # the rooms the first time.
  module Demo
    DAY_S = 86_400

    module_function

    def data = @data ||= YAML.safe_load_file(File.join(ROOT, "db", "demo.yml"), freeze: true)
    def first_sauce = data.fetch("first")

    # Dishes to start from: key, what it is, its drawn sign, its recipe.
    def starts
      entries = data.fetch("notebook").to_h { |entry| [entry["title"], entry] }.merge("first" => first_sauce)
      data
        .fetch("starts")
        .map { |start| {**start, **(start["from"] ? entries.fetch(start["from"]).slice("recipe", "units") : {})} }
    end

    # The harvest supper on the houseboat: six dishes, one small oven.
    # @param state [Hash] the Table's
    # @return [Hash]
    def supper(state)
      entries = data.fetch("notebook").to_h { |entry| [entry["title"], entry] }
      supper = data.fetch("supper")
      dishes =
        supper
          .fetch("dishes")
          .map do |dish|
            dish["from"] ? {"name" => dish["name"], "inputs" => swap_fields(entries.fetch(dish["from"]))} : dish
          end
      state.merge(supper.slice("serve_at", *MealPage::KITCHEN), "dishes" => dishes, "pins" => {})
    end

    def swap_fields(entry) = entry.slice(*SwapInput::FIELDS).except("title", "note").transform_values(&:to_s)

    # Whether anything of the demo is still there.
    def here?(services)
      names = data.fetch("eaters").map { |eater| eater["name"] }
      services.household.eaters.any? { |eater| names.include?(eater.name) } || services.kept_swaps.called(titles).any?
    end

    def titles = data.fetch("notebook").map { |entry| entry["title"] }

    # Takes the demo's household, packs and notes out again; what was written down since stays.
    def clear(services)
      names = data.fetch("eaters").map { |eater| eater["name"] }
      services
        .household
        .eaters
        .select { |eater| names.include?(eater.name) }
        .each { |eater| services.household.delete_eater(eater.id) }
      labels = data.fetch("packs").map { |pack| [pack["key"], pack["label_text"].to_s.strip] }
      packs =
        services.packs.list.select { |kept| labels.include?([kept.pack.ingredient.key, kept.label_text.to_s.strip]) }
      packs.each { |kept| services.packs.erase(kept.pack.id) }
      services.kept_swaps.called(titles).each { |id| services.kept_swaps.erase(id) }
    end

    def bring_back(services)
      clear(services)
      fill(services)
    end

    def fill(services)
      data
        .fetch("eaters")
        .each { |eater| services.household.add_eater(name: eater["name"], diets: eater["diets"].to_a) }
      data.fetch("packs").each { |pack| services.packs.add(**pack_fields(pack, services)) }
      data.fetch("notebook").each { |entry| keep(entry, services) }
    end

    # An entry with its marks, and what it showed.
    def keep(entry, services)
      id = services.kept_swaps.add(**fields(entry, services))
      entry["marks"].to_h.each { |who, mark| services.kept_swaps.mark(id, who, mark) }
      at = services.clock.call - entry.fetch("days_ago") * DAY_S
      entry["showed"].to_a.each do |seen|
        data = {
          "shares" => seen.fetch("shares"),
          "log_ratio" => Math.log(seen.fetch("ratio")).round(5),
          "how" => seen.fetch("how")
        }
        services.observations.add(data, words: seen.fetch("words"), kept_swap_id: id, at: at)
      end
    end

    # Puts the demo in once, all or none.
    def load(database, services)
      database.transaction do
        next unless database[:demo_loads].empty?

        fill(services)
        database[:demo_loads].insert(loaded_at: services.clock.call)
      end
    end

    def pack_fields(pack, services)
      opened = services.clock.call - pack.fetch("opened_days_ago") * DAY_S
      PackInput.new(pack.transform_values(&:to_s).merge("opened_on" => opened.strftime("%F"))).fields(
        services.facts,
        services.label_reader
      )
    end

    def fields(entry, services)
      input = SwapInput.new(entry)
      worked = SwapPage.new(input, services)
      raise DataError, "demo entry '#{entry["title"]}': #{worked.error}" unless worked.answer

      {
        family: worked.answer.main.family.key,
        title: input.title,
        note: input.note,
        inputs: input.state.slice(*NotebookRoutes::Helpers::INPUTS),
        choices: input.state.slice(*NotebookRoutes::Helpers::CHOICES),
        data_version: services.data_version,
        snapshot: worked.snapshot,
        created_at: services.clock.call - entry.fetch("days_ago") * DAY_S
      }
    end
  end
end
