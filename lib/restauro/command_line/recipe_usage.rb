# frozen_string_literal: true

module Restauro
  class CommandLine
    # What predict, swap and rescue take.
    module RecipeUsage
      module_function

      # @param name [String] predict, swap or rescue   @return [String]
      def of(name)
        {"predict" => <<~PREDICT, "swap" => <<~SWAP, "rescue" => <<~RESCUE}.fetch(name)
          bin/restauro predict FILE|-   the texture a recipe will have
            --format json|text          json
            --family #{Families::KEYS.join("|")}   reads it as one part; else its parts are told from the recipe
            --part "NAME=FAMILY"        what one part is; --size "NAME=TIMES" how much more of it alone
            --amount "x2|serves 6|600 g milk"   how much of it all
            --two-pots "1 of 4"         how many eat without wheat: two pots, apart
#{FamilyOptions::USAGE.gsub(/^(?=.)/, "            ").chomp}
            --units us|metric|uk|au     us
            --school roux|slurry, psyllium|gum|egg|root|curd   predict: the recipe's own; swap: the swap's (roux; what suits the dough)
            --heat low|medium|medium_high|high   medium
            --altitude METRES           0
            --serve-celsius C           60
            --simmer MINUTES            after the boil: 2 for a roux, 1 for a slurry
            --colour white|blond|brown|dark   of a roux: the recipe's own
            --watts W, --pan-cm CM, --lid, --stir still|whisk|blender   the stove
            --event "t=SECONDS add GRAMS KEY [at CELSIUS]" | "t=SECONDS heat LEVEL|WATTS|off" | "t=SECONDS lid on|off"
        PREDICT
          bin/restauro swap FILE|-      the gluten-free amounts, method and times that reach it; the options of predict, and
            --format json|text|jsonld|csv|md   as an answer, or written down as a recipe
            --with KEY[,KEY]            blend_with_gum,corn_starch
            --target GRADE|E            the wheat recipe's own
            --becomes #{Families::Sauce::Becomes::KEYS.join("|")}   what is to become of a sauce
            --without WORD[,WORD]       diets, allergens, groups or keys to leave out
        SWAP
          bin/restauro rescue FILE|- (--observed-e N | --plate-mm R) --target G   what to do with a sauce that came out otherwise
        RESCUE
      end
    end
  end
end
