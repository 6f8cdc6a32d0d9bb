package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.data.Cell;
import hestra.data.Roles;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.fit.CurveFit;
import hestra.fit.CurveOnData;
import hestra.fit.Fit;
import hestra.fit.Inverse;
import hestra.fit.LineFit;
import hestra.fit.Prediction;
import hestra.fit.Residuals;
import hestra.fit.TrialFit;
import hestra.numbers.Once;
import hestra.task.Aid;

/** The curves that may be seen on a desk, which of them is in hand, and what is read off it: what is held back is not there. */
public final class CurvesInView {


    private final PartWork work;
    private final ChosenCurves curves;
    private final Set<Aid> open;
    private final double level;
    private final Once<Boolean> pattern = new Once<>();

    /**
     * Of the work on a part.
     *
     * @param open the aids that are open
     * @param level the level of intervals
     */
    CurvesInView(PartWork work, ChosenCurves curves, Set<Aid> open, double level) {
        this.work = work;
        this.curves = curves;
        this.open = open;
        this.level = level;
    }

    /** The place of the curve in hand: what was taken in hand, or the line where that is not there or is held back. */
    public Slot slotInHand() {
        Slot chosen = work.curves().inHand();
        return chosen == Slot.LINE || work.curves().has(chosen) && isOpen(chosen) ? chosen : Slot.LINE;
    }

    /** What came of fitting the curve in hand; for a trial that is nothing. */
    public Optional<Fit> fitInHand() {
        return fitAt(slotInHand());
    }

    /** What came of fitting the curve in a place. */
    public Optional<Fit> fitAt(Slot slot) {
        return slot == Slot.TRIAL ? Optional.empty() : Optional.ofNullable(curves.fits().get(slot));
    }

    /** What is tried by eye, where that is not held back. */
    public Optional<TrialFit> trial() {
        return isOpen(Slot.TRIAL) ? curves.trial() : Optional.empty();
    }

    /** The places of the curves that may be seen, the line first. */
    public List<Slot> slots() {
        return curves.slots().stream().filter(this::isOpen).toList();
    }

    /** Whether the curves of a place may be seen. */
    public boolean isOpen(Slot slot) {
        return switch (slot) {
            case LINE -> open.contains(Aid.LINE);
            case TRIAL -> open.contains(Aid.TRIAL);
            case FIRST, SECOND, THIRD, FOURTH -> open.contains(Aid.CURVES) && open.contains(Aid.LINE);
        };
    }

    /** Whether the curve in a place is drawn. */
    public boolean isShown(Slot slot) {
        return isOpen(slot) && (slot == Slot.LINE ? work.layers().contains(Layer.LINE) : !work.curves().hidden()
                .contains(slot));
    }

    /** The curve in hand where there is one and it is not held back. */
    public Optional<CurveOnData> curveInHand() {
        return isOpen(slotInHand()) ? curves.at(slotInHand()) : Optional.empty();
    }

    /** Whether the residuals of the curve in hand show clearly that another one may fit better. */
    public boolean hasPattern() {
        return pattern.get(() -> fitInHand().flatMap(Fit::curveFit)
                .flatMap(fit -> Residuals.of(fit, curves.pairs())).filter(Residuals::hasPattern).isPresent());
    }

    /** The curve in a place where there is one and it is not held back. */
    public Optional<CurveOnData> curveAt(Slot slot) {
        return isOpen(slot) ? curves.at(slot) : Optional.empty();
    }

    /** Whether the residuals of the curve in hand may be seen; those of a trial give nothing away. */
    public boolean residualsAreOpen() {
        return open.contains(Aid.RESIDUALS) || slotInHand() == Slot.TRIAL;
    }

    /** The line where there is one and it is not held back. */
    public Optional<LineFit> visibleLine() {
        return open.contains(Aid.LINE) ? curves.line().line() : Optional.empty();
    }

    /** The prediction of the curve in hand at the reading line, where there is one and predictions are open. */
    public Optional<Prediction> prediction() {
        return work.readingAt().isEmpty() ? Optional.empty() : prediction(work.readingAt().getAsDouble());
    }

    /** The prediction of the curve in hand at an x, where predictions are open and the curve is defined there. */
    public Optional<Prediction> prediction(double x) {
        Optional<CurveOnData> curve = open.contains(Aid.PREDICTION) ? curveInHand() : Optional.empty();
        return curve.flatMap(it -> switch (it) {
            case CurveFit fitted -> fitted.predicted(x, level);
            case TrialFit tried ->
                    tried.fitted(x).stream().boxed().findFirst()
                    .map(value -> new Prediction(x, value, tried.support().contains(x),
                    tried.support().distanceTo(x), Optional.empty(), Optional.empty()));
        });
    }

    /** Where the curve in hand has the value of the level reading line. */
    public Optional<Inverse> inverse() {
        OptionalDouble y = work.reading().atY();
        return y.isEmpty() || !open.contains(Aid.PREDICTION) ? Optional.empty() : curveInHand().map(it -> switch (it) {
            case CurveFit fitted -> Inverse.of(fitted, y.getAsDouble());
            case TrialFit tried -> tried.where(y.getAsDouble());
        });
    }

    /** The residual of a table row from the curve in hand; nothing where it takes no part or residuals are held back. */
    public Optional<Double> residual(int row) {
        if (!residualsAreOpen() || work.table().row(row).isSetAside()) {
            return Optional.empty();
        }
        Roles roles = work.drawnRoles();
        return curveInHand().flatMap(curve ->
                work.table().cell(row, roles.explanatory()) instanceof Cell.Measured x
                        && work.table().cell(row, roles.response()) instanceof Cell.Measured y
                        ? curve.residual(x.value(), y.value()).stream().boxed().findFirst()
                        : Optional.empty());
    }
}
