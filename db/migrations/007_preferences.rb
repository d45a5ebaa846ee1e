# How this house writes: what stands first, degrees, currency, dates. One row, or none for the usual.
Sequel.migration { change { create_table(:preferences) { column :chosen, :json, null: false } } }
