package hestra.overview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

import hestra.desk.Findings;
import hestra.fit.Coefficient;
import hestra.fit.CurveFit;
import hestra.fit.FTest;
import hestra.fit.Fit;
import hestra.fit.Interval;
import hestra.fit.LineFit;
import hestra.fit.Precision;
import hestra.fit.Residuals;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;
import hestra.overview.Section.Line;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.units.Spellings;

/** The curve in hand: its coefficients with their uncertainty, how well it fits, and what it leaves over. */
final class AboutCurve {

    private static final int FINER = 2;
    private static final String NO_POINTS_LEFT = "No points are left over to tell how uncertain this is.";

    private final Findings findings;
    private final NumberStyle style;
    private final Optional<CurveFit> fit;

    AboutCurve(Findings findings) {
        this.findings = findings;
        this.style = findings.numbers().style();
        this.fit = findings.curves().curveInHand().flatMap(_ -> findings.curves().fitInHand()).flatMap(Fit::curveFit);
    }

    /** A column for each coefficient. */
    Section coefficients() {
        List<Coefficient> all = findings.isOpen(Aid.EQUATION) ? fit.map(CurveFit::coefficients).orElse(List.of()) : List.of();
        List<Line> lines = new ArrayList<>();
        if (!all.isEmpty()) {
            lines.add(line("estimate", all, it -> new Entry(style.show(it.shown()), about(it).flatMap(findings::whatAsks)
                    .orElseGet(() -> estimate(fit.orElseThrow(), it)))));
            lines.add(line("standard error", all, it -> new Entry(style.withDigits(3).show(it.standardError()), it.standardError()
                    .isEmpty() ? NO_POINTS_LEFT
                    : "With other points of the same kind, the estimate would typically come out about this far from where it "
                    + "is.")));
            lines.add(line("t", all, it -> new Entry(style.withDigits(3).show(it.t()), it.t()
                    .isEmpty()
                    ? NO_POINTS_LEFT : "The estimate divided by its standard error: how many standard errors it lies from 0.")));
            lines.add(line("p", all, it -> new Entry(it.p().isPresent() ? style.p(it.p().getAsDouble()) : NumberStyle.UNDEFINED,
                    asked(Aspect.About.P, chance(it)))));
            lines.add(line(findings.numbers().levelInWords() + " interval from", all, it -> end(it, Interval::low)));
            lines.add(line("to", all, it -> end(it, Interval::high)));
        }
        return new Section(title("Coefficients"), all.stream().map(Coefficient::name).toList(), lines);
    }

    /** What is explained by a sentence on a coefficient of the line. */
    private Optional<Aspect.About> about(Coefficient coefficient) {
        return fit.filter(LineFit.class::isInstance).map(LineFit.class::cast)
                .map(line -> coefficient.equals(line.slope()) ? Aspect.About.SLOPE : Aspect.About.INTERCEPT);
    }

    /** A sentence, unless a task asks for it. */
    private String asked(Aspect.About about, String sentence) {
        return findings.whatAsks(about).orElse(sentence);
    }

    private static Line line(String name, List<Coefficient> all, Function<Coefficient, Entry> entry) {
        return new Line(name, all.stream().map(entry).toList());
    }

    private Entry end(Coefficient coefficient, ToDoubleFunction<Interval> end) {
        return fit.orElseThrow().interval(coefficient, findings.numbers().level())
                .map(it -> new Entry(style.show(end.applyAsDouble(it)),
                        "If the curve is of the right kind, the true value plausibly lies between "
                + style.show(it.low()) + " and " + style.show(it.high())
                + (it.low() > 0 || it.high() < 0 ? ". 0 does not lie there." : ". 0 lies there too.")))
                .orElse(new Entry(NumberStyle.UNDEFINED, NO_POINTS_LEFT));
    }

    private String title(String what) {
        return fit.map(it -> what + " of the " + it.curve().inWords()).orElse(what);
    }

    private String x() {
        return findings.x().name();
    }

    private String y() {
        return findings.y().name();
    }

    private String estimate(CurveFit curve, Coefficient coefficient) {
        if (!(curve instanceof LineFit line)) {
            return "The value of " + coefficient.name() + " that makes the curve fit best.";
        }
        if (coefficient.equals(line.slope())) {
            double slope = coefficient.shown();
            return "For each " + more() + ", the predicted value of " + y() + " is " + (slope == 0 ? "the same."
                    : style.show(Math.abs(slope)) + findings.y().unitAfterNumber() + (slope > 0 ? " higher." : " lower."));
        }
        boolean among = line.support().contains(0);
        return "Where the value of " + x() + " is 0, the line is at " + style.show(coefficient.shown()) + findings.y()
                .unitAfterNumber()
                + (among ? "." : ". No point is near there, so this need not mean anything.");
    }

    /** One more of x: "day more of age", "1 cm more of width", "1 more in passengers". */
    private String more() {
        String unit = Spellings.singular(findings.x().unit());
        if (unit.isEmpty()) {
            return "1 more in " + x();
        }
        boolean word = unit.length() > 2 && unit.chars().allMatch(Character::isLetter);
        return (word ? unit : "1 " + unit) + " more" + (findings.x().unit().equals(x()) ? "" : " of " + x());
    }

