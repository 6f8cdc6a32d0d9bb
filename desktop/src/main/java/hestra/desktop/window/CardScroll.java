package hestra.desktop.window;

import javafx.application.Platform;
import javafx.scene.layout.Region;

import hestra.desktop.parts.DirectScroll;
import hestra.desktop.parts.InSight;

/** Cards one below the other that scroll where there is no room for all; asks for as much height as they have at their width. */
final class CardScroll extends DirectScroll {

    private static final double USUAL_WIDTH = 292;

    private final Region cards;
    private Runnable changed = () -> { };
    private double told;

    CardScroll(Region cards) {
        super(cards);
        this.cards = cards;
        getStyleClass().add("cards-scroll");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        // Texts wrap otherwise at another width, so that the cards ask for another height; so they do when what they say changes.
        followHeightOf(cards);
        InSight.keep(this, cards);
    }

    /** The height at which nothing need be scrolled. */
    double wanted() {
        return prefHeight(-1);
    }

    /** Has it told when that height has changed. */
    void onWanted(Runnable action) {
        changed = action;
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        double now = wanted();
        if (now != told) {
            told = now;
            changed.run();
            // What has the keyboard stays in sight where something above it has grown.
            Platform.runLater(() -> InSight.show(this, cards));
        }
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.ceil(cards.prefHeight(getWidth() > 0 ? getWidth() : USUAL_WIDTH)) + 1;
    }
}
