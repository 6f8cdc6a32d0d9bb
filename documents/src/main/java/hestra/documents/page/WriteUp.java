package hestra.documents.page;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.desk.PlotDescription;
import hestra.desk.TaskState;
import hestra.desk.TaskWords;
import hestra.documents.page.Piece.Table.Line;
import hestra.exercise.Block;
import hestra.exercise.LiveText;
import hestra.feedback.Outcome;
import hestra.figure.Layer;
import hestra.figure.PlotContent;
import hestra.figure.ScatterPlot;
import hestra.figure.Thumbnail;
import hestra.numbers.Marks;
import hestra.task.ReadByPerson;
import hestra.task.Sketch;
import hestra.task.Sketched;
import hestra.task.Subject;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.tracing.Picture;

/**
 * A student's work as a page: the sheet with the answers, the figures that the tasks were about or that were kept, and the data.
 * Whatever else happened to be open is not on it, nor is what is held back.
 */
public final class WriteUp {

    private static final double RATIO = 0.62;
    /** The width of a plot, beside which its numbers stand. */
    private static final double SHARE = 0.6;
    /** The width of an answer beside which stands what was done in the plot. */
    private static final double ANSWER = 0.72;
    private static final double SKETCH_RATIO = 0.62;

    /**
     * What is said of an answer.
     *
     * @param outcome how it was judged; nothing while that is not told
     * @param verdict what is said of it
     * @param marks "2 of 3 marks"
     * @param comments what a marker says of it
     * @param key what would have been right; empty where that is not told
     * @param why why it is so, in the author's words; may be empty
     */
    record Told(Optional<Outcome> outcome, String verdict, String marks, List<String> comments, String key, String why) {
        static final Told NOTHING = new Told(Optional.empty(), "", "", List.of(), "", "");
    }

    /** Says of each task what is told of the answer. */
    @FunctionalInterface
    interface Telling {
        Told of(TaskState state);
    }

    private final Telling telling;

    private WriteUp(Telling telling) {
        this.telling = telling;
    }

    /** A page with what others say of the answers: {@code about} stands under its title, {@code first} before the sheet. */
    static Page marked(Findings findings, List<String> about, List<Piece> first, Telling telling) {
        List<Piece> pieces = new ArrayList<>(first);
        WriteUp writeUp = new WriteUp(telling);
        findings.exercise().parts().forEach(part -> writeUp.part(findings.at(part), pieces));
        return new Page(titleOf(findings), nameOf(findings), about, pieces);
    }

    private static String titleOf(Findings findings) {
        return findings.exercise().heading().isBlank() ? findings.exercise().title() : findings.exercise().heading();
    }

    private static String nameOf(Findings findings) {
        String student = findings.desk().work().student();
        return student.isBlank() ? "no name" : student.strip();
    }

    private static Told told(TaskState state, boolean handedIn, Findings findings) {
        Marks inMarks = findings.exercise().inMarks();
        return state.attempts().verdict().filter(_ -> mayBeTold(state, handedIn))
                .map(it -> new Told(Optional.of(it.outcome()), it.message(),
                inMarks.outOf(state.earned(), state.task().terms().marks()), List.of(), "",
                        new TaskWords(findings, state).why().orElse(""))).orElse(Told.NOTHING);
    }

    /** The page of a desk as it stands; {@code date} is today in words. Verdicts that come after handing in are not on it. */
    public static Page of(Findings findings, String date) {
        return page(findings, date, false);
    }

    /** The page of a desk that is being handed in, with all verdicts and marks. */
    public static Page ofHandIn(Findings findings, String date) {
        return page(findings, date, true);
    }

    private static Page page(Findings findings, String date, boolean handedIn) {
        int begun = findings.desk().work().checks().begun();
        List<Piece> pieces = new ArrayList<>();
        WriteUp writeUp = new WriteUp(state -> told(state, handedIn, findings));
        findings.exercise().parts().forEach(part -> writeUp.part(findings.at(part), pieces));
        if (!findings.tasks().isEmpty()) {
            pieces.add(new Piece.Room("Comments"));
        }
        return new Page(titleOf(findings), nameOf(findings),
                List.of(findings.exercise().heading().isBlank() ? "" : findings.exercise().title(), findings.exercise().place(),
                        date, begun > 1 ? "begun " + begun + " times" : "", marks(findings, handedIn)), pieces);
    }

    /** The marks of all, where all may be seen. */
    private static String marks(Findings findings, boolean handedIn) {
        boolean told = !findings.tasks().isEmpty() && findings.tasks().stream().allMatch(state -> mayBeTold(state, handedIn));
        boolean any = findings.tasks().stream().anyMatch(TaskState::isTried);
        return told && any ? findings.exercise().inMarks().outOf(findings.earned(), findings.exercise().marks()) : "";
    }

    private static boolean mayBeTold(TaskState state, boolean handedIn) {
        return handedIn && state.task().terms().verdict() != Terms.Showing.AFTER_MARKING
                || state.task().terms().isTold(state.done());
    }

