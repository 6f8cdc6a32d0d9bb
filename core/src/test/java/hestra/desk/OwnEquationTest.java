package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.OwnEquation;
import hestra.task.Predict;
import hestra.task.Predicted;
import hestra.task.Predicting;
import hestra.task.Predictions;
import hestra.task.Terms;
import hestra.task.Trust;
import hestra.task.WriteEquation;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Which equation of the student's own a prediction goes on from. */
class OwnEquationTest {

    private static final WriteEquation EQUATION = new WriteEquation(Terms.of("equation", "Write it", "Write it.", 2),
            new Curve.Line(), 3);
    private static final Predict PREDICT = new Predict(Terms.of("predict", "Predict", "Predict.", 2), List.of(4.0),
            new Rounding.Places(1)).with(Predicting.USUAL.counting(OwnEquation.FULL));

    private static Desk open(Predict predict) {
        return Desk.open(Kelp.exercise(EQUATION, predict));
    }

    private static Desk written(Desk desk, String equation) {
        return desk.apply(new Edit.Draft("equation", new Answer.Typed(equation))).apply(new Edit.Check("equation"));
    }

    private static Optional<String> own(Desk desk) {
        Predictions answer = new Predictions(List.of(new Predicted("5.0", Optional.of(Trust.TRUSTED))));
        return desk.apply(new Edit.Draft("predict", answer)).apply(new Edit.Check("predict")).work()
                .attemptsAt("predict").getLast().own();
    }

    @Test
    void itIsTheOneThatWasCheckedLast() {
        assertThat(own(open(PREDICT))).as("none was written").isEmpty();
        assertThat(own(written(open(PREDICT), "y = 3 + 0.5x"))).contains("y = 3 + 0.5x");
        assertThat(own(written(written(open(PREDICT), "y = 3 + 0.5x"), "y = 2.5 + 0.5x"))).contains("y = 2.5 + 0.5x");
        assertThat(own(open(PREDICT).apply(new Edit.Draft("equation", new Answer.Typed("y = 3 + 0.5x")))))
                .as("it was not checked").isEmpty();
    }

    @Test
    void itIsKeptOnlyWhereThatCountsAndOfTheSameCurve() {
        assertThat(own(written(open(PREDICT.with(Predicting.USUAL)), "y = 3 + 0.5x"))).isEmpty();
        Predict ofAnother = PREDICT.with(PREDICT.asking().of(new Curve.Polynomial(2)));
        assertThat(own(written(open(ofAnother), "y = 3 + 0.5x"))).isEmpty();
    }

    @Test
    void thatOfAnotherRoundIsOfOtherData() {
        Desk desk = open(PREDICT);
        Attempt ofRound = new Attempt(new Answer.Typed("y = 9 + 9x"), Set.of(), OptionalInt.of(2));
        Desk played = desk.with(desk.work().withAttempt("equation", ofRound));
        assertThat(own(played)).isEmpty();
    }
}
