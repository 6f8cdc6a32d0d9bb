package hestra.task;

import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.feedback.Mistake;
import hestra.feedback.Parts;
import hestra.feedback.Verdict;
import hestra.figure.Frame;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;

/**
 * The student draws the plot: puts columns on the axes, writes a title, names and units, and sets a scale that shows the data.
 *
 * @param blank whether names and units of the columns are left out, for the student to write them
 * @param titled whether a title is asked for
 */
public record DrawIt(Terms terms, boolean blank, boolean titled) implements Task, ChangesTable, LeavesToStudent, Sketched {

    static final Kind KIND = new Kind("draw-it", "Draw the plot", Kind.Group.DATA, DrawIt.class, (id, _) -> new DrawIt(
            Terms.of(id, "Draw the plot",
                    "Put the variables on their axes, write names, units and a title, and choose a scale that shows the data "
                    + "well.", 3), false, true));

    /** Data that fill less of an axis than this are too small to be read. */
    private static final double LEAST_SHARE = 0.5;

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new DrawIt(other, blank, titled);
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.PLOT;
    }

    @Override
    public Subject subject() {
        return Subject.POINTS;
    }

    @Override
    public boolean leavesRoles() {
        return true;
    }

    @Override
    public DataTable givenOut(DataTable table, DecimalMark mark) {
        if (!blank) {
            return table;
        }
        DataTable changed = table;
        for (int i = 0; i < table.width(); i++) {
            changed = changed.withVariable(i, table.variable(i).withName(nameless(i)).withLabel("").withUnit(""));
        }
        return changed;
    }

    /** What a column is called whose name is left out. */
    private static String nameless(int column) {
        return "column " + (column + 1);
    }

    @Override
    public Answer standing(Bench bench) {
        Optional<Roles> roles = bench.roles().filter(it -> it.isWithin(bench.table().width()));
        Optional<Variable> x = roles.map(it -> bench.table().variable(it.explanatory()));
        Optional<Variable> y = roles.map(it -> bench.table().variable(it.response()));
        return new Answer.Drawn(roles, bench.handiwork().drawing().title(), x.map(Variable::name).orElse(""),
                x.map(Variable::unit).orElse(""), y.map(Variable::name).orElse(""), y.map(Variable::unit).orElse(""),
                bench.handiwork().drawing().frame());
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Drawn;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return answer.as(Answer.Drawn.class).roles().isEmpty()
                ? Optional.of("Say first which variable goes along and which upward.") : Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Answer.Drawn drawn = attempt.answer().as(Answer.Drawn.class);
        Parts parts = Parts.none();
        boolean exchanged = drawn.roles().filter(it -> it.hasAxesOf(truth.roles().swapped()) && !it.hasAxesOf(truth.roles()))
                .isPresent();
        parts.add("axes", drawn.roles().filter(it -> it.hasAxesOf(truth.roles())).isPresent(),
                exchanged ? "The axes are the wrong way round: the variable that explains goes along."
                : "Other columns belong on the axes.");
        if (titled) {
            parts.add("title", !drawn.title().isBlank(), "The plot has no title yet.");
        }
        if (blank) {
            // Where the axes are exchanged the names are judged for what stands there.
            Variable along = exchanged ? truth.y() : truth.x();
            Variable upward = exchanged ? truth.x() : truth.y();
            parts.add("names", isCalled(drawn.xName(), along) && isCalled(drawn.yName(), upward),
                    isCalled(drawn.xName(), along) ? "The upward axis is not called what it shows."
                    : "The axis along is not called what it shows.");
            parts.add("units", isIn(drawn.xUnit(), along) && isIn(drawn.yUnit(), upward),
                    "A unit is missing, or is not the one of the data.");
        }
        Pairs pairs = exchanged ? truth.pairs().swapped() : truth.pairs();
        boolean inView = drawn.frame().isEmpty() || isInView(pairs, drawn.frame().get());
        parts.add("all points in view", inView, "Some points lie outside of what the plot shows.");
        parts.add("data fill the plot", drawn.frame().isEmpty() || inView && fills(pairs, drawn.frame().get()),
                "The data fill less than half of an axis. Let it begin and end nearer to the data.");
        return parts.verdict(terms.marks(), "The plot is drawn as it should be.")
                .recognising(exchanged ? List.of(Mistake.AXES_EXCHANGED) : List.of());
    }

    /** Whether a name says what a variable is: its short name or what it is in full, or a word of that. */
    private static boolean isCalled(String name, Variable variable) {
        String said = plain(name);
        return !said.isEmpty() && (said.equals(plain(variable.name()))
                || Arrays.asList(plain(variable.label()).split(" ")).containsAll(Arrays.asList(said.split(" ")))
                || said.contains(plain(variable.name())));
    }

    private static boolean isIn(String unit, Variable variable) {
        return unit.strip().replace(" ", "").equals(variable.unit().replace(" ", ""));
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }

    private static boolean isInView(Pairs pairs, Frame frame) {
        return IntStream.range(0, pairs.size()).allMatch(i -> pairs.x(i) >= frame.xLow() && pairs.x(i) <= frame.xHigh()
                && pairs.y(i) >= frame.yLow() && pairs.y(i) <= frame.yHigh());
    }

    private static boolean fills(Pairs pairs, Frame frame) {
        DoubleSummaryStatistics x = pairs.xs().summaryStatistics();
        DoubleSummaryStatistics y = pairs.ys().summaryStatistics();
        return (x.getMin() == x.getMax() || x.getMax() - x.getMin() >= LEAST_SHARE * (frame.xHigh() - frame.xLow()))
                && (y.getMin() == y.getMax() || y.getMax() - y.getMin() >= LEAST_SHARE * (frame.yHigh() - frame.yLow()));
    }

    @Override
    public Key key(Truth truth) {
        return truth.pairs().size() == 0 ? Key.missing("there are no points to draw")
                : Key.of(truth.x().name() + " along, " + truth.y()
                .name() + " upward" + (blank ? "; names and units" : "") + (titled ? "; a title" : "")
                + "; all points in view, on half of each axis or more");
    }

    @Override
    public String rightAnswer(Truth truth) {
        return truth.x().name() + " goes along, " + truth.y().name() + " upward";
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Answer.Drawn drawn = answer.as(Answer.Drawn.class);
        NumberStyle style = truth.style();
        return List.of(drawn.roles().isEmpty()
                ? "no axes chosen"
                : named(drawn.xName(), drawn.xUnit()) + " along, " + named(drawn.yName(), drawn.yUnit()) + " upward",
                drawn.title().isBlank() ? "no title" : "title: " + drawn.title(),
                drawn.frame().map(it -> "shows " + style.shortest(it.xLow()) + " to " + style.shortest(it.xHigh()) + " along, "
                        + style.shortest(it.yLow()) + " to " + style.shortest(it.yHigh()) + " upward")
                        .orElse("the scale fits the data"));
    }

    @Override
    public Optional<Sketch> sketch(Answer answer, Truth truth) {
        Answer.Drawn drawn = answer.as(Answer.Drawn.class);
        return drawn.roles().filter(it -> it.isWithin(truth.data().width()))
                .map(it -> Sketch.of(seenBy(it, truth)).within(drawn.frame()));
    }

    private static Pairs seenBy(Roles roles, Truth truth) {
        Pairs right = truth.evidence().pairs();
        return roles.hasAxesOf(truth.roles()) ? right
                : roles.hasAxesOf(truth.roles().swapped()) ? right.swapped()
                : Pairs.of(truth.data(), roles);
    }

    private static String named(String name, String unit) {
        return name + (unit.isEmpty() ? "" : " (" + unit + ")");
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return List.of(new OnPaper.Axes(false, !blank));
    }
}
