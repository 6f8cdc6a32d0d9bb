package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.data.Pairs;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.Trial;
import hestra.fit.TrialFit;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;
import hestra.numbers.Words;
import hestra.targets.Measure;

/**
 * The student places a line, or a curve of a named family, by eye: judged by its sum of squared residuals as a multiple of the
 * least.
 *
 * @param curve the family
 * @param full up to this multiple it earns all marks, at least 1
 * @param half up to this multiple it earns half of them, at least {@code full}
 */
public record ByEye(Terms terms, Curve curve, double full, double half)
        implements Task, ComparedWithBest, Conceals, Sketched, UsesCurve {

    static final Kind KIND = new Kind("by-eye", "Line or curve by eye", Kind.Group.PLOT, ByEye.class, (id, _) -> new ByEye(
            Terms.of(id, "A line by eye",
                    "Put a line into the plot, and drag its two squares until it fits the points as well as you can.", 2)
                    .onPaper("Draw the line that fits the points as well as you can, without any calculation."),
            new Curve.Line(), 1.1, 1.5));

    /** The families that can be placed by hand. */
    public static final List<Curve> FAMILIES = List.of(new Curve.Line(), new Curve.Polynomial(2),
            new Curve.Exponential(Curve.FittedOn.VALUES), new Curve.Power(Curve.FittedOn.VALUES),
            new Curve.Logarithmic());

    public ByEye {
        if (!(full >= 1 && half >= full) || !Double.isFinite(half)) {
            throw new IllegalArgumentException("bands " + full + " and " + half);
        }
    }

    /** The family in words: "line", "quadratic". */
    public String family() {
        return curve.familyInWords();
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new ByEye(other, curve, full, half);
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.PLOT;
    }

    @Override
    public Set<Curve> curves() {
        return Set.of(curve);
    }

    @Override
    public Set<Aid> needs() {
        return Set.of(Aid.TRIAL);
    }

    @Override
    public Set<Aid> revealed() {
        return Set.of(Aid.LINE);
    }

    @Override
    public Set<Aid> shownBy() {
        return curve instanceof Curve.Line ? Set.of(Aid.LINE) : Set.of(Aid.LINE, Aid.CURVES);
    }

    @Override
    public Optional<Curve> compared() {
        return Optional.of(curve);
    }

    @Override
    public Answer standing(Bench bench) {
        return new Answer.Placed(bench.handiwork().trial());
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Placed;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Optional<Trial> trial = answer.as(Answer.Placed.class).trial();
        if (trial.isEmpty()) {
            return Optional.of("Put " + Words.withArticle(family())
                    + " into the plot first: press the button above, or T in the plot for a line.");
        } else if (!trial.get().curve().equals(curve)) {
            return Optional.of("What stands in the plot is " + Words.withArticle(trial.get().curve().familyInWords()) + ". Place "
                    + Words.withArticle(family()) + ".");
        }
        return trial.get().on(truth.pairs()).filter(TrialFit::isDefinedOnAll).isEmpty()
                ? Optional.of("This curve does not run past all the points. Move its handles.") : Optional.empty();
    }

    @Override
    public Optional<Sketch> sketch(Answer answer, Truth truth) {
        return Optional.of(Sketch.of(truth.evidence().pairs()).with(answer.as(Answer.Placed.class).trial()));
    }

    @Override
    public OptionalDouble nearness(Answer answer, Truth truth) {
        return ratio(answer.as(Answer.Placed.class).trial(), truth);
    }

    /** The sum of squares of a trial as a multiple of the least; nothing where that says nothing. */
    private OptionalDouble ratio(Optional<Trial> trial, Truth truth) {
        Optional<TrialFit> placed = trial.filter(it -> it.curve().equals(curve)).flatMap(it -> it.on(truth.pairs()))
                .filter(TrialFit::isDefinedOnAll);
        Optional<CurveFit> best = LeastSquares.fit(curve, truth.pairs()).curveFit();
        return placed.isEmpty() || best.isEmpty()
                ? OptionalDouble.empty() : Measure.ByEye.ratio(placed.get().sumOfSquares(), best.get().sumOfSquares());
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Optional<Trial> trial = attempt.answer().as(Answer.Placed.class).trial();
        OptionalDouble ratio = ratio(trial, truth);
        if (ratio.isEmpty()) {
            return Verdict.wrong(LeastSquares.fit(curve, truth.pairs()) instanceof Fit.None(String reason)
                    ? reason : "The points lie exactly on the best " + family() + ", and this one does not.");
        }
        String multiple = shown(ratio.getAsDouble(), truth.style()) + " \u00d7 the least";
        String message = "Your squares add up to " + multiple + ".";
        if (ratio.getAsDouble() <= full) {
            return Verdict.right(terms.marks(), message);
        }
        Verdict verdict = ratio.getAsDouble() <= half
                ? Verdict.of(Outcome.NEARLY, terms.marks() / 2.0, message) : Verdict.wrong(message);
        return verdict.advising(whereTheyDiffer(trial.orElseThrow(), truth));
    }

    /** A multiple with two decimal places; one that is above a band is never rounded down to it. */
    private String shown(double ratio, NumberStyle style) {
        Rounding places = new Rounding.Places(2);
        boolean hides = ratio > full && places.apply(ratio).doubleValue() <= full
                || ratio > half && places.apply(ratio).doubleValue() <= half;
        return hides ? style.show(ratio, new Rounding.Places(4)) : style.show(ratio, places);
    }

    /** The point whose squared residual is further above that of the best curve than any other's, in a sentence. */
    private String whereTheyDiffer(Trial trial, Truth truth) {
        Pairs pairs = truth.pairs();
        TrialFit placed = trial.on(pairs).orElseThrow();
        CurveFit best = LeastSquares.fit(curve, pairs).curveFit().orElseThrow();
        int worst = -1;
        double most = 0;
        for (int i = 0; i < pairs.size(); i++) {
            double own = placed.residual(pairs.x(i), pairs.y(i)).orElse(0);
            double least = best.residual(pairs.x(i), pairs.y(i)).orElse(0);
            if (own * own - least * least > most) {
                most = own * own - least * least;
                worst = i;
            }
        }
        return worst < 0
                ? ""
                : "The squares differ most at row " + (pairs.row(worst) + 1) + ", where " + truth.x()
                .name() + " is " + truth.style().shortest(pairs.x(worst)) + ": your "
                + family() + " runs too " + (placed.residual(pairs.x(worst), pairs.y(worst)).orElse(0) > 0 ? "low" : "high")
                + " there.";
    }

    @Override
    public Key key(Truth truth) {
        return LeastSquares.fit(curve, truth.pairs()) instanceof Fit.None(String reason) ? Key.missing(reason)
                : Key.of("all marks up to " + truth.style()
                .shortest(full) + " \u00d7 the least sum of squares, half of them up to " + truth.style()
                .shortest(half) + " \u00d7");
    }

    /** It is seen in the plot. */
    @Override
    public String rightAnswer(Truth truth) {
        return "";
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Optional<Trial> trial = answer.as(Answer.Placed.class).trial();
        OptionalDouble ratio = ratio(trial, truth);
        return List.of(trial.isEmpty() ? "nothing placed"
                : ratio.isEmpty() ? Words.withArticle(trial.get().curve().familyInWords()) + " by eye"
                : Words.withArticle(family()) + " by eye: "
                + shown(ratio.getAsDouble(), truth.style()) + " \u00d7 the least squares");
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return List.of(new OnPaper.Axes(true, true));
    }
}
