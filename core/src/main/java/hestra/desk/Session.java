package hestra.desk;

/**
 * A desk that is being worked on: its history, and what follows from it. This is the one place where an edit is made: it is worked
 * out to its end before anything is kept of it, so an edit that cannot be computed with leaves everything as it was.
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

    /** Rows that were pointed at in one part are no rows of another. */
    private Session after(History changed) {
        Findings next = findings.next(changed.present());
        if (next.part().id().equals(findings.part().id())) {
            return new Session(changed, next);
        }
        History atNoRow = changed.pointing(changed.present().pointing().atNoRow());
        return new Session(atNoRow, findings.next(atNoRow.present()));
    }

    /** Makes an edit, or finds that it cannot be made. */
    public Outcome apply(Edit edit) {
        try {
            History changed = history.apply(edit);
            return changed == history ? new Outcome.Nothing() : new Outcome.Made(after(changed));
        } catch (RuntimeException | VirtualMachineError e) {
            return new Outcome.Refused(e);
        }
    }
}
