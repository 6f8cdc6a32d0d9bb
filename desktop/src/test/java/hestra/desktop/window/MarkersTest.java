package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.event.Event;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import hestra.desktop.files.Settings;
import hestra.desktop.mark.MarkView;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.MarksFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.marking.Decision;
import hestra.marking.Marking;
import hestra.marking.Student;
import hestra.task.Task;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Who marks: names, two markers, markings of others, and keys that change in between. */
class MarkersTest extends MarkedClass {

    @Test
    void twoMarkersPutTheirHalvesTogetherAndDecideWhereTheyDiffer() throws IOException {
        Path hands = handIns();
        Path other = folder.resolve("other.marks");
        new MarksFile("Kelp blades", given(given(Marking.none(KELP.id()), hands, "explain", 1, "bo"), hands, "r", 1, "bo"),
                List.of()).write(other);
        try (Person person = opened(hands)) {
            person.press(KeyCode.DIGIT3);
            person.willChoose(other);
            person.choose("menu", "Put a marking in…");
            person.settle();
            assertThat(person.text("notice")).contains("marked differently");
            assertThat(person.texts("group-dispute")).as("on the card").singleElement().asString()
                    .startsWith("Marked differently: ").contains("bo 1 mark").contains("3 marks");
            assertThat(person.texts("mark-due-note")).as("in the list").anyMatch(it -> it.contains("marked differently"));
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(work(person).disputed()).as("a merge is one step").isZero();
            person.press(KeyCode.CONTROL, KeyCode.Y);
            person.press(KeyCode.DIGIT1);
            assertThat(work(person).disputed()).as("settled by a key").isZero();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.click("mark-tab-class");
            person.click("conflict-1-0");
            assertThat(person.sees("conflict-1-0")).isFalse();
            assertThat(work(person).marking().conflicts()).isEmpty();
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "r").marks()).isEqualTo(1);
            person.willChoose(folder.resolve("out.marks"));
            person.choose("menu", "Save the marking as…");
        }
        assertThat(((Result.Done<MarksFile>) MarksFile.read(folder.resolve("out.marks"))).value().marking().conflicts())
                .isEmpty();
    }

    @Test
    void whatAChangedKeyOrOtherMarksTurnOverIsAskedAndNeverCarriedOver() throws IOException {
        Path hands = handIns();
        Task slope = KELP.task("slope").orElseThrow();
        new MarksFile("Kelp blades", given(given(Marking.none(KELP.id()), hands, "slope", 1, "bo"), hands, "r", 0, "bo"),
                List.of()).write(hands.resolve("Kelp blades.marks"));
        Exercise raised = KELP.withFirst(part -> part.withTasks((Task task) -> task.id().equals("slope")
                ? task.with(task.terms().withMarks(2 * slope.terms().marks())) : task));
        try (Person person = Person.at(raised, folder.resolve("state"))) {
            person.click("view-mark");
            person.willChoose(hands);
            person.click("mark-choose");
            person.settle();
            person.click("choice-1");
            Student ida = student(work(person), "Ida Fenn");
            assertThat(work(person).award(ida, "slope")).as("as Hestra has it until somebody says")
                    .extracting(it -> it.marks(), it -> it.decided()).containsExactly(4.0, false);
            assertThat(work(person).award(ida, "r").decided()).as("what did not change stands").isTrue();
            assertThat(person.texts("mark-due-note")).anyMatch(it -> it.contains("to be decided again"));
            person.click("give-back");
            assertThat(person.text("give-turned")).contains("decided under another key");
            person.press(KeyCode.ESCAPE);
            person.click("mark-task-slope");
            person.click("turned-scale");
            assertThat(work(person).award(ida, "slope"))
                    .extracting(it -> it.marks(), it -> it.decided()).containsExactly(2.0, true);
            assertThat(person.sees("turned-scale")).isFalse();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.click("turned-again");
            assertThat(work(person).award(ida, "slope").decided()).isFalse();
            assertThat(work(person).turned(raised.task("slope").orElseThrow())).isEmpty();
        }
    }

    @Test
    void aMarkerKeepsTheNameOverAKill() throws IOException {
        Path state = folder.resolve("state");
        try (Person person = Person.at(KELP, state)) {
            person.click("view-mark");
            person.settle();
            String name = Settings.in(state).text(MarkView.MARKER, "");
            assertThat(name).as("kept before anything is decided").startsWith("marker-");
        }
    }

    @Test
    void decisionsAreUnderTheNameThatTheMarkerGives() throws IOException {
        Path hands = handIns();
        try (Person person = opened(hands)) {
            person.click("mark-tab-class");
            person.click("mark-marker");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("Ann");
            person.press(KeyCode.ENTER);
            person.click("mark-tab-by-task");
            person.click("group-give-3");
            assertThat(work(person).marking().all()).extracting(Decision::by).containsExactly("Ann");
        }
        try (Person again = opened(hands)) {
            again.click("mark-tab-class");
            assertThat(again.text("mark-marker")).as("remembered").isEqualTo("Ann");
        }
    }

    @Test
    void aMarkingThatCannotBeReadIsPutAsideAndThatIsSaid() throws IOException {
        Path hands = handIns();
        Path lying = Files.writeString(hands.resolve("Kelp blades.marks"), "torn");
        try (Person person = opened(hands)) {
            assertThat(person.text("notice")).contains("is damaged").contains("was left as it is");
            person.click("group-give-3");
            person.settle();
        }
        assertThat(Files.readString(lying)).isEqualTo("torn");
        Path kept = Files.writeString(ofWindow(), "torn");
        try (Person person = opened(hands)) {
            assertThat(work(person).reading().done()).isZero();
            person.click("group-give-3");
            person.settle();
        }
        assertThat(Files.readString(kept.resolveSibling(kept.getFileName() + ".damaged"))).isEqualTo("torn");
        assertThat(MarksFile.read(kept)).isInstanceOf(Result.Done.class);
    }

    /** A file that came with the hand-ins is a stranger's, whatever it is called: what it says is offered, not taken. */
    @Test
    void aMarkingAmongTheHandInsIsOfferedAndNeverTaken() throws IOException {
        Path hands = handIns();
        Path planted = hands.resolve("Kelp blades.marks");
        new MarksFile("Kelp blades", given(Marking.none(KELP.id()), hands, "slope", 1, "Ida Fenn\u202e"), List.of())
                .write(planted);
        byte[] before = Files.readAllBytes(planted);
        try (Person person = opened(hands)) {
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
            assertThat(person.text("notice")).contains("A marking by Ida Fenn lies among the hand-ins: Kelp blades.marks")
                    .doesNotContain("\u202e");
            person.click("choice-0");
            person.press(KeyCode.DIGIT3);
            person.settle();
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
        }
        assertThat(planted).as("it is nobody's to write over").hasBinaryContent(before);
        try (Person person = opened(hands)) {
            person.click("choice-1");
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks())
                    .as("put in by the marker").isEqualTo(1);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
        }
    }

    /**
     * Several are asked for at once, each once: another marker's copy is written again with every decision, and would ask each
     * time.
     */
    @Test
    void eachMarkingIsOfferedOnce() throws IOException {
        Path hands = handIns();
        MarksFile bo = new MarksFile("Kelp blades", given(Marking.none(KELP.id()), hands, "slope", 1, "bo"), List.of());
        bo.write(hands.resolve("a.marks"));
        new MarksFile("Kelp blades", given(Marking.none(KELP.id()), hands, "r", 1, "cy"), List.of())
                .write(hands.resolve("b.marks"));
        try (Person person = opened(hands)) {
            assertThat(person.text("notice")).contains("A marking by bo", "A marking by cy")
                    .endsWith("Put one in only if you know who put it there.");
            assertThat(person.text("choice-2")).isEqualTo("Put b.marks in");
            person.click("choice-2");
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "r").marks()).isEqualTo(1);
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "slope").marks()).isEqualTo(2);
            new MarksFile("Kelp blades", given(bo.marking(), hands, "explain", 1, "bo"), List.of())
                    .write(hands.resolve("a.marks"));
            Files.copy(hands.resolve("Kelp blades, Runa Feld.handin"), hands.resolve("later.handin"));
            person.until("the folder was looked at again", () -> work(person).roll().asides().stream()
                    .anyMatch(it -> it.file().equals("later.handin"))
                    || work(person).roll().students().stream().anyMatch(it -> it.handedIn().file().equals("later.handin")));
            person.settle();
            assertThat(person.sees("choice-0")).as("it does not ask again").isFalse();
        }
    }

    @Test
    void digitsAreTheirKeysWhateverLetterAKeyboardHasThere() throws IOException {
        try (Person person = opened(handIns())) {
            FxThread.call(() -> {
                Event.fireEvent(person.window().root().lookup("#mark-groups"),
                        new KeyEvent(KeyEvent.KEY_PRESSED, "é", "é", KeyCode.DIGIT2, false, false, false, false));
                return null;
            });
            assertThat(work(person).award(student(work(person), "Ida Fenn"), "explain").marks()).isEqualTo(2);
        }
    }
}
