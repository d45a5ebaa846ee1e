module Restauro
  # A snapshot as a recipe written down for others.
  module WrittenSnapshot
    module_function

    # @param snapshot [Hash] symbol keys   @param inputs [Hash] of the Swap form, with the cook's note   @return [Recipes::Written]
    def of(snapshot, inputs = {})
      Recipes::Written.new(title: "#{snapshot[:title] || "Sauce"} (gluten-free swap)", lines: lines(snapshot), steps: steps(snapshot),
                           warnings: snapshot[:warnings].map { |warning| warning[:text] }, servings: snapshot.dig(:said, :makes)&.to_i,
                           minutes: snapshot.dig(:costs, :whole_minutes), note: inputs["note"].to_s.strip.then { |note| note.empty? ? nil : note })
    end

    # Every line of ours, each under the part it is of.
    def lines(snapshot)
      names = snapshot[:parts].to_a.map { |part| part[:name] }
      snapshot[:rows].flat_map do |row|
        kept = row[:ours].reject { |line| line[:role] == "title" && line[:text].strip == snapshot[:title] }
        kept.map { |line| entry(line, names.length > 1 && row[:part] ? names[row[:part]] : nil) }
      end
    end

    def entry(line, part)
      Recipes::Written::Entry.new(part: part, text: line[:text].strip, grams: line[:grams], measure: line[:amount], ingredient: line[:ingredient],
                                  understood: line[:understood])
    end

    def steps(snapshot)
      snapshot[:method].map { |step| Recipes::Written::Act.new(**step.slice(:text, :minutes, :look_for, :caution)) }
    end
  end
end
