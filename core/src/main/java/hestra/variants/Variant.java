package hestra.variants;

import java.util.List;

import hestra.exercise.Exercise;

/**
 * One variant of an exercise.
 *
 * @param number from 1
 * @param exercise the exercise with the data of the variant, its keys in step with them
 * @param missed the wishes that could not be met
 */
public record Variant(int number, Exercise exercise, List<Missed> missed) {

    /**
     * A wish that no draw met; the data are those that came nearest to all.
     *
     * @param part the id of the part
     * @param message what was wished and how it stands, as a sentence
     */
    public record Missed(String part, String message) {}

    public Variant {
        missed = List.copyOf(missed);
    }
}
