package hestra.desktop.window;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.desk.Edit;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.FlaskPicture;
import hestra.desktop.demo.OrrinBay;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.feedback.Quantity;
import hestra.fit.LeastSquares;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Measure;
import hestra.task.EnterData;
import hestra.task.FromPicture;
import hestra.task.MatchPlot;
import hestra.task.ReachTarget;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.tracing.Picture;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Tasks that are done by hand, each driven in the window: by the mouse, by keys alone, wrong and right. */
class HandsOnTest {

    @TempDir
    Path folder;

    private static Exercise set(String id) {
        return OrrinBay.sets().stream().map(OrrinBay.Set::exercise).filter(it -> it.id().endsWith(id)).findFirst().orElseThrow();
    }

    /** One task of a demo set by itself, everything open. */
    private Person at(String set, String task) throws IOException {
        return Person.at(set(set).withFirst(part -> part.withTasks(part.tasks().stream().filter(it -> it.id().equals(task))
                .toList()).withHeld(Set.of())), folder);
    }

    @Test
    void aPointIsMarkedByAClickAndByTheArrowKeys() throws IOException {
        try (Person person = at("limpets", "lever")) {
            person.pressAt(person.point(0), 1);
            assertThat(person.text("lever-marked")).isEqualTo("Marked: row 1");
            person.click("lever-action-both");
            person.click("lever-reason-true-value");
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-lever")).startsWith("≈").contains("not the point of the highest leverage");
            person.press(KeyCode.F6);
            while (!person.focused().equals("plot")) {
                person.press(KeyCode.F6);
            }
            person.press(KeyCode.ESCAPE);
            person.press(KeyCode.LEFT);
            while (!person.text("lever-marked").equals("Marked: row 23")) {
                person.press(KeyCode.RIGHT);
            }
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-lever")).startsWith("✓");
        }
    }

