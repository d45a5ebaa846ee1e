Sequel.migration do
  change do
    # A pack in the cupboard: of an ingredient of the catalogue (key), or of a flour known by its label or a blend mixed
    # here (own).
    create_table(:packs) do
      primary_key :id
      String :key
      column :own, :json
      Float :grams_left, null: false
      Float :grams_full, null: false
      Float :price
      Date :opened_on
      String :sold_in, null: false, default: "eu"
      String :label_text, text: true, null: false, default: ""
      String :finding
      String :note, text: true, null: false, default: ""
      Time :created_at, null: false
      constraint(:one_kind) { Sequel.lit("(key is null) <> (own is null)") }
      constraint(:grams_sane) do
        (grams_left >= 0) & (grams_left <= 100_000) & (grams_full > 0) & (grams_full <= 100_000)
      end
      constraint(:price_sane) { Sequel.|({price: nil}, price >= 0) }
      constraint(:finding_known) { Sequel.|({finding: nil}, {finding: %w[contains may_contain none_found]}) }
      constraint(:texts_short) { (char_length(label_text) <= 20_000) & (char_length(note) <= 1000) }
    end

    # Who eats, and by which rules.
    create_table(:eaters) do
      primary_key :id
      String :name, null: false
      column :diets, :json, null: false
      constraint(:name_given) { char_length(name) =~ (1..60) }
    end

    # The spoons and cups of the cook's own drawer, one row; none means the usual ones.
    create_table(:drawers) do
      primary_key :id
      column :tools, :json, null: false
    end

    # A kept swap was cooked: what it took from which pack.
    create_table(:cooks) do
      primary_key :id
      foreign_key :kept_swap_id, :kept_swaps, null: false, on_delete: :cascade, index: true
      column :taken, :json, null: false
      Time :cooked_at, null: false
    end
  end
end
