package hestra.task;

import java.util.Arrays;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** What is proposed for a scatter plot is what an eye sees in it. */
class SightTest {

    private static final int DRAWS = 150;
    private static final int PLACES = 24;

    /** So many points along x with a scatter that is drawn always in the same way. */
    private static double[] along(int n, DoubleUnaryOperator curve, double scatter, long seed) {
        Random random = new Random(seed);
        return IntStream.range(0, n).mapToDouble(i -> curve.applyAsDouble(i) + scatter * random.nextGaussian()).toArray();
    }

    private static double[] places(int n) {
        return IntStream.range(0, n).asDoubleStream().toArray();
    }

    private static Description of(double[] y) {
        return Description.proposedFor(Pairs.of(places(y.length), y));
    }

    private static Description description(Direction direction, Form form, Strength strength, Unusual unusual) {
        return new Description(direction, form, strength, unusual);
    }

    /** r of the others is above 0.99, that of all 0.1: an eye sees a line and a point off it. */
    @ParameterizedTest
    @ValueSource(ints = {0, 3, 11, 12, 20, 23})
    void oneSlipDoesNotHideALine(int at) {
        double[] y = along(PLACES, x -> 3 + 1.5 * x, 0.8, 7);
        assertThat(of(y)).isEqualTo(description(Direction.RISING, Form.STRAIGHT, Strength.STRONG, Unusual.NONE));
        y[at] = at < 12 ? 10 * y[at] + 60 : y[at] / 10 - 20;
        assertThat(of(y)).isEqualTo(description(Direction.RISING, Form.STRAIGHT, Strength.STRONG, Unusual.ONE));
    }

    @Test
    void severalSlipsDoNotHideEachOther() {
        double[] y = along(PLACES, x -> 40 - 1.5 * x, 0.8, 3);
        y[20] *= 10;
        y[21] *= 10;
        y[22] *= 10;
        assertThat(of(y)).isEqualTo(description(Direction.FALLING, Form.STRAIGHT, Strength.STRONG, Unusual.SEVERAL));
    }

    @Test
    void aBendIsSeenWhateverItsDirection() {
        assertThat(of(along(PLACES, x -> 60 * Math.exp(-0.15 * x), 1, 1)))
                .isEqualTo(description(Direction.FALLING, Form.CURVED, Strength.STRONG, Unusual.NONE));
        assertThat(of(along(PLACES, x -> 12 * Math.log1p(x), 1, 1)))
                .isEqualTo(description(Direction.RISING, Form.CURVED, Strength.STRONG, Unusual.NONE));
        assertThat(of(along(PLACES, x -> (x - 11.5) * (x - 11.5), 4, 1))).as("a valley rises and falls")
                .isEqualTo(description(Direction.NEITHER, Form.CURVED, Strength.STRONG, Unusual.NONE));
    }

    @Test
    void aSlipOffACurveLeavesItACurve() {
        double[] y = along(PLACES, x -> 60 * Math.exp(-0.15 * x), 1, 5);
        y[14] *= 10;
        assertThat(of(y)).isEqualTo(description(Direction.FALLING, Form.CURVED, Strength.STRONG, Unusual.ONE));
    }

    /** One point at the end that is off a line makes no curve of it. */
    @Test
    void aPointOffTheEndOfALineIsNoBend() {
        double[] y = along(PLACES, x -> 3 + 0.5 * x, 0.6, 2);
        y[23] += 14;
        assertThat(of(y)).isEqualTo(description(Direction.RISING, Form.STRAIGHT, Strength.STRONG, Unusual.ONE));
    }

    @Test
    void aPointAloneFarToOneSideStandsApartThoughItFollows() {
        double[] x = places(PLACES);
        double[] y = along(PLACES, at -> 3 + 0.5 * at, 0.6, 2);
        x[23] = 60;
        y[23] = 33;
        assertThat(Description.proposedFor(Pairs.of(x, y)).unusual()).isEqualTo(Unusual.ONE);
        x[23] = 30;
        y[23] = 18;
        assertThat(Description.proposedFor(Pairs.of(x, y)).unusual()).as("a gap of a third is none").isEqualTo(Unusual.NONE);
    }

