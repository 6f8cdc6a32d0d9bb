package hestra.desktop.window;

import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;

/** Cards one below the other that scroll where there is no room for all; asks for as much height as they have at their width. */
final class CardScroll extends ScrollPane {

    private static final double USUAL_WIDTH = 292;

    private final Region cards;

    CardScroll(Region cards) {
        super(cards);
        this.cards = cards;
        getStyleClass().add("cards-scroll");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        // Texts wrap otherwise at another width, so that the cards ask for another height; so they do when what they say changes.
        widthProperty().addListener(_ -> requestLayout());
        cards.needsLayoutProperty().addListener(_ -> {
            if (cards.isNeedsLayout()) {
                requestLayout();
            }
        });
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.ceil(cards.prefHeight(getWidth() > 0 ? getWidth() : USUAL_WIDTH)) + 1;
    }
}
