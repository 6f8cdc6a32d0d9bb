package hestra.desktop.notes;

/** What a note has done with itself that the sheet has to see to. */
interface NoteActions {

    /** The plot comes back as it stood when the note was kept. */
    void bringBack(String note);

    /** The note is taken off the sheet, and the keyboard goes to its neighbour. */
    void remove(String note);
}
