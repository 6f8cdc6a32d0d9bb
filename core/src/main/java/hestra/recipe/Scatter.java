package hestra.recipe;

import java.util.Random;

/**
 * How far, and in which manner, the data lie off the curve.
 *
 * @param shape the distribution of the deviations
 * @param size their standard deviation, 0 or more
 * @param grows whether they grow along x, from a third of that at the least x to five thirds of it at the greatest
 */
public record Scatter(Shape shape, double size, boolean grows) {

    /** The distribution of deviations; each has mean 0 and standard deviation 1. */
    public enum Shape {
        NORMAL("normal"),
        EVEN("even"),
        SKEWED("skewed"),
        HEAVY_TAILED("heavy-tailed");

        private final String words;

        Shape(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }

        double draw(Random random) {
            return switch (this) {
                case NORMAL -> random.nextGaussian();
                // The even distribution on (−√3, √3).
                case EVEN -> Math.sqrt(3) * (2 * random.nextDouble() - 1);
                // The exponential distribution, its mean taken off.
                case SKEWED -> -StrictMath.log(1 - random.nextDouble()) - 1;
                // Student's t with 5 degrees of freedom, whose variance is 5/3.
                case HEAVY_TAILED -> studentWithFive(random) / Math.sqrt(5.0 / 3);
            };
        }

        private static double studentWithFive(Random random) {
            double normal = random.nextGaussian();
            double squares = 0;
            for (int i = 0; i < 5; i++) {
                double z = random.nextGaussian();
                squares += z * z;
            }
            return normal / Math.sqrt(squares / 5);
        }
    }

    /** The deviations at x values of standard deviation 1, before they are made as large as {@link #size} says. */
    double[] deviations(double[] x, Random random) {
        double least = Double.POSITIVE_INFINITY;
        double greatest = Double.NEGATIVE_INFINITY;
        for (double value : x) {
            least = Math.min(least, value);
            greatest = Math.max(greatest, value);
        }
        double[] deviations = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            double growth = grows && greatest > least ? 1.0 / 3 + 4.0 / 3 * (x[i] - least) / (greatest - least) : 1;
            deviations[i] = growth * shape.draw(random);
        }
        return deviations;
    }
}
