package hestra.marking;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import hestra.exercise.Attempts;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;

/**
 * Answers to a task that say the same.
 *
 * @param group what they say, see {@link Attempts#group}
 * @param students who gave them, by name; at least one
 * @param first the first of the answers: what is said of it holds for all
 * @param apart whether this is an answer that was taken out of its group
 * @param heading what they say in words, other than those of every other group of the task: "≈ all but “on average”"
 */
public record AnswerGroup(String group, List<Student> students, Attempts first, boolean apart, String heading) {

    private static final int LONGEST_QUOTE = 60;

    public AnswerGroup {
        students = List.copyOf(students);
    }

    /** A group whose heading says no more than its verdict. */
    AnswerGroup(String group, List<Student> students, Attempts first, boolean apart) {
        this(group, students, first, apart, told(first));
    }

    /** The same where another group has this heading: what was answered tells them apart. */
    AnswerGroup toldByWords() {
        return new AnswerGroup(group, students, first, apart, heading + ": \u201c" + shortened(first.inWords()) + "\u201d");
    }

    private static String shortened(String text) {
        return text.codePointCount(0, text.length()) <= LONGEST_QUOTE
                ? text : text.substring(0, text.offsetByCodePoints(0, LONGEST_QUOTE)).strip() + "…";
    }

    public boolean isBlank() {
        return first.isEmpty();
    }

    /** The verdict on them. */
    public Optional<Verdict> verdict() {
        return first.verdict();
    }

    /** Where they stand in the list: right ones first, those without an answer last. */
    int rank() {
        return verdict().map(it -> it.outcome().ordinal()).orElse(Outcome.values().length);
    }

    /** Whose answers a decision on them is about. */
    public DecisionScope whom() {
        return apart ? new DecisionScope.One(students.getFirst().key()) : new DecisionScope.Group(group);
    }

    /** "✓ both variables · number", "≈ all but “on average”", "✗ variables the wrong way round". */
    private static String told(Attempts first) {
        if (first.isEmpty()) {
            return "nothing given";
        }
        Verdict verdict = first.verdict().orElseThrow();
        String sign = verdict.outcome().sign() + " ";
        if (!verdict.mistakes().isEmpty()) {
            return sign + verdict.mistakes().stream().map(Mistake::inWords).collect(Collectors.joining(" or "));
        }
        if (verdict.parts().isEmpty()) {
            return sign + switch (verdict.outcome()) {
                case RIGHT -> "right";
                case NEARLY -> "not quite";
                case WRONG -> "wrong";
            };
        }
        return sign + parts(verdict);
    }

    private static String parts(Verdict verdict) {
        List<String> right = named(verdict, Outcome.RIGHT);
        List<String> missing = verdict.parts().stream().filter(it -> it.outcome() != Outcome.RIGHT)
                .map(it -> it.outcome() == Outcome.NEARLY ? it.name() + " (not quite)" : it.name()).toList();
        if (missing.isEmpty()) {
            return String.join(" · ", right);
        }
        if (right.isEmpty()) {
            return "not right: " + String.join(", ", missing);
        }
        return missing.size() <= right.size()
                ? "all but " + String.join(", ", missing) : String.join(" · ", right) + "; not " + String.join(", ", missing);
    }

    private static List<String> named(Verdict verdict, Outcome outcome) {
        return verdict.parts().stream().filter(it -> it.outcome() == outcome).map(Verdict.Part::name).toList();
    }
}
