package hestra.desktop.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.beans.property.DoubleProperty;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Region;

/**
 * The columns of a view: side by side where the window is wide enough, else one at a time, chosen by the names above it. What
 * takes the keyboard comes into view, whichever column it is in.
 */
public final class Columns extends Region {

    private static final double LEAST = 900;
    /** Larger type needs more room, if not as much more as it is larger. */
    private static final double BY_TYPE = 600;

    private final SplitPane side;
    private final DoubleProperty type;
    private final Choices<Integer> names;
    private final List<Node> columns;
    private final List<ScrollPane> alone = new ArrayList<>();
    private List<KeptDivider> dividers = List.of();
    private boolean narrow;
    private int chosen;

    /**
     * Columns in a pane, in which they stand already.
     *
     * @param id names the choice among them
     * @param side holds them while they stand side by side
     * @param names what they are called, in their order
     * @param type how large the type is, 1 for usual
     */
    public Columns(String id, SplitPane side, List<String> names, DoubleProperty type) {
        this.side = side;
        this.type = type;
        this.columns = new ArrayList<>(side.getItems());
        this.names = new Choices<>(id, IntStream.range(0, names.size()).boxed().toList(), names::get, this::choose);
        this.names.getStyleClass().add("column-names");
        for (int i = 0; i < columns.size(); i++) {
            ScrollPane scroll = new ScrollPane();
            scroll.setFitToWidth(true);
            scroll.setFitToHeight(true);
            scroll.getStyleClass().add("column-alone");
            alone.add(scroll);
        }
        getStyleClass().add("columns");
        getChildren().add(side);
        widthProperty().subscribe(this::fold);
    }

    /** The dividers between the columns, which come to their places when there is room again, and with type of another size. */
    public void place(KeptDivider... between) {
        dividers = List.of(between);
        type.addListener(_ -> {
            fold();
            makeRoom();
        });
    }

    /** Puts the dividers where they belong. */
    public void makeRoom() {
        dividers.forEach(KeptDivider::place);
    }

    /** Looks again whether there is room for all: the size of the type is another. */
    private void fold() {
        boolean now = getWidth() > 0 && getWidth() < LEAST + BY_TYPE * Math.max(0, type.get() - 1);
        if (now == narrow) {
            return;
        }
        narrow = now;
        if (narrow) {
            side.getItems().clear();
            getChildren().setAll(names);
            getChildren().addAll(alone);
            IntStream.range(0, columns.size()).forEach(i -> alone.get(i).setContent(columns.get(i)));
            choose(chosen);
        } else {
            alone.forEach(scroll -> scroll.setContent(null));
            side.getItems().setAll(columns);
            getChildren().setAll(side);
            makeRoom();
        }
    }

    /** Puts something in the place of a column. */
    public void set(int index, Node column) {
        columns.set(index, column);
        if (narrow) {
            alone.get(index).setContent(column);
        } else {
            side.getItems().set(index, column);
        }
    }

    /** What stands in a place. */
    public Node get(int index) {
        return columns.get(index);
    }

    private void choose(int index) {
        chosen = index;
        names.show(Optional.of(index));
        for (int i = 0; i < alone.size(); i++) {
            alone.get(i).setVisible(i == index);
        }
        requestLayout();
    }

    /** Shows the column that a node is in, where they do not all stand side by side. */
    static void bring(Node node) {
        for (Node it = node; it != null; it = it.getParent()) {
            if (it.getParent() instanceof Columns columns && columns.alone.contains(it)) {
                columns.choose(columns.alone.indexOf(it));
            }
        }
    }

    /** Whether a node is a column that is out of sight for now, but comes when it takes the keyboard. */
    static boolean isWaiting(Node node) {
        return node.getParent() instanceof Columns columns && columns.alone.contains(node);
    }

    @Override
    protected void layoutChildren() {
        if (!narrow) {
            side.resizeRelocate(0, 0, getWidth(), getHeight());
            return;
        }
        double top = names.prefHeight(getWidth());
        names.resizeRelocate(0, 0, getWidth(), top);
        alone.forEach(scroll -> scroll.resizeRelocate(0, top, getWidth(), Math.max(0, getHeight() - top)));
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected double computePrefWidth(double height) {
        return side.prefWidth(height);
    }

    @Override
    protected double computePrefHeight(double width) {
        return side.prefHeight(width);
    }
}
