package hestra.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.chance.Asked;
import hestra.chance.ChanceWords;
import hestra.chance.Draw;
import hestra.chance.Play;
import hestra.chance.Playing;
import hestra.chance.Run;
import hestra.chance.Source;
import hestra.chance.Watched;
import hestra.data.Pairs;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.figure.ChanceMarks;
import hestra.fit.CurveFit;
import hestra.fit.CurveOnData;
import hestra.fit.Fit;
import hestra.fit.LineFit;
import hestra.fit.LinearFit;
import hestra.numbers.Once;
import hestra.numbers.Rounding;
import hestra.recipe.Recipe;
import hestra.task.Aid;

/** What chance does with the curve in hand, as far as it has been played. */
public final class ChanceInView {

    /** About so many values are dealt or drawn in one go; of a long run the rest is made a little later. */
    private static final int AT_ONCE = 2_000_000;
    private static final int LEAST_AT_ONCE = 16;
    private static final int COST_OF_A_FIT = 40;
    private static final int MOST_LINES = 1_000;
    private static final int MOST_CURVES = 30;
    private static final int ACROSS = 24;
    /** With more points than this those that chance deals would hide one another. */
    private static final int MOST_DEALT = 2_000;
    /** Intervals are counted in another sample alone. */
    private static final double ANY_LEVEL = 0.95;

    private final Playing playing;
    private final Play play;
    private final int wanted;
    private final double level;
    private final List<Watched> watchable;
    private final Once<Optional<Asked>> asked = new Once<>();
    private final Once<ChanceMarks> marks = new Once<>();

    private ChanceInView(Playing playing, Play play, int wanted, double level, List<Watched> watchable) {
        this.playing = playing;
        this.play = play;
        this.wanted = wanted;
        this.level = level;
        this.watchable = watchable;
    }

    /** Of what follows from a desk; what was drawn before is taken over where it is of the same. */
    static ChanceInView of(Findings findings, ChanceState state, Optional<ChanceInView> before) {
        Fit fit = findings.curves().fitInHand().orElseGet(findings::fit);
        return switch (fit) {
            case Fit.None none -> new ChanceInView(new Playing.None(none.reason()), state.play(), 0, ANY_LEVEL, List.of());
            case CurveFit curve -> of(findings, state, curve, before);
        };
    }

    private static ChanceInView of(Findings findings, ChanceState state, CurveFit fit, Optional<ChanceInView> before) {
        double level = findings.numbers().level();
        List<Watched> watchable = watchable(findings, state, fit);
        if (watchable.isEmpty()) {
            return new ChanceInView(new Playing.None("Nothing of the " + fit.inWords() + " can be watched here."),
                    state.play(), 0, level,
                    watchable);
        }
        Run.Setup setup = new Run.Setup(state.play(), findings.pairs(), fit.curve(), watched(state.watched(), watchable),
                state.number(), state.play() == Play.ANOTHER_SAMPLE ? level : ANY_LEVEL,
                state.play() == Play.ANOTHER_SAMPLE ? source(findings, fit) : Optional.empty());
        Optional<Run> same = before.flatMap(ChanceInView::run).filter(it -> it.isOf(setup));
        Playing playing = same.<Playing>map(it -> it).orElseGet(() -> Run.of(setup, fit));
        boolean otherPoints = same.isEmpty() && before.flatMap(ChanceInView::run)
                .filter(it -> !it.setup().pairs().equals(setup.pairs())).isPresent();
        if (playing instanceof Run run && !run.has(state.drawn()) && !otherPoints) {
            long cost = (long) findings.pairs().n() * (fit instanceof LineFit && state.play() != Play.ANOTHER_SAMPLE
                    || fit instanceof LinearFit && state.play() == Play.SHUFFLE ? 1 : COST_OF_A_FIT);
            run.make((int) Math.min(state.drawn(), run.made() + Math.max(LEAST_AT_ONCE, AT_ONCE / Math.max(1, cost))));
        } else if (same.isPresent() && before.get().is(state.drawn(), level, watchable)) {
            return before.get();
        }
        return new ChanceInView(playing, state.play(), state.drawn(), level, playing instanceof Run ? watchable : List.of());
    }

