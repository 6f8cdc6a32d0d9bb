package hestra.chance;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.LeastSquares;
import hestra.numbers.DecimalMark;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;

/** What another sample is drawn from: a truth that is known. */
public sealed interface Source {

    /** The sample that begins from a number; nothing where none can be made. */
    Optional<Pairs> sample(long seed);

    /** What is true of the number that is watched, where that can be said. */
    OptionalDouble truth(Watched watched);

    /**
     * Data whose truth is taken from data: their own curve, with normal scatter as large as theirs.
     *
     * @param observed the pairs, whose x stay as they are
     * @param fit the curve that counts as the truth
     * @param scatter the standard deviation about it
     */
    record OfCurve(Pairs observed, CurveFit fit, double scatter) implements Source {
        @Override
        public Optional<Pairs> sample(long seed) {
            SplittableRandom random = new SplittableRandom(seed);
            int[] of = Observations.each(observed);
            double[] x = IntStream.of(of).mapToDouble(observed::x).toArray();
            double[] y = IntStream.range(0, x.length).mapToDouble(i -> fit.fitted(x[i]).orElse(Double.NaN)
                    + scatter * random.nextGaussian()).toArray();
            return Arrays.stream(y).allMatch(Double::isFinite) ? Optional.of(Pairs.of(x, y)) : Optional.empty();
        }

        @Override
        public OptionalDouble truth(Watched watched) {
            return watched.of(fit);
        }
    }

    /**
     * A recipe: each sample is made as its data were.
     *
     * @param recipe how data are made
     * @param kind the curve that is fitted to them
     */
    record OfRecipe(Recipe recipe, Curve kind) implements Source {

        private static final double SAME = 1e-9;

        @Override
        public Optional<Pairs> sample(long seed) {
            return Sample.of(recipe.withSeed(seed), Variable.named("x"), Variable.named("y"), DecimalMark.POINT)
                    instanceof Sample.Done(Sample sample)
                    ? Optional.of(Pairs.of(sample.table(), sample.roles())) : Optional.empty();
        }

        /** Of a coefficient where the recipe's curve is of the kind that is fitted; at an x always; of r nothing is true. */
        @Override
        public OptionalDouble truth(Watched watched) {
            return switch (watched) {
                case Watched.FittedAt(double x) -> Double.isFinite(recipe.truth().at(x))
                        ? OptionalDouble.of(recipe.truth().at(x)) : OptionalDouble.empty();
                case Watched.R _ -> OptionalDouble.empty();
                case Watched.OfCoefficient _ -> sample(0).map(this::onTruth)
                        .flatMap(pairs -> LeastSquares.fit(kind, pairs).curveFit())
                        .filter(fit -> fit.goodness().rSquared().orElse(0) > 1 - SAME).map(watched::of)
                        .orElse(OptionalDouble.empty());
            };
        }

        /** Pairs that lie on the recipe's curve. */
        private Pairs onTruth(Pairs pairs) {
            double[] x = pairs.xs().filter(at -> Double.isFinite(recipe.truth().at(at))).toArray();
            return Pairs.of(x, IntStream.range(0, x.length).mapToDouble(i -> recipe.truth().at(x[i])).toArray());
        }
    }
}
