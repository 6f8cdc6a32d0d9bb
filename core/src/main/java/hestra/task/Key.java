package hestra.task;

import java.util.List;

import hestra.feedback.Mistake;

/**
 * The right answer to a task as an instructor sees it, worked out from the data.
 *
 * @param text the key in a few words, or what is missing for one
 * @param computed whether there is a key
 * @param inFull a number before it was rounded; empty where there is none to show
 * @param recognised the mistakes that will be recognised in these data
 */
public record Key(String text, boolean computed, String inFull, List<Recognised> recognised) {

    /**
     * A mistake that will be recognised.
     *
     * @param mistake the mistake
     * @param answer what it gives, as it would be answered
     * @param from what it comes from, in words
     */
    public record Recognised(Mistake mistake, String answer, String from) {

        /** One that comes from the mistake itself. */
        public Recognised(Mistake mistake, String answer) {
            this(mistake, answer, mistake.inWords());
        }
    }

    public Key {
        recognised = List.copyOf(recognised);
    }

    /** A key that says all there is to say. */
    static Key of(String text) {
        return new Key(text, true, "", List.of());
    }

    /** The same with the mistakes that will be recognised. */
    Key recognising(List<Recognised> mistakes) {
        return new Key(text, computed, inFull, mistakes);
    }

    /** No key, and why. */
    static Key missing(String why) {
        return new Key(why, false, "", List.of());
    }
}
