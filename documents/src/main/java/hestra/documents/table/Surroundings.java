package hestra.documents.table;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;

/**
 * What stands in and about the rows of a table and is no data: a second line of headings with units, blank lines, notes below,
 * marks of footnotes.
 */
final class Surroundings {

    private static final Pattern FOOTNOTE = Pattern.compile("(?<text>.*\\S)\\s*\\[(?:\\w{1,2}|note \\d{1,2})\\]");
    private static final int MOST_LISTED = 3;
    private static final int LONGEST_LISTED = 40;
    /** Notes below a table are few. */
    private static final int MOST_NOTES = 12;

    private Surroundings() {}

    /**
     * The rows without what is no data, and headings with the units that stood below them; says what was left out. Only a text
     * with square brackets has footnotes.
     */
    static List<List<String>> without(List<List<String>> rows, List<String> headings, DecimalMark mark, boolean bracketed,
            List<String> notes) {
        List<List<String>> data = withoutUnits(rows, headings, mark, notes);
        data = withoutNotes(data, mark, notes);
        data = withoutBlanks(data, notes);
        if (bracketed) {
            footnotes(data, headings, notes);
        }
        return data;
    }

    /** A line below the headings in which every cell is empty or a unit, and one at least is one. */
    private static List<List<String>> withoutUnits(List<List<String>> rows, List<String> headings, DecimalMark mark,
            List<String> notes) {
        if (headings.isEmpty() || rows.size() < 2) {
            return rows;
        }
        List<String> second = rows.getFirst();
        boolean units = second.stream().anyMatch(cell -> !cell.isBlank()) && IntStream.range(0, second.size()).allMatch(column ->
                second.get(column).isBlank() || isUnit(second.get(column))
                        && isOfNumbers(rows.subList(1, rows.size()), column, mark));
        if (!units) {
            return rows;
        }
        for (int column = 0; column < Math.min(headings.size(), second.size()); column++) {
            String unit = second.get(column).strip().replaceAll("^[(\\[]|[)\\]]$", "");
            if (!unit.isEmpty()) {
                headings.set(column, headings.get(column) + " (" + unit + ")");
            }
        }
        notes.add("units taken from the second line");
        return rows.subList(1, rows.size());
    }

    private static boolean isUnit(String cell) {
        String bare = cell.strip();
        boolean bracketed = bare.matches("\\(.{1,12}\\)|\\[.{1,12}\\]");
        return bracketed || NumberReading.isUnit(bare);
    }

    private static boolean isOfNumbers(List<List<String>> rows, int column, DecimalMark mark) {
        long filled = rows.stream().limit(20).filter(row -> column < row.size() && !row.get(column).isBlank()).count();
        long numbers = rows.stream().limit(20).filter(row -> column < row.size()
                && CellText.of(row.get(column), mark, mark).isPresent()).count();
        return numbers * 2 > filled;
    }

    /** Lines at the end with one text in them, where the others have several cells. */
    private static List<List<String>> withoutNotes(List<List<String>> rows, DecimalMark mark, List<String> notes) {
        int end = rows.size();
        while (end > 1 && rows.size() - end < MOST_NOTES && (isBlank(rows.get(end - 1)) || isNote(rows.get(end - 1), mark))
                && rows.get(0).size() > 1) {
            end--;
        }
        List<String> left = rows.subList(end, rows.size()).stream().filter(row -> !isBlank(row))
                .map(row -> quoted(String.join(" ", row).strip())).toList();
        if (left.isEmpty() || end < 2 && isNote(rows.getFirst(), mark)) {
            return rows;
        }
        notes.add("left out below: " + left.stream().limit(MOST_LISTED)
                .collect(Collectors.joining(", ")) + (left.size() > MOST_LISTED ? " …" : ""));
        return rows.subList(0, end);
    }

    /** Whether there is a note among the last lines. */
    static boolean endInNotes(List<List<String>> rows, DecimalMark mark) {
        return rows.subList(Math.max(0, rows.size() - MOST_NOTES), rows.size()).stream().anyMatch(row -> isNote(row, mark));
    }

    /** One text of letters, which may have been cut where the separator stands in it. */
    private static boolean isNote(List<String> row, DecimalMark mark) {
        String first = row.getFirst();
        boolean words = first.chars().filter(Character::isLetter).count() > 2 && CellText.of(first, mark, mark).isEmpty();
        boolean alone = row.stream().filter(cell -> !cell.isBlank()).count() == 1 && row.size() == 1;
        boolean named = first.matches("(?iU)(source|sources|note|notes|data|footnote|\\*|†|\\d+\\)|"
                + "\\[\\w{1,2}\\])[^:.\\d]{0,8}(?:[:.].*)?");
        return words && (alone || named);
    }

    private static String quoted(String text) {
        return "“" + (text.length() > LONGEST_LISTED ? text.substring(0, LONGEST_LISTED - 1) + "…" : text) + "”";
    }

    private static List<List<String>> withoutBlanks(List<List<String>> rows, List<String> notes) {
        int blank = 0;
        for (List<String> row : rows) {
            blank += isBlank(row) ? 1 : 0;
        }
        if (blank == 0) {
            return rows;
        }
        notes.add(Counted.of(blank, "blank line") + " left out");
        return new ArrayList<>(rows.stream().filter(row -> !isBlank(row)).toList());
    }

    private static boolean isBlank(List<String> row) {
        for (String cell : row) {
            if (!cell.isBlank()) {
                return false;
            }
        }
        return true;
    }

    /** A heading without the mark of a footnote: square brackets may hold a unit there, but a number in them is none. */
    static String withoutFootnote(String heading) {
        return heading.replaceFirst("\\s*\\[\\d{1,2}\\]$", "");
    }

    private static void footnotes(List<List<String>> rows, List<String> headings, List<String> notes) {
        int taken = 0;
        for (List<String> row : rows) {
            for (int column = 0; column < row.size(); column++) {
                String cell = row.get(column);
                if (cell.endsWith("]")) {
                    Matcher footnote = FOOTNOTE.matcher(cell);
                    if (footnote.matches()) {
                        row.set(column, footnote.group("text"));
                        taken++;
                    }
                }
            }
        }
        for (int column = 0; column < headings.size(); column++) {
            headings.set(column, withoutFootnote(headings.get(column)));
        }
        if (taken > 0) {
            notes.add("footnote marks removed from " + Counted.of(taken, "cell"));
        }
    }
}
