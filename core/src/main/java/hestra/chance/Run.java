package hestra.chance;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ThreadLocalRandom;
import java.util.function.BooleanSupplier;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LinearFit;

/**
 * One run of a play: what came of its draws, as far as they have been made. The draws are numbered from 1, and each follows from
 * the run's number and its own: the same run is the same everywhere, however it was stopped and gone on with. Used by one thread
 * at a time.
 */
public final class Run implements Playing {

    /** The most draws of one run. */
    public static final int MOST_DRAWS = 100_000;

    /** The most observations that are dealt or drawn. */
    public static final int MOST_OBSERVATIONS = 200_000;

    /** From so many shuffles on all arrangements are gone through where they are not more than {@link #MOST_ARRANGEMENTS}. */
    public static final int ENOUGH_FOR_ALL = 100;

    /** The arrangements of eight different values. */
    public static final int MOST_ARRANGEMENTS = 40_320;

    private static final int MOST_UNCHOSEN = 10_000;
    private static final int FEWEST = 3;
    private static final int FIRST_ROOM = 256;
    /** So many draws are made before it is asked whether to go on. */
    private static final int BETWEEN_LOOKS = 16;

    private final Setup setup;
    private final CurveFit fit;
    private final Way way;
    private final double centre;
    private final double ours;
    private final double meanX;
    private final double arrangements;
    private final OptionalDouble truth;
    private double[] values = new double[0];
    private double[] slopes = new double[0];
    private double[] levels = new double[0];
    private final BitSet missed = new BitSet();
    private int made;
    private double[] all;

    /**
     * What is played.
     *
     * @param play which play
     * @param pairs the pairs as the fit has them
     * @param curve the curve that is fitted to each draw
     * @param watched the number that is watched
     * @param number the run's number, from which chance begins
     * @param level the level of the intervals that are counted, between 0 and 1
     * @param source what another sample is drawn from; nothing where nothing is known of that
     */
    public record Setup(Play play, Pairs pairs, Curve curve, Watched watched, long number, double level,
            Optional<Source> source) {}

    private Run(Setup setup, CurveFit fit, Observations observed, Way way, double centre, double ours, double arrangements) {
        this.setup = setup;
        this.fit = fit;
        this.way = way;
        this.centre = centre;
        this.ours = ours;
        this.meanX = observed.meanX();
        this.arrangements = arrangements;
        this.truth = setup.play == Play.ANOTHER_SAMPLE
                ? setup.source.map(it -> it.truth(setup.watched)).orElse(OptionalDouble.empty()) : OptionalDouble.empty();
    }

    /** A number for a run that nobody chose: short, so that it is easily told and typed. */
    public static long unchosen() {
        return ThreadLocalRandom.current().nextLong(1, MOST_UNCHOSEN);
    }

    /** A run of which no draw has been made yet, or why there can be none. */
    public static Playing of(Setup setup) {
        return switch (LeastSquares.fit(setup.curve, setup.pairs)) {
            case Fit.None(String reason) -> new None(reason);
            case CurveFit fit -> of(setup, fit);
        };
    }

    /** The same where the fit to the pairs is known. */
    public static Playing of(Setup setup, CurveFit fit) {
        Optional<String> problem = problem(setup, fit);
        if (problem.isPresent()) {
            return new None(problem.get());
        }
        Observations observed = Observations.of(setup.pairs);
        return switch (setup.play) {
            case SHUFFLE -> shuffling(setup, fit, observed);
            case DRAW_AGAIN -> new Run(setup, fit, observed, new Redraws(observed, fit, setup.watched), 0,
                    value(setup, fit), Double.POSITIVE_INFINITY);
            case ANOTHER_SAMPLE -> setup.source.<Playing>map(source -> new Run(setup, fit, observed,
                    new Samples(source, setup.curve, setup.watched, setup.level, observed.meanX()), 0, value(setup, fit),
                    Double.POSITIVE_INFINITY)).orElseGet(() -> new None(
                            "Another sample can be made where it is known how the data came about: by a recipe."));
        };
    }

    private static Playing shuffling(Setup setup, CurveFit fit, Observations observed) {
        double arrangements = Deals.arrangements(observed.dy());
        if (fit instanceof LinearFit linear) {
            Deals deals = Deals.of(observed, linear, setup.watched);
            return deals.isPossible()
                    ? new Run(setup, fit, observed, deals, deals.centre(setup.watched), deals.ours(), arrangements)
                    : new None(LeastSquares.TOO_LARGE.reason());
        }
        return setup.watched instanceof Watched.FittedAt
                ? new Run(setup, fit, observed, new Refits(observed, fit, setup.watched, observed.meanY()), observed.meanY(),
                value(setup, fit) - observed.meanY(), Double.POSITIVE_INFINITY)
                : new None("Of this curve only the prediction at the reading line can be watched in shuffles.");
    }

