package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Sequence;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desktop.parts.Clip;

/**
 * What can be done with the selected cells besides typing and pasting. The shape of the table is changed by keys with Alt:
 * Alt and arrows carry rows and columns along, Alt+Insert and Alt+Delete put rows in and take them out, with Shift columns.
 */
final class GridActions {

    private final GridSource source;
    private final IntConsumer name;
    private final IntConsumer use;

    /** The actions of a grid; {@code name} has the heading of a column typed, {@code use} shows what it may be for. */
    GridActions(GridSource source, IntConsumer name, IntConsumer use) {
        this.source = source;
        this.name = name;
        this.use = use;
    }

    /** In the groups of the menu. */
    List<List<GridAction>> all() {
        List<GridAction> cells = List.of(
                new GridAction(GridKey.COPY, _ -> true, this::copy),
                new GridAction(GridKey.CUT, _ -> true, area -> clear(copy(area))),
                new GridAction(GridKey.FILL, this::canFill, this::fill),
                new GridAction(GridKey.CLEAR, _ -> true, this::clear),
                new GridAction(GridKey.CLEAR_COLUMN, _ -> true, area -> {
                    source.change(new TableEdit.Clear(0, area.firstColumn(), Math.max(0, table().size() - 1), area.lastColumn()));
                    return area;
                }));
        List<GridAction> rows = List.of(
                new GridAction(GridKey.INSERT_ROW, this::isInside, area -> {
                    source.change(new TableEdit.InsertRows(area.firstRow(), area.rows()));
                    return area;
                }),
                new GridAction(GridKey.REMOVE_ROW, this::isInside, area -> {
                    source.change(new TableEdit.RemoveRows(IntStream.rangeClosed(area.firstRow(),
                            Math.min(area.lastRow(), table().size() - 1)).boxed().toList()));
                    return Area.of(area.firstRow(), area.firstColumn());
                }),
                new GridAction(GridKey.ROW_UP, area -> isInside(area) && area.firstRow() > 0,
                        area -> moveRows(area, -1)),
                new GridAction(GridKey.ROW_DOWN, area -> area.lastRow() < table().size() - 1,
                        area -> moveRows(area, 1)));
        GridAction naming = new GridAction(GridKey.NAME, _ -> true, area -> {
            name.accept(area.firstColumn());
            return area;
        });
        GridAction using = new GridAction(GridKey.USE, _ -> source.ownsColumns(), area -> {
            use.accept(area.firstColumn());
            return area;
        });
        List<GridAction> columns = List.of(naming, using,
                new GridAction(GridKey.INSERT_COLUMN, _ -> source.ownsColumns() && table()
                        .width() < DataTable.MOST_COLUMNS, area -> {
                    source.change(new TableEdit.InsertColumn(area.lastColumn() + 1, Variable.named(freshName())));
                    return Area.of(area.firstRow(), area.lastColumn() + 1);
                }),
                new GridAction(GridKey.REMOVE_COLUMN, _ -> source.ownsColumns() && table().width() > 2, area -> {
                    source.change(new TableEdit.RemoveColumn(area.firstColumn()));
                    return Area.of(area.firstRow(), Math.max(0, area.firstColumn() - 1));
                }),
                new GridAction(GridKey.COLUMN_LEFT, area -> source.ownsColumns() && area.firstColumn() > 0,
                        area -> moveColumn(area, -1)),
                new GridAction(GridKey.COLUMN_RIGHT, area -> source.ownsColumns() && area.firstColumn() < table()
                        .width() - 1, area -> moveColumn(area, 1)));
        return source.fitsCurves() ? List.of(cells, rows, columns, fits()) : List.of(cells, rows, columns);
    }

    private List<GridAction> fits() {
        return List.of(
                new GridAction(GridKey.FIT_THESE, area -> area.rows() > 1 && isInside(area), area -> {
                    source.fitOnly(IntStream.rangeClosed(area.firstRow(), Math.min(area.lastRow(), table().size() - 1)).boxed()
                            .collect(Collectors.toSet()));
                    return area;
                }),
                new GridAction(GridKey.FIT_ALL, _ -> true, area -> {
                    source.fitOnly(Set.of());
                    return area;
                }));
    }

    private DataTable table() {
        return source.table();
    }

    private boolean isInside(Area area) {
        return area.firstRow() < table().size();
    }

    private Area copy(Area area) {
        StringBuilder text = new StringBuilder();
        for (int row = area.firstRow(); row <= area.lastRow(); row++) {
            List<String> cells = new ArrayList<>();
            for (int column = area.firstColumn(); column <= area.lastColumn(); column++) {
                cells.add(table().shown(row, column));
            }
            text.append(String.join("\t", cells)).append('\n');
        }
        Clip.put(text.toString());
        return area;
    }

    private Area clear(Area area) {
        source.change(new TableEdit.Clear(area.firstRow(), area.firstColumn(), area.lastRow(), area.lastColumn()));
        return area;
    }

    /** Two numbers above one another begin a sequence. */
    private boolean canFill(Area area) {
        return IntStream.rangeClosed(area.firstColumn(), area.lastColumn()).anyMatch(column ->
                Sequence.of(table().cell(area.firstRow(), column), table().cell(area.firstRow() + 1, column)).isPresent())
                && fillEnd(area) > area.firstRow() + 1;
    }

    /** Down to where the selection ends; with only the two numbers selected, to the end of the data beside them. */
    private int fillEnd(Area area) {
        return area.rows() > 2 ? area.lastRow() : lastBeside(area);
    }

    private int lastBeside(Area area) {
        int row = area.firstRow() + 1;
        while (row + 1 < table().size() && !hasAny(row + 1, area.firstColumn(), area.lastColumn())) {
            row++;
        }
        return row;
    }

    private boolean hasAny(int row, int firstColumn, int lastColumn) {
        return IntStream.rangeClosed(firstColumn, lastColumn).mapToObj(column -> table().cell(row, column))
                .anyMatch(cell -> !(cell instanceof Cell.Empty));
    }

    private Area fill(Area area) {
        int end = fillEnd(area);
        source.change(new TableEdit.Fill(area.firstRow(), area.firstColumn(), end, area.lastColumn()));
        return new Area(area.firstRow(), area.firstColumn(), end, area.lastColumn());
    }

    private Area moveRows(Area area, int by) {
        source.change(new TableEdit.MoveRows(area.firstRow(), area.lastRow(), by));
        return new Area(area.firstRow() + by, area.firstColumn(), area.lastRow() + by, area.lastColumn());
    }

    private Area moveColumn(Area area, int by) {
        source.change(new TableEdit.MoveColumn(area.firstColumn(), by));
        return Area.of(area.firstRow(), area.firstColumn() + by);
    }

    /** A name that no column has yet. */
    private String freshName() {
        List<String> taken = table().variables().stream().map(Variable::name).toList();
        return IntStream.iterate(table().width() + 1, number -> number + 1).mapToObj(number -> "column " + number)
                .filter(name -> !taken.contains(name)).findFirst().orElseThrow();
    }
}
