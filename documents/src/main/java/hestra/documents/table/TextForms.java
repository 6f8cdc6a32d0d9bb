package hestra.documents.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import hestra.numbers.Counted;

/**
 * Forms in which people write data that are no table yet, rewritten as one: pairs in brackets, a line of values for each
 * variable. Lines that only rule a table off are left out.
 *
 * @param text rows and columns
 * @param notes what was rewritten and left out, as short sentences
 */
record TextForms(String text, List<String> notes) {

    /** A longer text was written by a program, which rules nothing off by hand. */
    private static final int LONGEST = 1 << 20;
    private static final Pattern RULE = Pattern.compile("[\\s|+:;,┼│├┤]*(?:[-=_*─━═]{3,}[\\s|+:;,┼│├┤]*)+");
    private static final Pattern PAIR = Pattern.compile("\\(([^()]*)\\)|\\[([^\\[\\]]*)\\]");
    private static final Pattern BETWEEN = Pattern.compile("[\\s,;{}\\[\\]…]*");
    private static final Pattern NAMED =
            Pattern.compile("\\s*(?<name>\\p{L}[^=:;,\\t\\d]{0,40}\\d?[^=:;,\\t\\d]{0,20}?)\\s*[=:]\\s*(?<values>.*\\S)\\s*");
    private static final Pattern NUMBER = Pattern.compile("[-+\u2212]?\\d[\\d.,]*(?:[eE][-+]?\\d+)?");
    private static final int MOST_SERIES = 12;

    static TextForms of(String text) {
        if (text.length() > LONGEST) {
            return new TextForms(text, List.of());
        }
        List<String> notes = new ArrayList<>();
        String plain = hasRules(text) ? withoutRules(text, notes) : text;
        Optional<String> pairs = pairs(plain);
        if (pairs.isPresent()) {
            notes.add("each pair of brackets is read as a row");
            return new TextForms(pairs.get(), notes);
        }
        Optional<String> series = series(plain);
        if (series.isPresent()) {
            notes.add("each line is read as a column");
            return new TextForms(series.get(), notes);
        }
        return new TextForms(plain, notes);
    }

    /** Whether some line is a rule: soon told, since most lines begin with a letter or a digit. */
    private static boolean hasRules(String text) {
        int start = 0;
        while (start < text.length()) {
            int end = text.indexOf('\n', start);
            end = end < 0 ? text.length() : end;
            if (end > start && !Character.isLetterOrDigit(text.charAt(start))
                    && RULE.matcher(text.substring(start, end)).matches()) {
                return true;
            }
            start = end + 1;
        }
        return false;
    }

    private static String withoutRules(String text, List<String> notes) {
        List<String> lines = text.lines().toList();
        List<String> kept = lines.stream().filter(line -> !RULE.matcher(line).matches()).toList();
        if (kept.isEmpty() || kept.size() == lines.size()) {
            return text;
        }
        notes.add(Counted.of(lines.size() - kept.size(), "rule line") + " left out");
        return String.join("\n", kept);
    }

    /** "(1, 2.5), (2, 3.7)" as rows; nothing where there is anything else in the text. */
    private static Optional<String> pairs(String text) {
        if (text.indexOf('(') < 0 && text.indexOf('[') < 0) {
            return Optional.empty();
        }
        String inner = text.strip();
        boolean enclosed = inner.startsWith("[(") && inner.endsWith(")]") || inner.startsWith("[[") && inner.endsWith("]]")
                || inner.startsWith("{") && inner.endsWith("}");
        inner = enclosed ? inner.substring(1, inner.length() - 1) : inner;
        Matcher pair = PAIR.matcher(inner);
        List<String> rows = new ArrayList<>();
        int end = 0;
        while (pair.find()) {
            String within = pair.group(1) == null ? pair.group(2) : pair.group(1);
            List<String> cells = cells(within);
            if (!BETWEEN.matcher(inner.substring(end, pair.start())).matches() || cells.size() < 2
                    || !cells.stream().allMatch(cell -> NUMBER.matcher(cell).matches())) {
                return Optional.empty();
            }
            rows.add(String.join("\t", cells));
            end = pair.end();
        }
        return rows.size() < 2 || !BETWEEN.matcher(inner.substring(end)).matches()
                ? Optional.empty() : Optional.of(String.join("\n", rows));
    }

    /** "x = 1, 2, 3" over "y = 4, 5, 6" as columns; nothing where a line is not like that. */
    private static Optional<String> series(String text) {
        List<String> filled = text.lines().filter(line -> !line.isBlank()).limit(MOST_SERIES + 1L).toList();
        if (filled.isEmpty() || filled.size() > MOST_SERIES) {
            return Optional.empty();
        }
        List<List<String>> columns = new ArrayList<>();
        for (String line : filled) {
            Matcher named = NAMED.matcher(line);
            if (!named.matches()) {
                return Optional.empty();
            }
            List<String> values = cells(named.group("values").replaceAll("^[\\[({]|[\\])}]$", "")
                    .replaceAll("[,;]?\\s*(?:…|\\.\\.\\.)$", ""));
            if (values.size() < 2 || !values.stream().allMatch(value -> NUMBER.matcher(value).matches())) {
                return Optional.empty();
            }
            List<String> column = new ArrayList<>(List.of(named.group("name")));
            column.addAll(values);
            columns.add(column);
        }
        return Optional.of(across(columns).stream().map(row -> String.join("\t", row)).collect(Collectors.joining("\n")));
    }

    /** Values in a line: by semicolons where there are any, else by commas and spaces. */
    private static List<String> cells(String text) {
        String separator = text.indexOf(';') >= 0 ? "\\s*;\\s*"
                : text.matches(".*,\\s.*") ? "\\s*,\\s+"
                : text.indexOf(',') >= 0 && !text.strip().matches(".*\\s.*") ? ","
                : "\\s+";
        return Arrays.stream(text.strip().split(separator)).map(String::strip).toList();
    }

    /** Lines as columns. */
    static List<List<String>> across(List<List<String>> lines) {
        int longest = lines.stream().mapToInt(List::size).max().orElse(0);
        List<List<String>> turned = new ArrayList<>();
        for (int i = 0; i < longest; i++) {
            List<String> row = new ArrayList<>();
            for (List<String> line : lines) {
                row.add(i < line.size() ? line.get(i) : "");
            }
            turned.add(row);
        }
        return turned;
    }
}
