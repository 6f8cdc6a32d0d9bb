package hestra.feedback;

import java.util.ArrayList;
import java.util.List;

/** Gathers the parts of an answer as they are judged, each with what is to be said where it is not right. */
public final class Parts {

    private final List<Verdict.Part> parts = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();

    private Parts() {}

    /** None so far. */
    public static Parts none() {
        return new Parts();
    }

    /** One part: right, or not right and why. */
    public Parts add(String name, boolean right, String note) {
        parts.add(new Verdict.Part(name, right ? Outcome.RIGHT : Outcome.WRONG, right ? "" : note));
        if (!right) {
            notes.add(note);
        }
        return this;
    }

    /** Something to be said whatever the parts come to. */
    public Parts say(String note) {
        notes.add(note);
        return this;
    }

    /** The verdict on all of them, each worth as much as another; with nothing to be said otherwise, this. */
    public Verdict verdict(int marks, String allRight) {
        return Verdict.ofParts(marks, parts, notes.isEmpty() ? allRight : String.join(" ", notes));
    }
}
