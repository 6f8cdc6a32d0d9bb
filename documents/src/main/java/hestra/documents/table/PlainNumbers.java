package hestra.documents.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.documents.file.Progress;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;

/**
 * A text of many numbers as they are typed, with words such as "NA" here and there, as programs write them by the million: made
 * into rows at once, with no texts in between, several pieces side by side. Any other text is left to {@link TextData}, which
 * comes to the same for these.
 */
final class PlainNumbers {

    /** Shorter texts are soon read in any way. */
    static final int LONG = 1 << 14;
    private static final int PIECE = 1 << 20;

    private static final int OFTEN = 4096;
    private static final int USUAL_WIDTH = 8;
    /**
     * So many letters are told from all others by one number: their digits, how many letters they are, where the decimal mark
     * stands and whether there is a sign.
     */
    private static final int MOST_LETTERS = 15;
    private static final int LETTERS_AT = 50;
    private static final int PLACE_AT = 54;
    private static final int SIGN_AT = 58;
    private static final int SLOTS = 1 << 15;
    private static final int MOST_WORDS = 1 << 12;
    /** 2⁶⁴ over the golden ratio: keys that lie close together come far apart. */
    private static final long SPREAD = 0x9E3779B97F4A7C15L;

    private final String text;
    private final int end;
    private final char separator;
    private final DecimalMark mark;
    private final Progress progress;
    private final AtomicLong read = new AtomicLong();
    private final AtomicBoolean plain = new AtomicBoolean(true);

    private PlainNumbers(String text, int end, char separator, DecimalMark mark, Progress progress) {
        this.text = text;
        this.end = end;
        this.separator = separator;
        this.mark = mark;
        this.progress = progress;
    }

    /** Rows, and how many cells each line has. */
    private record Piece(List<Row> rows, int width) {}

    /**
     * The rows of a text from a place on, which begins a line.
     *
     * @return nothing where a line holds no number or is longer than another, or a cell something that is to be looked at more
     *     closely, and where there is more than can
     *     be taken in
     */
    static Optional<PlainRows> read(String text, int from, Separator separator, DecimalMark mark, Progress progress) {
        return text.length() < LONG || !separator.mayBeQuoted() || separator.sign() == mark.sign()
                ? Optional.empty() : read(text, from, separator.sign(), mark, PIECE, progress);
    }

    /** The same in pieces of about so many letters. */
    static Optional<PlainRows> read(String text, int from, char separator, DecimalMark mark, int letters, Progress progress) {
        int end = text.length();
        while (end > from && (text.charAt(end - 1) == '\n' || text.charAt(end - 1) == '\r')) {
            end--;
        }
        PlainNumbers all = new PlainNumbers(text, end, separator, mark, progress);
        int[] cuts = all.cuts(from, letters);
        List<Piece> pieces = IntStream.range(0, cuts.length - 1).parallel()
                .mapToObj(i -> all.piece(cuts[i], cuts[i + 1])).toList();
        int rows = pieces.stream().mapToInt(piece -> piece.rows.size()).sum();
        int width = pieces.isEmpty() ? 0 : pieces.getFirst().width;
        boolean even = pieces.stream().allMatch(piece -> piece.width == width);
        boolean fits = rows <= DataTable.MOST_ROWS && width <= TextData.MOST_COLUMNS
                && (long) rows * width <= DataTable.MOST_CELLS;
        if (!all.plain.get() || rows == 0 || !even || !fits) {
            return Optional.empty();
        }
        List<Row> together = new ArrayList<>(rows);
        pieces.forEach(piece -> together.addAll(piece.rows));
        return Optional.of(new PlainRows(together, width, mark));
    }

    /** Where the text is cut: behind ends of lines. */
    private int[] cuts(int from, int letters) {
        List<Integer> cuts = new ArrayList<>(List.of(from));
        while (cuts.getLast() < end) {
            int start = cuts.getLast();
            int cut = end - start <= letters ? -1 : text.indexOf('\n', start + letters);
            cuts.add(cut < 0 || cut >= end ? end : cut + 1);
        }
        return cuts.stream().mapToInt(Integer::intValue).toArray();
    }

