package hestra.task;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.fit.Diagnostics;
import hestra.fit.LeastSquares;

/** Which points are to be found. */
public enum PointSort {
    MISTYPED("mistyped", "the mistyped value"),
    MOST_INFLUENTIAL("most influential", "the most influential point"),
    HIGHEST_LEVERAGE("highest leverage", "the point of the highest leverage"),
    LARGEST_RESIDUAL("largest residual", "the point with the largest residual"),
    CHOSEN("the ones you name", "the point that is asked for");

    private final String words;
    private final String named;

    PointSort(String words, String named) {
        this.words = words;
        this.named = named;
    }

    public String inWords() {
        return words;
    }

    /** What one such point is called, with its article. */
    String named() {
        return named;
    }

    /** How far each point stands out in this way, by the row of the data; none where that is not a matter of size. */
    Map<Integer, Double> sizes(Pairs pairs) {
        Map<Integer, Double> sizes = new HashMap<>();
        LeastSquares.line(pairs).line().ifPresent(line -> Diagnostics.of(line, pairs).forEach(point -> {
            OptionalDouble size = switch (this) {
                case MOST_INFLUENTIAL -> point.cooksDistance();
                case HIGHEST_LEVERAGE -> point.leverage();
                case LARGEST_RESIDUAL -> OptionalDouble.of(Math.abs(point.residual()));
                case MISTYPED, CHOSEN -> OptionalDouble.empty();
            };
            size.ifPresent(it -> sizes.put(point.row(), it));
        }));
        return sizes;
    }
}
