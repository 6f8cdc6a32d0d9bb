package hestra.figure;

import java.util.List;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.numbers.NumberStyle;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Small plots: every point inside the frame has its disc, the line stays within it, and words say where the points lie. */
class SmallPlotTest {

    private static final Layout LAYOUT = new Layout(160, 120, 1);
    private static final Pairs POINTS = Pairs.of(new double[] {1, 2, 4}, new double[] {10, 30, 20});

    private static SmallPlot plot(Optional<SmallPlot.Straight> line) {
        return new SmallPlot("days", "length (cm)", POINTS, line, new Frame(0, 5, 0, 40));
    }

    @Test
    void everyPointInTheFrameHasItsDisc() {
        Figure figure = plot(Optional.empty()).describe(LAYOUT, NumberStyle.STANDARD);
        assertThat(figure.points()).hasSize(3).allMatch(mark -> mark instanceof Mark.Dot dot
                && figure.area().contains(dot.x(), dot.y()));
        SmallPlot part = new SmallPlot("days", "length (cm)", POINTS, Optional.empty(), new Frame(0, 3, 0, 40));
        assertThat(part.describe(LAYOUT, NumberStyle.STANDARD).points()).as("one lies outside").hasSize(2);
        Mark.Dot first = (Mark.Dot) figure.points().getFirst();
        assertThat(first.x()).isCloseTo(figure.area().left() + figure.area().width() / 5, within(1e-9));
        assertThat(first.y()).isCloseTo(figure.area().bottom() - figure.area().height() / 4, within(1e-9));
    }

    @Test
    void theLineStaysWithinTheFrame() {
        for (SmallPlot.Straight line : List.of(new SmallPlot.Straight(0, 20), new SmallPlot.Straight(50, -20),
                new SmallPlot.Straight(20, 0), new SmallPlot.Straight(-30, 15))) {
            Figure figure = plot(Optional.of(line)).describe(LAYOUT, NumberStyle.STANDARD);
            Mark.Line drawn = (Mark.Line) figure.lines().getFirst();
            assertThat(List.of(drawn.y1(), drawn.y2()))
                    .allMatch(y -> y >= figure.area().top() - 1e-9 && y <= figure.area().bottom() + 1e-9);
            assertThat(List.of(drawn.x1(), drawn.x2()))
                    .allMatch(x -> x >= figure.area().left() - 1e-9 && x <= figure.area().right() + 1e-9);
        }
        assertThat(plot(Optional.of(new SmallPlot.Straight(90, 1))).describe(LAYOUT, NumberStyle.STANDARD).lines())
                .as("it passes above").isEmpty();
        assertThat(plot(Optional.of(new SmallPlot.Straight(90, 0))).describe(LAYOUT, NumberStyle.STANDARD).lines()).isEmpty();
    }

    @Test
    void itIsSaidInWords() {
        assertThat(plot(Optional.empty()).describeInWords(NumberStyle.STANDARD))
                .isEqualTo("3 points, from 10.0 at 1.00 to 20.0 at 4.00");
        assertThat(plot(Optional.of(new SmallPlot.Straight(10, 2))).describeInWords(NumberStyle.STANDARD))
                .endsWith("the line goes from 10.0 to 20.0");
    }
}
