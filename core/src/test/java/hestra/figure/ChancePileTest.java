package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.Kelp;
import hestra.chance.Asked;
import hestra.chance.ChanceWords;
import hestra.chance.Play;
import hestra.chance.Run;
import hestra.chance.Source;
import hestra.chance.Watched;
import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.LeastSquares;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The pile as it is drawn, and said: five blades, whose 120 arrangements can be counted by hand. */
class ChancePileTest {

    private static final Layout LAYOUT = new Layout(600, 240, 1);
    private static final Pairs BLADES = Pairs.of(Kelp.DAYS, Kelp.LENGTHS);

    private static Asked asked(Play play, Pairs pairs, int draws) {
        CurveFit fit = LeastSquares.fit(new Curve.Line(), pairs).curveFit().orElseThrow();
        Run run = (Run) Run.of(new Run.Setup(play, pairs, fit.curve(), Watched.SLOPE, 7, 0.95, play == Play.ANOTHER_SAMPLE
                ? Optional.of(new Source.OfCurve(pairs, fit, 0.3)) : Optional.empty()));
        run.make(draws);
        return Asked.of(run, draws, 0.95);
    }

    private static Figure figure(Asked asked) {
        return ChancePile.describe(Optional.of(asked), "slope", NumberStyle.STANDARD, LAYOUT);
    }

    private static ChanceWords words(Asked asked) {
        return new ChanceWords(asked, NumberStyle.STANDARD, "days", "length");
    }

    private static List<Mark.Box> bars(Figure figure, Ink ink) {
        return Contents.marks(figure.ground(), Mark.Box.class).stream().filter(it -> it.fill() == ink).toList();
    }

    /** How many draws the bars of a colour stand for: together the pale ones stand for all. */
    private static double share(Figure figure) {
        return bars(figure, Ink.CHANCE_FAR).stream().mapToDouble(Mark.Box::height).sum()
                / bars(figure, Ink.CHANCE_PALE).stream().mapToDouble(Mark.Box::height).sum();
    }

    @Test
    void theFilledBarsAreTheDrawsAsFarAsOursAndStandOutsideOfIt() {
        Asked all = asked(Play.SHUFFLE, BLADES, 1_000);
        Figure figure = figure(all);
        assertThat(share(figure)).isCloseTo(2 / 120.0, within(1e-12));
        double ours = figure.x().pixel(0.515);
        double other = figure.x().pixel(-0.515);
        assertThat(bars(figure, Ink.CHANCE_FAR)).hasSize(2)
                .allMatch(it -> it.x() >= ours - 1 || it.x() + it.width() <= other + 1);
        assertThat(Contents.marks(figure.lines(), Mark.Line.class).stream().map(Mark.Line::x1)).hasSize(2)
                .anySatisfy(it -> assertThat(it).isCloseTo(ours, within(1e-6)))
                .anySatisfy(it -> assertThat(it).isCloseTo(other, within(1e-6)));
        Asked drawn = asked(Play.SHUFFLE, BLADES, 60);
        assertThat(share(figure(drawn))).isCloseTo(drawn.pile().asFar() / 60.0, within(1e-12));
    }

    @Test
    void theMiddleOfThePileStandsBesideTheIntervalByFormula() {
        Asked again = asked(Play.DRAW_AGAIN, BLADES, 500);
        Figure figure = figure(again);
        List<Mark.Line> level = Contents.marks(figure.lines(), Mark.Line.class).stream().filter(it ->
                it.y1() == it.y2()).toList();
        assertThat(level).hasSize(2);
        assertThat(level.getFirst().x1()).isCloseTo(figure.x().pixel(again.pile().middle(0.95).orElseThrow().low()),
                within(1e-6));
        assertThat(level.getLast().x2()).isCloseTo(figure.x().pixel(again.interval().orElseThrow().high()), within(1e-6));
        assertThat(bars(figure, Ink.CHANCE_FAR)).isEmpty();
        assertThat(bars(figure, Ink.CHANCE_PALE)).allMatch(it -> it.y() >= figure.area().top());
    }

