module Restauro
  module Blends
    # Solves a Program with the HiGHS library. Loaded only when a blend is designed.
    module Highs
      # status :optimal, :infeasible or another of HiGHS's · objective, bound Float · gap share · values name => Float
      Solution =
        Struct.new(:status, :objective, :bound, :gap, :values, keyword_init: true) { def optimal? = status == :optimal }

      module_function

      # @param program [Program]   @return [Solution]   @raise [InvalidInput] when the library is not set up
      def solve(program, time_limit_s: 2.0)
        load_library
        columns, rows = program.columns, program.rows
        starts, indexes, values = program.matrix
        model =
          ::Highs.mip(
            sense: :minimize,
            col_cost: columns.map(&:cost),
            col_lower: columns.map(&:low),
            col_upper: columns.map(&:high),
            row_lower: rows.map(&:low),
            row_upper: rows.map(&:high),
            a_format: :rowwise,
            a_start: starts,
            a_index: indexes,
            a_value: values,
            integrality: columns.map { |column| column.integer ? :integer : :continuous }
          )
        solution(model, model.solve(time_limit: time_limit_s), columns)
      end

      # @return [Solution] status, objective, bound, gap and the values of every column
      def solution(model, found, columns)
        values = columns.each_with_index.to_h do |column, i|
          [column.name, column.integer ? found[:col_value][i].round : found[:col_value][i]]
        end
        bound = info(model, "mip_dual_bound")
        gap = found[:obj_value].abs < 1e-9 ? 0.0 : ((found[:obj_value] - bound) / found[:obj_value]).abs
        Solution.new(status: found[:status], objective: found[:obj_value], bound: bound, gap: gap, values: values)
      end

      # The gem gives no bound; the library's own call does.
      def info(model, name)
        value = Fiddle::Pointer.malloc(Fiddle::SIZEOF_DOUBLE, Fiddle::RUBY_FREE)
        call =
          Fiddle::Function.new(
            Fiddle.dlopen(::Highs.ffi_lib.first)["Highs_getDoubleInfoValue"],
            [Fiddle::TYPE_VOIDP] * 3,
            Fiddle::TYPE_INT
          )
        call.call(model.to_ptr, name, value)
        value[0, Fiddle::SIZEOF_DOUBLE].unpack1("d")
      end

      # The gem's library, looked for when a blend is designed and not before.
      def load_library
        require "highs"
      rescue LoadError
        raise InvalidInput, "designing a blend needs the set-up: run bin/start once"
      end
    end
  end
end
