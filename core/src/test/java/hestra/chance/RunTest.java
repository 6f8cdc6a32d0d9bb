package hestra.chance;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.Term;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What chance draws, against arithmetic that goes another way. */
class RunTest {

    private static final Curve LINE = new Curve.Line();
    private static final Curve QUADRATIC = new Curve.Polynomial(2);
    private static final Curve EXPONENTIAL = new Curve.Exponential(Curve.FittedOn.VALUES);

    private static Run.Setup setup(Play play, Pairs pairs, Curve curve, Watched watched, long number) {
        return new Run.Setup(play, pairs, curve, watched, number, 0.95, Optional.empty());
    }

    private static Run run(Play play, Pairs pairs, Curve curve, Watched watched, long number) {
        return (Run) Run.of(setup(play, pairs, curve, watched, number));
    }

    private static Pile pile(Run run, int draws) {
        run.make(draws);
        return run.pile(draws);
    }

    private static Pairs pairs(long seed, int n) {
        Random random = new Random(seed);
        double[] x = random.doubles(n, 1, 9).toArray();
        return Pairs.of(x, Arrays.stream(x).map(it -> 20 + 0.7 * it + 2 * random.nextGaussian()).toArray());
    }

    private static String reason(Run.Setup setup) {
        return ((Playing.None) Run.of(setup)).reason();
    }

    /** From SplittableRandom's published algorithm, worked out apart from the program: y was 1 to 10. */
    @Test
    void theSameRunIsTheSameOnEveryMachine() {
        double[] tens = IntStream.rangeClosed(1, 10).asDoubleStream().toArray();
        Pairs pairs = Pairs.of(tens, tens);
        Run shuffle = run(Play.SHUFFLE, pairs, LINE, Watched.SLOPE, 4127);
        assertThat(shuffle.draw(1).pairs().ys()).containsExactly(3.0, 5.0, 6.0, 1.0, 7.0, 9.0, 4.0, 2.0, 8.0, 10.0);
        assertThat(shuffle.draw(2).pairs().ys()).containsExactly(1.0, 9.0, 2.0, 6.0, 3.0, 10.0, 5.0, 4.0, 7.0, 8.0);
        assertThat(run(Play.DRAW_AGAIN, pairs, LINE, Watched.SLOPE, 4127).draw(1).times())
                .containsExactly(1, 1, 2, 2, 2, 0, 1, 0, 0, 1);
    }

    /** Slopes are as far from 0 as the sums n Σxy − Σx Σy: in whole numbers there is no rounding. */
    @ParameterizedTest
    @CsvSource({"1, 5, 40", "2, 6, 40", "3, 7, 6", "4, 8, 3", "5, 6, 3", "6, 8, 2"})
    void fewPairsAreGoneThroughInAllArrangements(long seed, int n, int values) {
        Random random = new Random(seed);
        int[] x = random.ints(n, 0, 12).toArray();
        x[0] = x[1] + 1;
        int[] y = random.ints(n, 0, values).toArray();
        y[0] = y[1] + 1;
        List<BigInteger> sizes = new ArrayList<>();
        arrange(x, y.clone(), 0, sizes);
        BigInteger ours = size(x, y);
        double share = (double) sizes.stream().filter(it -> it.compareTo(ours) >= 0).count() / sizes.size();

        Pile pile = pile(run(Play.SHUFFLE, Pairs.of(Arrays.stream(x).asDoubleStream().toArray(),
                Arrays.stream(y).asDoubleStream().toArray()), LINE, Watched.SLOPE, 1), Run.ENOUGH_FOR_ALL);

        assertThat(pile.isOfAll()).isTrue();
        assertThat(pile.p()).hasValue(share);
    }

    private static void arrange(int[] x, int[] y, int from, List<BigInteger> sizes) {
        if (from == y.length) {
            sizes.add(size(x, y));
        }
        for (int i = from; i < y.length; i++) {
            int kept = y[from];
            y[from] = y[i];
            y[i] = kept;
            arrange(x, y, from + 1, sizes);
            y[i] = y[from];
            y[from] = kept;
        }
    }

    private static BigInteger size(int[] x, int[] y) {
        long products = IntStream.range(0, x.length).mapToLong(i -> (long) x[i] * y[i]).sum();
        return BigInteger.valueOf(x.length * products - (long) Arrays.stream(x).sum() * Arrays.stream(y).sum()).abs();
    }

