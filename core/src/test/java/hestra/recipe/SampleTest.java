package hestra.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.fit.Curve;
import hestra.fit.Term;
import hestra.numbers.DecimalMark;
import hestra.recipe.Scatter.Shape;
import hestra.summary.Association;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class SampleTest {

    private static final Variable DAYS = Variable.named("days");
    private static final Variable LENGTH = Variable.named("length");

    private static Recipe recipe(Along along, MeanCurve truth, double size) {
        return new Recipe(7, 30, along, truth, new Scatter(Shape.NORMAL, size, false), OptionalDouble.empty(), Oddities.NONE, 1,
                0, 4, 6);
    }

    private static DataTable table(Recipe recipe) {
        return ((Sample.Done) Sample.of(recipe, DAYS, LENGTH, DecimalMark.POINT)).sample().table();
    }

    private static String refusal(Recipe recipe) {
        return ((Sample.Refused) Sample.of(recipe, DAYS, LENGTH, DecimalMark.POINT)).message();
    }

    private static Pairs pairs(DataTable table) {
        return Pairs.of(table, 0, 1);
    }

    @Test
    void theSameRecipeGivesTheSameDataAndAnotherSeedOthers() {
        Recipe recipe = recipe(new Along.Between(0, 10), MeanCurve.line(1, 2), 1);
        assertThat(table(recipe)).isEqualTo(table(recipe));
        assertThat(table(recipe.next())).isNotEqualTo(table(recipe));
    }

    @Test
    void aSeedGivesTheSameDataOnEveryMachineAndInEveryVersion() {
        // java.util.Random is specified to the last bit; these three come from its specification, worked out elsewhere in exact
        // integers.
        DataTable table = table(new Recipe(1, 3, new Along.Between(0, 1), MeanCurve.line(0, 1), new Scatter(Shape.EVEN, 0, false),
                OptionalDouble.empty(), Oddities.NONE, 1, 0, 8, 8));
        assertThat(pairs(table).xs().toArray()).isEqualTo(pairs(table).ys().toArray());
        assertThat(pairs(table).xs().toArray()).containsExactly(0.19842830, 0.24932002, 0.37899465);
    }

    @Test
    void withoutScatterEveryPairLiesOnTheCurve() {
        List<MeanCurve> truths = List.of(MeanCurve.line(1, -2), new MeanCurve(new Curve.ThroughOrigin(), List.of(3.0)),
                new MeanCurve(new Curve.Polynomial(2), List.of(1.0, 2.0, 3.0)),
                new MeanCurve(new Curve.Exponential(Curve.FittedOn.VALUES), List.of(2.0, 0.5)),
                        new MeanCurve(new Curve.Power(Curve.FittedOn.VALUES), List.of(2.0, 1.5)),
                new MeanCurve(new Curve.Logarithmic(), List.of(1.0, 2.0)),
                        new MeanCurve(new Curve.Wave(), List.of(1.0, 2.0, 0.5, 0.25)),
                new MeanCurve(new Curve.OwnTerms(List.of(Term.ONE, Term.ROOT)), List.of(1.0, 2.0)));
        double[] atFour = {1 - 8, 12, 1 + 8 + 48, 2 * 0.0625, 2 * 8, 1 + 2 * Math.log(4), 1 + 2 * Math.sin(2.25), 1 + 2 * 2};
        for (int i = 0; i < truths.size(); i++) {
            DataTable table = table(recipe(new Along.Steps(1, 1), truths.get(i), 0));
            assertThat(pairs(table).x(3)).isEqualTo(4);
            assertThat(pairs(table).y(3)).as(truths.get(i).toString()).isCloseTo(atFour[i], within(1e-6));
        }
    }

    @Property(tries = 200)
    void theTargetCorrelationIsReachedBeforeRounding(@ForAll @DoubleRange(min = 0.05, max = 0.99) double target,
            @ForAll boolean falling, @ForAll @IntRange(min = 4, max = 60) int n,
            @ForAll long seed) {
        double sign = falling ? -1 : 1;
        Recipe recipe = new Recipe(seed, n, new Along.Between(2, 9), MeanCurve.line(3, 2 * sign),
                new Scatter(Shape.SKEWED, 1, true), OptionalDouble.of(target * sign),
                Oddities.NONE, 1, 0, 8, 8);
        Pairs pairs = pairs(table(recipe));
        assertThat(Association.of(pairs).orElseThrow().r().orElseThrow()).isCloseTo(target * sign, within(1e-6));
    }

    @Test
    void aTargetOutOfReachSaysWhatIsTheMatter() {
        Recipe bent = recipe(new Along.Between(0, 9), new MeanCurve(new Curve.Polynomial(2), List.of(0.0, 0.0, 1.0)), 1);
        Recipe tooMuch = new Recipe(bent.seed(), bent.n(), bent.along(), bent.truth(), bent.scatter(), OptionalDouble.of(0.9999),
                Oddities.NONE, 1, 0, 4, 4);
        assertThat(refusal(tooMuch)).startsWith("Without any scatter this curve has r = 0.9");
        Recipe wrongWay = new Recipe(1, 20, new Along.Steps(0, 1), MeanCurve.line(0, 2), bent.scatter(), OptionalDouble.of(-0.5),
                Oddities.NONE, 1, 0, 4, 4);
        assertThat(refusal(wrongWay)).startsWith("This curve rises");
        Recipe tooFew = new Recipe(1, 2, new Along.Steps(0, 1), MeanCurve.line(0, 2), bent.scatter(), OptionalDouble.of(0.5),
                Oddities.NONE, 1, 0, 4, 4);
        assertThat(refusal(tooFew)).isEqualTo("For a target r give more pairs.");
    }

    @ParameterizedTest
    @EnumSource
    void everyShapeOfScatterHasMeanZeroAndTheSameSize(Shape shape) {
        Random random = new Random(17);
        double[] drawn = new double[200_000];
        Arrays.setAll(drawn, _ -> shape.draw(random));
        double mean = Arrays.stream(drawn).average().orElseThrow();
        double square = Arrays.stream(drawn).map(it -> it * it).average().orElseThrow();
        assertThat(mean).isCloseTo(0, within(0.01));
        assertThat(square).isCloseTo(1, within(0.04));
    }

    @Test
    void skewedScatterIsSkewedAndEvenScatterIsBounded() {
        Random random = new Random(17);
        double cubes = 0;
        for (int i = 0; i < 50_000; i++) {
            cubes += Math.pow(Shape.SKEWED.draw(random), 3);
            assertThat(Math.abs(Shape.EVEN.draw(random))).isLessThanOrEqualTo(Math.sqrt(3));
        }
        assertThat(cubes / 50_000).as("the third moment of an exponential distribution about its mean is 2")
                .isCloseTo(2, within(0.25));
    }

    @Test
    void scatterThatGrowsIsFiveTimesAsLargeAtTheEnd() {
        double[] x = new double[20_001];
        Arrays.setAll(x, i -> i < 10_000 ? 0 : 9);
        double[] deviations = new Scatter(Shape.NORMAL, 1, true).deviations(x, new Random(3));
        double first = Math.sqrt(Arrays.stream(deviations, 0, 10_000).map(it -> it * it).average().orElseThrow());
        double last = Math.sqrt(Arrays.stream(deviations, 10_000, 20_000).map(it -> it * it).average().orElseThrow());
        assertThat(last / first).isCloseTo(5, within(0.15));
    }

    @Test
    void changingTheScatterLeavesXAsItWas() {
        Recipe quiet = recipe(new Along.About(5, 1), MeanCurve.line(1, 2), 0.5);
        Recipe loud = recipe(new Along.About(5, 1), MeanCurve.line(1, 2), 5);
        assertThat(pairs(table(quiet)).xs().toArray()).isEqualTo(pairs(table(loud)).xs().toArray());
        assertThat((pairs(table(loud)).y(4) - (1 + 2 * pairs(table(loud)).x(4))) / (pairs(table(quiet))
                .y(4) - (1 + 2 * pairs(table(quiet)).x(4)))).isCloseTo(10, within(1e-3));
    }

    @Test
    void outliersAFarPointAndMissingCellsAreWhereTheRecipePutsThem() {
        Oddities odd = new Oddities(3, 6, Optional.of(new Oddities.FarPoint(50, -12)), 4);
        Recipe recipe = new Recipe(5, 30, new Along.Steps(1, 1), MeanCurve.line(0, 1), new Scatter(Shape.EVEN, 1, false),
                OptionalDouble.empty(), odd, 1, 0, 0, 2);
        DataTable table = table(recipe);
        assertThat(table.size()).isEqualTo(31);
        assertThat(table.cell(30, 0)).isEqualTo(Cell.of("50", DecimalMark.POINT));
        assertThat(table.cell(30, 1)).isEqualTo(Cell.of("38.00", DecimalMark.POINT));
        assertThat(table.rows().stream().filter(row -> row.cell(0).isEmpty() || row.cell(1).isEmpty()).count()).isEqualTo(4);
        DataTable whole = table(new Recipe(5, 30, recipe.along(), recipe.truth(), recipe.scatter(), OptionalDouble.empty(),
                new Oddities(3, 6, Optional.empty(), 0), 1, 0, 0, 2));
        Pairs pairs = pairs(whole);
        long off = IntStream.range(0, 30).filter(i -> Math.abs(pairs.y(i) - pairs.x(i)) > 4).count();
        assertThat(off).as("even scatter reaches no further than 1.73").isEqualTo(3);
    }

    @Test
    void groupsLieApartAndAreNamed() {
        Recipe recipe = new Recipe(5, 30, new Along.Steps(1, 1), MeanCurve.line(0, 1), new Scatter(Shape.NORMAL, 0, false),
                OptionalDouble.empty(), Oddities.NONE, 3, 10, 0, 0);
        Sample sample = ((Sample.Done) Sample.of(recipe, DAYS, LENGTH, DecimalMark.POINT)).sample();
        assertThat(sample.roles().group()).hasValue(2);
        for (int i = 0; i < 30; i++) {
            int group = sample.table().cell(i, 2).text().charAt(0) - 'A';
            assertThat(((Cell.Measured) sample.table().cell(i, 1)).value()).isEqualTo(i + 1 + 10.0 * group);
        }
        assertThat(sample.table().rows().stream().map(row -> row.cell(2).text()).distinct().sorted())
                .containsExactly("A", "B", "C");
    }

    @Test
    void valuesAreRoundedAndWrittenAsAnInstrumentWould() {
        DataTable table = ((Sample.Done) Sample.of(new Recipe(5, 12, new Along.Between(0, 9), MeanCurve.line(0, 1),
                new Scatter(Shape.NORMAL, 1, false), OptionalDouble.empty(),
                Oddities.NONE, 1, 0, 1, 2), DAYS, LENGTH, DecimalMark.COMMA)).sample().table();
        assertThat(table.rows()).allSatisfy(row -> {
            assertThat(row.cell(0).text()).matches("-?\\d+,\\d");
            assertThat(row.cell(1).text()).matches("-?\\d+,\\d\\d");
        });
    }

    @Test
    void whatCannotBeMadeSaysWhatToDo() {
        assertThat(refusal(recipe(new Along.Steps(0, 1), new MeanCurve(new Curve.Logarithmic(), List.of(1.0, 2.0)), 1)))
                .isEqualTo("The curve has no value at x = 0. Choose other values of x.");
        assertThat(refusal(recipe(new Along.Steps(0, 0), MeanCurve.line(1, 2), 1))).contains("step other than 0");
        assertThat(refusal(recipe(new Along.Between(5, 5), MeanCurve.line(1, 2), 1))).contains("smaller first");
        assertThat(refusal(recipe(new Along.Steps(0, 1), MeanCurve.line(1, Double.NaN), 1))).contains("coefficient");
        assertThat(refusal(recipe(new Along.Steps(0, 1), MeanCurve.line(1, 2), -1))).contains("scatter");
        assertThat(refusal(recipe(new Along.Steps(0, 100),
                new MeanCurve(new Curve.Exponential(Curve.FittedOn.VALUES), List.of(1.0, 9e9)), 0))).contains("no value");
    }
}
