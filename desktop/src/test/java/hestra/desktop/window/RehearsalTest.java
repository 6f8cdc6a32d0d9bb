package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import javafx.stage.Window;

import hestra.desktop.demo.KelpBlades;
import hestra.desktop.tour.FxThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** What the launcher has recorded comes to its end, and on its way there to what it is for. */
class RehearsalTest {

    @TempDir
    private Path state;

    @Test
    void dataArePastedAndTheWindowCloses() throws IOException {
        System.setProperty("hestra.rehearsal", "true");
        try (Person person = Person.at(KelpBlades.exercise(), state)) {
            FxThread.call(() -> {
                Rehearsal.goWhereAsked(person.window());
                return null;
            });
            person.until("every window is closed", () -> !(FxThread.call(() -> Window.getWindows().stream()
                    .anyMatch(Window::isShowing))));
            assertThat(FxThread.call(() -> Window.getWindows().stream().anyMatch(Window::isShowing))).isFalse();
            assertThat(person.model().desk().exercise().isStudy()).as("the pasted data came into a study").isTrue();
        } finally {
            System.clearProperty("hestra.rehearsal");
        }
    }
}
