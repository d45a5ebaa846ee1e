module Restauro
  # The numbers of the field, each with its unit and source, from data/constants/.
  module Constants
    Entry = Struct.new(:value, :unit, :source)

    TABLES = Hash.new do |tables, table|
      rows = DataFiles.yaml("constants/#{table}.yml")
      tables[table] = rows
        .to_h do |name, row|
          [name.to_sym, Entry.new(Float(row.fetch("value")), row.fetch("unit"), row.fetch("source")).freeze]
        end
        .freeze
    end
    private_constant :TABLES

    module_function

    # @example Constants.fetch(:sauce, :e_per_spoon) # => 3.1
    # @return [Float] in the unit of its row   @raise [DataError] no such constant
    def fetch(table, name) = entry(table, name).value

    # @return [Entry] value, unit and source   @raise [DataError] an unknown table or name
    def entry(table, name)
      TABLES[table.to_sym].fetch(name.to_sym) { raise DataError, "no constant #{name} in data/constants/#{table}.yml" }
    end

    # @return [Hash{Symbol => Entry}] of one file of data/constants
    def table(table) = TABLES[table.to_sym]
  end
end
