package hestra.figure;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Pairs;
import hestra.figure.Figure.Hit;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Diagnostics;
import hestra.fit.LeastSquares;
import hestra.fit.Trial;
import hestra.numbers.Probability;
import org.junit.jupiter.api.Test;

import static hestra.figure.Contents.fit;
import static hestra.figure.Contents.marks;
import static hestra.figure.Contents.parabola;
import static hestra.figure.Contents.texts;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Curves, what goes with the one in hand, and how they are taken hold of. */
class CurvesOnThePlotTest {

    private static final Pairs KELP = Pairs.of(Kelp.DAYS, Kelp.LENGTHS);

    @Test
    void everyPlaceOfACurveLiesOnIt() {
        CurveFit fit = fit(new Curve.Polynomial(2));
        Figure figure = parabola().figure();
        List<Mark.Path> paths = marks(figure.lines(), Mark.Path.class);
        assertThat(paths).hasSize(3).extracting(Mark.Path::stroke)
                .containsExactly(Slot.FIRST.beyond(), Slot.FIRST.stroke(), Slot.FIRST.beyond());
        for (Mark.Path path : paths) {
            for (int i = 1; i < path.places().size() - 1; i++) {
                double x = figure.x().value(path.places().x(i));
                assertThat(figure.y().value(path.places().y(i))).isEqualTo(fit.fitted(x).orElseThrow(), within(1e-9));
            }
        }
        assertThat(figure.x().value(paths.get(1).places().x(0))).isEqualTo(2, within(1e-9));
    }

    @Test
    void aCurveIsInterruptedWhereItIsNotDefinedAndCutOffAtTheFrame() {
        Figure figure = new Contents(EnumSet.of(Layer.POINTS)).holding(Slot.SECOND, fit(new Curve.Logarithmic()), "")
                .with(new Frame(-10, 20, 3, 6)).figure();
        List<Mark.Path> paths = marks(figure.lines(), Mark.Path.class);
        assertThat(paths).isNotEmpty().allSatisfy(path -> {
            for (int i = 0; i < path.places().size(); i++) {
                assertThat(path.places().x(i)).isGreaterThan(figure.x().pixel(0));
                assertThat(path.places().y(i)).isBetween(figure.area().top() - 1e-6, figure.area().bottom() + 1e-6);
            }
        });
    }

    @Test
    void aLineBendsWhereAnAxisIsLogarithmicAndAPowerCurveIsStraightWhereBothAre() {
        Figure figure = Contents.withLine(Layer.usual()).with(new Frame(1, 20, 1, 20))
                .with(Spacing.LOGARITHMIC, Spacing.LINEAR).figure();
        assertThat(marks(figure.lines(), Mark.Path.class)).hasSize(3);
        CurveFit power = fit(new Curve.Power(Curve.FittedOn.LOGARITHMS));
        Figure straight = new Contents(EnumSet.of(Layer.POINTS)).holding(Slot.THIRD, power, "").with(new Frame(1, 20, 1, 20))
                .with(Spacing.LOGARITHMIC, Spacing.LOGARITHMIC).figure();
        Places places = marks(straight.lines(), Mark.Path.class).get(1).places();
        double slope = (places.y(places.size() - 1) - places.y(0)) / (places.x(places.size() - 1) - places.x(0));
        for (int i = 1; i < places.size(); i++) {
            assertThat(places.y(i)).isEqualTo(places.y(0) + slope * (places.x(i) - places.x(0)), within(1e-6));
        }
    }

    @Test
    void pointsWithoutAPlaceOnALogarithmicAxisAreCountedAndNoneSaysWhatToDo() {
        Contents contents = new Contents(EnumSet.of(Layer.POINTS)).with(new Frame(1, 20, 0, 12))
                .with(Spacing.LOGARITHMIC, Spacing.LINEAR);
        contents.points.add(new PlotContent.Point(6, 0, 3, false));
        assertThat(texts(contents.figure().ground()))
                .contains("1 point is not shown: a logarithmic axis has no place for 0 and below");
        contents.points = List.of(new PlotContent.Point(0, -1, 3, false));
        contents.notice = "above 0 only";
        assertThat(texts(contents.figure().ground())).contains("above 0 only");
    }

