package hestra.task;

import java.util.ArrayList;
import java.util.List;

/** Predictions in the order of the task's x values. */
public record Predictions(List<Predicted> given) implements Answer {
    public Predictions {
        given = List.copyOf(given);
    }

    @Override
    public boolean isBlank() {
        return given.stream().allMatch(Predicted.NOTHING::equals);
    }

    /** The prediction at an index; nothing beyond the last. */
    public Predicted at(int index) {
        return index < given.size() ? given.get(index) : Predicted.NOTHING;
    }

    /** With one prediction replaced. */
    public Predictions with(int index, Predicted predicted) {
        List<Predicted> changed = new ArrayList<>(given);
        while (changed.size() <= index) {
            changed.add(Predicted.NOTHING);
        }
        changed.set(index, predicted);
        return new Predictions(changed);
    }
}
