package hestra.task;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.Reference;
import hestra.numbers.Counted;
import hestra.summary.Association;
import hestra.tracing.Tracing;

/**
 * The student reads points off the picture that lies under the part's data: lays the axes on it and places the points, and, where
 * that is asked, fits a curve to them.
 *
 * @param within how far off a point may be, as a share of what the data span, above 0
 * @param curve the curve whose coefficients are looked at; nothing for the points alone
 * @param band how far off a coefficient may be, as a share of itself, above 0
 */
public record FromPicture(Terms terms, double within, Optional<Curve> curve, double band)
        implements Task, LeavesToStudent, Sketched {

    private static final int MOST_ON_PAPER = 24;
    private static final int MOST_BELOW = 8;

    static final Kind KIND = new Kind("from-picture", "From a picture", Kind.Group.DATA, FromPicture.class,
            (id, _) -> new FromPicture(
            Terms.of(id, "Read the points off the picture",
                    "Lay the axes on the picture: drag x\u2081, x\u2082, y\u2081 and y\u2082 to places whose values you can "
                    + "read, and type those values. "
                    + "Then click each point.", 4)
                    .onPaper("Read the points off the picture, and write their values into the table."),
            0.03, Optional.empty(), 0.1));

    /** How nearly straight the values of an axis must run against the true ones for the axis to be what is wrong. */
    private static final double STRAIGHT = 0.9995;

    public FromPicture {
        if (!(within > 0 && within <= 1 && band > 0 && band <= 10)) {
            throw new IllegalArgumentException("within " + within + ", band " + band);
        }
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new FromPicture(other, within, curve, band);
    }

    @Override
    public int leavesToType() {
        return EnterData.WHOLE;
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.PLOT;
    }

    @Override
    public boolean readsPicture() {
        return true;
    }

    @Override
    public Subject subject() {
        return Subject.POINTS;
    }

    @Override
    public Answer standing(Bench bench) {
        return new Answer.ReadOff(bench.handiwork().tracing());
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.ReadOff;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Optional<Tracing> tracing = answer.as(Answer.ReadOff.class).tracing();
        if (tracing.isEmpty() || tracing.get().points().isEmpty()) {
            return Optional.of("Lay the axes on the picture and click its points first.");
        }
        return tracing.get().axes().problem();
    }

    private static Pairs pairs(Tracing tracing, Truth truth) {
        return Pairs.of(truth.data().withRows(tracing.rows(truth.mark())), 0, 1);
    }

    /** The author's points in the order of the picture: x is the first column there. */
    private static Pairs right(Truth truth) {
        return Pairs.of(truth.data(), 0, 1);
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Optional<Tracing> tracing = attempt.answer().as(Answer.ReadOff.class).tracing()
                .filter(it -> it.axes().problem().isEmpty());
        Pairs right = right(truth);
        if (tracing.isEmpty() || right.size() == 0) {
            return Verdict.wrong("Nothing can be read off yet.");
        }
        Pairs own = pairs(tracing.get(), truth);
        double spanX = span(right.xs());
        double spanY = span(right.ys());
        int found = found(right, own, spanX, spanY);
        int extra = Math.max(0, own.size() - found);
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        // Each point is a part of the whole, so that most of them earn most of the marks.
        double share = (double) Math.max(0, found - extra) / right.size();
        boolean all = found == right.size() && extra == 0;
        parts.add(new Verdict.Part("points", all ? Outcome.RIGHT
                : share > 0 ? Outcome.NEARLY
                : Outcome.WRONG, found + " of " + right.size()));
        notes.add(all
                ? "All " + right.size() + " points are where they should be."
                : found + " of " + Counted.of(right.size(), "point") + " are where they should be"
                + (extra > 0 ? ", and " + Counted.of(extra, "point is", "points are") + " somewhere else." : "."));
        if (!all) {
            notes.addAll(wrongAxes(right, own));
        }
        double fitted = share;
        if (curve.isPresent()) {
            boolean near = coefficientsAreNear(right, own);
            parts.add(new Verdict.Part(curve.get().inWords(), near ? Outcome.RIGHT : Outcome.WRONG, ""));
            notes.add(near
                    ? "The " + curve.get().inWords() + " through them comes out as it should."
                    : "The " + curve.get().inWords() + " through them comes out differently.");
            fitted = (share + (near ? 1 : 0)) / 2;
            all &= near;
        }
        Outcome outcome = all ? Outcome.RIGHT : fitted > 0 ? Outcome.NEARLY : Outcome.WRONG;
        return new Verdict(outcome, terms.marks() * (all ? 1 : fitted), String.join(" ", notes),
                all ? "" : "Use the magnifier, and check what you typed for the axes.", List.of(), parts);
    }

    @Override
    public Optional<Sketch> sketch(Answer answer, Truth truth) {
        return answer.as(Answer.ReadOff.class).tracing().filter(it -> it.axes().problem().isEmpty())
                .map(it -> Sketch.of(pairs(it, truth)));
    }

    private static double span(DoubleStream values) {
        DoubleSummaryStatistics all = values.summaryStatistics();
        double span = all.getMax() - all.getMin();
        return span > 0 ? span : Math.max(1e-300, Math.abs(all.getMax()));
    }

    /** How many of the right points have one near them that is no other's. */
    private int found(Pairs right, Pairs own, double spanX, double spanY) {
        boolean[] used = new boolean[own.size()];
        int found = 0;
        for (int i = 0; i < right.size(); i++) {
            int nearest = -1;
            double least = within;
            for (int k = 0; k < own.size(); k++) {
                double off = Math.max(Math.abs(own.x(k) - right.x(i)) / spanX, Math.abs(own.y(k) - right.y(i)) / spanY);
                if (!used[k] && off <= least) {
                    nearest = k;
                    least = off;
                }
            }
            if (nearest >= 0) {
                used[nearest] = true;
                found++;
            }
        }
        return found;
    }

    /**
     * The axes whose values run straight against the right ones, but are not those: it is the axis that is laid or labelled
     * wrongly.
     */
    private List<String> wrongAxes(Pairs right, Pairs own) {
        List<String> notes = new ArrayList<>();
        if (right.size() == own.size() && right.size() > 2) {
            if (isShifted(right.xs(), own.xs())) {
                notes.add("It is the x axis: its two places or their values are not right.");
            }
            if (isShifted(right.ys(), own.ys())) {
                notes.add("It is the y axis: its two places or their values are not right.");
            }
        }
        return notes;
    }

    private boolean isShifted(DoubleStream right, DoubleStream own) {
        double[] one = right.sorted().toArray();
        double[] other = own.sorted().toArray();
        OptionalDouble r = Association.of(Pairs.of(one, other)).map(Association::r).orElse(OptionalDouble.empty());
        double span = span(Arrays.stream(one));
        return r.isPresent() && r.getAsDouble() > STRAIGHT
                && IntStream.range(0, one.length).anyMatch(i -> Math.abs(one[i] - other[i]) > within * span);
    }

    /** A coefficient; the first as the equation that is written from another x has it. */
    private static double coefficient(CurveFit fit, int i, Reference reference) {
        return i == 0 && !fit.reference().equals(reference)
                ? fit.fitted(reference.x().orElse(0)).orElse(Double.NaN) : fit.coefficients().get(i).value();
    }

    private boolean coefficientsAreNear(Pairs right, Pairs own) {
        Optional<CurveFit> key = LeastSquares.fit(curve.orElseThrow(), right).curveFit();
        Optional<CurveFit> given = LeastSquares.fit(curve.orElseThrow(), own).curveFit();
        return key.isPresent() && given.isPresent() && IntStream.range(0, key.get().coefficients().size()).allMatch(i -> {
            double value = key.get().coefficients().get(i).value();
            return Math.abs(coefficient(given.get(), i, key.get().reference()) - value) <= band * Math.abs(value);
        });
    }

    @Override
    public Key key(Truth truth) {
        if (!truth.hasPicture()) {
            return Key.missing("this part has no picture: lay one under its data with \u201cFrom a picture\u201d");
        }
        Pairs right = right(truth);
        if (right.size() == 0) {
            return Key.missing("no points have been placed in the picture yet");
        }
        return curve.isPresent() && LeastSquares.fit(curve.get(), right) instanceof Fit.None(String reason) ? Key.missing(reason)
                : Key.of(Counted.of(right.size(), "point") + ", each within " + truth.style()
                .shortest(within * 100) + " % of what the data span" + curve.map(it -> "; the coefficients of the "
                        + it.inWords() + " within " + truth.style().shortest(band * 100) + " %").orElse(""));
    }

    /** It is seen in the picture. */
    @Override
    public String rightAnswer(Truth truth) {
        return "";
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Optional<Tracing> tracing = answer.as(Answer.ReadOff.class).tracing();
        return List.of(tracing.isEmpty() ? "nothing read off" : Counted.of(tracing.get().points().size(), "point") + " read off");
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        Pairs right = right(truth);
        int count = Math.min(right.size(), MOST_ON_PAPER);
        int beside = count > MOST_BELOW ? 2 : 1;
        int height = (count + beside - 1) / beside;
        List<List<OnPaper.Cell>> lines = new ArrayList<>();
        lines.add(Collections.nCopies(beside, List.of(OnPaper.Cell.heading(""), OnPaper.Cell.heading(truth.x().columnTitle()),
                OnPaper.Cell.heading(truth.y().columnTitle()))).stream().flatMap(List::stream).toList());
        for (int row = 0; row < height; row++) {
            List<OnPaper.Cell> line = new ArrayList<>();
            for (int i = row; i < height * beside; i += height) {
                if (i < count) {
                    line.addAll(List.of(OnPaper.Cell.heading(Integer.toString(i + 1)),
                            OnPaper.Cell.asked(truth.style().worked(right.x(i))),
                            OnPaper.Cell.asked(truth.style().worked(right.y(i)))));
                }
            }
            lines.add(line);
        }
        return List.of(new OnPaper.ThePicture(), new OnPaper.Grid("", lines));
    }
}