    @Test
    void theBandOfTheMeanIsAsWideAsStudentsTSays() {
        Figure figure = Contents.withLine(EnumSet.of(Layer.POINTS, Layer.MEAN_INTERVAL)).figure();
        Places corners = marks(figure.lines(), Mark.Region.class).getFirst().corners();
        double x = figure.x().value(corners.x(40));
        double half = (corners.y(corners.size() - 41) - corners.y(40)) * figure.y().perPixel(0) / 2;
        // Days 2, 4, 6, 8, 10: mean 6, Sxx 40.
        double expected = Probability.quantileOfT(0.95, 3) * Contents.LINE.residualStandardError()
                .orElseThrow() * Math.sqrt(1 / 5.0 + (x - 6) * (x - 6) / 40);
        assertThat(half).isEqualTo(expected, within(1e-9));
        assertThat(marks(Contents.withLine(EnumSet.of(Layer.MEAN_INTERVAL, Layer.PREDICTION_INTERVAL)).figure().lines(),
                Mark.Region.class)).hasSize(2);
    }

    @Test
    void deviationsAddUpFromTheMeanToThePoint() {
        Figure figure = Contents.withLine(EnumSet.of(Layer.POINTS, Layer.DEVIATIONS)).figure();
        List<Mark.Line> uprights = marks(figure.lines(), Mark.Line.class).stream()
                .filter(it -> Math.abs(it.x1() - it.x2()) < 1e-9).toList();
        assertThat(uprights).hasSize(10);
        assertThat(figure.y().value(uprights.get(0).y1())).as("the mean").isEqualTo(5.04, within(1e-9));
        assertThat(uprights.get(0).y2()).isEqualTo(uprights.get(1).y1(), within(1e-9));
        assertThat(figure.y().value(uprights.get(1).y2())).isEqualTo(Kelp.LENGTHS[0], within(1e-9));
    }

    @Test
    void leverageStandsOnTheGroundAndANotablePointWearsARing() {
        Contents contents = Contents.withLine(EnumSet.of(Layer.POINTS, Layer.LEVERAGE));
        Pairs far = Pairs.of(new double[] {1, 2, 3, 4, 18}, new double[] {2, 3.1, 3.9, 5, 2});
        CurveFit line = LeastSquares.line(far).curveFit().orElseThrow();
        contents.influence = new Influence(Diagnostics.of(line, far), Optional.of(fit(new Curve.Polynomial(2))));
        Figure figure = contents.figure();
        List<Mark.Box> bars = marks(figure.lines(), Mark.Box.class);
        assertThat(bars).hasSize(5);
        // 1/5 + (18 − 5.6)² ÷ 197.2
        assertThat(bars.get(4).height() / bars.get(0).height())
                .isEqualTo((0.2 + 12.4 * 12.4 / 197.2) / (0.2 + 4.6 * 4.6 / 197.2), within(1e-9));
        assertThat(marks(figure.lines(), Mark.Ring.class)).singleElement()
                .satisfies(ring -> assertThat(figure.x().value(ring.x())).isEqualTo(18, within(1e-9)));
        assertThat(marks(figure.lines(), Mark.Path.class)).as("the curve without the point").isNotEmpty();
        // Cook's distance of (18, 2): about 30, in two digits.
        assertThat(texts(figure.lines())).as("what the bars are measured by, and what the ring says")
                .contains("0.5", "leverage 1")
                .anySatisfy(text -> assertThat(text).startsWith("Cook\u2019s distance "));
        double one = marks(figure.lines(), Mark.Label.class).stream().filter(it -> it.text().equals("leverage 1")).findFirst()
                .orElseThrow().y() - 4;
        assertThat(bars.get(0).height() / (figure.area().bottom() - one)).as("on the same scale")
                .isEqualTo(0.2 + 4.6 * 4.6 / 197.2, within(1e-9));
        assertThat(figure.area().bottom() - reach(figure).y()).as("its ends are named near the axis, whatever stands there")
                .isBetween(-50.0, 40.0);
    }

    @Test
    void theEndsOfTheDataStepOutOfTheReadingLinesWay() {
        Figure plain = Contents.withLine(EnumSet.of(Layer.POINTS)).figure();
        Figure read = Contents.withLine(EnumSet.of(Layer.POINTS)).reading(3).figure();
        double before = reach(plain).x();
        double line = read.x().pixel(3);
        assertThat(before).as("it would be crossed").isLessThan(line);
        assertThat(reach(read).x()).isGreaterThan(line);
        assertThat(reach(read).y()).isEqualTo(reach(plain).y());
    }

