package hestra.desk;

import java.util.ArrayDeque;
import java.util.Optional;

import hestra.exercise.Part;

/**
 * The desk with all that came before it: immutable, so undo is simply the desk before. Edits that continue one another,
 * such as the moves of one drag or the letters of one answer, are undone together. What is {@linkplain Edit.Final final} stands
 * whatever is undone or redone. A paste that is made again under its number takes the place of the first time: the desk before it
 * gets the new one, and the edits that came after are made again on top.
 */
public final class History {

    private static final int MOST_STEPS = 1000;

    /** A desk in the past or future with the edit that leads on from it. */
    private record Link(Desk desk, Edit.Lasting edit, Link next, int length) {
        static Link of(Desk desk, Edit.Lasting edit, Link next) {
            return new Link(desk, edit, next, next == null ? 1 : next.length + 1);
        }

        private boolean is(long paste) {
            return edit instanceof Edit.Pasted(long number, Edit.Lasting _) && number == paste;
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
            case Edit.Final stands -> {
                Desk changed = present.apply(stands);
                yield changed.equals(present) ? this : new History(changed, past, future);
            }
            case Edit.Pasted pasted when holds(pasted.number()) -> pastedAgain(pasted);
            case Edit.Lasting lasting -> {
                Desk changed = present.apply(lasting);
                yield changed.equals(present) ? this : after(changed, lasting);
            }
        };
    }

    /** The same with something else pointed at. */
    History pointing(Pointing other) {
        return new History(new Desk(present.exercise(), present.work(), other), past, future);
    }

    /** Whether a paste is among what undo would take back. */
    public boolean holds(long paste) {
        for (Link link = past; link != null; link = link.next) {
            if (link.is(paste)) {
                return true;
            }
        }
        return false;
    }

    private History pastedAgain(Edit.Pasted pasted) {
        ArrayDeque<Link> since = new ArrayDeque<>();
        Link link = past;
        while (!link.is(pasted.number())) {
            since.push(link);
            link = link.next;
        }
        Desk before = upToDate(link.desk, pasted);
        // It stays a step even where it changes nothing, so that it can be read in yet another way.
        History again = new History(asBegun(before.apply(pasted), since.isEmpty() ? present : since.peek().desk),
                Link.of(before, pasted, link.next), null);
        while (!since.isEmpty()) {
            Link next = since.pop();
            History made = again.apply(next.edit);
            again = new History(asBegun(made.present, since.isEmpty() ? present : since.peek().desk), made.past, null);
        }
        return again.present.equals(present) ? this : again;
    }

    /** A desk that counts to the same beginning as the one it takes the place of, with all that has been checked by now. */
    private Desk asBegun(Desk desk, Desk then) {
        return new Desk(desk.exercise(), desk.work().with(present.work().checks(), then.work().beginning()), present.pointing());
    }

    private History after(Desk changed, Edit.Lasting edit) {
        if (past != null && edit.continues(past.edit)) {
            return new History(changed, Link.of(past.desk, edit.joinedTo(past.edit), past.next), null);
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
                : new History(upToDate(past.desk, past.edit), past.next, Link.of(present, past.edit, future));
    }

    private History redo() {
        return future == null ? this
                : new History(upToDate(future.desk, future.edit), Link.of(present, future.edit, past), future.next);
    }

    /**
     * A desk of another time, with what is pointed at and all that has been checked by now, at the part in which an edit happens.
     */
    private Desk upToDate(Desk desk, Edit.Lasting edit) {
        Pointing pointing = present.pointing();
        boolean single = desk.exercise().parts().size() == 1;
        Optional<String> at = single
                ? Optional.empty() : edit.where(desk.exercise()).filter(part -> desk.exercise().part(part).isPresent());
        boolean there = at.isEmpty() || pointing.task().flatMap(desk.exercise()::partOf).map(Part::id).equals(at);
        return new Desk(desk.exercise(), desk.work().with(present.work().checks()), there ? pointing : pointing.at(at.get()));
    }
}
