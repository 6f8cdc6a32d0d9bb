package hestra.desk;

import java.util.ArrayDeque;
import java.util.Optional;

/**
 * The desk with all that came before it: immutable, so undo is simply the desk before. Edits that continue one another,
 * such as the moves of one drag or the letters of one answer, are undone together.
 */
public final class History {

    private static final int MOST_STEPS = 1000;

    /** A desk in the past or future with the edit that leads on from it. */
    private record Link(Desk desk, Edit.Lasting edit, Link next, int length) {
        static Link of(Desk desk, Edit.Lasting edit, Link next) {
            return new Link(desk, edit, next, next == null ? 1 : next.length + 1);
        }
    }

    private final Desk present;
    private final Link past;
    private final Link future;

    private History(Desk present, Link past, Link future) {
        this.present = present;
        this.past = past;
        this.future = future;
    }

    public static History of(Desk desk) {
        return new History(desk, null, null);
    }

    public Desk present() {
        return present;
    }

    /** What undo would take back; nothing where there is nothing to undo. */
    public Optional<String> undoable() {
        return Optional.ofNullable(past).map(link -> link.edit.inWords());
    }

    /** What redo would do again; nothing where there is nothing to redo. */
    public Optional<String> redoable() {
        return Optional.ofNullable(future).map(link -> link.edit.inWords());
    }

    /** The history after an edit; this same one where the edit changes nothing. */
    public History apply(Edit edit) {
        return switch (edit) {
            case Edit.Undo _ -> undo();
            case Edit.Redo _ -> redo();
            case Edit.Passing passing -> {
                Desk pointed = present.apply(passing);
                yield pointed.equals(present) ? this : new History(pointed, past, future);
            }
            case Edit.Lasting lasting -> {
                Desk changed = present.apply(lasting);
                yield changed.equals(present) ? this : after(changed, lasting);
            }
        };
    }

    private History after(Desk changed, Edit.Lasting edit) {
        if (past != null && edit.continues(past.edit)) {
            return new History(changed, Link.of(past.desk, edit, past.next), null);
        }
        Link grown = Link.of(present, edit, past);
        return new History(changed, grown.length > 2 * MOST_STEPS ? newest(grown) : grown, null);
    }

    private static Link newest(Link link) {
        ArrayDeque<Link> kept = new ArrayDeque<>();
        for (Link it = link; it != null && kept.size() < MOST_STEPS; it = it.next) {
            kept.push(it);
        }
        Link shortened = null;
        for (Link it : kept) {
            shortened = Link.of(it.desk, it.edit, shortened);
        }
        return shortened;
    }

    private History undo() {
        return past == null ? this
                : new History(pointingAsNow(past.desk), past.next, Link.of(present, past.edit, future));
    }

    private History redo() {
        return future == null ? this
                : new History(pointingAsNow(future.desk), Link.of(present, future.edit, past), future.next);
    }

    private Desk pointingAsNow(Desk desk) {
        return new Desk(desk.exercise(), desk.work(), present.pointing());
    }
}
