package hestra.documents;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.numbers.DecimalMark;

/**
 * Text of rows and columns, from a file or the clipboard: separated by tabs, semicolons, commas or, failing these, spaces.
 * The separator is the first of these that splits every line into the same number of two or more fields; else the one
 * that splits the first line into most.
 */
public final class DelimitedText {

    /** The largest text that is read, in bytes. */
    public static final long MOST_BYTES = 32L * 1024 * 1024;

    private static final int MOST_COLUMNS = 200;
    private static final char[] SEPARATORS = {'\t', ';', ','};

    /**
     * Rows and columns as text.
     *
     * @param headings the first line, where it holds names rather than numbers
     * @param rows the other lines; each may be shorter than the widest
     */
    public record Block(Optional<List<String>> headings, List<List<String>> rows) {
        /** The number of columns of the widest row. */
        public int width() {
            int widest = rows.stream().mapToInt(List::size).max().orElse(0);
            return Math.max(widest, headings.map(List::size).orElse(0));
        }
    }

    private DelimitedText() {}

    /** Reads a file in UTF-8 with or without a byte order mark. */
    public static Reading<Block> read(Path file) {
        try {
            if (Files.size(file) > MOST_BYTES) {
                return Reading.refused(file.getFileName() + " is larger than 32 MB. Take a part of it.");
            }
            byte[] bytes = Files.readAllBytes(file);
            return parse(StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString(), true);
        } catch (CharacterCodingException e) {
            return Reading.refused(file.getFileName() + " is not text in UTF-8. Save it as CSV in UTF-8 and try again.");
        } catch (IOException e) {
            return Reading.refused(Archive.cannotRead(file, e));
        }
    }

    /** Reads text, such as the clipboard's. Empty lines at the end are dropped; empty lines in between stay. */
    public static Reading<Block> parse(String text) {
        return parse(text, false);
    }

    private static Reading<Block> parse(String text, boolean file) {
        String plain = text.startsWith("\ufeff") ? text.substring(1) : text;
        if (plain.isBlank()) {
            return Reading.refused("There is no text to take data from.");
        }
        List<List<String>> lines;
        try {
            lines = split(plain);
        } catch (CsvParseException | UncheckedIOException e) {
            return Reading.refused("The text cannot be split into rows and columns. Is a quotation mark left open?");
        }
        while (!lines.isEmpty() && lines.getLast().stream().allMatch(String::isBlank)) {
            lines.removeLast();
        }
        if (lines.size() > DataTable.MOST_ROWS + 1) {
            return Reading.refused("There are %d rows; up to %d can be taken in.".formatted(lines.size(), DataTable.MOST_ROWS));
        }
        if (lines.stream().anyMatch(line -> line.size() > MOST_COLUMNS)) {
            return Reading.refused("There are more than %d columns.".formatted(MOST_COLUMNS));
        }
        // One line of names alone is the heading of a file without data yet; on the clipboard it is cells like any others.
        boolean headed = (lines.size() > 1 || file) && isHeading(lines.getFirst());
        return Reading.done(headed
                ? new Block(Optional.of(lines.getFirst()), List.copyOf(lines.subList(1, lines.size())))
                : new Block(Optional.empty(), List.copyOf(lines)));
    }

    /** The table as comma-separated text with a line of headings, cells as they were typed. */
    public static String write(DataTable table) {
        StringWriter text = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(text)) {
            csv.writeRecord(table.variables().stream().map(Variable::name).toList());
            for (Row row : table.rows()) {
                List<String> cells = new ArrayList<>();
                for (int column = 0; column < table.width(); column++) {
                    cells.add(row.cell(column).text());
                }
                csv.writeRecord(cells);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** One line of comma-separated text. */
    public static String line(List<String> fields) {
        StringWriter text = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(text)) {
            csv.writeRecord(fields);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString().stripTrailing();
    }

    /** All lines, headings included, of comma-separated text that {@link #write} wrote. */
    static Reading<List<List<String>>> parseWritten(String text) {
        try {
            List<List<String>> lines = split(text, ',');
            return lines.size() > DataTable.MOST_ROWS + 1
                    ? Reading.refused("A table of the file has more than %d rows.".formatted(DataTable.MOST_ROWS))
                    : Reading.done(lines);
        } catch (CsvParseException | UncheckedIOException e) {
            return Reading.refused("A table of the file is damaged. Ask for the file again.");
        }
    }

    /** A line of texts as a row. */
    static Row row(List<String> line, DecimalMark mark) {
        Cell[] cells = new Cell[line.size()];
        for (int i = 0; i < cells.length; i++) {
            cells[i] = Cell.of(line.get(i), mark);
        }
        return Row.of(cells);
    }

    /** A block as a table: named and given units by its headings where it has them, else by these variables. */
    public static DataTable table(Block block, List<Variable> variables, DecimalMark mark) {
        List<Variable> columns = new ArrayList<>();
        for (int i = 0; i < Math.max(2, block.width()); i++) {
            int column = i;
            Variable known = i < variables.size() ? variables.get(i) : Variable.named("column " + (i + 1));
            columns.add(block.headings().filter(it -> column < it.size() && !it.get(column).isBlank())
                    .map(it -> Variable.fromHeading(it.get(column))).orElse(known));
        }
        Row[] rows = new Row[block.rows().size()];
        IntStream.range(0, rows.length).parallel().forEach(i -> rows[i] = row(block.rows().get(i), mark));
        return new DataTable(columns, List.of(rows));
    }

    private static List<List<String>> split(String text) {
        List<List<String>> best = null;
        for (char separator : SEPARATORS) {
            if (text.indexOf(separator) < 0) {
                continue;
            }
            List<List<String>> lines = split(text, separator);
            int width = lines.getFirst().size();
            if (width > 1 && lines.stream().allMatch(line -> line.size() == width || isBlank(line))) {
                return lines;
            }
            if (best == null || width > best.getFirst().size()) {
                best = lines;
            }
        }
        if (best != null && best.getFirst().size() > 1) {
            return best;
        }
        List<List<String>> lines = new ArrayList<>();
        text.lines().forEach(line -> lines.add(List.of(line.strip().split("[ \\u00a0]+"))));
        int width = lines.getFirst().size();
        boolean inColumns = width > 1 && lines.stream().allMatch(line -> line.size() == width || isBlank(line));
        return inColumns ? lines : new ArrayList<>(text.lines().map(line -> List.of(line.strip())).toList());
    }

    private static boolean isBlank(List<String> line) {
        return line.stream().allMatch(String::isBlank);
    }

    private static List<List<String>> split(String text, char separator) {
        List<List<String>> lines = new ArrayList<>();
        try (CsvReader<CsvRecord> csv = CsvReader.builder().fieldSeparator(separator).skipEmptyLines(false)
                .allowMissingFields(true).allowExtraFields(true).ofCsvRecord(text)) {
            for (CsvRecord line : csv) {
                lines.add(List.copyOf(line.getFields()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return lines;
    }

    private static boolean isHeading(List<String> line) {
        boolean named = false;
        for (String field : line) {
            Cell cell = Cell.of(field, DecimalMark.POINT);
            if (cell instanceof Cell.Measured || !cell.isEmpty() && field.chars().noneMatch(Character::isLetter)) {
                return false;
            }
            named |= !cell.isEmpty();
        }
        return named;
    }
}
