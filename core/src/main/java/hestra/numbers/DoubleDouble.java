package hestra.numbers;

/**
 * An unevaluated sum of two doubles, {@code hi + lo} with {@code |lo| ≤ ½ ulp(hi)}: about 32 significant digits.
 *
 * <p>Sums use Knuth's two-sum, products a fused multiply-add. The error of one operation is a few units in 2⁻¹⁰⁴ of
 * its result. Domain: finite values whose products neither overflow nor fall below about 10⁻²⁹⁰, so callers scale by a
 * power of two first.
 *
 * @param hi the value rounded to a double
 * @param lo what {@code hi} leaves over
 * @see <a href="https://doi.org/10.1007/BF01397083">T. J. Dekker, A floating-point technique for extending the
 *     available precision, Numerische Mathematik 18 (1971)</a>
 * @see "D. E. Knuth, The Art of Computer Programming, vol. 2, section 4.2.2, theorem B"
 * @see <a href="https://doi.org/10.1145/3121432">M. Joldes, J.-M. Muller, V. Popescu, Tight and rigorous error bounds
 *     for basic building blocks of double-word arithmetic, ACM TOMS 44 (2017)</a>
 */
public record DoubleDouble(double hi, double lo) {

    /** Nothing. */
    public static final DoubleDouble ZERO = new DoubleDouble(0, 0);

    /** Exactly the given double. */
    public static DoubleDouble of(double value) {
        return new DoubleDouble(value, 0);
    }

    /** The exact sum of two doubles. */
    public static DoubleDouble sum(double a, double b) {
        double s = a + b;
        double bb = s - a;
        return new DoubleDouble(s, (a - (s - bb)) + (b - bb));
    }

    /** The exact product of two doubles. */
    public static DoubleDouble product(double a, double b) {
        double p = a * b;
        return new DoubleDouble(p, Math.fma(a, b, -p));
    }

    public DoubleDouble plus(DoubleDouble other) {
        DoubleDouble s = sum(hi, other.hi);
        DoubleDouble t = sum(lo, other.lo);
        DoubleDouble v = quickSum(s.hi, s.lo + t.hi);
        return quickSum(v.hi, t.lo + v.lo);
    }

    public DoubleDouble plus(double other) {
        DoubleDouble s = sum(hi, other);
        return quickSum(s.hi, s.lo + lo);
    }

    public DoubleDouble minus(DoubleDouble other) {
        return plus(other.negated());
    }

    public DoubleDouble negated() {
        return new DoubleDouble(-hi, -lo);
    }

    public DoubleDouble times(DoubleDouble other) {
        DoubleDouble p = product(hi, other.hi);
        double cross = Math.fma(hi, other.lo, lo * other.hi);
        return quickSum(p.hi, p.lo + cross);
    }

    public DoubleDouble times(double other) {
        DoubleDouble p = product(hi, other);
        return quickSum(p.hi, Math.fma(lo, other, p.lo));
    }

    public DoubleDouble squared() {
        return times(this);
    }

    /** The quotient; {@code other} must not be zero. */
    public DoubleDouble dividedBy(DoubleDouble other) {
        double q1 = hi / other.hi;
        DoubleDouble rest = minus(other.times(q1));
        double q2 = rest.hi / other.hi;
        rest = rest.minus(other.times(q2));
        double q3 = rest.hi / other.hi;
        return quickSum(q1, q2).plus(q3);
    }

    public DoubleDouble dividedBy(double other) {
        return dividedBy(of(other));
    }

    /** The square root of a value that is not negative; nothing for zero. */
    public DoubleDouble sqrt() {
        if (hi <= 0) {
            return ZERO;
        }
        double first = Math.sqrt(hi);
        DoubleDouble rest = minus(product(first, first));
        return quickSum(first, rest.hi / (2 * first));
    }

    /** This value times 2 to the given power, exactly as long as nothing leaves the range of a double. */
    public DoubleDouble scaled(int powerOfTwo) {
        return new DoubleDouble(Math.scalb(hi, powerOfTwo), Math.scalb(lo, powerOfTwo));
    }

    public double toDouble() {
        return hi + lo;
    }

    private static DoubleDouble quickSum(double large, double small) {
        double s = large + small;
        return new DoubleDouble(s, small - (s - large));
    }
}
