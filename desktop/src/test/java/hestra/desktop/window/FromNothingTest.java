package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javafx.scene.input.KeyCode;

import hestra.desk.Desk;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.review.Review;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Three exercises from an empty start to copies for a class, through the real interface: by mouse, by keys alone, and from a
 * plan.
 */
class FromNothingTest {

    private static final String SHEET = "depth (m)\tmussels\n1\t42\n2\t39\n3\t37\n4\t31\n5\t30\n6\t24\n7\t23\n8\t17\n";

    @TempDir
    private Path folder;

    private static Exercise exercise(Person person) {
        return person.model().desk().exercise();
    }

    private List<String> published() {
        return Arrays.stream(folder.resolve("copies").toFile().list()).sorted().toList();
    }

    private static void title(Person person) throws IOException {
        person.until("the title has the keyboard", () -> person.focused().equals("write-title"));
        assertThat(person.focused()).isEqualTo("write-title");
        person.press(KeyCode.CONTROL, KeyCode.A);
        person.type("Mussels");
    }

    @Test
    void byMouseWithPastedDataAndSomeOfTheRowsForEachName() throws IOException {
        Path copies = Files.createDirectory(folder.resolve("copies"));
        try (Person person = Person.atStart(folder.resolve("state"))) {
            person.click("start-write");
            title(person);
            person.click("write-data");
            person.copied(SHEET);
            person.click("cell-0-0");
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.choose("add-part-1-1", "Describe");
            person.choose("add-part-1-2", "Read a value");
            person.choose("add-part-1-3", "Explain in words");
            assertThat(Review.of(exercise(person))).isEmpty();
            person.click("write-variants");
            person.click("vary-way-some-of-the-rows");
            person.click("vary-rows");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("6");
            person.click("publish");
            person.click("publish-whom-a-list-of-names");
            person.click("publish-names");
            person.insert("Ida Fenn\nTavi Roon");
            person.willChoose(copies);
            person.click("publish-go");
            person.rest();
            assertThat(published()).containsExactly("Mussels, Ida Fenn.hestra", "Mussels, Tavi Roon.hestra",
                    "for the instructor");
        }
        Exercise copy = ((Result.Done<Exercise>) ExerciseFile.read(copies.resolve("Mussels, Tavi Roon.hestra"))).value();
        assertThat(copy.first().data().size()).isEqualTo(6);
        assertThat(Desk.open(copy).work().student()).isEqualTo("Tavi Roon");
    }

    @Test
    void byKeysAlone() throws IOException {
        Path copies = Files.createDirectory(folder.resolve("copies"));
        try (Person person = Person.atStart(folder.resolve("state"))) {
            person.press(KeyCode.CONTROL, KeyCode.N);
            title(person);
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).isEqualTo("write-heading");
            person.type("how deep");
            person.press(KeyCode.ENTER);
            person.type("question");
            person.press(KeyCode.ENTER);
            assertThat(exercise(person).tasks()).hasSize(1);
            person.focus("write-text-1");
            person.type("mussels on a rope");
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            person.type("a word or");
            person.press(KeyCode.ESCAPE);
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
            person.willChoose(copies);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            person.rest();
            assertThat(published()).containsExactly("Mussels.hestra");
        }
        Exercise copy = ((Result.Done<Exercise>) ExerciseFile.read(copies.resolve("Mussels.hestra"))).value();
        assertThat(copy.heading()).isEqualTo("how deep");
        assertThat(copy.isSealed(copy.tasks().getFirst())).isTrue();
    }

    @Test
    void fromAPlanWithOnesOwnDataInItsPlace() throws IOException {
        Path copies = Files.createDirectory(folder.resolve("copies"));
        try (Person person = Person.atStart(folder.resolve("state"))) {
            person.click("start-plan");
            person.click("plan-prediction");
            person.rest();
            String key = exercise(person).tasks().get(1).key(person.model().findings().writtenTruth()).text();
            person.click("write-data");
            person.copied(SHEET);
            person.click("cell-0-0");
            person.press(KeyCode.CONTROL, KeyCode.V);
            assertThat(exercise(person).tasks().get(1).key(person.model().findings().writtenTruth()).text())
                    .as("the key follows").isNotEqualTo(key);
            person.click("publish");
            person.click("publish-handout");
            person.willChoose(copies);
            person.click("publish-go");
            person.rest();
            assertThat(published()).containsExactly("Prediction and its limits, handout.pdf", "Prediction and its limits.hestra");
        }
    }
}
