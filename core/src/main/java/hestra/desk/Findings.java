package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import hestra.chance.Play;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.exercise.Judged;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.figure.Below;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.figure.PlotContent;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.fit.CurveOnData;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.numbers.Once;
import hestra.sentences.Aspect;
import hestra.summary.EntryChecks;
import hestra.summary.Suspicion;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Bench;
import hestra.task.ComparedWithBest;
import hestra.task.Conceals;
import hestra.task.Explains;
import hestra.task.FillIn;
import hestra.task.Subject;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.tracing.Picture;
import hestra.tracing.Tracing;
import hestra.working.Calculation;
import hestra.working.CalculationCells;
import hestra.working.CalculationLine;
import hestra.working.Calculations;
import hestra.working.Results;

/**
 * All that follows from a desk: computed once for each change, or when it is first asked for, and shared by every view. Used by
 * one thread at a time.
 */
public final class Findings {


    private final Desk desk;
    private final List<TaskState> tasks;
    private final Part asWritten;
    private final Part part;
    private final Truth truth;
    private final PartWork work;
    private final Observed observed;
    private final ChosenCurves chosen;
    private final CurvesInView curves;
    private final NumberForms numbers;
    private final Set<Aid> open;
    private final DataTable given;
    private final Framing framing;
    private final Frame frame;
    /** Worked out when they are first asked for. */
    private final Once<Calculations> calculations = new Once<>();
    private final Once<Optional<FillIn>> fillIn;
    private final Once<Optional<CurveOnData>> best;
    private final Once<PlotContent> plot = new Once<>();
    private final Once<PlotContent> strip = new Once<>();
    private final Once<ChanceInView> chance = new Once<>();
    /** What chance did when it was last asked. */
    private Optional<ChanceInView> played;

    private Findings(Desk desk, Findings before) {
        this.desk = desk;
        boolean sameExercise = before != null && before.desk.exercise() == desk.exercise();
        this.tasks = sameExercise && before.desk.work().attempts() == desk.work().attempts()
                && before.desk.work().checks().hints().equals(desk.work().checks().hints()) ? before.tasks
                : before == null ? TaskStates.of(desk) : TaskStates.next(desk, before.desk, before.tasks);
        Part asWritten = partInHand(before);
        this.work = desk.work().part(asWritten);
        Findings here = before != null && before.part.id().equals(asWritten.id()) ? before : null;
        this.asWritten = asWritten;
        this.part = here != null && here.asWritten == asWritten && here.work.round().equals(work.round())
                ? here.part : asWritten.inRound(work.round(), desk.exercise().mark());
        boolean samePart = here != null && here.part == part && sameExercise;
        this.truth = samePart ? here.truth : part.truth(desk.exercise().mark());
        this.given = samePart ? here.given : truth.given();
        this.observed = here == null
                ? Observed.of(work.table(), work.drawnRoles()) : here.observed.next(work.table(), work.drawnRoles());
        this.chosen = here == null ? ChosenCurves.of(observed.pairs(), work.curves())
                : here.chosen.next(observed.pairs(), work.curves(), here.work.curves());
        this.open = samePart && before.tasks == tasks && here.work.shut().equals(work.shut()) ? here.open : open();
        this.fillIn = samePart && here.taskInHand().equals(taskInHand()) ? here.fillIn : new Once<>();
        this.best = samePart && before.tasks == tasks ? here.best : new Once<>();
        this.numbers = new NumberForms(work, part.rules(), desk.exercise().mark());
        this.curves = new CurvesInView(work, chosen, open, numbers.level());
        this.played = here == null ? Optional.empty() : here.played;
        boolean sameData = here != null && here.observed == observed;
        this.framing = Framing.of(observed, work.plot(), part.rules().frame(),
                sameData ? Optional.of(here.framing) : Optional.empty());
        this.frame = framing.frame(work.reading().atX(), curves.curveInHand(), curves.visibleLine()
                .filter(_ -> curves.isShown(Slot.LINE)));
    }

    /** The aids that are open; of what was kept, those that were so then. */
    private Set<Aid> open() {
        Set<Aid> all = TaskStates.open(part, tasks, work.round());
        all.removeAll(work.shut());
        return all;
    }

