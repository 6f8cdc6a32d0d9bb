package hestra.documents;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;

/** Splits a text into lines and these into cells, and nothing more. */
final class TextLines {

    private static final String WIDE = "[ \\u00a0]{2,}|\\t";
    private static final String ANY = "[ \\u00a0\\t]+";

    private TextLines() {}

    /** The cells of each line; empty lines stay. A quotation mark that is never closed makes a line of what is left. */
    static List<List<String>> split(String text, Separator separator) {
        return switch (separator) {
            case NONE -> new ArrayList<>(text.lines().map(line -> List.of(line.strip())).toList());
            case WIDE_SPACES -> spaced(text, WIDE);
            case SPACES -> spaced(text, ANY);
            case TAB, SEMICOLON, BAR, COMMA -> separated(text, separator);
        };
    }

    private static List<List<String>> spaced(String text, String between) {
        return new ArrayList<>(text.lines().map(line -> List.of(line.strip().split(between))).toList());
    }

    private static List<List<String>> separated(String text, Separator separator) {
        List<List<String>> lines = new ArrayList<>();
        try (CsvReader<CsvRecord> csv = CsvReader.builder().fieldSeparator(separator.sign()).skipEmptyLines(false)
                .allowMissingFields(true).allowExtraFields(true).ofCsvRecord(text)) {
            for (CsvRecord line : csv) {
                lines.add(line.getFields().stream().map(String::strip).toList());
            }
            return lines;
        } catch (CsvParseException e) {
            // A quotation mark that is not one: inches, or a quote within a cell.
            return new ArrayList<>(text.lines().map(line -> List.of(line.split(java.util.regex.Pattern.quote(String.valueOf(separator.sign())), -1))).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static boolean isBlank(List<String> line) {
        return line.stream().allMatch(String::isBlank);
    }
}
