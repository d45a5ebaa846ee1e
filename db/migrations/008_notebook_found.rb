# What an entry is found by and how it stands in the list, worked out when it is written; marks by eater; what was
# deleted can be had back.
Sequel.migration do
  change do
    alter_table(:kept_swaps) do
      add_column :words, String, text: true, null: false, default: ""
      add_column :line, :json
      add_column :marks, :json, null: false, default: "{}"
      add_column :favourite, TrueClass, null: false, default: false
      add_column :deleted_at, DateTime
    end
    alter_table(:packs) { add_column :deleted_at, DateTime }
  end
end