    /** The part that was turned to, or that of the task in hand; where nothing is left to do, the one before stays. */
    private Part partInHand(Findings before) {
        Exercise exercise = desk.exercise();
        return desk.pointing().part().flatMap(exercise::part).or(() -> desk.task().flatMap(exercise::partOf))
                .or(() -> taskInHand().flatMap(exercise::partOf))
                .or(() -> Optional.ofNullable(before).flatMap(it -> exercise.part(it.part.id()))).orElse(exercise.first());
    }

    /** What follows from a desk. */
    public static Findings of(Desk desk) {
        return new Findings(desk, null);
    }

    /** What follows from the desk after this one; what has not changed is taken over. */
    public Findings next(Desk changed) {
        return new Findings(changed, this);
    }

    /** What follows when a part is in hand. */
    public Findings at(Part other) {
        return other.id().equals(part.id()) ? this : next(desk.apply(new Edit.GoTo(other.id())));
    }

    /** What follows from the work as it stood when something was kept; for what follows the plot, these findings. */
    public Findings of(Note.Shown note) {
        return note.frozen().map(state -> Findings.of(new Desk(exercise(), desk.work().with(part, state),
                Pointing.AT_NOTHING.at(part.id())))).orElse(this);
    }

    public Desk desk() {
        return desk;
    }

    public Exercise exercise() {
        return desk.exercise();
    }

    /** The part in hand, with the data of the round that is played. */
    public Part part() {
        return part;
    }

    /** The part in hand as its author has written it, whichever round is played. */
    public Part written() {
        return asWritten;
    }

    /** What is right in the data of the part in hand as its author has written it. */
    public Truth writtenTruth() {
        return part == asWritten ? truth : asWritten.truth(exercise().mark());
    }

    /** What is right in the data of the part in hand. */
    public Truth truth() {
        return truth;
    }

    /** What a task may see of the work; of the part in hand it is known what is right there. */
    public Bench bench(Task task) {
        return part.indexOf(task.id()) >= 0 ? desk.bench(part, truth) : desk.bench(task);
    }

    /** Whether the data of the answer that counts at a task have been changed since it was given. */
    public boolean isChangedSince(TaskState state) {
        Part at = exercise().partOf(state.task().id()).orElseThrow();
        PartWork there = desk.work().part(at);
        return state.attempts().counted().map(Judged::attempt)
                .filter(it -> it.basis().isPresent() && (!it.round().equals(there.round())
                || it.basis().getAsInt() != there.table().print())).isPresent();
    }

    /** Whether the answer that counts at a task is about a plot that is another one now. */
    public boolean isOnOtherData(TaskState state) {
        return state.task().subject() != Subject.NOTHING && isChangedSince(state);
    }

    /** Whether what a task of the part in hand asks to be found by eye has been shown for the data that there are. */
    public boolean isShown(Task task) {
        return desk.isShown(task, work.round());
    }

    /** Why the answer to a task as it stands is not checked, a sentence; nothing where it can be. */
    public Optional<String> unready(Task task) {
        return desk.unready(task, bench(task));
    }

    /** The answer to a task as it stands now. */
    public Answer standing(Task task) {
        return task.standing(bench(task));
    }

    /** The best fit of the curve that was placed by eye, once a round has been checked. */
    Optional<CurveOnData> best() {
        return best.get(() -> tasks.stream().filter(state -> part.indexOf(state.task().id()) >= 0 && state.reveals(work.round()))
                .flatMap(state -> ComparedWithBest.compared(state.task()).stream()).findFirst()
                .filter(curve -> !(curve instanceof Curve.Line))
                .flatMap(curve -> LeastSquares.fit(curve, truth.pairs()).curveFit()));
    }

    /** The work on the part in hand. */
    public PartWork work() {
        return work;
    }

    public Variable x() {
        return work().table().variable(work().drawnRoles().explanatory());
    }

    public Variable y() {
        return work().table().variable(work().drawnRoles().response());
    }

    /** The pairs that the fit uses, and what is left out. */
    public Pairs pairs() {
        return chosen.pairs();
    }