    private void part(Findings findings, List<Piece> pieces) {
        if (!findings.part().heading().isBlank()) {
            pieces.add(new Piece.Heading(2, findings.part().heading()));
        }
        // What was written and kept stands below the task that asks for it, and once.
        Optional<Task> section = findings.part().tasks().stream().filter(ReadByPerson::keepsSection).findFirst();
        Subject shown = Subject.NOTHING;
        for (Block block : findings.part().blocks()) {
            if (block instanceof Block.Asked(Task task) && task.subject() != Subject.NOTHING && task.subject() != shown) {
                shown = task.subject();
                figure(findings, shown, pieces);
            }
            pieces.add(piece(block, findings));
            if (block instanceof Block.Asked(Task task) && findings.isOnOtherData(findings.task(task.id()))) {
                pieces.add(new Piece.Remark("The data were changed after this was answered: the plot shows them as they are "
                        + "now."));
            }
            if (block instanceof Block.Asked(Task task) && task.equals(section.orElse(null))) {
                pieces.addAll(NotePieces.ofSheet(findings));
            }
        }
        if (findings.part().tasks().isEmpty()) {
            figure(findings, Subject.CURVE, pieces);
        }
        if (section.isEmpty()) {
            pieces.addAll(NotePieces.ofSheet(findings));
        }
        new CurveReport(findings).predictionTable("", "Predictions of the selected curve").ifPresent(pieces::add);
        if (findings.work().table().size() > 0) {
            pieces.add(new Piece.Heading(3, "The data"));
            pieces.add(NotePieces.compact(NotePieces.data(findings, "", "")));
        }
    }

    /** The plot as an answer is about it: the points, and with a curve those that are shown, with what may be seen of them. */
    private static void figure(Findings findings, Subject subject, List<Piece> pieces) {
        Set<Layer> layers = EnumSet.of(Layer.POINTS);
        findings.work().layers().stream().filter(layer -> layer == Layer.NAMES
                || subject == Subject.CURVE && (layer == Layer.LINE || layer == Layer.EQUATIONS)).forEach(layers::add);
        PlotContent content = findings.showing(layers, subject == Subject.CURVE);
        Piece.Plot plot = new Piece.Plot(layout -> ScatterPlot.describe(content.withoutEquations(), layout), RATIO, "", "",
                PlotDescription.of(findings, subject == Subject.CURVE).paragraph()).withShare(SHARE);
        List<Piece> curves = subject == Subject.CURVE ? new CurveReport(findings).pieces() : List.of();
        pieces.add(curves.isEmpty() ? plot : new Piece.SideBySide(List.of(plot), curves, SHARE));
    }

    private Piece piece(Block block, Findings findings) {
        return switch (block) {
            case Block.Prose(String _, String text) -> new Piece.Text(fill(text, findings));
            case Block.Illustration(String _, Picture picture, String caption, String alternative) ->
                    new Piece.Image(picture, fill(caption, findings), alternative);
            case Block.Plot plot -> {
                PlotContent content = FixedPlot.of(findings.exercise(), findings.part(), plot);
                yield new Piece.Plot(layout -> ScatterPlot.describe(content, layout), RATIO, "", fill(plot.caption(), findings),
                        plot.caption().isBlank() ? "A plot of the data" : fill(plot.caption(), findings));
            }
            case Block.Printed(String _, String caption) ->
                    new Piece.Table("", fill(caption, findings), findings.part().data().variables().stream()
                            .map(it -> it.name()).toList(),
                    findings.part().data().rows().stream()
                            .map(row -> new Line(IntStream.range(0, findings.part().data().width())
                                    .mapToObj(column -> row.cell(column).text()).toList(), false)).toList());
            case Block.Formula(String _, String formula) -> new Piece.Formula(fill(formula, findings));
            case Block.Strange strange -> new Piece.Remark("Here stands " + strange.inWords() + ".");
            case Block.Asked(Task task) -> answered(findings.task(task.id()), findings);
        };
    }

    private static String fill(String text, Findings findings) {
        return LiveText.fill(text, findings.part(), findings.exercise().mark());
    }

    private Piece answered(TaskState state, Findings findings) {
        Task task = state.task();
        Told told = telling.of(state);
        // Which of several counts says which is better: while no verdict is told, the newest stands here.
        boolean untold = told.equals(Told.NOTHING);
        List<String> answer = (untold ? state.attempts().newest() : state.attempts().counted())
                .map(it -> task.inWords(it.attempt().answer(), it.truth())).orElse(List.of("not answered"));
        String tries = state.attempts().count() > 1
                ? state.attempts().count() + " tries" + (!untold && state.attempts().countsEarlier() ? ", the best one here" : "")
                : "";
        Piece.Answered said = new Piece.Answered(state.number(), task.terms().title(), fill(task.terms().prompt(), findings),
                answer, told.outcome(), told.verdict(),
                String.join(" · ", Stream.of(tries, told.marks()).filter(text -> !text.isEmpty()).toList()), told.comments(),
                        told.key(), told.why());
        Optional<Sketch> sketch = (untold ? state.attempts().newest() : state.attempts().counted())
                .flatMap(it -> Sketched.of(task, it.attempt().answer(), it.truth()));
        return sketch.<Piece>map(it -> new Piece.SideBySide(List.of(said), List.of(plot(it, answer)), ANSWER)).orElse(said);
    }

    /** What was done in a plot, small, with what matters marked. */
    private static Piece.Plot plot(Sketch sketch, List<String> answer) {
        return new Piece.Plot(layout -> Thumbnail.describe(sketch.points(), sketch.marked(), sketch.byEye(), sketch.frame(),
                layout), SKETCH_RATIO, "", "", "What was done in the plot: " + String.join(", ", answer))
                .withShare(1 - ANSWER);
    }
}
