package hestra.feedback;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

import hestra.fit.LeastSquares;
import hestra.numbers.Rounding;

/**
 * A mistake that is recognised from the wrong value or action that it produces: its name in files, its words, what to say about it, its
 * rank and how it is recognised. Of several that fit, those of the lowest rank are named first. In what is said, {x} and {y} stand for
 * the variables and {rounding} for the rounding that was asked for.
 */
public enum Mistake {
    AXES_EXCHANGED("axes-exchanged", "variables the wrong way round",
            "This is what comes out with the two variables the wrong way round. Which one explains the other?",
            1, new Slip((what, data) -> what.in(data.swapped()))),

    SLOPE_AND_INTERCEPT_EXCHANGED("slope-and-intercept-exchanged", "slope and intercept exchanged",
            "Slope and intercept are exchanged. Which of the two multiplies {x.name} in the equation?",
            1, new Slip((what, data) -> switch (what) {
                case Sought.Value(Quantity quantity) when quantity == Quantity.SLOPE -> data.value(Quantity.INTERCEPT);
                case Sought.Value(Quantity quantity) when quantity == Quantity.INTERCEPT -> data.value(Quantity.SLOPE);
                case Sought.Prediction(double x) -> exchanged(data, x);
                case Sought.Value _, Sought.Given _ -> OptionalDouble.empty();
            })),

    R_FOR_R_SQUARED("r-for-r-squared", "r for R²",
            "This is r. The share of the variation is its square.",
            1, new Slip((what, data) -> instead(what, data, Quantity.R_SQUARED, Quantity.R))),

    R_SQUARED_FOR_R("r-squared-for-r", "R² for r",
            "This is R². The correlation r is the root of it, with the sign of the slope.",
            1, new Slip((what, data) -> instead(what, data, Quantity.R, Quantity.R_SQUARED))),

    SIGN_LOST("sign-lost", "sign lost",
            "The size is right. Does {y} go up or down as {x} goes up?",
            1, new Slip((what, data) -> what instanceof Sought.Value(Quantity quantity) && quantity.hasDirection() ? negated(what.in(data)) : OptionalDouble.empty())),

    FORCED_THROUGH_ORIGIN("forced-through-origin", "line forced through the origin",
            "This is the slope of a line forced through 0. The line of least squares need not pass through 0.",
            2, new Slip((what, data) -> what.equals(new Sought.Value(Quantity.SLOPE)) ? LeastSquares.slopeThroughOrigin(data.pairs()) : OptionalDouble.empty())),

    SLIP_STILL_IN("slip-still-in", "mistyped value still in the data",
            "This comes out with the mistyped value still in the data. Correct the data first, then read again.",
            2, new InOtherData()),

    ANOTHER_POINT("another-point", "a point that stands out in another way",
            "This point stands out in another way than the one that is asked for.",
            1, new Choice()),

    ANOTHER_PLOT("another-plot", "a plot made by a typical error",
            "This plot is made by a typical error.",
            1, new Choice()),

    CUT_OFF("cut-off", "cut off, not rounded",
            "The digits after the last place were cut off. Look at the next digit and round.",
            3, new Writing()),

    WRONG_ROUNDING("wrong-rounding", "wrong number of places",
            "The value is right, its rounding is not: give it {rounding}.",
            4, new Writing());

    /** How a mistake is recognised. */
    sealed interface Sign {}

    /** By another value of the same data. */
    record Slip(Wrong wrong) implements Sign {}

    /** By the value that is asked for, in the data with every slip still in. */
    record InOtherData() implements Sign {}

    /** By what was chosen or pointed at: the task that asks for it recognises it. */
    record Choice() implements Sign {}

    /** By the way in which the right value is written down; this earns half the marks. */
    record Writing() implements Sign {}

    /** The value that a mistake gives for what is asked for, in a set of data; nothing where it cannot be made there. */
    @FunctionalInterface
    interface Wrong {
        OptionalDouble of(Sought what, Evidence data);
    }

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

    /** What to tell the student. */
    String say(Asked asked) {
        String rounding = asked.rounding().inWords();
        return says.replace("{x.name}", asked.x().name()).replace("{x}", asked.x().described()).replace("{y}", asked.y().described())
                .replace("{rounding}", rounding.isEmpty() ? new Rounding.Significant(3).inWords() : rounding);
    }

    int rank() {
        return rank;
    }

    /** Whether the value was right and only written down wrongly. */
    boolean isOfWriting() {
        return sign instanceof Writing;
    }

    /** The values that this mistake gives, one for each set of data from which the answer may come. */
    Stream<Double> wrongValues(Asked asked) {
        Stream<OptionalDouble> values = switch (sign) {
            case Slip(Wrong wrong) -> asked.sources().map(data -> wrong.of(asked.what(), data));
            case InOtherData _ -> asked.withSlips().stream().map(asked.what()::in);
            case Writing _, Choice _ -> Stream.of();
        };
        return values.filter(OptionalDouble::isPresent).map(OptionalDouble::getAsDouble);
    }

    /** What to say about mistakes of which each would explain the answer. */
    static String say(List<Mistake> mistakes, Asked asked) {
        return mistakes.size() == 1 ? mistakes.getFirst().say(asked)
                : "Two mistakes would explain this: " + String.join(", or ", mistakes.stream().map(Mistake::inWords).toList()) + ". Look at both.";
    }

    /** The mistake of this name in files. */
    public static Optional<Mistake> of(String id) {
        return Stream.of(values()).filter(it -> it.id.equals(id)).findFirst();
    }

    private static OptionalDouble exchanged(Evidence data, double x) {
        OptionalDouble a = data.value(Quantity.INTERCEPT);
        OptionalDouble b = data.value(Quantity.SLOPE);
        return a.isPresent() && b.isPresent() ? OptionalDouble.of(b.getAsDouble() + a.getAsDouble() * x) : OptionalDouble.empty();
    }

    private static OptionalDouble instead(Sought what, Evidence data, Quantity asked, Quantity taken) {
        return what.equals(new Sought.Value(asked)) ? data.value(taken) : OptionalDouble.empty();
    }

    private static OptionalDouble negated(OptionalDouble value) {
        return value.isPresent() ? OptionalDouble.of(-value.getAsDouble()) : value;
    }
}