    /** The line of least squares, or why there is none. */
    public Fit fit() {
        return chosen.line();
    }

    /** The curves that may be seen, and what is read off the one in hand. */
    public CurvesInView curves() {
        return curves;
    }

    /** How numbers and equations are written here. */
    public NumberForms numbers() {
        return numbers;
    }

    /** Where each task stands, in the order of the sheet. */
    public List<TaskState> tasks() {
        return tasks;
    }

    public TaskState task(String id) {
        return tasks.stream().filter(state -> state.task().id().equals(id)).findFirst().orElseThrow();
    }

    /**
     * The task in hand: the one turned to, or the first that is not done, in the part that was turned to; nothing when all are
     * done.
     */
    public Optional<String> taskInHand() {
        Optional<Part> there = desk.pointing().part().flatMap(exercise()::part);
        return desk.task().filter(id -> exercise().task(id).isPresent())
                .or(() -> tasks.stream().filter(state -> !state.done()).map(state -> state.task().id())
                        .filter(id -> there.isEmpty() || there.get().indexOf(id) >= 0).findFirst());
    }

    /** The calculation that is filled in for the task in hand. */
    public Optional<FillIn> fillIn() {
        return fillIn.get(() -> taskInHand().filter(id -> part.indexOf(id) >= 0).flatMap(exercise()::task)
                .flatMap(task -> task.fillIn(truth)));
    }

    /** What stands below the plot: what was chosen, or the calculation that is to be filled in. */
    public Below below() {
        return fillIn().map(it -> it.way() == CalculationCells.Way.SUMS ? Below.SUMS : Below.MATRICES)
                .orElse(work.plot().below() == Below.CHANCE && !mayPlay() ? Below.RESIDUALS : work.plot().below());
    }

    /** Whether chance may be played here: it shows the line and its numbers. */
    public boolean mayPlay() {
        return ChanceInView.isOpen(this);
    }

    /** Whether a play is offered here at all. */
    public boolean offers(Play play) {
        return play != Play.ANOTHER_SAMPLE || ChanceInView.hasSource(this);
    }

    /** The play that is on: its pile stands below the plot. */
    public Optional<Play> playing() {
        return below() == Below.CHANCE ? work.plot().chance().map(ChanceState::play) : Optional.empty();
    }

    /** What chance does; nothing while no play is on. */
    public Optional<ChanceInView> chance() {
        return playing().flatMap(_ -> played());
    }

    /** What chance did, whatever stands below the plot now; nothing before it was played, and where it may not be. */
    public Optional<ChanceInView> played() {
        return work.plot().chance().filter(_ -> mayPlay()).map(state -> chance.get(() -> {
            ChanceInView now = ChanceInView.of(this, state, played);
            played = Optional.of(now);
            return now;
        }));
    }

    /** The picture that points are read off for the task in hand. */
    public Optional<Picture> picture() {
        boolean reads = taskInHand().filter(id -> part.indexOf(id) >= 0).flatMap(exercise()::task)
                .filter(Task::readsPicture).isPresent();
        return reads && asWritten.provenance() instanceof Provenance.Traced(Picture picture, Tracing _)
                ? Optional.of(picture) : Optional.empty();
    }

    /** The task that must be done before the plot is shown; nothing where it is shown. */
    Optional<TaskState> hidesPlot() {
        return tasks.stream().filter(state -> Conceals.of(state.task()).hidesPlot() && !state.done()
                && part.indexOf(state.task().id()) >= 0)
                .findFirst();
    }

    /** The task in which the roles are chosen by which the plot is drawn; nothing where they are. */
    Optional<TaskState> drawsPlot() {
        return work.roles().isPresent()
                ? Optional.empty()
                : tasks.stream().filter(state -> Conceals.of(state.task()).drawsByRoles() && part.indexOf(state.task().id()) >= 0)
                .findFirst();
    }

    public boolean isOpen(Aid aid) {
        return open.contains(aid);
    }

    /** A title that is a question stands in quotes, so that a sentence may end behind it. */
    private static String quoted(String title) {
        return title.matches("(?s).*[?!.]") ? "\u201c" + title + "\u201d" : title;
    }

