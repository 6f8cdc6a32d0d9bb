package hestra.feedback;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * The bar: on many generated data sets, each mistake is recognised, alone or as one of two that are named, where its value can be
 * told from the key; and a right answer is never called a mistake, however it is written. What mistakes give is worked out by
 * {@link Textbook}.
 *
 * <p>With {@code -Dhestra.data-sets=10000 -Dhestra.write-docs=true} the table in {@code docs/feedback.md} is made anew.
 */
class RecognitionBarTest {

    private static final int DATA_SETS = Integer.getInteger("hestra.data-sets", 30);
    private static final Variable X = new Variable("days", "time since settling", "days");
    private static final Variable Y = new Variable("length", "blade length", "cm");
    private static final Curve QUADRATIC = new Curve.Polynomial(2);
    private static final Curve EXPONENTIAL = new Curve.Exponential(Curve.FittedOn.LOGARITHMS);

    /** What one data set gives for a rule. */
    private record Case(Sought what, double key, double wrong) {}

    @FunctionalInterface
    private interface Rule {
        Case of(Textbook data, Random random);
    }

    private static final Map<Mistake, Rule> RULES = new EnumMap<>(Mistake.class);

    static {
        RULES.put(Mistake.AXES_EXCHANGED, (data, _) -> new Case(value(Quantity.SLOPE), data.slope(), data.swapped().slope()));
        RULES.put(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED,
                (data, _) -> new Case(value(Quantity.SLOPE), data.slope(), data.intercept()));
        RULES.put(Mistake.R_FOR_R_SQUARED, (data, _) -> new Case(value(Quantity.R_SQUARED), data.rSquared(), data.r()));
        RULES.put(Mistake.R_SQUARED_FOR_R, (data, random) -> new Case(value(Quantity.R), data.r(),
                random.nextBoolean() ? data.rSquared() : -data.rSquared()));
        RULES.put(Mistake.SIGN_LOST, (data, _) -> new Case(value(Quantity.SLOPE), data.slope(), -data.slope()));
        RULES.put(Mistake.RESIDUAL_REVERSED, (data, _) -> new Case(row(Quantity.RESIDUAL, 2), data.residual(2),
                -data.residual(2)));
        RULES.put(Mistake.PERCENT_AND_PROPORTION,
                (data, _) -> new Case(value(Quantity.R_SQUARED), data.rSquared(), data.rSquared() * 100));
        RULES.put(Mistake.ADJUSTED_FOR_R_SQUARED,
                (data, _) -> new Case(value(Quantity.R_SQUARED), data.rSquared(), data.adjusted()));
        RULES.put(Mistake.R_SQUARED_FOR_ADJUSTED,
                (data, _) -> new Case(value(Quantity.ADJUSTED_R_SQUARED), data.adjusted(), data.rSquared()));
        RULES.put(Mistake.N_FOR_N_MINUS_1, (data, _) -> new Case(value(Quantity.DEVIATION_Y), data.deviationOfY(),
                Math.sqrt(data.syy() / data.n())));
        RULES.put(Mistake.STEP_FORGOTTEN,
                (data, random) -> random.nextBoolean()
                ? new Case(value(Quantity.RESIDUAL_STANDARD_ERROR), data.s(), data.sse() / (data.n() - 2))
                : new Case(value(Quantity.DEVIATION_Y), data.deviationOfY(), data.syy() / (data.n() - 1)));
        RULES.put(Mistake.WRONG_DIVISOR, (data, random) -> new Case(value(Quantity.RESIDUAL_STANDARD_ERROR), data.s(),
                Math.sqrt(data.sse() / (data.n() - random.nextInt(2)))));
        RULES.put(Mistake.DISTANCES_FOR_SQUARES, (data, _) -> new Case(value(Quantity.SSE), data.sse(),
                IntStream.range(0, data.n()).mapToDouble(i -> Math.abs(data.residual(i))).sum()));
        RULES.put(Mistake.BASE_AND_RATE, (data, _) -> {
            double rate = data.mapped(Math::log).slope();
            return new Case(new Sought.Value(Reading.of(Quantity.COEFFICIENT_K).of(EXPONENTIAL)), rate, Math.exp(rate));
        });
        RULES.put(Mistake.LEFT_ON_LOG_SCALE, (data, _) -> {
            double log = data.mapped(Math::log).at(50);
            return new Case(new Sought.Prediction(50, EXPONENTIAL), Math.exp(log), log);
        });
        RULES.put(Mistake.WRONG_FORMULA, (data, random) -> {
            double[] c = data.quadratic();
            return new Case(new Sought.Prediction(30, QUADRATIC), c[0] + c[1] * 30 + c[2] * 900,
                    random.nextBoolean() ? c[0] + c[1] * 30 : c[0] + c[1] * 30 + c[2] * 30);
        });
        RULES.put(Mistake.WRONG_SIDE, (data, _) -> new Case(new Sought.Prediction(40), data.at(40),
                (40 - data.intercept()) / data.slope()));
        RULES.put(Mistake.OTHER_INTERVAL, (data, random) -> {
            // Half of each interval is t s times the root of h, and of 1 + h; at the level 0.95 with n − 2 degrees of freedom.
            double h = 1.0 / data.n() + Math.pow(40 - data.meanX(), 2) / data.sxx();
            double reach = studentT(data.n() - 2) * data.s();
            boolean mean = random.nextBoolean();
            double narrow = data.at(40) + reach * Math.sqrt(h);
            double wide = data.at(40) + reach * Math.sqrt(1 + h);
            return new Case(new Sought.Value(Reading.of(mean ? Quantity.MEAN_HIGH : Quantity.SINGLE_HIGH).at(40)),
                    mean ? narrow : wide, mean ? wide : narrow);
        });
        RULES.put(Mistake.NEIGHBOURING_ROW, (data, random) -> new Case(row(Quantity.RESIDUAL, 2), data.residual(2),
                data.residual(random.nextBoolean() ? 1 : 3)));
        RULES.put(Mistake.FORCED_THROUGH_ORIGIN, (data, _) -> new Case(value(Quantity.SLOPE), data.slope(), throughOrigin(data)));
        RULES.put(Mistake.TWO_POINTS, (data, _) -> new Case(value(Quantity.SLOPE), data.slope(),
                (data.y()[data.n() - 1] - data.y()[0]) / (data.x()[data.n() - 1] - data.x()[0])));
        RULES.put(Mistake.ROUNDED_TOO_EARLY, (data, random) -> {
            int places = 1 + random.nextInt(2);
            return new Case(new Sought.Prediction(40), data.at(40),
                    rounded(data.intercept(), places) + rounded(data.slope(), places) * 40);
        });
        RULES.put(Mistake.ANOTHER_CURVE, (data, _) -> new Case(value(Quantity.R_SQUARED), data.rSquared(),
                data.rSquaredOfQuadratic()));
        RULES.put(Mistake.COLUMN_SORTED, (data, _) -> new Case(value(Quantity.SLOPE), data.slope(), data.sorted().slope()));
        RULES.put(Mistake.PAIRS_SLIPPED, (data, _) -> new Case(value(Quantity.SLOPE), data.slope(), data.slipped().slope()));
        RULES.put(Mistake.ROW_LEFT_OUT, (data, random) -> new Case(value(Quantity.SLOPE), data.slope(),
                data.without(random.nextInt(data.n())).slope()));
        RULES.put(Mistake.ROW_TOO_MANY, (data, random) -> new Case(value(Quantity.SLOPE), data.slope(), twice(data, random)
                .slope()));
        RULES.put(Mistake.NEIGHBOURS_EXCHANGED, (data, random) -> new Case(value(Quantity.SLOPE), data.slope(),
                data.exchanged(random.nextInt(data.n() - 1)).slope()));
        RULES.put(Mistake.DECIMAL_MOVED, (data, random) -> {
            int row = random.nextInt(data.n());
            return new Case(value(Quantity.SLOPE), data.slope(), data.withY(row, data.y()[row] * 10).slope());
        });
        RULES.put(Mistake.DIGITS_EXCHANGED, (data, random) -> {
            int row = random.nextInt(data.n());
            return new Case(value(Quantity.SLOPE), data.slope(), data.withY(row, exchangedDigits(data.y()[row])).slope());
        });
        RULES.put(Mistake.POWER_OF_TEN, (data, random) -> new Case(value(Quantity.MEAN_Y), data.meanY(),
                data.meanY() * Math.pow(10, random.nextBoolean() ? 1 : -2)));
        // Days are asked for; taken are hours or weeks.
        RULES.put(Mistake.OTHER_UNIT, (data, random) -> new Case(value(Quantity.SLOPE), data.slope(),
                random.nextBoolean() ? data.slope() * 7 : data.slope() / 24));
        RULES.put(Mistake.CUT_OFF, (data, _) -> new Case(value(Quantity.SLOPE), data.slope(), new BigDecimal(data.slope())
                .round(new MathContext(4, RoundingMode.DOWN)).doubleValue()));
    }

