package hestra.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** A number of a recipe that may be another one in each variant. */
public enum Parameter {
    /** The first coefficient of the curve. */
    A("a"),
    /** The second. */
    B("b"),
    /** The third. */
    C("c"),
    /** The fourth. */
    D("d"),
    /** The standard deviation of the scatter. */
    SCATTER("scatter"),
    /** The correlation to aim at. */
    TARGET_R("target r"),
    /** The number of pairs. */
    PAIRS("pairs"),
    /** Where the steps of x begin, or the least that x may be. */
    X_FROM("x from"),
    /** The greatest that x may be. */
    X_TO("x to"),
    /** By how much the groups lie apart. */
    APART("groups apart"),
    /** The x of the far point. */
    FAR_X("far point, x"),
    /** How far the far point lies above the curve. */
    FAR_OFF("far point, above the curve");

    private final String words;

    Parameter(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    /** Whether it can only be a whole number. */
    public boolean isWhole() {
        return this == PAIRS;
    }

    /** Those that a recipe has. */
    public static List<Parameter> of(Recipe recipe) {
        return Stream.of(values()).filter(it -> it.in(recipe).isPresent()).toList();
    }

    /** Its value in a recipe; nothing where the recipe has none. */
    public OptionalDouble in(Recipe recipe) {
        return switch (this) {
            case A, B, C, D -> ordinal() < recipe.truth().coefficients().size()
                    ? OptionalDouble.of(recipe.truth().coefficients().get(ordinal())) : OptionalDouble.empty();
            case SCATTER -> recipe.targetR().isPresent() ? OptionalDouble.empty() : OptionalDouble.of(recipe.scatter().size());
            case TARGET_R -> recipe.targetR();
            case PAIRS -> OptionalDouble.of(recipe.n());
            case X_FROM -> switch (recipe.along()) {
                case Along.Steps(double from, double _) -> OptionalDouble.of(from);
                case Along.Between(double low, double _) -> OptionalDouble.of(low);
                case Along.About _ -> OptionalDouble.empty();
            };
            case X_TO -> recipe.along() instanceof Along.Between(double _, double high)
                    ? OptionalDouble.of(high) : OptionalDouble.empty();
            case APART -> recipe.groups() > 1 ? OptionalDouble.of(recipe.apart()) : OptionalDouble.empty();
            case FAR_X -> recipe.oddities().far().map(far -> OptionalDouble.of(far.x())).orElse(OptionalDouble.empty());
            case FAR_OFF -> recipe.oddities().far().map(far -> OptionalDouble.of(far.off())).orElse(OptionalDouble.empty());
        };
    }

    /** The recipe with another value of it; the same where the recipe has none. */
    public Recipe set(Recipe recipe, double value) {
        if (in(recipe).isEmpty()) {
            return recipe;
        }
        return switch (this) {
            case A, B, C, D -> recipe.with(new MeanCurve(recipe.truth().curve(), replaced(recipe.truth().coefficients(), value)));
            case SCATTER -> recipe.with(new Scatter(recipe.scatter().shape(), value, recipe.scatter().grows()));
            case TARGET_R -> recipe.aimingAt(OptionalDouble.of(value));
            case PAIRS -> recipe.withPairs((int) Math.round(value));
            case X_FROM -> recipe.with(recipe.along() instanceof Along.Steps(double _, double step)
                    ? new Along.Steps(value, step) : new Along.Between(value, X_TO.in(recipe).orElse(value)));
            case X_TO -> recipe.with(new Along.Between(X_FROM.in(recipe).orElse(value), value));
            case APART -> recipe.withApart(value);
            case FAR_X -> recipe.with(far(recipe, new Oddities.FarPoint(value, FAR_OFF.in(recipe).orElse(0))));
            case FAR_OFF -> recipe.with(far(recipe, new Oddities.FarPoint(FAR_X.in(recipe).orElse(0), value)));
        };
    }

    private List<Double> replaced(List<Double> coefficients, double value) {
        List<Double> list = new ArrayList<>(coefficients);
        list.set(ordinal(), value);
        return list;
    }

    private static Oddities far(Recipe recipe, Oddities.FarPoint point) {
        Oddities odd = recipe.oddities();
        return new Oddities(odd.outliers(), odd.offBy(), Optional.of(point), odd.missing());
    }
}
