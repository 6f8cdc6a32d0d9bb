package hestra.documents.exercise;

import java.io.IOException;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import com.fasterxml.jackson.databind.JsonNode;
import hestra.desk.Step;

/**
 * The lines of a journal's edits, one after the other: an edit in full, or, where it says for the most part what the edit before
 * it said, as what changed: how many letters of that one's beginning and end stay, and what stands between them. A long text that
 * is typed is so kept once and not at every pause.
 */
final class EditLines {

    /** So many letters have to stay: a shorter line is not worth that it cannot be read by itself. */
    private static final int WORTH = 200;

    /** A longer edit, such as a file that was pasted, is not remembered. */
    private static final int MOST = 1 << 20;

    private static final Pattern WHOLE = Pattern.compile("\\{\"at\":(\\d{1,15}),\"edit\":");

    private static final Pattern CHANGE = Pattern.compile("\\{\"at\":(\\d{1,15}),\"keep\":\\[(\\d{1,9}),(\\d{1,9})],\"put\":");

    private String before = "";

    /** A place to go on from later. */
    String place() {
        return before;
    }

    /** Goes on, or starts again, from a place. */
    void goOnFrom(String place) {
        before = place;
    }

    /** The line of the next edit. */
    String next(Step step) {
        Stamped next = Stamped.of(step);
        String whole = next.line();
        String edit = next.edit;
        int head = head(before, edit);
        int tail = tail(before, edit, head);
        remember(edit);
        if (head + tail < WORTH) {
            return whole;
        }
        String change = "{\"at\":" + next.at + ",\"keep\":[" + head + "," + tail + "],\"put\":"
                + Json.line(edit.substring(head, edit.length() - tail)) + "}";
        return change.length() < whole.length() ? change : whole;
    }

    /** How many letters two texts begin with alike; no sign of two halves is taken apart. */
    private static int head(String one, String other) {
        int most = Math.min(one.length(), other.length());
        int same = 0;
        while (same < most && one.charAt(same) == other.charAt(same)) {
            same++;
        }
        return same > 0 && Character.isHighSurrogate(one.charAt(same - 1)) ? same - 1 : same;
    }

    private static int tail(String one, String other, int head) {
        int most = Math.min(one.length(), other.length()) - head;
        int same = 0;
        while (same < most && one.charAt(one.length() - 1 - same) == other.charAt(other.length() - 1 - same)) {
            same++;
        }
        return same > 0 && Character.isLowSurrogate(one.charAt(one.length() - same)) ? same - 1 : same;
    }

    /** The edit of the next line, however it was written; nothing where it changes what does not stand before it. */
    Optional<Stamped> read(String line) {
        Matcher change = CHANGE.matcher(line);
        Optional<Stamped> read = change.lookingAt() && line.endsWith("}")
                ? changed(Integer.parseInt(change.group(2)), Integer.parseInt(change.group(3)),
                line.substring(change.end(), line.length() - 1))
                        .map(edit -> new Stamped(Long.parseLong(change.group(1)), edit))
                : Optional.of(Stamped.of(line));
        read.ifPresent(it -> remember(it.edit));
        return read;
    }

    private void remember(String edit) {
        before = edit.length() > MOST ? "" : edit;
    }

    private Optional<String> changed(int head, int tail, String put) {
        if (head + tail > before.length()) {
            return Optional.empty();
        }
        try {
            JsonNode words = Json.tree(put);
            return words.isTextual()
                    ? Optional.of(before.substring(0, head) + words.textValue() + before.substring(before.length() - tail))
                    : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /**
     * A line's time and edit.
     *
     * @param at 0 in lines of older journals, which have none
     */
    record Stamped(long at, String edit) {

        static Stamped of(Step step) {
            return new Stamped(step.at(), Json.line(step.edit()));
        }

        /** The line by itself. */
        String line() {
            return "{\"at\":" + at + ",\"edit\":" + edit + "}";
        }

        static Stamped of(String line) {
            Matcher whole = WHOLE.matcher(line);
            return whole.lookingAt() && line.endsWith("}")
                    ? new Stamped(Long.parseLong(whole.group(1)), line.substring(whole.end(), line.length() - 1))
                    : new Stamped(0, line);
        }
    }
}
