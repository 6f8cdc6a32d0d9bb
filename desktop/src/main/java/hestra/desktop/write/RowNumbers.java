package hestra.desktop.write;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Rows as an author names them: their numbers, from 1, with commas between them. */
final class RowNumbers {

    private static final int MOST_DIGITS = 6;

    private RowNumbers() {}

    /** The rows, from 0; none where nothing is typed; nothing where it cannot be read. */
    static Optional<Set<Integer>> read(String text, int most) {
        Set<Integer> rows = new TreeSet<>();
        for (String part : text.strip().split("[,;\\s]+")) {
            if (!part.matches("[0-9]{0," + MOST_DIGITS + "}")) {
                return Optional.empty();
            } else if (!part.isEmpty()) {
                rows.add(Integer.parseInt(part) - 1);
            }
        }
        return rows.contains(-1) || rows.size() > most ? Optional.empty() : Optional.of(rows);
    }

    static String write(Set<Integer> rows) {
        return rows.stream().sorted().map(row -> Integer.toString(row + 1)).collect(Collectors.joining(", "));
    }
}