    private static Mark.Label reach(Figure figure) {
        return marks(figure.ground(), Mark.Label.class).stream().filter(it -> it.text().startsWith("data from")).findFirst()
                .orElseThrow();
    }

    @Test
    void anEquationStandsByItsCurveAndCoversNoPoint() {
        Contents contents = new Contents(EnumSet.of(Layer.POINTS, Layer.LINE, Layer.EQUATIONS))
                .holding(Slot.LINE, Contents.LINE, "ŷ = 0.86 + 0.59 x");
        Figure figure = contents.figure();
        Figure.Area box = figure.grips().targets().boxOf(Slot.LINE).orElseThrow();
        assertThat(box.left()).isGreaterThanOrEqualTo(figure.area().left());
        assertThat(box.right()).isLessThanOrEqualTo(figure.area().right());
        assertThat(figure.spots().stream()).noneMatch(spot -> box.contains(spot.x(), spot.y()));
        assertThat(figure.hit(box.left() + 5, box.top() + 5)).isEqualTo(new Hit.OnLabel(Slot.LINE));
        assertThat(texts(figure.front())).contains("ŷ = 0.86 + 0.59 x");
    }

    @Test
    void anEquationStaysWhereItWasPut() {
        Contents contents = new Contents(EnumSet.of(Layer.POINTS, Layer.EQUATIONS));
        contents.curves.add(new DrawnCurve(Slot.LINE, Contents.LINE, "ŷ = 1", Optional.of(new LabelPlace(0.5, 0.25, 2))));
        Figure figure = contents.figure();
        Figure.Area box = figure.grips().targets().boxOf(Slot.LINE).orElseThrow();
        assertThat(box.left()).isEqualTo(figure.area().left() + figure.area().width() / 2, within(1e-9));
        assertThat(box.bottom()).isEqualTo(figure.area().top() + figure.area().height() / 4, within(1e-9));
        contents.curves.set(0, new DrawnCurve(Slot.LINE, Contents.LINE, "ŷ = 1", Optional.of(new LabelPlace(1, 0, 1))));
        Figure.Area corner = contents.figure().grips().targets().boxOf(Slot.LINE).orElseThrow();
        assertThat(corner.right()).as("never out of the plot").isLessThanOrEqualTo(figure.area().right() + 1e-9);
    }

    @Test
    void curvesAndHandlesAreTakenHoldOf() {
        Trial trial = new Trial(new Curve.Line(), List.of(new Trial.Handle(12, 2), new Trial.Handle(18, 4)));
        Contents contents = parabola().holding(Slot.TRIAL, trial.on(KELP).orElseThrow(), "");
        contents.handles = new Handles(trial.handles(), OptionalInt.empty());
        Figure figure = contents.figure();
        assertThat(figure.hit(figure.x().pixel(18), figure.y().pixel(4))).isEqualTo(new Hit.OnHandle(1));
        assertThat(figure.hit(figure.x().pixel(15), figure.y().pixel(3) + 3)).isEqualTo(new Hit.OnCurve(Slot.TRIAL));
        double y = fit(new Curve.Polynomial(2)).fitted(1).orElseThrow();
        assertThat(figure.hit(figure.x().pixel(1), figure.y().pixel(y))).isEqualTo(new Hit.OnCurve(Slot.FIRST));
        assertThat(marks(figure.front(), Mark.Outline.class)).hasSize(2);
    }

    @Test
    void theLevelReadingLineNamesEveryPlaceWhereTheCurveReachesIt() {
        Contents contents = parabola();
        contents.reading = new ReadingLines(OptionalDouble.empty(), OptionalDouble.of(6), List.of(-3.0, 7.71), List.of());
        Figure figure = contents.figure();
        assertThat(texts(figure.front())).contains("y = 6 ← x = −3.0 or 7.7 days", "1 of them beyond the data");
        assertThat(figure.grips().levelLine().orElseThrow()).isEqualTo(figure.y().pixel(6), within(1e-9));
        assertThat(figure.hit(figure.area().right() - 40, figure.y().pixel(6) + 3)).isEqualTo(new Hit.OnReadingLine(false));
        contents.reading = new ReadingLines(OptionalDouble.empty(), OptionalDouble.of(1), List.of(), List.of());
        assertThat(texts(contents.figure().front())).contains("y = 1 is not reached");
    }

