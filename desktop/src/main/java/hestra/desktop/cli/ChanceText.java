package hestra.desktop.cli;

import java.util.ArrayList;
import java.util.List;

import hestra.chance.Asked;
import hestra.chance.ChanceWords;
import hestra.chance.Play;
import hestra.data.Variable;
import hestra.numbers.NumberStyle;

/** What chance says of a fit, as text to read. */
final class ChanceText {

    private static final int DIGITS_OF_A_SHARE = 3;

    private ChanceText() {}

    static String of(Asked asked, NumberStyle style, Variable x, Variable y) {
        ChanceWords words = new ChanceWords(asked, style, x.name(), y.name());
        List<String> lines = new ArrayList<>(List.of("", words.done() + ":", "  " + words.sentence()));
        if (asked.run().setup().play() == Play.SHUFFLE) {
            NumberStyle shares = style.withDigits(DIGITS_OF_A_SHARE);
            String counted = asked.pile().isOfAll() ? "" : ", the real one counted too";
            asked.pile().p().ifPresent(p -> lines.add("  p by shuffling  " + shares.p(p) + counted));
            asked.p().ifPresent(p -> lines.add("  p by formula    " + shares.p(p)));
        } else {
            asked.interval().ifPresent(interval -> lines.add("  The interval by formula: " + style.show(interval.low()) + " to "
                    + style.show(interval.high()) + "."));
        }
        words.failed().ifPresent(lines::add);
        return String.join("\n", lines) + "\n";
    }
}
