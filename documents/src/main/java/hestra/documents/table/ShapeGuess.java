package hestra.documents.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

import hestra.numbers.DecimalMark;

/**
 * Guesses how a text is laid out: of every separator with every decimal mark, the pair under which the lines are most alike
 * in width and most cells are numbers.
 */
final class ShapeGuess {

    /** So many lines are looked at; the rest is taken to be like them. */
    private static final int LOOKED_AT = 200;
    /** And no more letters than this: a text may be one long line. */
    private static final int LETTERS = 1 << 16;
    private static final double SEVERAL_COLUMNS = 0.4;
    /** A single name above columns without names speaks for one column of it. */
    private static final double NAME_OF_ONE_COLUMN = 1;
    private static final double OWN_MARK = 0.02;
    /** Nobody puts a tab into a cell. */
    private static final double TABS = 0.05;
    private static final double EARLIER = 0.001;
    private static final Pattern FOOTNOTE = Pattern.compile("(?m)(?<=\\S)[ \\u00a0]*\\[\\w{1,2}\\](?=[\\t;,|]|\\s*$)");
    private static final int MOST_SERIES = 6;
    private static final int LEAST_ACROSS = 4;

    /**
     * Which cells of the sample are numbers under a mark: each is looked at by several questions, and reading it takes most of
     * the time.
     */
    private static final class Numbers {
        private final DecimalMark mark;
        private final Map<String, Optional<CellText>> known = new HashMap<>();

        Numbers(DecimalMark mark) {
            this.mark = mark;
        }

        Optional<CellText> of(String cell) {
            return known.computeIfAbsent(cell, it -> CellText.of(it, mark, mark));
        }

        boolean are(String cell) {
            return of(cell).isPresent();
        }

        boolean isBare(String cell) {
            return of(cell).filter(number -> number.unit().isEmpty()).isPresent();
        }
    }

    private final Numbers points = new Numbers(DecimalMark.POINT);
    private final Numbers commas = new Numbers(DecimalMark.COMMA);

    private ShapeGuess() {}

    private Numbers by(DecimalMark mark) {
        return mark == DecimalMark.POINT ? points : commas;
    }

    /** The likeliest shape of a text that is not blank; the exercise's own decimal mark wins where nothing tells. */
    static TextShape of(String text, DecimalMark own) {
        return new ShapeGuess().likeliest(text, own);
    }

    private TextShape likeliest(String text, DecimalMark own) {
        // Marks of footnotes would make words of numbers.
        String sample = FOOTNOTE.matcher(sample(text)).replaceAll("");
        TextShape best = null;
        double most = Double.NEGATIVE_INFINITY;
        for (Separator separator : Separator.values()) {
            if (separator != Separator.NONE && sample.indexOf(separator.sign()) < 0) {
                continue;
            }
            List<List<String>> lines = TextLines.split(sample, separator);
            int skipped = skipped(lines);
            for (DecimalMark mark : DecimalMark.values()) {
                Numbers numbers = by(mark);
                boolean across = isAcross(lines.subList(skipped, lines.size()), numbers);
                boolean headed = across ? !numbers.are(lines.get(skipped).getFirst()) : isHeaded(lines, skipped, numbers);
                double score = score(lines.subList(skipped, lines.size()), numbers) + (mark == own ? OWN_MARK : 0)
                        + (separator == Separator.TAB ? TABS : 0) - EARLIER * separator.ordinal()
                        - (skipped > 0 && !headed
                                ? NAME_OF_ONE_COLUMN
                                : 0) - (separator == Separator.COMMA && areFractions(lines) ? SEVERAL_COLUMNS + 2 * OWN_MARK : 0);
                if (score > most) {
                    most = score;
                    best = new TextShape(separator, mark, headed, skipped, across);
                }
            }
        }
        return best;
    }

    /**
     * Whether a comma between two numbers looks like a decimal one: it always stands after a 0, or before digits that begin with
     * one.
     */
    private static boolean areFractions(List<List<String>> lines) {
        List<List<String>> filled = lines.stream().filter(line -> !TextLines.isBlank(line)).toList();
        boolean pairs = filled.stream().allMatch(line -> line.size() == 2 && line.getFirst().matches("[-+\u2212]?\\d+")
                && line.getLast().matches("\\d+"));
        return pairs && (filled.stream().allMatch(line -> line.getFirst().matches("[-+\u2212]?0"))
                || filled.stream().anyMatch(line -> line.getLast().matches("0\\d+")));
    }

