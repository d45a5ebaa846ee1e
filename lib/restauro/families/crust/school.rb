module Restauro
  module Families
    class Crust
      # The ways a crust holds, in the words of a dough's school.
      module School
        module_function

        # @return [Array<Dough::School>]
        def all = (@all ||= Dough::School.read("families/crust/schools.yml"))
        # @return [Dough::School, nil]
        def fetch(key) = all.find { |school| school.key == key }
      end
    end
  end
end
