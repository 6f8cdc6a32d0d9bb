package hestra.desktop.plot;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.WorkEdit;
import hestra.desktop.figure.TraceAxes;
import hestra.desktop.figure.TraceCanvas;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.numbers.Counted;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.Tracing;

import static hestra.desktop.parts.Presence.present;

/**
 * The picture of a part, on which a student lays the axes and places the points; in the place of the plot while that is asked.
 */
public final class PicturePane extends VBox {

    private final DeskModel model;
    private final TraceCanvas canvas;
    private final TraceAxes known;
    private final Label told = new Label();
    private Optional<Picture> shown = Optional.empty();
    private PictureAxes fresh;
    private long gesture;

    public PicturePane(DeskModel model, Look look) {
        this.model = model;
        this.canvas = new TraceCanvas(look, this::changed);
        canvas.setId("picture");
        this.known = new TraceAxes("picture", () -> model.desk().exercise().mark(),
                axes -> changed(tracing().withAxes(axes), false));
        getStyleClass().add("picture-pane");
        setId("picture-pane");
        FlowPane axes = new FlowPane();
        axes.getStyleClass().add("recipe-line");
        axes.getChildren().addAll(known.nodes());
        StackPane ground = new StackPane(canvas);
        ground.getStyleClass().add("trace-ground");
        setVgrow(ground, Priority.ALWAYS);
        told.getStyleClass().add("small");
        told.setId("picture-told");
        told.setWrapText(true);
        told.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(axes, ground, told);
        model.watch(this::show);
    }

    /** What takes the keyboard. */
    public Node entry() {
        return canvas;
    }

    private Tracing tracing() {
        return model.findings().work().tracing().orElseGet(() -> new Tracing(fresh, List.of()));
    }

    private void changed(Tracing tracing, boolean goesOn) {
        gesture = goesOn ? gesture : model.newGesture();
        model.apply(new WorkEdit.ReadPicture(tracing, gesture));
    }

    private void show(Findings findings) {
        Optional<Picture> picture = findings.picture();
        present(this, picture.isPresent());
        if (picture.isEmpty()) {
            return;
        }
        if (!picture.equals(shown)) {
            shown = picture;
            double[] size = TraceCanvas.size(picture.get());
            fresh = PictureAxes.within(size[0], size[1]);
        }
        Tracing tracing = tracing();
        canvas.show(picture.get(), tracing);
        known.show(tracing.axes());
        told.setText(tracing.axes().problem().orElseGet(() -> tracing.points().isEmpty()
                ? "Drag x\u2081, x\u2082, y\u2081 and y\u2082 to places whose values you can read, and type those values "
                + "above. Then click each point."
                : Counted.of(tracing.points().size(), "point")
                + " placed; they are in the table. Arrow keys move the selected one, with Shift farther; Delete removes it; "
                + "Tab goes to the next."));
    }
}
