package hestra.desktop.window;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;

import hestra.desk.Findings;
import hestra.desk.TaskState;
import hestra.desk.TaskWords;
import hestra.task.Aid;

/** What has changed that those who do not see the window should hear: verdicts, and what was opened. */
final class Announcements {

    private final Consumer<String> say;
    private Findings before;

    Announcements(Consumer<String> say) {
        this.say = say;
    }

    /** Takes how things stand now, and says what is new about it. */
    void changed(Findings now) {
        if (before != null && before.exercise().id().equals(now.exercise().id())) {
            verdicts(now).forEach(say);
            Set<Aid> opened = EnumSet.noneOf(Aid.class);
            Aid.all().stream().filter(aid -> now.isOpen(aid) && !before.isOpen(aid)).forEach(opened::add);
            if (!opened.isEmpty() && before.part().id().equals(now.part().id())) {
                say.accept("Open now: " + opened.stream().map(Aid::inWords).collect(Collectors.joining(", ")) + ".");
            }
        }
        before = now;
    }

    private List<String> verdicts(Findings now) {
        List<String> words = new ArrayList<>();
        for (TaskState state : now.tasks()) {
            boolean more = before.tasks().stream().filter(it -> it.task().id().equals(state.task().id()))
                    .anyMatch(it -> it.verdicts().size() < state.verdicts().size());
            if (more) {
                new TaskWords(now, state).verdict().map(TaskAloud::withoutSign)
                        .ifPresent(verdict -> words.add("Task " + state.number() + ": " + verdict));
            }
        }
        return words;
    }
}
