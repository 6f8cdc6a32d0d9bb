package hestra.tracing;

import java.util.List;

import hestra.data.Row;
import hestra.numbers.DecimalMark;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PictureAxesTest {

    private static final PictureAxes UPRIGHT = new PictureAxes(new KnownAxis(new PicturePoint(100, 500), 0,
            new PicturePoint(600, 500), 50,
            false),
            new KnownAxis(new PicturePoint(100, 500), 10, new PicturePoint(100, 100), 30, false));

    @Test
    void betweenTheKnownPointsValuesGoEvenly() {
        assertThat(UPRIGHT.at(new PicturePoint(350, 300))).isEqualTo(new PictureAxes.Value(25, 20));
        assertThat(UPRIGHT.at(new PicturePoint(50, 520))).isEqualTo(new PictureAxes.Value(-5, 9));
    }

    @Test
    void theKnownPointsOfAnAxisNeedNotLieOnTheOtherOne() {
        PictureAxes apart = new PictureAxes(new KnownAxis(new PicturePoint(200, 540), 10, new PicturePoint(600, 540), 50, false),
                new KnownAxis(new PicturePoint(60, 300), 20, new PicturePoint(60, 100), 30, false));
        assertThat(apart.at(new PicturePoint(350, 300))).isEqualTo(new PictureAxes.Value(25, 20));
    }

    @Test
    void onALogarithmicAxisRatiosGoEvenly() {
        PictureAxes log = new PictureAxes(new KnownAxis(new PicturePoint(0, 0), 1, new PicturePoint(300, 0), 1000, true),
                UPRIGHT.y());
        assertThat(log.at(new PicturePoint(100, 0)).x()).isCloseTo(10, within(1e-12));
        assertThat(log.at(new PicturePoint(250, 0)).x()).isCloseTo(Math.pow(10, 2.5), within(1e-9));
    }

    @Property
    void aPictureLaidAskewReadsTheSame(@ForAll @DoubleRange(min = -1.2, max = 1.2) double turn,
            @ForAll @DoubleRange(min = -20, max = 90) double x,
            @ForAll @DoubleRange(min = -20, max = 60) double y, @ForAll @DoubleRange(min = -0.4, max = 0.4) double shear) {
        PictureAxes turned = new PictureAxes(UPRIGHT.x()
                .withPlaces(askew(UPRIGHT.x().first(), turn, shear), askew(UPRIGHT.x().second(), turn, shear)),
                UPRIGHT.y().withPlaces(askew(UPRIGHT.y().first(), turn, shear), askew(UPRIGHT.y().second(), turn, shear)));
        PicturePoint place = askew(new PicturePoint(100 + 10 * x, 500 - 20 * (y - 10)), turn, shear);
        assertThat(turned.at(place).x()).isCloseTo(x, within(1e-9));
        assertThat(turned.at(place).y()).isCloseTo(y, within(1e-9));
    }

    private static PicturePoint askew(PicturePoint place, double turn, double shear) {
        double x = place.x() + shear * place.y();
        return new PicturePoint(x * Math.cos(turn) - place.y() * Math.sin(turn) + 37,
                x * Math.sin(turn) + place.y() * Math.cos(turn) - 12);
    }

    @Test
    void whatCannotBeReadSaysWhatToDo() {
        assertThat(UPRIGHT.problem()).isEmpty();
        assertThat(new PictureAxes(UPRIGHT.x(), UPRIGHT.x()).problem()).hasValue("The two axes must not run the same way.");
        assertThat(new PictureAxes(UPRIGHT.x().withValues(5, 5, false), UPRIGHT.y()).problem())
                .hasValue("The two values on the x axis must differ.");
        assertThat(new PictureAxes(UPRIGHT.x(), UPRIGHT.y().withValues(0, 5, true)).problem())
                .hasValueSatisfying(it -> assertThat(it).contains("above 0").contains("y axis"));
        assertThat(new PictureAxes(UPRIGHT.x().withValues(Double.NaN, 5, false), UPRIGHT.y()).problem())
                .hasValueSatisfying(it -> assertThat(it).startsWith("Type the two values"));
        assertThat(new PictureAxes(UPRIGHT.x().withPlaces(new PicturePoint(1, 1), new PicturePoint(2, 1)), UPRIGHT.y()).problem())
                .hasValueSatisfying(it -> assertThat(it).contains("apart"));
    }

    @Test
    void pointsAreReadWithTheDecimalsThatAPixelIsWorth() {
        List<Row> rows = new Tracing(UPRIGHT, List.of(new PicturePoint(353.2, 301.6), new PicturePoint(100, 500)))
                .rows(DecimalMark.COMMA);
        assertThat(rows.get(0).cell(0).text()).as("10 pixels for 1").isEqualTo("25,3");
        assertThat(rows.get(0).cell(1).text()).as("20 pixels for 1").isEqualTo("19,92");
        assertThat(rows.get(1).cell(1).text()).isEqualTo("10,00");
        assertThat(new Tracing(new PictureAxes(UPRIGHT.x(), UPRIGHT.x()), List.of(new PicturePoint(1, 1)))
                .rows(DecimalMark.POINT))
                .isEmpty();
    }
}
