package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.desk.Edit;
import hestra.desktop.files.OpenDesk;
import hestra.documents.exercise.HandInFile;
import hestra.exercise.Closing;
import hestra.marking.HandIn;
import hestra.task.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Desks of which nothing is kept: an exercise that its author tries, and a hand-in that is read. */
class TryingTest {

    @TempDir
    Path folder;

    @Test
    void tryingAnExerciseLeavesTheAuthorsOwnWorkAsItWas() throws IOException {
        try (Person person = Person.at(Kelp.exercise(Kelp.roles(), Kelp.explain()), folder)) {
            person.click("cell-0-1");
            person.type("77");
            person.press(KeyCode.ENTER);
            person.click("view-write");
            person.click("try-it");
            assertThat(person.sees("trying")).isTrue();
            assertThat(person.text("notice")).contains("trying this as a student");
            assertThat(Kelp.work(person.model().desk()).table().cell(0, 1).text()).isEqualTo("3.1");
            person.click("cell-1-1");
            person.type("88");
            person.press(KeyCode.ENTER);
            person.click("back-to-write");
            assertThat(person.sees("trying")).isFalse();
            assertThat(person.sees("write-title")).isTrue();
            person.click("view-work");
            assertThat(Kelp.work(person.model().desk()).table().cell(0, 1).text()).isEqualTo("77");
            assertThat(Kelp.work(person.model().desk()).table().cell(1, 1).text()).isEqualTo("3.9");
        }
        assertThat(Kelp.work(OpenDesk.of(folder, Kelp.exercise(Kelp.roles(), Kelp.explain()), java.util.Optional.empty())
                .history().present()).table().cell(0, 1).text())
                .as("what was typed while trying is in no journal").isEqualTo("77");
    }

    @Test
    void savingWhileTryingSavesTheExercise() throws IOException {
        try (Person person = Person.at(Kelp.exercise(Kelp.roles()), folder)) {
            person.click("view-write");
            person.click("try-it");
            person.willChoose(folder.resolve("kelp.hestra"));
            person.press(KeyCode.CONTROL, KeyCode.S);
            assertThat(person.text("notice")).startsWith("Saved as");
            person.click("back-to-write");
            person.press(KeyCode.CONTROL, KeyCode.S);
            assertThat(person.asked()).as("asked where to once").hasSize(1);
        }
    }

    @Test
    void aHandInOpensAsTheWorkThatItIs() throws IOException {
        HandIn handIn = HandIn.of(hestra.desk.Desk.open(Kelp.exercise(Kelp.explain()))
                .apply(new Edit.Draft("explain", new Answer.Sentence("They grow.")))
                .apply(new Edit.Check("explain")).apply(new Edit.Name("Ida Fenn")));
        Path file = folder.resolve("ida.handin");
        HandInFile.write(handIn, file);
        try (Person person = Person.at(Kelp.whole(), folder.resolve("state"))) {
            person.willChoose(file);
            person.press(KeyCode.CONTROL, KeyCode.O);
            assertThat(person.text("notice")).contains("Ida Fenn handed in");
            assertThat(person.model().desk().work().attemptsAt("explain")).hasSize(1);
            assertThat(person.text("verdict-explain")).contains("of 6");
        }
    }

    @Test
    void theAuthorSaysWhichCurvesThereAreAndWhatIsReadAtTheEnd() throws IOException {
        try (Person person = Person.at(Kelp.exercise(Kelp.roles()), folder)) {
            person.click("view-write");
            for (String family : new String[] {"wave", "own-terms", "power", "cubic"}) {
                person.click("offered-" + family);
            }
            person.click("write-closing");
            person.insert("read on about {n} blades");
            person.click("write-closing-marks");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().desk().exercise().closing()).as("a choice is undone by itself")
                    .isEqualTo(new Closing("read on about {n} blades", false));
            person.click("write-closing-marks");
            person.click("try-it");
            assertThat(person.items("add-curve")).contains("Quadratic", "Exponential")
                    .doesNotContain("Wave", "Own terms", "Power", "Cubic");
            assertThat(person.sees("closing")).as("not all is answered yet").isFalse();
            person.click("role-days-explains");
            person.click("check-roles");
            assertThat(person.sees("closing")).isTrue();
            assertThat(person.text("closing-marks")).isEqualTo("1 of 1 mark.");
        }
    }
}
