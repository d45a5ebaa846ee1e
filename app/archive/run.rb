# What bin/export and bin/import run: over the database that runs, or one started for it.
require_relative "../web"

module Restauro
  cluster = Database::Cluster.new(Database::Cluster.home)
  begin
    database = Database.connect(cluster.start, connections: 2)
    services = Services.on(database)
    doing, path = ARGV
    if doing == "export"
      bytes = Archive::Export.new(database, services).bytes
      # Whole or not at all: it takes its name when it is written.
      File.binwrite("#{path}.part", bytes)
      File.rename("#{path}.part", path)
      puts "  Written: #{path}, #{bytes.bytesize / 1000} kB"
    else
      puts "  #{Archive::Import.new(database, services).call(File.binread(path)).say}"
    end
  rescue InvalidInput, SystemCallError, Database::Cluster::Failed => e
    abort "bin/#{ARGV.first}: #{e.message}"
  ensure
    cluster.stop
  end
end
