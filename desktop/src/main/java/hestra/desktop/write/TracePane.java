package hestra.desktop.write;

import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.desk.PartEdit;
import hestra.desktop.figure.TraceAxes;
import hestra.desktop.figure.TraceCanvas;
import hestra.desktop.files.Pictures;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.numbers.Counted;
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
    private final TraceAxes known;
    private final FlowPane axes = new FlowPane();
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
        this.known = new TraceAxes("trace", () -> model.desk().exercise().mark(), this::axesChanged);
        axes.getChildren().addAll(open, TraceAxes.pair("fade", fade));
        axes.getChildren().addAll(known.nodes());
        empty.setText("Open or paste a picture of a plot.\n\nThen drag x\u2081 and x\u2082 to two ticks of the x axis whose "
                + "values you know, "
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
        model.watch(findings -> show(findings.written()));
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

    private void show(Part part) {
        boolean traced = part.provenance() instanceof Provenance.Traced;
        canvas.setVisible(traced);
        empty.setVisible(!traced);
        axes.getChildren().stream().skip(1).forEach(node -> node.setDisable(!traced));
        if (!(part.provenance() instanceof Provenance.Traced(Picture picture, Tracing tracing))) {
            told.setText("");
            return;
        }
        canvas.show(picture, tracing);
        known.show(tracing.axes());
        told.setText(tracing.axes().problem().orElseGet(() -> tracing.points().isEmpty()
                ? "Drag x\u2081, x\u2082, y\u2081 and y\u2082 to places whose values you know and type those values; then "
                + "click each point. Arrow keys move what is selected, Delete removes a point."
                : Counted.of(tracing.points().size(), "point")
                + " placed; they are in the table. Arrow keys move the selected one, with Shift farther; Delete removes it."));
        told.pseudoClassStateChanged(WRONG, tracing.axes().problem().isPresent());
    }

    private void axesChanged(PictureAxes now) {
        if (model.findings().written().provenance() instanceof Provenance.Traced(Picture _, Tracing tracing)) {
            changed(tracing.withAxes(now), false);
        }
    }

    private void changed(Tracing tracing, boolean goesOn) {
        gesture = goesOn ? gesture : model.newGesture();
        model.apply(new PartEdit.Trace(tracing, gesture));
    }
}
