package hestra.figure;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.fit.CurveOnData;

/**
 * What chance has dealt or drawn, as it is shown among the points.
 *
 * @param lines the lines of the draws so far
 * @param curves the curves of the last draws, where these are no lines
 * @param last the line of the last draw; nothing where it has none
 * @param dealt the points of the last draw that stand elsewhere than the observed ones
 * @param times how often the last draw took each row; empty where it took none from the table
 * @param band between which heights the middle of the lines lies, from left to right; empty where that is not shown
 */
public record ChanceMarks(List<Straight> lines, List<CurveOnData> curves, Optional<Straight> last, List<Dealt> dealt,
        Map<Integer, Integer> times, List<Across> band) {

    public static final ChanceMarks NONE = new ChanceMarks(List.of(), List.of(), Optional.empty(), List.of(), Map.of(),
            List.of());

    /**
     * A straight line.
     *
     * @param level its height at {@code x}
     */
    public record Straight(double x, double level, double slope) {

        /** Its height at a place. */
        public double at(double place) {
            return level + slope * (place - x);
        }
    }

    /**
     * A point where chance has put it.
     *
     * @param from the height at which it was observed; nothing where it is a new one
     */
    public record Dealt(double x, double y, Optional<Double> from) {}

    /** The middle of the lines at one x. */
    public record Across(double x, double low, double high) {}

    public boolean isEmpty() {
        return lines.isEmpty() && curves.isEmpty() && last.isEmpty() && dealt.isEmpty() && times.isEmpty();
    }

    /** Whether points are on their way from where they were observed. */
    public boolean moves() {
        return dealt.stream().anyMatch(it -> it.from().isPresent());
    }

    /** On the way: this share of it is gone. The line turns with the points when they are there. */
    ChanceMarks gliding(double share) {
        return new ChanceMarks(lines, curves, share < 1 ? Optional.empty() : last,
                dealt.stream().map(it -> it.from().map(from -> new Dealt(it.x(), from + share * (it.y() - from), it.from()))
                        .orElse(it)).toList(), times, band);
    }
}
