package hestra.marking;

import java.util.List;
import java.util.Optional;

import hestra.exercise.Attempts;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;

/**
 * Answers to a task that say the same.
 *
 * @param group what they say, see {@link Attempts#group}
 * @param students who gave them, by name; at least one
 * @param first the first of the answers: what is said of it holds for all
 * @param apart whether this is an answer that was taken out of its group
 */
public record AnswerGroup(String group, List<Student> students, Attempts first, boolean apart) {

    public AnswerGroup {
        students = List.copyOf(students);
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
    public Whom whom() {
        return apart ? new Whom.One(students.getFirst().key()) : new Whom.Group(group);
    }
}
