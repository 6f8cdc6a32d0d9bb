package hestra.feedback;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

import hestra.data.Variable;
import hestra.fit.Curve;
import hestra.numbers.Rounding;

/**
 * A mistake that is recognised from the wrong value or action that it produces: its name in files, its words, what to say about
 * it, its rank and how it is recognised. Of several that fit, those of the lowest rank are named first. In what is said, {x} and
 * {y} stand for the variables, {unit} for the unit, {rounding} for the rounding that was asked for and {quantity} for another
 * quantity.
 */
public enum Mistake {
    AXES_EXCHANGED("axes-exchanged", "variables the wrong way round",
            "This is what comes out with the two variables the wrong way round. Which one explains the other?",
            1, new Slip(Slips::axesExchanged)),

    SLOPE_AND_INTERCEPT_EXCHANGED("slope-and-intercept-exchanged", "slope and intercept exchanged",
            "Slope and intercept are exchanged. Which of the two multiplies {x.name} in the equation?",
            1, new Slip(Slips::exchangedCoefficients)),

    R_FOR_R_SQUARED("r-for-r-squared", "r for R²",
            "This is r. The share of the variation is its square.",
            1, new Slip(Slips::rootForSquare)),

    R_SQUARED_FOR_R("r-squared-for-r", "R² for r",
            "This is R². The correlation r is the root of it, with the sign of the slope.",
            1, new Slip(Slips::squareForRoot)),

    SIGN_LOST("sign-lost", "sign lost",
            "The size is right. Does {y} go up or down as {x} goes up?",
            1, new Slip((what, data) -> what.quantity() != null && what.quantity().hasDirection()
                    ? what.in(data).stream().map(it -> -it) : Slips.nothing())),

    RESIDUAL_REVERSED("residual-reversed", "predicted less observed",
            "This is the predicted value less the observed one. A residual is the other way round: observed less predicted.",
            1, new Slip((what, data) -> Slips.made(what, data, List.of(Quantity.RESIDUAL, Quantity.STANDARDISED_RESIDUAL),
                    it -> -it))),

    PERCENT_AND_PROPORTION("percent-and-proportion", "percent and proportion mixed up",
            "Percent and proportion are mixed up here: one is a hundred times the other. Write the percent sign, or give a "
                    + "number from 0 to 1.",
            1, new Slip((what, data) -> Slips.made(what, data,
                    List.of(Quantity.R_SQUARED, Quantity.ADJUSTED_R_SQUARED, Quantity.R, Quantity.SLOPE_P), it -> it * 100),
                    (what, data) -> Slips.made(what, data, List.of(Quantity.R_SQUARED, Quantity.ADJUSTED_R_SQUARED, Quantity.R),
                            it -> it / 100))),

    ADJUSTED_FOR_R_SQUARED("adjusted-for-r-squared", "adjusted R² for R²",
            "This is the adjusted R². R² itself stands beside it.",
            1, new Slip((what, data) -> Slips.instead(what, data, Quantity.R_SQUARED, Quantity.ADJUSTED_R_SQUARED))),

    R_SQUARED_FOR_ADJUSTED("r-squared-for-adjusted", "R² for adjusted R²",
            "This is R². The adjusted one takes the number of coefficients into account and is a little smaller.",
            1, new Slip((what, data) -> Slips.instead(what, data, Quantity.ADJUSTED_R_SQUARED, Quantity.R_SQUARED))),

    N_FOR_N_MINUS_1("n-for-n-minus-1", "n for n \u2212 1, or the reverse",
            "The deviation was divided by the other of n and n \u2212 1. Which of them is asked for?",
            1, new Slip((what, data) -> Slips.instead(what, data, Quantity.DEVIATION_X, Quantity.DEVIATION_OF_ALL_X),
                    (what, data) -> Slips.instead(what, data, Quantity.DEVIATION_Y, Quantity.DEVIATION_OF_ALL_Y),
                    (what, data) -> Slips.instead(what, data, Quantity.DEVIATION_OF_ALL_X, Quantity.DEVIATION_X),
                            (what, data) -> Slips.instead(what, data, Quantity.DEVIATION_OF_ALL_Y, Quantity.DEVIATION_Y),
                    (what, data) -> Slips.made(what, data, List.of(Quantity.COVARIANCE),
                            it -> it * (data.pairs().n() - 1) / data.pairs().n()))),

    STEP_FORGOTTEN("step-forgotten", "a square, a root or a division forgotten",
            "A step of the formula is missing: a square, the root or the division. Go through the formula step by step.",
            1, new Slip(Slips::stepForgotten)),

    WRONG_DIVISOR("wrong-divisor", "divided by another number",
            "The squares were divided by another number. For the residual standard error divide by n less the number of "
                    + "coefficients.",
            1, new Slip(Slips::wrongDivisor)),

