package hestra.chance;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.Interval;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.recipe.MeanCurve;
import hestra.recipe.Recipe;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What is counted of a pile. */
class PileTest {

    private static Pile pile(double centre, double ours, double... off) {
        return Pile.of(new Pile.About(Play.SHUFFLE, centre, ours, 1e-12), off, off.length, new BitSet(), false);
    }

    @Test
    void shareCountsBothSidesAndTheRealArrangement() {
        Pile pile = pile(0, 2, -3, -2, -1, 0, 1, 2, 2.5, Double.NaN);
        assertThat(pile.asFar()).isEqualTo(4);
        assertThat(pile.asFarOnOurSide()).isEqualTo(2);
        assertThat(pile.size()).isEqualTo(7);
        assertThat(pile.failed()).isEqualTo(1);
        assertThat(pile.p()).hasValue(5.0 / 8);
        assertThat(pile(0, 2).p()).as("of nothing").isEmpty();
    }

    @Test
    void distanceIsTakenFromTheCentre() {
        Pile pile = pile(10, -2, -2, 1, 3);
        assertThat(pile.ours()).isEqualTo(8);
        assertThat(pile.values()).containsExactly(8, 11, 13);
        assertThat(pile.asFar()).isEqualTo(2);
        assertThat(pile.isAsFar(12.5)).isTrue();
        assertThat(pile.isAsFar(11)).isFalse();
    }

    /** The (m + 1) q-th in order: of 39 numbers the first and the last for 95 %, of 19 there is none. */
    @Test
    void middleIsBetweenTheNumbersInOrder() {
        double[] numbers = IntStream.rangeClosed(1, 39).asDoubleStream().toArray();
        assertThat(pile(0, 0, numbers).middle(0.95)).contains(new Interval(1, 39));
        assertThat(pile(0, 0, numbers).middle(0.90)).contains(new Interval(2, 38));
        assertThat(pile(0, 0, Arrays.copyOf(numbers, 19)).middle(0.95)).isEmpty();
        // 40 numbers: (41)(0.05) = 2.05, a twentieth of the way from the second to the third.
        double[] forty = IntStream.rangeClosed(1, 40).asDoubleStream().toArray();
        Interval ends = pile(0, 0, forty).middle(0.90).orElseThrow();
        assertThat(ends.low()).isCloseTo(2.05, within(1e-9));
        assertThat(ends.high()).isCloseTo(38.95, within(1e-9));
    }

    private static Run samples(Source source, Pairs pairs, Watched watched) {
        return (Run) Run.of(new Run.Setup(Play.ANOTHER_SAMPLE, pairs, new Curve.Line(), watched, 9, 0.90, Optional.of(source)));
    }

    /** An interval that is counted as holding the truth is that of the sample's own fit. */
    @Test
    void intervalsOfOtherSamplesAreCountedByTheirOwnFits() {
        Recipe recipe = Recipe.simple();
        Source source = new Source.OfRecipe(recipe, new Curve.Line());
        Pairs pairs = source.sample(1).orElseThrow();
        Run run = samples(source, pairs, Watched.SLOPE);
        assertThat(run.truth().orElseThrow()).isCloseTo(2, within(1e-9));
        run.make(300);
        Pile pile = run.pile(300);
        int held = 0;
        for (int draw = 1; draw <= 300; draw++) {
            LineFit line = (LineFit) run.draw(draw).fit();
            boolean holds = line.slope().interval(0.90).orElseThrow().contains(2);
            held += holds ? 1 : 0;
            assertThat(pile.isMissed(draw)).isEqualTo(!holds);
            assertThat(run.lineOf(draw, 7)).isCloseTo(line.at(7), within(1e-9));
        }
        assertThat(pile.held()).isEqualTo(held).isBetween(250, 290);
    }

    @Test
    void ofARecipeForAnotherCurveNoSlopeIsTrue() {
        MeanCurve bent = new MeanCurve(new Curve.Polynomial(2), List.of(1.0, 0.0, 0.5));
        Source source = new Source.OfRecipe(Recipe.simple().with(bent), new Curve.Line());
        assertThat(source.truth(Watched.SLOPE)).isEmpty();
        assertThat(source.truth(new Watched.R())).isEmpty();
        assertThat(source.truth(new Watched.FittedAt(4))).hasValue(9);
    }

