package hestra.desktop.cli;

import java.util.ArrayList;
import java.util.List;

/** A table in plain text: the first column to the left, the others to the right, as wide as they need to be. */
final class TextTable {

    private static final String GAP = "  ";

    private final List<List<String>> rows = new ArrayList<>();

    /** Adds a row; an empty text leaves its cell empty. */
    TextTable row(List<String> cells) {
        rows.add(List.copyOf(cells));
        return this;
    }

    TextTable row(String... cells) {
        return row(List.of(cells));
    }

    @Override
    public String toString() {
        int width = rows.stream().mapToInt(List::size).max().orElse(0);
        int[] widths = new int[width];
        for (List<String> row : rows) {
            for (int i = 0; i < row.size(); i++) {
                widths[i] = Math.max(widths[i], letters(row.get(i)));
            }
        }
        StringBuilder text = new StringBuilder();
        for (List<String> row : rows) {
            StringBuilder line = new StringBuilder();
            for (int i = 0; i < row.size(); i++) {
                String padding = " ".repeat(widths[i] - letters(row.get(i)));
                line.append(i == 0 ? row.get(i) + padding : GAP + padding + row.get(i));
            }
            text.append(line.toString().stripTrailing()).append('\n');
        }
        return text.toString();
    }

    /** Letters with marks above them, such as x̄, take one place. */
    private static int letters(String text) {
        return (int) text.codePoints().filter(c -> Character.getType(c) != Character.NON_SPACING_MARK).count();
    }
}
