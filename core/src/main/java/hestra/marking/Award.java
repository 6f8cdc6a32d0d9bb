package hestra.marking;

import java.util.List;

/**
 * What an answer earns in the end.
 *
 * @param marks after what comments take off, never less than 0
 * @param standing where it stands
 * @param decided whether a person decided the marks
 * @param comments the ids of the comments on it, in their order
 * @param disputed the decisions of markers who gave it different marks without knowing of each other, the one that counts until
 *     then last; none where all agree
 */
public record Award(double marks, Standing standing, boolean decided, List<String> comments, List<Decision> disputed) {
    public Award {
        comments = List.copyOf(comments);
        disputed = List.copyOf(disputed);
    }

    public boolean isDisputed() {
        return !disputed.isEmpty();
    }
}
