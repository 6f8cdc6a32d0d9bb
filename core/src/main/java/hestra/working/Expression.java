package hestra.working;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;

/** A part of a formula. */
sealed interface Expression {

    /** Where x and y stand, inside a sum or mean. */
    record Place(double x, double y) {}

    /** A part without a value, and where it stands in the text. */
    final class Undefined extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final int at;

        Undefined(int at, String message) {
            super(message, null, false, false);
            this.at = at;
        }

        int at() {
            return at;
        }
    }

    /** The finite value. */
    double value(Evaluation results, Place place);

    record Figure(double value) implements Expression {
        @Override
        public double value(Evaluation results, Place place) {
            return value;
        }
    }

    record Name(String name, int at) implements Expression {
        @Override
        public double value(Evaluation results, Place place) {
            return switch (results.value(name)) {
                case Results.Known(double value) -> value;
                case Results.Missing(String message) -> throw new Undefined(at, message);
            };
        }
    }

    /** x or y of one pair. */
    record OfPair(boolean isX) implements Expression {
        @Override
        public double value(Evaluation results, Place place) {
            return isX ? place.x : place.y;
        }
    }

    /** Σ over all pairs, each as often as it was observed, or that divided by n. */
    record OverPairs(boolean isMean, Expression each, int at) implements Expression {
        @Override
        public double value(Evaluation results, Place place) {
            Pairs pairs = results.pairs();
            if (pairs.n() == 0) {
                throw new Undefined(at, "There are no pairs to sum over yet.");
            }
            Accumulator sum = new Accumulator();
            for (int i = 0; i < pairs.size(); i++) {
                sum.add(DoubleDouble.product(each.value(results, new Place(pairs.x(i), pairs.y(i))), pairs.count(i)));
            }
            return finite(isMean ? sum.sum().dividedBy(pairs.n()).toDouble() : sum.sum().toDouble(), at);
        }
    }

    record Negated(Expression of) implements Expression {
        @Override
        public double value(Evaluation results, Place place) {
            return -of.value(results, place);
        }
    }

    record Operation(char sign, Expression left, Expression right, int at) implements Expression {
        @Override
        public double value(Evaluation results, Place place) {
            double a = left.value(results, place);
            double b = right.value(results, place);
            return switch (sign) {
                case '+' -> finite(a + b, at);
                case '-' -> finite(a - b, at);
                case '*' -> finite(a * b, at);
                case '/' -> {
                    if (b == 0) {
                        throw new Undefined(at, "This divides by zero.");
                    }
                    yield finite(a / b, at);
                }
                case '^' -> {
                    if (a == 0 && b < 0) {
                        throw new Undefined(at, "This divides by zero: 0 to a negative power.");
                    }
                    if (a < 0 && b != Math.rint(b)) {
                        throw new Undefined(at, "A negative number has no such power.");
                    }
                    yield finite(Math.pow(a, b), at);
                }
                default -> throw new IllegalStateException("sign " + sign);
            };
        }
    }

    /** A function of one value. */
    enum Function {
        LN("ln"),
        LOG10("log10"),
        EXP("exp"),
        SQRT("sqrt"),
        ABS("abs");

        private final String name;

        Function(String name) {
            this.name = name;
        }

        String inText() {
            return name;
        }
    }

    record Call(Function function, Expression of, int at) implements Expression {
        @Override
        public double value(Evaluation results, Place place) {
            double value = of.value(results, place);
            return switch (function) {
                case LN, LOG10 -> {
                    if (value <= 0) {
                        throw new Undefined(at, function.name + " needs a number above 0.");
                    }
                    yield function == Function.LN ? Math.log(value) : Math.log10(value);
                }
                case SQRT -> {
                    if (value < 0) {
                        throw new Undefined(at, "A negative number has no square root.");
                    }
                    yield Math.sqrt(value);
                }
                case EXP -> finite(Math.exp(value), at);
                case ABS -> Math.abs(value);
            };
        }
    }

    private static double finite(double value, int at) {
        if (!Double.isFinite(value)) {
            throw new Undefined(at, "This is larger than can be computed with.");
        }
        return value;
    }
}
