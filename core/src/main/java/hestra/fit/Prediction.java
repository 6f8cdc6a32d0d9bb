package hestra.fit;

import java.util.Optional;

/**
 * What a line says at one x.
 *
 * @param x where
 * @param fitted ŷ = a + b x
 * @param inside whether x lies in the supported range
 * @param beyond how far x lies outside the supported range; 0 inside
 * @param meanInterval interval of the mean response at x; nothing without degrees of freedom
 * @param predictionInterval interval of a single new response at x; nothing without degrees of freedom
 */
public record Prediction(
        double x,
        double fitted,
        boolean inside,
        double beyond,
        Optional<Interval> meanInterval,
        Optional<Interval> predictionInterval) {}
