package hestra.feedback;

import java.util.List;

/**
 * What an answer was judged to be.
 *
 * @param outcome right, nearly or wrong
 * @param earned marks earned, 0 to the task's marks
 * @param message what to tell the student of the answer, a sentence or two
 * @param advice what to do about it, while it can be tried again; may be empty
 * @param mistakes the recognised mistakes, of which each would explain the answer: none, one or two
 * @param parts the parts of an answer that has several, each with its own outcome
 * @param forMarker whether only a person can say whether it is right
 */
public record Verdict(Outcome outcome, double earned, String message, String advice, List<Mistake> mistakes, List<Part> parts,
        boolean forMarker) {

    /**
     * One part of an answer.
     *
     * @param name what it is, such as "direction"
     * @param outcome how it was judged
     * @param note more about it; may be empty
     */
    public record Part(String name, Outcome outcome, String note) {}

    /** A verdict that is one. */
    public Verdict(Outcome outcome, double earned, String message, String advice, List<Mistake> mistakes, List<Part> parts) {
        this(outcome, earned, message, advice, mistakes, parts, false);
    }

    public Verdict {
        mistakes = List.copyOf(mistakes);
        parts = List.copyOf(parts);
    }

    public static Verdict of(Outcome outcome, double earned, String message) {
        return new Verdict(outcome, earned, message, "", List.of(), List.of());
    }

    /** No verdict: a person has to say; until then it earns nothing, and it is not called wrong. */
    public static Verdict leftToMarker(String message) {
        return new Verdict(Outcome.NEARLY, 0, message, "", List.of(), List.of(), true);
    }

    public static Verdict right(int marks, String message) {
        return of(Outcome.RIGHT, marks, message);
    }

    public static Verdict wrong(String message) {
        return of(Outcome.WRONG, 0, message);
    }

    /** The outcome of several parts together: right if all are, wrong if none is; one that is nearly right earns half. */
    public static Verdict ofParts(int marks, List<Part> parts, String message) {
        long right = parts.stream().filter(part -> part.outcome() == Outcome.RIGHT).count();
        long half = parts.stream().filter(part -> part.outcome() == Outcome.NEARLY).count();
        Outcome outcome = right == parts.size() ? Outcome.RIGHT
                : right + half > 0 ? Outcome.NEARLY : Outcome.WRONG;
        double share = parts.isEmpty() ? 0 : (right + half / 2.0) / parts.size();
        return new Verdict(outcome, marks * share, message, "", List.of(), parts);
    }

    /** The same with what was paid for help taken off. */
    public Verdict costing(double cost) {
        return cost == 0 ? this : new Verdict(outcome, Math.max(0, earned - cost), message, advice, mistakes,
                parts, forMarker);
    }

    /** The same earning other marks. */
    public Verdict earning(double marks) {
        return marks == earned ? this : new Verdict(outcome, marks, message, advice, mistakes, parts, forMarker);
    }

    /** The same with mistakes that were recognised. */
    public Verdict recognising(List<Mistake> found) {
        return new Verdict(outcome, earned, message, advice, found, parts, forMarker);
    }

    /** The same with what to do about it. */
    public Verdict advising(String text) {
        return new Verdict(outcome, earned, message, text, mistakes, parts, forMarker);
    }

    /** What to tell the student who can try again. */
    public String inFull() {
        return advice.isEmpty() ? message : message + " " + advice;
    }

    public boolean isRight() {
        return outcome == Outcome.RIGHT;
    }
}
