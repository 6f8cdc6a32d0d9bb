package hestra.desktop.window;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;

import javax.imageio.ImageIO;

import hestra.desktop.demo.ThreeQuestions;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** An exercise of several parts in the real window: read and answered in Work, put together in Write. */
class PartsInTheWindowTest {

    @TempDir
    Path folder;

    private static Exercise exercise(Person person) {
        return person.model().desk().exercise();
    }

    private static List<String> blocks(Person person, int part) {
        return exercise(person).parts().get(part).blocks().stream().map(Block::id).toList();
    }

    @Test
    void theSheetShowsAllPartsAndTheWindowThatOfTheTaskInHand() throws IOException {
        try (Person person = Person.at(ThreeQuestions.exercise(), folder)) {
            assertThat(person.texts("part-title")).containsExactly("Do waves keep limpets flat?",
                    "How long does the tea stay hot?", "Do passengers bring gulls?");
            assertThat(person.texts("part-number")).containsExactly("PART 1 OF 3", "PART 2 OF 3", "PART 3 OF 3");
            assertThat(person.figure().spots().stream()).hasSize(23);
            person.click("predict-at");
            assertThat(person.text("table-summary")).isEqualTo("23 pairs");
            person.click("card-flask-predict");
            assertThat(person.model().findings().part().id()).isEqualTo("cooling-flask");
            assertThat(person.figure().spots().stream()).as("the readings of the flask").hasSize(16);
            assertThat(person.text("table-summary")).isEqualTo("16 pairs");
            assertThat(person.sees("block-flask-figure")).isTrue();
            person.click("part-ferry-and-gulls");
            assertThat(person.figure().spots().stream()).hasSize(32);
            assertThat(person.sees("block-gulls-table")).isTrue();
            assertThat(person.sees("block-gulls-formula")).isTrue();
        }
    }

    @Test
    void goingToAnotherPartAndBackFindsEverythingAsItWas() throws IOException {
        try (Person person = Person.at(ThreeQuestions.exercise(), folder)) {
            person.click("cell-0-1");
            person.type("77");
            person.press(KeyCode.ENTER);
            person.click("cell-2-0");
            person.click("part-cooling-flask");
            assertThat(person.model().desk().selection().rows()).as("no row of the limpets is one of the flask").isEmpty();
            person.click("cell-0-1");
            person.type("11");
            person.press(KeyCode.ENTER);
            person.click("part-limpets");
            assertThat(person.model().findings().work().table().cell(0, 1).text()).isEqualTo("77");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().part().id()).as("undo shows where it works").isEqualTo("cooling-flask");
            assertThat(person.model().findings().work().table().cell(0, 1).text()).isEqualTo("61.2");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().part().id()).isEqualTo("limpets");
            assertThat(person.model().findings().work().table().cell(0, 1).text()).isEqualTo("49.6");
        }
    }

    @Test
    void theNextTaskMayBeInTheNextPartAndTheKeyboardGoesThere() throws IOException {
        Exercise two = ThreeQuestions.exercise().withParts(ThreeQuestions.exercise().parts().subList(1, 3))
                .withFirst(part -> part.withoutBlock("flask-look"));
        try (Person person = Person.at(two, folder)) {
            for (int i = 0; i < 3; i++) {
                person.click("flask-predict-at-" + i);
                person.type("1");
                person.click("flask-predict-trust-" + i + "-trust");
            }
            for (int tries = 0; tries < 3; tries++) {
                person.click("flask-predict-at-0");
                person.type("1");
                person.click("check-flask-predict");
            }
            assertThat(person.model().findings().taskInHand()).contains("gulls-look");
            assertThat(person.model().findings().part().id()).isEqualTo("ferry-and-gulls");
            person.until("the task has the keyboard", () -> person.focused().startsWith("gulls-look"));
            assertThat(person.focused()).startsWith("gulls-look");
        }
    }

    @Test
    void anAuthorPutsPartsAndBlocksTogether() throws IOException {
        Path picture = folder.resolve("pier.png");
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        try (Person person = Person.at(Exercise.blank("first"), folder)) {
            person.click("view-write");
            person.click("write-text-1");
            person.type("pond life");
            person.choose("add-part-1-1", "Formula");
            assertThat(blocks(person, 0)).containsExactly("text-1", "formula-1");
            person.click("edit-formula");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("b x");
            assertThat(exercise(person).block("formula-1")).contains(new Block.Formula("formula-1", "b x"));
            person.willChoose(picture);
            person.choose("add-part-1-2", "Picture");
            assertThat(exercise(person).block("picture-1")).isPresent();
            person.click("edit-alternative");
            person.type("a pond");
            assertThat(exercise(person).block("picture-1").map(block -> ((Block.Illustration) block).alternative()))
                    .contains("a pond");
            person.click("add-part");
            assertThat(exercise(person).parts()).extracting(Part::id).containsExactly("part-1", "part-2");
            assertThat(person.model().findings().part().id()).isEqualTo("part-2");
            person.click("write-heading-part-2");
            person.type("Ducks");
            assertThat(exercise(person).parts().getLast().heading()).isEqualTo("Ducks");
            person.click("outline-picture-1");
            person.press(KeyCode.ALT, KeyCode.DOWN);
            assertThat(blocks(person, 0)).as("moved over the end of its part").containsExactly("text-1", "formula-1");
            assertThat(blocks(person, 1)).containsExactly("picture-1", "text-2");
            person.press(KeyCode.DELETE);
            assertThat(blocks(person, 1)).containsExactly("text-2");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(blocks(person, 1)).containsExactly("picture-1", "text-2");
            saveAndOpenAgain(person);
        }
    }

    private void saveAndOpenAgain(Person person) throws IOException {
        Exercise made = exercise(person);
        Path file = folder.resolve("pond.hestra");
        person.willChoose(file);
        person.press(KeyCode.CONTROL, KeyCode.S);
        assertThat(file).isNotEmptyFile();
        person.press(KeyCode.CONTROL, KeyCode.N);
        assertThat(exercise(person)).isNotEqualTo(made);
        person.willChoose(file);
        person.press(KeyCode.CONTROL, KeyCode.O);
        assertThat(exercise(person)).isEqualTo(made);
    }
}
