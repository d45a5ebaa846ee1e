module Restauro
  # Kitchen units and the words for them, from data/units/kitchen.yml. A cup or spoon depends on the cook's system.
  class KitchenUnits
    SYSTEMS = %w[us metric uk au].freeze
    # kind: mass, volume, loose (a pinch), count (a clove) or pack; amount: grams or millilitres of one, nil where
    # unknown.
    Unit = Struct.new(:key, :kind, :amount, :spoon, :only, keyword_init: true) do
      def initialize(**) = super.freeze
      def mass? = kind == :mass
      def volume? = kind == :volume
    end

    attr_reader :system

    # The units of a system, built once: they are frozen and the same for everybody.
    def self.of(system) = (@of ||= {})[system] ||= new(system)

    # @param system [String] us, metric, uk or au   @raise [InvalidInput]
    def initialize(system, table: DataFiles.yaml("units/kitchen.yml"))
      raise InvalidInput, "units are #{SYSTEMS.join(", ")}, got '#{system}'" unless SYSTEMS.include?(system)

      @system = system
      @units =
        table
          .flat_map { |kind, rows| rows.map { |key, row| unit(key, kind.to_sym, row) } }
          .to_h { |u| [u.key, u] }
          .freeze
      @words = words(table)
      @not_before = not_before(table)
      @pattern =
        /\A(?:#{@words.keys.sort_by { |w| -w.length }.map { |w| Regexp.escape(w) }.join("|")})(?![[:alpha:]])\.?/i
      freeze
    end

    # @return [Unit]   @raise [NotFound]
    def fetch(key) = @units.fetch(key.to_s) { raise NotFound, "no unit '#{key}'; use #{@units.keys.join(", ")}" }
    # @return [Float] mL of one
    def millilitres(key) = fetch(key).amount

    # The unit at the head of a text: "tbsp. butter" gives tbsp and " butter". T and t differ; other words do not mind
    # case.
    # @return [Array(Unit, String), nil]
    def read(text)
      match = @pattern.match(text) or return nil
      word = match[0].delete_suffix(".")
      key = @words[word] || @words[word.downcase] || @words[match[0].downcase]
      # "Noix de beurre" is a knob of it, "noix de muscade" a nut.
      key && !@not_before[key]&.match?(match.post_match) ? [@units.fetch(key), match.post_match] : nil
    end

    private

    def words(table)
      named = table.each_value.flat_map(&:to_a).each_with_object({}) do |(key, row), words|
        row.fetch("words").each { |word| words[word.downcase] = key }
        row.fetch("exact_words", []).each { |word| words[word] = key }
      end
      BareLetters.beside(named).freeze
    end

    def not_before(table) =
      table.each_value.reduce(:merge).select { |_, row| row.key?("not_before") }
           .transform_values { |row| Regexp.new(row["not_before"]) }.freeze

    def unit(key, kind, row)
      Unit.new(key: key, kind: kind, amount: amount(kind, row), spoon: row.key?("spoon"), only: row["only"])
    end

    def amount(kind, row)
      case kind
      when :mass
        Rational(row.fetch("grams")).to_f
      when :volume
        Rational(row[@system] || row.fetch("all")).to_f
      when :loose
        Rational(row.fetch("share_of_tsp")).to_f
      end
    end
  end
end