    @Test
    void theHandleThatKeysMoveIsFilled() {
        Trial trial = new Trial(new Curve.Line(), List.of(new Trial.Handle(12, 2), new Trial.Handle(18, 4)));
        Contents contents = parabola().holding(Slot.TRIAL, trial.on(KELP).orElseThrow(), "");
        contents.handles = new Handles(trial.handles(), OptionalInt.of(1));
        Figure figure = contents.figure();
        List<Mark.Box> filled = marks(figure.front(), Mark.Box.class).stream().filter(it -> it.fill() == Ink.TRIAL).toList();
        assertThat(filled).singleElement().satisfies(box -> assertThat(box.x() + box.width() / 2)
                .isEqualTo(figure.x().pixel(18), within(1e-9)));
    }

    @Test
    void draggingTheViewAndZoomingKeepWhatIsUnderThePointer() {
        for (Spacing spacing : Spacing.values()) {
            Contents contents = Contents.withLine(Set.of(Layer.POINTS)).with(new Frame(1, 20, 1, 12)).with(spacing, spacing);
            Figure figure = contents.figure();
            double px = figure.area().left() + 200;
            double py = figure.area().top() + 120;
            Figure zoomed = contents.with(figure.zoomed(0.5, px, py).orElseThrow()).figure();
            assertThat(zoomed.x().value(px)).isEqualTo(figure.x().value(px), within(1e-9));
            assertThat(zoomed.y().value(py)).isEqualTo(figure.y().value(py), within(1e-9));
            Figure moved = contents.with(zoomed.moved(30, -20).orElseThrow()).figure();
            assertThat(moved.x().value(px + 30)).isEqualTo(figure.x().value(px), within(1e-9));
            assertThat(moved.y().value(py - 20)).isEqualTo(figure.y().value(py), within(1e-9));
            Frame within = figure.within(px, py, px + 100, py + 60).orElseThrow();
            assertThat(within.xLow()).isEqualTo(figure.x().value(px), within(1e-9));
            assertThat(within.yLow()).isEqualTo(figure.y().value(py + 60), within(1e-9));
            assertThat(figure.within(px, py, px + 3, py + 60)).as("too small to be meant").isEmpty();
        }
    }

    @Test
    void zoomingStopsBeforeTheArithmeticDoes() {
        Contents contents = Contents.withLine(Set.of(Layer.POINTS)).with(new Frame(1e6, 1e6 + 1, 0, 1));
        Figure figure = contents.figure();
        for (double factor : new double[] {0.5, 2}) {
            Optional<Frame> next = Optional.of(contents.plane.frame());
            int steps = 0;
            while (next.isPresent() && steps++ < 3000) {
                figure = contents.with(next.get()).figure();
                next = figure.zoomed(factor, figure.area().left() + 100, figure.area().top() + 100);
            }
            assertThat(steps).isLessThan(3000);
            assertThat(figure.x().high()).isGreaterThan(figure.x().low()).isFinite();
        }
    }

    @Test
    void aFrameReachesAValue() {
        Frame frame = new Frame(4, 10, 5, 9);
        assertThat(frame.reachingX(0)).isEqualTo(new Frame(0, 10, 5, 9));
        assertThat(frame.reachingY(12)).isEqualTo(new Frame(4, 10, 5, 12));
        assertThat(frame.reachingX(7)).isEqualTo(frame);
        assertThat(frame.reachingX(Double.POSITIVE_INFINITY)).isEqualTo(frame);
    }

    @Test
    void pointsThatTakeNoPartInTheFitAreHollow() {
        Contents contents = Contents.withLine(EnumSet.of(Layer.POINTS, Layer.RESIDUALS));
        contents.only = Set.of(1, 2, 3);
        Figure figure = contents.figure();
        assertThat(marks(figure.points(), Mark.Dot.class)).hasSize(3);
        assertThat(marks(figure.points(), Mark.Ring.class)).as("two not chosen and one set aside").hasSize(3);
        assertThat(marks(figure.lines(), Mark.Line.class)).as("residuals").hasSize(3);
        Mark.Hatch unsupported = marks(figure.ground(), Mark.Hatch.class).getFirst();
        assertThat(figure.x().value(unsupported.x() + unsupported.width()))
                .as("the chosen data begin at 4").isEqualTo(4, within(1e-9));
    }

