package hestra.exercise;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.feedback.Reading;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.numbers.NumberStyle;
import hestra.task.AsksNumbers;
import hestra.task.Truth;

/** What the data of every variant have to be like. */
public sealed interface Wish {

    /**
     * By how much a part misses it: 0 where it is met, and more the further off; infinite where the data do not define what it is
     * about.
     *
     * @param part the part with its data as they were drawn
     * @param truth what is right in them
     */
    double shortfall(Part part, Truth truth);

    /** What is wished, in a few words: "r between −0.9 and −0.7". */
    String inWords(NumberStyle style);

    /** How it stands, in a few words, for one that is missed: "r is −0.65". */
    String found(Part part, Truth truth);

    /** Whether it is about the tasks, and so is looked at last. */
    default boolean isOfTasks() {
        return false;
    }

    /**
     * A value lies between two bounds.
     *
     * @param reading which value
     * @param low the least; nothing for any
     * @param high the greatest; nothing for any
     */
    record Between(Reading reading, OptionalDouble low, OptionalDouble high) implements Wish {

        public Between {
            if (low.orElse(0) > high.orElse(Double.POSITIVE_INFINITY) && low.isPresent()) {
                throw new IllegalArgumentException("from " + low + " to " + high);
            }
        }

        @Override
        public double shortfall(Part part, Truth truth) {
            OptionalDouble value = truth.evidence().value(reading);
            if (value.isEmpty()) {
                return Double.POSITIVE_INFINITY;
            }
            double off = Math.max(low.orElse(Double.NEGATIVE_INFINITY) - value.getAsDouble(),
                    value.getAsDouble() - high.orElse(Double.POSITIVE_INFINITY));
            return off <= 0 ? 0 : off / unit();
        }

        /** What counts as far off: the width, or the size of the bounds, or 1. */
        private double unit() {
            double width = low.isPresent() && high.isPresent() ? high.getAsDouble() - low.getAsDouble() : 0;
            double size = Math.max(Math.abs(low.orElse(0)), Math.abs(high.orElse(0)));
            return width > 0 ? width : size > 0 ? size : 1;
        }

        @Override
        public String inWords(NumberStyle style) {
            String what = reading.inWords();
            return low.isPresent() && high.isPresent()
                    ? what + " between " + style.shortest(low.getAsDouble()) + " and " + style.shortest(high.getAsDouble())
                    : low.isPresent()
                    ? what + " at least " + style.shortest(low.getAsDouble())
                    : what + " at most " + high.stream().mapToObj(style::shortest).findFirst().orElse("");
        }

        @Override
        public String found(Part part, Truth truth) {
            OptionalDouble value = truth.evidence().value(reading);
            return value.isPresent()
                    ? reading.inWords() + " is " + truth.style().show(value.getAsDouble())
                    : reading.inWords() + " is not defined";
        }
    }

    /**
     * One curve fits better than another.
     *
     * @param better the one
     * @param than the other
     * @param by by how much its adjusted R² is greater, at least
     */
    record Better(Curve better, Curve than, double by) implements Wish {

        private OptionalDouble difference(Truth truth) {
            Optional<OptionalDouble> one = adjusted(better, truth);
            Optional<OptionalDouble> other = adjusted(than, truth);
            return one.isPresent() && other.isPresent() && one.get().isPresent() && other.get().isPresent()
                    ? OptionalDouble.of(one.get().getAsDouble() - other.get().getAsDouble()) : OptionalDouble.empty();
        }

        private static Optional<OptionalDouble> adjusted(Curve curve, Truth truth) {
            return truth.evidence().fit(curve).curveFit().map(CurveFit::goodness).map(it -> it.adjustedRSquared());
        }

        @Override
        public double shortfall(Part part, Truth truth) {
            OptionalDouble found = difference(truth);
            return found.isEmpty()
                    ? Double.POSITIVE_INFINITY : Math.max(0, by - found.getAsDouble()) / Math.max(Math.abs(by), 0.01);
        }

        @Override
        public String inWords(NumberStyle style) {
            return "adjusted R² of the " + better.inWords() + " above that of the " + than.inWords() + " by "
                    + style.shortest(by);
        }

        @Override
        public String found(Part part, Truth truth) {
            OptionalDouble found = difference(truth);
            return found.isPresent()
                    ? "it is above by " + truth.style().show(found.getAsDouble()) : "one of the two cannot be fitted";
        }
    }

    /** No key lies within a tenth of a rounding step of a half. */
    record KeysClear() implements Wish {

        private static final double CLEAR = 0.1;

        private static long near(Part part, Truth truth) {
            return part.tasks().stream().flatMap(task -> AsksNumbers.of(task, truth).stream())
                    .filter(judge -> judge.isNearHalf(CLEAR)).count();
        }

        @Override
        public double shortfall(Part part, Truth truth) {
            return near(part, truth);
        }

        @Override
        public String inWords(NumberStyle style) {
            return "every key clear of a half";
        }

        @Override
        public String found(Part part, Truth truth) {
            long near = near(part, truth);
            return near == 1 ? "1 key is near a half" : near + " keys are near a half";
        }

        @Override
        public boolean isOfTasks() {
            return true;
        }
    }

    /** Every plain mistake can be told from the key at the rounding that is asked for. */
    record MistakesTold() implements Wish {

        private static long alike(Part part, Truth truth) {
            return part.tasks().stream().flatMap(task -> AsksNumbers.of(task, truth).stream())
                    .mapToLong(judge -> judge.alike().size()).sum();
        }

        @Override
        public double shortfall(Part part, Truth truth) {
            return alike(part, truth);
        }

        @Override
        public String inWords(NumberStyle style) {
            return "every mistake told from the key";
        }

        @Override
        public String found(Part part, Truth truth) {
            long alike = alike(part, truth);
            return alike == 1 ? "1 mistake gives the key" : alike + " mistakes give the key";
        }

        @Override
        public boolean isOfTasks() {
            return true;
        }
    }
}
