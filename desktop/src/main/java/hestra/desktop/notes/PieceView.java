package hestra.desktop.notes;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.geometry.HPos;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.parts.EquationView;
import hestra.desktop.parts.Formula;
import hestra.documents.page.Piece;

/**
 * A piece of a page as it stands on the sheet. Captions of figures and tables are the sheet's to show, since they are typed
 * there.
 */
public final class PieceView {

    private static final int MOST_ROWS = 12;
    private static final double SMALL = 126;
    private static final double LEAST_HEADING = 46;
    /** About as wide as a letter of small type. */
    private static final double LETTER = 6.6;

    private PieceView() {}

    /** The piece; texts are not shown in this way. */
    public static Node of(Piece piece, Look look) {
        return switch (piece) {
            case Piece.Plot plot -> figure(plot, look);
            case Piece.Plots(List<Piece.Plot> plots, String _, String _) -> several(plots, look);
            case Piece.Table table -> table(table);
            case Piece.Set(var equation, String _) -> {
                EquationView view = new EquationView();
                view.show(equation);
                yield view;
            }
            case Piece.Formula(String text) -> formula(text);
            case Piece.Values(String title, List<Piece.Values.Value> values) -> values(title, values);
            case Piece.Remark(String text) -> small(text);
            case Piece.Comment(String text) -> small(text);
            case Piece.Heading(int _, String text) -> small(text);
            case Piece.Room(String title) -> small(title);
            case Piece.Text _, Piece.Image _, Piece.Answered _, Piece.TaskHead _, Piece.Form _, Piece.Beside _,
                    Piece.Together _, Piece.SideBySide _, Piece.Written _ ->
                    throw new IllegalArgumentException("not kept on a sheet: " + piece);
        };
    }

    private static Label small(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private static Region figure(Piece.Plot plot, Look look) {
        FigureView view = new FigureView(look, plot.drawing()::at);
        view.setMouseTransparent(true);
        view.setAccessibleText(plot.alternative());
        return new InRatio(view, plot.ratio());
    }

    private static Node several(List<Piece.Plot> plots, Look look) {
        TilePane tiles = new TilePane(6, 4);
        tiles.setPrefColumns(2);
        tiles.setPrefTileWidth(SMALL);
        for (Piece.Plot plot : plots) {
            VBox tile = new VBox(small(plot.caption()), figure(plot, look));
            tile.setPrefWidth(SMALL);
            tile.setMaxWidth(SMALL);
            tiles.getChildren().add(tile);
        }
        return tiles;
    }

    private static Node formula(String text) {
        Region set = Formula.wrapping(text);
        set.getStyleClass().add("sheet-formula");
        return set;
    }

    private static Node values(String title, List<Piece.Values.Value> values) {
        FlowPane flow = new FlowPane(14, 2);
        for (Piece.Values.Value value : values) {
            Label name = new Label(value.name());
            name.getStyleClass().add("small");
            Label number = new Label(value.value());
            number.getStyleClass().add("reading-value");
            HBox pair = new HBox(6, name, number);
            pair.setAlignment(Pos.BASELINE_LEFT);
            flow.getChildren().add(pair);
        }
        return title.isBlank() ? flow : new VBox(3, small(title), flow);
    }

    /** The first rows; all of them stand in the report. */
    private static Node table(Piece.Table table) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("kept-table");
        List<Boolean> numbers = table.numbers();
        for (int column = 0; column < table.headings().size(); column++) {
            boolean words = column == 0 && !numbers.getFirst();
            Label heading = small(table.headings().get(column));
            heading.setAlignment(words ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
            heading.setTextAlignment(words ? TextAlignment.LEFT : TextAlignment.RIGHT);
            heading.setMinWidth(Math.max(LEAST_HEADING, LETTER * longestWord(table.headings().get(column))));
            ColumnConstraints width = new ColumnConstraints();
            width.setHalignment(words ? HPos.LEFT : HPos.RIGHT);
            width.setHgrow(Priority.SOMETIMES);
            grid.getColumnConstraints().add(width);
            grid.add(heading, column, 0);
        }
        List<Piece.Table.Line> lines = table.lines();
        IntStream.range(0, Math.min(MOST_ROWS, lines.size())).forEach(row -> {
            for (int column = 0; column < lines.get(row).cells().size(); column++) {
                boolean words = column == 0 && !numbers.getFirst();
                Label cell = new Label(lines.get(row).cells().get(column));
                cell.getStyleClass().add(words ? "small" : "kept-figure");
                cell.setWrapText(words);
                cell.setMinWidth(words ? LETTER * longestWord(cell.getText()) : Region.USE_PREF_SIZE);
                if (lines.get(row).struckOut()) {
                    cell.getStyleClass().add("struck-out");
                }
                grid.add(cell, column, row + 1);
            }
        });
        VBox whole = new VBox(new SidewaysScroll(grid));
        if (!table.caption().isBlank()) {
            whole.getChildren().addFirst(small(table.caption()));
        }
        if (lines.size() > MOST_ROWS) {
            whole.getChildren().add(small("and " + (lines.size() - MOST_ROWS) + " more rows in the report"));
        }
        return whole;
    }

    /** How many letters the longest word has, which is not broken. */
    private static int longestWord(String text) {
        return Stream.of(text.split("\\s+")).mapToInt(String::length).max().orElse(0);
    }

    /** Holds a figure to a height that goes with its width. */
    private static final class InRatio extends Region {
        private final Region inside;
        private final double ratio;

        InRatio(Region inside, double ratio) {
            this.inside = inside;
            this.ratio = ratio;
            getChildren().add(inside);
            setMaxWidth(Double.MAX_VALUE);
        }

        @Override
        public Orientation getContentBias() {
            return Orientation.HORIZONTAL;
        }

        @Override
        protected double computePrefWidth(double height) {
            return 0;
        }

        @Override
        protected double computePrefHeight(double width) {
            return Math.round(Math.max(SMALL * ratio, width * ratio));
        }

        @Override
        protected void layoutChildren() {
            inside.resizeRelocate(0, 0, getWidth(), getHeight());
        }
    }
}
