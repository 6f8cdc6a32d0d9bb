package hestra.figure;

import java.util.stream.IntStream;

import hestra.figure.Figure.Area;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class AreaTest {

    private static final Area BOX = new Area(10, 20, 30, 15);

    private static Mark.Line line(double x1, double y1, double x2, double y2) {
        return new Mark.Line(x1, y1, x2, y2, Stroke.solid(Ink.INK, 1));
    }

    @Property
    void aLineOfWhichAPlaceLiesInsideCrosses(@ForAll @DoubleRange(min = 0, max = 60) double x1,
            @ForAll @DoubleRange(min = 0, max = 60) double y1,
            @ForAll @DoubleRange(min = 0, max = 60) double x2, @ForAll @DoubleRange(min = 0, max = 60) double y2) {
        boolean inside = IntStream.rangeClosed(0, 500)
                .anyMatch(i -> BOX.contains(x1 + (x2 - x1) * i / 500, y1 + (y2 - y1) * i / 500));
        if (inside) {
            assertThat(BOX.isCrossedBy(line(x1, y1, x2, y2))).isTrue();
        } else {
            // What passes between the places that were tried only touches: a little smaller the box is not crossed.
            assertThat(BOX.grownBy(-0.2).isCrossedBy(line(x1, y1, x2, y2))).isFalse();
        }
    }

    @Test
    void uprightLinesAndLinesThatEndInsideCrossToo() {
        assertThat(BOX.isCrossedBy(line(15, 0, 15, 60))).isTrue();
        assertThat(BOX.isCrossedBy(line(15, 0, 15, 19))).isFalse();
        assertThat(BOX.isCrossedBy(line(20, 25, 22, 26))).isTrue();
        assertThat(BOX.isCrossedBy(line(0, 0, 9, 60))).isFalse();
    }

    @Test
    void areasMeetWhereTheyHaveMoreThanAnEdgeInCommon() {
        assertThat(BOX.meets(new Area(39, 34, 5, 5))).isTrue();
        assertThat(BOX.meets(new Area(40, 20, 5, 5))).as("edge to edge").isFalse();
        assertThat(BOX.meets(new Area(15, 25, 2, 2))).as("one in the other").isTrue();
        assertThat(new Area(15, 25, 2, 2).isWithin(BOX)).isTrue();
        assertThat(new Area(15, 25, 30, 2).isWithin(BOX)).isFalse();
    }
}
