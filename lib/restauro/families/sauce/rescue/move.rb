module Restauro
  module Families
    class Sauce
      class Rescue
        # kind slurry, simmer or dilute · ingredient Ingredient or nil · grams, liquid_grams, minutes Float or nil ·
        # text what to do
        # lands_at Float e of the whole pan · events as the command line writes them · measure kitchen measure or nil ·
        # course the points drawn
        Move =
          Value.of(
            :kind, :ingredient, :grams, :minutes, :liquid_grams, :text, :lands_at, :events, :measure, :prediction
          ) do
            def to_h
              {
                kind: kind,
                ingredient: ingredient&.key,
                grams: grams,
                minutes: minutes,
                liquid_grams: liquid_grams,
                text: text,
                lands_at: lands_at&.round(3),
                events: events
              }
            end
          end
        # observed e seen · target e wanted · moves Array of Move, the best first · now Prediction of the pan as it is
        Result = Value.of(:observed, :target, :moves, :now) do
          def to_h = {observed: observed.round(3), moves: moves.map(&:to_h)}
        end
      end
    end
  end
end
