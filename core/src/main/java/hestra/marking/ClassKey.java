package hestra.marking;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.variants.Variants;

/**
 * What decides on the hand-ins of a class: the instructor's own exercise, in the edition that a student had and with the data of
 * the student's variant. Each is worked out once. Used by one thread at a time.
 */
public final class ClassKey {

    private final Exercise own;
    private final Map<Had, MarkingKey> keys = new HashMap<>();

    /** What a student had. */
    private record Had(int edition, int variant) {}

    private ClassKey(Exercise own) {
        this.own = own;
    }

    public static ClassKey of(Exercise own) {
        return new ClassKey(own);
    }

    public Exercise own() {
        return own;
    }

    /**
     * The edition that a hand-in was done on; nothing where it was not of a published copy, or the exercise no longer knows the
     * edition.
     */
    public Optional<Edition> edition(StudentAnswers script) {
        return script.copy().flatMap(copy -> own.issue().edition(copy.edition()));
    }

    /** What decides on a hand-in. */
    public MarkingKey key(StudentAnswers script) {
        Optional<StudentAnswers.Copied> copy = script.copy();
        if (copy.isEmpty()) {
            return keys.computeIfAbsent(new Had(0, 0), _ -> MarkingKey.of(own));
        }
        Optional<Edition> edition = edition(script);
        return keys.computeIfAbsent(new Had(edition.map(Edition::number).orElse(0), copy.get().variant()),
                had -> MarkingKey.of(Variants.draw(edition.map(it -> it.of(own)).orElse(own), had.variant).exercise()));
    }
}
