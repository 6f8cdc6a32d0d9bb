package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import hestra.data.Variable;
import hestra.documents.DelimitedText.Block;

/** Pasted columns put in the order of the table, where their headings name the table's variables. */
final class PastedColumns {

    private PastedColumns() {}

    /** The rows of a block; reordered when each variable is named by a heading, as they stand otherwise. */
    static List<List<String>> inOrderOf(List<Variable> variables, Block block) {
        List<Integer> order = new ArrayList<>();
        for (Variable variable : variables) {
            order.add(block.headings().map(headings -> headings.stream()
                    .map(heading -> Variable.fromHeading(heading).name().toLowerCase(Locale.ROOT)).toList()
                    .indexOf(variable.name().toLowerCase(Locale.ROOT))).orElse(-1));
        }
        if (order.contains(-1)) {
            return block.rows();
        }
        return block.rows().stream().map(row -> order.stream()
                .map(column -> column < row.size() ? row.get(column) : "").toList()).toList();
    }
}
