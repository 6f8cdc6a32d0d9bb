package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

import hestra.Kelp;
import hestra.desk.Edit;
import hestra.desktop.tour.FxThread;
import hestra.task.Kinds;
import hestra.task.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Each kind of task has its form on the sheet and its fields in Write. */
class KindsInTheWindowTest {

    @TempDir
    Path folder;

    private static void turnTo(Person person, Task task) throws IOException {
        FxThread.call(() -> {
            person.model().apply(new Edit.TurnTo(Optional.of(task.id())));
            return null;
        });
        person.pause();
    }

    @Test
    void eachKindHasItsFormAndItsFields() throws IOException {
        assertThat(Kelp.ofEveryKind().tasks()).extracting(Task::kind).containsExactlyElementsOf(Kinds.ALL);
        try (Person person = Person.at(Kelp.ofEveryKind(), folder)) {
            for (Task task : Kelp.ofEveryKind().tasks()) {
                turnTo(person, task);
                assertThat(person.sees("check-" + task.id())).as(task.id()).isTrue();
                assertThat(person.partsOf("card-" + task.id(), "task-body")).as("what to answer with: " + task.id()).isPositive();
            }
            person.click("view-write");
            for (Task task : Kelp.ofEveryKind().tasks()) {
                turnTo(person, task);
                assertThat(person.texts("editor-title")).as(task.id())
                        .anyMatch(title -> title.startsWith(task.kind().title() + " · "));
            }
        }
    }
}
