module Restauro
  # A snapshot as a recipe written down for others.
  module WrittenSnapshot
    module_function

    # @param snapshot [Hash] symbol keys   @param inputs [Hash] of the Swap form, with the cook's note
    # @param format [Presenters::HouseFormat] how this house writes   @return [Recipes::Written]
    def of(snapshot, inputs = {}, format: Presenters::Format)
      Recipes::Written.new(
        title: "#{snapshot[:title] || "Sauce"} (gluten-free swap)",
        lines: lines(snapshot, format),
        steps: steps(snapshot, format),
        warnings: snapshot[:warnings].map { |warning| format.degrees(warning[:text]) },
        servings: snapshot.dig(:said, :makes)&.to_i,
        minutes: snapshot.dig(:costs, :whole_minutes),
        note: inputs["note"].to_s.strip.then { |note| note.empty? ? nil : note }
      )
    end

    # Every line of ours, each under the part it is of.
    def lines(snapshot, format)
      names = snapshot[:parts].to_a.map { |part| part[:name] }
      snapshot[:rows].flat_map do |row|
        kept = row[:ours].reject { |line| line[:role] == "title" && line[:text].strip == snapshot[:title] }
        kept.map { |line| entry(line, names.length > 1 && row[:part] ? names[row[:part]] : nil, format) }
      end
    end

    def entry(line, part, format)
      Recipes::Written::Entry.new(
        part: part,
        text: format.spoons_first? ? by_spoon(line) : line[:text].strip,
        grams: line[:grams],
        measure: line[:amount],
        ingredient: line[:ingredient],
        understood: line[:understood]
      )
    end

    # "1 tbsp maize starch (13 g)".
    def by_spoon(line)
      return line[:text].strip unless line[:amount] && line[:grams] && line[:name]

      "#{line[:amount]} #{line[:name]} (#{Presenters::Format.grams(line[:grams])} g)"
    end

    def steps(snapshot, format)
      snapshot[:method].map do |step|
        words = step.slice(:text, :look_for, :caution).transform_values { |text| text && format.degrees(text) }
        Recipes::Written::Act.new(**words, minutes: step[:minutes])
      end
    end
  end
end
