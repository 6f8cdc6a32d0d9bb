package hestra.chance;

/** A run, or the reason why there is none. */
public sealed interface Playing permits Run, Playing.None {

    /**
     * Chance cannot be played here.
     *
     * @param reason why, and what helps, as a sentence for a student
     */
    record None(String reason) implements Playing {}
}
