module Restauro
  # Something the cook should know. code: a stable word; text: kitchen English; line: the raw recipe line, or nil.
  Warning = Struct.new(:code, :text, :line, keyword_init: true) do
    def initialize(code:, text:, line: nil)
      super(code: code.to_s, text: text, line: line)
      freeze
    end

    # @return [Hash] plain values
    def to_h = {code: code, text: text, line: line}
  end
end
