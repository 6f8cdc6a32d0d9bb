package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.exercise.Exercise;
import hestra.task.Aid;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The plot, the equation and the readings go to other programs. */
class TakeAwayTest {

    private static final Exercise OPEN = Kelp.exercise().withFirst(part -> part.withHeld(Set.of()));

    @TempDir
    private Path folder;

    @Test
    void thePlotIsCopiedByKeyAndSavedAsWhatTheEndingSays() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.copied("before");
            person.pressAt(person.place(1, 5), 1);
            person.press(KeyCode.CONTROL, KeyCode.C);
            assertThat(person.text("notice")).contains("on the clipboard as a picture");
            assertThat(person.hasCopiedImage()).isTrue();
            for (String name : new String[] {"plot.svg", "plot.pdf", "plot.png"}) {
                person.willChoose(folder.resolve(name));
                person.choose("take-away", "Save the plot…");
                assertThat(Files.size(folder.resolve(name))).isGreaterThan(2000);
            }
            assertThat(Files.readString(folder.resolve("plot.svg"))).contains("<svg").contains("circle");
        }
    }

    @Test
    void theEquationAndTheReadingsAreCopiedAsText() throws IOException {
        try (Person person = Person.at(OPEN, folder)) {
            person.choose("take-away", "Copy the equation as LaTeX");
            assertThat(person.clipboard()).startsWith("\\widehat{\\mathrm{length}} = ");
            person.choose("take-away", "Copy the readings as a table");
            assertThat(person.clipboard()).contains("slope\t").contains("R²\t").endsWith("n\t5\n");
        }
    }

    @Test
    void whatIsHeldBackCannotBeTakenAway() throws IOException {
        Exercise closed = OPEN.withFirst(part -> part.withHeld(Set.of(Aid.EQUATION, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS, Aid.LINE,
                Aid.PREDICTION)));
        try (Person person = Person.at(closed, folder)) {
            person.copied("before");
            person.choose("take-away", "Copy the equation as text");
            assertThat(person.clipboard()).isEqualTo("before");
            person.press(KeyCode.ESCAPE);
            person.choose("take-away", "Copy the readings as a table");
            assertThat(person.clipboard()).isEqualTo("n\t5\n");
        }
    }
}
