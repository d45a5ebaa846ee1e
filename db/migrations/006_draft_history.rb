# What a draft was before each change, and after each that was taken back.
Sequel.migration do
  change do
    alter_table(:drafts) do
      add_column :past, :json, null: false, default: "[]"
      add_column :future, :json, null: false, default: "[]"
    end
  end
end
