package hestra.fit;

import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.numbers.Counted;
import hestra.numbers.Words;

/** Says which rows lie outside what a curve is defined for, and what helps. */
final class Domain {

    private static final int MOST_NAMED = 6;

    private Domain() {}

    /** The refusal of the pairs that fail a condition, or an empty text where none does. */
    static String refusal(Pairs pairs, Curve curve, String needed, IntPredicate isFine) {
        List<Integer> rows = IntStream.range(0, pairs.size()).filter(i -> !isFine.test(i))
                .map(i -> pairs.row(i) + 1).boxed().toList();
        if (rows.isEmpty()) {
            return "";
        }
        boolean direct = needed.startsWith("y") && rows.size() < pairs.size();
        String name = curve instanceof Curve.OwnTerms ? "curve of these terms" : bare(curve);
        return "%s %s needs %s; %s %s not. Set %s aside, %schoose another curve.".formatted(
                Words.capitalized(Words.article(name)), name, needed, named(rows), rows.size() == 1 ? "does" : "do",
                rows.size() == 1 ? "it" : "them", direct ? "fit the curve directly, or " : "or ");
    }

    /** Whether a curve can be fitted to a point. */
    static boolean allows(Curve curve, double x, double y) {
        return switch (curve) {
            case Curve.Logarithmic _ -> x > 0;
            case Curve.Power(Curve.FittedOn on) -> x > 0 && (on == Curve.FittedOn.VALUES || y > 0);
            case Curve.Exponential(Curve.FittedOn on) -> on == Curve.FittedOn.VALUES || y > 0;
            case Curve.OwnTerms(List<Term> terms) -> terms.stream().allMatch(term -> term.isDefined(x));
            case Curve.Line _, Curve.ThroughOrigin _, Curve.Polynomial _, Curve.Wave _ -> true;
        };
    }

    private static String bare(Curve curve) {
        String words = curve.inWords();
        return words.contains(",") ? words.substring(0, words.indexOf(',')) : words;
    }

    static String named(List<Integer> rows) {
        if (rows.size() == 1) {
            return "row " + rows.getFirst();
        }
        int shown = Math.min(rows.size(), MOST_NAMED);
        String first = String.join(", ", rows.subList(0, rows.size() > shown ? shown : shown - 1).stream()
                .map(String::valueOf).toList());
        return "rows " + first + " and " + (rows.size() > shown ? rows.size() - shown + " more" : rows.get(shown - 1));
    }

    /** Why there are too few points for a curve, or an empty text where there are enough. */
    static String tooFew(Pairs pairs, Curve curve, long distinctX) {
        String name = bare(curve);
        int needed = curve.coefficients();
        String article = Words.capitalized(Words.article(name)) + " ";
        if (pairs.n() == 0) {
            return article + name + " needs at least " + points(needed) + ". There are none yet.";
        }
        if (distinctX < needed) {
            return article + name + " has " + Counted.of(needed, "coefficient") + " and needs as many different x. There "
                    + (distinctX == 1 ? "is only 1." : "are only " + distinctX + ".");
        }
        return "";
    }

    private static String points(int count) {
        return count == 1 ? "one point" : count + " points";
    }
}
