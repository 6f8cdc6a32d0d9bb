package hestra.documents.table;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Ranks as they are written: 1st, 2nd, 3rd. */
final class Ordinals {

    private static final Pattern RANK = Pattern.compile("(\\d{1,6})(?:st|nd|rd|th)", Pattern.CASE_INSENSITIVE);

    private Ordinals() {}

    /** Writes the numbers into a column of ranks; leaves any other as it is. */
    static boolean read(List<List<String>> rows, int column) {
        boolean any = false;
        for (List<String> row : rows) {
            String cell = column < row.size() ? row.get(column) : "";
            if (cell.isEmpty()) {
                continue;
            }
            if (!RANK.matcher(cell).matches()) {
                return false;
            }
            any = true;
        }
        if (any) {
            for (List<String> row : rows) {
                Matcher rank = RANK.matcher(column < row.size() ? row.get(column) : "");
                if (rank.matches()) {
                    row.set(column, rank.group(1));
                }
            }
        }
        return any;
    }
}
