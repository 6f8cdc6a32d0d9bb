package hestra.fit;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * Lines and polynomials against exact arithmetic, over generated problems and the public linear test problems with
 * degree-5 polynomials. Writes the fewest agreeing digits of each group to {@code target/accuracy.md}, from which the table
 * in {@code docs/accuracy.md} is taken.
 */
class AccuracyTest {

    /** Every third problem; all of them in the campaign, by {@code -Dhestra.every-problem=1}. */
    private static final int EVERY = Integer.getInteger("hestra.every-problem", 5);
    private static final double LEAST = 13;
    private static final Map<String, double[]> FEWEST = new TreeMap<>();

    /** A problem with the group it is counted under. */
    private record Problem(String group, String name, double[] x, double[] y, int[] counts) {}

    @TestFactory
    List<DynamicTest> linesAndPolynomialsAgreeToThirteenDigits() {
        List<DynamicTest> tests = new ArrayList<>();
        for (Problem problem : problems()) {
            long distinct = IntStream.range(0, problem.x.length).mapToObj(i -> problem.x[i]).distinct().count();
            int greatest = (int) Math.min(problem.x.length > 500 ? 3 : 6, distinct - 1);
            for (int degree : IntStream.rangeClosed(1, greatest).toArray()) {
                tests.add(DynamicTest.dynamicTest(problem.name + ", degree " + degree, () -> check(problem, degree)));
            }
            tests.add(DynamicTest.dynamicTest(problem.name + ", origin", () -> checkOrigin(problem)));
        }
        return tests;
    }

    private static void check(Problem problem, int degree) {
        CurveFit fit = fit(degree == 1 ? new Curve.Line() : new Curve.Polynomial(degree), problem);
        ExactLeastSquares exact = new ExactLeastSquares(problem.x, problem.y, problem.counts,
                IntStream.rangeClosed(0, degree).toArray());
        compare(problem, degree == 1 ? "line" : "degree " + degree, fit, exact);
    }

    private static void checkOrigin(Problem problem) {
        compare(problem, "line through the origin", fit(new Curve.ThroughOrigin(), problem),
                new ExactLeastSquares(problem.x, problem.y, problem.counts, new int[] {1}));
    }

    private static CurveFit fit(Curve curve, Problem problem) {
        return LeastSquares.fit(curve, Pairs.of(problem.x, problem.y, problem.counts)).curveFit().orElseThrow();
    }

    private static void compare(Problem problem, String curve, CurveFit fit, ExactLeastSquares exact) {
        String group = problem.group + " | " + curve;
        for (int k = 0; k < fit.coefficients().size(); k++) {
            Coefficient coefficient = fit.coefficients().get(k);
            agree(group, 0, problem.name + " " + coefficient.name(), coefficient.value(), exact.coefficient(k).decimal());
            if (coefficient.standardError().isPresent()) {
                agree(group, 1, problem.name + " error of " + coefficient.name(), coefficient.standardError().getAsDouble(),
                        exact.standardError(k));
            }
        }
        agree(group, 2, problem.name + " R²", fit.goodness().rSquared().orElseThrow(), exact.rSquared().decimal());
        agree(group, 3, problem.name + " SSE", fit.goodness().sse(), exact.sse().decimal());
        if (fit.degreesOfFreedom() > 0) {
            agree(group, 3, problem.name + " s", fit.goodness().residualStandardError().orElseThrow(),
                    exact.residualStandardError());
        }
    }

    private static void agree(String group, int column, String what, double actual, BigDecimal exact) {
        double[] fewest = FEWEST.computeIfAbsent(group, _ -> new double[] {16, 16, 16, 16});
        fewest[column] = Math.min(fewest[column], Digits.agreeing(actual, exact));
        Digits.assertAgree(LEAST, what, actual, exact);
    }