    @Test
    void exactPointsAndThoseOfOneHeightAreTakenAsTheyAre() {
        assertThat(of(along(PLACES, x -> 2 * x, 0, 1)))
                .isEqualTo(description(Direction.RISING, Form.STRAIGHT, Strength.STRONG, Unusual.NONE));
        assertThat(of(along(PLACES, _ -> 5, 0, 1)).form()).isEqualTo(Form.NONE);
        assertThat(of(along(PLACES, x -> 1e300 * (x - 12), 0, 1)).direction()).isEqualTo(Direction.RISING);
        assertThat(of(new double[0]).form()).isEqualTo(Form.NONE);
        assertThat(of(new double[] {1, 2}).direction()).isEqualTo(Direction.RISING);
        assertThat(Description.proposedFor(Pairs.of(new double[PLACES], places(PLACES))).form())
                .as("all above each other").isEqualTo(Form.NONE);
    }

    /** Chance alone is rarely taken for a bend or for a point apart: at most 4 in 100, where the level is 1 in 100 for each. */
    @ParameterizedTest
    @ValueSource(ints = {8, 24, 80})
    void chanceIsRarelyTakenForMore(int n) {
        long bent = 0;
        long apart = 0;
        for (int seed = 0; seed < DRAWS; seed++) {
            Description seen = of(along(n, x -> x, 0.3 * n, seed));
            bent += seen.form() == Form.CURVED ? 1 : 0;
            apart += seen.unusual() != Unusual.NONE ? 1 : 0;
        }
        assertThat(bent).isLessThanOrEqualTo(4 * DRAWS / 100);
        assertThat(apart).isLessThanOrEqualTo(4 * DRAWS / 100);
    }

    /** Neither units nor the order of the rows matter, and a plot that is turned upside down is turned only in its direction. */
    @Test
    void unitsAndOrderDoNotMatter() {
        for (int seed = 0; seed < 60; seed++) {
            double[] x = places(20);
            double[] y = along(20, at -> 2 + 0.4 * at, 3, seed);
            if (seed % 3 == 0) {
                y[seed % 20] += 40;
            }
            Description seen = Description.proposedFor(Pairs.of(x, y));
            double[] back = IntStream.range(0, 20).mapToDouble(i -> y[19 - i]).toArray();
            double[] xBack = IntStream.range(0, 20).mapToDouble(i -> 1000 * x[19 - i] - 7).toArray();
            assertThat(Description.proposedFor(Pairs.of(xBack, back))).as("seed %d", seed).isEqualTo(seen);
            Description down = Description.proposedFor(Pairs.of(x, IntStream.range(0, 20)
                    .mapToDouble(i -> 5 - 0.25 * y[i]).toArray()));
            Direction turned = seen.direction() == Direction.RISING ? Direction.FALLING
                    : seen.direction() == Direction.FALLING ? Direction.RISING
                    : Direction.NEITHER;
            assertThat(down).as("seed %d", seed).isEqualTo(new Description(turned, seen.form(), seen.strength(), seen.unusual()));
        }
    }

    @Test
    void manyPointsAreLookedAtInAMoment() {
        double[] y = along(100_000, x -> 0.001 * x, 30, 4);
        assertThat(of(y)).isEqualTo(description(Direction.RISING, Form.STRAIGHT, Strength.MODERATE, Unusual.NONE));
    }

    /** Strong is from |r| = 0.8 on: y = x and a zigzag that is nearly at right angles to it, so that r is known. */
    @ParameterizedTest
    @CsvSource({"0.62, MODERATE", "0.7, MODERATE", "0.77, MODERATE", "0.83, STRONG", "0.9, STRONG"})
    void strongIsFromFourFifthsOn(double r, Strength strength) {
        double[] x = IntStream.range(0, PLACES).asDoubleStream().toArray();
        double[] away = new double[x.length];
        // Over four neighbours +, −, −, + has no mean and no slope.
        for (int i = 0; i < x.length; i++) {
            away[i] = i % 4 == 0 || i % 4 == 3 ? 1 : -1;
        }
        double mean = Arrays.stream(x).average().orElseThrow();
        double spread = Math.sqrt(Arrays.stream(x).map(it -> (it - mean) * (it - mean)).sum() / x.length);
        double[] y = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            y[i] = r * (x[i] - mean) / spread + Math.sqrt(1 - r * r) * away[i];
        }
        assertThat(of(y).strength()).isEqualTo(strength);
    }
}
