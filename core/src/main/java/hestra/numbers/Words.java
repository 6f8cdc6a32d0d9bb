package hestra.numbers;

import java.util.Locale;

/** Small words of English that depend on the one after them. */
public final class Words {

    private Words() {}

    /** "a" or "an", as the sound of the next word wants it; for words that begin as they are spelled. */
    public static String article(String next) {
        return !next.isEmpty() && "aeio".indexOf(Character.toLowerCase(next.charAt(0))) >= 0 ? "an" : "a";
    }

    /** With a capital at the front, to begin a sentence or a title; the same where it is empty. */
    public static String capitalized(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** "an exponential curve", "a quadratic curve". */
    public static String withArticle(String next) {
        return article(next) + " " + next;
    }

    /** The name of a constant in small letters, with hyphens: "far-x" for FAR_X. */
    public static String dashed(String constant) {
        return constant.toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * A sentence with its stop; what ends in one already, such as a title that asks, gets no second.
     *
     * @param sentence may be null, as the message of an exception may: then that is said
     */
    public static String ended(String sentence) {
        String text = sentence == null ? "the reason is not known" : sentence.strip();
        return text.matches("(?s).*[.?!…]") ? text : text + ".";
    }
}
