package hestra.desk;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.exercise.Aid;
import hestra.exercise.Attempt;
import hestra.exercise.Exercise;
import hestra.exercise.Task;
import hestra.feedback.Judge;
import hestra.feedback.Verdict;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.figure.PlotContent;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.Prediction;
import hestra.summary.EntryChecks;
import hestra.summary.Suspicion;

/**
 * All that follows from a desk: computed once for each change and shared by every view.
 */
public final class Findings {

    private static final double LEVEL = 0.95;
    private static final int MOST_GROUPS = 12;

    private final Desk desk;
    private final Pairs pairs;
    private final Fit fit;
    private final List<TaskState> tasks;
    private final Set<Aid> open;
    private final List<PlotContent.Point> points;
    private final List<String> groups;
    private final DataTable given;
    /** What fits the data; nothing while another part of the plane is shown. */
    private final Optional<Frame> dataFrame;
    private final Frame frame;

    private Findings(Desk desk, Findings before) {
        this.desk = desk;
        Work work = desk.work();
        Roles roles = work.drawnRoles();
        boolean sameData = before != null && before.desk.work().table() == work.table()
                && before.desk.work().drawnRoles().equals(roles);
        OptionalInt moved = before != null && !sameData && before.desk.work().drawnRoles().equals(roles)
                ? work.table().onlyRowOtherThanIn(before.desk.work().table()) : OptionalInt.empty();
        Optional<Moved> move = moved.isPresent() ? Moved.of(before, work.table(), roles, moved.getAsInt()) : Optional.empty();
        this.pairs = sameData ? before.pairs : move.map(Moved::pairs).orElseGet(() -> Pairs.of(work.table(), roles));
        this.fit = sameData ? before.fit : LeastSquares.line(pairs);
        this.groups = sameData || move.isPresent() ? before.groups : groups(work.table(), roles);
        this.points = sameData ? before.points : move.map(Moved::points).orElseGet(() -> points(work.table(), roles, groups));
        boolean sameExercise = before != null && before.desk.exercise() == desk.exercise();
        this.given = sameExercise ? before.given : desk.exercise().given();
        boolean sameAnswers = sameExercise && before.desk.work().attempts() == work.attempts();
        this.tasks = sameAnswers ? before.tasks : states(desk);
        this.open = sameAnswers ? before.open : open(desk.exercise(), tasks);
        boolean framed = work.frame().isPresent();
        this.dataFrame = sameData && before.dataFrame.isPresent() ? before.dataFrame : framed ? Optional.empty() : Optional.of(Frame.around(xs(), ys()));
        this.frame = work.frame().or(() -> dataFrame.map(this::frameWithReading)).orElseThrow();
    }

    /**
     * One point that has moved and nothing else: the others are taken over as they were, so that one of a hundred thousand is
     * dragged as smoothly as one of ten.
     */
    private record Moved(Pairs pairs, List<PlotContent.Point> points) {
        static Optional<Moved> of(Findings before, DataTable table, Roles roles, int row) {
            DataTable old = before.desk.work().table();
            boolean sameOtherwise = table.row(row).isSetAside() == old.row(row).isSetAside()
                    && Stream.of(roles.label(), roles.group(), roles.count()).flatMap(column -> column.stream().boxed())
                        .allMatch(column -> table.cell(row, column).equals(old.cell(row, column)));
            int pair = before.pairs.indexOfRow(row);
            int point = Collections.binarySearch(before.points, new PlotContent.Point(row, 0, 0, false), Comparator.comparingInt(PlotContent.Point::row));
            if (!sameOtherwise || pair < 0 || point < 0 || !(table.cell(row, roles.explanatory()) instanceof Cell.Measured x)
                    || !(table.cell(row, roles.response()) instanceof Cell.Measured y)) {
                return Optional.empty();
            }
            List<PlotContent.Point> points = new ArrayList<>(before.points);
            points.set(point, points.get(point).movedTo(x.value(), y.value()));
            return Optional.of(new Moved(before.pairs.withMoved(pair, x.value(), y.value()), List.copyOf(points)));
        }
    }

    /** What follows from a desk. */
    public static Findings of(Desk desk) {
        return new Findings(desk, null);
    }

    /** What follows from the desk after this one; what has not changed is taken over. */
    public Findings next(Desk changed) {
        return new Findings(changed, this);
    }

    public Desk desk() {
        return desk;
    }

    public Exercise exercise() {
        return desk.exercise();
    }

    public Work work() {
        return desk.work();
    }

