package hestra.task;

/**
 * A help that the student may ask for.
 *
 * @param text what it says, in light mark-up; may hold live values such as {x}
 * @param cost how many marks it costs, at least 0
 */
public record Hint(String text, double cost) {

    public static final int MOST = 6;

    public Hint {
        if (!(cost >= 0 && cost <= Terms.MOST_MARKS)) {
            throw new IllegalArgumentException("a hint for " + cost + " marks");
        }
    }
}
