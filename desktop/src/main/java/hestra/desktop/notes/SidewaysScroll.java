package hestra.desktop.notes;

import javafx.scene.layout.Region;

import hestra.desktop.parts.DirectScroll;

/** Something that may be wider than the sheet: it is as high as it asks for, and scrolls sideways in itself where it is wider. */
final class SidewaysScroll extends DirectScroll {

    /** The bar below it, where there is one. */
    private static final double BAR = 14;

    private final Region contents;

    SidewaysScroll(Region contents) {
        super(contents);
        this.contents = contents;
        getStyleClass().add("sideways-scroll");
        setFitToWidth(true);
        setVbarPolicy(ScrollBarPolicy.NEVER);
        setMinWidth(0);
        setPrefWidth(0);
        setMaxWidth(Double.MAX_VALUE);
        followHeightOf(contents);
    }

    @Override
    protected double computePrefHeight(double width) {
        double room = width > 0 ? width : getWidth();
        double high = Math.ceil(contents.prefHeight(Math.max(room, contents.minWidth(-1)))) + 2;
        return high + (contents.minWidth(-1) > room ? BAR : 0);
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }
}
