# How this house writes: what stands first, degrees, currency, dates. One row, or none for the usual.
Sequel.migration do
  change do
    create_table(:preferences) do
      column :chosen, :json, null: false
    end
  end
end
