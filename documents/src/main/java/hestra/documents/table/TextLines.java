package hestra.documents.table;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.regex.Pattern;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.StringArrayHandler;
import hestra.documents.file.Progress;

/** Splits a text into lines and these into cells, and nothing more. */
final class TextLines {

    private static final String WIDE = "[ \\u00a0]{2,}|\\t";
    private static final String ANY = "[ \\u00a0\\t]+";

    private static final int OFTEN = 4096;
    private static final int LONG = 1 << 20;

    private TextLines() {}

    /**
     * The cells of each line, without the spaces about them; empty lines stay. A quotation mark that is never closed makes a
     * line of what is left. Each line may be written over cell by cell: a million of them are not copied again and again.
     */
    static List<List<String>> split(String text, Separator separator) {
        return split(text, separator, Progress.UNWATCHED);
    }

    /** About how many cells there will be: so many may come of a small text that this is asked before it is split. */
    static long cells(String text, Separator separator) {
        char sign = separator.sign();
        boolean spaced = separator == Separator.SPACES || separator == Separator.WIDE_SPACES;
        long cells = 1;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            // Of several spaces that follow one another one counts.
            boolean separates = spaced
                    ? c == ' ' && i > 0 && text.charAt(i - 1) != ' ' && text.charAt(i - 1) != '\n'
                    : c == sign && separator != Separator.NONE;
            cells += separates || c == '\n' ? 1 : 0;
        }
        return cells;
    }

    /** The same, told how far it has come. */
    static List<List<String>> split(String text, Separator separator, Progress progress) {
        return switch (separator) {
            case NONE -> lines(text, line -> new String[] {line});
            case WIDE_SPACES -> lines(text, line -> line.strip().split(WIDE));
            case SPACES -> lines(text, line -> line.strip().split(ANY));
            case TAB, SEMICOLON, BAR, COMMA -> separated(text, separator, progress);
        };
    }

    private static List<List<String>> lines(String text, Function<String, String[]> cells) {
        List<List<String>> lines = new ArrayList<>();
        text.lines().forEach(line -> lines.add(stripped(cells.apply(line))));
        return lines;
    }

    private static List<String> stripped(String[] cells) {
        for (int i = 0; i < cells.length; i++) {
            cells[i] = cells[i].strip();
        }
        return Arrays.asList(cells);
    }

    /** A long text in which nothing is quoted is split in several pieces at once, since then every end of a line ends a row. */
    private static List<List<String>> separated(String text, Separator separator, Progress progress) {
        AtomicLong read = new AtomicLong();
        Progress whole = share -> progress.goesOn(Math.min(1, read.addAndGet((long) share) / (double) text.length()));
        if (text.length() < LONG || text.indexOf('"') >= 0) {
            return piece(text, separator, whole);
        }
        List<List<List<String>>> pieces = pieces(text).parallelStream().map(piece -> piece(piece, separator, whole)).toList();
        List<List<String>> lines = new ArrayList<>(pieces.stream().mapToInt(List::size).sum());
        pieces.forEach(lines::addAll);
        return lines;
    }

    /** The text cut at ends of lines. */
    private static List<String> pieces(String text) {
        List<String> pieces = new ArrayList<>();
        int start = 0;
        while (start < text.length()) {
            int cut = text.length() - start <= LONG ? -1 : text.indexOf('\n', start + LONG);
            int end = cut < 0 ? text.length() : cut + 1;
            pieces.add(text.substring(start, end));
            start = end;
        }
        return pieces;
    }

    /** Splits a piece; tells how many more characters have been read. */
    private static List<List<String>> piece(String text, Separator separator, Progress progress) {
        List<List<String>> lines = new ArrayList<>();
        long[] read = {0};
        try {
            read(text, separator.sign(), line -> {
                for (String cell : line) {
                    read[0] += cell.length() + 1;
                }
                lines.add(stripped(line));
                if (lines.size() % OFTEN == 0) {
                    progress.tell(read[0]);
                    read[0] = 0;
                }
            });
            return lines;
        } catch (CsvParseException e) {
            // A quotation mark that is not one: inches, or a quote within a cell.
            return lines(text, line -> line.split(Pattern.quote(String.valueOf(separator.sign())), -1));
        }
    }

    /**
     * Reads lines whose cells are separated by a sign and may be quoted, empty lines too; cells as they stand.
     *
     * @throws CsvParseException at a quotation mark that is not one
     */
    static void read(String text, char separator, Consumer<String[]> line) {
        try (CsvReader<String[]> csv = CsvReader.builder().fieldSeparator(separator).skipEmptyLines(false)
                .allowMissingFields(true).allowExtraFields(true).build(StringArrayHandler.of(), text)) {
            csv.forEach(line);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static boolean isBlank(List<String> line) {
        return line.stream().allMatch(String::isBlank);
    }
}
