module Restauro
  # A mark put on a try by one who ate, or by all: what is called right is learnt, and taken back with its mark.
  class EntryMark
    def initialize(kept, services)
      @kept = kept
      @services = services
    end

    # @param who [String] a name; empty for all   @param mark [String] right, nearly, no; empty takes it back
    def set(who, mark)
      who = "all" if who.empty?
      @services.kept_swaps.transaction do
        @services.kept_swaps.mark(@kept.id, who, mark.empty? ? nil : mark)
        @services.observations.forget_liking(@kept.id, who)
        like(who) if mark == "right"
      end
    end

    private

    def like(who)
      data, words = LikingLesson.of_entry(@kept, @services, who: who == "all" ? nil : who)
      @services.observations.add(data.merge("who" => who), words: words, kept_swap_id: @kept.id) if data
    end
  end
end
