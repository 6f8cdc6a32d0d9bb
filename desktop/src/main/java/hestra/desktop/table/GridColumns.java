package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.DoubleSupplier;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;

/** The columns of a grid: the rows' numbers, the data, and one that is computed. */
final class GridColumns {

    private static final double NUMBERS = 38;
    /** A digit of a row's number in the largest type, and what stands about the number. */
    private static final double DIGIT = 9.5;
    private static final double EDGES = 12;
    private static final double COMPUTED = 70;
    /** A letter of the figures' typeface, which are all equally wide, in the usual size and in that of long numbers. */
    private static final double LETTER = 7.9;
    private static final double SMALL_LETTER = 6.7;
    private static final double ABOUT = 22;
    private static final double ABOUT_SMALL = 13;
    /** Longer texts are cut: nobody compares numbers of so many digits. */
    private static final int LONGEST = 20;
    /** So many rows tell whether numbers are long. */
    private static final int LOOKED_AT = 30;
    private static final double LEAST = 84;
    private static final double USUAL = 90;
    /** Columns grow with the type up to this, or two of them would not fit. */
    private static final double MOST_OF_TYPE = 1.15;
    /** So many columns share the width; more keep theirs and are scrolled to. */
    private static final int FEW = 2;
    private static final double LEAST_MINOR = 50;
    private static final double MOST_EXTRA = 110;

    private final TableView<Integer> view;
    private final ReadOnlyDoubleWrapper extra = new ReadOnlyDoubleWrapper();
    private final GridSource source;
    private final ObservableValue<Number> version;
    private final String lastTitle;
    private final Function<Integer, String> lastColumn;
    private final Runnable afterNaming;
    private final DoubleSupplier type;
    private final List<GridHeading> headings = new ArrayList<>();
    private final List<TableColumn<Integer, String>> data = new ArrayList<>();
    private Optional<TableColumn<Integer, String>> computed = Optional.empty();

    /**
     * Columns of a view.
     *
     * @param version changes when the table may have
     * @param lastTitle heading of the computed column; empty for none
     * @param lastColumn its text for a row
     * @param afterNaming is run when a heading has been changed in place
     * @param type how large type is
     */
    GridColumns(TableView<Integer> view, GridSource source, ObservableValue<Number> version, String lastTitle,
            Function<Integer, String> lastColumn,
            Runnable afterNaming, DoubleSupplier type) {
        this.view = view;
        this.source = source;
        this.version = version;
        this.lastTitle = lastTitle;
        this.lastColumn = lastColumn;
        this.afterNaming = afterNaming;
        this.type = type;
    }

    /** Makes the columns anew where there are more or fewer than the table has, and shows their names. */
    void fit(IntFunction<EditCell> cells) {
        if (headings.size() != source.table().width()) {
            build(cells);
        }
        headings.forEach(GridHeading::show);
        int digits = Integer.toString(view.getItems().size()).length();
        double wide = Math.max(NUMBERS, EDGES + DIGIT * digits);
        if (!view.getColumns().isEmpty() && view.getColumns().getFirst().getMinWidth() != wide) {
            fixed(view.getColumns().getFirst(), wide);
        }
        makeRoom();
    }

    /** Long numbers get more room; beside the pairs' columns that of their names, as little as it takes, is to be in sight. */
    private void makeRoom() {
        boolean changed = false;
        double more = 0;
        double size = Math.min(type.getAsDouble(), MOST_OF_TYPE);
        for (int i = 0; i < headings.size(); i++) {
            TableColumn<Integer, ?> column = of(i);
            boolean axis = source.roles().isMeasured(i);
            double least = size * (axis ? Math.max(LEAST, roomOf(i)) : minor(i));
            boolean names = source.roles().label().equals(OptionalInt.of(i));
            more += axis ? least - size * LEAST : names ? least : 0;
            if (column.getMinWidth() != least) {
                changed = true;
                column.setMinWidth(least);
                // Only now: somebody may have drawn it to another width since.
                column.setPrefWidth(axis ? Math.max(column.getPrefWidth(), least) : least);
            }
        }
        if (computed.isPresent()) {
            TableColumn<Integer, String> residuals = computed.get();
            double room = type.getAsDouble() * Math.max(COMPUTED, residuals.isVisible() ? room(lastColumn) : 0);
            more += room - type.getAsDouble() * COMPUTED;
            if (residuals.getMinWidth() != room) {
                fixed(residuals, room);
                changed = true;
            }
            besideResponse(residuals);
        }
        extra.set(Math.min(more, MOST_EXTRA));
        if (changed) {
            view.getColumnResizePolicy().call(new TableView.ResizeFeatures<>(view, null, 0.0));
        }
    }

