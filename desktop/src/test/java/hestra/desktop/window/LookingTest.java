package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.figure.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** What is looked at in the plot and read beside it. */
class LookingTest {

    private static final Exercise OPEN = Kelp.exercise(Kelp.explain()).withFirst(part -> part.withHeld(Set.of()));

    @TempDir
    Path folder;

    @Test
    void aCurveIsRemovedByItsCrossOrItsMenuAndAHiddenOneLooksHidden() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.choose("add-curve", "Exponential");
            assertThat(person.isIn("chip-first", "in-hand")).isTrue();
            person.click("chip-first");
            assertThat(person.model().findings().curves().isShown(Slot.FIRST)).isFalse();
            assertThat(person.isIn("chip-first", "in-hand")).as("a hidden curve's chip looks hidden").isFalse();
            person.click("remove-first");
            assertThat(person.model().findings().work().curves().further()).isEmpty();
            person.choose("add-curve", "Quadratic");
            person.chooseByRightClick("chip-first", "Remove");
            assertThat(person.model().findings().work().curves().further()).isEmpty();
        }
    }

    @Test
    void anAxisIsNamedWhereItStands() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.focusPlot();
            person.press(KeyCode.N);
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.copied("age (d)");
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().x().axisTitle()).isEqualTo("age (d)");
            assertThat(person.model().findings().x().name()).as("what equations call it stays").isEqualTo("days");
            assertThat(person.focused()).isEqualTo("plot");
            person.press(KeyCode.SHIFT, KeyCode.N);
            person.type("x");
            person.press(KeyCode.ESCAPE);
            assertThat(person.model().findings().y().axisTitle()).isEqualTo("blade length (cm)");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().x().axisTitle()).isEqualTo("time since settling (days)");
        }
    }

    @Test
    void formAndLevelAreChosenAtTheReadings() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.choose("add-curve", "Exponential");
            person.choose("equation-form", "Exponential as a · e^(k x)");
            assertThat(person.texts("equation").getFirst()).contains("· e^(").contains("·days)");
            person.choose("equation-form", "x and y in equations");
            assertThat(person.texts("equation").getFirst()).contains("y = ").contains("·x)");
            person.click("predict-at");
            person.type("7");
            person.choose("equation-form", "Intervals at 99 %");
            assertThat(person.text("level")).isEqualTo("99 %");
        }
    }

    @Test
    void predictionsAreKeptAtAListOfValuesAndTheLevelStandsBesideTheInterval() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.click("predict-at");
            person.type("5, 7.5, 12");
            assertThat(person.text("prediction-note")).isEqualTo("Enter keeps the predictions at these 3 values.");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().work().reading().pinned()).containsExactly(5.0, 7.5, 12.0);
            person.type("9");
            assertThat(person.text("prediction-interval")).startsWith("interval of the mean ");
            String usual = person.text("prediction-interval");
            person.choose("level", "99 %");
            assertThat(person.text("level")).isEqualTo("99 %");
            assertThat(person.text("prediction-interval")).isNotEqualTo(usual);
        }
    }

    @Test
    void whatIsNoNumberLeavesNoOldPredictionAndPredictionsAreSaved() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.click("predict-at");
            person.type("7");
            assertThat(person.text("predicted")).startsWith("5.5");
            person.click("pin-prediction");
            person.click("predict-at");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("soon");
            assertThat(person.text("predicted")).as("no number, no prediction").isEqualTo("–");
            assertThat(person.text("prediction-note")).contains("soon");
            Path file = folder.resolve("predictions.csv");
            person.willChoose(file);
            person.click("kept-save");
            // ŷ at 7 is 1.95 + 0.515 · 7.
            assertThat(Files.readString(file)).contains("7,5.55");
        }
    }

    @Test
    void aPointSaysWhatItIsBesideItselfAndFollowsTheDrag() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.moveTo(person.point(1));
            assertThat(person.text("point-card")).contains("days 4, length 3.9");
            person.drag(person.point(1), person.place(4, 6));
            assertThat(person.text("point-card")).contains("length " + person.model().findings().work().table().cell(1, 1)
                    .text());
        }
    }

    private double heightOfPicture(Person person, String name) throws IOException {
        person.willChoose(folder.resolve(name));
        person.choose("take-away", "Save the plot…");
        Matcher height = Pattern.compile("height=\"([\\d.]+)").matcher(Files.readString(folder.resolve(name)));
        assertThat(height.find()).isTrue();
        return Double.parseDouble(height.group(1));
    }

    @Test
    void whatIsTakenAwayIsWhatIsOn() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            double whole = heightOfPicture(person, "on.svg");
            person.click("chip-line");
            double plot = heightOfPicture(person, "off.svg");
            assertThat(plot).as("without the line neither its residuals nor its equation").isLessThan(whole - 100);
            assertThat(plot).isEqualTo(person.height("plot"), org.assertj.core.api.Assertions.within(1.0));
        }
    }

    /** ŷ at 30 is 1.95 + 0.515 · 30 = 17.4. */
    @Test
    void aPredictionThatCannotBeIsSaidToBeSo() throws IOException {
        Exercise bounded = OPEN.withFirst(part -> part.withData(part.data()
                .withVariable(1, part.data().variable(1).withPossible(Optional.of(new Variable.Limits(0, 12))))));
        try (Person person = Person.at(bounded, folder)) {
            person.click("predict-at");
            person.type("30");
            assertThat(person.text("prediction-note"))
                    .startsWith("Blade length cannot be 17.40 cm: it lies between 0 and 12 cm.");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("7");
            assertThat(person.text("prediction-note")).startsWith("among the data")
                    .doesNotContain("cannot be").doesNotContain("pattern");
        }
    }

    @Test
    void aLineThroughABendIsNotToBeTrustedAmongTheDataEither() throws IOException {
        StringBuilder bend = new StringBuilder();
        for (int x = 0; x < 20; x++) {
            bend.append(x).append('\t').append(x * x).append('\n');
        }
        try (Person person = Person.at(Exercise.blank("bend"), folder)) {
            person.copied(bend.toString());
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.click("predict-at");
            person.type("7");
            assertThat(person.text("prediction-note")).contains("The residuals show a pattern");
        }
    }

    @Test
    void lookingAtTheNameOfDatesChangesNothing() throws IOException {
        try (Person person = Person.at(Exercise.blank("dates"), folder)) {
            person.copied("day\tdepth (m)\n2024-03-01\t2\n2024-03-05\t4\n");
            person.press(KeyCode.CONTROL, KeyCode.V);
            Variable before = person.model().findings().x();
            person.focusPlot();
            person.press(KeyCode.N);
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().x()).isEqualTo(before);
            person.click("grid");
            person.press(KeyCode.ALT, KeyCode.N);
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().work().table().variables()).contains(before);
        }
    }
}
