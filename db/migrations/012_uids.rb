# A name of its own for everything that can be taken along and brought back, so that nothing comes in twice.
Sequel.migration do
  change do
    %i[kept_swaps packs observations made_ahead].each do |table|
      alter_table(table) do
        add_column :uid, :uuid, null: false, default: Sequel.function(:gen_random_uuid)
        add_index :uid, unique: true
      end
    end
  end
end
