package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.exercise.Attempts;
import hestra.exercise.LiveText;
import hestra.feedback.Verdict;
import hestra.numbers.Counted;
import hestra.numbers.Marks;
import hestra.task.Aid;
import hestra.task.Hint;
import hestra.task.Rounded;
import hestra.task.Task;
import hestra.task.Terms;

/**
 * What a student is told of a task and of the answer to it, in words.
 *
 * @param findings the desk
 * @param state how the task stands there
 */
public record TaskWords(Findings findings, TaskState state) {

    private Task task() {
        return state.task();
    }

    private Terms asked() {
        return task().terms();
    }

    /** What is worth knowing before: "3 decimal places \u00b7 2 marks". */
    public String terms() {
        return Stream.of(Rounded.shortly(task()), Counted.of(asked().marks(), "mark"))
                .filter(it -> !it.isEmpty()).collect(Collectors.joining(" \u00b7 "));
    }

    /** What is said of the newest answer, or that it is kept; nothing where none was given. */
    public Optional<String> verdict() {
        return state.verdict().map(it -> told(it, it.outcome().sign()));
    }

    /** The same for those who hear it: that it is right by its word, since a sign is not heard. */
    public Optional<String> heard() {
        return state.verdict().map(it -> told(it, it.isRight() && !words(it).startsWith(it.outcome().word())
                ? it.outcome().word() + "." : ""));
    }

    private String told(Verdict verdict, String before) {
        return (isTold() ? (before + " " + words(verdict)).strip() + opened() + counts() : saved())
                + (findings.isOnOtherData(state) ? " The data have been changed since." : "");
    }

    /** Why it is so, in the author's words and light mark-up, once that gives nothing away. */
    public Optional<String> why() {
        boolean told = state.done() && asked().isTold(true)
                && (state.right() || asked().afterwards() == Terms.Afterwards.ANSWER);
        return told && !asked().why().isEmpty() ? Optional.of(filled(asked().why())) : Optional.empty();
    }

    /** The helps that were asked for, in light mark-up, a paragraph each. */
    public String helps() {
        return asked().helps().stream().limit(state.helps()).map(it -> filled(it.text()))
                .collect(Collectors.joining("\n\n"));
    }

    /** What the next help is called, with what it costs; empty where there is none. */
    public String nextHelp() {
        List<Hint> all = asked().helps();
        if (state.helps() >= all.size()) {
            return "";
        }
        double cost = all.get(state.helps()).cost();
        return (state.helps() == 0 ? "Hint" : "Next hint")
                + (cost == 0 ? "" : " (" + findings.exercise().inMarks().off(cost) + ")");
    }

    /** The marks of each round of playing, where there was more than one. */
    public Optional<String> rounds() {
        if (asked().playing() != Terms.Playing.NEW_DATA || state.verdicts().size() < 2) {
            return Optional.empty();
        }
        Marks marks = findings.exercise().inMarks();
        return Optional.of("Rounds: "
                + state.verdicts().stream().map(it -> marks.of(it.earned())).collect(Collectors.joining(", "))
                + " of " + Counted.of(asked().marks(), "mark") + ". "
                + (asked().counting() == Terms.Counting.BEST ? "The best counts." : "The last counts."));
    }

    private boolean isTold() {
        return asked().isTold(state.done());
    }

    private String filled(String text) {
        return LiveText.fill(text, findings.exercise().partOf(task().id()).orElseThrow(), findings.exercise().mark());
    }

    private String saved() {
        return "Answer saved. You will see the verdict " + asked().verdict().inWords() + ".";
    }

    /** The verdict with its word where it is not right, and what to do or what would have been right. */
    private String words(Verdict verdict) {
        boolean over = state.triesLeft() == 0 && !state.right();
        String text = !over ? verdict.inFull() : switch (asked().afterwards()) {
            case ANSWER -> verdict.message() + rightAnswer();
            case HINT -> verdict.inFull();
            case NOTHING -> "";
        };
        String word = text.startsWith(verdict.outcome().word()) || verdict.isRight() ? "" : verdict.outcome().word() + ". ";
        return word + text;
    }

    /** Which answer counts, where that is not the newest. */
    private String counts() {
        Attempts attempts = state.attempts();
        return !attempts.countsEarlier() ? "" : attempts.counted()
                .map(it -> " What counts is the better answer before it: " + it.verdict().outcome().sign() + " "
                        + findings.exercise().inMarks().outOf(attempts.earned(), asked().marks()) + ".").orElse("");
    }

    private String rightAnswer() {
        String answer = findings.exercise().isSealed(task())
                ? "" : state.attempts().newest().map(it -> task().rightAnswer(it.truth())).orElse("");
        return answer.isEmpty() ? "" : " The answer: " + answer + ".";
    }

    private String opened() {
        Set<Aid> opened = asked().opens();
        if (opened.isEmpty() || !state.opens()) {
            return "";
        }
        return opened.equals(Aid.all()) ? " The line and its numbers are open now."
                : " Open now: " + String.join(", ", opened.stream().sorted().map(Aid::inWords).toList()) + ".";
    }
}