    private static final Map<Integer, Double> T = new HashMap<>();

    /** The t that leaves 0.95 between −t and t: the density is added up by Simpson's rule, and t found by halving. */
    private static double studentT(int degrees) {
        return T.computeIfAbsent(degrees, df -> {
            double whole = simpson(df, Math.PI / 2);
            double low = 0;
            double high = Math.PI / 2;
            for (int i = 0; i < 60; i++) {
                double middle = (low + high) / 2;
                low = simpson(df, middle) < 0.95 * whole ? middle : low;
                high = simpson(df, middle) < 0.95 * whole ? high : middle;
            }
            return Math.sqrt(df) * Math.tan(low);
        });
    }

    /** With t = √ν tan u the density becomes cos u to the power of ν − 1, but for a factor. */
    private static double simpson(int degrees, double to) {
        int steps = 400;
        double sum = 0;
        for (int i = 0; i <= steps; i++) {
            double weight = i == 0 || i == steps ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight * Math.pow(Math.cos(to * i / steps), degrees - 1);
        }
        return sum * to / steps / 3;
    }

    private static double rounded(double value, int places) {
        return new BigDecimal(value).setScale(places, RoundingMode.HALF_UP).doubleValue();
    }

    private static Sought value(Quantity quantity) {
        return new Sought.Value(quantity);
    }

