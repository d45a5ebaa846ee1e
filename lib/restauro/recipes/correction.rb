module Restauro
  module Recipes
    # What the cook put right in one line, kept beside the raw text and never in it. It finds its line by the text
    # itself and which of equal lines it is, so that editing other lines does not move it.
    #   text String · occurrence Integer from 0 · ingredient catalogue key or nil · grams Float g or nil · role or nil ·
    #   left_out part name of the part it is moved to, or nil
    Correction = Struct.new(:text, :occurrence, :ingredient, :grams, :role, :left_out, :part, keyword_init: true) do
      def initialize(text:, occurrence: 0, ingredient: nil, grams: nil, role: nil, left_out: false, part: nil)
        raise InvalidInput, "grams are 0 or more, got #{grams}" if grams && (!grams.finite? || grams.negative?)
        unless role.nil? || Line::ROLES.include?(role)
          raise InvalidInput, "a role is one of #{Line::ROLES.join(", ")}; got '#{role}'"
        end

        super
        freeze
      end

      # The same with other values.   @return [Correction]
      def with(**changes) = Correction.new(**to_h.merge(changes))
      def empty? = ingredient.nil? && grams.nil? && role.nil? && !left_out && part.nil?
    end
  end
end
