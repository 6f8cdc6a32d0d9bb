package hestra.desktop.figure;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

import hestra.data.Cell;
import hestra.desktop.parts.Tip;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.tracing.PictureAxes;

/** The values that are known on the axes laid on a picture: two on each, and whether an axis is logarithmic. */
public final class TraceAxes {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final int DIGITS = 12;

    private final Supplier<DecimalMark> mark;
    private final Consumer<PictureAxes> changed;
    private final TextField[] values;
    private final CheckBox[] logs = {new CheckBox("log"), new CheckBox("log")};
    private Optional<PictureAxes> shown = Optional.empty();
    private boolean showing;

    /** Fields whose ids begin with a prefix; each change of what they say is told. */
    public TraceAxes(String prefix, Supplier<DecimalMark> mark, Consumer<PictureAxes> changed) {
        this.mark = mark;
        this.changed = changed;
        this.values = Stream.of("x1", "x2", "y1", "y2").map(it -> value(prefix + "-" + it)).toArray(TextField[]::new);
        logs[0].setId(prefix + "-log-x");
        logs[1].setId(prefix + "-log-y");
        Tip.set(logs[0], "equal distances on the x axis stand for equal ratios");
        Tip.set(logs[1], "equal distances on the y axis stand for equal ratios");
        for (TextField field : values) {
            field.textProperty().addListener(_ -> typed());
        }
        for (CheckBox log : logs) {
            log.selectedProperty().addListener(_ -> typed());
        }
    }

    /** The fields, axis by axis. */
    public List<Node> nodes() {
        return List.of(axis(pair("x\u2081 =", values[0]), pair("x\u2082 =", values[1]), logs[0]),
                axis(pair("y\u2081 =", values[2]), pair("y\u2082 =", values[3]), logs[1]));
    }

    /** Shows what is known. */
    public void show(PictureAxes axes) {
        shown = Optional.of(axes);
        showing = true;
        double[] now = {axes.x().firstValue(), axes.x().secondValue(), axes.y().firstValue(), axes.y().secondValue()};
        for (int i = 0; i < values.length; i++) {
            if (number(values[i]) != now[i]) {
                values[i].setText(new NumberStyle(mark.get(), DIGITS).shortest(now[i]));
            }
        }
        logs[0].setSelected(axes.x().logarithmic());
        logs[1].setSelected(axes.y().logarithmic());
        showing = false;
    }

    private void typed() {
        if (showing || shown.isEmpty()) {
            return;
        }
        boolean fine = true;
        for (TextField field : values) {
            boolean isNumber = Double.isFinite(number(field));
            field.pseudoClassStateChanged(WRONG, !isNumber);
            fine &= isNumber;
        }
        if (fine) {
            changed.accept(new PictureAxes(shown.get().x().withValues(number(values[0]), number(values[1]), logs[0].isSelected()),
                    shown.get().y().withValues(number(values[2]), number(values[3]), logs[1].isSelected())));
        }
    }

    private double number(TextField field) {
        return Cell.of(field.getText(), mark.get()) instanceof Cell.Measured(String _, double value) ? value : Double.NaN;
    }

    private static TextField value(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(4);
        field.getStyleClass().add("number-field");
        return field;
    }

    private static Node axis(Node... nodes) {
        HBox axis = new HBox(nodes);
        axis.getStyleClass().add("trace-axis");
        axis.setAlignment(Pos.CENTER_LEFT);
        return axis;
    }

    /** A caption with what belongs to it. */
    public static Node pair(String caption, Node node) {
        Label label = new Label(caption);
        label.getStyleClass().add("field-label");
        HBox pair = new HBox(label, node);
        pair.getStyleClass().add("recipe-pair");
        pair.setAlignment(Pos.CENTER_LEFT);
        return pair;
    }
}
