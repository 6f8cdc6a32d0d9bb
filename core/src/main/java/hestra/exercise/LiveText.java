package hestra.exercise;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

import hestra.data.Pairs;
import hestra.data.Variable;

/**
 * Prose and prompts with live values: {x} and {y} for the variables' labels, {x.name}, {x.unit} and so on for their
 * parts, {n} for the number of pairs in the printed table. Anything else in braces stays as it is.
 */
public final class LiveText {

    /** The live values that there are. */
    public static final List<String> KNOWN = List.of("{n}", "{x}", "{y}", "{x.name}", "{y.name}", "{x.unit}", "{y.unit}");

    /** What is written as live values are and may well be meant as one. */
    private static final Pattern MEANT = Pattern.compile("\\{[A-Za-z][A-Za-z0-9.]{0,20}\\}");

    private LiveText() {}

    /** What stands in braces in a text like a live value and is none; not what stands in code. */
    public static List<String> unknown(String text) {
        return MEANT.matcher(text.replaceAll("`[^`]*`", "")).results().map(MatchResult::group).filter(it -> !KNOWN.contains(it)).distinct().toList();
    }

    /** The text with its live values filled in. */
    public static String fill(String text, Part part) {
        if (text.indexOf('{') < 0) {
            return text;
        }
        Variable x = part.x();
        Variable y = part.y();
        Pairs pairs = part.pairs();
        return text.replace("{n}", Integer.toString(pairs.n()))
                .replace("{x}", x.described())
                .replace("{y}", y.described())
                .replace("{x.name}", x.name())
                .replace("{y.name}", y.name())
                .replace("{x.unit}", x.unit())
                .replace("{y.unit}", y.unit());
    }
}
