package hestra.documents.page;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** Columns of numbers lined up by their decimal marks, by spaces as wide as a figure after those with fewer places. */
final class Aligned {

    private static final Pattern NUMBER = Pattern.compile("[+\u2212-]?[0-9][0-9\u00a0\u202f]*([.,][0-9]+)?");
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    /** As wide as a figure, and as wide as a full stop. */
    private static final char FIGURE_SPACE = '\u2007';
    private static final char POINT_SPACE = '\u2008';

    private Aligned() {}

    /**
     * The columns of a table as they are set.
     *
     * @param cells column by column, numbers lined up
     * @param numbers which columns are of numbers
     */
    record Columns(List<List<String>> cells, List<Boolean> numbers) {

        static Columns of(Piece.Table table) {
            List<List<String>> plain = IntStream.range(0, table.headings().size())
                    .mapToObj(column -> table.lines().stream()
                    .map(line -> column < line.cells().size() ? line.cells().get(column) : "").toList()).toList();
            List<Boolean> numbers = plain.stream().map(Aligned::isNumbers).toList();
            return new Columns(IntStream.range(0, plain.size())
                    .mapToObj(column -> numbers.get(column) ? column(plain.get(column)) : plain.get(column)).toList(), numbers);
        }
    }

    /** Whether a column is of numbers: whatever stands in it is one, or a dash. */
    static boolean isNumbers(List<String> cells) {
        return cells.stream().anyMatch(cell -> NUMBER.matcher(cell).matches())
                && cells.stream().allMatch(cell -> cell.isBlank() || cell.equals("\u2013")
                        || endsAsNumber(cell.charAt(cell.length() - 1)));
    }

    private static boolean endsAsNumber(char last) {
        return Character.isDigit(last) || RAISED.indexOf(last) >= 0;
    }

    /** The cells of a column, each with as many spaces after it as line it up with the others. */
    static List<String> column(List<String> cells) {
        int most = cells.stream().filter(cell -> NUMBER.matcher(cell).matches()).mapToInt(Aligned::places).max().orElse(0);
        return cells.stream().map(cell -> NUMBER.matcher(cell).matches() ? cell + padding(places(cell), most) : cell).toList();
    }

    /** Where the spaces begin that line up a cell. */
    static int end(String aligned) {
        int end = aligned.length();
        while (end > 0 && (aligned.charAt(end - 1) == FIGURE_SPACE || aligned.charAt(end - 1) == POINT_SPACE)) {
            end--;
        }
        return end;
    }

    private static int places(String cell) {
        int mark = Math.max(cell.lastIndexOf('.'), cell.lastIndexOf(','));
        return mark < 0 ? 0 : cell.length() - mark - 1;
    }

    private static String padding(int places, int most) {
        return most == places
                ? "" : (places == 0 ? String.valueOf(POINT_SPACE) : "") + String.valueOf(FIGURE_SPACE).repeat(most - places);
    }
}