    @Test
    void pointsThatFallTogetherSayHowManyTheyAre() {
        Contents contents = new Contents(EnumSet.of(Layer.POINTS));
        contents.points.add(new PlotContent.Point(6, 4, 3.9, false));
        contents.points.add(new PlotContent.Point(7, 4, 3.9, false));
        Figure figure = contents.figure();
        List<Mark.Label> labels = marks(figure.points(), Mark.Label.class);
        assertThat(labels).singleElement().satisfies(label -> {
            assertThat(label.text()).isEqualTo("×3");
            assertThat(label.x()).isCloseTo(figure.x().pixel(4), within(10.0));
        });
    }

    @Test
    void theResidualsOfACloudStandWhereTheySay() {
        Contents contents = Contents.withLine(EnumSet.of(Layer.POINTS)).with(new Frame(0, 20, 0, 20));
        contents.points = new ArrayList<>();
        for (int i = 0; i < 2500; i++) {
            contents.points.add(new PlotContent.Point(i, i / 125.0, 6 + 3 * Math.sin(i), i == 9));
        }
        Figure strip = ResidualStrip.describe(contents.content(), StripKind.AGAINST_X, new Layout(600, 160, 1));
        assertThat(strip.spots().size()).isEqualTo(2499);
        for (int row : new int[] {0, 700, 2400}) {
            PlotContent.Point point = contents.points.get(row);
            assertThat(strip.y().value(strip.spots().ofRow(row).orElseThrow().y()))
                    .isEqualTo(point.y() - Contents.LINE.at(point.x()), within(1e-9));
        }
    }

    @Test
    void aDressChangesSignsSizesAndTheGridOnly() {
        Contents contents = Contents.withLine(EnumSet.of(Layer.POINTS, Layer.LINE));
        Figure usual = contents.figure();
        contents.dress = Dress.USUAL.with(Sign.LOZENGE).withPoints(Dress.Size.LARGE).withLines(Dress.Size.LARGE).withGrid(false);
        Figure dressed = contents.figure();
        assertThat(marks(dressed.points(), Mark.Dot.class)).allSatisfy(dot -> {
            assertThat(dot.sign()).isEqualTo(Sign.LOZENGE);
            assertThat(dot.radius()).isGreaterThan(Layout.RADIUS);
        });
        assertThat(marks(dressed.lines(), Mark.Line.class).get(1).stroke().width())
                .isEqualTo(1.4 * marks(usual.lines(), Mark.Line.class).get(1).stroke().width(), within(1e-9));
        assertThat(marks(dressed.ground(), Mark.Line.class)).isEmpty();
        assertThat(dressed.spots()).isEqualTo(usual.spots());
        contents.groups = List.of("sheltered", "open");
        assertThat(marks(contents.figure().points(), Mark.Dot.class)).as("groups keep their signs")
                .extracting(Mark.Dot::sign).containsOnly(Sign.DISC);
    }

    @Test
    void theRectangleOfThePointInHandReachesFromTheMeansToIt() {
        Contents contents = Contents.withLine(EnumSet.of(Layer.POINTS, Layer.PRODUCTS));
        contents.selected = OptionalInt.of(4);
        Figure figure = contents.figure();
        Mark.Box box = marks(figure.lines(), Mark.Box.class).getFirst();
        assertThat(figure.x().value(box.x())).isEqualTo(6, within(1e-9));
        assertThat(figure.x().value(box.x() + box.width())).isEqualTo(10, within(1e-9));
        assertThat(figure.y().value(box.y() + box.height())).isEqualTo(5.04, within(1e-9));
        assertThat(box.fill()).as("both above their means").isEqualTo(Ink.OBSERVED);
    }

    private static Figure strip(StripKind kind, Set<Layer> layers) {
        return ResidualStrip.describe(Contents.withLine(layers).content(), kind, new Layout(600, 160, 1));
    }

    @Test
    void residualsStandAgainstFittedValuesAndInOrder() {
        Figure fitted = strip(StripKind.AGAINST_FITTED, Layer.usual());
        assertThat(fitted.spots().size()).isEqualTo(5);
        Figure.Spot spot = fitted.spots().get(4);
        assertThat(fitted.x().value(spot.x())).isEqualTo(7.1, within(1e-9));
        assertThat(fitted.y().value(spot.y())).isEqualTo(0.1, within(1e-9));
        assertThat(texts(fitted.ground())).contains("fitted blade length (cm)");
        Figure order = strip(StripKind.IN_ORDER, Layer.usual());
        assertThat(order.x().value(order.spots().get(2).x())).isEqualTo(3, within(1e-9));
    }

