package hestra.desktop.write;

import java.util.function.DoubleSupplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.data.Cell;
import hestra.desk.PartEdit;
import hestra.desktop.files.Pictures;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.tracing.KnownAxis;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.Tracing;

/** Reads data off a picture of a plot: use it, put the axes on it, place the points. */
final class TracePane {

    private static final KeyCombination PASTE = KeyCombination.valueOf("Shortcut+V");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final DeskModel model;
    private final Pictures pictures;
    private final VBox pane = new VBox();
    private final TraceCanvas canvas;
    private final StackPane ground = new StackPane();
    private final Label empty = new Label();
    private final Label told = new Label();
    private final TextField[] values = {value("trace-x1"), value("trace-x2"), value("trace-y1"), value("trace-y2")};
    private final CheckBox[] logs = {new CheckBox("log"), new CheckBox("log")};
    private final FlowPane axes = new FlowPane();
    private boolean showing;
    private long gesture;

    TracePane(DeskModel model, Look look, Pictures pictures) {
        this.model = model;
        this.pictures = pictures;
        this.canvas = new TraceCanvas(look, this::changed);
        pane.getStyleClass().add("recipe-pane");
        pane.setId("trace-pane");
        Button open = new Button("Open picture\u2026");
        open.setId("trace-open");
        open.getStyleClass().add("quiet");
        open.setOnAction(_ -> pictures.choose(this::lay));
        Tip.set(open, "a PNG or JPEG of a plot; or paste one (Ctrl+V), or drop its file on the window");
        Slider fade = new Slider(0, 0.9, 0.35);
        fade.setPrefWidth(90);
        fade.setId("trace-fade");
        fade.valueProperty().addListener((_, _, now) -> canvas.fade(now.doubleValue()));
        axes.getStyleClass().add("recipe-line");
        axes.getChildren().addAll(open, pair("fade", fade), axis(pair("x\u2081 =", values[0]), pair("x\u2082 =", values[1]), logs[0]),
                axis(pair("y\u2081 =", values[2]), pair("y\u2082 =", values[3]), logs[1]));
        logs[0].setId("trace-log-x");
        logs[1].setId("trace-log-y");
        Tip.set(logs[0], "equal distances on the x axis stand for equal ratios");
        Tip.set(logs[1], "equal distances on the y axis stand for equal ratios");
        for (TextField field : values) {
            field.textProperty().addListener(_ -> typed());
        }
        for (CheckBox log : logs) {
            log.selectedProperty().addListener(_ -> typed());
        }
        empty.setText("Open or paste a picture of a plot.\n\nThen drag x\u2081 and x\u2082 to two ticks of the x axis whose values you know, "
                + "y\u2081 and y\u2082 to two of the y axis, type those values above, and click each point of the plot.");
        empty.setWrapText(true);
        empty.getStyleClass().add("trace-empty");
        ground.getChildren().addAll(empty, canvas);
        ground.getStyleClass().add("trace-ground");
        told.getStyleClass().add("small");
        told.setId("trace-told");
        told.setWrapText(true);
        told.setMinHeight(Region.USE_PREF_SIZE);
        VBox.setVgrow(ground, Priority.ALWAYS);
        pane.getChildren().addAll(axes, ground, told);
        pane.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            // Before a field takes it: none of them holds a picture.
            if (PASTE.match(event) && Clipboard.getSystemClipboard().hasImage()) {
                paste();
                event.consume();
            }
        });
        model.watch(findings -> show(findings.written(), findings.exercise().mark()));
    }

    Node node() {
        return pane;
    }

    /** Lays in the picture on the clipboard, or says what is there instead. */
    void paste() {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        if (clipboard.hasImage()) {
            pictures.take(clipboard.getImage(), this::lay);
        } else if (clipboard.hasFiles()) {
            pictures.read(clipboard.getFiles().getFirst().toPath(), this::lay);
        } else {
            told.setText("There is no picture on the clipboard. Copy one first, or open its file.");
        }
    }

    /** Lays in a picture. */
    void lay(Picture picture) {
        double[] size = TraceCanvas.size(picture);
        model.apply(new PartEdit.LayPicture(picture, PictureAxes.within(size[0], size[1])));
        canvas.requestFocus();
    }

    private void show(Part part, DecimalMark mark) {
        boolean traced = part.provenance() instanceof Provenance.Traced;
        canvas.setVisible(traced);
        empty.setVisible(!traced);
        axes.getChildren().stream().skip(1).forEach(node -> node.setDisable(!traced));
        if (!(part.provenance() instanceof Provenance.Traced(Picture picture, Tracing tracing))) {
            told.setText("");
            return;
        }
        canvas.show(picture, tracing);
        showing = true;
        DoubleSupplier[] now = {tracing.axes().x()::firstValue, tracing.axes().x()::secondValue, tracing.axes().y()::firstValue, tracing.axes().y()::secondValue};
        for (int i = 0; i < values.length; i++) {
            if (number(values[i]) != now[i].getAsDouble()) {
                values[i].setText(new NumberStyle(mark, 12).shortest(now[i].getAsDouble()));
            }
        }
        logs[0].setSelected(tracing.axes().x().logarithmic());
        logs[1].setSelected(tracing.axes().y().logarithmic());
        showing = false;
        told.setText(tracing.axes().problem().orElseGet(() -> tracing.points().isEmpty()
                ? "Drag x\u2081, x\u2082, y\u2081 and y\u2082 to places whose values you know and type those values; then click each point. Arrow keys move what is selected, Delete removes a point."
                : Counted.of(tracing.points().size(), "point") + " placed; they are in the table. Arrow keys move the selected one, with Shift farther; Delete removes it."));
        told.pseudoClassStateChanged(WRONG, tracing.axes().problem().isPresent());
    }

    private void changed(Tracing tracing, boolean goesOn) {
        gesture = goesOn ? gesture : model.newGesture();
        model.apply(new PartEdit.Trace(tracing, gesture));
    }

    private void typed() {
        if (showing || !(model.findings().written().provenance() instanceof Provenance.Traced(Picture _, Tracing tracing))) {
            return;
        }
        boolean fine = true;
        for (TextField field : values) {
            boolean isNumber = Double.isFinite(number(field));
            field.pseudoClassStateChanged(WRONG, !isNumber);
            fine &= isNumber;
        }
        if (fine) {
            KnownAxis x = tracing.axes().x().withValues(number(values[0]), number(values[1]), logs[0].isSelected());
            KnownAxis y = tracing.axes().y().withValues(number(values[2]), number(values[3]), logs[1].isSelected());
            changed(tracing.withAxes(new PictureAxes(x, y)), false);
        }
    }

    private double number(TextField field) {
        return Cell.of(field.getText(), model.desk().exercise().mark()) instanceof Cell.Measured(String _, double value) ? value : Double.NaN;
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

    private static Node pair(String caption, Node node) {
        Label label = new Label(caption);
        label.getStyleClass().add("field-label");
        HBox pair = new HBox(label, node);
        pair.getStyleClass().add("recipe-pair");
        pair.setAlignment(Pos.CENTER_LEFT);
        return pair;
    }
}
