package hestra.data;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Two tables joined by a column in each that says which rows belong together: every row of the first stays, and the other
 * columns of the second come to it from the row that has the same text, capitals and spaces at the ends apart.
 *
 * @param table the joined table
 * @param matched how many rows of the first found one in the second
 * @param unmatched the texts of the first's rows that found none, in order, each once
 * @param left the texts of the second that no row of the first has, in order
 * @param repeated texts that stand in several rows of the second: the first of these was taken
 */
public record Join(DataTable table, int matched, List<String> unmatched, List<String> left, List<String> repeated) {

    /** The columns by which two tables are joined. */
    public record Keys(int first, int second) {}

    /** The two columns that have the most texts in common; nothing where none have any. */
    public static Optional<Keys> likelyKeys(DataTable first, DataTable second) {
        Keys best = null;
        int most = 0;
        for (int i = 0; i < first.width(); i++) {
            Set<String> texts = keys(first, i);
            for (int k = 0; k < second.width(); k++) {
                Set<String> common = new HashSet<>(keys(second, k));
                common.retainAll(texts);
                common.remove("");
                if (common.size() > most) {
                    most = common.size();
                    best = new Keys(i, k);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** The first table with the other columns of the second. */
    public static Join of(DataTable first, DataTable second, Keys keys) {
        Map<String, Row> rows = new HashMap<>();
        Set<String> repeated = new LinkedHashSet<>();
        for (int i = 0; i < second.size(); i++) {
            String text = second.cell(i, keys.second).text();
            if (!text.isEmpty() && rows.putIfAbsent(key(text), second.row(i)) != null) {
                repeated.add(text);
            }
        }
        List<Variable> variables = new ArrayList<>(first.variables());
        for (int column = 0; column < second.width(); column++) {
            if (column != keys.second) {
                variables.add(fresh(second.variable(column), variables));
            }
        }
        int matched = 0;
        Set<String> unmatched = new LinkedHashSet<>();
        Set<String> used = new HashSet<>();
        List<Row> joined = new ArrayList<>();
        for (int i = 0; i < first.size(); i++) {
            String text = first.cell(i, keys.first).text();
            Row found = rows.get(key(text));
            if (found != null) {
                matched++;
                used.add(key(text));
            } else if (!first.row(i).isEmpty()) {
                unmatched.add(text.isEmpty() ? "row " + (i + 1) : text);
            }
            joined.add(first.row(i).joined(first.width(), found == null ? Row.EMPTY : found, keys.second, second.width()));
        }
        List<String> left = second.rows().stream().map(row -> row.cell(keys.second).text())
                .filter(text -> !text.isEmpty() && !used.contains(key(text))).distinct().toList();
        return new Join(new DataTable(variables, joined), matched, List.copyOf(unmatched), left, List.copyOf(repeated));
    }

    private static Set<String> keys(DataTable table, int column) {
        Set<String> texts = new HashSet<>();
        table.rows().forEach(row -> texts.add(key(row.cell(column).text())));
        return texts;
    }

    private static String key(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }

    /** The variable under a name that no other has. */
    private static Variable fresh(Variable variable, List<Variable> others) {
        String name = variable.name();
        for (int number = 2; others.stream().map(Variable::name).toList().contains(name); number++) {
            name = variable.name() + " " + number;
        }
        return variable.withName(name);
    }
}
