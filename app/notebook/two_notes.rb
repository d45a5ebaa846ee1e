module Restauro
  # A note that was changed on two screens at once: both are shown, and the cook chooses.
  module TwoNotes
    # Another screen has written since this one was shown, and something else.
    def note_changed?(kept)
      was = params["was"]
      !was.nil? && FormText.clean(was) != kept.note && FormText.clean(params["note"]) != kept.note
    end

    def both_notes(kept)
      status 409
      page :both_notes, room: "Notebook", title: "Two notes", kept: kept, typed: FormText.clean(params["note"])[0, 4000]
    end
  end
end
