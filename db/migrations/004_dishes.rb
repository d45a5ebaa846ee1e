Sequel.migration do
  change do
    # A dish on the bench or the stove: what was planned, and everything that was confirmed, in order. Nothing is ever
    # changed, only added.
    create_table(:dishes) do
      primary_key :id
      String :family, text: true, null: false
      String :title, text: true, null: false
      column :inputs, :json, null: false
      column :choices, :json, null: false
      column :plan, :json, null: false
      column :snapshot, :json, null: false
      String :data_version, text: true, null: false
      foreign_key :kept_swap_id, :kept_swaps, on_delete: :set_null
      DateTime :created_at, null: false
      DateTime :finished_at
    end

    create_table(:dish_events) do
      foreign_key :dish_id, :dishes, null: false, on_delete: :cascade
      Integer :number, null: false
      String :kind, text: true, null: false
      column :data, :json, null: false
      DateTime :at, null: false
      # Two tabs that confirm at once: the second finds the number taken.
      primary_key %i[dish_id number]
    end

    create_table(:dish_readings) do
      foreign_key :dish_id, :dishes, null: false, on_delete: :cascade, index: true
      Float :seconds, null: false
      Float :celsius, null: false
    end

    create_table(:dish_photos) do
      foreign_key :dish_id, :dishes, null: false, on_delete: :cascade, primary_key: true
      File :image, null: false
    end
  end
end