    @Test
    void whatWasMarkedStaysWhenThePointIsLetGoAndIsUndone() throws IOException {
        try (Person person = at("limpets", "lever")) {
            person.pressAt(person.point(22), 1);
            person.pressAt(person.place(70, 50), 1);
            assertThat(person.text("lever-marked")).isEqualTo("Marked: row 23");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.text("lever-marked")).startsWith("Click the point");
        }
    }

    @Test
    void aPlotIsPickedByKeysAlone() throws IOException {
        try (Person person = at("crab-claws", "residuals")) {
            assertThat(person.isIn("chip-residuals", "closed")).as("the strip would give it away").isTrue();
            assertThat(person.focused()).isEqualTo("residuals-option-A");
            MatchPlot task = (MatchPlot) person.model().desk().exercise().tasks().getFirst();
            String right = task.key(person.model().findings().truth()).text().split(" ")[1];
            String wrong = right.equals("A") ? "B" : "A";
            person.press(KeyCode.valueOf(wrong));
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-residuals")).startsWith("✗");
            person.press(KeyCode.valueOf(right));
            assertThat(person.focused()).isEqualTo("residuals-option-" + right);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-residuals")).startsWith("✓");
            assertThat(person.isIn("chip-residuals", "closed")).isFalse();
        }
    }

    @Test
    void cellsAreFilledFromOneToTheNextAndBack() throws IOException {
        try (Person person = at("eelgrass", "by-hand")) {
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).isEqualTo("fill-dx-1");
            assertThat(person.isIn("working", "asked")).isTrue();
            person.type("-1");
            person.press(KeyCode.TAB);
            assertThat(person.focused()).as("down the column").isEqualTo("fill-dx-2");
            person.press(KeyCode.SHIFT, KeyCode.TAB);
            assertThat(person.focused()).isEqualTo("fill-dx-1");
            assertThat(person.text("by-hand-progress")).startsWith("1 of 12");
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("missing-by-hand")).contains("11 cells are still empty");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.text("fill-dx-1")).isEmpty();
        }
    }

    @Test
    void aBadScaleIsSaidAndMended() throws IOException {
        try (Person person = at("lichen-rings", "draw")) {
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("missing-draw")).contains("along");
            person.click("draw-column-1-along");
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-draw")).contains("wrong way round").contains("no title").contains("less than half");
            assertThat(person.model().findings().work().table().variable(0).name())
                    .as("names are left to the student").isEqualTo("column 1");
            person.click("draw-column-0-along");
            person.shiftDrag(person.place(0, 0), person.place(130, 80));
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-draw")).doesNotContain("wrong way round")
                    .doesNotContain("less than half").contains("no title");
        }
    }

    @Test
    void aMoveOfAnotherPointIsNotTheOneThatIsAsked() throws IOException {
        try (Person person = at("limpets", "try")) {
            person.drag(person.point(0), person.place(9, 54));
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("missing-try")).contains("row 23 up by 5 mm");
        }
    }

    @Test
    void movesAreTriedByKeysAlone() throws IOException {
        try (Person person = at("limpets", "try")) {
            while (!person.focused().equals("plot")) {
                person.press(KeyCode.F6);
            }
            person.press(KeyCode.RIGHT);
            while (!person.model().desk().selection().has(22)) {
                person.press(KeyCode.RIGHT);
            }
            for (int i = 0; i < 300 && y(person, 22) < 34.3; i++) {
                person.press(KeyCode.ALT, KeyCode.UP);
            }
            assertThat(person.texts("condition-sign")).containsExactly("✓", "2.");
            double slope = LeastSquares.line(person.model().findings().pairs()).line().orElseThrow().slope().value();
            double given = person.model().findings().truth().evidence().value(Quantity.SLOPE).orElseThrow();
            while (!person.focused().equals("try-amount-0")) {
                person.press(KeyCode.F6);
            }
            person.type(NumberStyle.STANDARD.places(slope - given, 3).replace(NumberStyle.MINUS, '-'));
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("missing-try")).as("the second move is still to come").contains("row 12");
        }
    }

    private static double y(Person person, int row) {
        return ((Cell.Measured) person.model().findings().work().table().cell(row, 1)).value();
    }

    @Test
    void columnsAreChosenAndTheScaleIsMendedByKeys() throws IOException {
        try (Person person = at("lichen-rings", "draw")) {
            assertThat(person.focused()).isEqualTo("draw-column-0-along");
            person.press(KeyCode.SPACE);
            assertThat(person.model().findings().work().roles())
                    .hasValueSatisfying(roles -> assertThat(roles.explanatory()).isZero());
            while (!person.focused().equals("plot")) {
                person.press(KeyCode.F6);
            }
            double before = person.model().findings().frame().xHigh();
            person.press(KeyCode.PLUS);
            assertThat(person.model().findings().frame().xHigh()).isLessThan(before);
        }
    }

    @Test
    void pointsAreReadOffAPictureWithTheKeyboardToo() throws IOException {
        FlaskPicture flask = FlaskPicture.of(set("cooling-flask"));
        Tracing whole = flask.tracing();
        Task task = new FromPicture(Terms.of("picture", "Read it off", "Read it off.", 3), 0.05, Optional.empty(), 0.1);
        Exercise traced = set("cooling-flask").withFirst(part -> part.withTasks(List.of(task)).withHeld(Set.of())
                .withColumns(new DataTable(part.data().variables(), whole.rows(DecimalMark.POINT)), Roles.FIRST_EXPLAINS,
                new Provenance.Traced(picture(flask), whole)));
        try (Person person = Person.at(traced, folder)) {
            assertThat(person.sees("picture-pane")).as("the picture stands in the place of the plot").isTrue();
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).isEqualTo("picture");
            person.press(KeyCode.TAB);
            person.press(KeyCode.RIGHT);
            assertThat(person.model().findings().work().tracing()).as("an axis was moved by a key").isPresent();
            person.click("check-picture");
            assertThat(person.text("missing-picture")).contains("click its points first");
            person.apply(new WorkEdit.ReadPicture(new Tracing(whole.axes(), List.of()), 3));
            PicturePoint first = whole.points().getFirst();
            person.apply(new WorkEdit.ReadPicture(new Tracing(whole.axes(), List.of(first)), 4));
            assertThat(person.model().findings().work().table().size()).isEqualTo(1);
            person.click("check-picture");
            assertThat(person.text("verdict-picture")).startsWith("≈").contains("1 of 9 points");
            person.apply(new WorkEdit.ReadPicture(whole, 5));
            person.click("check-picture");
            assertThat(person.text("verdict-picture")).startsWith("✓");
        }
    }

    private static Picture picture(FlaskPicture flask) {
        try {
            return flask.picture();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void theWholeTableIsPasted() throws IOException {
        EnterData whole = new EnterData(Terms.of("enter", "Enter", "Type it all.", 2), EnterData.WHOLE);
        try (Person person = Person.at(Kelp.exercise(whole), folder)) {
            assertThat(person.model().findings().work().table().size()).isZero();
            assertThat(person.isIn("table-pane", "asked")).isTrue();
            person.copied("2\t3.1\n4\t3.9\n6\t5.0\n8\t60\n10\t7.2");
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-enter")).startsWith("≈").contains("row 4, length");
            person.click("cell-3-1");
            person.type("6.0");
            person.press(KeyCode.ENTER);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-enter")).startsWith("✓").contains("The table agrees");
        }
    }

    @Test
    void theAuthorWritesConditionsAndIsToldOfAContradiction() throws IOException {
        ReachTarget task = new ReachTarget(Terms.of("target", "Reach it", "Do it.", 2),
                List.of(new Condition(new Measure.Value(Quantity.SLOPE), Band.atLeast(0.5))));
        try (Person person = Person.at(Kelp.exercise(task), folder)) {
            person.click("view-write");
            person.apply(new Edit.TurnTo(Optional.of("target")));
            person.click("add-condition");
            person.click("condition-1-measure");
            person.press(KeyCode.DOWN);
            person.press(KeyCode.ENTER);
            person.click("condition-1-low", 2);
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.press(KeyCode.DELETE);
            person.click("condition-1-high");
            person.type("-0.2");
            ReachTarget now = (ReachTarget) person.model().desk().exercise().tasks().getFirst();
            assertThat(now.conditions().get(1)).isEqualTo(new Condition(new Measure.Value(Quantity.SLOPE), Band.atMost(-0.2)));
            assertThat(person.text("edit-key")).contains("conditions 1 and 2").contains("contradict");
            person.click("condition-1-remove");
            assertThat(((ReachTarget) person.model().desk().exercise().tasks().getFirst()).conditions()).hasSize(1);
        }
    }

    @Test
    void aTargetWhosePointsMayNotBeMovedIsPointedOut() throws IOException {
        ReachTarget task = new ReachTarget(Terms.of("target", "Reach it", "Do it.", 2),
                List.of(new Condition(new Measure.Value(Quantity.SLOPE), Band.atLeast(0.6))));
        try (Person person = Person.at(Kelp.exercise(task).withFirst(part -> part.withHeld(Set.of())), folder)) {
            person.click("view-write");
            assertThat(person.texts("remark")).noneMatch(it -> it.contains("moving"));
            person.click("points-move");
            person.click("points-remove");
            person.until("a remark", () -> person.sees("remarks-0"));
            assertThat(person.text("remarks-0")).contains("Task 1 is done by moving, adding or removing points");
            person.click("mend-0");
            assertThat(person.sees("remarks-0")).as("the mend allows it").isFalse();
            assertThat(person.model().desk().exercise().first().rules().allows(PointChange.MOVE)).isTrue();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().desk().exercise().first().rules().allows(PointChange.MOVE)).isFalse();
        }
    }

    @Test
    void theAuthorSetsTheRangeThatThePlotBeginsWith() throws IOException {
        try (Person person = Person.at(Kelp.exercise(), folder)) {
            person.click("view-write");
            person.click("frame-fixed-a-fixed-range");
            assertThat(person.model().findings().written().rules().frame()).isPresent();
            person.click("frame-x-to", 2);
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("40");
            assertThat(person.model().findings().written().rules().frame().orElseThrow().xHigh()).isEqualTo(40);
            assertThat(person.model().findings().frame().xHigh()).isEqualTo(40);
            person.click("frame-fixed-what-fits-the-data");
            assertThat(person.model().findings().written().rules().frame()).isEmpty();
        }
    }
}
