package hestra.fit;

import java.math.BigDecimal;
import java.math.BigInteger;

/** The line of least squares in exact rational arithmetic, by the normal equations: slow and right. */
final class ExactLine {

    final Fraction slope;
    final Fraction intercept;
    final Fraction sse;
    final Fraction sst;
    final Fraction sxx;
    final Fraction meanX;
    final int n;

    ExactLine(double[] x, double[] y) {
        n = x.length;
        Fraction sumX = Fraction.ZERO;
        Fraction sumY = Fraction.ZERO;
        Fraction sumXx = Fraction.ZERO;
        Fraction sumXy = Fraction.ZERO;
        Fraction sumYy = Fraction.ZERO;
        for (int i = 0; i < n; i++) {
            Fraction xi = Fraction.of(x[i]);
            Fraction yi = Fraction.of(y[i]);
            sumX = sumX.plus(xi);
            sumY = sumY.plus(yi);
            sumXx = sumXx.plus(xi.times(xi));
            sumXy = sumXy.plus(xi.times(yi));
            sumYy = sumYy.plus(yi.times(yi));
        }
        Fraction count = new Fraction(BigInteger.valueOf(n), BigInteger.ONE);
        sxx = sumXx.minus(sumX.times(sumX).over(count));
        Fraction sxy = sumXy.minus(sumX.times(sumY).over(count));
        sst = sumYy.minus(sumY.times(sumY).over(count));
        slope = sxy.over(sxx);
        meanX = sumX.over(count);
        intercept = sumY.over(count).minus(slope.times(meanX));
        sse = sst.minus(slope.times(sxy));
    }

    Fraction rSquared() {
        return new Fraction(BigInteger.ONE, BigInteger.ONE).minus(sse.over(sst));
    }

    BigDecimal residualStandardError() {
        return sse.over(n - 2).root();
    }

    BigDecimal slopeError() {
        return sse.over(n - 2).over(sxx).root();
    }

    BigDecimal interceptError() {
        Fraction share = meanX.times(meanX).over(sxx).plus(new Fraction(BigInteger.ONE, BigInteger.valueOf(n)));
        return sse.over(n - 2).times(share).root();
    }

    Fraction at(double x) {
        return intercept.plus(slope.times(Fraction.of(x)));
    }
}
