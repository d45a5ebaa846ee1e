module Restauro
  # Flours from the cupboard mixed so that drink, strength and composition come nearest to wheat's.
  module Blends
    autoload :Blend, "restauro/blends/blend"
    autoload :Designer, "restauro/blends/designer"
    autoload :Highs, "restauro/blends/highs"
    autoload :Limits, "restauro/blends/limits"
    autoload :Mixed, "restauro/blends/mixed"
    autoload :Program, "restauro/blends/program"
    autoload :Purpose, "restauro/blends/purpose"
  end
end
