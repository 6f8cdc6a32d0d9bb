package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;

import hestra.desktop.demo.KelpBlades;
import hestra.desktop.files.Version;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The boards that come over the window. */
class BoardsTest {

    @TempDir
    Path folder;

    @Test
    void theKeysAreToldAndTheKeyboardGoesBackToWhereItWas() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.focusPlot();
            person.press(KeyCode.F1);
            assertThat(person.sees("keys")).isTrue();
            assertThat(person.texts("key")).contains("Ctrl+drag", "T", "Alt+F", "F8, Shift+F8");
            assertThat(person.focused()).isEqualTo("keys-find");
            person.press(KeyCode.ESCAPE);
            assertThat(person.sees("keys")).isFalse();
            assertThat(person.focused()).isEqualTo("plot");
        }
    }

    @Test
    void aboutSaysTheVersionAndCopiesItForWhoIsAsked() throws IOException {
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            person.choose("menu", "About Hestra");
            assertThat(person.text("about-0")).startsWith("Hestra " + Version.here().number());
            person.click("about-copy");
            assertThat(person.clipboard()).isEqualTo(String.join("\n", Version.here().lines()));
            person.press(KeyCode.ESCAPE);
            assertThat(person.sees("about-board")).isFalse();
        }
    }

    @Test
    void aBoardIsOpenedFromTheMenuAndClosedByItsButton() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.choose("menu", "Mouse and keys");
            assertThat(person.sees("keys")).isTrue();
            person.click("keys-close");
            assertThat(person.sees("keys")).isFalse();
            person.choose("menu", "How the numbers are worked out");
            assertThat(person.sees("numbers-board")).isTrue();
            assertThat(person.texts("key")).contains("Interval of r", "Runs", "Waves");
            person.press(KeyCode.ESCAPE);
            assertThat(person.sees("numbers-board")).isFalse();
            person.choose("menu", "Data sets of Orrin Bay…");
            assertThat(person.sees("shelf")).isTrue();
            assertThat(person.focused()).startsWith("shelf-");
            person.press(KeyCode.ESCAPE);
            assertThat(person.sees("shelf")).isFalse();
        }
    }
}
