package hestra.documents.table;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.table.DelimitedText.Block;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;

/**
 * Data taken from a text, in the form in which cells are typed, with how it was understood.
 *
 * @param shape how the text was understood
 * @param block headings and cells; numbers are written with the exercise's own decimal mark and bare
 * @param notes what was taken off or left as it is, as short sentences
 * @param signs the first of the text, which tells by what else it could be split
 */
public record TextData(TextShape shape, Block block, List<String> notes, String signs) {

    /** The most columns that are taken in. */
    static final int MOST_COLUMNS = 200;

    private static final int SIGNS = 4000;
    private static final double SPLITTING = 0.8;

    /** Understands a text by itself. */
    public static Result<TextData> understand(String text, DecimalMark own) {
        return understand(text, own, Progress.UNWATCHED);
    }

    /** The same, told how far it has come. */
    static Result<TextData> understand(String text, DecimalMark own, Progress progress) {
        TextForms forms = TextForms.of(plain(text));
        return forms.text().isBlank()
                ? Result.refused("There is no text to take data from.")
                : read(forms, ShapeGuess.of(forms.text(), own), own, progress);
    }

    /** Reads a text as it is said to be. */
    public static Result<TextData> read(String text, TextShape shape, DecimalMark own) {
        return read(text, shape, own, Progress.UNWATCHED);
    }

    /** The same, told how far it has come: splitting is by far the most of the work. */
    static Result<TextData> read(String raw, TextShape shape, DecimalMark own, Progress progress) {
        return read(TextForms.of(plain(raw)), shape, own, progress);
    }

    private static Result<TextData> read(TextForms forms, TextShape shape, DecimalMark own, Progress progress) {
        String text = forms.text();
        Optional<TextData> numbers = shape.mark() == own && !shape.across() ? ofNumbers(text, shape, progress) : Optional.empty();
        if (numbers.isPresent()) {
            return Result.done(numbers.get());
        }
        long cells = TextLines.cells(text, shape.separator());
        if (cells > DataTable.MOST_CELLS) {
            return Result.refused("There are about %d cells; up to %d can be taken in. Take a part of it.".formatted(cells,
                    DataTable.MOST_CELLS));
        }
        List<List<String>> lines = TextLines.split(text, shape.separator(), share -> progress.goesOn(share * SPLITTING));
        while (!lines.isEmpty() && TextLines.isBlank(lines.getLast())) {
            lines.removeLast();
        }
        int start = Math.min(shape.skipped(), lines.size());
        if (lines.size() - start > DataTable.MOST_ROWS + 1) {
            return Result.refused("There are %d rows; up to %d can be taken in.".formatted(lines.size() - start,
                    DataTable.MOST_ROWS));
        }
        List<String> notes = new ArrayList<>(forms.notes());
        noteAbove(lines.subList(0, start), notes);
        if (shape.across()) {
            lines = TextForms.across(lines.subList(start, lines.size()).stream()
                    .filter(line -> !TextLines.isBlank(line)).toList());
            start = 0;
            notes.add("each line is read as a column");
        }
        if (lines.stream().anyMatch(line -> line.size() > MOST_COLUMNS)) {
            return Result.refused("There are more than %d columns.".formatted(MOST_COLUMNS));
        }
        boolean headed = shape.headed() && lines.size() > start;
        List<String> headings = headed ? new ArrayList<>(lines.get(start)) : List.of();
        List<List<String>> rows = Surroundings.without(lines.subList(start + (headed ? 1 : 0), lines.size()), headings,
                shape.mark(), text.indexOf(']') >= 0, notes);
        int width = Math.max(headings.size(), rows.stream().mapToInt(List::size).max().orElse(0));
        for (int column = 0; column < width; column++) {
            progress.tell(SPLITTING + (1 - SPLITTING) * column / width);
            DecimalMark mark = markOf(rows, column, shape.mark());
            if (mark != shape.mark()) {
                notes.add(nameOf(headings, column) + " is read with decimal "
                        + (mark == DecimalMark.COMMA ? "commas" : "points"));
            }
            clean(rows, column, mark, own, headings, notes);
        }
        return Result.done(new TextData(shape, new Block(headed ? Optional.of(List.copyOf(headings)) : Optional.empty(),
                List.copyOf(rows)), List.copyOf(notes), signs(text)));
    }

    /**
     * What is nothing but numbers below its headings; nothing for any other text. There are no dates, ranks, units or notes in it
     * to be looked for.
     */
    private static Optional<TextData> ofNumbers(String text, TextShape shape, Progress progress) {
        int above = shape.skipped() + (shape.headed() ? 1 : 0);
        int start = 0;
        for (int line = 0; line < above; line++) {
            start = text.indexOf('\n', start) + 1;
        }
        String top = text.substring(0, start);
        return PlainNumbers.read(text, start, shape.separator(), shape.mark(), progress).flatMap(rows -> {
            List<List<String>> lines = TextLines.split(top, shape.separator());
            if (lines.size() != above || Surroundings.endInNotes(rows, shape.mark())) {
                // Something quoted goes over several lines, or there is more to be looked at.
                return Optional.empty();
            }
            List<String> notes = new ArrayList<>();
            noteAbove(lines.subList(0, shape.skipped()), notes);
            Optional<List<String>> headings = shape.headed()
                    ? Optional.of(lines.getLast().stream().map(Surroundings::withoutFootnote).toList()) : Optional.empty();
            return Optional.of(new TextData(shape, new Block(headings, rows), List.copyOf(notes), signs(text)));
        });
    }

