package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;

import hestra.desktop.demo.KelpBlades;
import hestra.desktop.parts.Stops;
import hestra.desktop.tour.FxThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** In a small window, and with type of twice the size, nothing is cut off: columns come one at a time, the bar has two lines. */
class NarrowTest {

    @TempDir
    private Path folder;

    private final List<String> cut = new ArrayList<>();

    private static void type(Person person, double size) throws IOException {
        FxThread.call(() -> {
            person.window().look().typeProperty().set(size);
            return null;
        });
        person.pause();
    }

    /** Collects what Tab stops at and stands out of the window, where it cannot be scrolled to. */
    private void look(Person person, String where) throws IOException {
        person.pause();
        FxThread.call(() -> {
            Parent root = person.window().root();
            for (Node stop : Stops.in(root)) {
                Bounds there = stop.localToScene(stop.getLayoutBounds());
                boolean outAtTheSide = there.getMinX() < -1 || there.getMaxX() > root.getScene().getWidth() + 1;
                boolean outBelow = there.getMinY() < -1 || there.getMaxY() > root.getScene().getHeight() + 1;
                if (outAtTheSide || outBelow && !scrolls(stop)) {
                    cut.add(where + ": " + stop + " at " + there.getMinX() + " to " + there.getMaxX());
                }
            }
            return null;
        });
    }

    private static boolean scrolls(Node node) {
        for (Node it = node.getParent(); it != null; it = it.getParent()) {
            if (it instanceof ScrollPane) {
                return true;
            }
        }
        return false;
    }

    private void everyColumn(Person person, String where, String id, List<String> names) throws IOException {
        for (String name : names) {
            if (person.sees(id)) {
                person.click(id + "-" + name);
            }
            look(person, where + ", " + name);
        }
    }

    private void walk(Person person, String where) throws IOException {
        person.click("view-work");
        everyColumn(person, where + ", Work", "columns", List.of("Tasks", "Plot", "Data-and-readings"));
        person.click("view-write");
        everyColumn(person, where + ", Write", "write-columns", List.of("Sheet", "Plot-and-data", "Task"));
        assertThat(List.of(person.sees("menu"), person.sees("publish"), person.sees("undo"))).containsOnly(true);
        person.press(KeyCode.F1);
        look(person, where + ", keys");
        person.press(KeyCode.ESCAPE);
    }

    @Test
    void nothingIsCutOffAtAnySize() throws IOException {
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            person.resize(640, 400);
            person.pause();
            walk(person, "640 × 400");
            person.resize(960, 540);
            person.pause();
            walk(person, "960 × 540");
            person.resize(1280, 800);
            type(person, 2);
            walk(person, "1280 × 800 at 200 %");
        }
        assertThat(cut).isEmpty();
    }

    @Test
    void theKeyboardBringsTheColumnThatItGoesTo() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.resize(640, 400);
            person.pause();
            assertThat(person.sees("plot")).isFalse();
            for (int i = 0; i < 6 && !person.sees("plot"); i++) {
                person.press(KeyCode.F6);
            }
            assertThat(person.sees("plot")).isTrue();
            assertThat(person.sees("grid")).isFalse();
            person.resize(1280, 800);
            person.pause();
            assertThat(List.of(person.sees("plot"), person.sees("grid"), person.sees("sheet"))).containsOnly(true);
        }
    }
}