    private static double value(Setup setup, CurveFit fit) {
        return setup.watched.of(fit).orElseThrow();
    }

    private static Optional<String> problem(Setup setup, CurveFit fit) {
        if (setup.pairs.n() < FEWEST) {
            return Optional.of("Two points are too few for this: chance needs three at least.");
        }
        if (setup.pairs.n() > MOST_OBSERVATIONS) {
            return Optional.of("There are too many observations to play with: more than " + MOST_OBSERVATIONS + ".");
        }
        boolean equal = setup.pairs.ys().distinct().limit(2).count() < 2;
        if (equal && setup.play == Play.SHUFFLE) {
            return Optional.of("All values of y are equal: dealt out anew they are the same.");
        }
        return setup.watched.of(fit).isPresent() ? Optional.empty()
                : Optional.of("The " + fit.inWords() + " has no such number to watch here.");
    }

    public Setup setup() {
        return setup;
    }

    /** The fit to the pairs that there are. */
    public CurveFit fit() {
        return fit;
    }

    /** What is watched, in the pairs that there are. */
    public double ours() {
        return centre + ours;
    }

    /** What is watched where chance alone has its middle: 0 of a slope and of r that are shuffled. */
    public double centre() {
        return centre;
    }

    /** What is true of the number that is watched; nothing where it is not known. */
    public OptionalDouble truth() {
        return truth;
    }

    /** Whether for so many draws all arrangements are gone through instead. */
    public boolean isOfAll(int wanted) {
        return arrangements <= wanted || wanted >= ENOUGH_FOR_ALL && arrangements <= MOST_ARRANGEMENTS;
    }

    /** Makes draws until there are so many; where all arrangements are gone through, some draws to be shown as well. */
    public void make(int wanted) {
        make(wanted, () -> true);
    }

    /**
     * Makes draws until there are so many or it is to stop, a few at least.
     *
     * @param goesOn asked now and then whether to go on
     */
    public void make(int wanted, BooleanSupplier goesOn) {
        if (isOfAll(wanted)) {
            goThroughAll();
        }
        int until = Math.min(wanted, isOfAll(wanted) ? ENOUGH_FOR_ALL : MOST_DRAWS);
        while (made < until) {
            int here = Math.min(until, made + BETWEEN_LOOKS);
            room(here);
            while (made < here) {
                Way.Outcome outcome = way.outcome(setup.number, made + 1);
                values[made] = outcome.value();
                slopes[made] = outcome.slope();
                levels[made] = outcome.level();
                boolean holds = truth.isPresent()
                        && outcome.interval().filter(it -> it.contains(truth.getAsDouble())).isPresent();
                missed.set(made, !holds);
                made++;
            }
            if (!goesOn.getAsBoolean()) {
                return;
            }
        }
    }

    private void room(int wanted) {
        if (wanted > values.length) {
            int size = Math.min(MOST_DRAWS, Math.max(FIRST_ROOM, Math.max(wanted, 2 * values.length)));
            values = Arrays.copyOf(values, size);
            slopes = Arrays.copyOf(slopes, size);
            levels = Arrays.copyOf(levels, size);
        }
    }

    private void goThroughAll() {
        if (all == null && way instanceof Deals deals) {
            double[] found = new double[(int) arrangements];
            int[] at = {0};
            deals.all(off -> found[at[0]++] = off);
            all = found;
        }
    }

    /** What came of so many draws, or of those that have been made by now where these are fewer. */
    public Pile pile(int wanted) {
        double rounding = way instanceof Deals deals ? deals.rounding() : 0;
        if (isOfAll(wanted) && all != null) {
            return Pile.of(new Pile.About(setup.play, centre, ours, rounding), all, all.length, missed, true);
        }
        return Pile.of(new Pile.About(setup.play, centre, ours, rounding), values, Math.min(wanted, made), missed, false);
    }

    /** The indices of the pairs that the observations of a shuffle are of, in the order in which a draw has them. */
    public int[] order() {
        return Observations.each(setup.pairs);
    }

    /** A draw by its number, from 1. */
    public Draw draw(int number) {
        return way.draw(setup.number, number);
    }

    /**
     * The height of the line of a draw that has been made at x; not a number where no line came of it. Of another curve see
     * {@link #draw}.
     */
    public double lineOf(int number, double x) {
        return levels[number - 1] + slopes[number - 1] * (x - meanX);
    }

    /** The slope of the line of a draw that has been made; not a number where no line came of it. */
    public double slopeOf(int number) {
        return slopes[number - 1];
    }

    /** How many draws have been made. */
    public int made() {
        return made;
    }

    /** Whether there is all that so many draws need. */
    public boolean has(int wanted) {
        return isOfAll(wanted) ? all != null : made >= Math.min(wanted, MOST_DRAWS);
    }

    /** Whether two runs are of the same: then what came of the one came of the other. */
    public boolean isOf(Setup other) {
        return setup.equals(other);
    }
}
