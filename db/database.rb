require "sequel"

module Restauro
  # The cook's own records in PostgreSQL.
  module Database
    autoload :Cluster, File.join(__dir__, "cluster")
    autoload :CookRepository, File.join(__dir__, "repositories", "cook_repository")
    autoload :DishRepository, File.join(__dir__, "repositories", "dish_repository")
    autoload :DraftRepository, File.join(__dir__, "repositories", "draft_repository")
    autoload :Find, File.join(__dir__, "repositories", "find")
    autoload :HouseholdRepository, File.join(__dir__, "repositories", "household_repository")
    autoload :KeptSwapRepository, File.join(__dir__, "repositories", "kept_swap_repository")
    autoload :MadeRepository, File.join(__dir__, "repositories", "made_repository")
    autoload :MealRepository, File.join(__dir__, "repositories", "meal_repository")
    autoload :ObservationRepository, File.join(__dir__, "repositories", "observation_repository")
    autoload :PackRepository, File.join(__dir__, "repositories", "pack_repository")

    autoload :PracticeRepository, File.join(__dir__, "repositories", "practice_repository")

    MIGRATIONS = File.join(__dir__, "migrations")

    module_function

    # @param options [Hash] from Cluster#connection   @param connections [Integer] as many as can be in use at once
    # @return [Sequel::Database] migrated
    def connect(options, connections:)
      create(options)
      join(options, connections: connections).tap { |database| migrate(database) }
    end

    # One that is there and migrated.
    def join(options, connections:)
      Sequel
        .connect(**options, max_connections: connections, pool_timeout: 10)
        .tap do |database|
          database.extension :pg_json, :connection_validator
          # Always: a connection that died with its server must not cost the cook a tap.
          database.pool.connection_validation_timeout = -1
        end
    end

    # Another that migrates just now is waited for; a home that a later Restauro wrote is left as it is.
    # @raise [Cluster::Failed]
    def migrate(database)
      Sequel.extension :migration
      waits = Enumerator.produce(0, &:succ)
      begin
        Sequel::Migrator.run(database, MIGRATIONS, use_advisory_lock: true)
      rescue Sequel::AdvisoryLockError
        sleep(MIGRATION_WAIT_S) && retry if waits.next < MIGRATION_WAITS
        raise Cluster::Failed, "another start has been changing this home for a minute: try again when it is done"
      rescue Sequel::Migrator::Error
        raise Cluster::Failed,
              "this home was written by a later Restauro: bring this one up to date, or start the later one"
      end
    end
    MIGRATION_WAIT_S, MIGRATION_WAITS = 0.5, 120

    # The pool goes where the server went.   @param options [Hash] from Cluster#connection
    def follow(database, options)
      return if database.opts[:port] == options[:port]

      database.opts[:port] = options[:port]
      database.disconnect
    end

    def create(options)
      Sequel.connect(**options, database: "postgres", max_connections: 1) do |server|
        name = options.fetch(:database)
        if server[:pg_database].where(datname: name).empty?
          server.run("CREATE DATABASE #{server.literal(Sequel.identifier(name))}")
        end
      end
    end
  end
end
