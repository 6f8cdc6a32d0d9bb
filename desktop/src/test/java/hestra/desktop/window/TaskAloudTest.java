package hestra.desktop.window;

import java.util.Optional;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.demo.KelpBlades;
import hestra.exercise.Exercise;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The sheet read aloud: the story and the first task; at a later one that task alone. */
class TaskAloudTest {

    private static final Exercise KELP = KelpBlades.exercise();

    private static String at(int task) {
        return TaskAloud.of(Findings.of(Desk.open(KELP).apply(new Edit.TurnTo(Optional.of(KELP.tasks().get(task).id())))));
    }

    @Test
    void theStoryComesBeforeTheFirstTaskWithoutMarkUp() {
        assertThat(at(0)).startsWith(KELP.heading()).contains("Young kelp settles",
                "Task 1: " + KELP.tasks().getFirst().terms().title()).doesNotContain("**", "{");
    }

    @Test
    void aLaterTaskIsReadAlone() {
        assertThat(at(2)).doesNotContain("Young kelp settles").startsWith("Task 3: ").contains("4 marks");
    }
}
