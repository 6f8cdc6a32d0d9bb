package hestra.desktop.overview;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.overview.Entry;
import hestra.overview.Section;

/** A section of the overview: a title and a table of numbers, of which one may be asked about. */
final class NumberGrid extends VBox {

    private static final double LEAST_NAME = 70;
    private static final PseudoClass ASKED = PseudoClass.getPseudoClass("asked");

    private final Label title = new Label();
    private final GridPane grid = new GridPane();
    private final List<Label> headings = new ArrayList<>();
    private final List<List<Label>> numbers = new ArrayList<>();
    private final Consumer<NumberGrid.Place> asked;
    private Section shown;

    /** A number by its line and column. */
    record Place(NumberGrid grid, int line, int column) {}

    /** An empty grid; {@code asked} is told which number is asked about. */
    NumberGrid(Consumer<Place> asked) {
        this.asked = asked;
        getStyleClass().add("overview-section");
        title.getStyleClass().add("task-title");
        title.setWrapText(true);
        grid.getStyleClass().add("overview-grid");
        getChildren().addAll(title, grid);
    }

    /** Shows other numbers; where there are as many as before, only their texts change. */
    void show(Section section) {
        boolean sameShape = shown != null && shown.headings().equals(section.headings()) && names(shown).equals(names(section));
        shown = section;
        title.setText(section.title());
        if (!sameShape) {
            build(section);
        }
        for (int line = 0; line < section.lines().size(); line++) {
            for (int column = 0; column < section.lines().get(line).entries().size(); column++) {
                Label number = numbers.get(line).get(column);
                String text = section.lines().get(line).entries().get(column).text();
                if (!number.getText().equals(text)) {
                    number.setText(text);
                }
            }
        }
    }

    private static List<String> names(Section section) {
        return section.lines().stream().map(Section.Line::name).toList();
    }

    private void build(Section section) {
        grid.getChildren().clear();
        grid.getColumnConstraints().clear();
        numbers.clear();
        headings.clear();
        int columns = section.headings().size();
        for (int column = 0; column <= columns; column++) {
            ColumnConstraints width = new ColumnConstraints();
            width.setHalignment(column == 0 ? HPos.LEFT : HPos.RIGHT);
            width.setHgrow(column == 0 ? Priority.ALWAYS : Priority.NEVER);
            width.setMinWidth(column == 0 ? LEAST_NAME : Region.USE_PREF_SIZE);
            grid.getColumnConstraints().add(width);
            if (column > 0 && !section.headings().get(column - 1).isEmpty()) {
                Label heading = new Label(section.headings().get(column - 1));
                heading.getStyleClass().add("small");
                headings.add(heading);
                grid.add(heading, column, 0);
            }
        }
        for (int line = 0; line < section.lines().size(); line++) {
            Label name = new Label(section.lines().get(line).name());
            name.getStyleClass().add("overview-name");
            // With large type a name goes over two lines, so that no number is cut.
            name.setWrapText(true);
            name.setMinWidth(LEAST_NAME);
            name.setMinHeight(Region.USE_PREF_SIZE);
            grid.add(name, 0, line + 1);
            List<Label> row = new ArrayList<>();
            for (int column = 0; column < section.lines().get(line).entries().size(); column++) {
                Label number = new Label();
                number.getStyleClass().add("overview-number");
                number.setMinWidth(Region.USE_PREF_SIZE);
                Place place = new Place(this, line, column);
                number.addEventHandler(MouseEvent.MOUSE_PRESSED, _ -> asked.accept(place));
                grid.add(number, column + 1, line + 1);
                row.add(number);
            }
            numbers.add(row);
        }
    }

    /** Marks the number that is asked about. */
    void mark(Place place, boolean so) {
        if (place.line() < numbers.size() && place.column() < numbers.get(place.line()).size()) {
            numbers.get(place.line()).get(place.column()).pseudoClassStateChanged(ASKED, so);
        }
    }

    Label number(Place place) {
        return numbers.get(place.line()).get(place.column());
    }

    int lines() {
        return shown == null ? 0 : shown.lines().size();
    }

    int columns(int line) {
        return shown.lines().get(line).entries().size();
    }

    Entry entry(Place place) {
        return shown.lines().get(place.line()).entries().get(place.column());
    }

    String name(Place place) {
        String heading = shown.headings().size() > place.column() ? shown.headings().get(place.column()) : "";
        return shown.lines().get(place.line()).name() + (heading.isEmpty() ? "" : ", " + heading);
    }
}
