package hestra.desktop.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.desk.Findings;
import hestra.desk.TaskState;
import hestra.desk.TaskWords;
import hestra.documents.page.Prose;
import hestra.exercise.Block;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.numbers.Words;

/** The sheet as it is read aloud where the task in hand stands: the texts above it, the task, and what was said of the answer. */
final class TaskAloud {

    private TaskAloud() {}

    /** All of it; of an exercise in which no task is in hand its heading and texts. */
    static String of(Findings findings) {
        List<String> said = new ArrayList<>();
        Part part = findings.part();
        Optional<TaskState> inHand = findings.taskInHand().filter(id -> part.indexOf(id) >= 0).map(findings::task);
        boolean first = inHand.isEmpty() || part.tasks().getFirst().id().equals(inHand.get().task().id());
        if (first) {
            said.add(findings.exercise().heading());
            said.add(part.heading());
        }
        said.addAll(texts(findings, part, inHand));
        inHand.ifPresent(state -> said.addAll(task(findings, part, state)));
        said.removeIf(String::isBlank);
        return String.join("\n", said);
    }

    /** The texts between the task before and the one in hand. */
    private static List<String> texts(Findings findings, Part part, Optional<TaskState> inHand) {
        List<String> texts = new ArrayList<>();
        for (Block block : part.blocks()) {
            if (block instanceof Block.Asked(var task)) {
                if (inHand.isEmpty() || task.id().equals(inHand.get().task().id())) {
                    break;
                }
                texts.clear();
            } else if (block instanceof Block.Prose prose) {
                texts.add(plain(findings, part, prose.text()));
            } else {
                texts.add(block.inWords());
            }
        }
        return texts;
    }

    private static List<String> task(Findings findings, Part part, TaskState state) {
        TaskWords words = new TaskWords(findings, state);
        String title = Words.ended(state.task().terms().title());
        List<String> said = new ArrayList<>(List.of("Task " + state.number() + ": " + title + " " + words.terms(),
                plain(findings, part, state.task().terms().prompt())));
        words.heard().ifPresent(said::add);
        words.why().map(Prose::words).ifPresent(said::add);
        said.add(Prose.words(words.helps()));
        return said;
    }

    private static String plain(Findings findings, Part part, String text) {
        return Prose.words(LiveText.fill(text, part, findings.exercise().mark()));
    }
}
