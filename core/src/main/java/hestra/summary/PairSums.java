package hestra.summary;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;

/**
 * The sums that a straight line and a correlation follow from: n, Σu, Σv, Σu², Σuv and Σv² of u = (x − cₓ) ÷ 2^p and
 * v = (y − c_y) ÷ 2^q. The centre (cₓ, c_y) is a double near the middle of the data and the powers make the sizes about 1,
 * so that neither a large offset nor an extreme unit costs digits. The differences are formed exactly and summed in
 * double-double arithmetic, so Sxx = Σu² − (Σu)² ÷ n and the like are right to about 28 digits.
 *
 * <p>Immutable. A pair can be {@linkplain #replaced replaced} without going through the others again.
 *
 * @see Accumulator
 * @see <a href="https://doi.org/10.1080/00031305.1983.10483115">T. F. Chan, G. H. Golub, R. J. LeVeque, Algorithms for
 *     computing the sample variance, The American Statistician 37 (1983): shifted data</a>
 */
public final class PairSums {

    /** From this many pairs on, plain doubles summed in blocks are tried first. */
    private static final int MANY = 512;

    /** Where the exponents of all values lie within ± this, no power needs to be taken out. */
    private static final int SAFE_EXPONENT = 200;

    private final Frame frame;
    private final long n;
    private final DoubleDouble u;
    private final DoubleDouble v;
    private final DoubleDouble uu;
    private final DoubleDouble uv;
    private final DoubleDouble vv;
    private final DoubleDouble squaredResiduals;

    /**
     * Where the sums are taken from.
     *
     * @param centreX subtracted from x
     * @param centreY subtracted from y
     * @param xPower differences in x are divided by 2 to this power
     * @param yPower differences in y are divided by 2 to this power
     */
    record Frame(double centreX, double centreY, int xPower, int yPower) {}

    PairSums(Frame frame, long n, DoubleDouble u, DoubleDouble v, DoubleDouble uu, DoubleDouble uv, DoubleDouble vv) {
        this.frame = frame;
        this.n = n;
        this.u = u;
        this.v = v;
        this.uu = uu;
        this.uv = uv;
        this.vv = vv;
        this.squaredResiduals = null;
    }

    private PairSums(PairSums sums, DoubleDouble squaredResiduals) {
        this.frame = sums.frame;
        this.n = sums.n;
        this.u = sums.u;
        this.v = sums.v;
        this.uu = sums.uu;
        this.uv = sums.uv;
        this.vv = sums.vv;
        this.squaredResiduals = squaredResiduals;
    }

    /** The same with the squared residuals that were summed by themselves. */
    PairSums withSquaredResiduals(DoubleDouble summed) {
        return new PairSums(this, summed);
    }

    /**
     * The sums of at least one pair, right to at least 13 digits in everything that follows from them. Many pairs without
     * counts are summed in plain doubles where that is shown to be enough, else in double-double arithmetic.
     */
    public static PairSums of(Pairs pairs) {
        return pairs.size() >= MANY && !pairs.hasCounts() ? BlockSums.of(pairs).orElseGet(() -> exactly(pairs)) : exactly(pairs);
    }

    /** The sums of at least one pair, in double-double arithmetic whatever their number. */
    public static PairSums exactly(Pairs pairs) {
        Frame frame = frame(pairs);
        if (frame.xPower == 0 && frame.yPower == 0 && !pairs.hasCounts()) {
            return plainly(frame, pairs);
        }
        Adder adder = new Adder(frame);
        for (int i = 0; i < pairs.size(); i++) {
            adder.add(pairs.x(i), pairs.y(i), pairs.count(i));
        }
        return adder.sums();
    }

    /**
     * The common case, written out: the accumulators are local variables, which the quick compiler, under which windows run,
     * keeps four times faster than fields.
     */
    private static PairSums plainly(Frame frame, Pairs pairs) {
        double cx = frame.centreX;
        double cy = frame.centreY;
        double u = 0, uRest = 0, v = 0, vRest = 0;
        double uu = 0, uuRest = 0, uv = 0, uvRest = 0, vv = 0, vvRest = 0;
        for (int i = 0; i < pairs.size(); i++) {
            double x = pairs.x(i);
            double a = x - cx;
            double bb = a - x;
            double aRest = (x - (a - bb)) - (cx + bb);
            double y = pairs.y(i);
            double b = y - cy;
            bb = b - y;
            double bRest = (y - (b - bb)) - (cy + bb);
            double s = u + a;
            bb = s - u;
            uRest += ((u - (s - bb)) + (a - bb)) + aRest;
            u = s;
            s = v + b;
            bb = s - v;
            vRest += ((v - (s - bb)) + (b - bb)) + bRest;
            v = s;
            double p = a * a;
            s = uu + p;
            bb = s - uu;
            uuRest += ((uu - (s - bb)) + (p - bb)) + (Math.fma(a, a, -p) + 2 * a * aRest);
            uu = s;
            p = a * b;
            s = uv + p;
            bb = s - uv;
            uvRest += ((uv - (s - bb)) + (p - bb)) + (Math.fma(a, b, -p) + (a * bRest + aRest * b));
            uv = s;
            p = b * b;
            s = vv + p;
            bb = s - vv;
            vvRest += ((vv - (s - bb)) + (p - bb)) + (Math.fma(b, b, -p) + 2 * b * bRest);
            vv = s;
        }
        return new PairSums(frame, pairs.size(), DoubleDouble.sum(u, uRest), DoubleDouble.sum(v, vRest),
                DoubleDouble.sum(uu, uuRest),
                DoubleDouble.sum(uv, uvRest), DoubleDouble.sum(vv, vvRest));
    }

