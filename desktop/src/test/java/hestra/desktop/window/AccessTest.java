package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.desk.Edit;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.Stops;
import hestra.desktop.speech.SpokenControl;
import hestra.desktop.tour.FxThread;
import hestra.task.Task;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Every stop of Tab, in every view and on every board, has a name, a role and a ring that is seen. */
class AccessTest extends MarkedClass {

    private static final Set<AccessibleRole> ROLELESS = EnumSet.of(AccessibleRole.NODE, AccessibleRole.PARENT);

    private static final boolean ALL = Boolean.getBoolean("hestra.every-field");

    private static final double LEAST_TARGET = 23.5;

    private final Set<String> small = new TreeSet<>();
    private final Set<String> silent = new TreeSet<>();
    /** What is said of every stop: written to a file where one is named, to be read by a person. */
    private final Set<String> heard = new TreeSet<>();

    @AfterEach
    void write() throws IOException {
        String file = System.getProperty("hestra.heard");
        if (file != null) {
            Files.write(Path.of(file), heard, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
        }
    }

    /** Collects the stops that a reader of the screen would pass over. */
    private void listen(Person person, String where) throws IOException {
        FxThread.call(() -> {
            Parent root = person.window().root();
            for (Node stop : Stops.in(root)) {
                // An editable box is spoken by what is typed in it; the field within has the name of the box.
                boolean within = stop.getParent() instanceof Spinner<?> || stop.getParent() instanceof ComboBox<?>;
                boolean nameless = Names.of(stop).isBlank();
                boolean roleless = ROLELESS.contains(stop.getAccessibleRole());
                heard.add(where.replaceAll(",.*", "") + " #" + stop.getId() + ": " + SpokenControl.of(stop));
                Bounds size = stop.localToScene(stop.getLayoutBounds());
                if (!within && !(stop instanceof TextInputControl) && size.getHeight() > 0
                        && Math.min(size.getWidth(), size.getHeight()) < LEAST_TARGET) {
                    small.add(where + ": " + stop + ", " + Math.round(size.getWidth()) + " × " + Math.round(size.getHeight()));
                }
                if (!within && (nameless || roleless)) {
                    silent.add(where + ": " + stop + " “" + Names.of(stop) + "” " + stop.getAccessibleRole());
                }
            }
            return null;
        });
    }

    @Test
    void everyStopInWorkAndStartHasANameAndARole() throws IOException {
        try (Person person = Person.at(Kelp.ofEveryKind(), folder)) {
            for (Task task : Kelp.ofEveryKind().tasks()) {
                person.apply(new Edit.TurnTo(Optional.of(task.id())));
                person.settle();
                listen(person, "Work, " + task.id());
            }
            FxThread.call(() -> {
                person.window().goToStart();
                return null;
            });
            person.settle();
            listen(person, "Start");
        }
        assertThat(silent).as("without a name or a role").isEmpty();
        assertThat(small).as("smaller than 24 pixels").isEmpty();
    }

    @Test
    void everyStopInWriteHasANameAndARole() throws IOException {
        try (Person person = Person.at(Kelp.ofEveryKind(), folder)) {
            person.click("view-write");
            List<Task> tasks = Kelp.ofEveryKind().tasks();
            // The campaign walks over all kinds, every build over each third one.
            for (int i = 0; i < tasks.size(); i += ALL ? 1 : 3) {
                Task task = tasks.get(i);
                person.apply(new Edit.TurnTo(Optional.of(task.id())));
                person.settle();
                listen(person, "Write, " + task.id());
            }
            for (String tab : List.of("write-data", "write-recipe", "write-trace", "write-variants", "write-paper")) {
                person.click(tab);
                person.pause();
                listen(person, "Write, " + tab);
            }
        }
        assertThat(silent).as("without a name or a role").isEmpty();
        assertThat(small).as("smaller than 24 pixels").isEmpty();
    }

    @Test
    void everyStopOfBoardsHasANameAndARole() throws IOException {
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            for (Boards.Kind kind : Boards.Kind.values()) {
                FxThread.call(() -> {
                    person.window().boards().open(kind);
                    return null;
                });
                person.settle();
                listen(person, kind.name());
                person.press(KeyCode.ESCAPE);
            }
            person.click("view-write");
            person.click("publish");
            listen(person, "Publish");
            person.press(KeyCode.ESCAPE);
            FxThread.call(() -> {
                person.window().boards().report(true);
                return null;
            });
            person.settle();
            listen(person, "Report");
        }
        assertThat(silent).as("without a name or a role").isEmpty();
        assertThat(small).as("smaller than 24 pixels").isEmpty();
    }

    @Test
    void everyStopInMarkHasANameAndARole() throws IOException {
        try (Person person = opened(handIns())) {
            listen(person, "Mark");
            for (String tab : List.of("mark-tab-by-student", "mark-tab-class")) {
                person.click(tab);
                listen(person, tab);
            }
        }
        assertThat(silent).as("without a name or a role").isEmpty();
        assertThat(small).as("smaller than 24 pixels").isEmpty();
    }

    @Test
    void theRingStandsAroundEveryStopOfTab() throws IOException {
        List<String> unseen = new ArrayList<>();
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            for (String view : List.of("view-work", "view-write")) {
                person.click(view);
                for (int step = 0; step < 14; step++) {
                    person.press(KeyCode.TAB);
                    FxThread.settle();
                    FxThread.call(() -> {
                        Node owner = person.window().root().getScene().getFocusOwner();
                        Node ring = person.window().root().lookup("#focus-ring");
                        var around = ring.localToScene(ring.getLayoutBounds());
                        var stop = owner.localToScene(owner.getLayoutBounds());
                        if (!ring.isVisible() || !around.intersects(stop) || stop.getWidth() > around.getWidth() + 8) {
                            unseen.add(view + " " + owner + " " + around);
                        }
                        return null;
                    });
                }
            }
        }
        assertThat(unseen).isEmpty();
    }
}
