# frozen_string_literal: true

module Restauro
  # A dish: what is pasted and eaten. It is read into parts, each one formula or a layer without flour; the parts are
  # joined, solved in the order in which data flows between them, and come out as one method.
  #
  #   Partition.of(recipe)
  #   -> Dish(title, parts, joins, said)     which lines belong together, what each part is, how they meet
  #   Solver.call(dish ...) -> Answer(parts, steps, warnings)      every part's swap, one method in working order,
  #   nothing left over (Ledger)
  module Dishes
    %w[
      Answer
      Assembly
      AtTable
      Bake
      BakeLooks
      BeginsAgain
      Beside
      BesideACrust
      BesideBiscuits
      BesideFried
      BlindSaid
      BoardFlour
      Bound
      BoundInList
      CheeseOver
      Choices
      CountSaid
      CoveredSaid
      CrackedEggs
      Crisped
      CrustFirst
      Crowning
      CrustOfCrumbs
      Dish
      Dredged
      DoughLast
      DumplingsInOven
      FamiliesOfParts
      FatSaid
      FilledIn
      FilledPancakes
      FiloOver
      FruitAndCrust
      Grouping
      Hollowed
      HollowedInList
      Iced
      InLayers
      InsideCoat
      IntoTheSauce
      Joins
      Layering
      Ledger
      LineKinds
      ListedApart
      Meetings
      Memo
      Moved
      Naming
      Nutrition
      OnCrumbs
      OneList
      OrderEnds
      OvenSaid
      OverACoat
      OverDough
      OwnTitle
      Partition
      PartAnswer
      Place
      Placing
      Plain
      PlainBound
      PlainCold
      PlainCrispOnions
      PlainGratedRoots
      PlainHollowed
      PlainKinds
      PlainLayers
      PlainPanSauce
      PlainRice
      PlainRoast
      PlainRootTop
      PlainRoots
      PlainSauces
      PlainSweets
      PlainTender
      PlainTomatoes
      PlainToTurnIn
      PotSaid
      PotatoesAside
      Predictions
      RagoutAndWhiteSauce
      Refusal
      Rejoined
      Report
      RiceBalls
      Roast
      RoastInList
      RolledAround
      RolledInList
      Said
      SaidMinutes
      SaidSentences
      SeasonedLast
      SecondFormula
      SetAndCut
      SimmeredFilled
      Sized
      Solver
      StewAndDumplings
      TableGroups
      Tastes
      ThickensThePot
      Timeline
      Timing
      ToppedInList
      TossedDough
      TurnedDown
      TurnedInSauce
      TwoPots
      UnderWhiteSauce
      Washes
      WorkOrder
      WrappedInHam
    ].each { |name| autoload name.to_sym, "restauro/dishes/#{name.gsub(/(?<!^)([A-Z])/, '_\1').downcase}" }
    autoload :Join, "restauro/dishes/dish"
    autoload :Part, "restauro/dishes/dish"
  end
end
