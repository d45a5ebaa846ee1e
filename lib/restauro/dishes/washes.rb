# frozen_string_literal: true

module Restauro
  module Dishes
    # The egg and the sugar that a pie is brushed and strewn with, in one list with it.
    #   Needs @title, flour? and holds?.
    module Washes
      CRUST = Families::Detection::WORDS.fetch("crust")
      private_constant :CRUST

      private

      # What a pie is brushed with goes to its dough, wherever it stands.
      def brushed(found)
        home = found.length > 1 && @title.match?(CRUST) && found.find { |lines| fat_and_flour?(lines) && holds?(lines) }
        return found unless home

        wash = (found - [home]).flatten.select { |line| Families::Crust::Glaze.line?(line) }
        found.map { |lines| lines.equal?(home) ? lines + wash : lines - wash }.reject(&:empty?)
      end

      def fat_and_flour?(lines) = lines.any? { |line| line.role == "fat" } && lines.any? { |line| flour?(line) }
    end
  end
end