    private String chance(Coefficient coefficient) {
        if (coefficient.p().isEmpty()) {
            return NO_POINTS_LEFT;
        }
        String often = Chance.inWords(coefficient.p().getAsDouble());
        boolean slope = coefficient.name().equals("slope");
        return slope ? "A slope this far from 0 would come up " + often + " if the two were unrelated."
                : "A value this far from 0 would come up " + often + " if the true one were 0.";
    }

    Section fit() {
        List<Line> lines = new ArrayList<>();
        fit.ifPresent(it -> {
            lines.add(held(Aid.R_SQUARED, "R²", new Entry(style.share(it.goodness().rSquared()), it.goodness().rSquared()
                    .isPresent()
                    ? asked(Aspect.About.R_SQUARED, style.withDigits(3).percent(it.goodness().rSquared().getAsDouble())
                    + " % of the variation in " + y() + " goes with " + x() + " along this curve; the rest is left over.")
                    : "All values of " + y() + " are the same: there is no variation to explain.")));
            lines.add(held(Aid.R_SQUARED, "adjusted R²", new Entry(style.share(it.goodness().adjustedRSquared()),
                    "R² made a little smaller for each coefficient, so that curves with more of them can be compared fairly.")));
            lines.add(held(Aid.EQUATION, "s", new Entry(style.show(it.goodness().residualStandardError()), it.goodness()
                    .residualStandardError().isPresent()
                    ? asked(Aspect.About.S, "The points typically lie about " + style.show(it.goodness().residualStandardError())
                    + findings.y().unitAfterNumber() + " above or below the curve.")
                    : "No points are left over to tell how far they lie from the curve.")));
            lines.add(held(Aid.EQUATION, "degrees of freedom",
                    new Entry(Integer.toString(it.degreesOfFreedom()), Counted.of(it.n(), "point") + " less "
                    + Counted.of(it.coefficients().size(), "coefficient") + ".")));
            it.fTest().ifPresent(test -> test(test, lines));
            lines.add(held(Aid.R_SQUARED, "SSE, left over",
                    new Entry(style.show(it.goodness().sse()),
                            "The squared residuals added up: what the curve does not explain. Least squares makes this as "
                    + "small as it can be.")));
            lines.add(held(Aid.R_SQUARED, "SST, in all",
                    new Entry(style.show(it.goodness().sst()),
                            "The squared distances of " + y() + " from its mean added up: all there is to explain.")));
        });
        return new Section("How well it fits", List.of(""), lines);
    }

    private void test(FTest test, List<Line> lines) {
        lines.add(held(Aid.R_SQUARED, "F", new Entry(style.show(test.f()),
                "The variation explained by each coefficient but the constant, in units of what is left over by each point: with "
                + test.above() + " and " + test.below() + " degrees of freedom.")));
        lines.add(held(Aid.R_SQUARED, "p of F", new Entry(style.p(test.p()),
                "An F this large would come up " + Chance.inWords(test.p()) + " if " + y() + " had nothing to do with " + x()
                + ".")));
    }

    private Line held(Aid aid, String name, Entry entry) {
        return Line.of(name, findings.isOpen(aid) ? entry : new Entry(NumberStyle.UNDEFINED, findings.whatOpens(aid) + "."));
    }

    Section residuals() {
        List<Line> lines = new ArrayList<>();
        if (findings.curves().residualsAreOpen()) {
            fit.flatMap(it -> Residuals.of(it, findings.pairs())).map(Residuals::summary).ifPresent(it -> {
                lines.add(Line.of("least", residual(it.least(), "The point farthest below the curve lies " + distance(it.least())
                        + " below it.")));
                lines.add(Line.of("lower quartile", residual(it.lowerQuartile(),
                        "About a quarter of the residuals are less than this.")));
                lines.add(Line.of("median",
                        residual(it.median(),
                                "Half of the residuals are less than this. Near 0 where as many points lie above the curve as "
                        + "below.")));
                lines.add(Line.of("upper quartile", residual(it.upperQuartile(),
                        "About a quarter of the residuals are more than this.")));
                lines.add(Line.of("greatest", residual(it.greatest(), "The point farthest above the curve lies "
                        + distance(it.greatest()) + " above it.")));
                lines.add(Line.of("mean",
                        residual(it.mean(),
                                "What is left over above and below cancels where the curve has a constant: then this is 0.")));
                OptionalDouble spread = it.standardDeviation();
                lines.add(Line.of("standard deviation (n − 1)",
                        new Entry(spread.isEmpty()
                                ? NumberStyle.UNDEFINED : findings.numbers().precision().y()
                                .show(spread.getAsDouble(), FINER, style),
                        "How far residuals typically lie from their mean. s divides by the degrees of freedom instead.")));
            });
        }
        return new Section("What is left over: residuals", List.of(""), lines);
    }

    private Entry residual(double value, String meaning) {
        Precision precision = findings.numbers().precision();
        return new Entry(precision.y().show(precision.settled(value), FINER, style), meaning);
    }

    private String distance(double value) {
        return findings.numbers().precision().y().show(Math.abs(value), FINER, style) + findings.y().unitAfterNumber();
    }
}