    private static void noteAbove(List<List<String>> lines, List<String> notes) {
        if (lines.stream().anyMatch(line -> !TextLines.isBlank(line))) {
            notes.add(lines.size() == 1 ? "the line above the table left out" : lines.size() + " lines above the table left out");
        }
    }

    /** The first of a text. */
    private static String signs(String text) {
        return text.substring(0, Math.min(SIGNS, text.length()));
    }

    private static String plain(String text) {
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }

    /**
     * The decimal mark of a column: that of the text, unless some of its cells are no numbers by that and all are by the other.
     */
    private static DecimalMark markOf(List<List<String>> rows, int column, DecimalMark usual) {
        DecimalMark other = usual == DecimalMark.POINT ? DecimalMark.COMMA : DecimalMark.POINT;
        boolean strange = false;
        for (List<String> row : rows) {
            String text = column < row.size() ? row.get(column) : "";
            if (text.isEmpty()) {
                continue;
            }
            boolean usually = CellText.of(text, usual, usual).isPresent();
            if (CellText.of(text, other, other).isEmpty()) {
                return usual;
            }
            strange |= !usually;
        }
        return strange ? other : usual;
    }

    private static String nameOf(List<String> headings, int column) {
        return column < headings.size() && !headings.get(column).isBlank() ? headings.get(column) : "column " + (column + 1);
    }

    /** Brings the numbers of a column into the form in which they are typed, where the column is one of numbers. */
    private static void clean(List<List<String>> rows, int column, DecimalMark from, DecimalMark to, List<String> headings,
            List<String> notes) {
        Optional<String> since = DateColumn.read(rows, column);
        if (since.isPresent()) {
            notes.add(nameOf(headings, column) + " is read as dates: " + since.get());
            return;
        }
        if (Ordinals.read(rows, column)) {
            notes.add("ranks in " + nameOf(headings, column) + " are read as numbers");
        }
        Map<String, Integer> units = new HashMap<>();
        int filled = 0;
        int numbers = 0;
        // Only those that are to be written otherwise: most numbers stand already as they should.
        Map<Integer, CellText> rewritten = new LinkedHashMap<>();
        for (int i = 0; i < rows.size(); i++) {
            String text = column < rows.get(i).size() ? rows.get(i).get(column) : "";
            if (text.isEmpty()) {
                continue;
            }
            filled++;
            if (from == to && NumberReading.isSimple(text, from)) {
                numbers++;
                continue;
            }
            Optional<CellText> number = CellText.of(text, from, to);
            if (number.isPresent()) {
                numbers++;
                rewritten.put(i, number.get());
                units.merge(number.get().unit(), 1, Integer::sum);
            }
        }
        if (numbers * 2L < filled) {
            return;
        }
        units.remove("");
        String name = nameOf(headings, column);
        boolean mixed = units.size() > 1;
        if (mixed) {
            notes.add(name + " has " + String.join(" and ", units.keySet().stream().sorted().toList())
                    + ": those cells stay as they are");
        }
        rewritten.forEach((row, cell) -> {
            if (!mixed || cell.unit().isEmpty()) {
                rows.get(row).set(column, cell.text());
            }
        });
        if (units.size() == 1) {
            String unit = units.keySet().iterator().next();
            notes.add("“" + unit + "” removed from " + name);
            if (column < headings.size() && !headings.get(column).matches(".*[(\\[].*[)\\]]\\s*")) {
                headings.set(column, headings.get(column) + " (" + unit + ")");
            }
        }
    }

    /** Whether some line of the text, as it was split, could be split by this separator too. */
    public boolean mayBeSplitBy(Separator other) {
        if (other == Separator.WIDE_SPACES) {
            return signs.contains("  ");
        }
        return other == Separator.NONE || signs.indexOf(other.sign()) >= 0;
    }

    /** The same without some of its columns. */
    public Block withColumns(List<Integer> kept) {
        boolean isAll = IntStream.range(0, block.width()).boxed().toList().equals(kept);
        return isAll
                ? block
                : new Block(block.headings().map(headings -> pick(headings, kept)), block.rows().stream()
                        .map(row -> pick(row, kept)).toList());
    }

    private static List<String> pick(List<String> cells, List<Integer> kept) {
        return Collections.unmodifiableList(kept.stream().map(column -> column < cells.size() ? cells.get(column) : "").toList());
    }
}
