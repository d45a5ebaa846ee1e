# frozen_string_literal: true

module Restauro
  module Dishes
    # What is only eaten with another part: salads and dips, and by what is fried or wrapped whatever no flour is in,
    # but a sauce that is made in its pan.
    module Beside
      DIP = DataFiles.words("dishes/words.yml").fetch(:dip)
      private_constant :DIP

      module_function

      # @param part [Part]   @param host [Part]
      def of?(part, host)
        return true if part.place == :table
        return false if part.family || Dredged.pan_sauce?(part.name)

        %i[coat shell].include?(host.role) || dip?(part)
      end

      # By its name.   @param part [Part, PartAnswer]
      def dip?(part) = part.name.to_s.match?(DIP)
    end
  end
end