    DISTANCES_FOR_SQUARES("distances-for-squares", "distances added up, not squares",
            "The distances were added up as they are. Square each of them first.",
            1, new Slip(Slips::distances)),

    BASE_AND_RATE("base-and-rate", "base and rate mixed up",
            "Base and rate are mixed up: in e^(k x) the rate is k, the natural logarithm of the base b.",
            1, new Slip(Slips::baseAndRate)),

    LEFT_ON_LOG_SCALE("left-on-log-scale", "left on the log scale",
            "This is a logarithm still. Turn it back into {y}.",
            1, new Slip(Slips::leftOnLogScale)),

    WRONG_FORMULA("wrong-formula", "another formula, or a term or a square left out",
            "A step is missing, or another formula was used. Write the equation down, put the given number into it, and go on "
                    + "term by term.",
            2, new Slip(Slips::wrongFormula)),

    WRONG_SIDE("wrong-side", "the number put in for the other variable",
            "The number was put in for the other variable. What is given: {x} or {y}?",
            2, new Slip(Slips::wrongSide)),

    OTHER_INTERVAL("other-interval", "the interval of the mean for that of a single value, or the reverse",
            "This is an end of the other interval. The interval of the mean response is narrow; that of a single response has "
                    + "the spread about the curve in it too.",
            1, new Slip(Slips::otherInterval)),

    NEIGHBOURING_ROW("neighbouring-row", "the value of a neighbouring row",
            "This belongs to the row above or below. Look at the number of the row again.",
            1, new Slip(Slips::neighbour)),

    MANTISSA_OF_P("mantissa-of-p", "power of ten of p left out",
            "p is very small: a power of ten stands behind these digits.",
            1, new Slip(Slips::mantissa)),

    FORCED_THROUGH_ORIGIN("forced-through-origin", "line forced through the origin",
            "This comes from a line forced through 0. The line of least squares need not pass through 0.",
            2, new Slip((what, data) -> what.equals(new Sought.Value(Quantity.SLOPE)) ? data.slopeThroughOrigin().stream()
                    : what instanceof Sought.Prediction(double x, Curve.Line _)
                    ? data.slopeThroughOrigin().stream().map(it -> it * x)
                    : what instanceof Sought.Reached(double y, Curve.Line _)
                    ? data.slopeThroughOrigin().stream().map(it -> y / it) : Slips.nothing())),

    TWO_POINTS("two-points", "two points taken instead of all",
            "This comes from the line through two points alone. The line of least squares takes all of them.",
            2, new Slip(Slips::twoPoints)),

    SLIP_STILL_IN("slip-still-in", "mistyped value still in the data",
            "This comes out with the mistyped value still in the data. Correct the data first, then read again.",
            2, new InOtherData()),

    SET_ASIDE_USED("set-aside-used", "points used that are set aside",
            "This comes out with the points that are set aside. Leave them out of the calculation.",
            2, new WithSetAside()),

    ROUNDED_TOO_EARLY("rounded-too-early", "rounded too early",
            "This comes out when the numbers on the way are rounded. Keep all digits until the end.",
            2, new Slip(Slips::roundedEarly)),

    ANOTHER_CURVE("another-curve", "the value of another curve",
            "This belongs to another curve. Look at which curve is asked for.",
            4, new Slip(Slips::otherCurves)),

    ANOTHER_POINT("another-point", "a point that stands out in another way",
            "This point stands out in another way than the one that is asked for.",
            1, new Choice()),

    ANOTHER_PLOT("another-plot", "a plot made by a typical error",
            "This plot is made by a typical error.",
            1, new Choice()),

    CAUSE_CLAIMED("cause-claimed", "a cause claimed",
            "This claims a cause. The data show that the two go together, not why.",
            1, new Choice()),

    EXPLAINED_WRONG_WAY("explained-wrong-way", "explained the wrong way round",
            "This says how {x} changes with {y}. The slope says how {y} changes with {x}.",
            1, new Choice()),

    R_SQUARED_AS_ACCURACY("r-squared-as-accuracy", "R² read as a share of points, or as accuracy",
            "R² is a share of the variation, not of the points, and it does not say how often something is right.",
            1, new Choice()),

    INTERCEPT_FAR_OUTSIDE("intercept-far-outside", "intercept explained far outside the data",
            "0 lies outside the data. Nothing measured says what happens there.",
            1, new Choice()),

    P_AS_CHANCE_OF_NONE("p-as-chance-of-none", "p taken for the chance that there is no relation",
            "p is worked out as if there were no relation: it is the chance of a slope at least this far from 0 then. It is "
                    + "not the chance that there is no relation.",
            1, new Choice()),

    DECISION_REVERSED("decision-reversed", "decision the wrong way round",
            "The decision is the wrong way round. A small p speaks against no relation; a large one leaves it possible.",
            1, new Choice()),

