module Restauro
  # What the pages show: words, numbers and SVG from plain results. Nothing here computes the trade.
  module Presenters
    %w[BlendView CourseChart Format LabelView RecipeText Ribbons ShelfView Spoon Svg SwapView].each do |name|
      autoload name.to_sym, File.join(__dir__, "presenters", name.gsub(/(?<!^)([A-Z])/, '_\1').downcase)
    end
  end
end
