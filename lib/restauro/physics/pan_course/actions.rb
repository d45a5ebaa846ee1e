module Restauro
  module Physics
    class PanCourse
      # What can happen to a pan:
      #   Add    liquid grams at a temperature, dissolved parts for pH and sugar, and thickeners (by index) that enter
      #   with it
      #   Heat   watts from then on      Lid   on or off
      Add = Struct.new(:grams, :celsius, :parts, :entering)
      Heat = Struct.new(:watts)
      Lid = Struct.new(:on)
      # An action at seconds from the start.
      Timed = Struct.new(:seconds, :action)

      # seconds s · celsius C · liquid_grams g · shares Array: swollen x intact of each thickener, 0 while it is not in
      Point = Struct.new(:seconds, :celsius, :liquid_grams, :shares)
      # points every 5 s and the last · boil_seconds s or nil · stop nil, :boiling_dry or :never_boils · mixture at the
      # end
      Result = Struct.new(:points, :boil_seconds, :stop, :mixture, keyword_init: true)
    end
  end
end
