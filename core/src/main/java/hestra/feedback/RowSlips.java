package hestra.feedback;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.function.IntFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

import hestra.data.Pairs;

/** What comes out with a slip in the rows of the data, each row tried. */
final class RowSlips {

    private RowSlips() {}

    /** With a row left out. */
    static DoubleStream leftOut(Sought what, Evidence data) {
        Pairs pairs = data.pairs();
        return all(what, data, i -> data.moments().with(pairs.x(i), pairs.y(i), -pairs.count(i)));
    }

    /** With a row twice; with the heading taken as a pair of zeros; with an empty cell taken as 0. */
    static DoubleStream tooMany(Sought what, Evidence data) {
        Pairs pairs = data.pairs();
        DoubleStream heading = value(what, data.moments().with(0, 0, 1));
        DoubleStream emptied = data.emptied().stream().flatMapToDouble(it -> value(what, data.moments().with(it.x(), it.y(), 1)));
        return concat(heading, emptied, all(what, data, i -> data.moments().with(pairs.x(i), pairs.y(i), 1)));
    }

    /** With one column moved against the other by a row, down or up. */
    static DoubleStream slipped(Sought what, Evidence data) {
        double[] x = data.pairs().xs().toArray();
        double[] y = data.pairs().ys().toArray();
        int n = x.length;
        if (n < 3 || data.pairs().hasCounts()) {
            return DoubleStream.empty();
        }
        double[] down = IntStream.range(0, n).mapToDouble(i -> y[(i + n - 1) % n]).toArray();
        double[] up = IntStream.range(0, n).mapToDouble(i -> y[(i + 1) % n]).toArray();
        Moments withoutEnd = Moments.of(Arrays.copyOfRange(x, 1, n), Arrays.copyOf(y, n - 1));
        Moments withoutStart = Moments.of(Arrays.copyOf(x, n - 1), Arrays.copyOfRange(y, 1, n));
        return concat(value(what, Moments.of(x, down)), value(what, Moments.of(x, up)), value(what, withoutEnd), value(what, withoutStart));
    }

    /** With the y of two neighbouring rows exchanged. */
    static DoubleStream exchanged(Sought what, Evidence data) {
        Pairs pairs = data.pairs();
        return IntStream.range(0, Math.max(0, pairs.size() - 1)).mapToObj(i -> data.moments()
                .replaced(pairs.x(i), pairs.y(i), pairs.x(i), pairs.y(i + 1), 1).replaced(pairs.x(i + 1), pairs.y(i + 1), pairs.x(i + 1), pairs.y(i), 1))
                .flatMapToDouble(it -> value(what, it));
    }

    /** With one column sorted alone, up or down. */
    static DoubleStream sorted(Sought what, Evidence data) {
        if (data.pairs().hasCounts()) {
            return DoubleStream.empty();
        }
        double[] x = data.pairs().xs().toArray();
        double[] y = data.pairs().ys().toArray();
        double[] xUp = Arrays.stream(x).sorted().toArray();
        double[] yUp = Arrays.stream(y).sorted().toArray();
        return concat(value(what, Moments.of(x, yUp)), value(what, Moments.of(x, reversed(yUp))), value(what, Moments.of(xUp, y)), value(what, Moments.of(reversed(xUp), y)),
                value(what, Moments.of(xUp, yUp)));
    }

    /** With the decimal point of one value moved by a place. */
    static DoubleStream decimalMoved(Sought what, Evidence data) {
        Pairs pairs = data.pairs();
        return IntStream.range(0, pairs.size()).boxed().flatMapToDouble(i -> DoubleStream.of(0.1, 10)
                .boxed().flatMapToDouble(by -> DoubleStream.concat(
                        value(what, data.moments().replaced(pairs.x(i), pairs.y(i), pairs.x(i) * by, pairs.y(i), pairs.count(i))),
                        value(what, data.moments().replaced(pairs.x(i), pairs.y(i), pairs.x(i), pairs.y(i) * by, pairs.count(i))))));
    }

    /** With two neighbouring digits of one value exchanged. */
    static DoubleStream digitsExchanged(Sought what, Evidence data) {
        Pairs pairs = data.pairs();
        return IntStream.range(0, pairs.size()).boxed().flatMapToDouble(i -> DoubleStream.concat(
                exchangedDigits(pairs.x(i)).flatMap(x -> value(what, data.moments().replaced(pairs.x(i), pairs.y(i), x, pairs.y(i), pairs.count(i)))),
                exchangedDigits(pairs.y(i)).flatMap(y -> value(what, data.moments().replaced(pairs.x(i), pairs.y(i), pairs.x(i), y, pairs.count(i))))));
    }

    /** A value with each two different neighbouring digits exchanged in turn. */
    static DoubleStream exchangedDigits(double value) {
        String text = BigDecimal.valueOf(value).toPlainString();
        String digits = text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
        return IntStream.range(0, digits.length() - 1).mapToObj(i -> {
            int next = digits.charAt(i + 1) == '.' ? i + 2 : i + 1;
            char a = digits.charAt(i);
            if (!Character.isDigit(a) || next >= digits.length() || !Character.isDigit(digits.charAt(next)) || digits.charAt(next) == a) {
                return "";
            }
            StringBuilder changed = new StringBuilder(digits);
            changed.setCharAt(i, digits.charAt(next));
            changed.setCharAt(next, a);
            return changed.toString();
        }).filter(it -> !it.isEmpty()).mapToDouble(Double::parseDouble);
    }

    private static double[] reversed(double[] up) {
        return IntStream.range(0, up.length).mapToDouble(i -> up[up.length - 1 - i]).toArray();
    }

    private static DoubleStream all(Sought what, Evidence data, IntFunction<Moments> changed) {
        return IntStream.range(0, data.pairs().size()).mapToObj(changed).flatMapToDouble(it -> value(what, it));
    }

    private static DoubleStream value(Sought what, Moments moments) {
        return moments.value(what).stream();
    }

    private static DoubleStream concat(DoubleStream... streams) {
        return Arrays.stream(streams).flatMapToDouble(it -> it);
    }
}
