package hestra.desktop.plot;

import javafx.scene.control.Label;

import hestra.figure.Figure;
import hestra.figure.Figure.Spot;

/** What a point says of itself, beside the point. */
final class PointCard extends Label {

    private static final double ASIDE = 12;

    PointCard() {
        getStyleClass().add("point-card");
        setId("point-card");
        setWrapText(true);
        setMaxWidth(240);
        setMouseTransparent(true);
        setVisible(false);
    }

    /** Stands beside a point, within an area. */
    void show(String text, Spot at, Figure.Area area) {
        setText(text);
        setVisible(true);
        applyCss();
        double width = Math.min(getMaxWidth(), prefWidth(-1));
        double height = prefHeight(width);
        double left = at.x() + ASIDE + width <= area.right() ? at.x() + ASIDE : at.x() - ASIDE - width;
        double top = at.y() - ASIDE - height >= area.top() ? at.y() - ASIDE - height : at.y() + ASIDE;
        resizeRelocate(Math.max(area.left(), left), Math.min(top, area.bottom() - height), width, height);
    }

    void hide() {
        setVisible(false);
    }
}
