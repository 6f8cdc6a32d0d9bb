package hestra.task;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;

import hestra.numbers.NumberStyle;
import hestra.working.CalculationCells;

/**
 * A calculation with cells to be filled in, as tables on paper: what is asked, and what that is worked out from. What is neither
 * is left out, since it may tell the answer to another task.
 *
 * @param fill what is filled in
 * @param style how numbers look
 */
record PaperCalculation(FillIn fill, NumberStyle style) {

    /** Its tables, and a line for each value that is asked for beside them. */
    List<OnPaper> grids() {
        Set<String> needed = needed();
        List<OnPaper> all = new ArrayList<>();
        Set<String> inGrids = new HashSet<>();
        for (CalculationCells.Grid grid : fill.cells().grids()) {
            List<List<OnPaper.Cell>> lines = lines(grid, needed);
            grid.ids().forEach(inGrids::addAll);
            if (!lines.isEmpty()) {
                all.add(new OnPaper.Grid(grid.title(), lines));
            }
        }
        fill.asked().stream().filter(id -> !inGrids.contains(id))
                .forEach(id -> all.add(new OnPaper.Blank(name(id), "", shown(id))));
        return all;
    }

    private Set<String> needed() {
        Set<String> needed = new HashSet<>(fill.asked());
        fill.cells().cells().stream().filter(cell -> CalculationCells.isGiven(cell.group())).map(CalculationCells.Cell::id)
                .forEach(needed::add);
        fill.asked().forEach(id -> needed.addAll(fill.cells().inputs(id)));
        return needed;
    }

    private List<List<OnPaper.Cell>> lines(CalculationCells.Grid grid, Set<String> needed) {
        boolean matrix = fill.way() == CalculationCells.Way.MATRICES;
        List<Integer> rows = IntStream.range(0, grid.ids().size())
                .filter(i -> grid.ids().get(i).stream().anyMatch(matrix ? needed::contains : isTold(grid, needed)))
                .boxed().toList();
        List<Integer> columns = IntStream.range(0, grid.ids().stream().mapToInt(List::size).max().orElse(0))
                .filter(k -> matrix || rows.stream().anyMatch(i -> k < grid.ids().get(i).size()
                        && needed.contains(grid.ids().get(i).get(k)))).boxed().toList();
        if (rows.isEmpty() || columns.isEmpty()) {
            return List.of();
        }
        List<List<OnPaper.Cell>> lines = new ArrayList<>();
        boolean named = !grid.rows().isEmpty();
        if (!grid.columns().isEmpty()) {
            List<OnPaper.Cell> head = new ArrayList<>();
            if (named) {
                head.add(OnPaper.Cell.heading(""));
            }
            columns.forEach(k -> head.add(OnPaper.Cell.heading(grid.columns().get(k))));
            lines.add(head);
        }
        for (int i : rows) {
            List<OnPaper.Cell> line = new ArrayList<>();
            if (named) {
                line.add(OnPaper.Cell.heading(grid.rows().get(i)));
            }
            columns.forEach(k -> line.add(k < grid.ids().get(i).size() ? cell(grid.ids().get(i).get(k), needed)
                    : new OnPaper.Cell("", OnPaper.Cell.Sort.NONE)));
            lines.add(line);
        }
        return lines;
    }

    /**
     * Whether a line of a table of sums is printed: one in which something is asked for. Of a table with headings that is the
     * line of a pair; of one without, a value.
     */
    private Predicate<String> isTold(CalculationCells.Grid grid, Set<String> needed) {
        Set<String> asked = Set.copyOf(fill.asked());
        boolean ofPairs = !grid.columns().isEmpty();
        return id -> ofPairs ? asked.contains(id) : needed.contains(id);
    }

    private OnPaper.Cell cell(String id, Set<String> needed) {
        return id.isEmpty() ? new OnPaper.Cell("", OnPaper.Cell.Sort.NONE)
                : fill.asked().contains(id) ? OnPaper.Cell.asked(shown(id))
                : needed.contains(id) ? OnPaper.Cell.given(style.worked(fill.cells().value(id)))
                : OnPaper.Cell.given("");
    }

    private String shown(String id) {
        return style.show(fill.cells().value(id), fill.rounding());
    }

    private String name(String id) {
        return fill.cells().cells().stream().filter(cell -> cell.id().equals(id)).findFirst()
                .map(CalculationCells.Cell::name).orElse(id);
    }
}
