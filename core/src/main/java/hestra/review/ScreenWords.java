package hestra.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.OnPaper;
import hestra.task.Task;
import hestra.task.Truth;

/** Looks for prompts that will be printed and speak of what there is on a screen alone: "Click the point". */
public final class ScreenWords {

    private static final Pattern SCREEN = Pattern.compile(
            "\\b(?:double-)?click(?:s|ed|ing)?\\b|\\bdrag(?:s|ged|ging)?\\b|\\bscroll(?:s|ed|ing)?\\b|\\bpastes?\\b"
            + "|\\b(?:on|at|to) the (?:right|left) of the window\\b|\\bthe (?:plot|table) (?:on|at|to) the (?:right|left)\\b"
            + "|\\b(?:on|at|to) the (?:right|left)(?=[.,;:!?]|$)"
            + "|\\b(?:on the|your) screen\\b|\\bmouse\\b|\\bpress (?:the|on|enter)\\b"
            + "|\\btype (?:the|them|it|in|into|your|here)\\b|\\bthe button\\b|\\btick box(?:es)?\\b", Pattern.CASE_INSENSITIVE);

    private ScreenWords() {}

    /** A remark for each of the prompts that a handout of an exercise would print so. */
    public static List<Remark> of(Exercise exercise) {
        List<Remark> all = new ArrayList<>();
        for (Part part : exercise.parts()) {
            Truth truth = part.truth(exercise.mark());
            for (Task task : part.tasks()) {
                word(task).filter(_ -> OnPaper.isDoneOnPaper(task.onPaper(truth)))
                        .ifPresent(it -> all.add(said(part, task, exercise.indexOf(task.id()) + 1, it)));
            }
        }
        return List.copyOf(all);
    }

    private static Remark said(Part part, Task task, int number, String word) {
        return new Remark(Remark.Sort.SCREEN_WORDS, Optional.of(part.id()), Optional.of(task.id()), "Task " + number
                + " says \u201c" + word + "\u201d, which nobody can do on paper. Give it words of its own for paper.",
                Optional.empty());
    }

    private static Optional<String> word(Task task) {
        Matcher found = SCREEN.matcher(task.terms().paperPrompt());
        return !task.terms().printed().leftOut() && found.find() ? Optional.of(found.group()) : Optional.empty();
    }
}
