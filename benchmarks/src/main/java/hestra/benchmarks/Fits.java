package hestra.benchmarks;

import java.util.Random;
import java.util.concurrent.TimeUnit;

import hestra.data.Pairs;
import hestra.fit.Comparison;
import hestra.fit.Curve;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.MovingLine;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The fits whose speed has a bar, each beside its reference. */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 15, time = 500, timeUnit = TimeUnit.MILLISECONDS)
@Fork(value = 2, jvmArgsAppend = {"-XX:+UseSerialGC", "--sun-misc-unsafe-memory-access=allow"})
public class Fits {

    /** A million ordinary points. */
    @State(Scope.Benchmark)
    public static class Million {
        final double[] x = new double[1_000_000];
        final double[] y = new double[1_000_000];
        final Pairs pairs;

        public Million() {
            fill(x, y, 8, 0.8);
            pairs = Pairs.of(x, y);
        }
    }

    /** A million points so near a line that plain doubles are not enough for them. */
    @State(Scope.Benchmark)
    public static class NearlyPerfectMillion {
        final Pairs pairs;

        public NearlyPerfectMillion() {
            double[] x = new double[1_000_000];
            double[] y = new double[1_000_000];
            fill(x, y, 1e-6, 0.8);
            pairs = Pairs.of(x, y);
        }
    }

    /** A million points with R² of about 0.999. */
    @State(Scope.Benchmark)
    public static class CloseMillion {
        final Pairs pairs;

        public CloseMillion() {
            double[] x = new double[1_000_000];
            double[] y = new double[1_000_000];
            fill(x, y, 0.7, 0.8);
            pairs = Pairs.of(x, y);
        }
    }

    /** A hundred thousand points, one of them on the move. */
    @State(Scope.Benchmark)
    public static class HundredThousand {
        final Pairs pairs;
        final MovingLine moving;
        int step;

        public HundredThousand() {
            double[] x = new double[100_000];
            double[] y = new double[100_000];
            fill(x, y, 8, 0.8);
            pairs = Pairs.of(x, y);
            moving = MovingLine.of(pairs, 50_000);
        }
    }

    /** A thousand points that every family can take. */
    @State(Scope.Benchmark)
    public static class Thousand {
        final Pairs pairs;

        public Thousand() {
            double[] x = new double[1000];
            double[] y = new double[1000];
            fill(x, y, 1, 0.8);
            for (int i = 0; i < x.length; i++) {
                x[i] += 1;
                y[i] += 20;
            }
            pairs = Pairs.of(x, y);
        }
    }

    private static void fill(double[] x, double[] y, double noise, double slope) {
        Random random = new Random(x.length);
        for (int i = 0; i < x.length; i++) {
            x[i] = 100 * random.nextDouble();
            y[i] = 5 + slope * x[i] + noise * random.nextGaussian();
        }
    }

    /** The reference: one pass that sums x, y, x², y² and xy. */
    @Benchmark
    public double plainPass(Million million) {
        double[] x = million.x;
        double[] y = million.y;
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double syy = 0;
        double sxy = 0;
        for (int i = 0; i < x.length; i++) {
            sx += x[i];
            sy += y[i];
            sxx += x[i] * x[i];
            syy += y[i] * y[i];
            sxy += x[i] * y[i];
        }
        return sx + sy + sxx + syy + sxy;
    }

    @Benchmark
    public Fit line(Million million) {
        return LeastSquares.line(million.pairs);
    }

    @Benchmark
    public Fit closeLine(CloseMillion million) {
        return LeastSquares.line(million.pairs);
    }

    @Benchmark
    public Fit nearlyPerfectLine(NearlyPerfectMillion million) {
        return LeastSquares.line(million.pairs);
    }

    @Benchmark
    public Fit fullFit(HundredThousand points) {
        return LeastSquares.line(points.pairs);
    }

    @Benchmark
    public Fit refit(HundredThousand points) {
        points.step = (points.step + 1) % 1000;
        return points.moving.at(40 + points.step * 0.01, 30 - points.step * 0.02);
    }

    @Benchmark
    public Comparison everyFamily(Thousand points) {
        return Comparison.of(Curve.all(), points.pairs);
    }
}
