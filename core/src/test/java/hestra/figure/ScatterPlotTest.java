package hestra.figure;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;

import hestra.figure.Figure.Hit;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import static hestra.figure.Contents.SIZE;
import static hestra.figure.Contents.marks;
import static hestra.figure.Contents.texts;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

class ScatterPlotTest {

    private static PlotContent content(Set<Layer> layers, OptionalDouble readingAt, OptionalInt selected) {
        Contents contents = Contents.withLine(layers);
        contents.reading = new ReadingLines(readingAt, OptionalDouble.empty(), List.of(), List.of());
        contents.selected = selected;
        return contents.content();
    }

    private static Figure figure(Layer... layers) {
        return Contents.withLine(EnumSet.of(Layer.POINTS, layers)).figure();
    }

    @Test
    void pointsStandAtTheirValues() {
        Figure figure = figure();
        Mark.Dot third = marks(figure.points(), Mark.Dot.class).get(2);
        assertThat(figure.x().value(third.x())).isEqualTo(6, within(1e-9));
        assertThat(figure.y().value(third.y())).isEqualTo(5, within(1e-9));
    }

    @Test
    void aPointSetAsideIsAHollowRingWithASlash() {
        Figure figure = figure();
        assertThat(marks(figure.points(), Mark.Dot.class)).hasSize(5);
        assertThat(marks(figure.points(), Mark.Ring.class)).singleElement()
                .satisfies(ring -> assertThat(figure.x().value(ring.x())).isEqualTo(15, within(1e-9)));
        assertThat(marks(figure.points(), Mark.Line.class)).hasSize(1);
    }

    @Test
    void theLineIsSolidWhereDataSupportItAndDashedOutside() {
        Figure figure = figure(Layer.LINE);
        List<Mark.Line> lines = marks(figure.lines(), Mark.Line.class);
        assertThat(lines).hasSize(3);
        Mark.Line solid = lines.stream().filter(line -> line.stroke().dash().isEmpty()).findFirst().orElseThrow();
        assertThat(figure.x().value(solid.x1())).isEqualTo(2, within(1e-9));
        assertThat(figure.x().value(solid.x2())).isEqualTo(10, within(1e-9));
        assertThat(figure.y().value(solid.y2())).isEqualTo(Contents.LINE.at(10), within(1e-9));
        assertThat(lines.stream().filter(line -> !line.stroke().dash().isEmpty())).hasSize(2);
    }

    @Test
    void theGroundOutsideTheDataIsHatchedAndTheReachOfTheDataNamed() {
        Figure figure = figure();
        assertThat(marks(figure.ground(), Mark.Hatch.class)).hasSize(2);
        assertThat(texts(figure.ground())).contains("data from 2", "to 10 days", "time since settling (days)",
                "blade length (cm)");
    }

    @Test
    void residualsGoFromThePointToTheLine() {
        Figure figure = figure(Layer.RESIDUALS);
        List<Mark.Line> residuals = marks(figure.lines(), Mark.Line.class);
        assertThat(residuals).hasSize(5);
        assertThat(figure.y().value(residuals.get(4).y1())).isEqualTo(7.2, within(1e-9));
        assertThat(figure.y().value(residuals.get(4).y2())).isEqualTo(7.1, within(1e-9));
    }

    @Test
    void squaresAreAsWideAsTheyAreHigh() {
        List<Mark.Box> squares = marks(figure(Layer.SQUARES).lines(), Mark.Box.class);
        assertThat(squares).hasSize(5).allSatisfy(box -> assertThat(box.width()).isEqualTo(box.height(), within(1e-9)));
    }

    @Test
    void theMeanLineStandsAtTheMean() {
        Figure figure = figure(Layer.MEAN);
        Mark.Line mean = marks(figure.lines(), Mark.Line.class).getFirst();
        assertThat(figure.y().value(mean.y1())).isEqualTo(5.04, within(1e-9));
    }

    @Test
    void theReadingLineSaysHowFarItIsBeyondTheData() {
        Figure figure = ScatterPlot.describe(content(Layer.usual(), OptionalDouble.of(14), OptionalInt.empty()), SIZE);
        assertThat(texts(figure.front())).containsExactly("x = 14 → ŷ = 9.16 cm", "≈ 4 days beyond the data");
        assertThat(figure.x().value(figure.grips().readingLine().orElseThrow())).isEqualTo(14, within(1e-9));
        Figure inside = ScatterPlot.describe(content(Layer.usual(), OptionalDouble.of(7), OptionalInt.empty()), SIZE);
        assertThat(texts(inside.front())).hasSize(1);
        Figure unseen = ScatterPlot.describe(content(Layer.usual(), OptionalDouble.of(99), OptionalInt.empty()), SIZE);
        assertThat(unseen.grips().readingLine()).isEmpty();
    }

