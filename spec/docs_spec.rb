require_relative "../docs/architecture"

# What is written of the code, held to the code.
RSpec.describe "The docs" do
  root = File.expand_path("..", __dir__)
  read = ->(path) { File.read(File.join(root, path), encoding: Encoding::UTF_8) }

  it("have a picture of the folders as they are: run ruby docs/architecture.rb") do
    expect(read["docs/architecture.svg"]).to eq Restauro::ArchitecturePicture.new.to_s
  end

  it "name files that are there" do
    named =
      %w[README.md CONTRIBUTING.md docs/architecture.md docs/a-new-family.md docs/models.md].flat_map do |doc|
        read[doc]
          .scan(%r{`((?:app|lib|data|db|spec|bench|docs|bin|devices)/[\w./-]+\w)`})
          .flatten
          .map { |path| [doc, path] }
      end
    expect(named.length).to be > 10
    expect(named.reject { |_, path| path.match?(/NAME|FAMILY/) || Dir[File.join(root, "#{path}*")].any? }).to eq []
  end
end

# What the core's own comments say comes out of a call is what comes out.
RSpec.describe "The examples in the core's comments" do
  example = /@example (?<code>.+?) # => (?<value>.+?)\s*\z/
  # The modules and classes around a line, by their indentation.
  around =
    lambda do |lines, index|
      depth = lines[index][/\A */].length
      lines[0...index]
        .reverse
        .each_with_object([]) do |line, found|
          match =
            line.match(
              /\A(?<indent>\ *)(?:module|class)\ (?<name>[A-Z]\w*)|
               \A(?<indent>\ *)(?<name>[A-Z]\w*)\ =\ (?:Struct\.new|Value\.of)/x
            )
          next unless match && match[:indent].length < depth

          depth = match[:indent].length
          found.unshift(match[:name])
        end
    end
  nested = ->(names, code) do
    names
      .reduce([Object, "", ""]) do |(inside, head, tail), name|
        inside
          .const_get(name)
          .then { |one| [one, "#{head}#{one.is_a?(Class) ? "class" : "module"} #{name}; ", "; end#{tail}"] }
      end
      .then { |_, head, tail| "#{head}#{code}#{tail}" }
  end

  files = Dir[File.join(Restauro::ROOT, "lib", "**", "*.rb")]
  found =
    files.flat_map do |file|
      lines = File.readlines(file, encoding: "UTF-8", chomp: true)
      lines.each_with_index.filter_map do |line, index|
        line
          .match(example)
          &.then do |match|
            [file.delete_prefix("#{Restauro::ROOT}/"), match[:code], match[:value], around[lines, index]]
          end
      end
    end

  it("are there") { expect(found.length).to be > 8 }

  found.each do |file, code, value, names|
    next if value.include?("low ")

    it("hold in #{file}: #{code}") do
      expect(eval(nested[names, code])).to eq eval(value) # rubocop:disable Security/Eval
    end
  end
end
