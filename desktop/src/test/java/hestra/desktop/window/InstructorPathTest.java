package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.Describe;
import hestra.task.Predict;
import hestra.task.ReadValue;
import hestra.task.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The instructor's path from an empty exercise to a file, with mouse and keys in the real window. */
class InstructorPathTest {

    private static final String SHEET = "salinity (g/kg)\tshoots\n10\t3,2\n14\t4,1\n18\t4,9\n22\t6,2\n26\t6,8\n30\t8,1\n";

    @TempDir
    Path folder;

    private static Exercise exercise(Person person) {
        return person.model().desk().exercise();
    }

    private static Task task(Person person, int index) {
        return exercise(person).tasks().get(index);
    }

    private static void replace(Person person, String id, String text) throws IOException {
        person.click(id);
        person.press(KeyCode.CONTROL, KeyCode.A);
        person.type(text);
    }

    @Test
    void fromAnEmptyExerciseToAFile() throws IOException {
        try (Person person = Person.at(Exercise.blank("first"), folder)) {
            person.choose("menu", "New exercise");
            person.until("the title has the keyboard", () -> person.focused().equals("write-title"));
            assertThat(person.focused()).as("%s", person.state()).isEqualTo("write-title");
            person.type("Eelgrass");
            replace(person, "write-heading", "How salt is too salt");
            person.click("write-text-1");
            person.type("Trays of eelgrass stood in water");
            assertThat(exercise(person).title()).isEqualTo("Eelgrass");
            assertThat(exercise(person).first().blocks().getFirst())
                    .isEqualTo(new Block.Prose("text-1", "Trays of eelgrass stood in water"));
            pasteData(person);
            addTasks(person);
            tryItAndComeBack(person);
            save(person);
        }
    }

    private static void pasteData(Person person) throws IOException {
        person.click("write-data");
        person.copied(SHEET);
        person.click("cell-0-0");
        person.press(KeyCode.CONTROL, KeyCode.V);
        assertThat(exercise(person).first().data().size()).isEqualTo(6);
        assertThat(exercise(person).first().x().name()).isEqualTo("salinity");
        assertThat(exercise(person).first().x().unit()).isEqualTo("g/kg");
        replace(person, "variable-label-1", "shoots per tray");
        assertThat(exercise(person).first().y().label()).isEqualTo("shoots per tray");
        person.click("variable-use-1");
        person.press(KeyCode.UP);
        person.press(KeyCode.ENTER);
        assertThat(exercise(person).first().x().name()).isEqualTo("shoots");
        person.click("variable-use-0");
        person.press(KeyCode.UP);
        person.press(KeyCode.ENTER);
        assertThat(exercise(person).first().x().name()).isEqualTo("salinity");
    }

    private static void addTasks(Person person) throws IOException {
        person.choose("add-part-1-1", "Read a value");
        assertThat(exercise(person).tasks()).hasSize(1);
        String id = task(person, 0).id();
        // Sxy = 67.8, Sxx = 280, so b = 0.24214….
        assertThat(person.text("edit-key")).isEqualTo("0.242");
        person.click("edit-rounding-places");
        assertThat(((ReadValue) task(person, 0)).rounding()).isEqualTo(new Rounding.Places(3));
        replace(person, "edit-title", "How steep");
        assertThat(person.text("key-" + id)).isEqualTo("0.242");
        person.choose("add-part-1-1", "Describe");
        assertThat(task(person, 0)).isInstanceOf(Describe.class);
        assertThat(task(person, 0).terms().opens()).isEqualTo(Aid.all());
        person.click("edit-strength-weak");
        assertThat(((Describe) task(person, 0)).key().strength().inWords()).isEqualTo("weak");
        person.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(((Describe) task(person, 0)).key().strength().inWords()).isEqualTo("strong");
        person.choose("add-part-1-3", "Predict");
        replace(person, "edit-at", "20 45");
        assertThat(((Predict) task(person, 2)).at()).containsExactly(20.0, 45.0);
        assertThat(person.text("edit-key")).contains("✓").contains("✗");
        person.choose("add-part-1-4", "Find the mistyped value");
        assertThat(Kelp.truth(exercise(person)).given()).isNotEqualTo(exercise(person).first().data());
        person.click("outline-" + task(person, 3).id());
        person.press(KeyCode.ALT, KeyCode.UP);
        person.click("outline-" + id);
        assertThat(person.text("edit-title")).isEqualTo("How steep");
        assertThat(exercise(person).tasks()).hasSize(4);
    }

    private static void tryItAndComeBack(Person person) throws IOException {
        person.click("try-it");
        assertThat(person.sees("card-" + task(person, 0).id())).isTrue();
        assertThat(person.model().findings().isOpen(Aid.LINE)).isFalse();
        assertThat(person.sees("back-to-write")).isTrue();
        person.click("view-write");
        assertThat(person.sees("write-title")).isTrue();
    }

    private void save(Person person) throws IOException {
        Path file = folder.resolve("eelgrass.hestra");
        person.willChoose(file);
        person.press(KeyCode.CONTROL, KeyCode.S);
        assertThat(((Result.Done<Exercise>) ExerciseFile.read(file)).value()).isEqualTo(exercise(person));
        person.press(KeyCode.DELETE);
        person.click("save");
        assertThat(person.asked()).as("asked where to save the first time only").containsExactly("save Eelgrass.hestra");
    }

    @Test
    void removingIsUndoneAndDataWithoutALineSayWhyThereIsNoKey() throws IOException {
        Exercise exercise = Kelp.whole();
        try (Person person = Person.at(exercise, folder)) {
            person.click("view-write");
            person.click("outline-roles");
            person.press(KeyCode.DELETE);
            assertThat(exercise(person).task("roles")).isEmpty();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(exercise(person)).isEqualTo(exercise);
            person.click("write-data");
            person.click("cell-0-0");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.press(KeyCode.DELETE);
            assertThat(exercise(person).first().data().size()).isZero();
            assertThat(person.text("key-read")).contains("at least two points");
        }
    }

    @Test
    void aBrokenFileSaysSoAndLeavesTheDeskAsItIs() throws IOException {
        Path broken = Files.writeString(folder.resolve("broken.hestra"), "no archive");
        Path good = folder.resolve("good.hestra");
        ExerciseFile.write(Kelp.whole().withTexts("Other", "", ""), good);
        try (Person person = Person.at(Kelp.whole(), folder)) {
            person.willChoose(broken);
            person.press(KeyCode.CONTROL, KeyCode.O);
            assertThat(person.text("notice")).contains("broken.hestra is not a Hestra file");
            assertThat(exercise(person)).isEqualTo(Kelp.whole());
            person.willChoose(good);
            person.press(KeyCode.CONTROL, KeyCode.O);
            assertThat(exercise(person).title()).isEqualTo("Other");
        }
    }

    @Test
    void largerTypeAndDarkAreRemembered() throws IOException {
        try (Person person = Person.at(Kelp.whole(), folder)) {
            person.click("type-size");
            person.choose("menu", "Dark");
        }
        Settings settings = Settings.in(folder);
        assertThat(settings.number("type", 1)).isEqualTo(Look.TYPE_SIZES[1]);
        assertThat(settings.flag("dark")).isTrue();
    }
}
