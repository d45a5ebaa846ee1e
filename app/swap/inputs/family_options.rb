module Restauro
  # The fields of the Swap form that a family asks for, as its options.
  class FamilyOptions
    MAKERS = {
      "sauce" => :sauce,
      "batter" => :batter,
      "breading" => :breading,
      "gnocchi" => :dough,
      "pasta" => :dough,
      "crust" => :crust
    }.freeze

    # @param checked [Hash] from the form's contract
    def initialize(checked, catalogue)
      @checked = checked
      @catalogue = catalogue
      freeze
    end

    # @param key [String] a family's   @return [Hash]   @raise [InvalidInput]
    def of(key) = send(MAKERS.fetch(key))

    private

    attr_reader :checked

    def crust = CrustInput.options(checked)
    def dough = DoughInput.options(checked)
    def breading = coat(%i[dust crumb])
    def batter =
      {**coat(%i[flour]), target: (checked[:rung] unless checked[:rung] == "keep"), tin: checked[:tin]}.compact

    def coat(fields)
      heat = HeatText.new(checked[:piece], checked[:oven], checked[:oil]).options(@catalogue)
      {with: checked.values_at(*fields).compact.flat_map { |keys| keys.split(",") }, **heat}.compact
    end

    def sauce
      {
        school: checked[:school],
        with: checked[:with].to_s.split(","),
        target: grade,
        heat: checked[:heat],
        altitude: checked[:altitude],
        simmer_s: checked[:simmer]&.*(60),
        colour: checked[:colour],
        pour: pour,
        lid: checked[:lid] == "on",
        stir: checked[:stir],
        becomes: checked[:becomes]
      }.compact
    end

    # A way of putting together that belongs to the other school is as good as none.
    def pour =
      if checked[:pour] && Families::Sauce::LumpRisk.of(checked[:school] || "roux").include?(checked[:pour])
        checked[:pour]
      end

    def grade
      case checked[:grade]
      when "keep"
        nil
      when "own"
        checked[:spoons] * Constants.fetch(:sauce, :e_per_spoon)
      else
        checked[:grade]
      end
    end
  end
end
