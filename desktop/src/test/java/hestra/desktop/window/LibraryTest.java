package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.desk.ExerciseEdit;
import hestra.desktop.files.EarlierVersion;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import hestra.variants.Copies;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Exercises in a folder, plans to start from, and what was saved earlier. */
class LibraryTest {

    @TempDir
    private Path folder;

    @Test
    void anExerciseIsFoundByTypingAndOpenedToBeWritten() throws IOException {
        Path shelf = Files.createDirectories(folder.resolve("shelf").resolve("spring"));
        ExerciseFile.write(Kelp.whole().called("a").withTexts("Ropes", "", "How fast?"), shelf.resolve("ropes.hestra"));
        ExerciseFile.write(Kelp.exercise(Kelp.explain()).called("b").withTexts("Barnacles", "", "How many?"), shelf.getParent()
                .resolve("barnacles.hestra"));
        ExerciseFile.write(Kelp.whole().with(Optional.of(new Copy(3, 1, "Ida", Map.of()))), shelf.resolve("copy.hestra"));
        Files.writeString(shelf.resolve("torn.hestra"), "PK?");
        try (Person person = Person.atStart(folder.resolve("state"))) {
            person.click("start-library");
            assertThat(person.text("library-where")).startsWith("Choose the folder");
            person.willChoose(folder.resolve("shelf"));
            person.click("library-folder");
            person.awaitText("library-where", "3 exercises in");
            assertThat(person.texts("task-title")).contains("Barnacles", "Ropes", "torn.hestra");
            person.click("library-find");
            person.type("ropes predict");
            person.press(KeyCode.ENTER);
            person.rest();
            assertThat(person.view()).isEqualTo(MainWindow.View.WRITE);
            assertThat(person.model().desk().exercise().title()).isEqualTo("Ropes");
            person.press(KeyCode.CONTROL, KeyCode.L);
            person.awaitText("library-where", "3 exercises in");
            assertThat(person.focused()).as("the folder is remembered").isEqualTo("library-find");
        }
    }

