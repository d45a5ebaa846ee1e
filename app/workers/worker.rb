require "socket"

module Restauro
  module Workers
    # A process that works pages out: the same application over a connection of its own, asked through a socket.
    class Worker
      # Pages that need no working out go first.
      NICE = 5
      CONNECTIONS = 2

      # @param path [String] of the pool's socket
      def self.join(path)
        socket = UNIXSocket.new(path)
        Process.setpriority(Process::PRIO_PROCESS, 0, NICE)
        $PROGRAM_NAME = "restauro worker"
        Wire.send(socket, Process.pid)
        config = Wire.receive(socket) or return
        new(socket, config).work
      rescue SystemCallError
        nil # the pool is gone
      end

      # @param config [Hash] database (Cluster#connection), address of the pages, lan
      def initialize(socket, config)
        @socket = socket
        database = Database.join(config.fetch(:database), connections: CONNECTIONS)
        services = Services.on(database, address: config[:address])
        @app = Web.within(services, lan: config.fetch(:lan))
      end

      def work
        while (job = Wire.receive(@socket))
          Wire.send(@socket, Job.answered_by(@app, job))
        end
      rescue SystemCallError
        nil # nobody waits for it any more
      end
    end
  end
end
