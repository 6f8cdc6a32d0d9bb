package hestra.fit;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.numbers.DoubleDouble;

/**
 * The columns of a curve that is linear in its coefficients, in a form that keeps their sizes near 1: what is solved are
 * coefficients of these columns, which are then turned into those of the equation, exactly but for double-double rounding.
 */
sealed interface Basis {

    /** The number of columns. */
    int size();

    /** The columns' values at x, where they are defined, as unevaluated sums. */
    void at(double x, double[] hi, double[] lo);

    /** What x must be for the columns to be defined, in words; empty for any finite x. */
    String domain();

    boolean isDefined(double x);

    /** The names of the equation's coefficients. */
    List<String> names();

    /** The equation's coefficients from those of the columns. */
    DoubleDouble[] toEquation(DoubleDouble[] ofColumns);

    /** Whether one of the columns is constant. */
    boolean hasConstant();

    /**
     * The powers 1, t, t², … of t = (x − c) ÷ 2^k with a double c near the middle of the data and |t| ≤ 1 on the data: the
     * difference and the division are exact, so a large offset of x costs nothing.
     */
    record Powers(int degree, double centre, int power) implements Basis {

        static Powers of(Pairs pairs, int degree) {
            Interval support = Interval.support(pairs);
            double centre = support.low() / 2 + support.high() / 2;
            double reach = Math.max(centre / 2 - support.low() / 2, support.high() / 2 - centre / 2);
            return new Powers(degree, centre, reach == 0 ? 0 : Math.getExponent(reach) + 2);
        }

        @Override
        public int size() {
            return degree + 1;
        }

        DoubleDouble t(double x) {
            return DoubleDouble.sum(Math.scalb(x, -power), -Math.scalb(centre, -power));
        }

        @Override
        public void at(double x, double[] hi, double[] lo) {
            DoubleDouble t = t(x);
            DoubleDouble value = DoubleDouble.of(1);
            for (int j = 0; j <= degree; j++) {
                hi[j] = value.hi();
                lo[j] = value.lo();
                value = value.times(t);
            }
        }

        @Override
        public String domain() {
            return "";
        }

        @Override
        public boolean isDefined(double x) {
            return true;
        }

        @Override
        public List<String> names() {
            return IntStream.rangeClosed(0, degree).mapToObj(j -> j == 0 ? "intercept" : j == 1 ? "x" : "x^" + j).toList();
        }

        /** Expands Σ cⱼ ((x − c) ÷ 2^k)ʲ by Horner's rule in x. */
        @Override
        public DoubleDouble[] toEquation(DoubleDouble[] ofColumns) {
            DoubleDouble[] expanded = new DoubleDouble[degree + 1];
            Arrays.fill(expanded, DoubleDouble.ZERO);
            DoubleDouble minusCentre = DoubleDouble.of(-centre);
            for (int j = degree; j >= 0; j--) {
                for (int i = degree; i >= 0; i--) {
                    DoubleDouble raised = i == 0 ? DoubleDouble.ZERO : expanded[i - 1];
                    expanded[i] = raised.plus(expanded[i].times(minusCentre)).scaled(-power);
                }
                expanded[0] = expanded[0].plus(ofColumns[j]);
            }
            return expanded;
        }

        @Override
        public boolean hasConstant() {
            return true;
        }
    }

    /** Chosen terms, each divided by the power of two that makes its greatest size on the data about 1. */
    record Terms(List<Term> terms, List<String> names, int[] powers) implements Basis {

        static Terms of(Pairs pairs, List<Term> terms, List<String> names) {
            int[] powers = terms.stream()
                    .mapToInt(term -> {
                        double greatest = pairs.xs().map(x -> Math.abs(term.at(x).hi())).max().orElse(0);
                        return greatest == 0 || !Double.isFinite(greatest) ? 0 : Math.getExponent(greatest) + 1;
                    }).toArray();
            return new Terms(terms, names, powers);
        }

        @Override
        public int size() {
            return terms.size();
        }

        @Override
        public void at(double x, double[] hi, double[] lo) {
            for (int j = 0; j < powers.length; j++) {
                DoubleDouble value = terms.get(j).at(x).scaled(-powers[j]);
                hi[j] = value.hi();
                lo[j] = value.lo();
            }
        }

        @Override
        public String domain() {
            return String.join(" and ", terms.stream().map(Term::domain).filter(it -> !it.isEmpty()).distinct().toList());
        }

        @Override
        public boolean isDefined(double x) {
            return terms.stream().allMatch(term -> term.isDefined(x));
        }

        @Override
        public DoubleDouble[] toEquation(DoubleDouble[] ofColumns) {
            DoubleDouble[] scaled = new DoubleDouble[ofColumns.length];
            for (int j = 0; j < scaled.length; j++) {
                scaled[j] = ofColumns[j].scaled(-powers[j]);
            }
            return scaled;
        }

        @Override
        public boolean hasConstant() {
            return terms.contains(Term.ONE);
        }
    }
}
