# Draws docs/architecture.svg from the code: who names whom among the core's folders, the users above, the used below. Run: ruby docs/architecture.rb
# A spec holds the committed picture to the code.
module Restauro
  # Folders as boxes; a line for each that names another, as strong as it does so often; a dashed one where it goes back up.
  class ArchitecturePicture
    ROOT = File.expand_path("..", __dir__)
    WIDTH, ROW, BOX_W, BOX_H, TOP = 1000, 96, 118, 40, 70
    # Roughly how often, so that a line more does not draw it anew.
    WIDTHS = {60 => 4, 20 => 2.5, 6 => 1.5, 0 => 0.7}.freeze
    # Said by the folder where they stand, not by the name.
    ALIASES = {"catalogue" => "ingredients", "names" => "ingredients", "ingredient" => "ingredients", "glutenwords" => "ingredients", "estimate" => "quantities", "measure" => "quantities",
               "numbers" => "quantities", "kitchenunits" => "quantities", "commandline" => "command_line"}.freeze
    # Named everywhere; a line from each to them would say nothing.
    EVERYWHERE = %w[constants datafiles value warning invalidinput notfound safety].freeze

    def initialize
      @uses = uses
      @layers = layers
    end

    # @return [String] SVG
    def to_s
      height = TOP + ROW * @layers.length
      "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 #{WIDTH} #{height}\" role=\"img\" aria-label=\"#{words}\" font-family=\"sans-serif\">\n" \
        "<rect width=\"#{WIDTH}\" height=\"#{height}\" fill=\"#fbf8f0\"/>\n" \
        "<text x=\"20\" y=\"34\" font-size=\"17\" font-weight=\"bold\">Who names whom in lib/restauro: users above, used below</text>\n#{lines}\n#{boxes}\n</svg>\n"
    end

    private

    def folders = @folders ||= Dir["#{ROOT}/lib/restauro/*/"].map { |path| File.basename(path) }.sort

    # @return [Hash{Array(String, String) => Integer}] from and to folder, how often
    def uses
      folders.each_with_object(Hash.new(0)) do |from, found|
        code = Dir["#{ROOT}/lib/restauro/#{from}{.rb,/**/*.rb}"].map { |file| File.read(file).gsub(/#.*$/, "") }.join
        code.scan(/(?<![:\w])([A-Z]\w+)(?=::|\.)/).flatten.each do |name|
          to = folder(name)
          found[[from, to]] += 1 if to && to != from
        end
      end
    end

    def folder(name)
      plain = name.downcase
      return if EVERYWHERE.include?(plain)

      ALIASES[plain] || folders.find { |one| one.delete("_") == plain }
    end

    # What goes down: the strongest first, and each that closes no circle with those.   @return [Hash{String => Array<String>}]
    def down
      @uses.sort_by { |pair, count| [-count, pair] }.each_with_object(Hash.new { |all, one| all[one] = [] }) do |((from, to), _), kept|
        kept[from] << to unless reaches?(kept, to, from)
      end
    end

    def reaches?(kept, from, to) = from == to || kept[from].any? { |one| reaches?(kept, one, to) }

    # As far down as the longest way to it.
    def layers
      kept = down
      depth = ->(one) { folders.select { |from| kept[from].include?(one) }.map { |from| depth[from] + 1 }.max || 0 }
      folders.group_by { |one| depth[one] }.sort.map(&:last)
    end

    def place(one)
      row = @layers.index { |layer| layer.include?(one) }
      gap = WIDTH / @layers[row].length.to_f
      [(gap * (@layers[row].index(one) + 0.5)).round, TOP + ROW * row + BOX_H / 2]
    end

    def lines
      @uses.sort.map do |(from, to), count|
        (x, y), (to_x, to_y) = place(from), place(to)
        back = to_y <= y
        start, stop = back ? [y - BOX_H / 2, to_y + BOX_H / 2] : [y + BOX_H / 2, to_y - BOX_H / 2]
        "<path d=\"M#{x} #{start}C#{x} #{(start + stop) / 2} #{to_x} #{(start + stop) / 2} #{to_x} #{stop}\" fill=\"none\" stroke=\"#{back ? "#b4472a" : "#1d3a70"}\" " \
          "stroke-width=\"#{WIDTHS.find { |least, _| count >= least }.last}\" stroke-opacity=\"0.45\"#{" stroke-dasharray=\"5 4\"" if back}><title>#{from} names #{to}</title></path>"
      end.join("\n")
    end

    def boxes
      folders.map do |one|
        x, y = place(one)
        "<rect x=\"#{x - BOX_W / 2}\" y=\"#{y - BOX_H / 2}\" width=\"#{BOX_W}\" height=\"#{BOX_H}\" rx=\"8\" fill=\"#fff\" stroke=\"#1d3a70\" stroke-width=\"1.5\"/>" \
          "<text x=\"#{x}\" y=\"#{y + 5}\" font-size=\"15\" text-anchor=\"middle\">#{one}/</text>"
      end.join("\n")
    end

    def words = "Folders of the core in layers: #{@layers.map { |layer| layer.join(", ") }.join("; then ")}"
  end
end

File.write(File.join(__dir__, "architecture.svg"), Restauro::ArchitecturePicture.new.to_s) if $PROGRAM_NAME == __FILE__
