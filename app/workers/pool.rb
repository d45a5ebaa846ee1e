require "io/wait"
require "socket"
require "tmpdir"

module Restauro
  module Workers
    # As many processes as there are cores, for what takes longer than a page: work waits its turn in a bounded line, of
    # one form only its newest change does, and none goes on for ever.
    class Pool
      LIMIT_S = 20
      MOST_WAITING = 60
      # One that waits.   key of its form or nil · fate why it is not worked out after all
      Ticket = Struct.new(:key, :fate)

      # @param nursery [Nursery]   @param config [Hash] what each worker is told first
      def initialize(nursery, size:, config:, limit_s: LIMIT_S, most_waiting: MOST_WAITING)
        @nursery, @size, @config, @limit_s, @most_waiting = nursery, size, config, limit_s, most_waiting
        @lock, @changed = Mutex.new, ConditionVariable.new
        @idle, @waiting, @running, @all = [], [], [], []
      end

      def start
        # Nobody else's to enter, and a path short enough for a socket.
        @directory = Dir.mktmpdir("restauro")
        @path = File.join(@directory, "workers")
        @server = UNIXServer.new(@path)
        @greeter = Thread.new { loop { welcome(@server.accept) } }
        @size.times { @nursery.bear(@path) }
        self
      end

      # @param key [String, nil] of a form, whose older changes that still wait are let go
      # @return [Object] the worker's answer; :stale, :busy, :late or :broken
      def call(job, key: nil)
        ticket = Ticket.new(key)
        seat = take(ticket) or return ticket.fate
        answer = seat.ask(job, seconds: @limit_s)
      ensure
        give_back(seat, key, answer) if seat
      end

      # What every worker is told first has changed: they are made anew.
      def restart(config)
        @lock.synchronize { @config = config }
        @all.dup.each(&:close)
        @lock.synchronize { @idle.clear }
        @size.times { @nursery.bear(@path) }
      end

      def stop
        @greeter&.kill
        @server&.close
        @all.each(&:close)
        @nursery.close
        FileUtils.rm_rf(@directory) if @directory
      end

      # Process ids, for who watches them.
      def pids = @lock.synchronize { @all.select(&:alive?).map(&:pid) }

      private

      def welcome(socket)
        pid = Wire.receive(socket) or return socket.close
        seat = Seat.new(socket, pid)
        @lock.synchronize do
          Wire.send(socket, @config)
          @all = @all.select(&:alive?) << seat
          @idle << seat
          @changed.broadcast
        end
      rescue SystemCallError, IOError
        socket.close
      end

      def take(ticket)
        @lock.synchronize do
          supersede(ticket)
          return fated(ticket, :broken) if @barren && @all.none?(&:alive?)
          return fated(ticket, :busy) if @waiting.length >= @most_waiting

          @waiting << ticket
          await(ticket)
        end
      end

      def supersede(ticket)
        return unless ticket.key

        older = @waiting.select { |one| one.key == ticket.key }
        older.each { |one| fated(one, :stale) }
        @changed.broadcast if older.any?
      end

      def fated(ticket, fate)
        ticket.fate = fate
        nil
      end

      def await(ticket)
        deadline = now + @limit_s
        until ticket.fate
          return seat_for(ticket) if @idle.any? && @waiting.find { |one| free?(one) }.equal?(ticket)

          left = deadline - now
          left.positive? ? @changed.wait(@lock, left) : fated(ticket, :late)
        end
        @waiting.delete(ticket)
        @changed.broadcast
        nil
      end

      # Two changes of one form are worked out one after the other.
      def free?(ticket) = ticket.fate.nil? && (ticket.key.nil? || !@running.include?(ticket.key))

      def seat_for(ticket)
        @waiting.delete_if { |one| one.equal?(ticket) }
        @running << ticket.key if ticket.key
        seat = @idle.find { |one| ticket.key && one.served == ticket.key } || @idle.first
        @idle.delete(seat)
        seat
      end

      def give_back(seat, key, answer)
        @lock.synchronize do
          @running.delete(key) if key
          seat.served = key
          lost = answer.is_a?(Symbol) || answer.nil?
          lost ? @barren = !@nursery.bear(@path) : @idle << seat
          @changed.broadcast
        end
        seat.close if answer.nil?
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    end
  end
end