    private static List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        Random random = new Random(611);
        double[] offsets = {0, 2026, 1e9, -1e9};
        double[] scales = {1, 1e-12, 1e12};
        double[] noises = {0.3, 1e-6, 1e-11, 1e4};
        String[] kinds = {"ordinary noise", "near-perfect (noise 10⁻⁶)", "near-perfect (noise 10⁻¹¹)", "hopeless (noise 10⁴)"};
        int[] sizes = {3, 5, 8, 13, 40, 150};
        for (int k = 0; k < 96; k++) {
            int kind = k % noises.length;
            double offset = offsets[k / 4 % offsets.length];
            double xScale = scales[k / 3 % scales.length];
            double yScale = scales[k / 5 % scales.length];
            int n = sizes[k / 2 % sizes.length];
            boolean repeated = k % 7 == 0;
            boolean counted = k % 9 == 0;
            problems.add(problem(kinds[kind], random, n, offset, xScale, yScale, noises[kind], repeated, counted));
        }
        for (double offset : offsets) {
            for (double noise : new double[] {0.1, 3, 30}) {
                problems.add(problem("1,000 points", random, 1000, offset, 1, 1e12, noise, false, false));
            }
        }
        problems.add(problem("10,000 points", random, 10_000, 1e9, 1, 1, 0.3, false, false));
        problems.add(problem("10,000 points", random, 10_000, 0, 1, 1e-12, 2, false, false));
        problems.add(problem("10,000 points", random, 10_000, 2026, 1, 1, 1e-9, false, false));
        for (double noise : new double[] {1, 0.1, 0.01, 1e-5}) {
            problems.add(straight(random, 2000, noise));
        }
        problems.addAll(publicProblems());
        return IntStream.range(0, problems.size()).filter(i -> i % EVERY == 0).mapToObj(problems::get).toList();
    }

    private static Problem problem(String group, Random random, int n, double offset, double xScale, double yScale, double noise,
            boolean repeated, boolean counted) {
        double[] x = new double[n];
        double[] y = new double[n];
        int[] counts = counted ? new int[n] : null;
        for (int i = 0; i < n; i++) {
            double step = repeated ? i % 4 + (i == 0 ? 9 : 0) : 10 * random.nextDouble();
            x[i] = (offset + step) * xScale;
            y[i] = yScale * (3 - 1.7 * step + 0.2 * step * step + noise * random.nextGaussian());
            if (counted) {
                counts[i] = 1 + random.nextInt(5);
            }
        }
        return new Problem(group, "n=%d offset=%s scales=%s,%s noise=%s%s%s".formatted(n, offset, xScale, yScale, noise,
                repeated ? " repeated" : "", counted ? " counted" : ""), x, y, counts);
    }

    /** Points about a straight line, so that R² of the line itself comes close to 1. */
    private static Problem straight(Random random, int n, double noise) {
        double[] x = random.doubles(n).map(it -> 2026 + 100 * it).toArray();
        double[] y = IntStream.range(0, n).mapToDouble(i -> 3 - 0.8 * (x[i] - 2026) + noise * random.nextGaussian()).toArray();
        return new Problem("2,000 points about a line", "noise=" + noise, x, y, null);
    }

    /**
     * Polynomials of degree 5 at x = 0, 1, …, 20: two that are exact and three with noise of growing size.
     *
     * @see "R. H. Wampler, A report on the accuracy of some widely used least squares computer programs, JASA 65 (1970)"
     */
    private static List<Problem> publicProblems() {
        long[] noise = {759, -2048, 2048, -2048, 2523, -2048, 2048, -2048, 1838, -2048, 2048, -2048, 1838, -2048, 2048, -2048,
                2523, -2048, 2048, -2048, 759};
        double[] x = IntStream.rangeClosed(0, 20).mapToDouble(i -> i).toArray();
        List<Problem> problems = new ArrayList<>();
        for (int size : new int[] {1, 100, 10_000}) {
            double[] y = new double[21];
            for (int i = 0; i < 21; i++) {
                long sum = 0;
                for (int j = 5; j >= 0; j--) {
                    sum = sum * i + 1;
                }
                y[i] = sum + size * noise[i];
            }
            problems.add(new Problem("public problems of degree 5", "integer coefficients, noise × " + size, x, y, null));
        }
        return problems;
    }

    @AfterAll
    static void writeTheTable() throws IOException {
        StringBuilder table =
                new StringBuilder("| problems | curve | coefficients | standard errors | R² | SSE, s |\n| --- | --- | --- | "
                + "--- | --- | --- |\n");
        FEWEST.forEach((group, fewest) -> table.append("| ").append(group)
                .append(String.format(Locale.ROOT, " | %.1f | %.1f | %.1f | %.1f |%n",
                fewest[0], fewest[1], fewest[2], fewest[3])));
        Files.createDirectories(Path.of("target"));
        Files.writeString(Path.of("target", "accuracy.md"), table);
    }
}
