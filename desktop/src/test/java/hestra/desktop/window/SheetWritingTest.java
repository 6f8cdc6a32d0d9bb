package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.Describe;
import hestra.task.Predict;
import hestra.task.ReadValue;
import hestra.task.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The sheet is written where it stands, by mouse and by keys. */
class SheetWritingTest {

    @TempDir
    private Path folder;

    private static Exercise exercise(Person person) {
        return person.model().desk().exercise();
    }

    private static List<String> ids(Person person) {
        return exercise(person).blocks().stream().map(Block::id).toList();
    }

    private static Exercise three() {
        Task describe = Kelp.describe();
        Task read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        return Kelp.exercise(describe.with(describe.terms().opening(Set.of(Aid.EQUATION))), read,
                Kelp.explain().with(Kelp.explain().terms().opening(Set.of(Aid.R))));
    }

    @Test
    void aTextIsReadAsItIsSetAndTypedWhereItStandsWithLiveValues() throws IOException {
        try (Person person = Person.at(three(), folder)) {
            person.click("view-write");
            person.click("write-text-1");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("a blade grows ");
            person.insert("{");
            assertThat(person.sees("live-values")).isTrue();
            person.insert("slo");
            assertThat(person.texts("offer-name").getFirst()).isEqualTo("{slope}");
            person.press(KeyCode.ENTER);
            assertThat(exercise(person).block("text-1")).contains(new Block.Prose("text-1", "a blade grows {slope}"));
            assertThat(person.sees("live-values")).isFalse();
            person.insert(" {");
            person.press(KeyCode.ESCAPE);
            assertThat(person.sees("live-values")).as("put away for this brace").isFalse();
            person.press(KeyCode.BACK_SPACE);
            person.press(KeyCode.TAB);
            assertThat(person.texts("live-value")).as("set off in the text as it is read").contains("0.5150");
        }
    }

    @Test
    void whatIsPutInIsFoundByTypingAndByKeysAlone() throws IOException {
        try (Person person = Person.at(three(), folder)) {
            person.click("view-write");
            person.click("write-text-1");
            person.press(KeyCode.CONTROL, KeyCode.END);
            person.press(KeyCode.ENTER);
            assertThat(person.sees("plus-card")).as("a line may go on").isFalse();
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).isEqualTo("plus-find");
            assertThat(exercise(person).block("text-1")).as("the empty line is gone")
                    .contains(new Block.Prose("text-1", "Prose."));
            person.type("predict");
            person.press(KeyCode.DOWN);
            person.press(KeyCode.UP);
            person.press(KeyCode.ENTER);
            assertThat(exercise(person).tasks().getFirst()).isInstanceOf(Predict.class);
            assertThat(person.sees("plus-card")).isFalse();
            person.click("add-part-1-0");
            person.type("zzz");
            person.press(KeyCode.ENTER);
            assertThat(person.sees("plus-card")).as("nothing is called so, and nothing happens").isTrue();
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("slope");
            assertThat(person.sees("plus-read-value")).as("a value that can be read is found by its name").isTrue();
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.press(KeyCode.ESCAPE);
            assertThat(person.focused()).isEqualTo("add-part-1-0");
            person.choose("add-part-1-0", "Formula");
            assertThat(ids(person).getFirst()).isEqualTo("formula-1");
            person.click("write-heading");
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).as("Enter at the end of the heading").isEqualTo("plus-find");
        }
    }

    @Test
    void titleAndPromptOfTheTaskInHandAreTypedOnTheSheet() throws IOException {
        try (Person person = Person.at(three(), folder)) {
            person.click("view-write");
            person.click("outline-read");
            person.click("edit-title");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("How fast");
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).isEqualTo("edit-prompt");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("say how fast.");
            assertThat(exercise(person).task("read").orElseThrow().terms().prompt()).isEqualTo("say how fast.");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(exercise(person).task("read").orElseThrow().terms().title())
                    .as("one run of typing at a time").isEqualTo("How fast");
        }
    }

    @Test
    void blocksAreDoubledCopiedCutPastedAndDragged() throws IOException {
        try (Person person = Person.at(three(), folder)) {
            person.click("view-write");
            person.click("outline-read");
            person.press(KeyCode.CONTROL, KeyCode.D);
            assertThat(ids(person)).containsExactly("text-1", "describe", "read", "task-1", "explain");
            assertThat(((ReadValue) exercise(person).task("task-1").orElseThrow())
                    .with(exercise(person).task("read").orElseThrow().terms()))
                    .isEqualTo(exercise(person).task("read").orElseThrow());
            person.click("outline-describe");
            person.press(KeyCode.CONTROL, KeyCode.X);
            assertThat(ids(person)).containsExactly("text-1", "read", "task-1", "explain");
            person.click("outline-explain");
            person.press(KeyCode.CONTROL, KeyCode.V);
            assertThat(ids(person)).containsExactly("text-1", "read", "task-1", "explain", "task-2");
            assertThat(exercise(person).tasks().getLast()).isInstanceOf(Describe.class);
            person.click("write-heading");
            person.dragOver("outline-read", "add-part-1-0");
            assertThat(ids(person)).containsExactly("read", "text-1", "task-1", "explain", "task-2");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(ids(person)).as("one step").containsExactly("text-1", "read", "task-1", "explain", "task-2");
            person.click("write-heading");
            person.dragOver("outline-read", "add-part-1-3");
            assertThat(ids(person)).as("downwards, to where it lit up")
                    .containsExactly("text-1", "task-1", "read", "explain", "task-2");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.click("outline-read");
            person.press(KeyCode.CONTROL, KeyCode.C);
        }
        try (Person other = Person.at(Exercise.blank("other"), folder.resolve("other"))) {
            other.click("view-write");
            other.click("add-part-1-1");
            other.type("paste");
            other.press(KeyCode.ENTER);
            assertThat(exercise(other).tasks()).as("into another exercise").hasSize(1).first().isInstanceOf(ReadValue.class);
            other.copied("just words");
            other.click("add-part-1-1");
            assertThat(other.sees("plus-paste")).isFalse();
        }
    }

    @Test
    void aPartIsDoubledWithIdsOfItsOwn() throws IOException {
        Exercise two = three().withPartAt(1, Part.blank("part-2").withBlockAt(0, new Block.Prose("text-2", "More.")));
        try (Person person = Person.at(two, folder)) {
            person.click("view-write");
            person.focus("outline-part-1");
            person.press(KeyCode.CONTROL, KeyCode.D);
            assertThat(exercise(person).parts()).hasSize(3);
            assertThat(exercise(person).parts().getLast().data()).isEqualTo(two.first().data());
            assertThat(ids(person)).doesNotHaveDuplicates();
        }
    }

    @Test
    void aTaskIsTriedAsIfThoseBeforeItWereDoneAndNothingIsLeftBehind() throws IOException {
        Exercise exercise = three();
        try (Person person = Person.at(exercise, folder)) {
            person.click("view-write");
            person.click("outline-read");
            person.click("try-from-here");
            assertThat(person.view()).isEqualTo(MainWindow.View.WORK);
            assertThat(person.model().findings().isOpen(Aid.EQUATION)).as("opened by the task before").isTrue();
            assertThat(person.model().findings().isOpen(Aid.R)).isFalse();
            person.click("back-to-write");
            assertThat(exercise(person)).isEqualTo(exercise);
        }
    }
}
