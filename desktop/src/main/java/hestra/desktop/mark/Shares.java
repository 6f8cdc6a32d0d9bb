package hestra.desktop.mark;

import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.layout.Region;

import hestra.marking.Standing;

/** The answers to a task as one bar: how many are right, not quite, wrong, still to be read, and how many gave none. */
final class Shares extends Region {

    private static final double HEIGHT = 7;

    private final Map<Standing, Integer> counts;

    Shares(Map<Standing, Integer> counts) {
        this.counts = counts;
        getStyleClass().add("shares");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        for (Standing standing : Standing.values()) {
            Region piece = new Region();
            piece.getStyleClass().addAll("share", "share-" + standing.name().toLowerCase(Locale.ROOT));
            getChildren().add(piece);
        }
        setAccessibleText(inWords());
    }

    private String inWords() {
        return Stream.of(Standing.values()).filter(it -> counts.getOrDefault(it, 0) > 0)
                .map(it -> counts.get(it) + " " + it.word()).collect(Collectors.joining(", "));
    }

    @Override
    protected void layoutChildren() {
        double all = Math.max(1, counts.values().stream().mapToInt(Integer::intValue).sum());
        double x = 0;
        for (Standing standing : Standing.values()) {
            double width = getWidth() * counts.getOrDefault(standing, 0) / all;
            getChildren().get(standing.ordinal()).resizeRelocate(x, 0, width, HEIGHT);
            x += width;
        }
    }
}
