package hestra.marking;

import java.util.List;

/**
 * What an answer earns in the end.
 *
 * @param marks after what comments take off, never less than 0
 * @param standing where it stands
 * @param decided whether a person decided the marks
 * @param comments the ids of the comments on it, in their order
 */
public record Award(double marks, Standing standing, boolean decided, List<String> comments) {
    public Award {
        comments = List.copyOf(comments);
    }
}