    public Variable x() {
        return work().table().variable(work().drawnRoles().explanatory());
    }

    public Variable y() {
        return work().table().variable(work().drawnRoles().response());
    }

    /** The pairs that the fit uses, and what is left out. */
    public Pairs pairs() {
        return pairs;
    }

    public Fit fit() {
        return fit;
    }

    /** Where each task stands, in the order of the sheet. */
    public List<TaskState> tasks() {
        return tasks;
    }

    public TaskState task(String id) {
        return tasks.stream().filter(state -> state.task().id().equals(id)).findFirst().orElseThrow();
    }

    /** The task in hand: the one turned to, or the first that is not done; nothing when all are done. */
    public Optional<String> taskInHand() {
        return desk.task().filter(id -> exercise().task(id).isPresent())
                .or(() -> tasks.stream().filter(state -> !state.done()).map(state -> state.task().id()).findFirst());
    }

    public boolean isOpen(Aid aid) {
        return open.contains(aid);
    }

    /** What opens an aid, for saying so where it will be: "Opens with task 3". */
    public String whatOpens(Aid aid) {
        return exercise().opener(aid)
                .map(task -> "Opens with task " + (exercise().indexOf(task.id()) + 1) + ", " + task.terms().title())
                .orElse("Held back in this exercise");
    }

    /** The line where there is one and it is not held back. */
    public Optional<LineFit> visibleLine() {
        return isOpen(Aid.LINE) ? fit.line() : Optional.empty();
    }

    /** The prediction at the reading line, where there is one and predictions are open. */
    public Optional<Prediction> prediction() {
        if (work().readingAt().isEmpty() || !isOpen(Aid.PREDICTION)) {
            return Optional.empty();
        }
        return fit.line().map(line -> line.predict(work().readingAt().getAsDouble(), LEVEL));
    }

    /** The residual of a table row; nothing where it takes no part or residuals are held back. */
    public Optional<Double> residual(int row) {
        if (!isOpen(Aid.RESIDUALS) || work().table().row(row).isSetAside()) {
            return Optional.empty();
        }
        Roles roles = work().drawnRoles();
        return fit.line().flatMap(line ->
                work().table().cell(row, roles.explanatory()) instanceof Cell.Measured x
                        && work().table().cell(row, roles.response()) instanceof Cell.Measured y
                        ? Optional.of(line.residualOf(x.value(), y.value()))
                        : Optional.empty());
    }

    /** What stood in a cell as the data were given out, where something else stands in it now. */
    public Optional<String> original(int row, int column) {
        return Desk.asGiven(given, work().table().row(row)).map(it -> it.cell(column).text())
                .filter(text -> !text.equals(work().table().cell(row, column).text()));
    }

    /** What looks wrong in the table, but what a task still asks to be found, and what the table says of itself anyway. */
    public List<Suspicion> suspicions() {
        boolean givesAway = tasks.stream().anyMatch(state -> state.task() instanceof Task.FindSlip && !state.done());
        return EntryChecks.of(work().table(), work().drawnRoles(), exercise().mark()).stream().filter(it -> switch (it.kind()) {
            case NOT_A_NUMBER, INCOMPLETE, UNEQUAL_LENGTHS -> false;
            case HEADING_INSIDE, SAME_PAIR -> true;
            case IMPOSSIBLE, SCALE, SLIPPED -> !givesAway;
        }).toList();
    }

    public double earned() {
        return tasks.stream().mapToDouble(TaskState::earned).sum();
    }

    public Frame frame() {
        return frame;
    }

    /** What the scatter plot shows. */
    public PlotContent plot() {
        Set<Layer> layers = EnumSet.noneOf(Layer.class);
        layers.addAll(work().layers());
        if (!isOpen(Aid.RESIDUALS)) {
            layers.remove(Layer.RESIDUALS);
            layers.remove(Layer.SQUARES);
        }
        return content(layers, visibleLine(), "Points appear here as you type them\ninto the table on the right.");
    }

    /** What the residual strip shows. */
    public PlotContent strip() {
        boolean opened = isOpen(Aid.RESIDUALS);
        String notice = opened ? fit instanceof Fit.None(String reason) ? reason : ""
                : "Residuals stand here. " + whatOpens(Aid.RESIDUALS) + ".";
        return content(work().layers(), opened ? fit.line() : Optional.empty(), notice);
    }

    private PlotContent content(Set<Layer> layers, Optional<LineFit> line, String notice) {
        return new PlotContent(x(), y(), desk.style(), points, line, layers,
                isOpen(Aid.PREDICTION) ? work().readingAt() : OptionalDouble.empty(),
                desk.selected(), desk.hovered(), frame, groups, notice);
    }

