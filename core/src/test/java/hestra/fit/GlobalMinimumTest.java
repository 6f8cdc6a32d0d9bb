package hestra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.fit.Curve.FittedOn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/**
 * Direct fits and waves against a search that shares nothing with the code: thousands of rates tried one after another, and every
 * valley among them closed in on by golden sections of the squares alone. {@code -Dhestra.problems} says how many sets.
 */
class GlobalMinimumTest {

    private static final int PROBLEMS = Integer.getInteger("hestra.problems", 120);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_126);
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private static Fit fit(Curve curve, double[] x, double[] y) {
        return LeastSquares.fit(curve, Pairs.of(x, y));
    }

    private static double[] numbers(String texts) {
        return Arrays.stream(texts.trim().split("\\s+")).mapToDouble(Double::parseDouble).toArray();
    }

    @ParameterizedTest
    @CsvSource({
        "1 2 3, 0 1 0, 0, 0.66666666666666666",
        "0 2 4 6 8, 5 3 1 -1 -3, -0.48919, 12.4567",
    })
    void anExponentialWithAClearMinimumIsFound(String xs, String ys, double k, double sse) {
        CurveFit fit = (CurveFit) fit(new Curve.Exponential(FittedOn.VALUES), numbers(xs), numbers(ys));
        assertThat(fit.coefficients().get(2).value()).isEqualTo(k, within(5e-6));
        assertThat(fit.goodness().sse()).isEqualTo(sse, within(5e-5));
    }

    @ParameterizedTest
    @ValueSource(strings = {"-1 2 5 2", "-3 0 -2 4 2"})
    void aPowerCurveIsTheGlobalMinimumAlsoWithValuesOfEitherSign(String ys) {
        double[] y = numbers(ys);
        double[] x = IntStream.rangeClosed(1, y.length).asDoubleStream().toArray();
        CurveFit fit = (CurveFit) fit(new Curve.Power(FittedOn.VALUES), x, y);
        assertThat(fit.goodness().sse()).isEqualTo(growth(Arrays.stream(x).map(Math::log).toArray(), y).least, within(1e-9));
        if (y.length == 5) {
            assertThat(fit.goodness().sse()).isEqualTo(23.1529, within(5e-5));
        }
    }

    @Test
    void aWaveSmallBesideItsLevelIsFound() {
        double[] y = numbers("999.5 1000.5 999 1000.5 999 1000");
        double[] x = numbers("0 1 2 3 4 5");
        CurveFit fit = (CurveFit) fit(new Curve.Wave(), x, y);
        assertThat(fit.goodness().sse()).isEqualTo(wave(x, y).least, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.25, 0.28, 0.32, 0.15})
    void aWaveOfWhichTheDataShowAQuarterIsFound(double cycles) {
        double[] x = IntStream.range(0, 25).mapToDouble(i -> i).toArray();
        double c = 2 * Math.PI * cycles / 24;
        double[] y = Arrays.stream(x).map(t -> 20 + 5 * Math.sin(c * t + 0.4)).toArray();
        CurveFit fit = (CurveFit) fit(new Curve.Wave(), x, y);
        assertThat(fit.coefficients().get(2).value()).isEqualTo(c, within(1e-7 * c));
        assertThat(fit.coefficients().get(1).value()).isEqualTo(5, within(1e-6));
        assertThat(fit.remarks().stream().anyMatch(it -> it.contains("small part"))).isEqualTo(cycles < 0.2);
    }

    @Test
    void theStandardErrorOfAVerySmallFactorIsNotLost() {
        double[] years = IntStream.range(0, 12).mapToDouble(i -> 2010 + i).toArray();
        Random random = new Random(3);
        double[] y = Arrays.stream(years).map(t -> 50 * Math.exp(0.2 * (t - 2010)) + random.nextGaussian()).toArray();
        CurveFit fit = (CurveFit) fit(new Curve.Exponential(FittedOn.VALUES), years, y);
        Coefficient a = fit.coefficients().getFirst();
        Coefficient k = fit.coefficients().get(2);
        assertThat(a.value()).isLessThan(1e-162);
        // a is the factor at 2015.5 times e^(−2015.5 k), so its relative error is that of the exponent, almost alone.
        assertThat(a.standardError().orElseThrow() / a.value())
                .isEqualTo(2015.5 * k.standardError().orElseThrow(), within(0.02 * 2015.5 * k.standardError().orElseThrow()));
    }

    /** The least squares found among the valleys, and those of the limits at both ends of the range. */
    private record Found(double least, double limit) {}

    private static Found growth(double[] x, double[] y) {
        double low = Arrays.stream(x).min().orElseThrow();
        double high = Arrays.stream(x).max().orElseThrow();
        double[] u = Arrays.stream(x).map(v -> (v - low) / (high - low)).toArray();
        DoubleUnaryOperator squares = q -> {
            double ee = 0;
            double ey = 0;
            for (int i = 0; i < u.length; i++) {
                double e = Math.exp(q > 0 ? q * (u[i] - 1) : q * u[i]);
                ee += e * e;
                ey += e * y[i];
            }
            double sum = 0;
            for (int i = 0; i < u.length; i++) {
                double residual = y[i] - ey / ee * Math.exp(q > 0 ? q * (u[i] - 1) : q * u[i]);
                sum += residual * residual;
            }
            return sum;
        };
        double[] places = Arrays.stream(u).sorted().distinct().toArray();
        double reach = 60 / Math.min(places[1], 1 - places[places.length - 2]);
        int steps = 4000;
        double bend = Math.log(2 * reach + 1) / steps;
        double[] rates = IntStream.rangeClosed(-steps, steps)
                .mapToDouble(i -> Math.signum(i) * Math.expm1(Math.abs(i) * bend) / 2).toArray();
        double limit = Math.min(atEnd(u, y, 0), atEnd(u, y, 1));
        return new Found(valleys(squares, rates), limit);
    }

    private static double atEnd(double[] u, double[] y, double end) {
        double mean = IntStream.range(0, u.length).filter(i -> u[i] == end).mapToDouble(i -> y[i]).average().orElseThrow();
        return IntStream.range(0, u.length).mapToDouble(i -> u[i] == end ? y[i] - mean : y[i]).map(e -> e * e).sum();
    }

    private static Found wave(double[] x, double[] y) {
        double low = Arrays.stream(x).min().orElseThrow();
        double high = Arrays.stream(x).max().orElseThrow();
        double mean = Arrays.stream(y).average().orElseThrow();
        double[] u = Arrays.stream(x).map(v -> (v - low) / (high - low) * 2 - 1).toArray();
        double[] v = Arrays.stream(y).map(t -> t - mean).toArray();
        DoubleUnaryOperator squares = w -> reflected(new double[][] {column(u, _ -> 1), column(u, t -> Math.sin(w * t)),
                column(u, t -> Math.cos(w * t))}, v);
        double fastest = Math.PI * Math.min(40, (Arrays.stream(x).distinct().count() - 1) / 2.0);
        int steps = (int) Math.ceil(fastest / (Math.PI / 150));
        double[] rates = IntStream.rangeClosed(0, steps)
                .mapToDouble(i -> 0.05 + (fastest * (1 - 1e-4) - 0.05) * i / steps).toArray();
        double parabola = reflected(new double[][] {column(u, _ -> 1), u.clone(), column(u, t -> t * t)}, v);
        return new Found(valleys(squares, rates), Math.min(parabola, squares.applyAsDouble(rates[rates.length - 1])));
    }

    private static double[] column(double[] u, DoubleUnaryOperator of) {
        return Arrays.stream(u).map(of).toArray();
    }

    /** What Householder reflections of the columns leave of the data. */
    private static double reflected(double[][] columns, double[] data) {
        double[] rest = data.clone();
        for (int j = 0; j < columns.length; j++) {
            double[] c = columns[j];
            int from = j;
            double length = Math.sqrt(IntStream.range(from, c.length).mapToDouble(i -> c[i] * c[i]).sum());
            c[from] += c[from] > 0 ? length : -length;
            double size = IntStream.range(from, c.length).mapToDouble(i -> c[i] * c[i]).sum();
            List<double[]> others = new ArrayList<>(Arrays.asList(columns).subList(j + 1, columns.length));
            others.add(rest);
            for (double[] other : others) {
                double share = size == 0 ? 0 : 2 * IntStream.range(from, c.length).mapToDouble(i -> c[i] * other[i]).sum() / size;
                IntStream.range(from, c.length).forEach(i -> other[i] -= share * c[i]);
            }
        }
        return IntStream.range(columns.length, rest.length).mapToDouble(i -> rest[i] * rest[i]).sum();
    }

    private static double valleys(DoubleUnaryOperator squares, double[] rates) {
        double[] values = Arrays.stream(rates).map(squares).toArray();
        double least = Double.POSITIVE_INFINITY;
        double lowest = Arrays.stream(values).min().orElseThrow();
        for (int i = 1; i + 1 < rates.length; i++) {
            boolean hopeful = values[i] - 4 * (values[i - 1] + values[i + 1] - 2 * values[i]) <= lowest;
            if (values[i] <= values[i - 1] && values[i] <= values[i + 1] && hopeful) {
                least = Math.min(least, golden(squares, rates[i - 1], rates[i + 1]));
            }
        }
        // A valley between an end and the place before it shows on neither of them.
        for (int end : new int[] {0, rates.length - 2}) {
            double between = golden(squares, rates[end], rates[end + 1]);
            least = between < Math.min(values[end], values[end + 1]) * (1 - 1e-9) ? Math.min(least, between) : least;
        }
        return least;
    }

    private static double golden(DoubleUnaryOperator squares, double from, double to) {
        double low = from;
        double high = to;
        double a = high - GOLDEN * (high - low);
        double b = low + GOLDEN * (high - low);
        double atA = squares.applyAsDouble(a);
        double atB = squares.applyAsDouble(b);
        for (int i = 0; i < 90; i++) {
            if (atA < atB) {
                high = b;
                b = a;
                atB = atA;
                a = high - GOLDEN * (high - low);
                atA = squares.applyAsDouble(a);
            } else {
                low = a;
                a = b;
                atA = atB;
                b = low + GOLDEN * (high - low);
                atB = squares.applyAsDouble(b);
            }
        }
        return Math.min(atA, atB);
    }

    /**
     * Sets of all sorts: small whole numbers, growth with a little and with much noise, levels, outliers, x in clusters and far
     * apart, repeated x.
     */
    private static double[][] problem(Random random, boolean positive) {
        int n = 4 + random.nextInt(random.nextInt(4) == 0 ? 40 : 9);
        double[] x = new double[n];
        double[] y = new double[n];
        int kindOfX = random.nextInt(5);
        double rate = random.nextGaussian() * 2;
        double noise = Math.pow(10, -random.nextInt(5));
        int kindOfY = random.nextInt(6);
        for (int i = 0; i < n; i++) {
            x[i] = switch (kindOfX) {
                case 0 -> i + 1;
                case 1 -> Math.round(random.nextDouble() * 100) / 10.0 + 0.1;
                case 2 -> 2000 + i + random.nextInt(2);
                case 3 -> 1_000_000 + i + random.nextInt(2);
                default -> Math.pow(10, random.nextDouble() * 2) - (positive ? 0 : 30);
            };
        }
        double low = Arrays.stream(x).min().orElseThrow();
        double width = Math.max(1e-9, Arrays.stream(x).max().orElseThrow() - low);
        for (int i = 0; i < n; i++) {
            double t = (x[i] - low) / width;
            y[i] = switch (kindOfY) {
                case 0 -> random.nextInt(11) - 5;
                case 1 -> 7 * Math.exp(rate * t) + noise * random.nextGaussian();
                case 2 -> 1000 + Math.sin(2 * Math.PI * Math.abs(rate) * t) + noise * random.nextGaussian();
                case 3 -> random.nextInt(8) == 0 ? 40 : 5 - 3 * t + noise * random.nextGaussian();
                case 4 -> 3 * Math.sin(6 * rate * t + 1) + 0.3 * random.nextGaussian();
                default -> Math.round(20 * Math.exp(-Math.abs(rate) * t) * (1 + 0.1 * random.nextGaussian()));
            };
        }
        return new double[][] {x, y};
    }

    @Test
    void theLeastOfAllMinimaIsFoundAndNoneIsDeniedThatThereIs() {
        Random random = new Random(SEED);
        int asked = 0;
        int found = 0;
        List<String> missed = new ArrayList<>();
        while (asked < PROBLEMS) {
            Curve curve = List.of(new Curve.Exponential(FittedOn.VALUES), new Curve.Power(FittedOn.VALUES), new Curve.Wave())
                    .get(asked % 3);
            double[][] problem = problem(random, curve instanceof Curve.Power);
            double[] x = problem[0];
            double[] y = problem[1];
            long different = Arrays.stream(x).distinct().count();
            if (different < 4 || Arrays.stream(y).distinct().count() < 2 || Arrays.stream(y).allMatch(v -> v == 0)) {
                continue;
            }
            asked++;
            Found sought = curve instanceof Curve.Wave
                    ? wave(x, y) : growth(curve instanceof Curve.Power ? Arrays.stream(x).map(Math::log).toArray() : x, y);
            double rounding = 1e-13 * Arrays.stream(y).map(v -> v * v).sum();
            boolean fine = switch (fit(curve, x, y)) {
                case CurveFit fit -> fit.goodness().sse() <= Math.min(sought.least, sought.limit) * (1 + 1e-10) + rounding
                        && (fit.goodness().sse() >= sought.least * (1 - 1e-10) - rounding);
                case Fit.None _ ->
                        sought.least >= sought.limit * (1 - 1e-9) - rounding;
            };
            found += fine ? 1 : 0;
            if (!fine) {
                missed.add("\n" + curve.code() + " x " + Arrays.toString(x) + " y " + Arrays.toString(y) + " sought " + sought
                        + " got "
                        + fit(curve, x, y).curveFit().map(it -> Double.toString(it.goodness().sse())).orElse("none"));
            }
        }
        if (PROBLEMS > 300) {
            System.out.println(found + " of " + asked + " global minima found to 10 digits, seed " + SEED
                    + String.join("", missed));
        }
        assertThat((double) found / asked).as(String.join("", missed)).isGreaterThanOrEqualTo(0.999);
    }
}
