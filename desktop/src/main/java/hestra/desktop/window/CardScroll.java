package hestra.desktop.window;

import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.layout.Region;

import hestra.desktop.parts.DirectScroll;

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
        sceneProperty().flatMap(Scene::focusOwnerProperty).subscribe(this::keyed);
    }

    /** Has what takes the keyboard scrolled into view. */
    private void keyed(Node owner) {
        for (Node it = owner; it != null; it = it.getParent()) {
            if (it == cards) {
                Bounds there = cards.sceneToLocal(owner.localToScene(owner.getLayoutBounds()));
                double room = cards.getHeight() - getViewportBounds().getHeight();
                double top = getVvalue() * Math.max(0, room);
                boolean seen = there.getMinY() >= top && there.getMaxY() <= top + getViewportBounds().getHeight();
                if (room > 0 && !seen) {
                    setVvalue(Math.clamp((there.getCenterY() - getViewportBounds().getHeight() / 2) / room, 0, 1));
                }
                return;
            }
        }
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
            Platform.runLater(() -> Optional.ofNullable(getScene()).ifPresent(scene -> keyed(scene.getFocusOwner())));
        }
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.ceil(cards.prefHeight(getWidth() > 0 ? getWidth() : USUAL_WIDTH)) + 1;
    }
}
