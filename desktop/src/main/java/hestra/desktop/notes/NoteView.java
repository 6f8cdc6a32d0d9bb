package hestra.desktop.notes;

import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;

/** A note on the sheet. */
abstract class NoteView extends VBox {

    private final String note;

    NoteView(String note) {
        this.note = note;
        setId(note);
        getStyleClass().add("note");
    }

    /** The id of the note. */
    final String note() {
        return note;
    }

    /** Shows the note as it is now. */
    abstract void show(Note now, OwnSheet sheet, Findings findings);

    /** Puts the keyboard where typing goes on in it. */
    abstract void enter();

    /** Whether the keyboard is in it. */
    final boolean isEntered() {
        return isFocusWithin();
    }

    /** Where something is put in that is put in here. */
    abstract OwnSheet.Spot spot(int index);
}
