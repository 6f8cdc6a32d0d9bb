package hestra.desk;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.figure.Below;
import hestra.figure.ChanceMarks;
import hestra.figure.DrawnCurve;
import hestra.figure.Frame;
import hestra.figure.Handles;
import hestra.figure.Influence;
import hestra.figure.Layer;
import hestra.figure.Plane;
import hestra.figure.PlotContent;
import hestra.figure.ReadingLines;
import hestra.figure.Slot;
import hestra.fit.CurveFit;
import hestra.fit.CurveOnData;
import hestra.fit.Diagnostics;
import hestra.fit.Equation;
import hestra.fit.Fit;
import hestra.fit.Inverse;
import hestra.fit.LeastSquares;
import hestra.numbers.Words;
import hestra.summary.ColumnOverview;
import hestra.task.Aid;

/** Puts together what plot and strip show: what was chosen, less what is held back. */
final class Contents {

    /** With more points than this the plot would be all bars. */
    private static final int MOST_LEVERAGES = 2_000;

    /** Stands on an axis while it is not known what belongs there. */
    private static final Variable NAMELESS = Variable.named("");

    private final Findings findings;
    private final Observed observed;
    private final ChosenCurves curves;

    Contents(Findings findings, Observed observed, ChosenCurves curves) {
        this.findings = findings;
        this.observed = observed;
        this.curves = curves;
    }

    PlotContent plot() {
        Optional<TaskState> hiding = findings.hidesPlot();
        if (hiding.isPresent()) {
            return hidden(findings.x(), findings.y(), "The plot appears here once task " + hiding.get()
                    .number() + " is done:\n" + Words.ended(hiding.get().task().terms().title()));
        }
        Optional<TaskState> drawing = findings.drawsPlot();
        if (drawing.isPresent()) {
            return hidden(NAMELESS, NAMELESS, "The plot is drawn by your choice in task " + drawing.get()
                    .number() + ":\n" + drawing.get().task().terms().title());
        }
        Optional<DrawnCurve> inHand = findings.curves().curveInHand().map(curve -> drawn(findings.curves().slotInHand(), curve));
        List<DrawnCurve> shown = new ArrayList<>();
        for (Slot slot : curves.slots()) {
            if (findings.curves().isShown(slot)) {
                curves.at(slot).ifPresent(curve -> shown.add(drawn(slot, curve)));
            }
        }
        findings.best().ifPresent(best -> findings.work().curves().free()
                .ifPresent(slot -> shown.add(new DrawnCurve(slot, best, "best", Optional.empty()))));
        return content(layers(), shown, inHand, notice());
    }

    /** A plot that gives nothing away. */
    private PlotContent hidden(Variable x, Variable y, String notice) {
        Frame empty = Frame.around(DoubleStream.empty(), DoubleStream.empty());
        return new PlotContent(new Plane(x, y, empty), PlotContent.Data.NONE, PlotContent.Lines.NONE,
                look(Set.of(Layer.POINTS)), PlotContent.Attention.NONE, notice);
    }

    private String notice() {
        if (observed.points().isEmpty() && findings.work().table().size() > 0) {
            DataTable table = findings.work().table();
            Roles roles = findings.work().drawnRoles();
            Optional<Variable> words = IntStream.of(roles.explanatory(), roles.response())
                    .filter(column -> ColumnOverview.of(table, column).kind() == ColumnOverview.Kind.WORDS)
                    .mapToObj(table::variable).findFirst();
            if (words.isPresent()) {
                return "There are no numbers in " + words.get().name() + ".\nClick the axis to choose another column.";
            }
        }
        if (observed.points().isEmpty()) {
            return findings.exercise().isStudy()
                    ? "Type or paste two columns into the table on the right,\nopen a file of data (Ctrl+Shift+O),\n"
                            + "or double click here to put points."
                    : findings.part().rules().allows(PointChange.ADD)
                    ? "Double click here to put a point,\nor type it into the table on the right."
                    : "Points appear here as you type them\ninto the table on the right.";
        }
        PlotState plot = findings.work().plot();
        boolean noX = observed.points().stream().noneMatch(it -> plot.x().holds(it.x()));
        return "A logarithmic axis has places for values above 0 only,\nand there are none of "
                + (noX ? findings.x() : findings.y()).name()
                + ". Click the axis to make it linear.";
    }

    PlotContent strip() {
        boolean opened = findings.curves().residualsAreOpen() && findings.hidesPlot().isEmpty() && findings.drawsPlot().isEmpty();
        Slot slot = findings.curves().slotInHand();
        String reason = findings.curves().fitInHand().filter(Fit.None.class::isInstance)
                .map(fit -> ((Fit.None) fit).reason()).orElse("");
        String notice = opened ? reason : findings.placeOf(Aid.RESIDUALS, "Residuals", true);
        Optional<DrawnCurve> inHand = opened ? curves.at(slot).map(curve -> drawn(slot, curve)) : Optional.empty();
        return content(findings.work().layers(), List.of(), inHand, notice);
    }