    /** The computed column stands beside the response, of which it is what is left over. */
    private void besideResponse(TableColumn<Integer, String> residuals) {
        if (view.getColumns().indexOf(residuals) != placeOfComputed()) {
            view.getColumns().remove(residuals);
            view.getColumns().add(placeOfComputed(), residuals);
        }
    }

    /** After the rows' numbers and the response; where few columns share the width, at their end. */
    private int placeOfComputed() {
        return data.size() > FEW ? source.roles().response() + 2 : data.size() + 1;
    }

    /** How much more room than usual long numbers need. */
    ReadOnlyDoubleProperty extraProperty() {
        return extra.getReadOnlyProperty();
    }

    private double roomOf(int column) {
        return room(row -> source.table().shown(row, column));
    }

    /** The room for a column that stands on no axis: its name and its texts, and no more. */
    private double minor(int column) {
        double name = source.table().variable(column).name().length() * LETTER + ABOUT;
        return Math.clamp(Math.max(name, roomOf(column)), LEAST_MINOR, LEAST);
    }

    /** The room that the widest of a column's texts takes at the usual size of type. */
    private double room(Function<Integer, String> text) {
        return IntStream.range(0, Math.min(LOOKED_AT, source.table().size()))
                .mapToDouble(row -> room(text.apply(row).length())).max().orElse(0);
    }

    /** Long texts are set in smaller type, so that they may take less room than some that are shorter. */
    private static double room(int letters) {
        return letters > GridCell.USUAL_LENGTH
                ? Math.min(letters, LONGEST) * SMALL_LETTER + ABOUT_SMALL : letters * LETTER + ABOUT;
    }

    /** The view's column of a data column. */
    TableColumn<Integer, ?> of(int column) {
        return data.get(column);
    }

    /** Whether a column of the view is computed, and holds nothing that can be changed. */
    boolean isComputed(TableColumn<?, ?> column) {
        return column != null && computed.filter(it -> it == column).isPresent();
    }

    /** The data column that stands in a column of the view; the first where none does. */
    int indexOf(TableColumn<?, ?> column) {
        return Math.max(0, data.indexOf(column));
    }

    /** Has the name of a column typed. */
    void name(int column) {
        headings.get(column).edit();
    }

    /** Shows what can be done with a column. */
    void showMenu(int column) {
        headings.get(column).showMenu();
    }

    void note(int column, String text) {
        headings.get(column).note(text);
    }

    void showLast(boolean shown) {
        computed.ifPresent(column -> column.setVisible(shown));
    }

    private void build(IntFunction<EditCell> cells) {
        headings.clear();
        data.clear();
        boolean residualsShown = computed.filter(TableColumn::isVisible).isPresent();
        // All at once: columns that come one by one into a table that is showing share its width unevenly.
        List<TableColumn<Integer, String>> columns = new ArrayList<>();
        TableColumn<Integer, String> number = new TableColumn<>("");
        number.setCellFactory(_ -> new GridCell(view, version, row -> Integer.toString(row + 1), "number-cell"));
        number.getStyleClass().add("number-column");
        fixed(number, NUMBERS);
        columns.add(number);
        for (int i = 0; i < source.table().width(); i++) {
            data.add(data(i, cells));
        }
        columns.addAll(data);
        if (!lastTitle.isEmpty()) {
            TableColumn<Integer, String> last = new TableColumn<>(lastTitle);
            last.setCellFactory(_ -> new GridCell(view, version, lastColumn, "computed-cell"));
            last.getStyleClass().add("computed-column");
            fixed(last, COMPUTED);
            last.setVisible(residualsShown);
            computed = Optional.of(last);
            columns.add(placeOfComputed(), last);
        }
        view.setColumnResizePolicy(source.table().width() > FEW ? TableView.UNCONSTRAINED_RESIZE_POLICY
                : TableView.CONSTRAINED_RESIZE_POLICY_ALL_COLUMNS);
        view.getColumns().setAll(columns);
    }

    private TableColumn<Integer, String> data(int index, IntFunction<EditCell> cells) {
        TableColumn<Integer, String> column = new TableColumn<>();
        GridHeading heading = new GridHeading(source, index, afterNaming);
        headings.add(heading);
        column.setGraphic(heading);
        column.setCellFactory(_ -> cells.apply(index));
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(source.table().shown(row.getValue(), index)));
        column.setSortable(false);
        column.setReorderable(false);
        column.setMinWidth(LEAST);
        column.setPrefWidth(source.table().width() > FEW ? LEAST : USUAL);
        return column;
    }

    private static void fixed(TableColumn<Integer, ?> column, double width) {
        column.setSortable(false);
        column.setReorderable(false);
        column.setEditable(false);
        column.setMinWidth(width);
        column.setMaxWidth(width);
        column.setPrefWidth(width);
    }
}
