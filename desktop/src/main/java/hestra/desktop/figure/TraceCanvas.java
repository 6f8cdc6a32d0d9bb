package hestra.desktop.figure;

import java.io.ByteArrayInputStream;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

import hestra.desktop.look.Look;
import hestra.documents.picture.Palette;
import hestra.figure.Ink;
import hestra.tracing.KnownAxis;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;

/**
 * A picture with the axes laid on it and the points placed in it. A press on the ground places a point; a point and an end of
 * an axis are dragged, and nudged by the arrow keys once they are in hand; Delete removes a point. A magnifier shows what lies
 * under the pointer, or about what is in hand.
 */
public final class TraceCanvas extends Region {

    private static final double REACH = 9;
    private static final double LENS = 132;
    private static final double LENS_POWER = 6;
    private static final double NUDGE = 0.5;
    private static final double FAR_NUDGE = 5;

    /** What is in hand. */
    private sealed interface Grip {
        record Point(int index) implements Grip {}

        record End(boolean ofX, boolean first) implements Grip {}
    }

    private final Canvas canvas = new Canvas();
    private final Look look;
    private final BiConsumer<Tracing, Boolean> changed;
    private Picture shown;
    private Image image;
    private Tracing tracing;
    private double fade = 0.35;
    private Optional<Grip> inHand = Optional.empty();
    private Optional<PicturePoint> pointer = Optional.empty();