    private boolean is(int draws, double ofLevel, List<Watched> ofWatchable) {
        return wanted == draws && level == ofLevel && watchable.equals(ofWatchable);
    }

    /** Whether chance may be played here: it shows the line and its numbers. */
    static boolean isOpen(Findings findings) {
        return findings.isOpen(Aid.LINE) && findings.isOpen(Aid.EQUATION) && findings.hidesPlot().isEmpty()
                && findings.drawsPlot().isEmpty();
    }

    /** Whether another sample can be made: by the recipe of the part, or in a study from its own curve. */
    static boolean hasSource(Findings findings) {
        return findings.exercise().isStudy() || recipe(findings.part()).isPresent();
    }

    private static Optional<Recipe> recipe(Part part) {
        return part.provenance() instanceof Provenance.Made(Recipe recipe) ? Optional.of(recipe) : Optional.empty();
    }

    private static Optional<Source> source(Findings findings, CurveFit fit) {
        return recipe(findings.part()).<Source>map(recipe -> new Source.OfRecipe(recipe, fit.curve()))
                .or(() -> findings.exercise().isStudy() && fit.goodness().residualStandardError().isPresent()
                        ? Optional.of(new Source.OfCurve(findings.pairs(), fit,
                        fit.goodness().residualStandardError().getAsDouble())) : Optional.empty());
    }

    /** What can be watched of a curve, as far as it is open. */
    private static List<Watched> watchable(Findings findings, ChanceState state, CurveFit fit) {
        List<Watched> all = new ArrayList<>();
        if (fit instanceof LineFit) {
            all.add(Watched.SLOPE);
            all.add(Watched.INTERCEPT);
            if (findings.isOpen(Aid.R)) {
                all.add(new Watched.R());
            }
        } else if (fit instanceof LinearFit || state.play() != Play.SHUFFLE) {
            IntStream.range(0, fit.coefficients().size()).mapToObj(Watched.OfCoefficient::new).forEach(all::add);
        }
        if (findings.isOpen(Aid.PREDICTION)) {
            double x = findings.work().reading().atX().orElseGet(() -> state.watched() instanceof Watched.FittedAt(double at)
                    ? at : new Rounding.Significant(2).apply(findings.pairs().xs().average().orElse(0)).doubleValue());
            if (fit.fitted(x).isPresent()) {
                all.add(new Watched.FittedAt(x));
            }
        }
        return all;
    }

    /** The number that was chosen where it is there, else the last coefficient, else whatever there is. */
    private static Watched watched(Watched chosen, List<Watched> watchable) {
        return watchable.stream().filter(it -> it.equals(chosen)
                || it instanceof Watched.FittedAt && chosen instanceof Watched.FittedAt).findFirst()
                .or(() -> watchable.stream().filter(Watched.OfCoefficient.class::isInstance).reduce((_, last) -> last))
                .orElse(watchable.getFirst());
    }

    private Optional<Run> run() {
        return playing instanceof Run run ? Optional.of(run) : Optional.empty();
    }

    /** Why nothing can be drawn here, a sentence; nothing where it can. */
    public Optional<String> problem() {
        return playing instanceof Playing.None(String reason) ? Optional.of(reason) : Optional.empty();
    }

    /** What is watched; nothing where nothing can be. */
    public Optional<Watched> watched() {
        return run().map(it -> it.setup().watched());
    }

    /** What a number is called that is watched. */
    public String inWords(Watched of, Findings findings) {
        return of.inWords(run().orElseThrow().fit(), findings.numbers().style());
    }

    /** What is drawn along the pile's axis, or what to do before there is one. */
    public String title(Findings findings) {
        return words(findings).map(ChanceWords::axis).or(this::problem)
                .orElseGet(() -> isWaiting() ? "It is drawn anew once the points stand still." : ChanceWords.beforeDrawing(play));
    }

    /** What can be watched, in the order in which it is offered. */
    public List<Watched> watchable() {
        return watchable;
    }

    /** What came of the draws, of those that have been made by now; nothing before there is one. */
    public Optional<Asked> asked() {
        return asked.get(() -> run().filter(it -> wanted > 0 && it.made() > 0).map(run -> Asked.of(run, wanted, level)));
    }

