module Restauro
  # What an answer was worked out with, of what was learnt: what is measured against its plan is told from the book with
  # these.
  module BelievedFactors
    module_function

    # @param worked [SwapPage] answered   @return [Hash{String => Float}] factor of each unknown that it may hang on
    def of(worked)
      learnt, keys = worked.learnt, worked.answer.lines.filter_map(&:ingredient).uniq
      names = learnt.beliefs.keys.select do |name|
        kind, _what = Learning::Unknown.split(name)
        kind == "hob" || keys.include?(Learning::Unknown.ingredient(name))
      end
      names.to_h { |name| [name, learnt.factor(name).round(4)] }.merge(oven(worked.oven))
    end

    # A knob that was told is set right.
    def oven(oven)
      return {} unless oven

      {
        "oven" => oven.slowness.round(4),
        "oven offset" => Math.exp(oven.offset_k / Constants.fetch(:learning, :offset_scale_k)).round(4)
      }
    end
  end
end
