package hestra.desktop.parts;

import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.scene.control.TextArea;
import javafx.scene.text.Text;

/** A field for text of any length that is as high as its text, and that Tab leaves. */
public final class GrowingArea extends TextArea {

    private static final Insets USUAL = new Insets(6, 8, 6, 8);
    /** What the field has about its text beyond its padding. */
    private static final double EDGE = 4;

    private final Text measure = new Text();

    public GrowingArea() {
        setWrapText(true);
        getStyleClass().add("growing");
        FocusMark.tabLeaves(this);
        textProperty().addListener(_ -> requestLayout());
        fontProperty().addListener(_ -> requestLayout());
        promptTextProperty().addListener(_ -> requestLayout());
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefHeight(double width) {
        measure.setFont(getFont());
        // Before it has a width nobody knows how its text is broken: a line at least, not a line for each letter.
        double asked = width > 0 ? width : getWidth();
        double known = asked > 0 ? asked : Double.MAX_VALUE;
        measure.setWrappingWidth(Math.max(1, known - USUAL.getLeft() - USUAL.getRight() - EDGE));
        // A prompt is read as a whole too.
        String prompt = getPromptText() == null || getPromptText().isBlank() ? "x" : getPromptText();
        measure.setText(getText().isEmpty() ? prompt : getText().endsWith("\n") ? getText() + "x" : getText());
        return Math.ceil(measure.getLayoutBounds().getHeight()) + USUAL.getTop() + USUAL.getBottom() + EDGE;
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 0;
    }
}
