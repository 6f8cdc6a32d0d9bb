package hestra.targets;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.DoubleStream;

import hestra.data.PointChange;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Diagnostics;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.TrialFit;
import hestra.numbers.Accumulator;

/** What a condition looks at. */
public sealed interface Measure {

    /** Its value as things stand; nothing where it has none. */
    OptionalDouble of(Situation now);

    /** What it is, in a few words. */
    String inWords();

    /** Whether its values are whole numbers. */
    default boolean isCount() {
        return false;
    }

    /** Whether it is never below 0. */
    default boolean isSize() {
        return isCount();
    }

    /** Whether it needs a line of least squares. */
    default boolean needsLine() {
        return !isCount();
    }

    /** A value of the line or of the points. */
    record Value(Quantity quantity) implements Measure {
        @Override
        public OptionalDouble of(Situation now) {
            return switch (quantity) {
                case R, R_SQUARED -> notQuiteOne(now.evidence().value(quantity), now);
                case MEAN_X -> mean(now.pairs().xs(), now);
                case MEAN_Y -> mean(now.pairs().ys(), now);
                default -> now.evidence().value(quantity);
            };
        }

        /** Where points lie off the line it is not 1, however near: a double may round it up to that. */
        private static OptionalDouble notQuiteOne(OptionalDouble value, Situation now) {
            return value.isPresent() && Math.abs(value.getAsDouble()) >= 1 && now.line().orElseThrow().sse() > 0
                    ? OptionalDouble.of(Math.copySign(Math.nextDown(1.0), value.getAsDouble())) : value;
        }

        private static OptionalDouble mean(DoubleStream values, Situation now) {
            if (now.pairs().n() == 0) {
                return OptionalDouble.empty();
            }
            double[] all = values.toArray();
            Accumulator sum = new Accumulator();
            for (int i = 0; i < all.length; i++) {
                sum.addProduct(all[i], now.pairs().count(i));
            }
            return OptionalDouble.of(sum.sum().dividedBy(now.pairs().n()).toDouble());
        }

        @Override
        public String inWords() {
            return switch (quantity) {
                case N -> "number of points";
                case SLOPE -> "slope";
                case INTERCEPT -> "intercept";
                case R -> "r";
                case R_SQUARED -> "R\u00b2";
                case RESIDUAL_STANDARD_ERROR -> "residual standard error s";
                case MEAN_X -> "mean of x";
                case MEAN_Y -> "mean of y";
                default -> quantity.inWords();
            };
        }

        @Override
        public boolean isCount() {
            return quantity == Quantity.N;
        }

        @Override
        public boolean isSize() {
            return quantity == Quantity.N || quantity == Quantity.R_SQUARED || quantity == Quantity.RESIDUAL_STANDARD_ERROR;
        }

        @Override
        public boolean needsLine() {
            return quantity != Quantity.N && quantity != Quantity.MEAN_X && quantity != Quantity.MEAN_Y;
        }
    }

    /**
     * What the line makes of a point, or the greatest of all.
     *
     * @param row of what was given out, from 0; those beyond count the points that were added, in the order of the table; nothing
     *     for the greatest
     */
    record OfPoint(OptionalInt row, PointMeasure measure) implements Measure {
        public OfPoint {
            if (row.isPresent() && row.getAsInt() < 0) {
                throw new IllegalArgumentException("row " + row);
            }
        }

        @Override
        public OptionalDouble of(Situation now) {
            if (row.isEmpty()) {
                return now.diagnostics().stream().map(measure::of).flatMapToDouble(OptionalDouble::stream).map(Math::abs).max();
            }
            int place = now.held().placeOf(row.getAsInt(), now.start().rows());
            return place < 0 || now.diagnostics().isEmpty() ? OptionalDouble.empty() : measure.of(now.diagnostics().get(place));
        }

        @Override
        public String inWords() {
            return row.isEmpty() ? "greatest " + measure.inWords() : measure.inWords() + " of point " + (row.getAsInt() + 1);
        }

        @Override
        public boolean isSize() {
            return row.isEmpty() || measure != PointMeasure.RESIDUAL;
        }
    }

    /** How many points were moved, added or removed since the start. */
    record Changed(PointChange change) implements Measure {
        @Override
        public OptionalDouble of(Situation now) {
            return OptionalDouble.of(switch (change) {
                case MOVE -> now.moved();
                case ADD -> now.added();
                case REMOVE -> now.removed();
            });
        }

