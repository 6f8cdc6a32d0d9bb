package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.input.KeyCode;

import hestra.data.DataTable;
import hestra.desktop.demo.OrrinBay;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.documents.table.DelimitedText;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** An instructor makes data, and opens those of Orrin Bay. */
class MakingDataTest {

    @TempDir
    private Path folder;

    private static Exercise exercise(Person person) {
        return person.model().desk().exercise();
    }

    private static void replace(Person person, String id, String text) throws IOException {
        person.click(id);
        person.press(KeyCode.CONTROL, KeyCode.A);
        person.type(text);
    }

    @Test
    void whatARecipeMakesIsPreviewedUsedDrawnAgainAndUndone() throws IOException {
        try (Person person = Person.at(Exercise.blank("made"), folder)) {
            person.click("view-write");
            person.click("write-recipe");
            replace(person, "recipe-n", "40");
            replace(person, "recipe-a", "10");
            replace(person, "recipe-b", "-1.5");
            replace(person, "recipe-size", "0");
            assertThat(person.text("recipe-told")).isEqualTo("Sample 1: 40 pairs, r = −1.000.");
            assertThat(exercise(person).first().data().size()).as("nothing reaches the table before it is asked for").isZero();
            person.click("recipe-use");
            assertThat(exercise(person).first().data().size()).isEqualTo(40);
            assertThat(exercise(person).first().data().cell(3, 1).text()).isEqualTo("4.0");
            replace(person, "recipe-size", "2");
            person.press(KeyCode.CONTROL, KeyCode.G);
            person.press(KeyCode.CONTROL, KeyCode.G);
            assertThat(person.text("recipe-slopes")).startsWith("Slopes of 3 samples").endsWith("dashed: the true one, −1.5.");
            person.click("recipe-use");
            DataTable third = exercise(person).first().data();
            person.click("write-data");
            person.press(KeyCode.CONTROL, KeyCode.G);
            assertThat(exercise(person).first().data()).as("a new sample from anywhere in Write").isNotEqualTo(third);
            assertThat(((Provenance.Made) exercise(person).first().provenance()).recipe().seed()).isEqualTo(4);
            person.click("undo");
            assertThat(exercise(person).first().data()).isEqualTo(third);
        }
    }

    @Test
    void aRecipeThatCannotBeFollowedSaysWhyAndUsesNothing() throws IOException {
        try (Person person = Person.at(Exercise.blank("made"), folder)) {
            person.click("view-write");
            person.click("write-recipe");
            replace(person, "recipe-r", "-0.5");
            assertThat(person.text("recipe-told")).startsWith("This curve rises");
            replace(person, "recipe-r", "0.8");
            assertThat(person.text("recipe-told")).startsWith("Sample 1: 24 pairs, r = 0.8").contains("scatter ");
            replace(person, "recipe-n", "many");
            assertThat(person.text("recipe-told")).isEqualTo("Type a number in each field that is marked.");
            person.click("recipe-use");
            assertThat(exercise(person).first().data().size()).isZero();
        }
    }

    @Test
    void aDataSetOfOrrinBayOpensWithItsStoryAndItsRecipe() throws IOException {
        try (Person person = Person.at(Exercise.blank("before"), folder)) {
            person.choose("menu", "Data sets of Orrin Bay…");
            List<String> titles = OrrinBay.shelf().stream().map(it -> it.exercise().title()).toList();
            for (int i = 0; i < titles.indexOf("Cooling flask"); i++) {
                person.press(KeyCode.TAB);
            }
            person.press(KeyCode.SPACE);
            assertThat(exercise(person).title()).isEqualTo("Cooling flask");
            assertThat(person.sees("shelf")).isFalse();
            person.click("view-write");
            person.click("write-recipe");
            assertThat(person.text("recipe-b")).isEqualTo("0.958");
        }
    }

    @Test
    void openingAnotherExerciseWhileWritingChangesNothingInIt() throws IOException {
        try (Person person = Person.at(OrrinBay.sets().getFirst().exercise(), folder)) {
            person.click("view-write");
            person.click("write-data");
            person.choose("menu", "Data sets of Orrin Bay\u2026");
            person.click("shelf-orrin-bay-limpets");
            assertThat(exercise(person)).isEqualTo(OrrinBay.sets().get(2).exercise());
            assertThat(person.model().undoable()).isEmpty();
            assertThat(person.sees("notice")).isFalse();
        }
    }

    /** With -Dhestra.write-demo=true the files are written first. */
    @Test
    void theFilesInTheDemoFolderAreTheseSets() throws IOException {
        for (OrrinBay.Set set : OrrinBay.shelf()) {
            String name = set.exercise().title().toLowerCase(Locale.ROOT).replace(' ', '-');
            Path exercise = Path.of("..", "demo", name + ExerciseFile.ENDING);
            Path data = Path.of("..", "demo", name + ".csv");
            if (Boolean.getBoolean("hestra.write-demo")) {
                ExerciseFile.write(set.exercise(), exercise);
            }
            if (set.exercise().parts().size() > 1) {
                assertThat(((Result.Done<Exercise>) ExerciseFile.read(exercise)).value()).isEqualTo(set.exercise());
                continue;
            }
            if (Boolean.getBoolean("hestra.write-demo")) {
                Files.writeString(data, DelimitedText.write(set.exercise().first().data()));
            }
            assertThat(((Result.Done<Exercise>) ExerciseFile.read(exercise)).value()).isEqualTo(set.exercise());
            assertThat(data).hasContent(DelimitedText.write(set.exercise().first().data()));
        }
    }
}
