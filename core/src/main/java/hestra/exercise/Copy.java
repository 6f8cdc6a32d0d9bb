package hestra.exercise;

import java.util.Map;
import java.util.Optional;

import hestra.task.Seal;
import hestra.task.Task;

/**
 * Says of an exercise that it is a student's copy, and which.
 *
 * @param variant its variant, from 1; 0 where all copies are the same
 * @param edition of which edition it is, from 1
 * @param name for whom it is; empty where it is for anybody
 * @param seals the keys that were set by hand, by the id of their task: they tell right from wrong and no more
 */
public record Copy(int variant, int edition, String name, Map<String, Seal> seals) {

    /** The most variants that can be given out. */
    public static final int MOST_VARIANTS = 5000;

    public Copy {
        seals = Map.copyOf(seals);
        name = name.strip();
        if (variant < 0 || variant > MOST_VARIANTS || edition < 1 || edition > Edition.MOST) {
            throw new IllegalArgumentException("variant " + variant + ", edition " + edition);
        }
    }

    /** The sealed key of a task; nothing for one whose key is computed. */
    public Optional<Seal> seal(Task task) {
        return Optional.ofNullable(seals.get(task.id()));
    }
}
