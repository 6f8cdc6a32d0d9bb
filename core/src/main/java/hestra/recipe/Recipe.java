package hestra.recipe;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.fit.Curve;

/**
 * How data are made. The same recipe gives the same data always; with another seed it gives another sample of the same kind.
 * Each part draws from a stream of chance of its own, so that changing one part leaves what the others drew as it was.
 *
 * @param seed of chance
 * @param n how many pairs, 2 to {@value #MOST}, the far point not counted
 * @param along how x comes about
 * @param truth the curve
 * @param scatter how the data lie about it
 * @param targetR the correlation to aim at, by making the scatter larger or smaller; nothing to leave the scatter as it is
 * @param oddities what is odd
 * @param groups how many groups, 1 to {@value #MOST_GROUPS}
 * @param apart by how much each group's response lies above that of the one before
 * @param placesX decimal places of x, as its instrument shows
 * @param placesY decimal places of y
 */
public record Recipe(long seed, int n, Along along, MeanCurve truth, Scatter scatter, OptionalDouble targetR, Oddities oddities,
        int groups, double apart,
        int placesX, int placesY) {

    /** The most pairs that can be made. */
    public static final int MOST = 10_000;

    /** The most groups. */
    public static final int MOST_GROUPS = 6;

    private static final int MOST_PLACES = 8;

    /** A line with a little scatter, to begin with. */
    public static Recipe simple() {
        return new Recipe(1, 24, new Along.Steps(1, 1), MeanCurve.line(5, 2), new Scatter(Scatter.Shape.NORMAL, 3, false),
                OptionalDouble.empty(),
                Oddities.NONE, 1, 0, 0, 1);
    }

    /** The same with another seed. */
    public Recipe withSeed(long other) {
        return new Recipe(other, n, along, truth, scatter, targetR, oddities, groups, apart, placesX, placesY);
    }

    /** The same with x coming about in another way. */
    public Recipe with(Along other) {
        return new Recipe(seed, n, other, truth, scatter, targetR, oddities, groups, apart, placesX, placesY);
    }

    /** The same about another curve. */
    public Recipe with(MeanCurve other) {
        return new Recipe(seed, n, along, other, scatter, targetR, oddities, groups, apart, placesX, placesY);
    }

    public Recipe with(Scatter other) {
        return new Recipe(seed, n, along, truth, other, targetR, oddities, groups, apart, placesX, placesY);
    }

    public Recipe with(Oddities other) {
        return new Recipe(seed, n, along, truth, scatter, targetR, other, groups, apart, placesX, placesY);
    }

    /** The same aiming at another correlation, or at none. */
    public Recipe aimingAt(OptionalDouble r) {
        return new Recipe(seed, n, along, truth, scatter, r, oddities, groups, apart, placesX, placesY);
    }

    public Recipe withPairs(int count) {
        return new Recipe(seed, count, along, truth, scatter, targetR, oddities, groups, apart, placesX, placesY);
    }

    /** The same with its groups further or less far apart. */
    public Recipe withApart(double other) {
        return new Recipe(seed, n, along, truth, scatter, targetR, oddities, groups, other, placesX, placesY);
    }

    /** Another sample of the same kind. */
    public Recipe next() {
        return withSeed(seed + 1);
    }

    /** Why no data can be made by this recipe, as a sentence that says what to do; nothing where they can. */
    public Optional<String> problem() {
        if (n < 2 || n > MOST) {
            return Optional.of("Ask for 2 to " + MOST + " pairs.");
        } else if (!along.problem().isEmpty()) {
            return Optional.of(along.problem());
        } else if (!truth.coefficients().stream().allMatch(Double::isFinite)) {
            return Optional.of("Give every coefficient of the curve a number.");
        } else if (truth.curve() instanceof Curve.Exponential && !(truth.coefficients().get(1) > 0)) {
            return Optional.of("The base b of an exponential curve must be above 0.");
        } else if (!(scatter.size() >= 0) || !Double.isFinite(scatter.size())) {
            return Optional.of("The scatter must be 0 or more.");
        } else if (targetR.isPresent() && !(Math.abs(targetR.getAsDouble()) <= 1)) {
            return Optional.of("r lies between \u22121 and 1.");
        } else if (groups < 1 || groups > MOST_GROUPS || !Double.isFinite(apart)) {
            return Optional.of("There may be 1 to " + MOST_GROUPS + " groups.");
        } else if (oddities.outliers() < 0 || oddities.outliers() > n || oddities.missing() < 0 || oddities.missing() > n
                || !Double.isFinite(oddities.offBy())) {
            return Optional.of("There cannot be more outliers or missing cells than pairs.");
        } else if (placesX < 0 || placesX > MOST_PLACES || placesY < 0 || placesY > MOST_PLACES) {
            return Optional.of("Decimal places go from 0 to " + MOST_PLACES + ".");
        }
        return Optional.empty();
    }
}
