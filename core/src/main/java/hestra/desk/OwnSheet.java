package hestra.desk;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

import hestra.task.Keepable;
import hestra.working.CalculationLine;

/**
 * What a person writes beside the data, and what they keep of the plot: a sheet of their own, which is the report.
 *
 * @param notes in their order, each with an id of its own
 * @param lines the calculation lines beside the readings
 */
public record OwnSheet(List<Note> notes, List<CalculationLine> lines) {

    /** Nothing written and nothing kept. */
    public static final OwnSheet EMPTY = new OwnSheet(List.of(), List.of());

    /** The most notes. */
    public static final int MOST = 200;

    public OwnSheet {
        notes = List.copyOf(notes);
        lines = List.copyOf(lines);
        if (notes.stream().map(Note::id).distinct().count() < notes.size()) {
            throw new IllegalArgumentException("two notes with the same id");
        }
    }

    /**
     * A place on a sheet where something is put in.
     *
     * @param index before which note, from 0
     * @param letter where in the text that stands there something is put in, at the end of the paragraph; 0 for before the text
     */
    public record Spot(int index, int letter) {

        /** Before a note. */
        public static Spot before(int index) {
            return new Spot(index, 0);
        }
    }

    public Optional<Note> note(String id) {
        return notes.stream().filter(note -> note.id().equals(id)).findFirst();
    }

    /** The place of a note, from 0; −1 where there is none of this id. */
    public int indexOf(String id) {
        return notes.stream().map(Note::id).toList().indexOf(id);
    }

    /** Which figure or table of the sheet a note is, from 1; 0 for one that is not counted. */
    public int numberOf(String id) {
        Keepable.Numbered kind = numbered(note(id));
        return kind == Keepable.Numbered.NOT ? 0
                : (int) notes.subList(0, indexOf(id) + 1).stream().filter(note -> numbered(Optional.of(note)) == kind).count();
    }

    private static Keepable.Numbered numbered(Optional<Note> note) {
        return note.filter(Note.Kept.class::isInstance).map(it -> ((Note.Kept) it).what().numbered())
                .orElse(Keepable.Numbered.NOT);
    }

    /** "Figure 2", "Table 1"; empty for a note that is not counted. */
    public String label(String id) {
        int number = numberOf(id);
        return number == 0 ? "" : numbered(note(id)).word() + " " + number;
    }

    /** An id that no note has. */
    public String freshId() {
        Set<String> taken = notes.stream().map(Note::id).collect(Collectors.toCollection(HashSet::new));
        int number = notes.size() + 1;
        while (taken.contains("note-" + number)) {
            number++;
        }
        return "note-" + number;
    }

    /** How many figures are kept. */
    public int figures() {
        return (int) notes.stream().filter(note -> numbered(Optional.of(note)) == Keepable.Numbered.FIGURE).count();
    }

    /** Whether no further note is taken: one kept in the midst of a text makes two. */
    public boolean isFull() {
        return notes.size() + 2 > MOST;
    }

    OwnSheet withNotes(List<Note> changed) {
        return new OwnSheet(changed, lines);
    }

    OwnSheet withLines(List<CalculationLine> changed) {
        return new OwnSheet(notes, changed);
    }

    OwnSheet withoutNotes() {
        return notes.isEmpty() ? this : withNotes(List.of());
    }

    /** With a note put in. In the midst of a text the note comes after the paragraph, and the rest of the text after it. */
    OwnSheet with(Spot at, Note note) {
        if (isFull()) {
            return this;
        }
        int index = Math.clamp(at.index(), 0, notes.size());
        List<Note> changed = new ArrayList<>(notes);
        if (at.letter() > 0 && index < notes.size() && notes.get(index) instanceof Note.Text(String id, String text)) {
            int end = text.indexOf("\n\n", Math.min(at.letter(), text.length()));
            String rest = end < 0 ? "" : text.substring(end).strip();
            changed.add(index + 1, note);
            if (!rest.isEmpty()) {
                changed.set(index, new Note.Text(id, text.substring(0, end)));
                changed.add(index + 2, new Note.Text(withNotes(changed).freshId(), rest));
            }
        } else {
            changed.add(index, note);
        }
        return withNotes(changed);
    }

    /** With the note of this id changed, if it is there. */
    OwnSheet with(String id, UnaryOperator<Note> change) {
        return withNotes(notes.stream().map(note -> note.id().equals(id) ? change.apply(note) : note).toList());
    }

    OwnSheet without(String id) {
        return withNotes(notes.stream().filter(note -> !note.id().equals(id)).toList());
    }

    OwnSheet moved(String id, int by) {
        int from = indexOf(id);
        if (from < 0) {
            return this;
        }
        List<Note> changed = new ArrayList<>(notes);
        changed.add(Math.clamp((long) from + by, 0, notes.size() - 1), changed.remove(from));
        return withNotes(changed);
    }

    /** With all that follows the plot kept as it is in a state, since the plot will not be able to show it any more. */
    OwnSheet frozenAt(PartWork state) {
        boolean follows = notes.stream().anyMatch(OwnSheet::follows);
        return follows
                ? withNotes(notes.stream().map(note -> follows(note) ? ((Note.Shown) note).with(Optional.of(state)) : note)
                        .toList()) : this;
    }

    private static boolean follows(Note note) {
        return note instanceof Note.Shown shown && shown.follows();
    }
}