        @Override
        public String inWords() {
            return switch (change) {
                case MOVE -> "points moved";
                case ADD -> "points added";
                case REMOVE -> "points removed";
            };
        }

        @Override
        public boolean isCount() {
            return true;
        }
    }

    /** How many of the given points were moved or removed, but those of some rows. */
    record Touched(Set<Integer> but) implements Measure {
        public Touched {
            but = Set.copyOf(but);
        }

        @Override
        public OptionalDouble of(Situation now) {
            return OptionalDouble.of(now.touched(but));
        }

        @Override
        public String inWords() {
            return but.isEmpty() ? "given points moved or removed"
                    : "points moved or removed other than point "
                    + String.join(", ", but.stream().sorted().map(row -> Integer.toString(row + 1)).toList());
        }

        @Override
        public boolean isCount() {
            return true;
        }
    }

    /** By how much the adjusted R² of a curve is above that of the line. */
    record Gain(Curve curve) implements Measure {
        @Override
        public OptionalDouble of(Situation now) {
            Optional<CurveFit> fitted = LeastSquares.fit(curve, now.pairs()).curveFit();
            OptionalDouble bent = fitted.map(it -> it.goodness().adjustedRSquared()).orElse(OptionalDouble.empty());
            OptionalDouble straight = now.line().map(LineFit::adjustedRSquared).orElse(OptionalDouble.empty());
            return bent.isPresent() && straight.isPresent()
                    ? OptionalDouble.of(bent.getAsDouble() - straight.getAsDouble()) : OptionalDouble.empty();
        }

        @Override
        public String inWords() {
            return "adjusted R\u00b2 of the " + curve.inWords() + " less that of the line";
        }
    }

    /** The sum of squares of the line by eye, as a multiple of the least. */
    record ByEye() implements Measure {
        @Override
        public OptionalDouble of(Situation now) {
            Optional<TrialFit> tried = now.held().byEye().filter(it -> it.curve() instanceof Curve.Line)
                    .flatMap(it -> it.on(now.pairs()));
            return tried.isEmpty() || now.line().isEmpty()
                    ? OptionalDouble.empty() : ratio(tried.get().sumOfSquares(), now.line().get().sse());
        }

        /** A multiple of the least, which nothing is below; nothing where the least is 0 and this is not. */
        public static OptionalDouble ratio(double squares, double least) {
            return squares <= least ? OptionalDouble.of(1)
                    : least == 0 ? OptionalDouble.empty()
                    : OptionalDouble.of(squares / least);
        }

        @Override
        public String inWords() {
            return "squares of the line by eye \u00f7 the least";
        }

        @Override
        public boolean isSize() {
            return true;
        }
    }

    /** How many points lie on the line or on one side of it. */
    record OnSide(boolean above) implements Measure {
        @Override
        public OptionalDouble of(Situation now) {
            if (now.line().isEmpty()) {
                return OptionalDouble.empty();
            }
            double least = now.diagnostics().stream().mapToDouble(Diagnostics.Point::y).min().orElse(0);
            double greatest = now.diagnostics().stream().mapToDouble(Diagnostics.Point::y).max().orElse(0);
            double near = Tolerance.of(least, greatest);
            return OptionalDouble.of(now.diagnostics().stream()
                    .filter(it -> above ? it.residual() >= -near : it.residual() <= near).count());
        }

        @Override
        public String inWords() {
            return above ? "points on or above the line" : "points on or below the line";
        }

        @Override
        public boolean isCount() {
            return true;
        }

        @Override
        public boolean needsLine() {
            return true;
        }
    }

    /** How far above or below the mean point the line runs. */
    record PastMean() implements Measure {
        @Override
        public OptionalDouble of(Situation now) {
            return now.line().map(line -> {
                double miss = Math.abs(line.at(line.meanX()) - line.meanY());
                double[] ys = now.pairs().ys().toArray();
                return OptionalDouble.of(miss <= Tolerance.of(DoubleStream.of(ys).min().orElse(0), DoubleStream.of(ys)
                        .max().orElse(0)) ? 0 : miss);
            }).orElse(OptionalDouble.empty());
        }

        @Override
        public String inWords() {
            return "distance of the line from the mean point";
        }

        @Override
        public boolean isSize() {
            return true;
        }
    }
}
