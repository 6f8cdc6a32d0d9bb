package hestra.marking;

import java.util.ArrayList;
import java.util.List;

/**
 * How many have marks from one number to another.
 *
 * @param from the least marks that count here
 * @param to the most; those that have as many count here where this is the last
 * @param count how many have so many
 */
public record Tally(double from, double to, int count) {

    /** Into how many parts the marks are divided at most. */
    public static final int MOST = 10;

    /**
     * The spread of marks from 0 to the most that can be earned: parts of equal width, a whole number of marks where there are
     * enough.
     */
    public static List<Tally> of(List<Double> totals, int most) {
        int parts = Math.clamp(most, 1, MOST);
        double width = Math.max(1, most) / (double) parts;
        List<Tally> spread = new ArrayList<>();
        for (int i = 0; i < parts; i++) {
            double from = i * width;
            double to = i == parts - 1 ? Math.max(1, most) : (i + 1) * width;
            boolean last = i == parts - 1;
            spread.add(new Tally(from, to, (int) totals.stream().filter(total -> total >= from && (total < to || last)).count()));
        }
        return spread;
    }
}