    private static Sought row(Quantity quantity, int row) {
        return new Sought.Value(Reading.of(quantity).ofRow(row));
    }

    private static double throughOrigin(Textbook data) {
        double products = 0;
        double squares = 0;
        for (int i = 0; i < data.n(); i++) {
            products += data.x()[i] * data.y()[i];
            squares += data.x()[i] * data.x()[i];
        }
        return products / squares;
    }

    private static Textbook twice(Textbook data, Random random) {
        int row = random.nextInt(data.n());
        return random.nextInt(4) == 0 ? data.with(0, 0) : data.with(data.x()[row], data.y()[row]);
    }

    /** The same with all y above 0, for an exponential curve. */
    private static Textbook raised(Textbook data) {
        double least = Arrays.stream(data.y()).min().orElseThrow();
        return data.mapped(it -> it - Math.min(0, least) + 5);
    }

    /** The first two digits that differ, changed over. */
    private static double exchangedDigits(double value) {
        char[] digits = BigDecimal.valueOf(value).toPlainString().replaceAll("\\.0$", "").toCharArray();
        for (int i = 0; i + 1 < digits.length; i++) {
            int next = digits[i + 1] == '.' ? i + 2 : i + 1;
            if (Character.isDigit(digits[i]) && next < digits.length && digits[i] != digits[next]) {
                char kept = digits[i];
                digits[i] = digits[next];
                digits[next] = kept;
                return Double.parseDouble(new String(digits));
            }
        }
        return value;
    }

