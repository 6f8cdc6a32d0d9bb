package hestra.figure;

import java.util.Set;
import java.util.stream.Collectors;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class HueTest {

    @Test
    void pointsAndCurvesTakeTheColoursThatTheyAreGiven() {
        Dress dress = Dress.USUAL.withPoints(Hue.RED).with(Slot.LINE, Hue.BLACK);
        Desk desk = Desk.open(Kelp.exercise().withFirst(part -> part.withHeld(Set.of()))).apply(new PlotEdit.DressPlot(dress));
        Figure figure = ScatterPlot.describe(Findings.of(desk).plot(), new Layout(600, 400, 1));
        assertThat(Contents.marks(figure.points(), Mark.Dot.class)).isNotEmpty().allMatch(dot -> dot.fill() == Ink.CURVE_D);
        assertThat(figure.lines().stream().map(Object::toString).filter(it -> it.contains("INK")).collect(Collectors.toSet()))
                .isNotEmpty();
        assertThat(dress.ink(Slot.FIRST)).as("the others keep their own").isEqualTo(Slot.FIRST.ink());
    }
}
