package hestra.desk;

/**
 * A desk that is being worked on: its history, and what follows from it. This is the one place where an edit is made: it is
 * worked out to its end before anything is kept of it, so an edit that cannot be computed with leaves everything as it was.
 *
 * @param history the desk with all that came before it
 * @param findings what follows from the desk
 */
public record Session(History history, Findings findings) {

    /** What came of an edit. */
    public sealed interface Outcome {

        /** It was made; this is the session afterwards. */
        record Made(Session session) implements Outcome {}

        /** It changes nothing. */
        record Nothing() implements Outcome {}

        /** It cannot be computed with, and nothing has changed. */
        record Refused(Throwable why) implements Outcome {}
    }

    /**
     * A session that goes on from a history.
     *
     * @throws RuntimeException if the desk cannot be computed with, which none is that a session has led to
     */
    public static Session of(History history) {
        return new Session(history, Findings.of(history.present()));
    }

    /**
     * What is in hand stays in hand: the part that was does, whatever an edit does to its data or its tasks, as long as it is
     * there. Only turning to something, checking, undoing and starting again lead elsewhere. Rows that were pointed at in one
     * part are no rows of another.
     */
    private Session after(History changed, Edit edit) {
        Findings next = findings.next(changed.present());
        String part = findings.part().id();
        if (next.part().id().equals(part)) {
            return new Session(changed, next);
        }
        boolean holds = edit instanceof Edit.Lasting && !(edit instanceof Edit.StartAgain)
                && changed.present().exercise().part(part).isPresent();
        Pointing pointing = changed.present().pointing();
        History pointed = changed.pointing(holds ? pointing.at(part) : pointing.atNoRow());
        return new Session(pointed, findings.next(pointed.present()));
    }

    /** The same with what was too long for one go worked out a little further. */
    public Session goneOn() {
        return new Session(history, findings.next(history.present()));
    }

    /** Makes an edit, or finds that it cannot be made. */
    public Outcome apply(Edit edit) {
        try {
            History changed = history.apply(edit);
            return changed == history ? new Outcome.Nothing() : new Outcome.Made(after(changed, edit));
        } catch (RuntimeException | VirtualMachineError e) {
            return new Outcome.Refused(e);
        }
    }
}
