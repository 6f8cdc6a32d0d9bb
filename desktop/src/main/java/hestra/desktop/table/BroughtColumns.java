package hestra.desktop.table;

import java.util.List;
import java.util.Optional;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.documents.table.DelimitedText;
import hestra.documents.table.DelimitedText.Block;
import hestra.numbers.DecimalMark;

/**
 * A table whose columns came with what was pasted.
 *
 * @param data the table then
 * @param roles what its columns are for
 */
public record BroughtColumns(DataTable data, Roles roles) {

    /**
     * What a block brings into a table whose columns are the person's own. Over an empty table, and where it takes the place of
     * all, it brings all its columns, which without headings are taken for those that were there; at the table's first cell its
     * headings name those that are there; else it brings none.
     *
     * @param whole whether the block may bring all its columns
     */
    public static Optional<BroughtColumns> of(DataTable before, Roles roles, int row, int column, Block block, boolean whole,
            DecimalMark mark) {
        if (whole && block.width() >= 2) {
            DataTable brought = DelimitedText.table(block, before.variables(), mark);
            boolean named = block.headings().isEmpty() && brought.width() == before.width() && before.size() > 0;
            return Optional.of(new BroughtColumns(brought, named ? roles : Roles.likelyIn(brought)).axesFirst(mark));
        }
        return row != 0 || column != 0 ? Optional.empty() : block.headings().map(headings ->
                new BroughtColumns(named(new TableEdit.Paste(row, column, block.rows()).appliedTo(before, mark), headings),
                        roles));
    }

    /**
     * The same with the columns on the axes side by side before all others, and the pairs' names at the left of them: where there
     * is no room for all, these are looked at.
     */
    private BroughtColumns axesFirst(DecimalMark mark) {
        BroughtColumns moved = movedTo(0, roles.label().orElse(-1), mark);
        int first = roles.label().isPresent() ? 1 : 0;
        moved = moved.movedTo(first, moved.roles.explanatory(), mark);
        return moved.movedTo(first + 1, moved.roles.response(), mark);
    }

    private BroughtColumns movedTo(int place, int column, DecimalMark mark) {
        if (column <= place) {
            return this;
        }
        TableEdit move = new TableEdit.MoveColumn(column, place - column);
        DataTable changed = move.appliedTo(data, mark);
        return new BroughtColumns(changed, roles.following(move::columnAfter, changed));
    }

    private static DataTable named(DataTable table, List<String> headings) {
        DataTable named = table;
        for (int i = 0; i < Math.min(headings.size(), table.width()); i++) {
            named = headings.get(i).isBlank() ? named : named.withVariable(i, Variable.fromHeading(headings.get(i)));
        }
        return named;
    }
}
