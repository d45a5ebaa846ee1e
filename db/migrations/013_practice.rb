# A lesson of the Practice room under way: what was done in it, how long it ran, and how it came out. Kept by who plays.
Sequel.migration do
  change do
    create_table(:practices) do
      primary_key :id
      String :browser, null: false, size: 64, index: true
      String :learner, null: false, default: ""
      String :lesson, null: false
      String :guess, text: true
      column :acts, :json, null: false, default: "[]"
      # A sauce of the learner's own in the place of a lesson's.
      column :own, :json
      Float :seconds, null: false, default: 0
      TrueClass :hit
      String :score, text: true
      DateTime :created_at, null: false
      DateTime :finished_at
    end
  end
end
