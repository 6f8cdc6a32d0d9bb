package hestra.exercise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

import hestra.task.ChoiceRow;

/**
 * In which order the options of a question are shown to one reader: always the same for them, and another for others, so that
 * neighbours cannot tell each other "the second one". Answers name options by the places at which their author wrote them.
 *
 * @param exercise the id of the exercise
 * @param variant which variant of it, 0 for none
 * @param reader who reads it; empty for anybody
 */
public record OptionOrder(String exercise, int variant, String reader) {

    /** The order for who reads a copy; where the copy is for nobody by name, for who sits at the desk. */
    public static OptionOrder of(Exercise exercise, String atTheDesk) {
        return exercise.copy().map(copy -> new OptionOrder(exercise.id(), copy.variant(),
                copy.name().isEmpty() ? atTheDesk : copy.name())).orElse(new OptionOrder(exercise.id(), 0, atTheDesk));
    }

    /** The places of a row's options in the order in which they are shown: as written where their order tells something. */
    public List<Integer> places(String taskId, ChoiceRow row) {
        List<Integer> places = new ArrayList<>(IntStream.range(0, row.options().size()).boxed().toList());
        if (row.inAnyOrder()) {
            // Spelled out, so that it is the same in every version of the language.
            int seed = (exercise.hashCode() * 31 + variant) * 31 + reader.hashCode();
            Collections.shuffle(places, new Random(seed * 31L + taskId.hashCode()));
        }
        return places;
    }
}