    NOTHING_PROVED("nothing-proved", "nothing found taken for nothing there",
            "That data leave something open does not prove that nothing is there.",
            1, new Choice()),

    ZERO_FOR_OURS("zero-for-ours", "a pile about 0 read as one about ours",
            "Shuffles have their middle at 0, whatever ours is: they show what chance does where nothing is there, not how far "
                    + "ours could be off.",
            1, new Choice()),

    OURS_FOR_ZERO("ours-for-zero", "a pile about ours read as one about 0",
            "Draws from these points have their middle near ours, not at 0: they show how far ours could be off.",
            1, new Choice()),

    ONE_SIDE_OF_TWO("one-side-of-two", "one side counted for two",
            "This is the share on one side only. At least as far from 0 means on either side.",
            1, new Choice()),

    NEARER_COUNTED("nearer-counted", "those nearer to 0 counted",
            "This is the share of those that lie nearer to 0. Those at least as far out are asked for.",
            1, new Choice()),

    EXTRAPOLATION_TRUSTED("extrapolation-trusted", "extrapolation trusted",
            "This lies outside the data. Nothing measured says that the curve goes on like this.",
            1, new Choice()),

    INTERPOLATION_MISTRUSTED("interpolation-mistrusted", "interpolation mistrusted",
            "This lies among the data, so the curve may be trusted here.",
            1, new Choice()),

    CUT_OFF("cut-off", "cut off, not rounded",
            "The digits after the last place were cut off. Look at the next digit and round.",
            3, new Writing()),

    COLUMN_SORTED("column-sorted", "one column sorted alone",
            "This comes out when one column is sorted and the other is not. The two values of a pair belong together.",
            4, new Slip(RowSlips.SORTED::values)),

    PAIRS_SLIPPED("pairs-slipped", "pairs slipped by one row",
            "This comes out when one column has slipped by a row. Compare the pairs with the table, one by one.",
            4, new Slip(RowSlips.SLIPPED::values)),

    ROW_LEFT_OUT("row-left-out", "a row left out",
            "This comes out when one of the rows is left out. Count the pairs that you used.",
            5, new Slip(RowSlips.LEFT_OUT::values)),

    ROW_TOO_MANY("row-too-many", "a row too many",
            "This comes out with a row too many: one taken twice, or a heading or an empty cell taken as 0. Count the pairs "
                    + "that you used.",
            5, new Slip(RowSlips.TOO_MANY::values)),

    NEIGHBOURS_EXCHANGED("neighbours-exchanged", "two neighbours exchanged",
            "This comes out when two neighbouring values of a column have changed places. Compare the pairs with the table.",
            6, new Slip(RowSlips.EXCHANGED::values)),

    DECIMAL_MOVED("decimal-moved", "a decimal point moved in an entry",
            "This comes out when the decimal point of one value has moved. Compare your data with the table.",
            6, new Slip(RowSlips.DECIMAL_MOVED::values)),

    DIGITS_EXCHANGED("digits-exchanged", "digits exchanged in an entry",
            "This comes out when two digits of one value have changed places. Compare your data with the table.",
            7, new Slip(RowSlips.DIGITS_EXCHANGED::values)),

    UNIT_SLIP("unit-slip", "right number, another unit",
            "The number is right, the unit behind it is not. What are {x} and {y} measured in?",
            3, new Writing()),

    UNIT_MISSING("unit-missing", "unit left out",
            "The number is right. Give its unit too.",
            3, new Writing()),

    POWER_OF_TEN("power-of-ten", "a power of ten too many or too few",
            "The digits are right, the size is not. Look at the decimal point, and at the units.",
            3, new Slip(Slips::powersOfTen)),

    OTHER_UNIT("other-unit", "the value in another unit",
            "This is the value in another unit: {x.name} or {y.name} was taken in another unit than that of the data. Look at "
                    + "the headings of the table.",
            3, new InAnotherUnit()),

    ROUNDED_TOO_FAR("rounded-too-far", "rounded too far",
            "The value is right, but it is rounded too far: give it {rounding}.",
            8, new Writing()),

    ANOTHER_NUMBER("another-number", "another number of the same data",
            "This is another number of these data: {quantity}.",
            3, new Another()),

    WRONG_ROUNDING("wrong-rounding", "wrong number of places",
            "The value is right, its rounding is not: give it {rounding}.",
            8, new Writing());

    /** How a mistake is recognised. */
    sealed interface Sign {}

    /** By other values of the same data. */
    record Slip(List<Wrong> wrongs) implements Sign {
        Slip(Wrong... wrongs) {
            this(List.of(wrongs));
        }
    }

    /** By the value that is asked for, in the data with every slip still in. */
    record InOtherData() implements Sign {}

    /** By the value that is asked for, in the data with the points that are set aside. */
    record WithSetAside() implements Sign {}

