RSpec.describe Restauro::Database do
  let(:database) { TestDatabase.connection }
  let(:now) { [Time.utc(2026, 11, 1, 9)] }
  let(:clock) { -> { now.last } }

  describe Restauro::Database::KeptSwapRepository do
    subject(:kept) { described_class.new(database, clock: clock) }

    let(:fields) do
      {family: "sauce", title: "Leek cream", note: "100 % right", inputs: {"recipe" => "1 cup milk"}, choices: {"school" => "roux"}, data_version: "abc",
       snapshot: {"rows" => [{"grams" => 1.5}]}}
    end

    it "keeps a swap as it was given, key order and all" do
      id = kept.add(**fields, snapshot: {"z" => 1, "a" => [nil, 2.5]})
      expect(kept.fetch(id).then { |k| [k.title, k.snapshot.to_a, k.inputs, k.created_at] }).to eq ["Leek cream", [["z", 1], ["a", [nil, 2.5]]], fields[:inputs], now.last]
    end

    it "lists the latest first, and finds words as they are typed" do
      first = kept.add(**fields)
      now << Time.utc(2026, 11, 2)
      second = kept.add(**fields, title: "Gravy", note: "")
      expect([kept.list.map(&:id), kept.list(matching: "leek").map(&:id), kept.list(matching: "100 %").map(&:id), kept.list(matching: "_").map(&:id)]).to eq [[second, first], [first], [first], []]
    end

    it "changes and deletes" do
      id = kept.add(**fields)
      now << Time.utc(2026, 11, 3)
      kept.update(id, note: "thin")
      expect(kept.fetch(id).then { |k| [k.note, k.updated_at] }).to eq ["thin", now.last]
      kept.delete(id)
      expect { kept.fetch(id) }.to raise_error(Restauro::NotFound)
    end

    it("says so when what is changed is gone") { expect { kept.update(99, note: "x") }.to raise_error(Restauro::NotFound) }
    it("takes no empty title") { expect { kept.add(**fields, title: "") }.to raise_error(Sequel::CheckConstraintViolation) }

    it "leaves nothing of a transaction that fails" do
      database.transaction(savepoint: true) do
        kept.add(**fields)
        raise Sequel::Rollback
      end
      expect(kept.list).to be_empty
    end
  end

  describe Restauro::Database::DraftRepository do
    subject(:drafts) { described_class.new(database, clock: clock) }

    it "has the last that was typed, for each browser" do
      drafts.save("a", "recipe" => "1 cup mi")
      drafts.save("a", "recipe" => "1 cup milk")
      expect([drafts.find("a"), drafts.find("b")]).to eq [{"recipe" => "1 cup milk"}, nil]
    end

    it "forgets after a month" do
      drafts.save("a", {})
      now << Time.utc(2026, 12, 15)
      drafts.forget_old
      expect(drafts.find("a")).to be_nil
    end
  end

  it("migrates twice without a word") { expect { described_class.migrate(database) }.not_to raise_error }
end
