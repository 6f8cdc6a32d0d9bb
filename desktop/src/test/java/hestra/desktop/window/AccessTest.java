package hestra.desktop.window;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.desk.Edit;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.parts.Stops;
import hestra.desktop.tour.FxThread;
import hestra.task.Task;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Every stop of Tab, in every view and on every board, has a name, a role and a ring that is seen. */
class AccessTest extends MarkedClass {

    private final Set<String> silent = new TreeSet<>();

    /** Collects the stops that a reader of the screen would pass over. */
    private void listen(Person person, String where) throws IOException {
        FxThread.call(() -> {
            Parent root = person.window().root();
            for (Node stop : Stops.in(root)) {
                // An editable box is spoken by what is typed in it; the field within has the name of the box.
                boolean within = stop.getParent() instanceof Spinner<?> || stop.getParent() instanceof ComboBox<?>;
                if (!within && (name(stop, root).isBlank() || stop.getAccessibleRole() == AccessibleRole.NODE
                        || stop.getAccessibleRole() == AccessibleRole.PARENT)) {
                    silent.add(where.replaceAll(",.*", "") + ": " + stop.getClass().getSimpleName() + " #" + stop.getId() + " " + stop.getStyleClass()
                            + " “" + name(stop, root) + "” " + stop.getAccessibleRole());
                }
            }
            return null;
        });
    }

    /** What a reader of the screen calls it: a name given to it, its own words, or the label that stands for it. */
    private static String name(Node stop, Parent root) {
        boolean labelled = stop.queryAccessibleAttribute(AccessibleAttribute.LABELED_BY) instanceof Label;
        // What is typed is read as its text: a text given to it would be read in the place of what was typed.
        if (stop instanceof TextInputControl || stop instanceof ComboBox<?> || stop instanceof Spinner<?>) {
            return labelled ? "by a label" : "";
        }
        String given = Optional.ofNullable(stop.getAccessibleText()).orElse("");
        String own = stop instanceof Labeled labeled && labeled.getText() != null ? labeled.getText() : "";
        return !given.isBlank() ? given : !own.isBlank() ? own : labelled ? "by a label" : "";
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
        assertThat(silent).isEmpty();
    }

    @Test
    void everyStopInWriteHasANameAndARole() throws IOException {
        try (Person person = Person.at(Kelp.ofEveryKind(), folder)) {
            person.click("view-write");
            for (Task task : Kelp.ofEveryKind().tasks()) {
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
        assertThat(silent).isEmpty();
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
        assertThat(silent).isEmpty();
    }

    @Test
    void everyStopInMarkHasANameAndARole() throws IOException {
        try (Person person = opened(handIns())) {
            listen(person, "Mark");
            for (String tab : List.of("mark-tab-by-student", "mark-tab-the-class")) {
                person.click(tab);
                listen(person, tab);
            }
        }
        assertThat(silent).isEmpty();
    }

    @Test
    void theRingStandsAroundEveryStopOfTab() throws IOException {
        List<String> unseen = new ArrayList<>();
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            for (String view : List.of("view-work", "view-write")) {
                person.click(view);
                for (int step = 0; step < 30; step++) {
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