    /** The frame holds the points that take part, and of those set aside the ones that do not lie far off. */
    private Stream<PlotContent.Point> framed() {
        DoubleSummaryStatistics x = pairs.xs().summaryStatistics();
        DoubleSummaryStatistics y = pairs.ys().summaryStatistics();
        return points.stream().filter(point -> !point.setAside() || pairs.n() == 0 || isNear(point.x(), x) && isNear(point.y(), y));
    }

    /** Whether a value lies no further from the others than they lie apart. */
    private static boolean isNear(double value, DoubleSummaryStatistics others) {
        double span = others.getMax() - others.getMin();
        return value >= others.getMin() - span && value <= others.getMax() + span;
    }

    private DoubleStream xs() {
        return framed().mapToDouble(PlotContent.Point::x);
    }

    private DoubleStream ys() {
        return framed().mapToDouble(PlotContent.Point::y);
    }

    /** The frame of the data, made wider where the reading line stands outside it. */
    private Frame frameWithReading(Frame fitting) {
        OptionalDouble at = work().readingAt();
        if (at.isEmpty() || visibleLine().isEmpty() || at.getAsDouble() >= fitting.xLow() && at.getAsDouble() <= fitting.xHigh()) {
            return fitting;
        }
        double fitted = visibleLine().get().at(at.getAsDouble());
        boolean drawable = Double.isFinite(fitted) && Math.abs(fitted) < 1e290 && Math.abs(at.getAsDouble()) < 1e290;
        return drawable ? Frame.around(DoubleStream.concat(xs(), DoubleStream.of(at.getAsDouble())),
                DoubleStream.concat(ys(), DoubleStream.of(fitted))) : fitting;
    }

    /** The different texts of the group column, in the order in which they come. */
    private static List<String> groups(DataTable table, Roles roles) {
        return roles.group().isEmpty() ? List.of() : table.rows().stream().map(row -> row.cell(roles.group().getAsInt()).text())
                .filter(text -> !text.isEmpty()).distinct().limit(MOST_GROUPS).toList();
    }

    private static List<PlotContent.Point> points(DataTable table, Roles roles, List<String> groups) {
        Map<String, Integer> indices = new HashMap<>();
        groups.forEach(group -> indices.put(group, indices.size()));
        List<PlotContent.Point> points = new ArrayList<>();
        for (int i = 0; i < table.size(); i++) {
            Row row = table.row(i);
            if (row.cell(roles.explanatory()) instanceof Cell.Measured x && row.cell(roles.response()) instanceof Cell.Measured y) {
                points.add(new PlotContent.Point(i, x.value(), y.value(), row.isSetAside(), text(row, roles.label()),
                        indices.getOrDefault(text(row, roles.group()), groups.size()), Pairs.countOf(row, roles.count()).orElse(1)));
            }
        }
        return List.copyOf(points);
    }

    private static String text(Row row, OptionalInt column) {
        return column.isPresent() ? row.cell(column.getAsInt()).text() : "";
    }

    private static List<TaskState> states(Desk desk) {
        Judge judge = new Judge(desk.exercise());
        List<TaskState> states = new ArrayList<>();
        for (Task task : desk.exercise().tasks()) {
            List<Verdict> verdicts = new ArrayList<>();
            for (Attempt attempt : desk.work().attemptsAt(task.id())) {
                if (Judge.takes(task, attempt.answer())) {
                    verdicts.add(judge.judge(task, attempt));
                }
            }
            double best = verdicts.stream().mapToDouble(Verdict::earned).max().orElse(0);
            boolean right = verdicts.stream().anyMatch(Verdict::isRight);
            int left = desk.triesLeft(task);
            states.add(new TaskState(task, states.size() + 1,
                    verdicts.isEmpty() ? Optional.empty() : Optional.of(verdicts.getLast()), best, left,
                    !verdicts.isEmpty() && (right || left == 0)));
        }
        return List.copyOf(states);
    }

    /** A description opens what it opens as soon as it is given, right or not: it is a look, not a hurdle. */
    private static Set<Aid> open(Exercise exercise, List<TaskState> tasks) {
        Set<Aid> open = Aid.all();
        open.removeAll(exercise.held());
        for (TaskState state : tasks) {
            if (state.done() || state.isTried() && state.task() instanceof Task.Describe) {
                open.addAll(state.task().terms().opens());
            }
        }
        return open;
    }
}
