package hestra.desktop.window;

import java.io.IOException;
import java.lang.Thread.UncaughtExceptionHandler;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;

import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.History;
import hestra.desk.Step;
import hestra.desk.Work;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.JournalWriter;
import hestra.desktop.files.LastOpen;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.RecentWork;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.JournalFile;
import hestra.exercise.Exercise;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

/** Whatever was typed can be had again, in the real window. */
class NothingLostTest {

    @TempDir
    Path folder;

    private static Exercise open() {
        return KelpBlades.exercise().withFirst(part -> part.withHeld(Collections.<Aid>emptySet()));
    }

    @Test
    void aNameThatWasTypedAfterAPasteStaysWhenTheHeadingsAreSaidToBeNames() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.copied("38;34,1\n40;37,3\n");
            person.click("cell-21-0");
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.click("student-name");
            person.type("Ida");
            person.click("paste-more");
            person.click("paste-headed-names");
            Work work = person.model().desk().work();
            assertThat(work.student()).isEqualToIgnoringCase("Ida");
            assertThat(person.model().findings().work().table().size())
                    .as("one row is a heading now, and none is there twice").isEqualTo(22);
            assertThat(person.model().findings().work().table().cell(21, 1).text()).isEqualTo("37.3");
        }
    }

    @Test
    void anIdleSecondWindowIsNotWhatWasWorkedOnLast() throws IOException {
        try (OpenDesk first = OpenDesk.of(folder, KelpBlades.exercise(), Optional.empty())) {
            LastOpen.remember(Settings.in(folder), first);
            try (Person second = Person.at(KelpBlades.exercise(), folder)) {
                assertThat(LastOpen.in(Settings.in(folder)).journal()).isEqualTo(first.journalFile());
                second.click("student-name");
                second.type("Ida");
                assertThat(LastOpen.in(Settings.in(folder)).journal()).as("now it is")
                        .hasValueSatisfying(it -> assertThat(it.toString()).endsWith("-2.jsonl"));
            }
        }
    }

    @Test
    void aNewExerciseLeavesTheOldOneInTheListOfRecentWork() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.click("student-name");
            person.type("ida");
            person.press(KeyCode.CONTROL, KeyCode.N);
            assertThat(person.model().desk().exercise().title()).isEqualTo("New exercise");
            assertThat(person.text("notice")).contains("Recent work");
            person.type("Sea urchins");
            person.choose("menu", "Recent work…");
            person.until("the board has the keyboard in its list", () -> !("recent-close".equals(person.focused())));
            assertThat(person.sees("recent")).isTrue();
            person.press(KeyCode.ENTER);
            assertThat(person.model().desk().exercise().title()).as("the only other work").isEqualTo("Kelp blades");
            assertThat(person.model().desk().work().student()).isEqualTo("ida");
            // The journal of the window that was left is written beside the window's thread.
            person.until("the journal of the window that was left",
                    () -> !(RecentWork.in(folder).stream().noneMatch(it -> it.title().equals("Sea urchins"))));
            assertThat(RecentWork.in(folder)).extracting(RecentWork::title).contains("Sea urchins", "Kelp blades");
        }
    }

    @Test
    void nothingOfOneExerciseStandsInAnother() throws IOException {
        try (Person person = Person.at(open(), folder)) {
            person.click("predict-at");
            person.type("33");
            person.click("kept-several");
            assertThat(person.text("grid-to")).isNotBlank();
            person.press(KeyCode.CONTROL, KeyCode.N);
            person.click("view-work");
            assertThat(person.sees("grid-to")).isFalse();
            assertThat(person.text("predict-at")).isEmpty();
        }
    }

    @Test
    void aTryThatWasUsedIsNotGivenBackByUndo() throws IOException {
        Exercise exercise = open();
        Task slope = exercise.task("slope").orElseThrow();
        try (Person person = Person.at(exercise.withFirst(part -> part.withTasks(List.of(slope))), folder)) {
            person.click("slope-number");
            person.type("7");
            person.press(KeyCode.ENTER);
            int left = person.model().desk().triesLeft(slope);
            assertThat(left).isEqualTo(slope.terms().tries() - 1);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().desk().triesLeft(slope)).isEqualTo(left);
            assertThat(person.text("slope-number")).isEmpty();
            person.choose("menu", "Start again");
            assertThat(person.model().desk().work().checks().begun()).isEqualTo(2);
        }
    }

    @Test
    void oneUndoInWriteTakesBackOneRunOfTyping() throws IOException {
        try (Person person = Person.at(open(), folder)) {
            person.click("view-write");
            person.click("outline-slope");
            person.click("edit-title");
            person.press(KeyCode.END);
            person.type("ab");
            person.click("edit-prompt");
            person.press(KeyCode.CONTROL, KeyCode.END);
            person.type("cd");
            person.click("edit-title");
            person.type("e");
            Task before = KelpBlades.exercise().task("slope").orElseThrow();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(task(person).terms().title()).isEqualTo(before.terms().title() + "ab");
            assertThat(task(person).terms().prompt()).isEqualTo(before.terms().prompt() + "cd");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(task(person).terms().prompt()).isEqualTo(before.terms().prompt());
            assertThat(task(person).terms().title()).isEqualTo(before.terms().title() + "ab");
        }
    }

    private static Task task(Person person) {
        return person.model().desk().exercise().task("slope").orElseThrow();
    }

    @Test
    void anEditThatCannotBeComputedWithIsRefusedAndTheRestGoesOn() throws IOException {
        try (Person person = Person.at(open(), folder)) {
            List<List<String>> block = new ArrayList<>();
            block.add(null);
            FxThread.call(() -> {
                person.model().apply(new WorkEdit.ChangeTable(new TableEdit.Paste(0, 0, block)));
                return null;
            });
            assertThat(person.text("notice")).contains("nothing has changed");
            person.click("student-name");
            person.type("ida");
        }
        try (OpenDesk again = OpenDesk.of(folder, open(), Optional.empty())) {
            assertThat(again.history().present().work().student()).isEqualTo("ida");
            assertThat(again.trouble()).isEmpty();
        }
    }

    @Test
    void anEnormousNumberIsTypedLikeAnyOther() throws IOException {
        try (Person person = Person.entering(open(), folder)) {
            person.click("cell-20-1");
            person.type("1.7e308");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().work().table().cell(20, 1).text()).isEqualTo("1.7e308");
            assertThat(person.figure().points()).isNotEmpty();
        }
        try (OpenDesk again = OpenDesk.of(folder, open(), Optional.empty())) {
            assertThat(again.restored()).as("the roles, their check and the number").isEqualTo(3);
        }
    }

    @Test
    void aSecondWindowSaysThatItIsApart() {
        try (OpenDesk first = OpenDesk.of(folder, open(), Optional.empty());
                OpenDesk second = OpenDesk.of(folder, open(), Optional.empty())) {
            assertThat(first.trouble()).isEmpty();
            assertThat(second.trouble()).hasValueSatisfying(it -> assertThat(it).contains("another window"));
            assertThat(second.journalFile()).isNotEqualTo(first.journalFile());
        }
    }

    @Test
    void whatWasOpenLastIsTheJournalThatWasOpenAndItsFile() throws IOException {
        Settings settings = Settings.in(folder);
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(open(), file);
        try (OpenDesk first = OpenDesk.of(folder, open(), Optional.of(file));
                OpenDesk second = OpenDesk.of(folder, open(), Optional.of(file))) {
            LastOpen.remember(settings, second);
            assertThat(LastOpen.in(Settings.in(folder)).journal()).isEqualTo(second.journalFile());
            assertThat(LastOpen.fileOf(settings, second.journalFile().orElseThrow())).contains(file);
            assertThat(first.journalFile()).isNotEqualTo(second.journalFile());
        }
        Path last = LastOpen.in(Settings.in(folder)).journal().orElseThrow();
        try (OpenDesk again = OpenDesk.of(folder, Desk.open(open()), Optional.of(file), Optional.of(last))) {
            assertThat(again.journalFile()).contains(last);
        }
    }

    @Test
    void aDeskThatCannotBeShownLeavesStartWhichSaysWhereTheWorkLies() throws IOException {
        History broken = mock(History.class);
        when(broken.present()).thenThrow(new IllegalStateException("no frame")).thenReturn(Desk.open(open()));
        OpenDesk desk = mock(OpenDesk.class);
        when(desk.history()).thenReturn(broken);
        Path journal = folder.resolve("kelp.jsonl");
        when(desk.journalFile()).thenReturn(Optional.of(journal));
        try (Person person = Person.at(open(), folder.resolve("other"))) {
            MainWindow window = FxThread.call(() -> HestraApp.window(desk, Settings.in(folder), mock(FileDialogs.class),
                    new Look()));
            assertThat(window.view()).isEqualTo(MainWindow.View.START);
            assertThat(FxThread.call(() -> ((javafx.scene.control.Label) window.root().lookup("#notice")).getText()))
                    .contains("Kelp blades").contains(journal.toString());
            verify(desk).close();
            assertThat(person.model()).isNotNull();
        }
    }

    /** Three values are typed while the disk is full, one when there is room again: all four are kept, in their order. */
    @Test
    void aDiskThatIsFullForAMomentCostsNothing() throws Exception {
        JournalFile journal = mock(JournalFile.class);
        AtomicBoolean full = new AtomicBoolean(true);
        List<Step> written = Collections.synchronizedList(new ArrayList<>());
        doAnswer(call -> {
            if (full.get()) {
                throw new IOException("no space left on device");
            }
            written.add(call.getArgument(0));
            return null;
        }).when(journal).add(any());
        BlockingQueue<Optional<String>> told = new LinkedBlockingQueue<>();
        List<Step> steps = IntStream.range(1, 5).mapToObj(i -> new Step(i, new Edit.TakeHint("task " + i))).toList();
        try (JournalWriter writer = new JournalWriter(journal)) {
            writer.watchBy(failure -> told.add(failure.map(IOException::getMessage)));
            steps.subList(0, 3).forEach(writer::add);
            assertThat(told.poll(1, TimeUnit.MINUTES)).contains("no space left on device");
            assertThat(writer.isFailing()).isTrue();
            full.set(false);
            assertThat(told.poll(1, TimeUnit.MINUTES)).as("all is written").isEmpty();
            writer.add(steps.get(3));
        }
        assertThat(written).isEqualTo(steps);
        assertThat(told).as("each is told once").isEmpty();
        verify(journal).close();
    }

    /** Five hundred letters are a few lines in the journal, and come back as one step with all of them. */
    @Test
    void aRunOfTypingIsKeptAsWhatItCameTo() throws IOException {
        Path file = folder.resolve("kelp.jsonl");
        Desk begun = Desk.open(KelpBlades.exercise());
        StringBuilder text = new StringBuilder();
        try (JournalWriter writer = new JournalWriter(JournalFile.open(file, begun).journal())) {
            writer.add(new Step(1, new Edit.Name("Ida")));
            for (int i = 0; i < 500; i++) {
                text.append((char) ('a' + i % 26));
                writer.add(new Step(2 + i, new Edit.Draft("explain", new Answer.Sentence(text.toString()),
                        Optional.of("run 1"))));
            }
            writer.add(new Step(600, new Edit.Check("explain")));
            writer.add(new Step(601, new Edit.Undo()));
        }
        assertThat(Files.readAllLines(file)).as("a header, and few lines").hasSizeLessThan(60);
        try (JournalFile again = JournalFile.open(file, begun).journal()) {
            History history = JournalFile.look(file).map(left -> History.of(left.now())).orElseThrow();
            assertThat(history.present().work().drafts()).as("undone as one").doesNotContainKey("explain");
            assertThat(history.present().work().attemptsAt("explain").getFirst().answer())
                    .isEqualTo(new Answer.Sentence(text.toString()));
            assertThat(again).isNotNull();
        }
    }

    /**
     * What is saved in the middle of typing stands in the journal as it was saved, or the file would seem to be of another
     * version.
     */
    @Test
    void whatWasSavedWhileTypingIsFoundAgain() throws IOException {
        Path file = folder.resolve("kelp.jsonl");
        Desk begun = Desk.open(KelpBlades.exercise());
        List<Edit> edits = Stream.of("a", "ab", "abc",
                "abcd").<Edit>map(text -> new ExerciseEdit.WriteTexts(text, "", "", Optional.of("run 1"))).toList();
        try (JournalWriter writer = new JournalWriter(JournalFile.open(file, begun).journal())) {
            edits.subList(0, 3).forEach(edit -> writer.add(new Step(1, edit)));
            writer.settle();
            writer.add(new Step(2, edits.get(3)));
        }
        JournalFile.Opened opened = JournalFile.open(file, Desk.open(KelpBlades.exercise().withTexts("abc", "", "")));
        opened.journal().close();
        assertThat(opened.trouble()).isEmpty();
        assertThat(opened.history().present().exercise().title()).isEqualTo("abcd");
    }

    @Test
    void whatIsStillHeldIsTriedOnceMoreOnClosing() throws Exception {
        JournalFile journal = mock(JournalFile.class);
        doThrow(new IOException("full")).doNothing().when(journal).add(any());
        JournalWriter writer = new JournalWriter(journal);
        writer.add(new Step(1, new Edit.Name("Ida")));
        writer.close();
        verify(journal, times(2)).add(any());
        verify(journal).close();
    }

    /** A journal whose folder is removed while it is open is written there again, with all that was in it. */
    @Test
    void aFolderThatIsRemovedComesBackWithAllThatWasDone() throws IOException {
        Path home = folder.resolve("home");
        Path file = home.resolve("kelp.jsonl");
        try (JournalFile journal = JournalFile.open(file, Desk.open(KelpBlades.exercise())).journal()) {
            journal.add(new Step(1, new Edit.Name("Ida")));
            Files.delete(file);
            journal.add(new Step(2, new Edit.Name("Ida Fenn")));
        }
        assertThat(JournalFile.look(file).orElseThrow().now().work().student()).isEqualTo("Ida Fenn");
    }

    /** A fault of the program's own is said once, and the window goes on with the desk as it was. */
    @Test
    void whateverGoesWrongTheWindowGoesOn() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder.resolve("outlast"))) {
            UncaughtExceptionHandler before = FxThread.call(() -> {
                UncaughtExceptionHandler usual = Thread.currentThread().getUncaughtExceptionHandler();
                HestraApp.outlast(person.window());
                return usual;
            });
            Desk desk = person.model().desk();
            for (int i = 0; i < 3; i++) {
                Platform.runLater(() -> {
                    throw new IllegalStateException("a fault on purpose");
                });
            }
            person.awaitText("notice", "Something went wrong here and was not done");
            assertThat(person.model().desk()).isEqualTo(desk);
            person.press(KeyCode.F1);
            assertThat(person.sees("keys")).as("it goes on").isTrue();
            FxThread.call(() -> {
                Thread.currentThread().setUncaughtExceptionHandler(before);
                return null;
            });
        }
    }

    @Test
    void theTopBarSaysAsLongAsNothingIsKept() throws IOException {
        Path state = folder.resolve("kept");
        try (Person person = Person.entering(KelpBlades.exercise(), state)) {
            assertThat(person.sees("unkept")).isFalse();
            Path journal = person.window().open().journalFile().orElseThrow();
            Path aside = journal.resolveSibling("aside");
            Files.move(journal, aside);
            Files.createDirectory(journal);
            person.click("cell-21-0");
            person.type("38");
            person.press(KeyCode.ENTER);
            person.until("it is said in the bar", () -> person.sees("unkept"));
            Files.delete(journal);
            person.until("it is kept again", () -> !person.sees("unkept"));
            person.click("cell-21-1");
            person.type("34.1");
            person.press(KeyCode.ENTER);
        }
        try (Person person = Person.at(KelpBlades.exercise(), state)) {
            assertThat(person.model().findings().work().table().cell(21, 0).text()).isEqualTo("38");
            assertThat(person.model().findings().work().table().cell(21, 1).text()).isEqualTo("34.1");
        }
    }

    @Test
    void settingsThatCannotBeWrittenAreNoHarm() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "in the way");
        Settings settings = Settings.in(file);
        settings.put("dark", true);
        settings.save();
        assertThat(file).hasContent("in the way");
    }
}