    @Test
    void moreThanEightPairsAreGoneThroughWhereTiesLeaveFewArrangements() {
        double[] x = IntStream.range(0, 12).asDoubleStream().toArray();
        double[] y = new double[12];
        y[11] = 1;
        Pile pile = pile(run(Play.SHUFFLE, Pairs.of(x, y), LINE, Watched.SLOPE, 1), 12);

        assertThat(pile.isOfAll()).isTrue();
        assertThat(pile.draws()).isEqualTo(12);
        assertThat(pile.p()).as("the 1 stands at either end in two of twelve").hasValue(2.0 / 12);
    }

    @Test
    void singleStepsAreDealtEvenWhereThereAreFewArrangements() {
        assertThat(pile(run(Play.SHUFFLE, pairs(1, 6), LINE, Watched.SLOPE, 1), 10).isOfAll()).isFalse();
    }

    /** The quick way, by sums, gives what fitting each draw anew gives. */
    @Test
    void whatIsWatchedIsWhatTheDrawsOwnFitSays() {
        Pairs once = pairs(11, 14);
        Pairs counted = Pairs.of(new double[] {1, 2, 2, 5, 7, 8}, new double[] {3, 1, 4, 4, 9, 7}, new int[] {1, 3, 1, 2, 1, 4});
        List<Watched> watched = List.of(Watched.SLOPE, Watched.INTERCEPT, new Watched.R(), new Watched.FittedAt(4.5),
                new Watched.OfCoefficient(2));
        List<Curve> curves = List.of(LINE, QUADRATIC, new Curve.Logarithmic(), new Curve.ThroughOrigin(),
                new Curve.OwnTerms(List.of(Term.X, Term.ONE)), EXPONENTIAL);
        int compared = 0;
        for (Pairs pairs : List.of(once, counted)) {
            for (Curve curve : curves) {
                for (Watched number : watched) {
                    for (Play play : List.of(Play.SHUFFLE, Play.DRAW_AGAIN)) {
                        if (Run.of(setup(play, pairs, curve, number, 5)) instanceof Run run) {
                            compare(run, number);
                            compared++;
                        }
                    }
                }
            }
        }
        // Of lines 4, of parabolas 4, of the others 3 each with r left out, of an exponential curve shuffled one.
        assertThat(compared).isGreaterThan(60);
    }

    private static void compare(Run run, Watched number) {
        Pile pile = pile(run, 20);
        for (int draw = 1; draw <= 20; draw++) {
            if (run.draw(draw).fit() instanceof CurveFit fit && number.of(fit).isPresent()) {
                double fitted = number.of(fit).getAsDouble();
                assertThat(pile.value(draw).orElseThrow()).as("%s %s", run.setup(), draw)
                        .isCloseTo(fitted, within(1e-9 * Math.max(1, Math.abs(fitted))));
                if (fit instanceof LineFit line) {
                    assertThat(run.lineOf(draw, 3)).isCloseTo(line.at(3), within(1e-9));
                }
            } else {
                assertThat(pile.value(draw)).isEmpty();
            }
        }
    }

