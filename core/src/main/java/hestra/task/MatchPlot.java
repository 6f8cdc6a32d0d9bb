package hestra.task;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.DoubleSummaryStatistics;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.function.DoubleBinaryOperator;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.feedback.Mistake;
import hestra.feedback.Verdict;
import hestra.figure.Frame;
import hestra.figure.SmallPlot;
import hestra.figure.SmallPlot.Straight;
import hestra.fit.Curve;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.Trial;
import hestra.numbers.Counted;

/**
 * The student picks the right one of several plots; the wrong ones are made from typical errors.
 *
 * @param shown what the plots show
 * @param wrongs the errors, one to five; one that cannot be told from the right plot in these data is left out
 */
public record MatchPlot(Terms terms, Shown shown, Set<WrongPlot> wrongs) implements Task, AnsweredByText, Conceals, Sketched {

    /** The most wrong plots. */
    public static final int MOST = 5;

    /** What is shown. */
    public enum Shown {
        POINTS("the points"),
        LINE("the line through them"),
        RESIDUALS("the residuals");

        private final String words;

        Shown(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    static final Kind KIND = new Kind("match-plot", "Match the plot", Kind.Group.PLOT, MatchPlot.class, (id, _) -> new MatchPlot(
            Terms.of(id, "Which plot is it?", "Look at the table. Which of these plots shows its data?", 1).withTries(2),
                    Shown.POINTS, Set.of(WrongPlot.AXES, WrongPlot.SIGN, WrongPlot.SLIP)));

    /** Plots that differ nowhere by more than this share of what the data span cannot be told apart. */
    private static final double TOLD = 0.12;
    private static final double SHIFT = 0.4;
    private static final double SCALE = 10;
    private static final int LETTERS = 26;

    public MatchPlot {
        wrongs = Collections.unmodifiableSet(wrongs.isEmpty() ? EnumSet.noneOf(WrongPlot.class) : EnumSet.copyOf(wrongs));
        if (wrongs.isEmpty() || wrongs.size() > MOST) {
            throw new IllegalArgumentException(wrongs.size() + " wrong plots");
        }
    }

    /**
     * One of the plots.
     *
     * @param wrong what is wrong with it; nothing for the right one
     */
    public record Option(Optional<WrongPlot> wrong, SmallPlot plot) {}

    @Override
    public boolean isToldInWords() {
        return true;
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new MatchPlot(other, shown, wrongs);
    }

    @Override
    public boolean hidesPlot() {
        return shown == Shown.POINTS;
    }

    @Override
    public Set<Aid> hides() {
        return switch (shown) {
            case POINTS -> Set.of();
            case LINE -> Set.of(Aid.LINE, Aid.RESIDUALS);
            case RESIDUALS -> Set.of(Aid.RESIDUALS);
        };
    }

    /** The plots in the order in which they are shown, the right one among them; none where there is no plot to show. */
    public List<Option> options(Truth truth) {
        Optional<SmallPlot> right = right(truth);
        if (right.isEmpty()) {
            return List.of();
        }
        List<Option> options = new ArrayList<>(List.of(new Option(Optional.empty(), right.get())));
        for (WrongPlot wrong : wrongs) {
            wrong(wrong, truth).filter(plot -> options.stream().allMatch(it -> areTold(it.plot, plot)))
                    .ifPresent(plot -> options.add(new Option(Optional.of(wrong), plot)));
        }
        // Always in the same order for the same data, and in another one for others.
        Collections.shuffle(options, new Random(31L * id().hashCode() + Double.hashCode(truth.pairs().ys().sum())));
        return List.copyOf(options);
    }

    @Override
    public Optional<Sketch> sketch(Answer answer, Truth truth) {
        List<Option> options = options(truth);
        OptionalInt picked = answer.as(Answer.Picked.class).option();
        return picked.isEmpty() || picked.getAsInt() >= options.size()
                ? Optional.empty() : Optional.of(sketch(options.get(picked.getAsInt()).plot()));
    }

    private static Sketch sketch(SmallPlot plot) {
        Frame frame = plot.frame();
        Optional<Trial> line = plot.line().map(it -> new Trial(new Curve.Line(),
                List.of(new Trial.Handle(frame.xLow(), it.at(frame.xLow())),
                        new Trial.Handle(frame.xHigh(), it.at(frame.xHigh())))));
        return Sketch.of(plot.points()).with(line).within(Optional.of(frame));
    }

    /** What a plot is called. */
    public static String letter(int option) {
        return Character.toString('A' + option % LETTERS);
    }

    private Optional<SmallPlot> right(Truth truth) {
        Pairs pairs = truth.pairs();
        if (shown == Shown.POINTS) {
            return pairs.size() < 2 ? Optional.empty() : Optional.of(plot(truth.x(), truth.y(), pairs));
        }
        return truth.evidence().fit().line().map(line ->
                shown == Shown.LINE ? lined(truth, straight(line)) : residuals(truth, line::residualOf));
    }

    private static Straight straight(LineFit line) {
        return new Straight(line.intercept().value(), line.slope().value());
    }

    private static SmallPlot plot(Variable x, Variable y, Pairs pairs) {
        return new SmallPlot(x.columnTitle(), y.columnTitle(), pairs, Optional.empty(), Frame.around(pairs.xs(), pairs.ys()));
    }

    private static SmallPlot lined(Truth truth, Straight line) {
        SmallPlot bare = plot(truth.x(), truth.y(), truth.pairs());
        return new SmallPlot(bare.x(), bare.y(), bare.points(), Optional.of(line), bare.frame());
    }

    private static SmallPlot residuals(Truth truth, DoubleBinaryOperator residual) {
        return residuals(truth, truth.pairs(), residual);
    }

    private static SmallPlot residuals(Truth truth, Pairs pairs, DoubleBinaryOperator residual) {
        double[] x = pairs.xs().toArray();
        double[] e = new double[x.length];
        for (int i = 0; i < e.length; i++) {
            e[i] = residual.applyAsDouble(pairs.x(i), pairs.y(i));
        }
        Pairs points = Pairs.of(x, e);
        double most = Arrays.stream(e).map(Math::abs).max().orElse(1);
        Frame along = Frame.around(pairs.xs(), pairs.ys());
        double top = most > 0 && Double.isFinite(most * 1.15) ? most * 1.15 : 1;
        return new SmallPlot(truth.x().columnTitle(), "residual", points, Optional.of(new Straight(0, 0)),
                new Frame(along.xLow(), along.xHigh(), -top, top));
    }

    private Optional<SmallPlot> wrong(WrongPlot wrong, Truth truth) {
        return switch (shown) {
            case POINTS -> wrongPoints(wrong, truth);
            case LINE -> truth.evidence().fit().line().flatMap(line -> wrongLine(wrong, truth, line))
                    .map(line -> lined(truth, line));
            case RESIDUALS -> truth.evidence().fit().line().flatMap(line -> wrongResiduals(wrong, truth, line));
        };
    }

    private static Optional<SmallPlot> wrongPoints(WrongPlot wrong, Truth truth) {
        Pairs pairs = truth.pairs();
        DoubleSummaryStatistics y = pairs.ys().summaryStatistics();
        return switch (wrong) {
            case AXES -> Optional.of(plot(truth.x(), truth.y(), pairs.swapped()));
            case SIGN -> Optional.of(plot(truth.x(), truth.y(), pairs.mapped(it -> it, it -> y.getMin() + y.getMax() - it)));
            case INTERCEPT -> Optional.of(plot(truth.x(), truth.y(),
                    pairs.mapped(it -> it, it -> it + SHIFT * (y.getMax() - y.getMin()))));
            case SCALE -> Optional.of(plot(truth.x(), truth.y(), pairs.mapped(it -> it, it -> it * SCALE)));
            case SLIP -> slipped(pairs).map(it -> plot(truth.x(), truth.y(), it));
            case ANOTHER -> Optional.empty();
        };
    }

    /** With one value in the middle gone to the other end of what the data span. */
    private static Optional<Pairs> slipped(Pairs pairs) {
        if (pairs.size() < 3) {
            return Optional.empty();
        }
        DoubleSummaryStatistics y = pairs.ys().summaryStatistics();
        int at = pairs.size() / 2;
        double middle = (y.getMin() + y.getMax()) / 2;
        double span = y.getMax() - y.getMin();
        return span == 0
                ? Optional.empty()
                : Optional.of(pairs.withMoved(at, pairs.x(at),
                        pairs.y(at) > middle ? y.getMin() - SHIFT * span : y.getMax() + SHIFT * span));
    }

    private static Optional<Straight> wrongLine(WrongPlot wrong, Truth truth, LineFit line) {
        DoubleSummaryStatistics y = truth.pairs().ys().summaryStatistics();
        double slope = line.slope().value();
        return switch (wrong) {
            case AXES -> LeastSquares.line(truth.pairs().swapped()).line().filter(it -> it.slope().value() != 0)
                    .map(it -> new Straight(-it.intercept().value() / it.slope().value(), 1 / it.slope().value()));
            case SIGN -> Optional.of(new Straight(line.meanY() + slope * line.meanX(), -slope));
            case INTERCEPT -> Optional.of(new Straight(line.intercept().value() + SHIFT / 2 * (y.getMax() - y.getMin()), slope));
            case SCALE -> Optional.of(new Straight(line.meanY() - slope / 2 * line.meanX(), slope / 2));
            case SLIP -> slipped(truth.pairs()).flatMap(it -> LeastSquares.line(it).line()).map(MatchPlot::straight);
            case ANOTHER -> LeastSquares.slopeThroughOrigin(truth.pairs()).stream()
                    .mapToObj(it -> new Straight(0, it)).findFirst();
        };
    }

    private static Optional<SmallPlot> wrongResiduals(WrongPlot wrong, Truth truth, LineFit line) {
        return switch (wrong) {
            case AXES -> LeastSquares.line(truth.pairs().swapped()).line()
                    .map(it -> residuals(truth, truth.pairs().swapped(), it::residualOf))
                    .map(it -> new SmallPlot(truth.x().columnTitle(), it.y(), it.points(), it.line(), it.frame()));
            case SIGN -> Optional.of(residuals(truth, (x, y) -> -line.residualOf(x, y)));
            case INTERCEPT -> line.residualStandardError().stream()
                    .mapToObj(s -> residuals(truth, (x, y) -> line.residualOf(x, y) + 1.5 * s)).findFirst();
            case SCALE -> Optional.of(residuals(truth, (x, y) -> SCALE * line.residualOf(x, y)));
            case SLIP -> slipped(truth.pairs()).flatMap(moved -> LeastSquares.line(moved).line()
                    .map(it -> residuals(truth, moved, it::residualOf)));
            case ANOTHER -> Optional.of(residuals(truth, (_, y) -> y - line.meanY()));
        };
    }

    /**
     * Whether two plots of as many points differ to the eye: some point or an end of the line by a fair share of what is shown,
     * or the numbers on the axes.
     */
    private static boolean areTold(SmallPlot one, SmallPlot other) {
        Frame frame = one.frame();
        double width = frame.xHigh() - frame.xLow();
        double height = frame.yHigh() - frame.yLow();
        for (int i = 0; i < one.points().size(); i++) {
            if (Math.abs(one.points().x(i) - other.points().x(i)) > TOLD * width
                    || Math.abs(one.points().y(i) - other.points().y(i)) > TOLD * height) {
                return true;
            }
        }
        return one.line().isPresent() && other.line().isPresent()
                && (Math.abs(one.line().get().at(frame.xLow()) - other.line().get().at(frame.xLow())) > TOLD * height
                || Math.abs(one.line().get().at(frame.xHigh()) - other.line().get().at(frame.xHigh())) > TOLD * height);
    }

    @Override
    public Answer standing(Bench bench) {
        return bench.draft(this, new Answer.Picked(OptionalInt.empty()));
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Picked;
    }

    @Override
    public Optional<Answer> typed(String text, Truth truth) {
        List<Option> options = options(truth);
        List<String> letters = IntStream.range(0, options.size()).mapToObj(MatchPlot::letter).toList();
        return ChoiceText.place(letters, it -> "plot " + it, text).map(it -> new Answer.Picked(OptionalInt.of(it)));
    }

    @Override
    public String expected(Truth truth) {
        return "Pick one of the plots by its letter, such as \u201cB\u201d.";
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return answer.as(Answer.Picked.class).option().isEmpty() ? Optional.of("Pick one of the plots first.") : Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        OptionalInt picked = attempt.answer().as(Answer.Picked.class).option();
        List<Option> options = options(truth);
        if (picked.isEmpty() || picked.getAsInt() < 0 || picked.getAsInt() >= options.size()) {
            return Verdict.wrong("This is none of the plots.");
        }
        return options.get(picked.getAsInt()).wrong.map(it -> Verdict.wrong(it.says()).recognising(List.of(Mistake.ANOTHER_PLOT)))
                .orElseGet(() -> Verdict.right(terms.marks(), "Right."));
    }

    @Override
    public Key key(Truth truth) {
        List<Option> options = options(truth);
        if (options.size() < 2) {
            String none = truth.evidence().fit() instanceof Fit.None(String reason) ? reason : "there are too few points";
            return Key.missing(options.isEmpty() ? none
                    : "none of these errors can be seen in these data");
        }
        int right = IntStream.range(0, options.size()).filter(i -> options.get(i).wrong.isEmpty()).findFirst().orElseThrow();
        List<Key.Recognised> recognised = IntStream.range(0, options.size()).filter(i -> i != right)
                .mapToObj(i -> new Key.Recognised(Mistake.ANOTHER_PLOT, letter(i), options.get(i).wrong.orElseThrow().inWords()))
                .toList();
        long unseen = wrongs.size() - options.size() + 1L;
        return Key.of("plot " + letter(right) + " of " + options.size()
                + (unseen > 0 ? "; " + Counted.of(unseen, "error") + " left out that cannot be seen in these data" : ""))
                .recognising(recognised);
    }

    @Override
    public String rightAnswer(Truth truth) {
        List<Option> options = options(truth);
        return IntStream.range(0, options.size()).filter(i -> options.get(i).wrong.isEmpty())
                .mapToObj(i -> "plot " + letter(i)).findFirst().orElse("");
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        OptionalInt picked = answer.as(Answer.Picked.class).option();
        List<Option> options = options(truth);
        return List.of(picked.isEmpty() || picked.getAsInt() >= options.size() || picked.getAsInt() < 0 ? "no plot picked"
                : "plot " + letter(picked.getAsInt()) + options.get(picked.getAsInt())
                .wrong.map(it -> ": " + it.inWords()).orElse(""));
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        List<Option> options = options(truth);
        return List.of(new OnPaper.LetteredPlots(options.stream().map(Option::plot).toList(),
                IntStream.range(0, options.size()).filter(i -> options.get(i).wrong.isEmpty()).boxed().findFirst()));
    }
}