    private Piece piece(int from, int to) {
        List<Row> rows = new ArrayList<>();
        Numbers numbers = new Numbers();
        Cell[] line = new Cell[USUAL_WIDTH];
        int usual = 0;
        int told = from;
        int at = from;
        while (at < to && plain.get()) {
            int width = 0;
            boolean hasNumber = false;
            boolean ends = false;
            while (!ends) {
                if (width == line.length) {
                    line = Arrays.copyOf(line, 2 * width);
                }
                Cell cell = numbers.next(at, to);
                at = numbers.end;
                char c = at < to ? text.charAt(at) : '\n';
                ends = c != separator;
                if (cell == null) {
                    plain.set(false);
                    return new Piece(List.of(), 0);
                }
                at += c == '\r' && at + 1 < to && text.charAt(at + 1) == '\n' ? 2 : 1;
                hasNumber |= cell instanceof Cell.Measured;
                line[width++] = cell;
            }
            usual = usual == 0 ? width : usual;
            plain.compareAndSet(true, hasNumber && width == usual);
            rows.add(Row.of(Arrays.copyOf(line, width)));
            if (rows.size() % OFTEN == 0) {
                progress.tell((double) read.addAndGet(at - told) / text.length());
                told = at;
            }
        }
        read.addAndGet((long) to - told);
        return new Piece(rows, usual);
    }

    /**
     * Reads numbers one after another. Those that were written alike are one cell, as far as they have come up lately: of a
     * million most have.
     */
    private final class Numbers {
        private final long[] keys = new long[SLOTS];
        private final Cell[] seen = new Cell[SLOTS];
        private final Map<String, Optional<Cell>> words = new HashMap<>();
        /** Behind the cell that was read last, and the spaces after it. */
        private int end;

        /** The cell that begins at a place; null where what stands there is neither a simple number nor a plain word. */
        Cell next(int from, int to) {
            int start = spaces(from, to);
            int at = start;
            boolean negative = at < to && text.charAt(at) == '-';
            at += negative ? 1 : 0;
            int first = at;
            int place = 0;
            long digits = 0;
            char decimal = mark.sign();
            while (at < to) {
                char c = text.charAt(at);
                if (c >= '0' && c <= '9') {
                    digits = 10 * digits + (c - '0');
                } else if (c == decimal && place == 0 && at > first) {
                    place = at - start;
                } else {
                    break;
                }
                at++;
            }
            end = spaces(at, to);
            if (!endsCell(end, to)) {
                return word(start, to);
            }
            if (at == start) {
                return Cell.EMPTY;
            }
            if (at - start > MOST_LETTERS) {
                return cell(start, at);
            }
            long key = digits | (long) (at - start) << LETTERS_AT | (long) place << PLACE_AT | (negative ? 1L << SIGN_AT : 0);
            int slot = (int) (key * SPREAD >>> Long.numberOfLeadingZeros(SLOTS - 1));
            if (keys[slot] != key) {
                Cell cell = cell(start, at);
                if (cell == null) {
                    return null;
                }
                keys[slot] = key;
                seen[slot] = cell;
            }
            return seen[slot];
        }

        private Cell cell(int from, int to) {
            String number = text.substring(from, to);
            return NumberReading.isSimple(number, mark) ? Cell.of(number, mark) : wordCell(number).orElse(null);
        }

        private Cell word(int from, int to) {
            while (!endsCell(end, to)) {
                end++;
            }
            String word = text.substring(from, end).strip();
            if (words.size() > MOST_WORDS) {
                words.clear();
            }
            return words.computeIfAbsent(word, this::wordCell).orElse(null);
        }

        /** Nothing for what may be a number, a date or a rank, is quoted, or has the mark of a footnote. */
        private Optional<Cell> wordCell(String word) {
            boolean plainWord = word.chars().noneMatch(c -> Character.isDigit(c) || Character.getType(c) == Character.OTHER_NUMBER
                    || c == ']' || c == '"')
                    && Stream.of(DecimalMark.values()).allMatch(it -> CellText.of(word, it, it).isEmpty());
            return plainWord ? Optional.of(Cell.of(word, mark)) : Optional.empty();
        }

        private boolean endsCell(int at, int to) {
            char c = at < to ? text.charAt(at) : '\n';
            return c == separator || c == '\n' || c == '\r';
        }

        private int spaces(int from, int to) {
            int at = from;
            while (at < to && text.charAt(at) == ' ') {
                at++;
            }
            return at;
        }
    }
}
