module Restauro
  # What the pages show: words, numbers and SVG from plain results. Nothing here computes the trade.
  module Presenters
    # Every room's own, and what they share.
    Dir[File.join(__dir__, "*", "presenters", "*.rb")].each do |file|
      autoload File.basename(file, ".rb").split("_").map(&:capitalize).join.to_sym, file
    end

    # The view of a snapshot's own family. One kept before families were told apart is a sauce.
    # @param snapshot [Hash]   @param pull [Boolean] whether its picture can be pulled on
    # @param format [HouseFormat, Format] how this house writes
    def self.view(snapshot, pull: true, format: Format)
      views = {
        "batter" => BatterView,
        "breading" => BreadingView,
        "gnocchi" => DoughView,
        "pasta" => DoughView,
        "crust" => CrustView
      }
      views.fetch(snapshot[:family], SwapView).new(snapshot, pull: pull).tap { |view| view.format = format }
    end
  end
end