    @Test
    void theSelectedPointWearsAHalo() {
        Figure figure = ScatterPlot.describe(content(Layer.usual(), OptionalDouble.empty(), OptionalInt.of(1)), SIZE);
        assertThat(marks(figure.front(), Mark.Ring.class)).singleElement()
                .satisfies(ring -> assertThat(figure.x().value(ring.x())).isEqualTo(4, within(1e-9)));
    }

    @Test
    void whatLiesUnderThePointer() {
        Figure figure = ScatterPlot.describe(content(Layer.usual(), OptionalDouble.of(14), OptionalInt.empty()), SIZE);
        double x = figure.x().pixel(6);
        double y = figure.y().pixel(5);
        assertThat(figure.hit(x + 5, y - 4)).isEqualTo(new Hit.OnPoint(2));
        assertThat(figure.hit(x + 40, y + 60)).isInstanceOf(Hit.OnGround.class);
        assertThat(figure.hit(figure.x().pixel(14) + 3, figure.area().top() + 80)).isInstanceOf(Hit.OnReadingLine.class);
        assertThat(figure.hit(2, 2)).isInstanceOf(Hit.Outside.class);
    }

    @Test
    void linesAreCutOffAtTheEdgesOfTheFrame() {
        Figure figure = Contents.withLine(EnumSet.allOf(Layer.class)).with(new Frame(3, 7, 4.4, 5.2)).figure();
        assertThat(marks(figure.lines(), Mark.Line.class)).isNotEmpty().allSatisfy(line -> {
            assertThat(line.y1()).isBetween(figure.area().top() - 1e-6, figure.area().bottom() + 1e-6);
            assertThat(line.y2()).isBetween(figure.area().top() - 1e-6, figure.area().bottom() + 1e-6);
        });
        assertThat(marks(figure.points(), Mark.Dot.class)).hasSize(1);
    }

    @Test
    void anEmptyPlotSaysWhatToDo() {
        Contents contents = new Contents(Layer.usual());
        contents.points = List.of();
        contents.notice = "Type\nthe data";
        PlotContent empty = contents.content();
        assertThat(texts(ScatterPlot.describe(empty, SIZE).ground())).contains("Type", "the data");
    }

    @Test
    void theResidualStripSharesTheAxisAndIsSymmetricAboutZero() {
        PlotContent content = content(Layer.usual(), OptionalDouble.empty(), OptionalInt.of(4));
        Figure plot = ScatterPlot.describe(content, SIZE);
        Figure strip = ResidualStrip.describe(content, StripKind.AGAINST_X, new Layout(600, 150, 1));
        assertThat(strip.x()).isEqualTo(plot.x());
        assertThat(strip.y().low()).isEqualTo(-strip.y().high());
        assertThat(strip.spots().size()).isEqualTo(5);
        assertThat(strip.y().value(strip.spots().get(4).y())).isEqualTo(0.1, within(1e-9));
        assertThat(marks(strip.front(), Mark.Ring.class)).hasSize(1);
        assertThat(strip.hit(strip.spots().get(0).x(), strip.spots().get(0).y())).isEqualTo(new Hit.OnPoint(0));
    }

    @Test
    void aClosedStripSaysWhatOpensIt() {
        Contents contents = new Contents(Layer.usual());
        contents.notice = "Opens with task 3.";
        PlotContent closed = contents.content();
        Figure strip = ResidualStrip.describe(closed, StripKind.AGAINST_X, new Layout(600, 150, 1));
        assertThat(texts(strip.ground())).containsExactly("Opens with task 3.");
        assertThat(strip.points()).isEmpty();
    }

    private static PlotContent named(List<PlotContent.Point> points, List<String> groups) {
        Contents contents = new Contents(Set.of(Layer.POINTS, Layer.NAMES)).with(new Frame(0, 20, 0, 20));
        contents.points = points;
        contents.groups = groups;
        return contents.content();
    }

    @Test
    void groupsHaveSignsOfTheirOwnAndALegend() {
        Figure figure = ScatterPlot.describe(named(List.of(new PlotContent.Point(0, 5, 5, false, "", 0, 1),
                new PlotContent.Point(1, 9, 5, false, "", 1, 1)),
                List.of("sheltered", "open")), SIZE);
        assertThat(marks(figure.points(), Mark.Dot.class)).extracting(Mark.Dot::sign).containsExactly(Sign.DISC, Sign.TRIANGLE);
        assertThat(marks(figure.ground(), Mark.Dot.class)).extracting(Mark.Dot::sign).containsExactly(Sign.DISC, Sign.TRIANGLE);
        assertThat(marks(figure.ground(), Mark.Label.class)).extracting(Mark.Label::text).contains("sheltered", "open");
        assertThat(marks(figure.ground(), Mark.Dot.class)).allSatisfy(dot -> assertThat(dot.y()).isLessThan(figure.area().top()));
    }

