# A label in a language that is not read: it cannot be told, which is no finding of nothing.
Sequel.migration do
  up do
    alter_table(:packs) do
      drop_constraint(:finding_known)
      add_constraint(
        :finding_known,
        Sequel.|({finding: nil}, {finding: %w[contains may_contain none_found cannot_tell]})
      )
    end
  end

  down do
    from(:packs).where(finding: "cannot_tell").update(finding: nil)
    alter_table(:packs) do
      drop_constraint(:finding_known)
      add_constraint(:finding_known, Sequel.|({finding: nil}, {finding: %w[contains may_contain none_found]}))
    end
  end
end
