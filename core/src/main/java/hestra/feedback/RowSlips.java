package hestra.feedback;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Pairs;

/**
 * What comes out with a slip in the rows of the data, each row tried. Each way of slipping is worked out once for a set of data.
 */
enum RowSlips {
    /** With a row left out. */
    LEFT_OUT {
        @Override
        Stream<Moments> made(Evidence data) {
            Pairs pairs = data.pairs();
            return rows(data).mapToObj(i -> data.moments().with(pairs.x(i), pairs.y(i), -pairs.count(i)));
        }
    },

    /** With a row twice; with the heading taken as a pair of zeros; with an empty cell taken as 0. */
    TOO_MANY {
        @Override
        Stream<Moments> made(Evidence data) {
            Pairs pairs = data.pairs();
            Stream<Moments> emptied = data.emptied().stream().map(it -> data.moments().with(it.x(), it.y(), 1));
            return Stream.concat(Stream.concat(Stream.of(data.moments().with(0, 0, 1)), emptied), rows(data)
                    .mapToObj(i -> data.moments().with(pairs.x(i), pairs.y(i), 1)));
        }
    },

    /** With one column moved against the other by a row, down or up. */
    SLIPPED {
        @Override
        Stream<Moments> made(Evidence data) {
            double[] x = data.pairs().xs().toArray();
            double[] y = data.pairs().ys().toArray();
            int n = x.length;
            if (n < 3 || data.pairs().hasCounts()) {
                return Stream.empty();
            }
            double[] down = IntStream.range(0, n).mapToDouble(i -> y[(i + n - 1) % n]).toArray();
            double[] up = IntStream.range(0, n).mapToDouble(i -> y[(i + 1) % n]).toArray();
            return Stream.of(Moments.of(x, down), Moments.of(x, up),
                    Moments.of(Arrays.copyOfRange(x, 1, n), Arrays.copyOf(y, n - 1)),
                    Moments.of(Arrays.copyOf(x, n - 1), Arrays.copyOfRange(y, 1, n)));
        }
    },

    /** With the y of two neighbouring rows exchanged. */
    EXCHANGED {
        @Override
        Stream<Moments> made(Evidence data) {
            Pairs pairs = data.pairs();
            return rows(data).limit(Math.max(0, pairs.size() - 1)).mapToObj(i -> data.moments()
                    .replaced(pairs.x(i), pairs.y(i), pairs.x(i), pairs.y(i + 1), 1)
                    .replaced(pairs.x(i + 1), pairs.y(i + 1), pairs.x(i + 1), pairs.y(i), 1));
        }
    },

    /** With one column sorted alone, up or down. */
    SORTED {
        @Override
        Stream<Moments> made(Evidence data) {
            if (data.pairs().hasCounts()) {
                return Stream.empty();
            }
            double[] x = data.pairs().xs().toArray();
            double[] y = data.pairs().ys().toArray();
            double[] xUp = Arrays.stream(x).sorted().toArray();
            double[] yUp = Arrays.stream(y).sorted().toArray();
            return Stream.of(Moments.of(x, yUp), Moments.of(x, reversed(yUp)), Moments.of(xUp, y), Moments.of(reversed(xUp), y),
                    Moments.of(xUp, yUp));
        }
    },

    /** With the decimal point of one value moved by a place. */
    DECIMAL_MOVED {
        @Override
        Stream<Moments> made(Evidence data) {
            Pairs pairs = data.pairs();
            return rows(data).boxed().flatMap(i -> Stream.of(0.1, 10.0).flatMap(by -> Stream.of(
                    data.moments().replaced(pairs.x(i), pairs.y(i), pairs.x(i) * by, pairs.y(i), pairs.count(i)),
                    data.moments().replaced(pairs.x(i), pairs.y(i), pairs.x(i), pairs.y(i) * by, pairs.count(i)))));
        }
    },

    /** With two neighbouring digits of one value exchanged. */
    DIGITS_EXCHANGED {
        @Override
        Stream<Moments> made(Evidence data) {
            Pairs pairs = data.pairs();
            return rows(data).boxed().flatMap(i -> Stream.concat(
                    exchangedDigits(pairs.x(i)).mapToObj(x -> data.moments()
                            .replaced(pairs.x(i), pairs.y(i), x, pairs.y(i), pairs.count(i))),
                    exchangedDigits(pairs.y(i)).mapToObj(y -> data.moments()
                            .replaced(pairs.x(i), pairs.y(i), pairs.x(i), y, pairs.count(i)))));
        }
    };

    /** In longer tables nobody works by hand. */
    private static final int MOST_ROWS = 1000;

    /** The data with each slip of this sort. */
    abstract Stream<Moments> made(Evidence data);

    /** What is sought, with each slip of this sort. */
    DoubleStream values(Sought what, Evidence data) {
        return data.slips(this).stream().flatMapToDouble(it -> it.value(what).stream());
    }

    private static IntStream rows(Evidence data) {
        int size = data.pairs().size();
        return IntStream.range(0, size > MOST_ROWS ? 0 : size);
    }

    /** A value with each two different neighbouring digits exchanged in turn. */
    static DoubleStream exchangedDigits(double value) {
        String text = BigDecimal.valueOf(value).toPlainString();
        String digits = text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
        return IntStream.range(0, digits.length() - 1).mapToObj(i -> {
            int next = digits.charAt(i + 1) == '.' ? i + 2 : i + 1;
            char a = digits.charAt(i);
            if (!Character.isDigit(a) || next >= digits.length() || !Character.isDigit(digits.charAt(next))
                    || digits.charAt(next) == a) {
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
}
