package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;

import hestra.desk.Edit;
import hestra.desktop.demo.Playground;
import hestra.desktop.tour.FxThread;
import hestra.exercise.Exercise;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.Trial;
import hestra.marking.ClassOfOne;
import hestra.marking.HandIn;
import hestra.task.Aid;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The playground from start to verdict, by the mouse and by keys alone, right and wrong. */
class PlaygroundTest {

    @TempDir
    Path folder;

    private static final double[][] FALLING = {{1, 8}, {3, 7}, {5, 6}, {7, 5}, {9, 4}};

    private Person at(String part) throws IOException {
        Exercise whole = Playground.exercise();
        return Person.at(whole.withParts(whole.parts().stream().filter(it -> it.id().equals(part)).toList()), folder);
    }

    /** A double click, and a rest, so that the next is no third click. */
    private static void put(Person person, double x, double y) throws IOException {
        person.pressAt(person.place(x, y), 2);
        person.rest();
    }

    @Test
    void pointsArePutUntilTheLineFallsByHalfAStep() throws IOException {
        try (Person person = at("step")) {
            assertThat(person.isIn("plot", "asked")).as("the place of the answer is lit").isTrue();
            for (int i = 0; i < 4; i++) {
                put(person, FALLING[i][0], FALLING[i][1]);
            }
            assertThat(person.texts("condition-value")).containsExactly("4", "−0.5000");
            assertThat(person.isIn("step-target-condition-0", "holds")).isFalse();
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("missing-step-target")).contains("1 of 2").contains("five points");
            put(person, 9, 9);
            assertThat(person.isIn("step-target-condition-0", "holds")).isTrue();
            assertThat(person.isIn("step-target-condition-1", "holds")).isFalse();
            person.drag(person.point(4), person.place(9, 4));
            assertThat(person.isIn("step-target-condition-1", "holds")).isTrue();
            person.click("check-step-target");
            assertThat(person.text("verdict-step-target")).startsWith("✓").contains("reached");
        }
    }

    @Test
    void ownPointsLieFinerThanTheFirstOfThem() throws IOException {
        try (Person person = at("step")) {
            put(person, 2, 7);
            put(person, 6, 4.3);
            assertThat(person.model().findings().work().table().cell(0, 1).text()).isEqualTo("7");
            assertThat(person.model().findings().work().table().cell(1, 1).text()).isEqualTo("4.3");
        }
    }

    @Test
    void whatWasReachedIsKeptWhateverHappensToThePointsThen() throws IOException {
        try (Person person = at("step")) {
            for (double[] at : FALLING) {
                put(person, at[0], at[1]);
            }
            person.click("check-step-target");
            person.drag(person.point(0), person.place(1, 1));
            assertThat(person.text("verdict-step-target")).startsWith("✓");
            assertThat(ClassOfOne.of(HandIn.of(FxThread.call(() -> person.model().desk())), person.model().desk().exercise())
                    .total()).isEqualTo(2);
        }
    }

    @Test
    void aTargetIsReachedByKeysAlone() throws IOException {
        try (Person person = at("harmless")) {
            for (int i = 0; i < 8 && !person.focused().equals("grid"); i++) {
                person.press(KeyCode.F6);
            }
            person.press(KeyCode.CONTROL, KeyCode.HOME);
            for (int i = 0; i < 7; i++) {
                person.press(KeyCode.DOWN);
            }
            person.type("9");
            person.press(KeyCode.TAB);
            person.type("3.9");
            person.press(KeyCode.ENTER);
            assertThat(person.texts("condition-value").subList(0, 2)).containsExactly("8", "0");
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-harmless-target")).startsWith("✓");
        }
    }

    @Test
    void whatCannotBeDoneIsSaidByKeysAlone() throws IOException {
        try (Person person = at("above")) {
            assertThat(person.focused()).isEqualTo("plot");
            for (int i = 0; i < 8 && !person.focused().equals("above-target-cannot"); i++) {
                person.press(KeyCode.F6);
            }
            assertThat(person.focused()).as("the sheet has a way in while nothing can be checked")
                    .isEqualTo("above-target-cannot");
            person.press(KeyCode.SPACE);
            for (int i = 0; i < 20 && !person.focused().equals("above-target-reason-mean-point"); i++) {
                person.press(person.focused().contains("reason") ? KeyCode.DOWN : KeyCode.TAB);
            }
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-above-target")).as("an arrow key chooses").startsWith("✓");
        }
    }

    @Test
    void whatCannotBeDoneIsSaidSoWithItsReason() throws IOException {
        try (Person person = at("above")) {
            person.click("above-target-cannot");
            person.click("above-target-reason-leverage");
            person.click("check-above-target");
            assertThat(person.text("verdict-above-target")).startsWith("≈").contains("not for this reason");
            person.click("above-target-reason-mean-point");
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-above-target")).startsWith("✓").contains("can’t be done");
        }
    }

    @Test
    void whatWasReachedIsLookedAtBeforeOneGoesOn() throws IOException {
        try (Person person = Person.at(Playground.exercise(), folder)) {
            for (double[] at : FALLING) {
                put(person, at[0], at[1]);
            }
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-step-target")).startsWith("✓");
            assertThat(person.focused()).isEqualTo("go-on-step-target");
            assertThat(person.model().findings().part().id()).as("the points are still there to be looked at").isEqualTo("step");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().part().id()).isEqualTo("by-eye");
        }
    }

    @Test
    void aLineIsPlacedByKeysAlone() throws IOException {
        try (Person person = at("by-eye")) {
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).isEqualTo("plot");
            person.press(KeyCode.H);
            for (int i = 0; i < 300 && height(person, 0) < 6.2; i++) {
                person.press(KeyCode.ALT, KeyCode.UP);
            }
            person.press(KeyCode.H);
            for (int i = 0; i < 300 && height(person, 1) > 3.3; i++) {
                person.press(KeyCode.ALT, KeyCode.DOWN);
            }
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-by-eye-line")).startsWith("✓");
        }
    }

    @Test
    void onceTheBestLineIsSeenOneGoesOnWithNewData() throws IOException {
        try (Person person = at("by-eye")) {
            person.press(KeyCode.ENTER);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-by-eye-line")).as("level as it is laid in").startsWith("✗");
            person.press(KeyCode.H);
            person.press(KeyCode.ALT, KeyCode.UP);
            person.click("check-by-eye-line");
            assertThat(person.text("missing-by-eye-line"))
                    .contains("The best line is shown for these data. Play again with new data");
            assertThat(person.model().findings().task("by-eye-line").attempts().count()).as("costs no try").isEqualTo(1);
            person.click("again-by-eye-line");
            assertThat(person.sees("missing-by-eye-line")).isFalse();
        }
    }

    private static double height(Person person, int handle) {
        return person.model().findings().work().curves().trial().orElseThrow().handles().get(handle).y();
    }

    @Test
    void aDragThroughTheTargetIsNoAnswer() throws IOException {
        try (Person person = at("turned")) {
            put(person, 9.5, 9.5);
            person.drag(person.point(6), person.place(9.5, 0.5));
            assertThat(person.isIn("turned-target-condition-2", "holds")).isTrue();
            person.drag(person.point(6), person.place(9.5, 9.5));
            assertThat(person.isIn("turned-target-condition-2", "holds")).isFalse();
            assertThat(person.model().desk().work().attemptsAt("turned-target")).isEmpty();
        }
    }

    @Test
    void aTaskOfAnotherPartIsWhollyInSightOnceItIsTurnedTo() throws IOException {
        try (Person person = Person.at(Playground.exercise(), folder)) {
            for (String task : List.of("harmless-target", "above-target", "turned-target")) {
                person.apply(new Edit.TurnTo(Optional.of(task)));
                assertThat(person.isInSight("check-" + task)).as(task).isTrue();
                assertThat(person.focused()).as("a target is reached in the plot").isEqualTo("plot");
            }
        }
    }

    @Test
    void whatCanBeDoneIsNotToBeCalledImpossible() throws IOException {
        try (Person person = at("turned")) {
            person.click("turned-target-cannot");
            person.click("turned-target-reason-mean-point");
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-turned-target")).startsWith("✗").contains("It can be done");
            person.click("turned-target-cannot");
            put(person, 9.5, 0.5);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-turned-target")).startsWith("✓");
        }
    }

    @Test
    void pointsArePutBackAndThatIsUndone() throws IOException {
        try (Person person = at("turned")) {
            person.drag(person.point(0), person.place(9, 9));
            person.click("turned-target-put-back");
            assertThat(person.model().findings().work().table().cell(0, 0).text()).isEqualTo("1.8");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().work().table().cell(0, 0).text()).isNotEqualTo("1.8");
        }
    }

    @Test
    void aLineByEyeIsPlayedInRoundsOfWhichTheBestCounts() throws IOException {
        try (Person person = at("by-eye")) {
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("missing-by-eye-line")).contains("into the plot first");
            person.click("by-eye-line-place");
            assertThat(person.focused()).isEqualTo("plot");
            person.click("check-by-eye-line");
            assertThat(person.text("verdict-by-eye-line")).startsWith("✗").contains("× the least").contains("differ most at row");
            assertThat(person.model().findings().isOpen(Aid.LINE)).as("the best line stands beside it").isTrue();
            String before = person.model().findings().work().table().cell(0, 1).text();
            assertThat(person.sees("go-on-by-eye-line")).as("it is not done yet").isFalse();
            person.click("again-by-eye-line");
            assertThat(person.model().findings().isOpen(Aid.LINE)).as("a new round begins without it").isFalse();
            assertThat(person.model().findings().work().table().cell(0, 1).text()).isNotEqualTo(before);
            person.click("by-eye-line-place");
            LineFit best = LeastSquares.line(person.model().findings().pairs()).line().orElseThrow();
            for (int i = 0; i < 2; i++) {
                Trial.Handle handle = person.model().findings().work().curves().trial().orElseThrow().handles().get(i);
                person.drag(person.place(handle.x(), handle.y()), person.place(handle.x(), best.at(handle.x())));
            }
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-by-eye-line")).startsWith("✓").contains("1.00 × the least");
            assertThat(person.text("rounds-by-eye-line")).contains("0, 2 of 2 marks").contains("best counts");
            HandIn handIn = HandIn.of(FxThread.call(() -> person.model().desk()));
            assertThat(ClassOfOne.of(handIn, person.model().desk().exercise()).total()).isEqualTo(2);
        }
    }
}
