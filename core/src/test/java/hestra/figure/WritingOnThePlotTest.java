package hestra.figure;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.figure.Figure.Hit;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.LeastSquares;
import org.junit.jupiter.api.Test;

import static hestra.figure.Contents.fit;
import static hestra.figure.Contents.marks;
import static hestra.figure.Contents.parabola;
import static hestra.figure.Contents.texts;
import static org.assertj.core.api.Assertions.assertThat;

/** Titles, equations, callouts and notes: where they stand, and what they keep clear of. */
class WritingOnThePlotTest {

    @Test
    void whatIsReadOffDoesNotCoverAnEquation() {
        for (double at : new double[] {1, 2, 3, 5, 7, 9, 11}) {
            Contents contents = parabola();
            contents.reading = new ReadingLines(OptionalDouble.of(at), OptionalDouble.of(at), List.of(at), List.of());
            Figure figure = contents.figure();
            Figure.Area label = figure.grips().targets().boxOf(Slot.FIRST).orElseThrow();
            List<Mark.Box> callouts = marks(figure.front(), Mark.Box.class).stream()
                    .filter(it -> it.fill() == Ink.CALLOUT).toList();
            assertThat(callouts).as("at " + at).hasSize(2).allSatisfy(box ->
                    assertThat(new Figure.Area(box.x(), box.y(), box.width(), box.height()).meets(label)).isFalse());
        }
    }

    @Test
    void theNotesOfHowFarTheDataReachStandClearOfACurve() {
        // Falls to the foot of the plot where the data end.
        Pairs falling = Pairs.of(new double[] {2, 6, 10, 14, 18}, new double[] {10, 8, 5, 3, 0.5});
        Contents contents = new Contents(EnumSet.of(Layer.POINTS, Layer.LINE))
                .holding(Slot.LINE, LeastSquares.line(falling).line().orElseThrow(), "");
        contents.points = List.of(new PlotContent.Point(0, 2, 10, false), new PlotContent.Point(1, 18, 11, false));
        Figure figure = contents.figure();
        Mark.Label end = marks(figure.ground(), Mark.Label.class).stream()
                .filter(it -> it.text().startsWith("to 18")).findFirst().orElseThrow();
        Figure.Area box = new Figure.Area(end.x() - 40, end.y() - 10, 40, 12);
        assertThat(figure.lines().stream().flatMap(Mark::segments)).noneMatch(box::isCrossedBy);
    }

    @Test
    void aTitleStandsAboveThePlotAndMakesRoomForItself() {
        Contents contents = parabola();
        Figure untitled = contents.figure();
        contents.dress = Dress.USUAL.withTitle("Blades on the harbour ropes");
        Figure titled = contents.figure();
        assertThat(texts(titled.ground())).contains("Blades on the harbour ropes");
        assertThat(titled.area().top()).isGreaterThan(untitled.area().top() + 15);
        assertThat(titled.hit(titled.area().left() + 50, 10)).isEqualTo(new Hit.OnTitle());
        assertThat(untitled.hit(titled.area().left() + 50, 10)).isEqualTo(new Hit.Outside());
    }

    @Test
    void aLongTitleGoesOverTwoLinesAndNoFurther() {
        assertThat(Contents.SIZE.wrapped("one two three", 15, 2)).containsExactly("one two three");
        assertThat(Contents.SIZE.wrapped("", 15, 2)).isEmpty();
        List<String> lines = Contents.SIZE.wrapped("blade ".repeat(40).strip(), 15, 2);
        assertThat(lines).hasSize(2).allSatisfy(line -> assertThat(line.length() * 15 * 0.52).isLessThan(Contents.SIZE.width()));
        assertThat(lines.getLast()).endsWith("\u2026");
        assertThat(Contents.SIZE.wrapped("x".repeat(90), 15, 2)).as("a word that is too long").hasSize(2);
    }

    @Test
    void anEquationThatHasNoRoomAtItsCurveGoesWhereItCoversNothing() {
        // Points above and below the whole curve leave no room beside it, the upper part of the plot is empty.
        Contents contents = parabola();
        contents.points = new ArrayList<>();
        CurveFit curve = fit(new Curve.Polynomial(2));
        for (int i = 0; i <= 80; i++) {
            double x = i / 4.0;
            double y = curve.fitted(x).orElseThrow();
            contents.points.add(new PlotContent.Point(2 * i, x, y + 0.5, false));
            contents.points.add(new PlotContent.Point(2 * i + 1, x, y - 0.5, false));
        }
        Figure figure = contents.with(new Frame(0, 20, 0, 30)).figure();
        Figure.Area box = figure.grips().targets().boxOf(Slot.FIRST).orElseThrow();
        assertThat(contents.points).noneMatch(it -> box.contains(figure.x().pixel(it.x()), figure.y().pixel(it.y())));
        assertThat(figure.lines().stream().flatMap(Mark::segments)).noneMatch(box::isCrossedBy);
    }

    @Test
    void twoEquationsDoNotLieOnOneAnother() {
        Contents contents = parabola().holding(Slot.LINE, Contents.LINE, "ŷ = 0.86 + 0.59 x");
        Figure figure = contents.figure();
        Figure.Area one = figure.grips().targets().boxOf(Slot.FIRST).orElseThrow();
        Figure.Area other = figure.grips().targets().boxOf(Slot.LINE).orElseThrow();
        assertThat(one.right() <= other.left() || other.right() <= one.left() || one.bottom() <= other.top()
                || other.bottom() <= one.top()).isTrue();
    }
}