    private static Textbook generated(Random random) {
        int n = 6 + random.nextInt(24);
        double slope = (random.nextBoolean() ? 1 : -1) * (0.3 + 3 * random.nextDouble());
        double noise = 2 + 12 * random.nextDouble();
        double bend = random.nextGaussian() * 0.02;
        double[] x = new double[n];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = Math.round(20 + random.nextDouble() * 800) / 10.0;
            y[i] = Math.round((31 + slope * x[i] + bend * x[i] * x[i] + noise * random.nextGaussian()) * 10) / 10.0;
        }
        return new Textbook(x, y);
    }

    private static NumberJudge judge(Sought what, Textbook data, Rounding rounding) {
        Evidence evidence = Evidence.of(Pairs.of(data.x(), data.y()));
        return new NumberJudge(new NumberCriteria(what, NumberCriteria.How.rounded(rounding), List.of(evidence), Optional.empty(),
                KeptPoints.FULL,
                Optional.empty(), Optional.empty(), X, Y));
    }

    private static Textbook suited(Mistake mistake, Textbook data) {
        return mistake == Mistake.BASE_AND_RATE || mistake == Mistake.LEFT_ON_LOG_SCALE ? raised(data) : data;
    }

    /** How often a mistake was recognised of how many data sets in which it can be told. */
    private record Rate(int recognised, int told) {
        double share() {
            return (double) recognised / told;
        }
    }

    private static Rate rate(Mistake mistake, int digits) {
        Random random = new Random(mistake.ordinal() * 1000L + digits);
        Rounding rounding = new Rounding.Significant(digits);
        int told = 0;
        int recognised = 0;
        for (int i = 0; i < DATA_SETS; i++) {
            Textbook data = suited(mistake, generated(random));
            Case one = RULES.get(mistake).of(data, random);
            if (!Double.isFinite(one.wrong) || !Double.isFinite(one.key)) {
                continue;
            }
            String text = mistake == Mistake.CUT_OFF
                    ? rounding.apply(new BigDecimal(one.key), RoundingMode.DOWN).toPlainString()
                    : rounding.apply(one.wrong).toPlainString();
            if (text.equals(rounding.apply(one.key).toPlainString())) {
                continue;
            }
            told++;
            recognised += judge(one.what, data, rounding)
                    .judge((NumberReading.Value) NumberReading.ofAnswer(text, DecimalMark.POINT)).mistakes().contains(mistake)
                    ? 1 : 0;
        }
        return new Rate(recognised, told);
    }

    @Test
    void everyMistakeThatGivesANumberIsRecognised() throws IOException {
        List<String> table = new ArrayList<>();
        List<String> below = new ArrayList<>();
        for (Mistake mistake : RULES.keySet()) {
            Rate rate = rate(mistake, 4);
            Rate finer = rate(mistake, 6);
            table.add(String.format(Locale.ROOT, "| %s | %d | %.2f %% | %.2f %% |", mistake.inWords(), rate.told,
                    100 * rate.share(), 100 * finer.share()));
            if (rate.share() < 0.99 && !(SHARED.contains(mistake) && finer.share() >= 0.99)) {
                below.add(mistake + " " + rate + " " + finer);
            }
        }
        assertThat(below).isEmpty();
        if (Boolean.getBoolean("hestra.write-docs")) {
            write(table);
        }
    }

    /**
     * Mistakes that leave the value so near to the key that several rows, or several of these mistakes, give the same four
     * digits.
     */
    private static final Set<Mistake> SHARED = EnumSet.of(Mistake.ROW_LEFT_OUT, Mistake.ROW_TOO_MANY,
            Mistake.NEIGHBOURS_EXCHANGED, Mistake.DECIMAL_MOVED, Mistake.DIGITS_EXCHANGED);

    private static void write(List<String> table) throws IOException {
        String text = """
                # How well mistakes are recognised

                Each mistake was made on %,d generated data sets of 6 to 29 points, where its value can be told from the key \
                when both are rounded as asked.
                "Recognised" means named alone or as one of two. What each mistake gives was worked out in the test by the \
                textbook's sums, apart from the
                program. Mistakes in single rows leave values so near to the key that other rows and other slips give the same \
                four digits; with six digits
                they are told apart.

                Made again by:

                    mvn -B -pl core test -Dtest=RecognitionBarTest -Dhestra.data-sets=10000 -Dhestra.write-docs=true

                | mistake | data sets in which it can be told | recognised, four digits asked | recognised, six digits asked |
                | --- | --- | --- | --- |
                """.formatted(DATA_SETS) + String.join("\n", table) + "\n";
        Files.writeString(Path.of("..", "docs", "feedback.md"), text, StandardCharsets.UTF_8);
    }

    @Test
    void aRightAnswerIsNeverCalledAMistakeHoweverItIsWritten() {
        Random random = new Random(77);
        for (int i = 0; i < DATA_SETS; i++) {
            Textbook data = generated(random);
            Map<Quantity, Double> keys = Map.of(Quantity.SLOPE, data.slope(), Quantity.INTERCEPT, data.intercept(), Quantity.R,
                    data.r(), Quantity.R_SQUARED, data.rSquared(), Quantity.RESIDUAL_STANDARD_ERROR, data.s(),
                    Quantity.SSE, data.sse(), Quantity.DEVIATION_Y, data.deviationOfY(), Quantity.ADJUSTED_R_SQUARED,
                            data.adjusted());
            keys.forEach((quantity, key) -> {
                for (String text : written(new Rounding.Significant(4).apply(key), quantity)) {
                    assertThat(NumberReading.ofAnswer(text, DecimalMark.POINT)).as(text).isInstanceOf(NumberReading.Value.class);
                    NumberJudge.Finding finding = judge(new Sought.Value(quantity), data, new Rounding.Significant(4))
                            .judge((NumberReading.Value) NumberReading.ofAnswer(text, DecimalMark.POINT));
                    assertThat(finding.outcome()).as("%s for %s of %s: %s", text, key, quantity, finding.mistakes())
                            .isEqualTo(Outcome.RIGHT);
                    assertThat(finding.mistakes()).isEmpty();
                }
            });
        }
    }

    /** A number in the habits of many people. */
    private static List<String> written(BigDecimal value, Quantity quantity) {
        String plain = value.toPlainString();
        String bare = value.abs().toPlainString();
        String sign = value.signum() < 0 ? "-" : "";
        String unit = quantity.unit(X, Y);
        List<String> all = new ArrayList<>(List.of(plain, "= " + plain, "≈ " + plain, "b = " + plain, quantity.inWords()
                .replaceAll("[^a-zA-Z ]", "") + ": " + plain, "about " + plain, "(" + plain + ")", plain + ".", " " + plain + " ",
                value.signum() < 0
                        ? "minus " + bare
                        : "+" + bare, value.signum() < 0
                        ? "\u2212" + bare
                        : bare, value.signum() < 0
                        ? "\u2013" + bare
                        : bare, sign + bare.replaceFirst("^0\\.", "."), value.round(new MathContext(4))
                        .unscaledValue() + "e" + -value.scale()));
        all.removeIf(it -> it.contains("0.") && it.contains("..") || it.contains("..")
                || it.matches(".*\\d\\.$") && plain.indexOf('.') < 0);
        if (!unit.isEmpty()) {
            all.add(plain + " " + unit);
            all.add(plain + unit.replace(" per ", "/"));
        }
        if (quantity.isShare()) {
            all.add(value.movePointRight(2).toPlainString() + " %");
            all.add(value.movePointRight(2).toPlainString() + " percent");
        }
        return all;
    }

    @Test
    void everyMistakeOfAValueHasARuleHere() {
        Set<Mistake> ofValue = EnumSet.noneOf(Mistake.class);
        for (Mistake mistake : Mistake.values()) {
            if (mistake.isOfValue()) {
                ofValue.add(mistake);
            }
        }
        ofValue.removeAll(RULES.keySet());
        assertThat(ofValue).as("tested elsewhere: they need a slip, points set aside, or a very small p")
                .containsExactlyInAnyOrder(Mistake.SLIP_STILL_IN, Mistake.SET_ASIDE_USED, Mistake.MANTISSA_OF_P);
    }
}
