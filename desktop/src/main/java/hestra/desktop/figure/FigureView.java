package hestra.desktop.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;

import hestra.desktop.look.Look;
import hestra.documents.picture.Palette;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.figure.Mark;

/**
 * Shows a figure: a canvas for each of its sheets, so that only what changed is painted again. However often it is told
 * that something changed, it describes and paints once a frame.
 */
public final class FigureView extends Region {

    private static final int SHEETS = 4;

    private final Function<Layout, Figure> description;
    private final Look look;
    private final Supplier<Palette> colours;
    private final List<Canvas> canvases = new ArrayList<>();
    private final List<CanvasPainter> painters = new ArrayList<>();
    private final List<List<Mark>> painted = new ArrayList<>();
    private Palette palette;
    private Figure figure;
    private Layout described;
    private boolean stale = true;

    /** A view of what {@code description} says for a size, in the colours of the window. */
    public FigureView(Look look, Function<Layout, Figure> description) {
        this(look, look::palette, description);
    }

    /** The same in colours of its own. */
    public FigureView(Look look, Supplier<Palette> colours, Function<Layout, Figure> description) {
        this.look = look;
        this.colours = colours;
        this.description = description;
        for (int i = 0; i < SHEETS; i++) {
            Canvas canvas = new Canvas();
            // The figure fills what room there is: its canvases ask for none, or each new size would ask for a second layout.
            canvas.setManaged(false);
            canvases.add(canvas);
            painted.add(List.of());
        }
        getChildren().addAll(canvases);
        look.paletteProperty().addListener((_, _, _) -> requestLayout());
        look.typeProperty().addListener(_ -> requestLayout());
        getStyleClass().add("figure");
    }

    /** What is shown, for finding what lies under the pointer; nothing lies anywhere before the first layout. */
    public Figure figure() {
        return figure;
    }

    /** To be called when what the description says may have changed. */
    public void changed() {
        stale = true;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double width = Math.floor(getWidth());
        double height = Math.floor(getHeight());
        if (width < 1 || height < 1) {
            return;
        }
        // A layout may be asked for again while it runs; what is told stays the same until something changed.
        Layout layout = new Layout(width, height, look.type());
        if (stale || !layout.equals(described)) {
            stale = false;
            described = layout;
            figure = description.apply(layout);
        }
        boolean otherColours = palette != colours.get();
        if (otherColours) {
            palette = colours.get();
            painters.clear();
            canvases.forEach(canvas -> painters.add(new CanvasPainter(canvas.getGraphicsContext2D(), palette)));
        }
        List<List<Mark>> sheets = List.of(figure.ground(), figure.lines(), figure.points(), figure.front());
        for (int i = 0; i < SHEETS; i++) {
            Canvas canvas = canvases.get(i);
            boolean otherSize = canvas.getWidth() != width || canvas.getHeight() != height;
            if (otherSize || otherColours || !painted.get(i).equals(sheets.get(i))) {
                canvas.setWidth(width);
                canvas.setHeight(height);
                canvas.getGraphicsContext2D().clearRect(0, 0, width, height);
                painters.get(i).paint(sheets.get(i));
                painted.set(i, sheets.get(i));
            }
        }
    }
}
