package hestra.desktop.window;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desk.PlotDescription;
import hestra.desktop.parts.Clip;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.Tip;

/** The plot in words, to be read, heard or copied: what it shows, and every point. */
final class PlotWordsBoard extends Board {

    private static final double WIDTH = 620;
    private static final int POINT_LINES = 12;

    /** A board with what is said of a plot as it is now; {@code saveTactile} saves it for fingers. */
    PlotWordsBoard(PlotDescription plot, Runnable saveTactile) {
        super("plot-words", "The plot in words", "What it shows, as far as it is open.", contents(plot, saveTactile));
    }

    private static VBox contents(PlotDescription plot, Runnable saveTactile) {
        List<String> points = plot.points();
        VBox box = new VBox(8, text("plot-words-said", "what the plot shows", plot.paragraph(), 5));
        box.setPrefWidth(WIDTH);
        if (!points.isEmpty()) {
            Label title = new Label("Every point, from left to right");
            title.getStyleClass().add("small");
            box.getChildren().addAll(title, text("plot-words-points", "every point", String.join("\n", points),
                    Math.min(POINT_LINES, points.size())));
        }
        Button copy = new Button("Copy");
        copy.setId("plot-words-copy");
        copy.getStyleClass().setAll("quiet");
        copy.setOnAction(_ -> {
            Clip.put(plot.paragraph() + "\n" + String.join("\n", points));
        });
        Button tactile = new Button("Save for fingers…");
        tactile.setId("plot-words-tactile");
        tactile.getStyleClass().setAll("quiet");
        Tip.set(tactile, "A page for swell paper: rings, thick lines, labels in braille");
        tactile.setDisable(plot.isClosed());
        tactile.setOnAction(_ -> saveTactile.run());
        box.getChildren().add(new HBox(8, copy, tactile));
        return box;
    }

    private static Node text(String id, String name, String words, int lines) {
        TextArea area = new TextArea(words);
        area.setId(id);
        area.setEditable(false);
        area.setWrapText(true);
        area.setPrefRowCount(lines);
        Names.as(area, name);
        FocusMark.tabLeaves(area);
        return area;
    }
}
