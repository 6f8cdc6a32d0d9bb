package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.equations.EquationReader;
import hestra.equations.TypedEquation;
import hestra.feedback.Evidence;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.fit.Coefficient;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Equation;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.numbers.Rounding;
import hestra.numbers.Words;

/**
 * The student writes the equation of a curve.
 *
 * @param curve which
 * @param digits to how many significant digits each coefficient is given, at least
 */
public record WriteEquation(Terms terms, Curve curve, int digits) implements ByTyping, RestsOnGiven, UsesCurve {

    public static final int LEAST_DIGITS = 1;
    public static final int MOST_DIGITS = 8;
    private static final int USUAL_DIGITS = 3;
    private static final String FAR_FROM_0 =
            "x lies so far from 0 that the coefficient a cannot be written: measure x from a start nearer to the data";
    /** What a coefficient may differ by beyond rounding. */
    private static final double HAIR = 1e-9;

    /** The curves that can be asked for. */
    public static final List<Curve> CURVES = List.of(new Curve.Line(), new Curve.Polynomial(2), new Curve.Polynomial(3),
            new Curve.Exponential(Curve.FittedOn.VALUES), new Curve.Exponential(Curve.FittedOn.LOGARITHMS),
            new Curve.Power(Curve.FittedOn.VALUES), new Curve.Power(Curve.FittedOn.LOGARITHMS), new Curve.Logarithmic(),
                    new Curve.ThroughOrigin());

    static final Kind KIND = new Kind("write-equation", "Write the equation", Kind.Group.NUMBERS, WriteEquation.class,
            (id, _) -> new WriteEquation(
            Terms.of(id, "Write the equation", "Write the equation of the line of least squares.", 3), new Curve.Line(),
                    USUAL_DIGITS));

    public WriteEquation {
        if (!CURVES.contains(curve) || digits < LEAST_DIGITS || digits > MOST_DIGITS) {
            throw new IllegalArgumentException(curve + " to " + digits + " digits");
        }
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new WriteEquation(other, curve, digits);
    }

    @Override
    public Optional<Curve> writes() {
        return Optional.of(curve);
    }

    @Override
    public boolean asksFor(Quantity quantity) {
        return curve instanceof Curve.Line && (quantity == Quantity.SLOPE || quantity == Quantity.INTERCEPT);
    }

    @Override
    public Set<Curve> curves() {
        return Set.of(curve);
    }

    @Override
    public Set<Aid> needs() {
        return curve instanceof Curve.Line ? Set.of(Aid.EQUATION) : Set.of(Aid.CURVES, Aid.EQUATION);
    }

    private static EquationReader.Reading read(Answer answer, Truth truth) {
        return EquationReader.read(answer.as(Answer.Typed.class).text(), truth.x(), truth.y(), truth.mark());
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        if (answer.isBlank()) {
            return Optional.of("Type the equation first.");
        }
        return read(answer, truth) instanceof EquationReader.Refused(String reason)
                ? Optional.of(reason + " Type an equation, such as " + truth.y().name() + " = " + truth.style()
                .shortest(1.5) + " + " + truth.style().shortest(2.5) + " \u00b7 " + truth.x().name() + ".") : Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        if (!(read(attempt.answer(), truth) instanceof EquationReader.Done(TypedEquation typed))) {
            return Verdict.wrong("This is no equation.");
        }
        List<Evidence> sources = new ArrayList<>(truth.accepted(attempt));
        truth.kept(attempt).ifPresent(sources::add);
        if (typed.isTurnedRound()) {
            return Verdict.wrong("This gives " + truth.x().described() + " by " + truth.y().described() + ". It is " + truth.y()
                    .described() + " that is to be given by " + truth.x().described() + ".")
                    .recognising(List.of(Mistake.AXES_EXCHANGED));
        }
        Optional<double[]> given = typed.coefficients(curve);
        if (given.isEmpty() || !hasForm(given.get())) {
            String found = typed.family().map(it -> "This is the equation of " + Words.withArticle(family(it)) + ". ").orElse("");
            return Verdict.wrong(found + Words.capitalized(Words.withArticle(family(curve))) + " is asked for.");
        }
        if (sources.stream().anyMatch(it -> inX(it).filter(fit -> areAll(given.get(), values(fit)))
                .isPresent())) {
            return Verdict.right(terms.marks(), "Right.");
        }
        List<Mistake> found = mistakes(given.get(), truth, sources);
        return byCoefficient(given.get(), truth, found);
    }

    /** A quadratic has a square; a line may be flat. */
    private boolean hasForm(double[] given) {
        return !(curve instanceof Curve.Polynomial(int degree)) || given[degree] != 0;
    }

    private static String family(Curve curve) {
        return switch (curve) {
            case Curve.Exponential _ -> "exponential curve";
            case Curve.Power _ -> "power curve";
            default -> curve.familyInWords();
        };
    }

