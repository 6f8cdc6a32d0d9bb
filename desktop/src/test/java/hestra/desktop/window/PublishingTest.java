package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.desk.ExerciseEdit;
import hestra.desk.PartEdit;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.exercise.SquaredPaper;
import hestra.exercise.Varying;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.review.ScreenWords;
import hestra.task.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** From an exercise in Write to copies for a class, and what a student finds in one. */
class PublishingTest {

    @TempDir
    private Path folder;

    private static Exercise made() {
        Exercise plain = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(1)));
        Sample sample = ((Sample.Done) Sample.of(Recipe.simple(), plain.first().x(), plain.first().y(), DecimalMark.POINT))
                .sample();
        return plain.withFirst(part -> part.withHeld(Set.of())
                .withColumns(sample.table(), sample.roles(), new Provenance.Made(Recipe.simple())));
    }

    private static Exercise read(Path file) {
        return ((Result.Done<Exercise>) ExerciseFile.read(file)).value();
    }

    private static List<String> names(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void variantsAreLookedAtComparedTriedAndDrawnAnew() throws IOException {
        try (Person person = Person.at(made(), folder)) {
            person.click("view-write");
            person.click("write-variants");
            assertThat(person.sees("variants-plots")).as("all have the same data").isFalse();
            person.click("vary-way-new-data-of-the-recipe");
            person.await("variant-12");
            assertThat(person.text("variants-told")).isEqualTo("12 variants. All drawn as wished.");
            person.click("vary-clear");
            person.click("vary-add-between");
            person.click("vary-wish-1-low");
            person.type("0.5");
            person.click("vary-wish-1-high");
            person.type("0.97");
            person.awaitText("variants-told", "correlation r between 0.5 and 0.97");
            assertThat(person.model().desk().exercise().first().varying().wishes()).hasSize(2);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().desk().exercise().first().varying().wishes().getLast()
                    .inWords(person.model().findings().numbers().style())).as("a number typed is one step")
                    .isEqualTo("correlation r at least 0.5");
            // They are drawn once more beside the window, and shown in the place of those before.
            person.awaitText("variants-told", "correlation r at least 0.5");
            person.click("variant-3");
            person.click("variant-anew-3");
            assertThat(person.model().desk().exercise().issue().redrawn()).containsExactly(Map.entry(3, 1));
            person.click("variant-try-3");
            assertThat(person.view()).isEqualTo(MainWindow.View.WORK);
            assertThat(person.sees("trying")).isTrue();
            person.click("back-to-write");
            assertThat(person.view()).isEqualTo(MainWindow.View.WRITE);
        }
    }

    /** The pages follow what is written; the key is one press away. */
    @Test
    void theHandoutIsLookedAtWhileItIsWritten() throws IOException {
        try (Person person = Person.at(made(), folder)) {
            person.click("view-write");
            person.click("write-paper");
            person.await("paper-page-1");
            assertThat(person.text("paper-told")).endsWith("page");
            person.click("paper-which-key");
            person.awaitText("paper-told", "page");
            person.model().apply(new PartEdit.WriteRules(made().first().rules().with(SquaredPaper.PAGE)));
            person.click("paper-which-handout");
            person.await("paper-page-2");
        }
    }

    /** A prompt that asks for a click is said beside the pages, and leads to the task; words for paper settle it. */
    @Test
    void whatCannotBeDoneOnPaperIsSaidBesideThePages() throws IOException {
        Exercise clicks = made().withFirst(part -> part.withTasks(part.tasks().stream()
                .map(task -> task.with(task.terms().withPrompt("Click the point."))).toList()));
        try (Person person = Person.at(clicks, folder)) {
            person.click("view-write");
            person.click("write-paper");
            person.await("paper-page-1");
            assertThat(person.text("paper-remarks-0")).contains("Task 1 says \u201cClick\u201d");
            person.click("paper-remarks-0");
            assertThat(person.sees("edit-paper")).as("the task is open").isTrue();
            int before = ScreenWords.of(clicks).size();
            Task first = person.model().desk().exercise().tasks().getFirst();
            person.model().apply(new ExerciseEdit.ChangeBlock(new Block.Asked(first.with(first.terms()
                    .onPaper("Mark the point.")))));
            person.until("one less", () -> before == 1 ? !person.sees("paper-remarks-0")
                    : !person.text("paper-remarks-0").contains("Task 1 "));
        }
    }

    @Test
    void aListOfNamesBecomesAFolderOfCopiesThatOpenInWorkAlone() throws IOException {
        Path copies = Files.createDirectory(folder.resolve("copies"));
        Path list = folder.resolve("class.csv");
        Files.writeString(list, "name,group\nIda Fenn,A\nTavi Roon,B\n\n");
        try (Person person = Person.at(made().withFirst(part -> part.with(Varying.NONE.with(Varying.Way.NEW_DATA))), folder)) {
            person.click("view-write");
            person.click("publish");
            assertThat(person.text("publish-summary")).isEqualTo("Edition 1: 30 copies.");
            person.click("publish-handout");
            person.click("publish-key");
            person.click("publish-whom-a-list-of-names");
            assertThat(person.text("publish-summary")).isEqualTo("Edition 1: no names yet.");
            person.willChoose(list);
            person.click("publish-open-names");
            assertThat(person.text("publish-summary"))
                    .isEqualTo("Edition 1: 2 copies, and gradebook.csv with a line for each name, in the folder “for the "
                    + "instructor”.");
            person.willChoose(copies);
            person.click("publish-go");
            person.rest();
            assertThat(person.text("notice")).startsWith("2 copies of edition 1 in " + copies + ". Save the exercise too");
            assertThat(names(copies)).containsExactly("Kelp, Ida Fenn.hestra", "Kelp, Tavi Roon.hestra", "Kelp, handout.pdf",
                    "for the instructor");
            assertThat(names(copies.resolve("for the instructor"))).containsExactly("Kelp, key.pdf", "gradebook.csv");
            assertThat(person.model().desk().exercise().issue().editions()).hasSize(1);
        }
        Exercise copy = read(copies.resolve("Kelp, Tavi Roon.hestra"));
        assertThat(copy.copy().orElseThrow().variant()).isEqualTo(2);
        try (Person student = Person.at(copy, folder.resolve("student"))) {
            assertThat(student.sees("view-write")).isFalse();
            assertThat(student.view()).isEqualTo(MainWindow.View.WORK);
            student.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
            assertThat(student.text("notice")).contains("published from Write");
            assertThat(student.model().desk().work().student()).isEqualTo("Tavi Roon");
        }
    }

    @Test
    void publishedByKeysAloneAndOnceMoreAsTheSameEdition() throws IOException {
        Path copies = Files.createDirectory(folder.resolve("copies"));
        try (Person person = Person.at(made(), folder)) {
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
            assertThat(person.focused()).isEqualTo("publish-whom-one-for-all");
            person.willChoose(copies);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            person.rest();
            assertThat(names(copies)).containsExactly("Kelp.hestra");
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
            assertThat(person.text("publish-summary")).isEqualTo("Edition 1, as it was published before: one copy.");
            person.press(KeyCode.ESCAPE);
            assertThat(person.sees("publish-board")).isFalse();
        }
    }

    @Test
    void whatIsUnfinishedIsSaidBeforePublishing() throws IOException {
        Exercise unfinished = made().withFirst(part -> part.withTasks(task -> task.with(task.terms().withMarks(0))));
        try (Person person = Person.at(unfinished, folder)) {
            person.click("view-write");
            person.click("publish");
            assertThat(person.sees("publish-remarks")).isTrue();
        }
        try (Person person = Person.at(Exercise.blank("b"), folder.resolve("blank"))) {
            person.click("view-write");
            person.click("publish");
            assertThat(person.text("notice")).contains("Nothing is asked in this exercise yet");
        }
    }
}
