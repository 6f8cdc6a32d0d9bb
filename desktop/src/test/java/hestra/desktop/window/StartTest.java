package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.files.Glance;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.HestraFile;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** What the window shows when nothing is open, and how work is begun and found again from there. */
class StartTest {

    @TempDir
    private Path folder;

    @Test
    void withNothingEarlierTheKeyboardIsOnAnEmptyTable() throws IOException {
        try (Person person = Person.atStart(folder)) {
            assertThat(person.view()).isEqualTo(MainWindow.View.START);
            assertThat(person.focused()).isEqualTo("start-empty");
            assertThat(person.sees("undo")).isFalse();
            assertThat(person.sees("view-write")).isFalse();
            person.press(KeyCode.ENTER);
            assertThat(person.view()).isEqualTo(MainWindow.View.WORK);
            assertThat(person.model().desk().exercise().isStudy()).isTrue();
            person.type("12");
            person.press(KeyCode.TAB);
            assertThat(person.model().findings().work().table().cell(0, 0).text())
                    .as("typing goes straight into the table").isEqualTo("12");
        }
    }

    @Test
    void arrowsGoThroughWhatCanBeBegunAndTabReachesAll() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.await("start-orrin-bay-kelp-blades");
            person.press(KeyCode.RIGHT);
            assertThat(person.focused()).isEqualTo("start-paste");
            person.press(KeyCode.LEFT);
            person.press(KeyCode.DOWN);
            assertThat(person.focused()).isEqualTo("start-open");
            assertThat(person.walk()).isEmpty();
        }
    }

    @Test
    void anExerciseThatComesWithTheProgramIsOpenedAndFoundAgain() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.await("start-orrin-bay-kelp-blades");
            person.click("start-orrin-bay-kelp-blades");
            assertThat(person.model().desk().exercise()).isEqualTo(KelpBlades.exercise());
            person.press(KeyCode.SPACE);
            person.press(KeyCode.ALT, KeyCode.HOME);
            assertThat(person.view()).isEqualTo(MainWindow.View.START);
            // What was open is listed anew when Start comes up: the list may be of before, or empty for a moment.
            person.until("what was open", () -> person.texts("recent-title").equals(List.of("Kelp blades")));
            person.press(KeyCode.ESCAPE);
            assertThat(person.view()).as("it stayed open behind").isEqualTo(MainWindow.View.WORK);
            person.press(KeyCode.ALT, KeyCode.HOME);
            person.click("start-empty");
            assertThat(person.text("notice")).contains("kept");
            person.click("go-to-start");
            person.until("both, the newer first",
                    () -> person.texts("recent-title").equals(List.of("Your data", "Kelp blades")));
            person.click("recent-1");
            assertThat(person.model().findings().work().roles()).as("what was chosen is there")
                    .contains(KelpBlades.exercise().first().roles());
        }
    }

    @Test
    void earlierWorkIsOfferedFirstAndGoneOnWithByEnter() throws IOException {
        try (Person person = Person.at(Exercise.study("reeds", "Reeds", DecimalMark.POINT), folder)) {
            person.type("12");
            person.press(KeyCode.TAB);
        }
        try (Person person = Person.atStart(folder)) {
            person.await("recent-0");
            assertThat(person.focused()).isEqualTo("recent-0");
            person.press(KeyCode.ENTER);
            assertThat(person.model().desk().exercise().title()).isEqualTo("Reeds");
            assertThat(person.model().findings().work().table().cell(0, 0).text()).isEqualTo("12");
        }
    }

    @Test
    void aGlanceSaysWhatItIsAndHowFarItHasCome() {
        Exercise exercise = Kelp.exercise(Kelp.read(Quantity.N, new Rounding.Places(0)), Kelp.explain())
                .withFirst(part -> part.withHeld(Set.of()));
        Desk begun = Desk.open(exercise);
        assertThat(Glance.of(begun).about()).isEqualTo("exercise · 0 of 2 tasks done");
        Desk one = begun.apply(new Edit.Draft("read", new Answer.Typed("5"))).apply(new Edit.Check("read"));
        assertThat(Glance.of(one).about()).isEqualTo("exercise · 1 of 2 tasks done");
        assertThat(Glance.of(one).pairs().size()).isEqualTo(5);
        assertThat(Glance.of(Desk.open(Exercise.blank("b"))).about()).isEqualTo("writing · no task yet");
        assertThat(Glance.of(Desk.open(Exercise.study("s", "S", DecimalMark.POINT))).about()).isEqualTo("your data · 0 pairs");
        assertThat(Glance.of(folder.resolve("none.jsonl"))).isEmpty();
    }

    @Test
    void aFolderOfHandInsIsMarkedFromStart() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.willChoose(Files.createDirectory(folder.resolve("empty")));
            person.click("start-mark");
            assertThat(person.text("notice")).contains("no hand-ins");
        }
    }

    @Test
    void whatHasNothingLeftToDoDoesNotStandInTheWayOfANewBeginning() throws IOException {
        Exercise exercise = Kelp.exercise(Kelp.read(Quantity.N, new Rounding.Places(0)))
                .withFirst(part -> part.withHeld(Set.of()));
        try (Person person = Person.at(exercise, folder)) {
            assertThat(person.isFinished()).isFalse();
            person.apply(new Edit.Draft("read", new Answer.Typed("5")));
            person.apply(new Edit.Check("read"));
            assertThat(person.isFinished()).isTrue();
        }
        try (Person person = Person.at(Exercise.study("s", "S", DecimalMark.POINT), folder)) {
            assertThat(person.isFinished()).isTrue();
            person.type("1");
            person.press(KeyCode.TAB);
            assertThat(person.isFinished()).isFalse();
        }
    }

    @Test
    void aStudyOfANewerVersionIsRefusedWithWhatToDo() throws IOException {
        Path file = folder.resolve("newer.hestra");
        HestraFile.write(Desk.open(Exercise.study("s", "S", DecimalMark.POINT)), file);
        try (FileSystem zip = FileSystems.newFileSystem(file)) {
            Path json = zip.getPath("study.json");
            Files.writeString(json, Files.readString(json).replace("\"version\" : 1", "\"version\" : 9"));
        }
        try (Person person = Person.atStart(folder)) {
            person.willChoose(file);
            person.click("start-open");
            assertThat(person.text("notice")).contains("newer Hestra").contains("Update");
            assertThat(person.view()).isEqualTo(MainWindow.View.START);
        }
    }

    /** What the menu holds while it is open. */
    private static List<String> menu(Person person) throws IOException {
        person.click("menu");
        List<String> shown = FxThread.call(() -> ((MenuButton) person.window().root().lookup("#menu")).getItems().stream()
                .filter(MenuItem::isVisible).map(item -> item instanceof SeparatorMenuItem ? "-" : item.getText()).toList());
        double height = FxThread.call(() -> Window.getWindows().stream().filter(it -> it instanceof ContextMenu)
                .mapToDouble(Window::getHeight).max().orElse(0));
        assertThat(height).as("it is seen whole in a low window").isBetween(100.0, 680.0);
        person.press(KeyCode.ESCAPE);
        return shown;
    }

    @Test
    void theMenuHoldsWhatCanBeDoneHereAndNow() throws IOException {
        try (Person person = Person.atStart(folder)) {
            assertThat(menu(person)).contains("New study", "Open…", "Open data…", "Mark hand-ins…", "Looks")
                    .doesNotContain("Start", "Save", "Save data as…", "Join data…", "Start again", "Report…", "Publish…");
        }
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            assertThat(menu(person)).contains("Start", "Save", "Report…", "Start again", "Save data as…")
                    .doesNotContain("Publish…", "New sample", "Put a marking in…", "Mark hand-ins…");
            person.click("view-write");
            List<String> write = menu(person);
            assertThat(write).contains("Publish…", "Join data…", "Earlier versions…", "New sample").doesNotContain("Start again");
            assertThat(write.getFirst()).isNotEqualTo("-");
            assertThat(write).as("never two lines without something between").hasSizeLessThan(25)
                    .satisfies(all -> assertThat(String.join("", all)).doesNotContain("--"));
            person.click("view-mark");
            assertThat(menu(person)).contains("Mark hand-ins…").doesNotContain("Put a marking in…", "Save", "Open data…");
        }
    }

    @Test
    void whereNothingIsOpenTheKeysSaySo() throws IOException {
        try (Person person = Person.atStart(folder)) {
            for (KeyCode key : List.of(KeyCode.S, KeyCode.P)) {
                person.press(KeyCode.CONTROL, key);
                assertThat(person.text("notice")).as("Ctrl+%s", key).startsWith("Nothing is open");
                assertThat(person.view()).isEqualTo(MainWindow.View.START);
            }
        }
        try (Person person = Person.at(Exercise.study("s", "S", DecimalMark.POINT), folder)) {
            person.type("1");
            person.press(KeyCode.TAB);
            person.press(KeyCode.ALT, KeyCode.HOME);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.press(KeyCode.ESCAPE);
            assertThat(person.model().findings().work().table().size())
                    .as("what is behind Start is not undone from there").isEqualTo(1);
        }
    }
}