    @Test
    void aPairSeenFourTimesHasFourTimesTheArea() {
        Figure figure = ScatterPlot.describe(named(List.of(new PlotContent.Point(0, 5, 5, false, "", 0, 1),
                new PlotContent.Point(1, 9, 5, false, "", 0, 4)), List.of()), SIZE);
        List<Mark.Dot> dots = marks(figure.points(), Mark.Dot.class);
        assertThat(dots.get(1).radius()).isEqualTo(2 * dots.get(0).radius());
    }

    @Test
    void evenAPairSeenAThousandTimesLeavesRoomForTheOthers() {
        Figure figure = ScatterPlot.describe(named(List.of(new PlotContent.Point(0, 5, 5, false, "", 0, 1),
                new PlotContent.Point(1, 9, 5, false, "", 0, 1000)), List.of()), SIZE);
        assertThat(marks(figure.points(), Mark.Dot.class)).extracting(Mark.Dot::radius).allMatch(radius -> radius <= 14.001);
    }

    @Property(tries = 200)
    void namesNeverLieOnPointsOrOnOneAnother(@ForAll @Size(min = 1, max = 40) List<@DoubleRange(min = 0, max = 20) Double> xs,
            @ForAll Random random) {
        List<PlotContent.Point> points = new ArrayList<>();
        for (double x : xs) {
            points.add(new PlotContent.Point(points.size(), x, 20 * random.nextDouble(), false, "Rope " + points.size(), 0, 1));
        }
        Figure figure = ScatterPlot.describe(named(points, List.of()), SIZE);
        List<Mark.Label> names = marks(figure.points(), Mark.Label.class);
        List<double[]> boxes = names.stream().map(name -> new double[] {name.x(), name.y() - 8,
                name.x() + 0.5 * name.size() * name.text().length(), name.y()}).toList();
        for (int i = 0; i < boxes.size(); i++) {
            double[] a = boxes.get(i);
            for (double[] b : boxes.subList(i + 1, boxes.size())) {
                assertThat(a[0] < b[2] && a[2] > b[0] && a[1] < b[3] && a[3] > b[1]).as("two names").isFalse();
            }
            for (Mark.Dot dot : marks(figure.points(), Mark.Dot.class)) {
                assertThat(dot.x() > a[0] && dot.x() < a[2] && dot.y() > a[1] && dot.y() < a[3])
                        .as("a name on a point").isFalse();
            }
        }
        assertThat(names).as("the first always finds a place").isNotEmpty();
    }

    @Property
    void aSignIsAsLargeAsADiscOfItsRadius(@ForAll Sign sign) {
        int inside = 0;
        int tried = 0;
        for (double dx = -2; dx < 2; dx += 0.01) {
            for (double dy = -2; dy < 2; dy += 0.01) {
                tried++;
                inside += sign.distance(dx, dy, 1) <= 0 ? 1 : 0;
            }
        }
        assertThat(16.0 * inside / tried).isCloseTo(Math.PI, withinPercentage(2));
        assertThat(sign.distance(0, 0, 1)).isNegative();
        assertThat(sign.distance(3, 0, 1)).isPositive();
    }

    @Test
    void theAxesAreFoundUnderThePointer() {
        Figure figure = figure();
        assertThat(figure.hit(figure.area().left() + 50, figure.area().bottom() + 20)).isEqualTo(new Figure.Hit.OnAxis(true));
        assertThat(figure.hit(figure.area().left() - 20, figure.area().top() + 50)).isEqualTo(new Figure.Hit.OnAxis(false));
        assertThat(figure.hit(figure.area().left() - 20, figure.area().bottom() + 20)).isEqualTo(new Figure.Hit.Outside());
    }

    @Test
    void thousandsOfPointsAreOneCloudInWhichEachIsFound() {
        List<PlotContent.Point> points = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            points.add(new PlotContent.Point(2 * i, i / 150.0, 10 + 8 * Math.sin(i), i == 7));
        }
        Contents contents = Contents.withLine(EnumSet.allOf(Layer.class)).with(new Frame(0, 20, 0, 20));
        contents.points = points;
        contents.selected = OptionalInt.of(40);
        PlotContent many = contents.content();
        Figure figure = ScatterPlot.describe(many, SIZE);
        List<Mark.Cloud> clouds = marks(figure.points(), Mark.Cloud.class);
        assertThat(clouds).hasSize(1);
        assertThat(clouds.getFirst().places().size()).as("all but the selected one and the one set aside").isEqualTo(2998);
        assertThat(figure.lines()).as("no residuals, and the line above the cloud").isEmpty();
        assertThat(marks(figure.front(), Mark.Line.class)).extracting(line -> line.stroke().ink()).contains(Ink.BEST);
        Figure.Spot spot = figure.spots().ofRow(4000).orElseThrow();
        assertThat(figure.hit(spot.x(), spot.y())).isInstanceOf(Hit.OnPoint.class);
        assertThat(figure.spots().ofRow(4001)).isEmpty();
        assertThat(ScatterPlot.describe(many, SIZE)).as("nothing changed, so nothing need be painted again").isEqualTo(figure);
    }
}
