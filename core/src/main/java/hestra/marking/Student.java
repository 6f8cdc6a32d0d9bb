package hestra.marking;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Somebody whose work is marked.
 *
 * @param key tells one student from another in decisions
 * @param name as it is shown: without anything that cannot be seen
 * @param handedIn the work that counts
 * @param late whether it was handed in after it was due
 * @param earlier how many hand-ins it replaces
 */
public record Student(String key, String name, Received.HandedIn handedIn, boolean late, int earlier) {

    private static final int LONGEST_NAME = 80;
    private static final Pattern SURNAME_FIRST = Pattern.compile("([^,]+), *([^,]+)");

    /** What is doubted of the work: it stands beside other work of the same name until a marker says which counts. */
    public List<String> doubts() {
        return handedIn.doubts();
    }

    public Marked marked() {
        return handedIn.marked();
    }

    /** The same, shown under another name. */
    Student called(String other) {
        return new Student(key, other, handedIn, late, earlier);
    }

    /** Whether two names are one, whatever their capitals and spaces. */
    public static boolean isSameName(String one, String other) {
        return plain(one).equals(plain(other));
    }

    /**
     * A name by which it is found: in small letters, on one line, without anything unseen, and "Lindqvist, Bo" as "bo lindqvist".
     */
    public static String plain(String name) {
        String small = Normalizer.normalize(shown(name, ""), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
        Matcher turned = SURNAME_FIRST.matcher(small);
        return turned.matches() ? turned.group(2) + " " + turned.group(1) : small;
    }

    /**
     * What tells the student of a hand-in from others: the name, whatever its capitals and spaces, and the variant. Work without
     * a name is told by its file.
     */
    static String keyOf(Received.HandedIn handedIn, boolean apart) {
        StudentAnswers script = handedIn.marked().script();
        String name = plain(script.student());
        int variant = script.copy().map(StudentAnswers.Copied::variant).orElse(0);
        return (name.isEmpty() ? "file " + handedIn.file() : name) + (variant > 0 ? " #" + variant : "")
                + (apart ? " @" + handedIn.file() : "");
    }

    /** A name as it is shown: one line, nothing unseen, not longer than anybody's. */
    public static String shown(String name, String nameless) {
        String seen = name.replaceAll("[\\s\\p{Z}]+", " ").replaceAll("[\\p{Cc}\\p{Cf}\\p{Co}\\p{Cn}]", "")
                .replaceAll(" +", " ").strip();
        String cut = seen.codePointCount(0, seen.length()) <= LONGEST_NAME
                ? seen : seen.substring(0, seen.offsetByCodePoints(0, LONGEST_NAME)) + "…";
        return cut.isEmpty() ? nameless : cut;
    }
}