    @Test
    void aPlanBecomesAnExerciseOfOnesOwn() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.click("start-plan");
            assertThat(person.focused()).isEqualTo("plan-first-look");
            person.press(KeyCode.ENTER);
            person.rest();
            assertThat(person.view()).isEqualTo(MainWindow.View.WRITE);
            assertThat(person.model().desk().exercise().id()).isNotEqualTo("plan-first-look");
            assertThat(person.model().desk().exercise().tasks()).hasSize(6);
        }
    }

    @Test
    void whatWasSavedEarlierIsBroughtBackAndUndone() throws IOException {
        try (Person person = Person.at(Kelp.whole(), folder)) {
            person.click("view-write");
            person.willChoose(folder.resolve("kelp.hestra"));
            person.press(KeyCode.CONTROL, KeyCode.S);
            person.rest();
            String removed = person.model().desk().exercise().tasks().getFirst().id();
            person.apply(new ExerciseEdit.RemoveBlock(removed));
            person.choose("menu", "Earlier versions…");
            person.rest();
            person.click("version-0");
            person.rest();
            assertThat(person.model().desk().exercise()).isEqualTo(Kelp.whole());
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().desk().exercise().task(removed)).isEmpty();
        }
    }

    @Test
    void theNewestFortyAreKept() {
        Instant start = Instant.parse("2026-05-03T10:00:00Z");
        for (int i = 0; i < 45; i++) {
            EarlierVersion.keep(folder, Kelp.whole().withTexts("Version " + i, "", ""),
                    Clock.fixed(start.plus(Duration.ofMinutes(i)), ZoneOffset.UTC));
        }
        List<EarlierVersion> kept = EarlierVersion.of(folder, Kelp.whole());
        assertThat(kept).hasSize(40);
        assertThat(kept.getFirst().when()).isEqualTo(start.plus(Duration.ofMinutes(44)));
        assertThat(((Result.Done<Exercise>) ExerciseFile.read(kept.getLast().file())).value().title()).isEqualTo("Version 5");
        assertThat(kept.getFirst().when(LocalDate.of(2026, 5, 3), ZoneOffset.UTC)).isEqualTo("today at 10:44");
        assertThat(EarlierVersion.of(folder, Kelp.whole().called("other"))).isEmpty();
    }

    /** A clock that was set back, and two saves within a second: each is a version, and the one saved last is the newest. */
    @Test
    void theOrderIsThatInWhichTheyWereSavedWhateverTheClockSays() {
        Instant now = Instant.parse("2026-05-03T10:00:00Z");
        for (int i = 0; i < 41; i++) {
            EarlierVersion.keep(folder, Kelp.whole().withTexts("Version " + i, "", ""), Clock.fixed(now, ZoneOffset.UTC));
        }
        EarlierVersion.keep(folder, Kelp.whole().withTexts("Set back", "", ""),
                Clock.fixed(now.minus(Duration.ofDays(400)), ZoneOffset.UTC));
        List<EarlierVersion> kept = EarlierVersion.of(folder, Kelp.whole());
        assertThat(kept).hasSize(40);
        assertThat(((Result.Done<Exercise>) ExerciseFile.read(kept.getFirst().file())).value().title()).isEqualTo("Set back");
        assertThat(((Result.Done<Exercise>) ExerciseFile.read(kept.getLast().file())).value().title()).isEqualTo("Version 2");
    }

    /**
     * `variants` publishes from the file while a window has it open: the window says so before it saves over it, and loses
     * neither the edition nor what stood there.
     */
    @Test
    void aFileThatChangedMeanwhileIsSaidAndItsEditionsAreKept() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(Kelp.whole(), file);
        try (Person person = Person.atStart(folder.resolve("state"))) {
            person.willChoose(file);
            person.press(KeyCode.CONTROL, KeyCode.O);
            person.settle();
            person.click("view-write");
            Exercise elsewhere = new ExerciseEdit.Publish(Copies.edition(Kelp.whole().withTexts("Elsewhere", "", ""), 3))
                    .appliedTo(Kelp.whole().withTexts("Elsewhere", "", ""));
            ExerciseFile.write(elsewhere, file);
            person.press(KeyCode.CONTROL, KeyCode.S);
            person.settle();
            assertThat(person.text("notice")).contains("has been saved by another window or program");
            assertThat(ExerciseFile.read(file)).as("nothing is written before").isEqualTo(Result.done(elsewhere));
            person.click("choice-0");
            person.settle();
            Exercise saved = ((Result.Done<Exercise>) ExerciseFile.read(file)).value();
            assertThat(saved.title()).isEqualTo(Kelp.whole().title());
            assertThat(saved.issue().editions()).as("by which hand-ins are marked").isEqualTo(elsewhere.issue().editions());
            assertThat(person.model().desk().exercise().issue().editions()).isEqualTo(elsewhere.issue().editions());
            assertThat(EarlierVersion.of(folder.resolve("state"), Kelp.whole()))
                    .extracting(it -> ((Result.Done<Exercise>) ExerciseFile.read(it.file())).value().title())
                    .containsExactly(Kelp.whole().title(), "Elsewhere");
            person.press(KeyCode.CONTROL, KeyCode.S);
            person.settle();
            assertThat(person.text("notice")).as("its own saving is nobody else's").startsWith("Saved as");
        }
    }

    /** Two different editions of one number: whichever were lost, hand-ins of it would be marked by the other. */
    @Test
    void twoEditionsOfOneNumberAreNotSavedOverEachOther() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(Kelp.whole(), file);
        Exercise changed = Kelp.whole().withFirst(part -> part.withHeading("Another heading"));
        Exercise elsewhere = new ExerciseEdit.Publish(Copies.edition(changed, 3)).appliedTo(changed);
        try (Person person = Person.atStart(folder.resolve("state"))) {
            person.willChoose(file);
            person.press(KeyCode.CONTROL, KeyCode.O);
            person.settle();
            FxThread.call(() -> {
                person.model().apply(new ExerciseEdit.Publish(Copies.edition(Kelp.whole(), 3)));
                return true;
            });
            ExerciseFile.write(elsewhere, file);
            person.press(KeyCode.CONTROL, KeyCode.S);
            person.settle();
            person.click("choice-0");
            person.settle();
            assertThat(person.text("notice")).contains("an edition 1 was published from each, and they differ");
            assertThat(ExerciseFile.read(file)).isEqualTo(Result.done(elsewhere));
        }
        assertThat(elsewhere.issue().mayHold(elsewhere.issue().editions().getFirst().ofAtLeast(9)))
                .as("more of the same copies").isTrue();
        assertThat(elsewhere.issue().mayHold(Copies.edition(Kelp.whole(), 3))).isFalse();
    }
}
