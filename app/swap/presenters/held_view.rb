module Restauro
  module Presenters
    # Another way to hold a dough or a crust, as a button: a school with its flours, their amounts, and the lists that
    # it sets.
    module HeldView
      def other_amount(other) = Format.list(other[:amounts].map { |name, grams| "#{Format.grams(grams)} g #{name}" })
      def other_field = "bind_flour"
      def other_value(other) = "#{other[:school]}:#{other[:with].join(",")}"
      def other_lists(other) = {"bind" => other[:school], "flour" => other[:with].join(",")}
    end
  end
end
