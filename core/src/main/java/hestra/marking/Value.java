package hestra.marking;

import java.util.Objects;

/** What was decided. */
public sealed interface Value {

    /** So many marks. */
    record Points(double marks) implements Value {
        public Points {
            if (!(marks >= 0) || marks > 100) {
                throw new IllegalArgumentException("marks " + marks);
            }
        }
    }

    /** That it is so. */
    record Yes() implements Value {}

    /**
     * A comment.
     *
     * @param text what it says
     * @param off the marks that it takes off, 0 for none
     */
    record Comment(String text, double off) implements Value {

        /** The longest text. */
        public static final int LONGEST = 4000;
        /** The most marks that one takes off. */
        public static final int MOST_OFF = 100;

        public Comment {
            Objects.requireNonNull(text);
            if (!(off >= 0) || off > MOST_OFF || text.length() > LONGEST) {
                throw new IllegalArgumentException("a comment of " + text.length() + " letters that takes off " + off);
            }
        }
    }

    /** A time, in seconds since 1970, UTC. */
    record Moment(long at) implements Value {}
}
