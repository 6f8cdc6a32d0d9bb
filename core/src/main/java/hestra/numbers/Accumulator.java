package hestra.numbers;

/**
 * A running sum with twice the digits of a double. What each addition rounds off is kept and added at the end, so the
 * error is about n · 2⁻¹⁰⁶ of the sum of sizes, however many terms there are. Makes no objects while it adds.
 *
 * <p>Domain: finite terms whose products neither overflow nor fall below about 10⁻²⁹⁰.
 *
 * @see <a href="https://doi.org/10.1137/030601818">T. Ogita, S. M. Rump, S. Oishi, Accurate sum and dot product, SIAM J.
 *     Sci. Comput. 26 (2005), algorithms Sum2 and Dot2</a>
 */
public final class Accumulator {

    private double hi;
    private double lo;

    /** Nothing yet. */
    public Accumulator() {
        // Both parts are 0.
    }

    public void add(double value) {
        double s = hi + value;
        double bb = s - hi;
        lo += (hi - (s - bb)) + (value - bb);
        hi = s;
    }

    /** Adds the unevaluated sum of two doubles. */
    public void add(double valueHi, double valueLo) {
        add(valueHi);
        lo += valueLo;
    }

    public void add(DoubleDouble value) {
        add(value.hi(), value.lo());
    }

    /** Adds the product of two doubles, exactly formed. */
    public void addProduct(double a, double b) {
        double p = a * b;
        double error = Math.fma(a, b, -p);
        add(p, error);
    }

    /** Adds the product of two unevaluated sums. */
    public void addProduct(double aHi, double aLo, double bHi, double bLo) {
        double p = aHi * bHi;
        double error = Math.fma(aHi, bHi, -p) + (aHi * bLo + aLo * bHi);
        add(p, error);
    }

    public DoubleDouble sum() {
        return DoubleDouble.sum(hi, lo);
    }
}
