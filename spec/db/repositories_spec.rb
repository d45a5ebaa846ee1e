require_relative "../support/database"

RSpec.describe Restauro::Database do
  let(:database) { TestDatabase.connection }
  let(:now) { [Time.utc(2026, 11, 1, 9)] }
  let(:clock) { -> { now.last } }

  describe Restauro::Database::KeptSwapRepository do
    subject(:kept) { described_class.new(database, clock: clock, digest: digest) }

    let(:digest) do
      Class.new { def self.of(snapshot) = {words: snapshot.fetch("words", ""), line: {"amounts" => []}} }
    end

    let(:fields) do
      {
        family: "sauce",
        title: "Leek cream",
        note: "100 % right",
        inputs: {
          "recipe" => "1 cup milk"
        },
        choices: {
          "school" => "roux"
        },
        data_version: "abc",
        snapshot: {
          "rows" => [{"grams" => 1.5}]
        }
      }
    end

    it "keeps a swap as it was given, key order and all" do
      id = kept.add(**fields, snapshot: {"z" => 1, "a" => [nil, 2.5]})
      expect(kept.fetch(id).then { |k| [k.title, k.snapshot.to_a, k.inputs, k.created_at] }).to eq [
        "Leek cream",
        [["z", 1], ["a", [nil, 2.5]]],
        fields[:inputs],
        now.last
      ]
    end

    it "lists the latest first, and finds words as they are typed" do
      first = kept.add(**fields)
      now << Time.utc(2026, 11, 2)
      second = kept.add(**fields, title: "Gravy", note: "")
      found = ->(words) { kept.page(Restauro::Database::Find.new(words: words)).first.map(&:id) }
      expect([kept.list.map(&:id), found["leek"], found["100 %"], found["_"]]).to eq [
        [second, first],
        [first],
        [first],
        []
      ]
    end

    it "finds what is in the lines, words in any order" do
      id = kept.add(**fields, snapshot: {"words" => "13 g maize starch\nmilk"})
      kept.add(**fields, title: "Gravy", note: "")
      found = ->(words) { kept.page(Restauro::Database::Find.new(words: words)).first.map(&:id) }
      expect([found["maize"], found["milk leek"], found["milk gravy"]]).to eq [[id], [id], []]
    end

    it "finds by mark, eater, month and favourite, a page at a time" do
      ids = Array.new(described_class::A_PAGE + 1) { kept.add(**fields) }
      kept.mark(ids.first, "all", "no")
      kept.mark(ids.last, "Wanda", "right")
      kept.favour(ids[1], true)
      found = ->(**find) { kept.page(Restauro::Database::Find.new(**find)).first.map(&:id) }
      expect(
        [
          found[mark: "no"],
          found[mark: "right", eater: "Wanda"],
          found[mark: "right", eater: "Bram"],
          found[eater: "Wanda"],
          found[favourite: true],
          found[month: "2026-10"]
        ]
      ).to eq [[ids.first], [ids.last], [], [ids.last], [ids[1]], []]
      expect(
        [
          kept.page.then { |list, more| [list.length, more] },
          kept.page(number: 2).then { |list, more| [list.length, more] }
        ]
      ).to eq [[50, true], [1, false]]
      kept.mark(ids.first, "all", nil)
      expect(kept.fetch(ids.first).marks).to eq({})
    end

    it "gives back what was deleted, for thirty days" do
      id = kept.add(**fields)
      kept.delete(id)
      expect([kept.list, kept.deleted(id)]).to eq [[], [id, "Leek cream"]]
      kept.bring_back(id)
      expect(kept.list.map(&:id)).to eq [id]
      kept.delete(id)
      now << Time.utc(2026, 12, 5)
      kept.forget_deleted
      expect { kept.bring_back(id) }.to raise_error(Restauro::NotFound, /gone for good/)
    end

    it "changes and deletes" do
      id = kept.add(**fields)
      now << Time.utc(2026, 11, 3)
      kept.update(id, note: "thin")
      expect(kept.fetch(id).then { |k| [k.note, k.updated_at] }).to eq ["thin", now.last]
      kept.delete(id)
      expect { kept.fetch(id) }.to raise_error(Restauro::NotFound)
    end

    it("says so when what is changed is gone") do
      expect { kept.update(99, note: "x") }.to raise_error(Restauro::NotFound)
    end
    it("takes no empty title") do
      expect { kept.add(**fields, title: "") }.to raise_error(Sequel::CheckConstraintViolation)
    end

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

  describe Restauro::Database::PracticeRepository do
    subject(:practices) { described_class.new(database, clock: clock) }

    # Threads work on connections of their own, outside of the example's transaction.
    it "two changes that arrive together both count" do
      id = Thread.new { practices.start("browser", "thin_in_the_pan") }.value
      changes =
        %w[stir now].map do |doing|
          Thread.new do
            practices.hold(id) do
              acts = practices.fetch(id).acts
              sleep 0.2
              practices.go_on(id, acts: [*acts, doing], seconds: 1.0, guess: nil)
            end
          end
        end
      changes.each(&:join)
      expect(practices.fetch(id).acts).to contain_exactly("stir", "now")
    ensure
      Thread.new { database[:practices].where(id: id).delete }.join
    end
  end

  it("migrates twice without a word") { expect { described_class.migrate(database) }.not_to raise_error }
end
