# What was measured beside what was predicted: what the household learns from. Of a dish of the notebook, or by itself.
# Never changed.
Sequel.migration do
  change do
    create_table(:observations) do
      primary_key :id
      foreign_key :kept_swap_id, :kept_swaps, on_delete: :cascade, index: true
      # shares, log_ratio, how, packs: see Learning::Seen
      column :data, :json, null: false
      # What it was, for the list: "the spoon drew a line that stayed, in the pan".
      String :words, text: true, null: false, default: ""
      DateTime :at, null: false
    end
  end
end
