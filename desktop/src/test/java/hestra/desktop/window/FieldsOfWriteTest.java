package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;

import hestra.Kelp;
import hestra.desk.Edit;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.task.Task;
import hestra.task.Truth;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * A walk over all fields of all kinds of task in Write: each is set to another value, which is then in the task, in its file, in
 * the field when the task comes into hand again; its key, texts and answer spaces are others then. The campaign walks over all
 * kinds, every build over each third one.
 */
class FieldsOfWriteTest {

    @TempDir
    Path folder;

    /** The fields that every kind of task has: they are walked over for one of them, by all kinds in the campaign. */
    private static final String COMMON = "edit-(tries|verdict|afterwards|opening|playing|counting|hint).*|opens-.*";
    private static final boolean ALL = Boolean.getBoolean("hestra.every-field");

    private final Set<String> changed = new TreeSet<>();
    private final List<String> idle = new ArrayList<>();

    private static void turnTo(Person person, Task task) throws IOException {
        person.apply(new Edit.TurnTo(Optional.of(task.id())));
        person.pause();
    }

    private static Stream<Node> all(Node node) {
        if (!node.isVisible()) {
            return Stream.empty();
        }
        return node instanceof Spinner<?> || !(node instanceof Parent parent)
                ? Stream.of(node)
                : Stream.concat(Stream.of(node), parent.getChildrenUnmodifiable().stream().flatMap(FieldsOfWriteTest::all));
    }

    /** The fields of the editor in view, by their ids. */
    private static Map<String, Control> fields(Person person) {
        Map<String, Control> found = new LinkedHashMap<>();
        person.styled("editor").flatMap(FieldsOfWriteTest::all)
                .filter(it -> it.getId() != null && !it.getId().equals("edit-try-answer"))
                .filter(it -> it instanceof TextInputControl || it instanceof Spinner<?> || it instanceof ComboBox<?>
                        || it instanceof CheckBox || it instanceof ToggleButton)
                .forEach(it -> found.put(it.getId(), (Control) it));
        return found;
    }

    /** What a field shows. */
    private static String shown(Control field) {
        return switch (field) {
            case TextInputControl it -> it.getText();
            case Spinner<?> it -> String.valueOf(it.getValue());
            case ComboBox<?> it -> String.valueOf(it.getValue());
            case CheckBox it -> String.valueOf(it.isSelected());
            case ToggleButton it -> String.valueOf(it.isSelected());
            default -> throw new AssertionError(field);
        };
    }

    /** Sets a field to another value, as a hand would; nothing happens where it allows no other. */
    private static void setOther(Control field) {
        switch (field) {
            case TextInputControl it -> it.setText(other(it.getText()));
            case Spinner<?> it -> {
                Object before = it.getValue();
                it.increment();
                if (before.equals(it.getValue())) {
                    it.decrement();
                }
            }
            case ComboBox<?> it -> it.getSelectionModel().select((it.getSelectionModel().getSelectedIndex() + 1)
                    % it.getItems().size());
            case CheckBox it -> it.fire();
            case ToggleButton it -> it.fire();
            default -> throw new AssertionError(field);
        }
    }

    private static String other(String text) {
        return text.matches("-?[0-9]+") ? Integer.toString(Integer.parseInt(text) + 1)
                : text.matches("-?[0-9.]+") ? text + "5"
                : text.isBlank() ? "3" : text + " 3";
    }

    /** What an author and a student see of a task: its key with the mistakes, its answer spaces, its texts. */
    private static String seen(Exercise exercise, String id) {
        Task task = exercise.task(id).orElseThrow();
        Truth truth = exercise.partOf(id).orElseThrow().truth(exercise.mark());
        return task.key(truth) + "\n" + task.onPaper(truth) + "\n" + task.terms().prompt() + "\n" + task.terms().marks();
    }

    private void walk(Person person, Task task) throws IOException {
        turnTo(person, task);
        Set<String> tried = new TreeSet<>();
        boolean more = true;
        while (more) {
            List<String> here = FxThread.call(() -> List.copyOf(fields(person).keySet()));
            more = false;
            for (String id : here) {
                boolean walkedOver = !ALL && id.matches(COMMON) && changed.contains(id);
                if (tried.contains(id) || walkedOver) {
                    continue;
                }
                Exercise before = person.model().desk().exercise();
                boolean could = FxThread.call(() -> {
                    Control field = fields(person).get(id);
                    if (field == null || field.isDisabled() || field instanceof ToggleButton toggle && toggle.isSelected()
                            && !(field instanceof CheckBox)) {
                        return false;
                    }
                    setOther(field);
                    return true;
                });
                if (!could) {
                    continue;
                }
                tried.add(id);
                // What a change has opened is walked over too.
                more = true;
                Exercise after = person.model().desk().exercise();
                if (after.equals(before)) {
                    idle.add(task.kind().code() + " " + id);
                } else {
                    changed.add(id);
                }
            }
        }
    }

    @Test
    void eachFieldChangesTheTaskItsFileAndWhatIsSeen() throws IOException {
        try (Person person = Person.at(Kelp.ofEveryKind(), folder)) {
            person.click("view-write");
            List<Task> tasks = Kelp.ofEveryKind().tasks();
            for (int i = 0; i < tasks.size(); i += ALL ? 1 : 3) {
                Task task = tasks.get(i);
                walk(person, task);
                Map<String, String> left = shown(person);
                Exercise now = person.model().desk().exercise();
                assertThat(seen(now, task.id())).as(task.kind().code() + " is asked and judged otherwise")
                        .isNotEqualTo(seen(Kelp.ofEveryKind(), task.id()));
                turnTo(person, tasks.get((i + 1) % tasks.size()));
                turnTo(person, task);
                assertThat(shown(person)).as(task.kind().code() + " shown again").isEqualTo(left);
                Path file = folder.resolve(task.kind().code() + ExerciseFile.ENDING);
                ExerciseFile.write(now, file);
                assertThat(ExerciseFile.read(file)).as(task.kind().code() + " opened again").isEqualTo(Result.done(now));
            }
        }
        assertThat(idle).as("changed nothing; the last condition that is asked stays")
                .isSubsetOf("check-conditions edit-asked-independence");
        assertThat(changed.size()).as("fields that were changed").isGreaterThan(ALL ? 160 : 60);
    }

    private static Map<String, String> shown(Person person) throws IOException {
        return FxThread.call(() -> {
            Map<String, String> texts = new LinkedHashMap<>();
            fields(person).forEach((id, field) -> texts.put(id, shown(field)));
            return texts;
        });
    }
}
