package hestra.desktop.parts;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

import hestra.figure.Ink;
import hestra.figure.Layer;
import hestra.figure.Slot;

/** Small marks as they look in the plot, for legends: colours and dashes come from the style sheet. */
public final class Swatch {

    private static final double LONG = 22;
    private static final double SHORT = 14;

    private Swatch() {}

    /** The mark of a layer. */
    public static Node of(Layer layer) {
        return switch (layer) {
            case POINTS -> framed(styled(new Circle(7, 7, 4.6), "observed-mark"), SHORT);
            case LINE -> of(Slot.LINE);
            case RESIDUALS -> framed(styled(new Line(7, 1, 7, 13), "residual-mark"), SHORT);
            case SQUARES -> framed(styled(new Rectangle(1.5, 1.5, 11, 11), "square-mark"), SHORT);
            case MEAN -> framed(styled(new Line(0, 7, 18, 7), "mean-mark"), LONG - 4);
            case NAMES -> framed(styled(new Text(1, 12, "a"), "name-mark"), SHORT);
            case EQUATIONS -> framed(styled(new Text(1, 11, "ŷ"), "name-mark"), SHORT);
            case DEVIATIONS -> framed(new Pane(styled(new Line(5, 1, 5, 13), "best-mark"),
                    styled(new Line(9, 4, 9, 13), "residual-mark")), SHORT);
            case MEAN_INTERVAL -> framed(styled(new Rectangle(0, 4, 18, 6), "band-mark"), LONG - 4);
            case PREDICTION_INTERVAL -> framed(styled(new Rectangle(0, 1, 18, 12), "band-mark"), LONG - 4);
            case PRODUCTS -> framed(styled(new Rectangle(1.5, 3, 12, 8), "product-mark"), SHORT);
            case LEVERAGE -> framed(new Pane(styled(new Rectangle(2, 8, 3, 6), "leverage-mark"),
                    styled(new Rectangle(8, 3, 3, 11), "leverage-mark")), SHORT);
            case SMOOTH -> framed(styled(new Polyline(0, 10, 5, 4, 10, 5, 16, 11), "smooth-mark"), LONG - 4);
        };
    }

    /** The stroke of a curve in a place. */
    public static Node of(Slot slot) {
        return framed(styled(new Line(0, 7, LONG, 7), "slot-" + slot.name().toLowerCase(Locale.ROOT)), LONG);
    }

    /** The reading line. */
    public static Node ofReading() {
        return framed(styled(new Line(7, 0, 7, 14), "reading-mark"), SHORT);
    }

    /** A pile of what chance gives. */
    public static Node ofChance() {
        return framed(new Pane(styled(new Rectangle(0, 9, 4, 5), "chance-mark"), styled(new Rectangle(5, 2, 4, 12),
                "chance-mark"),
                styled(new Rectangle(10, 7, 4, 7), "chance-mark")), SHORT);
    }

    /** Gives a swatch the colour that its points or curve have. */
    public static void colour(Node swatch, Ink ink) {
        if (swatch instanceof Pane pane && !pane.getChildren().isEmpty()) {
            Node mark = pane.getChildren().getFirst();
            mark.setStyle((mark instanceof Circle ? "-fx-fill: " : "-fx-stroke: ") + ink.token() + ";");
        }
    }

    private static <T extends Node> T styled(T node, String style) {
        node.getStyleClass().add(style);
        return node;
    }

    private static Node framed(Node mark, double width) {
        Pane pane = new Pane(mark);
        pane.setMinSize(width, SHORT);
        pane.setMaxSize(width, SHORT);
        return pane;
    }
}
