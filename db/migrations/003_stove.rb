Sequel.migration do
  change do
    # The cook's own stove, one row: what each setting really gives, in watts, and the pan it was measured with.
    create_table(:stoves) do
      primary_key :id
      column :watts, :json, null: false
      Float :pan_cm, null: false
      constraint(:pan_sane) { (pan_cm >= 10) & (pan_cm <= 45) }
    end
  end
end
