# What was made ahead or left over: a dough, a sauce, a purée, with its day, how long it keeps, what it is good for.
Sequel.migration do
  change do
    create_table(:made_ahead) do
      primary_key :id
      String :name, null: false
      # A key of data/planning/ahead.yml.
      String :kind, null: false
      # The dish and the part that it is of, where it was made for one.
      String :dish, null: false, default: ""
      String :part, null: false, default: ""
      Float :grams
      Date :made_on, null: false
      DateTime :created_at, null: false
      constraint(:name_given) { char_length(name) =~ (1..120) }
      constraint(:grams_sane) { Sequel.|({grams: nil}, (grams > 0) & (grams <= 20_000)) }
    end
  end
end
