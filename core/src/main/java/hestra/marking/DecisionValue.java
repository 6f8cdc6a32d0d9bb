package hestra.marking;

import java.util.Objects;
import java.util.Optional;

import hestra.desk.Step;

/** What was decided. */
public sealed interface DecisionValue {

    /** What it says, whatever the answers are that it says it of. */
    default Object says() {
        return this;
    }

    /** Whether both cannot stand beside each other: they say different things of the same. */
    default boolean isAgainst(DecisionValue other) {
        return !says().equals(other.says());
    }

    /**
     * So many marks.
     *
     * @param on the answers that they were given for
     */
    record Points(double marks, Ground on) implements DecisionValue {
        public Points {
            Objects.requireNonNull(on);
            if (!(marks >= 0) || marks > 100) {
                throw new IllegalArgumentException("marks " + marks);
            }
        }

        @Override
        public Object says() {
            return marks;
        }

        @Override
        public boolean isAgainst(DecisionValue other) {
            return !(other instanceof Points points) || marks != points.marks && on.meets(points.on);
        }
    }

    /**
     * That it is so.
     *
     * @param on the answers of which it was said; nothing where it is of no answer
     */
    record Yes(Optional<Ground> on) implements DecisionValue {

        /** That it is so, of no answer in particular. */
        public Yes() {
            this(Optional.empty());
        }

        @Override
        public Object says() {
            return true;
        }
    }

    /**
     * A comment.
     *
     * @param text what it says
     * @param off the marks that it takes off, 0 for none
     */
    record Comment(String text, double off) implements DecisionValue {

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
    record Moment(long at) implements DecisionValue {
        public Moment {
            if (at < 0 || at > Step.LATEST) {
                throw new IllegalArgumentException("a time of " + at);
            }
        }
    }
}