    @Test
    void samplesOfACurveLieAboutItWithItsScatter() {
        double[] x = IntStream.range(0, 4_000).mapToDouble(i -> i % 10).toArray();
        Pairs exact = Pairs.of(x, Arrays.stream(x).map(it -> 5 + 2 * it).toArray());
        Source source = new Source.OfCurve(exact, LeastSquares.line(exact).line().orElseThrow(), 3);
        Pairs sample = source.sample(12).orElseThrow();
        LineFit line = LeastSquares.line(sample).line().orElseThrow();
        assertThat(line.slope().value()).isCloseTo(2, within(0.1));
        assertThat(line.residualStandardError().orElseThrow()).isCloseTo(3, within(0.15));
        assertThat(source.truth(Watched.INTERCEPT).orElseThrow()).isCloseTo(5, within(1e-9));
    }

    /** Shares of shuffles against the t test, intervals of draws against the truth; docs/accuracy.md says what came of more. */
    @Test
    void shareAgreesWithTheTTestOnNormalData() {
        int sets = Integer.getInteger("hestra.sets", 60);
        int draws = 999;
        Random random = new Random(20);
        double beyond = 0;
        int held = 0;
        int heldSkew = 0;
        for (int set = 0; set < sets; set++) {
            double slope = random.nextDouble(0.4);
            double[] x = random.doubles(30, 0, 10).toArray();
            Pairs pairs = Pairs.of(x, Arrays.stream(x).map(it -> slope * it + random.nextGaussian()).toArray());
            Pairs skew = Pairs.of(x, Arrays.stream(x).map(it -> slope * it - Math.log(random.nextDouble())).toArray());
            Pile shuffled = pile(Play.SHUFFLE, pairs, set, draws);
            double p = LeastSquares.line(pairs).line().orElseThrow().slope().p().orElseThrow();
            double error = Math.sqrt((p * (1 - p) + 0.0005) / draws);
            beyond += Math.abs(shuffled.p().orElseThrow() - p) > 4 * error + 0.01 ? 1 : 0;
            held += pile(Play.DRAW_AGAIN, pairs, set, draws).middle(0.95).orElseThrow().contains(slope) ? 1 : 0;
            heldSkew += pile(Play.DRAW_AGAIN, skew, set, draws).middle(0.95).orElseThrow().contains(slope) ? 1 : 0;
        }
        System.out.printf("%d sets: share further from p than chance allows in %.0f; intervals of draws hold the slope in "
                + "%.2f %% (normal), %.2f %% (skew)%n", sets, beyond, 100.0 * held / sets, 100.0 * heldSkew / sets);
        assertThat(beyond / sets).isLessThan(0.02);
        assertThat((double) held / sets).isBetween(0.85, 1.0);
        assertThat((double) heldSkew / sets).isBetween(0.85, 1.0);
    }

    private static Pile pile(Play play, Pairs pairs, long number, int draws) {
        Run run = (Run) Run.of(new Run.Setup(play, pairs, new Curve.Line(), Watched.SLOPE, number, 0.95, Optional.empty()));
        run.make(draws);
        return run.pile(draws);
    }

    @Test
    void whatTheFormulaGivesIsOfTheNumberThatIsWatched() {
        Pairs pairs = Pairs.of(new double[] {1, 2, 4, 5, 8, 9}, new double[] {2, 3, 3, 6, 7, 11});
        LineFit line = LeastSquares.line(pairs).line().orElseThrow();
        assertThat(Formula.p(line, Watched.SLOPE)).isEqualTo(line.slope().p()).isEqualTo(Formula.p(line, new Watched.R()));
        assertThat(Formula.p(line, Watched.INTERCEPT)).isEqualTo(OptionalDouble.empty());
        assertThat(Formula.interval(line, pairs, Watched.INTERCEPT, 0.9)).isEqualTo(line.intercept().interval(0.9));
        assertThat(Formula.interval(line, pairs, new Watched.FittedAt(3), 0.9)).isEqualTo(line.predict(3, 0.9).meanInterval());
        assertThat(Formula.interval(line, pairs, new Watched.R(), 0.9).orElseThrow().contains(line.r().orElseThrow())).isTrue();
    }
}