    private Verdict byCoefficient(double[] given, Truth truth, List<Mistake> found) {
        Optional<CurveFit> fit = inX(truth.evidence());
        if (fit.isEmpty()) {
            return Verdict.wrong("The data give no such curve.");
        }
        double[] key = values(fit.get());
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < asked(); i++) {
            boolean right = isOne(given, key, i);
            String name = fit.get().coefficients().get(i).name();
            parts.add(new Verdict.Part(name, right ? Outcome.RIGHT : Outcome.WRONG, right ? "" : "This is another value."));
            if (!right) {
                wrong.add(name);
            }
        }
        boolean tooShort = found.isEmpty() && IntStream.range(0, asked())
                .allMatch(i -> isRounded(given[i], key[i]) || i == 1 && key.length > 2 && isRounded(given[2], key[2]));
        if (tooShort) {
            return Verdict.of(Outcome.NEARLY, terms.marks() / 2.0,
                    "The equation is right, but the coefficients are rounded too far: give " + digits + " significant digits.")
                    .recognising(List.of(Mistake.WRONG_ROUNDING));
        }
        String message = found.isEmpty() ? "The form is right. Look again at: " + String.join(", ", wrong) + "."
                : Mistake.say(found, truth.x(), truth.y(), new Rounding.Significant(digits));
        return Verdict.ofParts(terms.marks(), parts, message).recognising(found);
    }

    /** The curve whose equation is written in x itself. */
    private Optional<CurveFit> inX(Evidence data) {
        return data.fit(curve).curveFit().filter(it -> it.reference().x().isEmpty());
    }

    /** How many coefficients are judged: an exponential's rate says the same as its base. */
    private int asked() {
        return curve.coefficients();
    }

    private static double[] values(CurveFit fit) {
        return fit.coefficients().stream().mapToDouble(Coefficient::value).toArray();
    }

    private boolean areAll(double[] given, double[] key) {
        return IntStream.range(0, asked()).allMatch(i -> isOne(given, key, i));
    }

    private boolean isOne(double[] given, double[] key, int i) {
        // The base or the rate of an exponential: either may be what was rounded.
        return isNear(given[i], key[i]) || curve instanceof Curve.Exponential && i == 1 && key.length > 2
                && isNear(given[2], key[2]);
    }

    private boolean isNear(double given, double key) {
        double unit = key == 0 ? Math.pow(10, -digits) : Math.pow(10, Math.floor(Math.log10(Math.abs(key))) - digits + 1);
        return Math.abs(given - key) <= 0.5 * unit * (1 + HAIR) + HAIR * Math.abs(key);
    }

    /** Whether a coefficient is the right one, rounded to fewer digits. */
    private static boolean isRounded(double given, double key) {
        for (int digits = 1; digits <= MOST_DIGITS; digits++) {
            if (key != 0 && new Rounding.Significant(digits).apply(key).doubleValue() == given) {
                return true;
            }
        }
        return false;
    }

    private List<Mistake> mistakes(double[] given, Truth truth, List<Evidence> sources) {
        List<Mistake> found = new ArrayList<>();
        for (Evidence data : sources) {
            double[] key = inX(data).map(WriteEquation::values).orElse(new double[0]);
            if (key.length == 0) {
                continue;
            }
            inX(data.swapped()).filter(it -> areAll(given, values(it)))
                    .ifPresent(_ -> add(found, Mistake.AXES_EXCHANGED));
            if (curve instanceof Curve.Line && areAll(given, new double[] {key[1], key[0]})) {
                add(found, Mistake.SLOPE_AND_INTERCEPT_EXCHANGED);
            }
            for (int i = 0; i < asked(); i++) {
                double[] turned = key.clone();
                turned[i] = -turned[i];
                if (areAll(given, turned)) {
                    add(found, Mistake.SIGN_LOST);
                }
            }
            if (curve instanceof Curve.Line) {
                LeastSquares.slopeThroughOrigin(data.pairs()).stream().filter(it -> areAll(given, new double[] {0, it}))
                        .forEach(_ -> add(found, Mistake.FORCED_THROUGH_ORIGIN));
            }
            if (curve instanceof Curve.Exponential && key.length > 2
                    && (areAll(given, new double[] {key[0], key[2], Double.NaN})
                            || areAll(given, new double[] {key[0], Math.exp(key[1]), key[1]}))) {
                add(found, Mistake.BASE_AND_RATE);
            }
        }
        truth.withSlips().flatMap(this::inX).filter(it -> areAll(given, values(it)))
                .ifPresent(_ -> add(found, Mistake.SLIP_STILL_IN));
        return found.size() > 2 ? found.subList(0, 2) : found;
    }

    private static void add(List<Mistake> found, Mistake mistake) {
        if (!found.contains(mistake)) {
            found.add(mistake);
        }
    }

    @Override
    public Key key(Truth truth) {
        return switch (truth.evidence().fit(curve)) {
            case Fit.None(String reason) -> Key.missing(reason);
            case CurveFit fit when fit.reference().x().isPresent() -> Key.missing(FAR_FROM_0);
            case CurveFit fit ->
                    Key.of(Equation.of(fit, truth.x(), truth.y(), truth.style().withDigits(Math.max(digits, 2))).plain());
        };
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        Key key = key(truth);
        return List.of(new OnPaper.Blank("", "", true, key.computed() ? key.text() : ""));
    }
}
