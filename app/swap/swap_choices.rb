# frozen_string_literal: true

module Restauro
  # The form's choices laid over the parts of a dish.
  class SwapChoices
    def initialize(page, input, services)
      @page = page
      @input = input
      @services = services
    end

    # @return [Dishes::Choices]   @raise [InvalidInput]
    def to_dish(dish)
      own = dish.parts.each_index.select { |index| dish.parts[index].family }.to_h { |index| [index, own(dish, index)] }
      Dishes::Choices.new(
        {without: without, offer: @page.at_hand, pan: baked_in(dish)}.compact,
        own,
        catalogue: @page.catalogue
      )
    end

    private

    def fields(dish, index) = index == @page.active ? @input : @input.of_part(dish.parts[index].name)

    # The pan named beside the sauce that is baked in it.
    def baked_in(dish)
      sauce = dish.parts.index { |part| part.role == :sauce }
      sauce && fields(dish, sauce).baking_pan
    end

    def own(dish, index)
      part = dish.parts[index]
      fields = fields(dish, index)
      family = Families.fetch(part.family, @page.catalogue)
      linked(part).merge(fields.options(family, @page.catalogue), stove_and_events(fields, family))
    end

    def linked(part) = part.role == :sauce ? @page.send(:filling_link)&.options || {} : {}

    # What happens on the hob, which a sauce alone knows of. A stove that was measured counts as it was measured, else
    # as it showed.
    def stove_and_events(fields, family)
      return {} unless family.choices.include?(:events)

      events = {events: Happenings.new(fields.happens, family, @services.reader(@input.system)).events}
      known = @services.household.stove
      measured = known && known["watts"][fields.hob]&.to_f
      {**events, watts: measured || @page.learnt&.watts(fields.hob), pan_cm: known && known["pan_cm"]}.compact
    end

    def without = (@input.diets + @page.eaters.select { |eater| @input.eats?(eater) }.flat_map(&:diets)).uniq
  end
end
