require "tmpdir"
require_relative "../../app/web"

# The drill: the home is lost, a night's archive is all there is, and everything is there again.
RSpec.describe Restauro::Archive::Import do
  define_method(:started) do |&work|
    cluster = Restauro::Database::Cluster.new(@home, durable: false)
    database = Restauro::Database.connect(cluster.start, connections: 2)
    work.call(Restauro::Services.on(database), database)
  ensure
    database&.disconnect
    cluster.stop
  end

  it "brings a household back from a night's archive after its home was destroyed" do
    Dir.mktmpdir do |directory|
      FileUtils.chmod(0o755, directory)
      @home, backups = File.join(directory, "home"), File.join(directory, "backups")
      seen =
        lambda do |services|
          {
            entries:
              services
                .kept_swaps
                .list
                .map { |kept| [kept.title, kept.note, kept.marks, kept.snapshot["rows"]] }
                .sort_by(&:first),
            eaters: services.household.eaters.map { |eater| [eater.name, eater.diets] },
            packs: services.packs.list.map { |kept| [kept.pack.key, kept.pack.grams_left, kept.label_text] },
            learnt: services.learnt.beliefs.transform_values { |belief| belief.factor.round(4) }
          }
        end
      before =
        started do |services, database|
          Restauro::Demo.fill(services)
          Restauro::Archive::Nightly
            .new(backups, clock: -> { Time.utc(2026, 11, 1) }) do
              Restauro::Archive::Export.new(database, services).bytes
            end
            .once
          seen[services]
        end
      FileUtils.rm_rf(@home)
      after =
        started do |services, database|
          described_class.new(database, services).call(File.binread(Dir[File.join(backups, "*.tar.gz")].max))
          seen[services]
        end
      expect(before.values.map(&:length)).to all(be > 3)
      expect(after).to eq before
    end
  end
end
