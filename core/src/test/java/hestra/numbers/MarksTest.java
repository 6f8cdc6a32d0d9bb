package hestra.numbers;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Marks in words. */
class MarksTest {

    private static final Marks POINT = new Marks(DecimalMark.POINT);
    private static final Marks COMMA = new Marks(DecimalMark.COMMA);

    @Test
    void marksAreWrittenWithTheExercisesDecimalMarkAndTwoPlacesAtMost() {
        assertThat(POINT.of(2.142857142857143)).isEqualTo("2.14");
        assertThat(COMMA.of(2.5)).isEqualTo("2,5");
        assertThat(COMMA.outOf(0.5, 1)).isEqualTo("0,5 of 1 mark");
        assertThat(POINT.outOf(3, 3)).isEqualTo("3 of 3 marks");
        assertThat(POINT.counted(1)).isEqualTo("1 mark");
        assertThat(POINT.off(0.5)).isEqualTo("−0.5 marks");
    }

    @Test
    void typedMarksAreReadWithEitherMark() {
        assertThat(Marks.read(" 1,5 ", 3)).hasValue(1.5);
        assertThat(Marks.read("1.5", 3)).hasValue(1.5);
        assertThat(Marks.read("3", 3)).hasValue(3);
        assertThat(Marks.read("0", 3)).as("nothing earned is a mark too").hasValue(0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"NaN", "Infinity", "-1", "3.5", "", "one", "1 cm", "50 %", "0x1p3", "1e400", "1;5"})
    void whatIsNoNumberOfMarksIsNotTaken(String text) {
        assertThat(Marks.read(text, 3)).isEmpty();
    }
}
