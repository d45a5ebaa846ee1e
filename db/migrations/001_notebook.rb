Sequel.migration do
  change do
    # What a cook is typing, one row a browser: a half-typed recipe survives a reload.
    create_table(:drafts) do
      String :session, size: 64, primary_key: true
      column :state, :json, null: false
      Time :updated_at, null: false, index: true
    end

    # A swap kept in the notebook: the inputs and choices to work it out again, the data it was worked out with, and the
    # result as it then was, so that a better model never rewrites the past.
    create_table(:kept_swaps) do
      primary_key :id
      String :family, null: false
      String :title, null: false
      String :note, text: true, null: false, default: ""
      column :inputs, :json, null: false
      column :choices, :json, null: false
      String :data_version, null: false
      column :snapshot, :json, null: false
      Time :created_at, null: false
      Time :updated_at, null: false, index: true
      constraint(:title_given) { char_length(title) =~ (1..200) }
      constraint(:note_short) { char_length(note) <= 4000 }
    end

    # The demo entries are put in once; a cook who deletes them does not get them back.
    create_table(:demo_loads) { Time :loaded_at, null: false }
  end
end
