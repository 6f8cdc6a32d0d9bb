package hestra.desktop.window;

import java.util.function.Consumer;

import hestra.desk.Findings;
import hestra.desk.TaskState;
import hestra.desk.TaskWords;

/** What has changed that those who do not see the window should hear: verdicts, which say what they opened too. */
final class Announcements {

    private final Consumer<String> say;
    private Findings before;

    Announcements(Consumer<String> say) {
        this.say = say;
    }

    /** Takes how things stand now, and says what is new about it. Nothing is where the tasks are the same as before. */
    void changed(Findings now) {
        if (before != null && before.tasks() != now.tasks() && before.exercise().id().equals(now.exercise().id())) {
            now.tasks().forEach(state -> verdict(now, state));
        }
        before = now;
    }

    private void verdict(Findings now, TaskState state) {
        boolean more = before.tasks().stream().filter(it -> it.task().id().equals(state.task().id()))
                .anyMatch(it -> it.verdicts().size() < state.verdicts().size());
        if (more) {
            new TaskWords(now, state).heard().ifPresent(words -> say.accept("Task " + state.number() + ": " + words));
        }
    }
}
