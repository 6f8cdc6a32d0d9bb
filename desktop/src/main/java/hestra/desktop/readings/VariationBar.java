package hestra.desktop.readings;

import java.util.Locale;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Region;

import hestra.figure.Slot;

/** The total variation of the response as one bar, split into what goes with the line and what is left over. */
final class VariationBar extends Region {

    private final Region explained = new Region();
    private final Region left = new Region();
    private double share;

    VariationBar() {
        getStyleClass().add("variation-bar");
        setId("variation-bar");
        explained.getStyleClass().add("explained");
        left.getStyleClass().add("left-over");
        getChildren().addAll(explained, left);
        setAccessibleRole(AccessibleRole.PROGRESS_INDICATOR);
    }

    /** Shows R², from 0 to 1, of the curve in a place. */
    void show(double rSquared, Slot slot) {
        explained.getStyleClass().setAll("explained", "explained-by-" + slot.name().toLowerCase(Locale.ROOT));
        share = Math.clamp(rSquared, 0, 1);
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double width = snapSizeX(getWidth() * share);
        explained.resizeRelocate(0, 0, width, getHeight());
        left.resizeRelocate(width, 0, getWidth() - width, getHeight());
    }
}
