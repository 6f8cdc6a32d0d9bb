package hestra.recipe;

import java.util.Optional;

/**
 * What is odd about the data.
 *
 * @param outliers how many points are moved off the curve
 * @param offBy by how many standard deviations of the scatter, up or down by chance
 * @param far a point of high leverage; nothing for none
 * @param missing how many cells stay empty
 */
public record Oddities(int outliers, double offBy, Optional<FarPoint> far, int missing) {

    /** Nothing odd. */
    public static final Oddities NONE = new Oddities(0, 0, Optional.empty(), 0);

    /**
     * A point of high leverage.
     *
     * @param x where it stands, far from the others
     * @param off how far above the curve; below where negative
     */
    public record FarPoint(double x, double off) {}
}
