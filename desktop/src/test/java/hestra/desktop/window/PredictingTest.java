package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.desk.Edit;
import hestra.exercise.Exercise;
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import hestra.task.OwnEquation;
import hestra.task.Predict;
import hestra.task.Predicting;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WriteEquation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Predictions in the window: with intervals, of x from y, without a meaning and from an own equation; by mouse and by keys alone.
 */
class PredictingTest {

    private static final Predict PREDICT = new Predict(Terms.of("predict", "Predict", "Predict.", 4), List.of(4.0),
            new Rounding.Places(2));

    @TempDir
    Path folder;

    private Person at(Task... tasks) throws IOException {
        Exercise exercise = Kelp.exercise(tasks).withFirst(part -> part.withHeld(Set.of()));
        Person person = Person.at(exercise, folder);
        person.apply(new Edit.TurnTo(Optional.of(tasks[0].id())));
        return person;
    }

    private static void typed(Person person, String field, String text) throws IOException {
        person.click(field);
        person.press(KeyCode.CONTROL, KeyCode.A);
        person.copied(text);
        person.press(KeyCode.CONTROL, KeyCode.V);
    }

    @Test
    void anIntervalIsTypedByKeysAlone() throws IOException {
        // The line is 1.95 + 0.515 x: 4.01 at 4. SSE = 10.652 − 20.6² ÷ 40 = 0.043 with 3 degrees of freedom, t = 3.1824; with h
        // = 1/5 + 4/40 the mean lies within 3.1824 · √(0.043 ÷ 3 · 0.3) = 0.2087.
        try (Person person = at(PREDICT.with(Predicting.USUAL.with(Optional.of(Predicting.Band.MEAN))))) {
            person.click("predict-at-0");
            person.type("4.01");
            person.press(KeyCode.TAB);
            assertThat(person.focused()).isEqualTo("predict-low-0");
            person.type("3.80");
            person.press(KeyCode.ENTER);
            assertThat(person.text("missing-predict")).isEqualTo("At 4: give both ends of the interval.");
            person.click("predict-low-0");
            person.press(KeyCode.TAB);
            assertThat(person.focused()).isEqualTo("predict-high-0");
            person.type("4.22");
            person.press(KeyCode.TAB);
            person.press(KeyCode.SPACE);
            person.click("predict-at-0");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-predict")).isEqualTo("\u2713 All predictions and judgements are right.");
        }
    }

    @Test
    void xFromYSaysForWhatItIsAskedAndNoMeaningCanBeChosen() throws IOException {
        try (Person person = at(PREDICT.with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y).withMeaning(true)))) {
            // (4 − 1.95) ÷ 0.515 = 3.98.
            typed(person, "predict-at-0", "3.98");
            person.click("predict-trust-0-no-meaning");
            person.click("check-predict");
            assertThat(person.text("verdict-predict")).contains("1 of 2 are right. For 4: this lies among the data");
            person.click("predict-trust-0-trust");
            person.click("check-predict");
            assertThat(person.text("verdict-predict")).startsWith("\u2713");
        }
    }

    @Test
    void aPredictionFromAnOwnWrongEquationIsSaidToBeThat() throws IOException {
        WriteEquation equation = new WriteEquation(Terms.of("equation", "Write it", "Write it.", 2), new Curve.Line(), 3);
        try (Person person = at(equation, PREDICT.with(Predicting.USUAL.counting(OwnEquation.FULL)))) {
            typed(person, "equation-equation", "length = 3 + 0.7 days");
            person.press(KeyCode.ENTER);
            person.apply(new Edit.TurnTo(Optional.of("predict")));
            typed(person, "predict-at-0", "5.80");
            person.click("predict-trust-0-trust");
            person.click("check-predict");
            assertThat(person.text("verdict-predict"))
                    .contains("All predictions and judgements are right. At 4: right for the equation that you wrote");
        }
    }

    @Test
    void whatIsAskedIsSetInWrite() throws IOException {
        try (Person person = at(PREDICT)) {
            person.click("view-write");
            person.rest();
            person.click("edit-band-of-the-mean");
            typed(person, "edit-level", "90");
            person.click("edit-meaning");
            person.click("edit-own-equation-earns-half");
            Predict set = (Predict) person.model().desk().exercise().task("predict").orElseThrow();
            assertThat(set.asks()).isEqualTo(Predicting.USUAL.with(Optional.of(Predicting.Band.MEAN)).withMeaning(true)
                    .counting(OwnEquation.HALF));
            assertThat(set.level()).isEqualTo(0.9);
            person.click("edit-way-x-from-y");
            Predict turned = (Predict) person.model().desk().exercise().task("predict").orElseThrow();
            assertThat(turned.asks().way()).isEqualTo(Predicting.Way.X_FROM_Y);
            assertThat(turned.asks().band()).isEmpty();
            assertThat(person.sees("edit-band")).isFalse();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().desk().exercise().task("predict")).contains(set);
            typed(person, "edit-try-answer", "4.01 (3.86 to 4.16) yes");
            assertThat(person.text("edit-try-message")).isEqualTo("All predictions and judgements are right.");
        }
    }
}
