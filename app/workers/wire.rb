module Restauro
  module Workers
    # Plain Ruby values over a socket between our own processes of one start, each with its length before it.
    module Wire
      HEADER = 4

      module_function

      def send(socket, value)
        bytes = Marshal.dump(value)
        socket.write([bytes.bytesize].pack("N"), bytes)
      end

      # @return [Object, nil] nil where the other end is gone
      def receive(socket)
        header = socket.read(HEADER)
        return if header.nil? || header.bytesize < HEADER

        size = header.unpack1("N")
        bytes = socket.read(size)
        bytes && bytes.bytesize == size ? Marshal.load(bytes) : nil # rubocop:disable Security/MarshalLoad -- what this start's own process wrote
      rescue SystemCallError, IOError
        nil
      end
    end
  end
end
