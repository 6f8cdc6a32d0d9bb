package hestra.desktop.cli;

import hestra.chance.Asked;
import hestra.chance.Pile;
import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.data.Variable;
import hestra.fit.Interval;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;

/** What chance says of a fit, as text to read. */
final class ChanceText {

    private static final int DIGITS_OF_A_SHARE = 3;

    private final Asked asked;
    private final Pile pile;
    private final NumberStyle style;
    private final Variable y;
    private final StringBuilder text = new StringBuilder();

    private ChanceText(Asked asked, NumberStyle style, Variable y) {
        this.asked = asked;
        this.pile = asked.pile();
        this.style = style;
        this.y = y;
    }

    static String of(Asked asked, NumberStyle style, Variable y) {
        ChanceText text = new ChanceText(asked, style, y);
        text.head();
        if (asked.run().setup().play() == Play.SHUFFLE) {
            text.share();
        } else {
            text.ends();
        }
        if (text.pile.failed() > 0) {
            text.line(Counted.of(text.pile.failed(), "draw") + " had no such curve and "
                    + (text.pile.failed() == 1 ? "is" : "are") + " left out.");
        }
        return text.text.toString();
    }

    private void head() {
        text.append('\n');
        boolean shuffled = asked.run().setup().play() == Play.SHUFFLE;
        line(pile.isOfAll() ? "All " + Counted.of(pile.draws(), "arrangement") + " of the values of " + y.name() + ":"
                : "Run " + asked.run().setup().number() + ", " + Counted.of(pile.draws(), shuffled ? "shuffle" : "draw") + ":");
    }

    private void share() {
        String from = pile.centre() == 0 ? "0" : style.show(pile.centre()) + ", the middle of chance,";
        String one = isR() ? "an r" : Words.withArticle(watched());
        line("  " + pile.asFar() + " of " + pile.size() + " gave " + one + " at least as far from " + from + " as "
                + style.show(pile.ours()) + ".");
        NumberStyle shares = style.withDigits(DIGITS_OF_A_SHARE);
        String counted = pile.isOfAll() ? "" : ", the real one counted too";
        pile.p().ifPresent(p -> line("  p by shuffling  " + shares.p(p) + counted));
        asked.p().ifPresent(p -> line("  p by formula    " + shares.p(p)));
    }

    private void ends() {
        String level = NumberStyle.STANDARD.shortest(100 * asked.level());
        line("  The middle " + level + " % of " + (isR() ? "r" : "the " + watched()) + ": "
                + pile.middle(asked.level()).map(this::between).orElse("too few draws to say") + ".");
        asked.interval().ifPresent(interval -> line("  The interval by formula: " + between(interval) + "."));
    }

    private String between(Interval interval) {
        return style.show(interval.low()) + " to " + style.show(interval.high());
    }

    private boolean isR() {
        return asked.run().setup().watched() instanceof Watched.R;
    }

    private String watched() {
        return switch (asked.run().setup().watched()) {
            case Watched.OfCoefficient(int index) -> index == 0 && asked.run().fit().coefficients().size() > 1
                    ? "intercept" : "slope";
            case Watched.R _ -> "r";
            case Watched.FittedAt(double x) -> "prediction at " + style.typed(x);
        };
    }

    private void line(String line) {
        text.append(line).append('\n');
    }
}