    /** A canvas that tells each change, and whether it goes on from the one before. */
    public TraceCanvas(Look look, BiConsumer<Tracing, Boolean> changed) {
        this.look = look;
        this.changed = changed;
        getStyleClass().add("trace");
        setId("trace");
        setFocusTraversable(true);
        getChildren().add(canvas);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> inHand.ifPresent(grip -> moveTo(grip, place(event), true)));
        addEventHandler(MouseEvent.MOUSE_MOVED, this::pointed);
        addEventHandler(MouseEvent.MOUSE_EXITED, _ -> {
            pointer = Optional.empty();
            requestLayout();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
        focusedProperty().addListener(_ -> requestLayout());
        look.paletteProperty().addListener((_, _, _) -> requestLayout());
    }

    /** Shows a picture and what is laid on it. */
    public void show(Picture picture, Tracing laid) {
        if (picture != shown) {
            shown = picture;
            image = new Image(new ByteArrayInputStream(picture.bytes()));
            inHand = Optional.empty();
        }
        tracing = laid;
        inHand = inHand.filter(grip -> !(grip instanceof Grip.Point(int index)) || index < laid.points().size());
        requestLayout();
    }

    /** How much the picture is faded: 0 not at all, 1 away. */
    public void fade(double amount) {
        fade = amount;
        requestLayout();
    }

    /** The size of a picture in its own pixels. */
    public static double[] size(Picture picture) {
        Image image = new Image(new ByteArrayInputStream(picture.bytes()));
        return new double[] {image.getWidth(), image.getHeight()};
    }

    private double scale() {
        return Math.min(getWidth() / image.getWidth(), getHeight() / image.getHeight());
    }

    private double left() {
        return (getWidth() - image.getWidth() * scale()) / 2;
    }

    private double top() {
        return (getHeight() - image.getHeight() * scale()) / 2;
    }

    private PicturePoint place(MouseEvent event) {
        return new PicturePoint(Math.clamp((event.getX() - left()) / scale(), 0, image.getWidth()),
                Math.clamp((event.getY() - top()) / scale(), 0, image.getHeight()));
    }

    private boolean isOnPicture(MouseEvent event) {
        double x = (event.getX() - left()) / scale();
        double y = (event.getY() - top()) / scale();
        return x >= 0 && x <= image.getWidth() && y >= 0 && y <= image.getHeight();
    }

    private void pointed(MouseEvent event) {
        if (image == null) {
            return;
        }
        pointer = isOnPicture(event) ? Optional.of(place(event)) : Optional.empty();
        setCursor(at(place(event)).isPresent() ? Cursor.MOVE : isOnPicture(event) ? Cursor.CROSSHAIR : Cursor.DEFAULT);
        requestLayout();
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        if (image == null || event.getButton() != MouseButton.PRIMARY || !isOnPicture(event)) {
            return;
        }
        inHand = at(place(event));
        if (inHand.isEmpty()) {
            inHand = Optional.of(new Grip.Point(tracing.points().size()));
            changed.accept(tracing.with(place(event)), false);
        } else {
            changed.accept(tracing, false);
        }
        requestLayout();
    }

    /** What lies within reach of a place: a point before an end of an axis. */
    private Optional<Grip> at(PicturePoint place) {
        double reach = REACH / scale();
        for (int i = tracing.points().size() - 1; i >= 0; i--) {
            if (distance(tracing.points().get(i), place) <= reach) {
                return Optional.of(new Grip.Point(i));
            }
        }
        for (Grip.End end : new Grip.End[] {new Grip.End(true, false), new Grip.End(false, false), new Grip.End(true, true),
                new Grip.End(false, true)}) {
            if (distance(place(end), place) <= reach) {
                return Optional.of(end);
            }
        }
        return Optional.empty();
    }

    private static double distance(PicturePoint one, PicturePoint other) {
        return Math.hypot(one.x() - other.x(), one.y() - other.y());
    }

    private PicturePoint place(Grip grip) {
        return switch (grip) {
            case Grip.Point(int index) -> tracing.points().get(index);
            case Grip.End(boolean ofX, boolean first) -> {
                KnownAxis axis = ofX ? tracing.axes().x() : tracing.axes().y();
                yield first ? axis.first() : axis.second();
            }
        };
    }

    private void moveTo(Grip grip, PicturePoint to, boolean goesOn) {
        pointer = Optional.of(to);
        changed.accept(switch (grip) {
            case Grip.Point(int index) -> tracing.withMoved(index, to);
            case Grip.End(boolean ofX, boolean first) -> {
                PictureAxes axes = tracing.axes();
                KnownAxis axis = ofX ? axes.x() : axes.y();
                KnownAxis moved = first ? axis.withPlaces(to, axis.second()) : axis.withPlaces(axis.first(), to);
                yield tracing.withAxes(ofX ? new PictureAxes(moved, axes.y()) : new PictureAxes(axes.x(), moved));
            }
        }, goesOn);
        requestLayout();
    }

    private void typed(KeyEvent event) {
        if (image == null || event.isShortcutDown()) {
            return;
        }
        double step = event.isShiftDown() ? FAR_NUDGE : NUDGE;
        boolean used = true;
        switch (event.getCode()) {
            case LEFT -> nudge(-step, 0);
            case RIGHT -> nudge(step, 0);
            case UP -> nudge(0, -step);
            case DOWN -> nudge(0, step);
            case DELETE, BACK_SPACE -> inHand.ifPresent(this::remove);
            case ESCAPE -> inHand = Optional.empty();
            case TAB -> used = next(event.isShiftDown() ? -1 : 1);
            default -> used = false;
        }
        if (used) {
            event.consume();
            requestLayout();
        }
    }

    private void nudge(double dx, double dy) {
        inHand.ifPresent(grip -> moveTo(grip, place(grip).moved(dx, dy), false));
    }

    private void remove(Grip grip) {
        if (grip instanceof Grip.Point(int index)) {
            inHand = Optional.empty();
            changed.accept(tracing.without(index), false);
        }
    }

    /** Takes the next end or point in hand: first the four ends of the axes, then the points; past the last Tab leaves. */
    private boolean next(int step) {
        int count = 4 + tracing.points().size();
        int now = inHand.map(grip -> switch (grip) {
            case Grip.End(boolean ofX, boolean first) -> (ofX ? 0 : 2) + (first ? 0 : 1);
            case Grip.Point(int index) -> 4 + index;
        }).orElse(step > 0 ? -1 : count);
        int next = now + step;
        if (next < 0 || next >= count) {
            inHand = Optional.empty();
            return false;
        }
        inHand = Optional.of(next < 4 ? new Grip.End(next < 2, next % 2 == 0) : new Grip.Point(next - 4));
        pointer = Optional.empty();
        return true;
    }

    @Override
    protected void layoutChildren() {
        double width = Math.floor(getWidth());
        double height = Math.floor(getHeight());
        canvas.setWidth(width);
        canvas.setHeight(height);
        if (width > 0 && height > 0 && image != null) {
            paint(canvas.getGraphicsContext2D());
        }
    }

    private void paint(GraphicsContext g) {
        g.clearRect(0, 0, getWidth(), getHeight());
        g.setFill(colour(Ink.SURFACE));
        g.fillRect(left(), top(), image.getWidth() * scale(), image.getHeight() * scale());
        g.setGlobalAlpha(1 - fade);
        g.drawImage(image, left(), top(), image.getWidth() * scale(), image.getHeight() * scale());
        g.setGlobalAlpha(1);
        axis(g, true);
        axis(g, false);
        for (int i = 0; i < tracing.points().size(); i++) {
            boolean chosen = inHand.equals(Optional.of(new Grip.Point(i)));
            point(g, x(tracing.points().get(i)), y(tracing.points().get(i)), chosen);
        }
        inHand.map(this::place).or(() -> pointer).ifPresent(about -> lens(g, pointer.orElse(about)));
    }

    private double x(PicturePoint place) {
        return left() + place.x() * scale();
    }

    private double y(PicturePoint place) {
        return top() + place.y() * scale();
    }

    private void point(GraphicsContext g, double x, double y, boolean chosen) {
        g.setStroke(colour(Ink.SURFACE));
        g.setLineWidth(4);
        g.strokeOval(x - 5, y - 5, 10, 10);
        g.setStroke(colour(chosen ? Ink.TRIAL : Ink.OBSERVED));
        g.setLineWidth(chosen ? 2.5 : 1.8);
        g.strokeOval(x - 5, y - 5, 10, 10);
        g.setFill(colour(chosen ? Ink.TRIAL : Ink.OBSERVED));
        g.fillOval(x - 1.2, y - 1.2, 2.4, 2.4);
    }

    private void axis(GraphicsContext g, boolean ofX) {
        KnownAxis axis = ofX ? tracing.axes().x() : tracing.axes().y();
        Color ink = colour(ofX ? Ink.BEST : Ink.RESIDUAL);
        g.setStroke(ink);
        g.setLineWidth(1.6);
        g.strokeLine(x(axis.first()), y(axis.first()), x(axis.second()), y(axis.second()));
        for (boolean first : new boolean[] {true, false}) {
            PicturePoint end = first ? axis.first() : axis.second();
            boolean chosen = inHand.equals(Optional.of(new Grip.End(ofX, first)));
            double size = chosen ? 6 : 4.5;
            g.setFill(colour(Ink.SURFACE));
            g.fillRect(x(end) - size, y(end) - size, 2 * size, 2 * size);
            g.setLineWidth(chosen ? 2.6 : 1.8);
            g.strokeRect(x(end) - size, y(end) - size, 2 * size, 2 * size);
            g.setFill(ink);
            g.setFont(Font.font("Source Sans 3 Semibold", 12.5));
            String name = (ofX ? "x" : "y") + (first ? "\u2081" : "\u2082");
            g.fillText(name, x(end) + (ofX ? -5 : -22), y(end) + (ofX ? 21 : 4));
        }
    }

    /** A magnifier in the corner that is farther from what it shows. */
    private void lens(GraphicsContext g, PicturePoint about) {
        double corner = x(about) < getWidth() / 2 ? getWidth() - LENS - 8 : 8;
        double power = Math.max(LENS_POWER * scale(), 3);
        double half = LENS / 2 / power;
        g.setFill(colour(Ink.SURFACE));
        g.fillRect(corner, 8, LENS, LENS);
        double fromX = Math.max(0, about.x() - half);
        double fromY = Math.max(0, about.y() - half);
        double toX = Math.min(image.getWidth(), about.x() + half);
        double toY = Math.min(image.getHeight(), about.y() + half);
        g.drawImage(image, fromX, fromY, toX - fromX, toY - fromY, corner + (fromX - about.x() + half) * power,
                8 + (fromY - about.y() + half) * power,
                (toX - fromX) * power, (toY - fromY) * power);
        g.setStroke(colour(Ink.TRIAL));
        g.setLineWidth(1);
        g.strokeLine(corner + LENS / 2, 8, corner + LENS / 2, 8 + LENS);
        g.strokeLine(corner, 8 + LENS / 2, corner + LENS, 8 + LENS / 2);
        g.setStroke(colour(Ink.MUTED));
        g.setLineWidth(1.5);
        g.strokeRect(corner, 8, LENS, LENS);
    }

    private Color colour(Ink ink) {
        Palette palette = look.palette();
        int rgb = palette.rgb(ink);
        return Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF);
    }
}
