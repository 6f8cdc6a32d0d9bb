package hestra.summary;

import java.util.Optional;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
/**
 * The sums of many pairs in plain doubles: block by block on two lanes, the blocks then added in double-double arithmetic.
 * All terms of a sum of squares have one sign and a lane adds {@value #BLOCK} ÷ 2 of them, so the relative error of a sum
 * of squares is at most about {@value #BLOCK} ÷ 2 · 2⁻⁵³, and in practice a few units of 2⁻⁵³.
 *
 * <p>What follows from the sums magnifies that error: the slope by 1 ÷ |r|, the sum of squared residuals by 1 ÷ (1 − R²),
 * the intercept by how much of it cancels. Where the magnification is more than {@value #MOST_MAGNIFIED} the sums are not
 * good enough, and this says so by giving nothing.
 */
final class BlockSums {

    private static final int BLOCK = 64;
    private static final double MOST_MAGNIFIED = 16;
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
        PairSums sums = new PairSums(new PairSums.Frame(centreX, centreY, 0, 0), n, u.sum(), v.sum(), uu.sum(), uv.sum(), vv.sum());
        return isEnough(sums, uu.sum().hi(), vv.sum().hi(), centreX, centreY) ? Optional.of(sums) : Optional.empty();
    }

    private static boolean isEnough(PairSums sums, double uu, double vv, double centreX, double centreY) {
        double sxx = sums.sxx().hi();
        double sxy = sums.sxy().hi();
        double syy = sums.syy().hi();
        if (!(isSafe(sxx) && isSafe(syy) && isSafe(Math.abs(sxy)) && Math.abs(centreX) < GREATEST_SAFE && Math.abs(centreY) < GREATEST_SAFE)) {
            return false;
        }
        double ofCentre = Math.max(uu / sxx, vv / syy);
        double r = Math.abs(sxy) / Math.sqrt(sxx * syy);
        double ofSlope = 1 / r;
        double ofResiduals = 1 / (1 - r * r);
        double slope = sxy / sxx;
        double meanX = sums.meanX().hi();
        double intercept = sums.meanY().hi() - slope * meanX;
        double ofIntercept = Math.abs(slope * meanX / intercept) * ofSlope;
        return ofCentre * Math.max(Math.max(ofSlope, ofResiduals), ofIntercept) <= MOST_MAGNIFIED;
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