    @Test
    void normalQuantilesRiseWithTheResiduals() {
        Figure strip = strip(StripKind.NORMAL, Layer.usual());
        List<Figure.Spot> byQuantile = strip.spots().stream().sorted((a, b) -> Double.compare(a.x(), b.x())).toList();
        assertThat(byQuantile).isSortedAccordingTo((a, b) -> Double.compare(b.y(), a.y()));
        assertThat(strip.x().value(byQuantile.get(2).x())).as("the middle one of five").isEqualTo(0, within(1e-9));
        assertThat(marks(strip.lines(), Mark.Line.class)).as("where normal ones would lie").hasSize(1);
    }

    @Test
    void theBarsOfTheHistogramHoldEveryResidualOnce() {
        Figure strip = strip(StripKind.HISTOGRAM, Layer.usual());
        double held = marks(strip.points(), Mark.Box.class).stream().mapToDouble(it -> it.height() * strip.y().perPixel(0)).sum();
        assertThat(held).isEqualTo(5, within(1e-9));
    }

    @Test
    void dotsThatMeetStandOnOneAnother() {
        Contents contents = Contents.withLine(Layer.usual());
        contents.points = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            contents.points.add(new PlotContent.Point(i, 4, Contents.LINE.at(4) + (i % 3 - 1), false));
        }
        Figure strip = ResidualStrip.describe(contents.content(), StripKind.DOTS, new Layout(600, 160, 1));
        List<Mark.Dot> dots = marks(strip.points(), Mark.Dot.class);
        assertThat(dots).hasSize(30).allSatisfy(dot -> assertThat(dot.y()).isBetween(strip.area().top(), strip.area().bottom()));
        assertThat(dots.stream().map(Mark.Dot::x).distinct()).hasSize(3);
        assertThat(dots.stream().map(dot -> dot.x() + " " + dot.y()).distinct()).as("none hides another wholly").hasSize(30);
    }

    @Test
    void theSmoothIsAskedFor() {
        assertThat(marks(strip(StripKind.AGAINST_X, EnumSet.of(Layer.SMOOTH)).front(), Mark.Path.class)).hasSize(1);
        assertThat(marks(strip(StripKind.AGAINST_X, Layer.usual()).front(), Mark.Path.class)).isEmpty();
    }

    @Test
    void whatRoundingLeavesOfPointsOnTheLineIsNothing() {
        Contents contents = Contents.withLine(Layer.usual());
        contents.points.clear();
        for (int i = 0; i < 5; i++) {
            // A unit of the last place off the line.
            contents.points.add(new PlotContent.Point(i, i, Math.nextUp(Contents.LINE.at(i)), false));
        }
        Figure strip = ResidualStrip.describe(contents.content(), StripKind.AGAINST_X, new Layout(600, 160, 1));
        assertThat(texts(strip.ground())).noneMatch(it -> it.contains("10\u207b"));
        assertThat(strip.y().value(strip.area().top())).isGreaterThan(0.01);
    }

    @Test
    void theLevelOfNoResidualIsTheOneThatStandsOut() {
        Figure figure = strip(StripKind.AGAINST_X, Layer.usual());
        assertThat(marks(figure.ground(), Mark.Line.class).stream().filter(it -> it.stroke().ink() == Ink.MUTED))
                .singleElement().satisfies(it -> assertThat(figure.y().value(it.y1())).isEqualTo(0, within(1e-9)));
    }

    @Test
    void byItselfAPictureOfResidualsHasAnAxisOfItsOwn() {
        assertThat(texts(strip(StripKind.AGAINST_X, Layer.usual()).ground()))
                .doesNotContain(Kelp.table().variable(0).axisTitle(""));
        Figure alone = ResidualStrip.describeAlone(Contents.withLine(Layer.usual()).content(), StripKind.AGAINST_X,
                new Layout(176, 118, 1));
        assertThat(texts(alone.ground())).contains(Kelp.table().variable(0).axisTitle(""));
        assertThat(marks(alone.ground(), Mark.Label.class).stream().filter(it -> it.y() > alone.area().bottom()))
                .as("three numbers and the title").hasSizeGreaterThanOrEqualTo(4);
    }
}
