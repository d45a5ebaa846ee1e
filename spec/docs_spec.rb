require_relative "../docs/architecture"

# What is written of the code, held to the code.
RSpec.describe "The docs" do
  root = File.expand_path("..", __dir__)
  read = ->(path) { File.read(File.join(root, path), encoding: Encoding::UTF_8) }

  it("have a picture of the folders as they are: run ruby docs/architecture.rb") { expect(read["docs/architecture.svg"]).to eq Restauro::ArchitecturePicture.new.to_s }

  it "name files that are there" do
    named = %w[README.md CONTRIBUTING.md docs/architecture.md docs/a-new-family.md docs/models.md].flat_map do |doc|
      read[doc].scan(%r{`((?:app|lib|data|db|spec|bench|docs|bin|devices)/[\w./-]+\w)`}).flatten.map { |path| [doc, path] }
    end
    expect(named.length).to be > 10
    expect(named.reject { |_, path| path.match?(/NAME|FAMILY/) || Dir[File.join(root, "#{path}*")].any? }).to eq []
  end
end