    private Set<Layer> layers() {
        Set<Layer> layers = EnumSet.noneOf(Layer.class);
        layers.addAll(findings.work().layers());
        if (findings.work().plot().below() == Below.SUMS) {
            layers.add(Layer.PRODUCTS);
        }
        if (!findings.isOpen(Aid.LINE)) {
            layers.remove(Layer.MEAN);
        }
        if (!findings.curves().residualsAreOpen()) {
            layers.removeAll(EnumSet.of(Layer.RESIDUALS, Layer.SQUARES, Layer.DEVIATIONS, Layer.LEVERAGE));
        }
        if (findings.playing().isPresent()) {
            layers.removeIf(Layer::isOfEachPoint);
        }
        if (!findings.curves().isShown(findings.curves().slotInHand())) {
            // What belongs to a curve that is hidden is hidden with it.
            layers.removeAll(EnumSet.of(Layer.RESIDUALS, Layer.SQUARES, Layer.DEVIATIONS, Layer.LEVERAGE, Layer.MEAN_INTERVAL,
                    Layer.PREDICTION_INTERVAL));
        }
        if (!findings.isOpen(Aid.PREDICTION)) {
            layers.removeAll(EnumSet.of(Layer.MEAN_INTERVAL, Layer.PREDICTION_INTERVAL));
        }
        return layers;
    }

    private DrawnCurve drawn(Slot slot, CurveOnData curve) {
        boolean named = findings.work().layers().contains(Layer.EQUATIONS)
                && (slot == Slot.TRIAL || findings.isOpen(Aid.EQUATION));
        return new DrawnCurve(slot, curve, named ? Equation.inLetters(curve, findings.numbers().precision(), findings.numbers()
                .form()).plain() : "",
                Optional.ofNullable(findings.work().curves().labels().get(slot)));
    }

    private PlotContent content(Set<Layer> layers, List<DrawnCurve> shown, Optional<DrawnCurve> inHand, String notice) {
        PlotState plot = findings.work().plot();
        Handles handles = shown.stream().anyMatch(it -> it.slot() == Slot.TRIAL)
                ? new Handles(findings.work().curves().trial().orElseThrow().handles(), findings.desk()
                .pointing().handle()) : Handles.NONE;
        return new PlotContent(new Plane(findings.x(), findings.y(), findings.frame(), plot.x(), plot.y()),
                new PlotContent.Data(observed.points(), observed.groups(), findings.work().curves().only()),
                new PlotContent.Lines(shown, inHand, handles, layers.contains(Layer.LEVERAGE) ? influence() : Influence.NONE,
                        findings.chance().map(ChanceInView::marks).orElse(ChanceMarks.NONE)),
                look(layers),
                new PlotContent.Attention(reading(), findings.desk().selection(), findings.desk().hovered()), notice);
    }

    private PlotContent.Look look(Set<Layer> layers) {
        return new PlotContent.Look(layers, findings.work().plot().dress(), findings.numbers().precision(),
                findings.numbers().level());
    }

    private ReadingLines reading() {
        ReadingState state = findings.work().reading();
        return findings.isOpen(Aid.PREDICTION) && findings.curves().isShown(findings.curves().slotInHand())
                ? new ReadingLines(state.atX(), state.atY(),
                findings.curves().inverse().map(it -> it.solutions().stream().map(Inverse.Solution::x).toList())
                        .orElse(List.of()),
                        state.pinned())
                : ReadingLines.NONE;
    }

    /** What each point does to the fit in hand, and the fit without the point that is pointed at. */
    private Influence influence() {
        Pairs pairs = curves.pairs();
        Optional<CurveFit> fit = findings.curves().curveInHand().isEmpty()
                ? Optional.empty() : findings.curves().fitInHand().flatMap(Fit::curveFit);
        if (fit.isEmpty() || pairs.size() > MOST_LEVERAGES) {
            return Influence.NONE;
        }
        OptionalInt row = findings.desk().hovered().isPresent() ? findings.desk().hovered() : findings.desk().selected();
        Optional<CurveOnData> without = row.isEmpty() || pairs.indexOfRow(row.getAsInt()) < 0 ? Optional.empty()
                : LeastSquares.fit(fit.get().curve(), pairs.without(row.getAsInt())).curveFit().map(it -> it);
        return new Influence(Diagnostics.of(fit.get(), pairs), without);
    }
}