    @Test
    void theFilledBarsOfOtherSamplesAreThoseWhoseIntervalMissesTheTruth() {
        Asked samples = asked(Play.ANOTHER_SAMPLE, BLADES, 400);
        assertThat(share(figure(samples))).isCloseTo(1 - samples.pile().held() / 400.0, within(1e-12));
        assertThat(labels(figure(samples))).contains("ours, taken as true");
        assertThat(words(samples).headline()).isEqualTo(samples.pile().held() + " of 400");
        assertThat(words(samples).ofWhat())
                .isEqualTo("samples gave a 95 % interval that holds the true slope, 0.5150.");
        assertThat(words(samples).counting()).contains("The line of least squares and its s are taken as the truth here.");
    }

    private static List<String> labels(Figure figure) {
        List<Mark> all = new ArrayList<>(figure.ground());
        all.addAll(figure.front());
        return Contents.marks(all, Mark.Label.class).stream().map(Mark.Label::text).toList();
    }

    @Test
    void beforeAnythingIsDrawnThereIsWhatToDo() {
        Figure empty = ChancePile.describe(Optional.empty(), ChanceWords.beforeDrawing(Play.SHUFFLE), NumberStyle.STANDARD,
                LAYOUT);
        assertThat(String.join(" ", labels(empty)))
                .isEqualTo("Press Shuffle once: the y values are dealt out anew to the same x.");
    }

    @Test
    void theSameIsSaidInWords() {
        ChanceWords all = words(asked(Play.SHUFFLE, BLADES, 1_000));
        assertThat(all.headline()).isEqualTo("2 of 120");
        assertThat(all.ofWhat()).isEqualTo("arrangements gave a slope at least as far from 0 as 0.5150.");
        assertThat(all.done()).isEqualTo("All 120 arrangements of the values of length");
        assertThat(all.readings()).contains(new ChanceWords.Reading("p, by shuffling", "0.0167"));
        assertThat(all.axis()).isEqualTo("slope in all 120 arrangements of the values of length");
        assertThat(all.pileInWords()).contains("The slopes lie from \u22120.5150 to 0.5150, half of them from ")
                .endsWith("Ours is 0.5150. 2 of 120 gave a slope at least as far from 0 as 0.5150.");
        Asked few = asked(Play.SHUFFLE, BLADES, 50);
        assertThat(words(few).counting()).contains("Counting ours too: " + (few.pile().asFar() + 1) + " of 51.");
        ChanceWords again = words(asked(Play.DRAW_AGAIN, BLADES, 20));
        assertThat(again.headline()).isEqualTo("too few to say");
        assertThat(again.ofWhat()).as("1 ÷ 0.025 is 40, ours not counted")
                .isEqualTo("The middle 95 % can be read from 39 draws on.");
    }

    @Test
    void fromDrawsFromThirtyNineOnTheMiddleIsThere() {
        // A line through three points of which two have the same x: some draws have none.
        Asked drawn = asked(Play.DRAW_AGAIN, Pairs.of(new double[] {1, 1, 2}, new double[] {1, 2, 5}), 200);
        assertThat(drawn.pile().failed()).isPositive();
        assertThat(words(drawn).failed()).hasValueSatisfying(it ->
                assertThat(it).isEqualTo(drawn.pile().failed() + " draws gave no such curve and are left out."));
        assertThat(words(asked(Play.DRAW_AGAIN, BLADES, 4_000)).done()).isEqualTo("Run 7, 4,000 draws");
        assertThat(new NumberStyle(DecimalMark.COMMA, 4).count(12_345)).isEqualTo("12\u202f345");
        assertThat(asked(Play.DRAW_AGAIN, BLADES, 38).pile().middle(0.95)).isEmpty();
        assertThat(asked(Play.DRAW_AGAIN, BLADES, 39).pile().middle(0.95)).isPresent();
    }
}
