# A meal that is being cooked: its plan as it was at first, and everything that happened, in order. The kitchen it is
# cooked in is kept once.
Sequel.migration do
  change do
    create_table(:meals) do
      primary_key :id
      column :state, :json, null: false
      column :plan, :json, null: false
      # Which dish on the stove stands behind which dish of the meal: its place in the meal => its number.
      column :dishes, :json, null: false, default: "{}"
      Date :day, null: false
      DateTime :created_at, null: false
      DateTime :finished_at
    end

    create_table(:meal_events) do
      foreign_key :meal_id, :meals, null: false, on_delete: :cascade
      Integer :number, null: false
      String :kind, text: true, null: false
      column :data, :json, null: false
      DateTime :at, null: false
      # Two screens that tap at once: the second finds the number taken.
      primary_key %i[meal_id number]
    end

    create_table(:kitchens) { column :what, :json, null: false }
  end
end
