package hestra.exercise;

import hestra.data.Pairs;
import hestra.data.Variable;

/**
 * Prose and prompts with live values: {x} and {y} for the variables' labels, {x.name}, {x.unit} and so on for their
 * parts, {n} for the number of pairs in the printed table. Anything else in braces stays as it is.
 */
public final class LiveText {

    private LiveText() {}

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