    private static String sample(String text) {
        int end = 0;
        for (int line = 0; line < LOOKED_AT && end >= 0; line++) {
            end = text.indexOf('\n', end == 0 ? 0 : end + 1);
        }
        String sample = end > 0 ? text.substring(0, end) : text;
        int cut = sample.length() <= LETTERS ? sample.length() : sample.lastIndexOf('\n', LETTERS);
        return sample.substring(0, cut > 0 ? cut : LETTERS);
    }

    /** The width that most lines have; the wider one where two are as frequent. */
    private static int usualWidth(List<List<String>> lines) {
        Map<Integer, Integer> widths = new HashMap<>();
        lines.stream().filter(line -> !TextLines.isBlank(line)).forEach(line -> widths.merge(line.size(), 1, Integer::sum));
        return widths.entrySet().stream()
                .max(Map.Entry.<Integer, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey).orElse(1);
    }

    /**
     * Lines at the top that do not belong to the table: without a number, and with one cell where the others have several, or
     * with fewer cells than they and an empty line below.
     */
    private int skipped(List<List<String>> lines) {
        int width = usualWidth(lines);
        int skipped = 0;
        while (skipped < lines.size() - 1 && (TextLines.isBlank(lines.get(skipped)) || isTitle(lines, skipped, width))) {
            skipped++;
        }
        return skipped;
    }

    private boolean isTitle(List<List<String>> lines, int index, int width) {
        List<String> line = lines.get(index);
        long filled = line.stream().filter(cell -> !cell.isBlank()).count();
        boolean alone = filled == 1 || filled < width && TextLines.isBlank(lines.get(index + 1));
        return width > 1 && alone && line.stream().noneMatch(cell -> points.isBare(cell));
    }

    /**
     * Whether each line is a series: few lines, each longer than there are lines, all of numbers but perhaps for a name at the
     * front of every one.
     */
    private static boolean isAcross(List<List<String>> lines, Numbers numbers) {
        List<List<String>> filled = lines.stream().filter(line -> !TextLines.isBlank(line)).toList();
        if (filled.size() < 2 || filled.size() > MOST_SERIES) {
            return false;
        }
        int width = filled.getFirst().size();
        boolean named = filled.stream().allMatch(line -> !line.getFirst().isBlank() && !numbers.are(line.getFirst()));
        boolean isLong = width - (named ? 1 : 0) >= Math.max(LEAST_ACROSS, filled.size() + 1);
        return isLong && filled.stream().allMatch(line -> Math.abs(line.size() - width) <= 1
                && line.stream().skip(named ? 1 : 0).allMatch(cell -> cell.isBlank() || numbers.are(cell)));
    }

    private static double score(List<List<String>> lines, Numbers known) {
        int width = usualWidth(lines);
        int filled = 0;
        int alike = 0;
        double cells = 0;
        double numbers = 0;
        boolean first = true;
        for (List<String> line : lines) {
            if (TextLines.isBlank(line)) {
                continue;
            }
            filled++;
            alike += line.size() == width ? 1 : 0;
            // The first line may hold names, and says little.
            double weight = first && lines.size() > 1 ? 0.1 : 1;
            for (String cell : line) {
                if (!cell.isBlank()) {
                    cells += weight;
                    numbers += known.isBare(cell) ? weight : known.are(cell) ? 0.8 * weight : 0;
                }
            }
            first = false;
        }
        return filled == 0 || cells == 0 ? 0 : 2.0 * alike / filled + 3 * numbers / cells + (width > 1 ? SEVERAL_COLUMNS : 0);
    }

    /**
     * Whether the first line names the columns: some cell of it is a text over a column of numbers, and none is a number over a
     * column of texts. Without any numbers it names them where all its cells are filled and differ.
     */
    private static boolean isHeaded(List<List<String>> lines, int skipped, Numbers known) {
        if (lines.size() - skipped < 2) {
            return false;
        }
        List<String> first = lines.get(skipped);
        boolean named = false;
        List<Boolean> numeric = new ArrayList<>();
        for (int column = 0; column < first.size(); column++) {
            boolean isNumber = known.are(first.get(column));
            int numbers = 0;
            int filled = 0;
            for (List<String> line : lines.subList(skipped + 1, lines.size())) {
                if (column < line.size() && !line.get(column).isBlank()) {
                    filled++;
                    numbers += known.are(line.get(column)) ? 1 : 0;
                }
            }
            boolean ofNumbers = numbers * 2 > filled;
            numeric.add(ofNumbers && filled > 0);
            if (isNumber) {
                return false;
            }
            named |= ofNumbers && filled > 0 && first.get(column).chars().anyMatch(Character::isLetter);
        }
        return named || numeric.stream().noneMatch(it -> it) && first.size() > 1 && first.stream().noneMatch(String::isBlank)
                && first.stream().distinct().count() == first.size() && lines.size() - skipped > 2;
    }
}
