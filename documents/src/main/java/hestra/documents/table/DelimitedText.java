package hestra.documents.table;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Dates;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.documents.file.Result;
import hestra.numbers.DecimalMark;

/**
 * Tables as comma-separated text, as they stand in Hestra's own files, and blocks of texts on their way to a table. Text from
 * elsewhere is understood by {@link TextData}.
 */
public final class DelimitedText {

    /**
     * Rows and columns as text.
     *
     * @param headings the first line, where it holds names rather than numbers
     * @param rows the other lines; each may be shorter than the widest
     */
    public record Block(Optional<List<String>> headings, List<List<String>> rows) {
        /** The number of columns of the widest row. */
        public int width() {
            int widest = rows instanceof PlainRows plain ? plain.width() : rows.stream().mapToInt(List::size).max().orElse(0);
            return Math.max(widest, headings.map(List::size).orElse(0));
        }
    }

    /** The cells of a table and of its headings. */
    private static final long MOST_CELLS = DataTable.MOST_CELLS + DataTable.MOST_COLUMNS;

    private DelimitedText() {}

    /** The table as comma-separated text with a line of headings, cells as they were typed. */
    public static String write(DataTable table) {
        Stream<List<String>> rows = table.rows().stream()
                .map(row -> IntStream.range(0, table.width()).mapToObj(column -> row.cell(column).text()).toList());
        return text(Stream.concat(Stream.of(table.variables().stream().map(Variable::name).toList()), rows));
    }

    /** Records as comma-separated text, a line each. */
    public static String text(Stream<List<String>> records) {
        StringWriter text = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(text)) {
            records.forEach(csv::writeRecord);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /**
     * The same, of a table that can be read again.
     *
     * @throws IOException if it has more cells than are taken in
     */
    public static String writeReadable(DataTable table) throws IOException {
        String text = write(table);
        long cells = TextLines.cells(text, Separator.COMMA);
        if (cells > MOST_CELLS) {
            throw new IOException("its table has about " + cells + " cells, and at most " + DataTable.MOST_CELLS
                    + " can be opened again. Take some rows out first");
        }
        return text;
    }

    /** All lines, headings included, of comma-separated text that {@link #write} wrote. */
    public static Result<List<List<String>>> parseWritten(String text) {
        try {
            if (TextLines.cells(text, Separator.COMMA) > MOST_CELLS) {
                return Result.refused("A table of the file has more than %d cells.".formatted(DataTable.MOST_CELLS));
            }
            List<List<String>> lines = new ArrayList<>();
            TextLines.read(text, Separator.COMMA.sign(), line -> lines.add(List.of(line)));
            return lines.size() > DataTable.MOST_ROWS + 1
                    ? Result.refused("A table of the file has more than %d rows.".formatted(DataTable.MOST_ROWS))
                    : Result.done(lines);
        } catch (CsvParseException | UncheckedIOException e) {
            return Result.refused("A table of the file is damaged. Ask for the file again.");
        }
    }

    /** A line of texts as a row. */
    public static Row row(List<String> line, DecimalMark mark) {
        Cell[] cells = new Cell[line.size()];
        for (int i = 0; i < cells.length; i++) {
            cells[i] = Cell.of(line.get(i), mark);
        }
        return Row.of(cells);
    }

    /** A block as a table: named and given units by its headings where it has them, else by these variables. */
    public static DataTable table(Block block, List<Variable> variables, DecimalMark mark) {
        List<Variable> columns = new ArrayList<>();
        int width = Math.max(2, block.width());
        for (int i = 0; i < width; i++) {
            int column = i;
            Variable known = i < variables.size() ? variables.get(i) : Variable.named("column " + (i + 1));
            columns.add(block.headings().filter(it -> column < it.size() && !it.get(column).isBlank())
                    .map(it -> Variable.fromHeading(it.get(column))).orElse(known));
        }
        if (block.rows() instanceof PlainRows plain && mark == plain.mark()) {
            return new DataTable(columns, plain.rows());
        }
        List<List<String>> texts = block.rows();
        for (int column = 0; column < columns.size(); column++) {
            Optional<Dates> dates = DateColumn.dates(texts, column);
            if (dates.isPresent()) {
                columns.set(column, Variable.ofDates(columns.get(column).name(), dates.get()));
                texts = DateColumn.counted(texts, column, dates.get(), mark);
            }
        }
        List<List<String>> lines = texts;
        Row[] rows = new Row[lines.size()];
        IntStream.range(0, rows.length).parallel().forEach(i -> rows[i] = row(lines.get(i), mark));
        return new DataTable(columns, List.of(rows));
    }
}