    @Test
    void ofALineThroughTheOriginChanceHasItsMiddleElsewhereThanAtZero() {
        Pairs pairs = Pairs.of(new double[] {1, 2, 3}, new double[] {4, 6, 8});
        Run run = run(Play.SHUFFLE, pairs, new Curve.ThroughOrigin(), new Watched.OfCoefficient(0), 1);
        // The mean over all deals of Σxy ÷ Σx² is ȳ Σx ÷ Σx² = 6 · 6 ÷ 14.
        assertThat(run.centre()).isCloseTo(36.0 / 14, within(1e-12));
        assertThat(run.ours()).isCloseTo((4 + 12 + 24) / 14.0, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(value = Play.class, names = {"SHUFFLE", "DRAW_AGAIN"})
    void aRunThatIsStoppedAndGoneOnWithIsTheSame(Play play) {
        Run stopped = run(play, pairs(3, 20), LINE, Watched.SLOPE, 77);
        stopped.make(100_000, () -> false);
        int first = stopped.made();
        Run whole = run(play, pairs(3, 20), LINE, Watched.SLOPE, 77);
        assertThat(first).isBetween(1, 99_999);
        assertThat(pile(stopped, 2_000).values()).isEqualTo(pile(whole, 2_000).values());
        assertThat(stopped.pile(first).draws()).as("an earlier state is still there").isEqualTo(first);
        assertThat(pile(run(play, pairs(3, 20), LINE, Watched.SLOPE, 78), 50).values())
                .as("another run").isNotEqualTo(whole.pile(50).values());
    }

    @Test
    void drawsWithoutTwoDifferentXAreCountedAndLeftOut() {
        Pairs pairs = Pairs.of(new double[] {1, 1, 2}, new double[] {3, 5, 4});
        Run run = run(Play.DRAW_AGAIN, pairs, LINE, Watched.SLOPE, 1);
        Pile pile = pile(run, 900);
        long without = IntStream.rangeClosed(1, 900).filter(draw -> !(run.draw(draw).fit() instanceof CurveFit)).count();
        // All at x = 1 in 8 of 27 draws, all at x = 2 in one.
        assertThat(without).isBetween(240L, 360L);
        assertThat(pile.failed()).isEqualTo((int) without);
        assertThat(pile.size()).isEqualTo(900 - pile.failed());
    }

    @Test
    void whatCannotBePlayedSaysWhy() {
        Pairs two = Pairs.of(new double[] {1, 2}, new double[] {3, 5});
        Pairs flat = Pairs.of(new double[] {1, 2, 4}, new double[] {3, 3, 3});
        Pairs upright = Pairs.of(new double[] {2, 2, 2}, new double[] {1, 3, 4});
        assertThat(reason(setup(Play.SHUFFLE, two, LINE, Watched.SLOPE, 1))).startsWith("Two points are too few");
        assertThat(reason(setup(Play.DRAW_AGAIN, two, LINE, Watched.SLOPE, 1))).startsWith("Two points are too few");
        assertThat(reason(setup(Play.SHUFFLE, flat, LINE, Watched.SLOPE, 1))).startsWith("All values of y are equal");
        assertThat(reason(setup(Play.DRAW_AGAIN, flat, LINE, new Watched.R(), 1))).contains("no such number");
        assertThat(reason(setup(Play.DRAW_AGAIN, upright, LINE, Watched.SLOPE, 1))).contains("the same x");
        assertThat(reason(setup(Play.ANOTHER_SAMPLE, pairs(1, 9), LINE, Watched.SLOPE, 1))).contains("by a recipe");
        assertThat(reason(setup(Play.SHUFFLE, pairs(1, 9), EXPONENTIAL, Watched.SLOPE, 1))).contains("reading line");
        assertThat(reason(setup(Play.SHUFFLE, Pairs.of(new double[0], new double[0]), LINE, Watched.SLOPE, 1)))
                .contains("at least two points");
    }

    @Test
    void aRunIsKnownByAllThatItFollowsFrom() {
        Pairs pairs = pairs(1, 9);
        Run.Setup setup = setup(Play.SHUFFLE, pairs, LINE, Watched.SLOPE, 1);
        Run run = (Run) Run.of(setup);
        assertThat(run.isOf(setup(Play.SHUFFLE, pairs, new Curve.Line(), new Watched.OfCoefficient(1), 1))).isTrue();
        assertThat(run.isOf(setup(Play.DRAW_AGAIN, pairs, LINE, Watched.SLOPE, 1))).isFalse();
        assertThat(run.isOf(setup(Play.SHUFFLE, pairs(1, 9), LINE, Watched.SLOPE, 1))).isFalse();
        assertThat(run.isOf(setup(Play.SHUFFLE, pairs, LINE, Watched.INTERCEPT, 1))).isFalse();
        assertThat(run.isOf(setup(Play.SHUFFLE, pairs, QUADRATIC, Watched.SLOPE, 1))).isFalse();
        assertThat(run.isOf(setup(Play.SHUFFLE, pairs, LINE, Watched.SLOPE, 2))).isFalse();
    }

    @Test
    void theFitOfARunIsThatOfThePairs() {
        Pairs pairs = pairs(4, 12);
        Run run = run(Play.DRAW_AGAIN, pairs, LINE, Watched.SLOPE, 1);
        assertThat(run.ours()).isEqualTo(LeastSquares.line(pairs).line().orElseThrow().slope().value());
    }
}
