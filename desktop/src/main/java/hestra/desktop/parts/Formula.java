package hestra.desktop.parts;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/**
 * A formula in plain text, such as "a = ȳ − b x̄", set so that a bar stands above its letter: as a character of its own it is
 * drawn beside the letter, or the letter in another typeface.
 */
public final class Formula {

    private static final char BAR = '\u0304';
    /** How a y with its bar may be written as one character. */
    private static final String Y_BARRED = "\u0233";

    private Formula() {}

    /** On one line, as a heading or on a button. */
    public static HBox onOneLine(String text) {
        HBox line = new HBox();
        line.getChildren().addAll(pieces(text));
        line.setAlignment(Pos.BASELINE_LEFT);
        line.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        line.setAccessibleText(text);
        return line;
    }

    /** Over as many lines as it takes. */
    public static TextFlow wrapping(String text) {
        TextFlow flow = new TextFlow();
        flow.getChildren().addAll(pieces(text));
        flow.setAccessibleText(text);
        return flow;
    }

    private static List<Node> pieces(String text) {
        List<Node> pieces = new ArrayList<>();
        String plain = text.replace(Y_BARRED, "y" + BAR);
        int from = 0;
        for (int bar = plain.indexOf(BAR); bar >= 0; bar = plain.indexOf(BAR, from)) {
            if (bar - 1 > from) {
                pieces.add(run(plain.substring(from, bar - 1)));
            }
            pieces.add(new Barred(plain.substring(bar - 1, bar)));
            from = bar + 1;
        }
        if (from < plain.length()) {
            pieces.add(run(plain.substring(from)));
        }
        return pieces;
    }

    private static Text run(String text) {
        Text run = new Text(text);
        run.getStyleClass().add("formula-text");
        return run;
    }

    /** A letter with a bar above it. */
    private static final class Barred extends Region {
        /** How far the bar stands above the line of writing, as a share of the size of type. */
        private static final double RISE = 0.62;

        private final Text letter;
        private final Line bar = new Line();

        Barred(String text) {
            letter = run(text);
            letter.setManaged(false);
            bar.setManaged(false);
            bar.getStyleClass().add("formula-bar");
            getChildren().addAll(letter, bar);
        }

        @Override
        protected void layoutChildren() {
            letter.setLayoutY(letter.getBaselineOffset());
            double height = Math.round(letter.getBaselineOffset() - RISE * letter.getFont().getSize()) - 0.5;
            bar.setStartX(0.5);
            bar.setEndX(letter.getLayoutBounds().getWidth() - 0.5);
            bar.setStartY(height);
            bar.setEndY(height);
        }

        @Override
        protected double computePrefWidth(double height) {
            return letter.getLayoutBounds().getWidth();
        }

        @Override
        protected double computePrefHeight(double width) {
            return letter.getLayoutBounds().getHeight();
        }

        @Override
        public double getBaselineOffset() {
            return letter.getBaselineOffset();
        }
    }
}