    /** By the value that is asked for, in other units of the same kind. */
    record InAnotherUnit() implements Sign {}

    /** By what was chosen, pointed at or written: the task that asks for it recognises it. */
    record Choice() implements Sign {}

    /** By another quantity of the same data, which has that value. */
    record Another() implements Sign {}

    /** By the way in which the right value is written down; this earns half the marks. */
    record Writing() implements Sign {}

    /** The values that a mistake gives for what is asked for, in a set of data; none where it cannot be made there. */
    @FunctionalInterface
    interface Wrong {
        DoubleStream of(Sought what, Evidence data);
    }

    /** The greatest rank. */
    static final int LAST_RANK = 8;

    private final String id;
    private final String words;
    private final String says;
    private final int rank;
    private final Sign sign;

    Mistake(String id, String words, String says, int rank, Sign sign) {
        this.id = id;
        this.words = words;
        this.says = says;
        this.rank = rank;
        this.sign = sign;
    }

    /** What it is called in files. */
    public String id() {
        return id;
    }

    public String inWords() {
        return words;
    }

    /** What is said about it, with its places still open. */
    public String says() {
        return says;
    }

    private String say(Variable x, Variable y, Rounding asked) {
        String rounding = asked.inWords();
        return says.replace("{x.name}", x.name()).replace("{y.name}", y.name()).replace("{x}", x.described())
                .replace("{y}", y.described())
                .replace("{rounding}", rounding.isEmpty() ? new Rounding.Significant(3).inWords() : rounding);
    }

    int rank() {
        return rank;
    }

    /** Whether the value was right and only written down wrongly. */
    boolean isOfWriting() {
        return sign instanceof Writing;
    }

    /** How it is recognised, in a few words. */
    public String recognisedBy() {
        return switch (sign) {
            case Slip _ -> "the value that it gives";
            case InOtherData _ -> "the value with the mistyped data";
            case WithSetAside _ -> "the value with the points that are set aside";
            case InAnotherUnit _ -> "the value in other units";
            case Choice _ -> "what was chosen, pointed at or written";
            case Another _ -> "the value of another quantity of the same data";
            case Writing _ -> "how the right value is written";
        };
    }

    /** Whether it is recognised from a wrong value. */
    public boolean isOfValue() {
        return !(sign instanceof Choice) && !(sign instanceof Writing) && !(sign instanceof Another);
    }

    /** The values that this mistake gives, for each set of data from which the answer may come. */
    DoubleStream wrongValues(NumberCriteria asked) {
        return wrongValues(asked.what(), asked);
    }

    private DoubleStream wrongValues(Sought what, NumberCriteria asked) {
        if (what instanceof Sought.InUnit(Sought inner, double ratio)) {
            return wrongValues(inner, asked).map(it -> it / ratio);
        }
        return switch (sign) {
            case Slip(List<Wrong> wrongs) ->
                    asked.sources().flatMapToDouble(data -> wrongs.stream().flatMapToDouble(it -> it.of(what, data)));
            case InOtherData _ -> asked.withSlips().stream().flatMapToDouble(data -> what.in(data).stream());
            case WithSetAside _ -> asked.withSetAside().stream().flatMapToDouble(data -> what.in(data).stream());
            case InAnotherUnit _ ->
                    asked.sources().flatMapToDouble(what::all)
                    .flatMap(value -> what.measured().inOtherUnits(value, asked.x(), asked.y()));
            case Writing _, Choice _, Another _ -> DoubleStream.empty();
        };
    }

    /** What to tell the student about mistakes of which each would explain the answer. */
    public static String say(List<Mistake> mistakes, Variable x, Variable y, Rounding rounding) {
        return mistakes.size() == 1 ? mistakes.getFirst().say(x, y, rounding)
                : "Two mistakes would explain this: " + String.join(", or ", mistakes.stream().map(Mistake::inWords).toList())
                + ". Look at both.";
    }

    /** Those that a choice or a sentence can show, not a number alone. */
    public static List<Mistake> ofChoices() {
        return Stream.of(values()).filter(it -> it.sign instanceof Choice || it == AXES_EXCHANGED || it == R_FOR_R_SQUARED
                || it == R_SQUARED_FOR_R || it == SIGN_LOST).toList();
    }

    /** The mistake of this name in files. */
    public static Optional<Mistake> of(String id) {
        return Stream.of(values()).filter(it -> it.id.equals(id)).findFirst();
    }

    private static final Map<Integer, List<Mistake>> BY_RANK = Stream.of(values()).filter(Mistake::isOfValue)
            .collect(Collectors.groupingBy(Mistake::rank));

    /** All of a rank that are recognised from a wrong value. */
    static List<Mistake> ofRank(int rank) {
        return BY_RANK.getOrDefault(rank, List.of());
    }
}