    /** The sums with one observation somewhere else: a fixed number of steps, however many pairs there are. */
    public PairSums replaced(double oldX, double oldY, double newX, double newY) {
        Adder adder = new Adder(frame, this);
        adder.add(oldX, oldY, -1);
        adder.add(newX, newY, 1);
        return adder.sums();
    }

    public long n() {
        return n;
    }

    /** x̄. */
    public DoubleDouble meanX() {
        return u.dividedBy(n).scaled(frame.xPower).plus(frame.centreX);
    }

    /** ȳ. */
    public DoubleDouble meanY() {
        return v.dividedBy(n).scaled(frame.yPower).plus(frame.centreY);
    }

    /** Σ (x − x̄)², divided by 2^(2 · {@link #xPower}). */
    public DoubleDouble sxx() {
        return n == 1 ? DoubleDouble.ZERO : uu.minus(u.squared().dividedBy(n));
    }

    /** Σ (x − x̄)(y − ȳ), divided by 2^({@link #xPower} + {@link #yPower}). */
    public DoubleDouble sxy() {
        return n == 1 ? DoubleDouble.ZERO : uv.minus(u.times(v).dividedBy(n));
    }

    /** Σ (y − ȳ)², divided by 2^(2 · {@link #yPower}). */
    public DoubleDouble syy() {
        return n == 1 ? DoubleDouble.ZERO : vv.minus(v.squared().dividedBy(n));
    }

    /**
     * Σ (y − ŷ)² about the line of least squares, Syy − Sxy² ÷ Sxx, divided by 2^(2 · {@link #yPower}). Below about 10⁻⁹ of
     * Syy it loses digits. Sxx must not be zero.
     */
    public DoubleDouble squaredResiduals() {
        return squaredResiduals != null ? squaredResiduals : syy().minus(sxy().squared().dividedBy(sxx()));
    }

    public int xPower() {
        return frame.xPower;
    }

    public int yPower() {
        return frame.yPower;
    }

    private static Frame frame(Pairs pairs) {
        double centreX = pairs.x(pairs.size() / 2);
        double centreY = pairs.y(pairs.size() / 2);
        double reachX = 0;
        double reachY = 0;
        for (int i = 0; i < pairs.size(); i++) {
            // Halves, since the difference of two finite values may leave the range.
            reachX = Math.max(reachX, Math.abs(pairs.x(i) / 2 - centreX / 2));
            reachY = Math.max(reachY, Math.abs(pairs.y(i) / 2 - centreY / 2));
        }
        return new Frame(centreX, centreY, power(reachX), power(reachY));
    }

    private static int power(double halfReach) {
        if (halfReach == 0) {
            return 0;
        }
        int exponent = Math.getExponent(halfReach) + 2;
        return Math.abs(exponent) <= SAFE_EXPONENT ? 0 : exponent;
    }

    /** Adds pairs up. */
    private static final class Adder {
        private final Frame frame;
        private long n;
        private final Accumulator u = new Accumulator();
        private final Accumulator v = new Accumulator();
        private final Accumulator uu = new Accumulator();
        private final Accumulator uv = new Accumulator();
        private final Accumulator vv = new Accumulator();

        Adder(Frame frame) {
            this.frame = frame;
        }

        Adder(Frame frame, PairSums sums) {
            this(frame);
            n = sums.n;
            u.add(sums.u);
            v.add(sums.v);
            uu.add(sums.uu);
            uv.add(sums.uv);
            vv.add(sums.vv);
        }

        void add(double x, double y, int count) {
            double px = frame.xPower == 0 ? x : Math.scalb(x, -frame.xPower);
            double cx = frame.xPower == 0 ? frame.centreX : Math.scalb(frame.centreX, -frame.xPower);
            double py = frame.yPower == 0 ? y : Math.scalb(y, -frame.yPower);
            double cy = frame.yPower == 0 ? frame.centreY : Math.scalb(frame.centreY, -frame.yPower);
            double uHi = px - cx;
            double bb = uHi - px;
            double uLo = (px - (uHi - bb)) - (cx + bb);
            double vHi = py - cy;
            bb = vHi - py;
            double vLo = (py - (vHi - bb)) - (cy + bb);
            n += count;
            if (count == 1) {
                u.add(uHi, uLo);
                v.add(vHi, vLo);
                uu.addProduct(uHi, uLo, uHi, uLo);
                uv.addProduct(uHi, uLo, vHi, vLo);
                vv.addProduct(vHi, vLo, vHi, vLo);
            } else {
                DoubleDouble du = new DoubleDouble(uHi, uLo);
                DoubleDouble dv = new DoubleDouble(vHi, vLo);
                u.add(du.times(count));
                v.add(dv.times(count));
                uu.add(du.squared().times(count));
                uv.add(du.times(dv).times(count));
                vv.add(dv.squared().times(count));
            }
        }

        PairSums sums() {
            return new PairSums(frame, n, u.sum(), v.sum(), uu.sum(), uv.sum(), vv.sum());
        }
    }
}
