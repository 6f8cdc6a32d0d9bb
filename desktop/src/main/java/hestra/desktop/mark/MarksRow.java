package hestra.desktop.mark;

import java.util.List;
import java.util.function.DoubleConsumer;
import java.util.stream.DoubleStream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.numbers.Marks;

/** Gives marks: a button for each whole number, or a few where there are many, and a field for any other. */
final class MarksRow extends HBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass PROPOSED = PseudoClass.getPseudoClass("proposed");
    private static final int MOST_BUTTONS = 7;
    private static final int FIELD_LETTERS = 5;

    /**
     * A row.
     *
     * @param id names its nodes
     * @param inMarks how marks are written
     * @param most the most marks
     * @param marks what is given, by a person or by Hestra
     * @param decided whether a person gave them
     * @param give takes other marks
     */
    MarksRow(String id, Marks inMarks, int most, double marks, boolean decided, DoubleConsumer give) {
        getStyleClass().add("marks-row");
        setAlignment(Pos.CENTER_LEFT);
        Label label = new Label("marks");
        label.getStyleClass().add("small");
        getChildren().add(label);
        List<Double> offered = (most < MOST_BUTTONS
                ? DoubleStream.iterate(0, it -> it <= most, it -> it + 1) : DoubleStream.of(0, most / 2.0, most)).boxed()
                .toList();
        for (double value : offered) {
            String text = inMarks.of(value);
            Button button = Literally.said(new Button(text));
            button.setId(id + "-give-" + text.replace('.', '-').replace(',', '-'));
            button.getStyleClass().setAll("mark-button");
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.pseudoClassStateChanged(value == marks && decided ? CHOSEN : PROPOSED, value == marks);
            String standing = decided ? ", given" : ", proposed";
            button.setAccessibleText(text + " of " + most + (value == marks ? standing : ""));
            Tip.set(button, value == most ? "All marks (key " + text + ", or A)"
                    : value == 0 ? "No marks (key 0)"
                    : value == Math.rint(value) ? "Key " + text
                    : text + " marks");
            button.setOnAction(_ -> give.accept(value));
            button.setFocusTraversable(false);
            getChildren().add(button);
        }
        getChildren().add(field(id, inMarks, most, marks, offered, give));
    }

    private static Node field(String id, Marks inMarks, int most, double marks, List<Double> offered, DoubleConsumer give) {
        TextField field = new TextField(offered.contains(marks) ? "" : inMarks.of(marks));
        field.setId(id + "-marks");
        field.setPromptText("other");
        field.setPrefColumnCount(FIELD_LETTERS);
        field.getStyleClass().add("marks-field");
        Tip.set(field, "Any marks from 0 to " + most + ", such as " + inMarks.of(1.5));
        field.setOnAction(_ -> Marks.read(field.getText(), most).ifPresentOrElse(give::accept, () -> {
            field.selectAll();
            Tip.set(field, "Type a number from 0 to " + most + ".");
            field.setText(inMarks.of(marks));
        }));
        return field;
    }
}
