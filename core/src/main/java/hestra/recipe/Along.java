package hestra.recipe;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;

/** How the values of the explanatory variable come about. */
public sealed interface Along {

    /** Equal steps: {@code from}, {@code from + step}, … */
    record Steps(double from, double step) implements Along {}

    /** Anywhere between two values, each place as likely as another; in ascending order. */
    record Between(double low, double high) implements Along {}

    /** Gathered about a mean, after the normal distribution; in ascending order. */
    record About(double mean, double standardDeviation) implements Along {}

    /** So many values. */
    default double[] values(int n, Random random) {
        double[] values = switch (this) {
            case Steps(double from, double step) -> IntStream.range(0, n).mapToDouble(i -> from + i * step).toArray();
            case Between(double low, double high) ->
                    IntStream.range(0, n).mapToDouble(_ -> low + (high - low) * random.nextDouble()).toArray();
            case About(double mean, double deviation) ->
                    IntStream.range(0, n).mapToDouble(_ -> mean + deviation * random.nextGaussian()).toArray();
        };
        if (!(this instanceof Steps)) {
            Arrays.sort(values);
        }
        return values;
    }

    /** Why no values can be made; empty where they can. */
    default String problem() {
        return switch (this) {
            case Steps(double from, double step) when !Double.isFinite(from) || !Double.isFinite(step) || step == 0 ->
                    "Give x a start, and a step other than 0.";
            case Between(double low, double high) when !Double.isFinite(low) || !Double.isFinite(high) || !(low < high) ->
                    "Give x two different values to lie between, the smaller first.";
            case About(double mean, double deviation) when !Double.isFinite(mean) || !(deviation > 0)
                    || !Double.isFinite(deviation) -> "Give x a mean, and a standard deviation above 0.";
            case Steps _, Between _, About _ -> "";
        };
    }
}
