package hestra.marking;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.exercise.Copy;
import hestra.task.Attempt;

/**
 * The answers of a student, as far as marks depend on them. Of a hand-in nothing else is needed to mark it, so that a class is
 * soon read; the whole of it is opened when somebody looks at it.
 *
 * @param student the name it was handed in under; may be empty
 * @param exercise the id of the exercise
 * @param title what the exercise was called
 * @param copy which copy of it was worked on; nothing for the exercise itself
 * @param attempts the answers that were checked since work was begun last, oldest first, by the id of the task
 * @param begun how often work was begun, at least 1
 * @param pace when it was done; nothing in a hand-in of an older kind
 */
public record StudentAnswers(String student, String exercise, String title, Optional<Copied> copy,
        Map<String, List<Attempt>> attempts,
        int begun, Optional<Pace> pace) {

    /**
     * Which copy.
     *
     * @param edition from 1
     * @param variant from 1; 0 where all copies are the same
     * @param name for whom it was made; may be empty
     */
    public record Copied(int edition, int variant, String name) {

        static Copied of(Copy copy) {
            return new Copied(copy.edition(), copy.variant(), copy.name());
        }
    }

    public StudentAnswers {
        student = student.strip();
        attempts = Map.copyOf(attempts);
        begun = Math.max(1, begun);
    }
}
