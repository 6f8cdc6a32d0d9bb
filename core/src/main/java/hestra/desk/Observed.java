package hestra.desk;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.figure.PlotContent;

/**
 * A table seen through its roles: the pairs that a fit uses and the points that a plot shows.
 *
 * @param table the table
 * @param roles what its columns are for
 * @param pairs the pairs that take part, and what is left out
 * @param groups the names of the groups, in the order in which they come
 * @param points the points, those set aside among them, in the order of the table
 */
record Observed(DataTable table, Roles roles, Pairs pairs, List<String> groups, List<PlotContent.Point> points) {

    private static final int MOST_GROUPS = 12;

    static Observed of(DataTable table, Roles roles) {
        List<String> groups = groups(table, roles);
        return new Observed(table, roles, Pairs.of(table, roles), groups, points(table, roles, groups));
    }

    /**
     * The table after this one. Where one point has moved and nothing else, the others are taken over as they were, so that one
     * of a hundred thousand is dragged as smoothly as one of ten.
     */
    Observed next(DataTable changed, Roles changedRoles) {
        if (changed == table && changedRoles.equals(roles)) {
            return this;
        }
        OptionalInt row = changedRoles.equals(roles) ? changed.onlyRowOtherThanIn(table) : OptionalInt.empty();
        return (row.isPresent() ? moved(changed, row.getAsInt()) : Optional.<Observed>empty())
                .orElseGet(() -> of(changed, changedRoles));
    }

    private Optional<Observed> moved(DataTable changed, int row) {
        boolean sameOtherwise = changed.row(row).isSetAside() == table.row(row).isSetAside()
                && Stream.of(roles.label(), roles.group(), roles.count()).flatMap(column -> column.stream().boxed())
                    .allMatch(column -> changed.cell(row, column).equals(table.cell(row, column)));
        int pair = pairs.indexOfRow(row);
        int point = Collections.binarySearch(points, new PlotContent.Point(row, 0, 0, false),
                Comparator.comparingInt(PlotContent.Point::row));
        if (!sameOtherwise || pair < 0 || point < 0 || !(changed.cell(row, roles.explanatory()) instanceof Cell.Measured x)
                || !(changed.cell(row, roles.response()) instanceof Cell.Measured y)) {
            return Optional.empty();
        }
        List<PlotContent.Point> moved = new ArrayList<>(points);
        moved.set(point, points.get(point).movedTo(x.value(), y.value()));
        return Optional.of(new Observed(changed, roles, pairs.withMoved(pair, x.value(), y.value()), groups, List.copyOf(moved)));
    }

    /** The different texts of the group column, in the order in which they come. */
    private static List<String> groups(DataTable table, Roles roles) {
        return roles.group().isEmpty() ? List.of() : table.rows().stream().map(row -> row.cell(roles.group().getAsInt()).text())
                .filter(text -> !text.isEmpty()).distinct().limit(MOST_GROUPS).toList();
    }

    private static List<PlotContent.Point> points(DataTable table, Roles roles, List<String> groups) {
        Map<String, Integer> indices = new HashMap<>();
        groups.forEach(group -> indices.put(group, indices.size()));
        List<PlotContent.Point> points = new ArrayList<>();
        for (int i = 0; i < table.size(); i++) {
            Row row = table.row(i);
            if (row.cell(roles.explanatory()) instanceof Cell.Measured x
                    && row.cell(roles.response()) instanceof Cell.Measured y) {
                points.add(new PlotContent.Point(i, x.value(), y.value(), row.isSetAside(), text(row, roles.label()),
                        indices.getOrDefault(text(row, roles.group()), groups.size()),
                                Pairs.countOf(row, roles.count()).orElse(1)));
            }
        }
        return List.copyOf(points);
    }

    private static String text(Row row, OptionalInt column) {
        return column.isPresent() ? row.cell(column.getAsInt()).text() : "";
    }
}