    /** Whether points have been moved and nothing is drawn from them yet: that waits until they stand still. */
    public boolean isWaiting() {
        return wanted > 0 && run().filter(it -> it.made() == 0).isPresent();
    }

    /** The same in words. */
    public Optional<ChanceWords> words(Findings findings) {
        return asked().map(it -> new ChanceWords(it, findings.numbers().style(), findings.x().name(), findings.y().name()));
    }

    /** Whether there are still draws to be made. */
    public boolean isUnderway() {
        return run().filter(it -> !it.has(wanted)).isPresent();
    }

    /** The same with all that was still to be made. */
    public ChanceInView finished() {
        run().ifPresent(it -> it.make(wanted));
        return new ChanceInView(playing, play, wanted, level, watchable);
    }

    public Play play() {
        return play;
    }

    /** How many draws there are, those included that are still to be made. */
    public int wanted() {
        return wanted;
    }

    /** What is shown of it among the points. */
    ChanceMarks marks() {
        return marks.get(() -> run().filter(it -> wanted > 0 && it.made() > 0).map(this::marks).orElse(ChanceMarks.NONE));
    }

    private ChanceMarks marks(Run run) {
        int last = Math.min(wanted, run.made());
        Draw draw = run.draw(last);
        boolean line = run.fit() instanceof LineFit;
        double x = run.setup().pairs().xs().average().orElse(0);
        List<ChanceMarks.Straight> lines = line
                ? IntStream.range(Math.max(1, last - MOST_LINES), last)
                        .mapToObj(k -> new ChanceMarks.Straight(x, run.lineOf(k, x), run.slopeOf(k)))
                        .filter(it -> Double.isFinite(it.slope())).toList() : List.of();
        List<CurveOnData> curves = line ? List.of() : IntStream.range(Math.max(1, last - MOST_CURVES), last)
                .mapToObj(k -> run.draw(k).fit()).flatMap(fit -> fit.curveFit().stream()).map(CurveOnData.class::cast).toList();
        Optional<ChanceMarks.Straight> lastLine = draw.fit() instanceof LineFit fit
                ? Optional.of(new ChanceMarks.Straight(0, fit.intercept().value(), fit.slope().value())) : Optional.empty();
        Stream<CurveOnData> lastCurve = line ? Stream.of() : draw.fit().curveFit().map(CurveOnData.class::cast).stream();
        boolean few = run.setup().pairs().size() <= MOST_DEALT;
        return new ChanceMarks(lines, Stream.concat(curves.stream(), lastCurve).toList(), lastLine,
                few && run.setup().play() != Play.DRAW_AGAIN ? dealt(run, draw) : List.of(),
                few ? times(run.setup().pairs(), draw) : Map.of(),
                run.setup().play() == Play.DRAW_AGAIN ? band(run, lines) : List.of());
    }

    /** Between which heights the middle of the lines lies, across the x that the data cover; nothing for a few lines. */
    private List<ChanceMarks.Across> band(Run run, List<ChanceMarks.Straight> lines) {
        int outside = (int) Math.floor((lines.size() + 1) * (1 - level) / 2);
        if (outside < 1) {
            return List.of();
        }
        double low = run.fit().support().low();
        double high = run.fit().support().high();
        return IntStream.rangeClosed(0, ACROSS).mapToDouble(i -> low + (high - low) * i / ACROSS).mapToObj(x -> {
            double[] heights = lines.stream().mapToDouble(line -> line.at(x)).sorted().toArray();
            return new ChanceMarks.Across(x, heights[outside - 1], heights[heights.length - outside]);
        }).toList();
    }

    private static List<ChanceMarks.Dealt> dealt(Run run, Draw draw) {
        int[] from = run.setup().play() == Play.SHUFFLE ? run.order() : new int[0];
        return IntStream.range(0, draw.pairs().size()).mapToObj(i -> new ChanceMarks.Dealt(draw.pairs().x(i), draw.pairs().y(i),
                i < from.length ? Optional.of(run.setup().pairs().y(from[i])) : Optional.empty())).toList();
    }

    private static Map<Integer, Integer> times(Pairs pairs, Draw draw) {
        Map<Integer, Integer> times = new HashMap<>();
        for (int i = 0; i < draw.times().length; i++) {
            times.put(pairs.row(i), draw.times()[i]);
        }
        return times;
    }
}
