package hestra.chance;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.fit.Interval;

/** What came of the draws of a run: one number each, and what can be counted of them. */
public final class Pile {

    /** Ranks are exact to one part of so many: what is finer is the rounding of the level. */
    private static final double RANKS = 1e9;

    /**
     * What the pile is of.
     *
     * @param play which play
     * @param centre where chance alone has its middle
     * @param ours how far what is watched is from there, in the pairs that there are
     * @param rounding distances that differ by no more are the same
     */
    record About(Play play, double centre, double ours, double rounding) {}

    private final About about;
    /** In the order in which they were drawn, as distances from the centre; not a number where there is none. */
    private final double[] drawn;
    private final double[] sorted;
    private final BitSet missed;
    private final boolean ofAll;

    private Pile(About about, double[] drawn, double[] sorted, BitSet missed, boolean ofAll) {
        this.about = about;
        this.drawn = drawn;
        this.sorted = sorted;
        this.missed = missed;
        this.ofAll = ofAll;
    }

    static Pile of(About about, double[] values, int count, BitSet missed, boolean ofAll) {
        double[] drawn = Arrays.copyOf(values, count);
        double[] sorted = Arrays.stream(drawn).filter(Double::isFinite).sorted().toArray();
        return new Pile(about, drawn, sorted, missed.get(0, count), ofAll);
    }

    /** How many draws there are, those of which nothing came among them. */
    public int draws() {
        return drawn.length;
    }

    /** How many draws gave a number. */
    public int size() {
        return sorted.length;
    }

    /** How many draws no curve could be fitted to. */
    public int failed() {
        return drawn.length - sorted.length;
    }

    /** Whether these are all arrangements that there are, each once, the real one among them. */
    public boolean isOfAll() {
        return ofAll;
    }

    /** The numbers, the least first. */
    public double[] values() {
        return Arrays.stream(sorted).map(off -> about.centre + off).toArray();
    }

    /** The number of a draw, from 1; nothing where nothing came of it. */
    public OptionalDouble value(int draw) {
        double off = drawn[draw - 1];
        return Double.isFinite(off) ? OptionalDouble.of(about.centre + off) : OptionalDouble.empty();
    }

    /** What is watched, in the pairs that there are. */
    public double ours() {
        return about.centre + about.ours;
    }

    public double centre() {
        return about.centre;
    }

    public Play play() {
        return about.play;
    }

    /** Whether a number is at least as far from the centre as ours, on either side. */
    public boolean isAsFar(double value) {
        return isAsFarOff(value - about.centre, about.rounding + Math.ulp(about.centre) * 4);
    }

    private boolean isAsFarOff(double off, double rounding) {
        return Math.abs(off) >= Math.abs(about.ours) - rounding;
    }

    /** How many draws lie at least as far from the centre as ours, on either side. */
    public int asFar() {
        return (int) Arrays.stream(sorted).filter(off -> isAsFarOff(off, about.rounding)).count();
    }

    /** How many of these lie on our side. */
    public int asFarOnOurSide() {
        return (int) Arrays.stream(sorted)
                .filter(off -> isAsFarOff(off, about.rounding) && Math.signum(off) == Math.signum(about.ours)).count();
    }

    /**
     * The share of arrangements at least as far from the centre as ours: of all, the share itself; of those that were drawn,
     * (k + 1) ÷ (m + 1), since the real one is an arrangement too. Nothing before anything is drawn.
     *
     * @see "B. Phipson, G. K. Smyth, Permutation p-values should never be zero, Stat. Appl. Genet. Mol. Biol. 9 (2010)"
     */
    public OptionalDouble p() {
        return size() == 0 ? OptionalDouble.empty()
                : OptionalDouble.of(ofAll ? (double) asFar() / size() : (asFar() + 1.0) / (size() + 1));
    }

    /**
     * The ends between which the middle of the numbers lies: the (m + 1) q-th in order on either side, straight between
     * neighbours. Nothing where there are too few for that.
     *
     * @param level the share between the ends, between 0 and 1
     * @see "R. J. Hyndman, Y. Fan, Sample quantiles in statistical packages, The American Statistician 50 (1996), definition 6"
     */
    public Optional<Interval> middle(double level) {
        double rank = Math.rint((size() + 1) * (1 - level) / 2 * RANKS) / RANKS;
        return rank < 1 ? Optional.empty() : Optional.of(new Interval(about.centre + ordered(rank),
                about.centre + ordered(size() + 1 - rank)));
    }

    /** So many numbers have a middle of this level. */
    public static int enough(double level) {
        return (int) Math.min(Integer.MAX_VALUE, Math.ceil(2 / (1 - level) - 1 / RANKS) - 1);
    }

    private double ordered(double rank) {
        int below = (int) Math.floor(rank);
        double share = rank - below;
        double low = sorted[below - 1];
        return share == 0 || below >= sorted.length ? low : low + share * (sorted[below] - low);
    }

    /** How many draws have an interval that holds the truth. */
    public int held() {
        return drawn.length - missed.cardinality();
    }

    /** Whether the interval of a draw, from 1, does not hold the truth. */
    public boolean isMissed(int draw) {
        return missed.get(draw - 1);
    }
}
