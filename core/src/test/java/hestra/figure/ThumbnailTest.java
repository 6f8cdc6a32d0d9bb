package hestra.figure;

import java.util.List;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.Trial;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

/** Points so small that their shape alone is seen: 116 pixels wide and 66 high, 8 of which are left free all round. */
class ThumbnailTest {

    private static final Layout LAYOUT = new Layout(116, 66, 1);
    private static final Pairs POINTS = Pairs.of(new double[] {0, 5, 10}, new double[] {0, 10, 5});

    @Test
    void thePointsFillIt() {
        assertThat(Thumbnail.describe(POINTS, LAYOUT).points()).extracting(it -> ((Mark.Dot) it).x(), it -> ((Mark.Dot) it).y())
                .containsExactly(tuple(8.0, 58.0), tuple(58.0, 8.0), tuple(108.0, 33.0));
    }

    @Test
    void inAFrameOfItsOwnWhatLiesOutsideIsNotDrawn() {
        Figure figure = Thumbnail.describe(POINTS, List.of(), Optional.empty(), Optional.of(new Frame(0, 20, 0, 5)), LAYOUT);
        assertThat(figure.points()).extracting(it -> ((Mark.Dot) it).x()).containsExactly(8.0, 58.0);
    }

    @Test
    void placesAreSetOffByARing() {
        Figure figure = Thumbnail.describe(POINTS, List.of(new Trial.Handle(10, 10)), Optional.empty(), Optional.empty(), LAYOUT);
        assertThat(figure.points().getLast()).isInstanceOfSatisfying(Mark.Ring.class,
                ring -> assertThat(List.of(ring.x(), ring.y())).containsExactly(108.0, 8.0));
    }

    @Test
    void aCurveByEyeIsDrawnAsFarAsItLiesWithin() {
        Trial steep = new Trial(new Curve.Line(), List.of(new Trial.Handle(0, 0), new Trial.Handle(5, 10)));
        Figure figure = Thumbnail.describe(POINTS, List.of(), Optional.of(steep), Optional.empty(), LAYOUT);
        assertThat(figure.points()).filteredOn(Mark.Line.class::isInstance).isNotEmpty()
                .allSatisfy(it -> assertThat(((Mark.Line) it).x2()).isLessThanOrEqualTo(58 + 1e-9));
    }
}
