module Restauro
  # A thing that is no swap, typed as a few lines: "roast, 75 min, oven 190", "rest, 18 min", "boil, 14 min, ring",
  # "peel, 10 min".
  module TypedDish
    MINUTES = /(\d{1,4})\s*(?:min\b|mins\b|minutes?\b|')/i
    HOURS = /(\d(?:[.,]\d)?)\s*(?:h\b|hours?\b)/i
    OVEN = /\boven\b|\bbake\b|\broast\b|\b\d{2,3}\s*°?\s*C\b/i
    HOB = /\bring\b|\bhob\b|\bstove\b|\bboil|\bsimmer|\bfry\b/i
    REST = /\brest(?:s|ing)?\b|\bstand|\bchill|\bfridge\b|\bcool\b|\bsoak/i
    ALONE = /\balone\b|\bby itself\b/i
    HOLDS = /\bholds?\s+(\d{1,3})/i
    MOST = 12

    module_function

    # @param wheat [Boolean] whether wheat is handled in it   @return [Planning::Dish]   @raise [InvalidInput]
    def read(name, text, wheat: false)
      lines = text.to_s.split(/\n|;/).map(&:strip).reject(&:empty?)
      if lines.empty? || lines.length > MOST
        raise InvalidInput, "#{name}: type its steps, one a line, such as 'roast, 75 min, oven 190'"
      end

      hold = text[HOLDS, 1]
      Planning::Dish.new(
        name: name,
        wheat: wheat,
        steps: lines.map { |line| step(name, line) },
        **(hold ? {hold_minutes: hold.to_i} : {})
      )
    end

    def step(name, line)
      minutes = line[HOURS, 1]&.then { |hours| 60 * hours.tr(",", ".").to_f } || line[MINUTES, 1]&.to_f
      unless minutes&.positive?
        raise InvalidInput, "#{name}: '#{line[0, 40]}' does not say how long: type such as 'roast, 75 min, oven 190'"
      end

      heat = heat(line)
      celsius = heat == "oven" ? celsius(name, line) : nil
      attended = line.match?(ALONE) ? false : %w[hands hob].include?(heat)
      Planning::Step.new(
        text: line.sub(HOLDS, "").strip,
        minutes: minutes,
        heat: heat,
        celsius: celsius,
        attended: attended,
        longest: heat == "hands" ? 60 : 15
      )
    end

    def heat(line)
      return "oven" if line.match?(OVEN)
      return "rest" if line.match?(REST)

      line.match?(HOB) ? "hob" : "hands"
    end

    def celsius(name, line)
      Kitchen::OvenTemperature.parse(
        line.sub(MINUTES, "").gsub(/\b(1\d{2}|2\d{2})\b(?!\s*°?\s*[CF])/, '\1 C')
      )&.celsius or raise InvalidInput, "#{name}: '#{line[0, 40]}' is in the oven: say how hot, such as 'oven 190'"
    end
  end
end
