package hestra.desktop.model;

import java.util.Optional;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.figure.Frame;
import hestra.figure.Slot;
import hestra.figure.Spacing;
import hestra.fit.Curve;
import hestra.fit.Interval;
import hestra.fit.Trial;
import hestra.task.Aid;

/** Lays a curve into the plot to be tried by eye: level, in the middle of what is shown, so that it gives nothing away. */
public final class TrialStart {

    private static final double TILT = 0.2;

    private final DeskModel model;

    public TrialStart(DeskModel model) {
        this.model = model;
    }

    /** Begins with a curve; one of that family that is there already is taken in hand. */
    public void begin(Curve curve) {
        Findings findings = model.findings();
        if (!findings.isOpen(Aid.TRIAL)) {
            return;
        }
        Optional<Trial> there = findings.work().curves().trial();
        if (there.isPresent() && there.get().curve().equals(curve)) {
            model.apply(new PlotEdit.ShowCurve(Slot.TRIAL, true));
            model.apply(new PlotEdit.TakeInHand(Slot.TRIAL));
        } else {
            model.apply(new PlotEdit.Try(Trial.level(curve, within(findings), height(findings), rise(findings, curve)),
                    model.newGesture()));
        }
    }

    /** Handles stand where the data are; on the positive side for curves that need it. */
    private static Interval within(Findings findings) {
        Frame frame = findings.frame();
        double low = findings.pairs().n() > 0 ? findings.pairs().xs().min().orElse(frame.xLow()) : frame.xLow();
        double high = findings.pairs().n() > 0 ? findings.pairs().xs().max().orElse(frame.xHigh()) : frame.xHigh();
        double span = high > low ? high - low : (frame.xHigh() - frame.xLow()) / 2;
        return new Interval(low, low + span);
    }

    private static double height(Findings findings) {
        Frame frame = findings.frame();
        return findings.work().plot().y() == Spacing.LOGARITHMIC
                ? Math.sqrt(frame.yLow() * frame.yHigh()) : frame.yLow() / 2 + frame.yHigh() / 2;
    }

    private static double rise(Findings findings, Curve curve) {
        Frame frame = findings.frame();
        return curve instanceof Curve.Exponential || curve instanceof Curve.Power || curve instanceof Curve.Logarithmic
                ? TILT * Math.min(frame.yHigh() - frame.yLow(), 2 * Math.abs(height(findings))) : 0;
    }
}