    /** What opens an aid, for saying so where it will be: "Opens with task 3". */
    public String whatOpens(Aid aid) {
        return part.opener(aid)
                .map(task -> "Opens with task " + (exercise().indexOf(task.id()) + 1) + ", " + quoted(task.terms().title()))
                .orElse("Closed in this exercise");
    }

    /**
     * What stands in the place of something that is closed: "Residuals will appear here. Opens with task 3.", or that it is not
     * shown.
     */
    public String placeOf(Aid aid, String what, boolean many) {
        return part.opener(aid).isPresent() ? what + " will appear here. " + whatOpens(aid) + "."
                : what + (many ? " are" : " is") + " not shown in this exercise.";
    }

    /**
     * Says that a task of the part asks what a number says, for as long as it is not known to be done: "What does this say? Task
     * 5 asks."; nothing where none does.
     */
    public Optional<String> whatAsks(Aspect.About about) {
        return stillAsked()
                .filter(state -> Explains.explained(state.task()).filter(about::equals).isPresent()).findFirst()
                .map(Findings::asks);
    }

    /** The same of the pile of a play. */
    public Optional<String> whatAsks(Play play) {
        return stillAsked().filter(state -> state.task().asksWhatSays(play)
                || play == Play.SHUFFLE && Explains.explained(state.task()).filter(Aspect.About.P::equals)
                .isPresent()).findFirst()
                .map(Findings::asks);
    }

    private static String asks(TaskState state) {
        return "What does this say? Task " + state.number() + " asks.";
    }

    /** The tasks of the part that are not known to be done. */
    Stream<TaskState> stillAsked() {
        return tasks.stream().filter(state -> part.indexOf(state.task().id()) >= 0 && !state.isKnownToBeDone());
    }

    /** What a calculation line comes to, with the lines before it by their names. */
    public Calculation.Outcome calculated(CalculationLine line) {
        return calculations.get(this::calculations).outcome(line);
    }

    private Calculations calculations() {
        Fit inHand = curves.curveInHand().isEmpty()
                ? new Fit.None("There is no curve in hand.") : curves.fitInHand().orElseGet(this::fit);
        return Calculations.of(work.sheet().lines(), new Results(inHand, pairs()), exercise().mark());
    }

    /** What stood in a cell as the data were given out, where something else stands in it now. */
    public Optional<String> original(int row, int column) {
        return Desk.asGiven(given, work().table().row(row)).map(it -> it.cell(column).text())
                .filter(text -> !text.equals(work().table().cell(row, column).text()));
    }

    /** What looks wrong in the table, but what a task still asks to be found, and what the table says of itself anyway. */
    public List<Suspicion> suspicions() {
        boolean givesAway = tasks.stream().anyMatch(state -> Conceals.of(state.task()).hidesSuspicions() && !state.done()
                && part.indexOf(state.task().id()) >= 0);
        return EntryChecks.of(work().table(), work().drawnRoles(), exercise().mark()).stream().filter(it -> switch (it.kind()) {
            case NOT_A_NUMBER, INCOMPLETE, UNEQUAL_LENGTHS -> false;
            case HEADING_INSIDE, SAME_PAIR -> true;
            case IMPOSSIBLE, SCALE, FAR, SLIPPED -> !givesAway;
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
        return plot.get(() -> new Contents(this, observed, chosen).plot());
    }

    /**
     * What the scatter plot shows with these layers and nothing else, on a frame that fits the data; without curves beside the
     * line where they are not wanted.
     */
    public PlotContent showing(Set<Layer> layers, boolean curvesToo) {
        PartWork shown = work.with(work.plot().showing(layers).with(Optional.<Frame>empty())).with(ReadingState.NONE);
        PartWork bare = curvesToo ? shown : shown.with(CurveState.LINE_ALONE.fittedOnlyTo(work.curves().only()));
        return Findings.of(new Desk(exercise(), desk.work().with(part, bare), Pointing.AT_NOTHING.at(part.id()))).plot().kept();
    }

    /** What the residual strip shows. */
    public PlotContent strip() {
        return strip.get(() -> new Contents(this, observed, chosen).strip());
    }
}
