package hestra.desktop.mark;

import java.util.List;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Tip;
import hestra.marking.ClassResult;
import hestra.marking.Tally;
import hestra.numbers.Counted;
import hestra.numbers.Marks;

/** The marks of a class as bars, with the median below them. */
final class Spread extends VBox {

    private static final double HEIGHT = 52;

    Spread(List<Double> totals, int most, Marks marks) {
        getStyleClass().add("spread");
        List<Tally> tallies = Tally.of(totals, most);
        int highest = Math.max(1, tallies.stream().mapToInt(Tally::count).max().orElse(1));
        HBox bars = new HBox(3);
        bars.setAlignment(Pos.BOTTOM_LEFT);
        bars.setMinHeight(HEIGHT);
        bars.setPrefHeight(HEIGHT);
        bars.getStyleClass().add("spread-bars");
        for (Tally tally : tallies) {
            Region bar = new Region();
            bar.getStyleClass().add("spread-bar");
            double height = HEIGHT * tally.count() / highest;
            bar.setMinHeight(height);
            bar.setPrefHeight(height);
            bar.setMaxHeight(height);
            HBox.setHgrow(bar, Priority.ALWAYS);
            Tip.set(bar, marks.of(tally.from()) + " to " + marks.of(tally.to()) + " marks: "
                    + Counted.of(tally.count(), "student"));
            bar.setMaxWidth(Double.MAX_VALUE);
            bars.getChildren().add(bar);
        }
        OptionalDouble median = ClassResult.median(totals.stream().sorted().toList());
        Label middle = small(median.isEmpty() ? "" : "median " + marks.of(median.getAsDouble()) + " of " + most);
        Region left = new Region();
        Region right = new Region();
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        getChildren().addAll(bars, new HBox(small("0"), left, middle, right, small(Integer.toString(most))));
        setAccessibleText("Marks so far: " + middle.getText());
    }

    private static Label small(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        return label;
    }
}
