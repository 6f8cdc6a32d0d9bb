package hestra.summary;

import java.util.Optional;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;
/**
 * The sums of many pairs in plain doubles: block by block on two lanes, the blocks then added in double-double arithmetic.
 * All terms of a sum of squares have one sign and a lane adds {@value #BLOCK} ÷ 2 of them, so the relative error of a sum
 * of squares is at most about {@value #BLOCK} ÷ 2 · 2⁻⁵³, and in practice a few units of 2⁻⁵³.
 *
 * <p>What follows from the sums magnifies that error: the slope by 1 ÷ |r|, the sum of squared residuals by 1 ÷ (1 − R²),
 * the intercept by how much of it cancels. Squared residuals that would be magnified more than {@value #MOST_MAGNIFIED}
 * times are summed one by one in a second pass, which magnifies only by 1 ÷ √(1 − R²). Where that is not enough either, or
 * slope or intercept are magnified so, the sums are not good enough, and this says so by giving nothing.
 */
final class BlockSums {

    private static final int BLOCK = 128;
    private static final double MOST_MAGNIFIED = 16;
    private static final double LEAST_LEFT = 1e-4;
    private static final int SAMPLES = 64;
    private static final double LEAST_SAFE = 0x1p-200;
    private static final double GREATEST_SAFE = 0x1p200;

    private BlockSums() {}

    static Optional<PairSums> of(Pairs pairs) {
        return of(pairs, pairs.size(), sampleMean(pairs, true), sampleMean(pairs, false));
    }

    private static Optional<PairSums> of(Pairs pairs, int n, double centreX, double centreY) {
        Accumulator u = new Accumulator();
        Accumulator v = new Accumulator();
        Accumulator uu = new Accumulator();
        Accumulator uv = new Accumulator();
        Accumulator vv = new Accumulator();
        for (int start = 0; start < n; start += BLOCK) {
            int end = Math.min(n, start + BLOCK);
            double u0 = 0, v0 = 0, uu0 = 0, uv0 = 0, vv0 = 0;
            double u1 = 0, v1 = 0, uu1 = 0, uv1 = 0, vv1 = 0;
            int i = start;
            for (; i + 1 < end; i += 2) {
                double a = pairs.x(i) - centreX;
                double b = pairs.y(i) - centreY;
                double c = pairs.x(i + 1) - centreX;
                double d = pairs.y(i + 1) - centreY;
                u0 += a;
                v0 += b;
                uu0 += a * a;
                uv0 += a * b;
                vv0 += b * b;
                u1 += c;
                v1 += d;
                uu1 += c * c;
                uv1 += c * d;
                vv1 += d * d;
            }
            if (i < end) {
                double a = pairs.x(i) - centreX;
                double b = pairs.y(i) - centreY;
                u0 += a;
                v0 += b;
                uu0 += a * a;
                uv0 += a * b;
                vv0 += b * b;
            }
            u.add(u0);
            u.add(u1);
            v.add(v0);
            v.add(v1);
            uu.add(uu0);
            uu.add(uu1);
            uv.add(uv0);
            uv.add(uv1);
            vv.add(vv0);
            vv.add(vv1);
        }
        PairSums sums = new PairSums(new PairSums.Frame(centreX, centreY, 0, 0), n, u.sum(), v.sum(), uu.sum(), uv.sum(),
                vv.sum());
        if (!isEnough(sums, uu.sum().hi(), vv.sum().hi(), centreX, centreY)) {
            return Optional.empty();
        }
        double left = sums.squaredResiduals().hi() / sums.syy().hi();
        if (left * MOST_MAGNIFIED >= 1) {
            return Optional.of(sums);
        }
        return left >= LEAST_LEFT
                ? Optional.of(sums.withSquaredResiduals(squaredResiduals(pairs, sums, centreX, centreY))) : Optional.empty();
    }

    /** The squared residuals about the line, one by one, in blocks as before. */
    private static DoubleDouble squaredResiduals(Pairs pairs, PairSums sums, double centreX, double centreY) {
        double slope = sums.sxy().dividedBy(sums.sxx()).hi();
        double offset = sums.meanY().plus(-centreY).minus(sums.meanX().plus(-centreX).times(slope)).hi();
        Accumulator squares = new Accumulator();
        for (int start = 0; start < pairs.size(); start += BLOCK) {
            int end = Math.min(pairs.size(), start + BLOCK);
            double even = 0;
            double odd = 0;
            int i = start;
            for (; i + 1 < end; i += 2) {
                double a = pairs.y(i) - centreY - offset - slope * (pairs.x(i) - centreX);
                double b = pairs.y(i + 1) - centreY - offset - slope * (pairs.x(i + 1) - centreX);
                even += a * a;
                odd += b * b;
            }
            if (i < end) {
                double a = pairs.y(i) - centreY - offset - slope * (pairs.x(i) - centreX);
                even += a * a;
            }
            squares.add(even);
            squares.add(odd);
        }
        return squares.sum();
    }

    private static boolean isEnough(PairSums sums, double uu, double vv, double centreX, double centreY) {
        double sxx = sums.sxx().hi();
        double sxy = sums.sxy().hi();
        double syy = sums.syy().hi();
        if (!(isSafe(sxx) && isSafe(syy) && isSafe(Math.abs(sxy)) && Math.abs(centreX) < GREATEST_SAFE
                && Math.abs(centreY) < GREATEST_SAFE)) {
            return false;
        }
        double ofCentre = Math.max(uu / sxx, vv / syy);
        double r = Math.abs(sxy) / Math.sqrt(sxx * syy);
        double ofSlope = 1 / r;
        double slope = sxy / sxx;
        double meanX = sums.meanX().hi();
        double intercept = sums.meanY().hi() - slope * meanX;
        double ofIntercept = Math.abs(slope * meanX / intercept) * ofSlope;
        return ofCentre * Math.max(ofSlope, ofIntercept) <= MOST_MAGNIFIED;
    }

    private static boolean isSafe(double value) {
        return value > LEAST_SAFE && value < GREATEST_SAFE;
    }

    private static double sampleMean(Pairs pairs, boolean ofX) {
        double sum = 0;
        for (int k = 0; k < SAMPLES; k++) {
            int i = (int) ((long) k * (pairs.size() - 1) / (SAMPLES - 1));
            sum += (ofX ? pairs.x(i) : pairs.y(i)) / SAMPLES;
        }
        return sum;
    }
}
