package hestra.task;

import java.util.List;
import java.util.regex.Pattern;

/**
 * A section of a report.
 *
 * @param text all that was written in it
 * @param figures what was kept in it, in its order
 */
public record WrittenSection(String text, List<KeptFigure> figures) implements Answer {
    public static final WrittenSection NOTHING = new WrittenSection("", List.of());

    public WrittenSection {
        figures = List.copyOf(figures);
    }

    @Override
    public boolean isBlank() {
        return text.isBlank() && figures.isEmpty();
    }

    /** How many words were written. */
    int words() {
        return (int) Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{M}\\p{N}.,'\u2019-]*").matcher(text).results().count();
    }
}
