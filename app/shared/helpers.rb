module Restauro
  # Small pieces of form for the views.
  module ViewHelpers
    SHAPES = {
      "body" => '<rect class="shape-body" x="2" y="2" width="12" height="12"/>',
      "fat" => '<circle class="shape-fat" cx="8" cy="8" r="6.4"/>',
      "liquid" => '<path class="shape-liquid" d="M1 8C3 4 5 4 8 7C11 10 13 10 15 6V15H1Z"/>',
      "binder" => '<path class="shape-binder" d="M8 1L15 8L8 15L1 8Z"/>',
      "lift" => '<path class="shape-lift" d="M8 2L15 14H1Z"/>',
      "other" => '<circle class="shape-other" cx="8" cy="8" r="3"/>'
    }.freeze

    # What a line does, as a shape beside its colour.
    def shape(role)
      shape = Presenters::Format.shape(role)
      "<svg class=\"shape\" viewBox=\"0 0 16 16\" role=\"img\" aria-label=\"#{h(role)}\">#{SHAPES.fetch(shape)}</svg>"
    end

    # Pages that have the clocks in their midst.
    def clocks_here? = request.path_info == "/" || request.path_info.match?(%r{\A/dishes/\d+/cook})

    # Every clock of every dish on the stove; none where the records do not answer, which keeps no page from coming.
    # @return [Array] of dish, title, clock, now
    def clocks_of_all
      now = services.clock.call.to_f
      services.dishes.open.flat_map do |row|
        services
          .dishes
          .state(row)
          .timers
          .values
          .select { |timer| timer.stopped_at.nil? }
          .map { |timer| [row.id, row.title, timer, now] }
      end
    rescue Sequel::Error
      []
    end

    # Doughs share their pictures.
    def family_view(family) = %w[gnocchi pasta].include?(family) ? "dough" : family

    # @param options [Hash] value => words, or group => {value => words}
    def select_tag(name, options, chosen)
      choices = options.map do |value, words|
        words.is_a?(Hash) ? option_group(value, words, chosen) : option(value, words, chosen)
      end
      "<select name=\"#{h(name)}\">#{choices.join}</select>"
    end

    def option_group(label, options, chosen)
      "<optgroup label=\"#{h(label)}\">#{options.map { |value, words| option(value, words, chosen) }.join}</optgroup>"
    end

    def option(value, words, chosen) =
      "<option value=\"#{h(value)}\"#{" selected" if value == chosen}>#{h(words)}</option>"

    # What is at hand first.
    def thickener_choices(catalogue, shelf)
      boosted = {"blend_with_gum,corn_starch" => "one-for-one blend, boosted with maize starch"}
      at_hand, others = catalogue.thickeners.partition { |i| shelf.holds?(i.key) }
      groups = others.group_by(&:group)
      {
        "Boosted blend" => boosted,
        "In the cupboard" => at_hand.to_h { |i| [i.key, "#{i.say}, #{shelf.grams_left(i.key).round} g"] },
        **{
          "starch" => "Starches",
          "flour" => "Flours",
          "blend" => "Blends",
          "binder" => "Gums and seeds"
        }.to_h { |group, label| [label, groups.fetch(group, []).to_h { |i| [i.key, i.say] }] }
      }.reject { |_, choices| choices.empty? }
    end

    # Flours for a batter or to dust with.
    def flour_choices(catalogue, shelf)
      flours = catalogue.select { |i| i.starchy? && !i.contains_gluten? }
      at_hand, others = flours.partition { |i| shelf.holds?(i.key) }
      groups = others.group_by(&:group)
      {
        "" => "what suits",
        "white_rice_flour,corn_starch" => "rice flour and maize starch, half and half",
        "In the cupboard" => at_hand.to_h { |i| [i.key, "#{i.say}, #{shelf.grams_left(i.key).round} g"] },
        **{"flour" => "Flours", "blend" => "Blends", "starch" => "Starches", "meal" => "Meals"}.to_h do |group, label|
          [label, groups.fetch(group, []).to_h { |i| [i.key, i.say] }]
        end
      }.reject { |_, choices| choices.empty? }
    end

    # Flours for a dough: every school's own mixes, then one flour alone.
    def dough_flours(catalogue, shelf, schools = Families::Dough::School.all)
      mixes = schools.flat_map(&:flours).select { |parts| parts.length > 1 }.uniq
      mixed =
        mixes.to_h { |parts| [parts.keys.join(","), parts.keys.map { |key| catalogue.fetch(key).say }.join(" and ")] }
      {"" => "what suits", "Mixes" => mixed}.merge(
        flour_choices(catalogue, shelf).reject { |_, words| words.is_a?(String) }
      )
    end

    # How a dough can be made to hold; a binder of its own where a school has two.
    def school_choices =
      {"" => "what suits", **Families::Dough::School.all.to_h { |school| [school.key, school.say] }}

    def crust_school_choices =
      {"" => "what suits", **Families::Crust::School.all.to_h { |school| [school.key, school.say] }}

    def ingredient_choices(catalogue)
      {"" => "not known"}.merge(
        catalogue.group_by(&:group).to_h { |group, list| [group, list.to_h { |i| [i.key, i.say] }] }
      )
    end

    # A box of a list that travels as words between commas.
    def check_box(name, value, words, chosen)
      "<label class=\"check\"><input type=\"checkbox\" name=\"#{h(name)}[]\" value=\"#{h(value)}\"#{" checked" if chosen}> #{h(words)}</label>"
    end

    def role_choices = (Recipes::Line::ROLES - %w[title step flour starch]).to_h { |role| [role, role] }
  end
end
