package hestra.feedback;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Diagnostics;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.Residuals;
import hestra.numbers.Once;
import hestra.numbers.Remembered;
import hestra.summary.Summary;

/**
 * A set of pairs that an answer may rest on, with its line and other curves: the true data, the true data without a row that was
 * rightly set aside, or the data with the slip still in. What was worked out is kept; used by one thread at a time.
 */
public final class Evidence {

    private static final double BEYOND_DOUBT = 0.001;

    private final Pairs pairs;
    private final Fit line;
    private final Map<Curve, Fit> fits = new HashMap<>();
    private final Map<Curve, List<Diagnostics.Point>> points = new HashMap<>();
    private final Map<Curve, Boolean> patterned = new HashMap<>();
    private final Once<Optional<Summary>> ofX = new Once<>();
    private final Once<Optional<Summary>> ofY = new Once<>();
    private final Once<Evidence> swapped = new Once<>();
    private final Map<RowSlips, List<Moments>> slips = new EnumMap<>(RowSlips.class);
    private final Once<Moments> moments = new Once<>();
    private final Once<OptionalDouble> throughOrigin = new Once<>();
    private List<Emptied> emptied = List.of();
    private final Remembered<NumberCriteria, WrongValues> wrong = new Remembered<>(MOST_ASKED);

    /** A pair of which one value is missing, with 0 in its place. */
    record Emptied(double x, double y) {}

    private Evidence(Pairs pairs, Fit line) {
        this.pairs = pairs;
        this.line = line;
    }

    /** So many questions are remembered. */
    private static final int MOST_ASKED = 200;

    /** What mistakes give for what is asked of these data. */
    WrongValues wrongValues(NumberCriteria asked) {
        return wrong.get(asked, WrongValues::new);
    }

    public static Evidence of(Pairs pairs) {
        return new Evidence(pairs, LeastSquares.line(pairs));
    }

    /** The same, knowing of the rows in which one of the two is missing: these could be taken as 0. */
    public static Evidence of(DataTable data, Roles roles) {
        Evidence evidence = of(Pairs.of(data, roles));
        List<Emptied> emptied = new ArrayList<>();
        for (Row row : data.rows()) {
            Cell x = row.cell(roles.explanatory());
            Cell y = row.cell(roles.response());
            if (!row.isSetAside() && x instanceof Cell.Measured(String _, double value) && y.isEmpty()) {
                emptied.add(new Emptied(value, 0));
            } else if (!row.isSetAside() && y instanceof Cell.Measured(String _, double value) && x.isEmpty()) {
                emptied.add(new Emptied(0, value));
            }
        }
        evidence.emptied = List.copyOf(emptied);
        return evidence;
    }

    /** The moments with each slip of a sort. */
    List<Moments> slips(RowSlips sort) {
        return slips.computeIfAbsent(sort, it -> it.made(this).toList());
    }

    List<Emptied> emptied() {
        return emptied;
    }

    /** The line through the pairs, or why there is none. */
    public Fit fit() {
        return line;
    }

    /**
     * A curve through the pairs, or why there is none. Rows for which it is not defined take no part: the student has to set them
     * aside.
     */
    public Fit fit(Curve curve) {
        return curve instanceof Curve.Line
                ? line : fits.computeIfAbsent(curve, it -> LeastSquares.fit(it, LeastSquares.usable(it, pairs)));
    }

    Optional<LineFit> line() {
        return line.line();
    }

    /** The pairs themselves, for what else can be made of them. */
    public Pairs pairs() {
        return pairs;
    }

    /** Each point as a curve sees it; none where there is no curve. */
    List<Diagnostics.Point> points(Curve curve) {
        return points.computeIfAbsent(curve, _ -> fit(curve).curveFit()
                .map(it -> Diagnostics.of(it, LeastSquares.usable(curve, pairs))).orElse(List.of()));
    }

    Optional<Summary> ofX() {
        return ofX.get(() -> Summary.ofX(pairs));
    }

    Optional<Summary> ofY() {
        return ofY.get(() -> Summary.ofY(pairs));
    }

    /** The slope of the line that is forced through the origin. */
    OptionalDouble slopeThroughOrigin() {
        return throughOrigin.get(() -> LeastSquares.slopeThroughOrigin(pairs));
    }

    Moments moments() {
        return moments.get(() -> Moments.of(pairs));
    }

    /** The same with the variables the wrong way round. */
    public Evidence swapped() {
        return swapped.get(() -> of(pairs.swapped()));
    }

    /** A value of these data or their line; nothing where they do not define it. */
    public OptionalDouble value(Quantity quantity) {
        return value(Reading.of(quantity));
    }

    /** A value; nothing where these data do not define it. */
    public OptionalDouble value(Reading reading) {
        return reading.quantity().in(new Quantity.Here(this, reading));
    }

    /** What a curve predicts at x; nothing without one, or where it is not defined. */
    public OptionalDouble predicted(Curve curve, double x) {
        return fit(curve).curveFit().map(it -> it.fitted(x)).orElse(OptionalDouble.empty());
    }

    /** Whether x lies among the data that a curve rests on. */
    public boolean supports(Curve curve, double x) {
        return curve(curve).filter(it -> it.support().contains(x)).isPresent();
    }

    /** Whether x lies among the data that the line rests on. */
    public boolean supports(double x) {
        return line().filter(it -> it.support().contains(x)).isPresent();
    }

    /** Whether what a curve leaves over shows a pattern, so that it leaves out what the data show. */
    public boolean hasPattern(Curve curve) {
        return patterned.computeIfAbsent(curve, it -> isBent(it) || fit(it).curveFit()
                .flatMap(fitted -> Residuals.of(fitted, LeastSquares.usable(it, pairs)))
                .filter(Residuals::hasPattern).isPresent());
    }

    /** Whether the data are bent beyond reasonable doubt where a curve is straight, and not by one point alone. */
    public boolean isBent(Curve curve) {
        return curve instanceof Curve.Line && isBent(pairs) && points(curve).stream()
                .max(Comparator.comparingDouble(it -> it.leverage().orElse(0)))
                .filter(far -> isBent(pairs.without(far.row()))).isPresent();
    }

    private static boolean isBent(Pairs pairs) {
        return LeastSquares.fit(new Curve.Polynomial(2), pairs).curveFit()
                .map(it -> it.coefficients().getLast().p().orElse(1) < BEYOND_DOUBT).orElse(false);
    }

    /** A curve that was fitted; nothing without one. */
    Optional<CurveFit> curve(Curve curve) {
        return fit(curve).curveFit();
    }
}
