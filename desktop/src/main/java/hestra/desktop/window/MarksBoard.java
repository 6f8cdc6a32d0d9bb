package hestra.desktop.window;

import java.nio.file.Path;
import java.util.List;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Clip;
import hestra.documents.exercise.ClassMarks;
import hestra.numbers.Counted;

/** The marks of a folder of hand-ins as a table that can be copied and saved. */
final class MarksBoard extends Board {

    private static final double WIDTH = 900;
    private static final double ROW = 28;
    private static final double HEADING = 50;
    private static final int MOST_ROWS = 16;
    private static final double NAME = 170;
    private static final double MARK = 88;
    private static final double NOTE = 330;

    /** The marks of a folder; {@code save} saves them. */
    MarksBoard(ClassMarks marks, Path folder, Runnable save) {
        super("marks", "Marks of " + Counted.of(marks.lines().size(), "hand-in"), folder + " · each is marked by the exercise that it holds.", contents(marks, save));
    }

    private static Node contents(ClassMarks marks, Runnable save) {
        List<List<String>> records = marks.records();
        TableView<List<String>> table = new TableView<>();
        table.setId("marks-table");
        List<String> headings = records.getFirst();
        for (int i = 0; i < headings.size(); i++) {
            int column = i;
            TableColumn<List<String>, String> made = new TableColumn<>(headings.get(i));
            made.setCellValueFactory(row -> new ReadOnlyStringWrapper(row.getValue().get(column)));
            made.setPrefWidth(i == 0 ? NAME : i == headings.size() - 1 ? NOTE : MARK);
            made.setReorderable(false);
            table.getColumns().add(made);
        }
        table.getItems().setAll(records.subList(1, records.size()));
        table.setPrefHeight(HEADING + ROW * Math.min(MOST_ROWS, records.size()));
        Button copy = new Button("Copy");
        copy.setId("marks-copy");
        copy.getStyleClass().setAll("quiet");
        copy.setOnAction(_ -> Clip.put(String.join("\n", records.stream().map(fields -> String.join("\t", fields)).toList())));
        Button saveAs = new Button("Save as a table…");
        saveAs.setId("marks-save");
        saveAs.getStyleClass().setAll("quiet");
        saveAs.setOnAction(_ -> save.run());
        VBox contents = new VBox(10, table, new HBox(6, saveAs, copy));
        contents.setPrefWidth(WIDTH);
        return contents;
    }
}
