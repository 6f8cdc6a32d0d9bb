package hestra.exercise;

import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What is right in part earns marks that are rounded once. */
class PartMarksTest {

    private static double rounded(PartMarks to, Outcome outcome, double earned, int most) {
        return to.rounded(Verdict.of(outcome, earned, ""), most).earned();
    }

    @Test
    void marksAreRoundedToTheStepHalvesUp() {
        assertThat(rounded(PartMarks.HALVES, Outcome.NEARLY, 15 / 7.0, 3)).isEqualTo(2);
        assertThat(rounded(PartMarks.HALVES, Outcome.NEARLY, 2.25, 3)).isEqualTo(2.5);
        assertThat(rounded(PartMarks.QUARTERS, Outcome.NEARLY, 15 / 7.0, 3)).isEqualTo(2.25);
        assertThat(rounded(PartMarks.TENTHS, Outcome.NEARLY, 15 / 7.0, 3)).isEqualTo(2.1);
        assertThat(rounded(PartMarks.WHOLE, Outcome.NEARLY, 1.5, 3)).isEqualTo(2);
        assertThat(rounded(PartMarks.TENTHS, Outcome.NEARLY, 3 * (1 / 3.0), 3)).isEqualTo(1);
    }

    @Test
    void whatIsNotRightNeverComesToAllMarks() {
        assertThat(rounded(PartMarks.HALVES, Outcome.NEARLY, 2.9, 3)).isEqualTo(2.5);
        assertThat(rounded(PartMarks.WHOLE, Outcome.NEARLY, 0.6, 1)).isZero();
        assertThat(rounded(PartMarks.HALVES, Outcome.RIGHT, 3, 3)).isEqualTo(3);
        assertThat(rounded(PartMarks.HALVES, Outcome.NEARLY, 0, 0)).isZero();
    }
}
