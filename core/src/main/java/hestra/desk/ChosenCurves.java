package hestra.desk;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.data.Subset;
import hestra.figure.Slot;
import hestra.fit.CurveOnData;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.TrialFit;

/**
 * The curves that were chosen, fitted to the pairs: each once for each change of the pairs.
 *
 * @param observed the pairs of the table
 * @param pairs those of them that the curves are fitted to
 * @param fits by their places, the line of least squares first
 * @param trial what is tried by eye, set against the pairs
 */
record ChosenCurves(Pairs observed, Pairs pairs, Map<Slot, Fit> fits, Optional<TrialFit> trial) {

    static ChosenCurves of(Pairs observed, CurveState state) {
        return of(observed, chosen(observed, state), state, null, CurveState.LINE_ALONE);
    }

    /** All pairs, or those of the chosen rows. */
    private static Pairs chosen(Pairs observed, CurveState state) {
        return state.only().isEmpty() ? observed : observed.only(new Subset("not chosen", state.only()));
    }

    /** The curves after these; what neither pairs nor choice have changed is taken over. */
    ChosenCurves next(Pairs newObserved, CurveState state, CurveState before) {
        if (newObserved == observed && state.equals(before)) {
            return this;
        }
        boolean samePairs = newObserved == observed && state.only().equals(before.only());
        return of(newObserved, samePairs ? pairs : chosen(newObserved, state), state, samePairs ? this : null, before);
    }

    private static ChosenCurves of(Pairs observed, Pairs pairs, CurveState state, ChosenCurves known, CurveState before) {
        Map<Slot, Fit> fits = new EnumMap<>(Slot.class);
        fits.put(Slot.LINE, known == null ? LeastSquares.line(pairs) : known.fits.get(Slot.LINE));
        state.further().forEach((slot, curve) -> fits.put(slot,
                known != null && curve.equals(before.further().get(slot)) ? known.fits.get(slot)
                : LeastSquares.fit(curve, pairs)));
        return new ChosenCurves(observed, pairs, fits, known != null && state.trial()
                .equals(before.trial()) ? known.trial : state.trial().flatMap(it -> it.on(pairs)));
    }

    Fit line() {
        return fits.get(Slot.LINE);
    }

    /** The curve in a place; nothing where there is none or the data cannot carry it. */
    Optional<CurveOnData> at(Slot slot) {
        return slot == Slot.TRIAL
                ? trial.map(it -> it) : Optional.ofNullable(fits.get(slot)).flatMap(Fit::curveFit).map(it -> it);
    }

    /** The places with a curve in them, the line first. */
    List<Slot> slots() {
        List<Slot> slots = new ArrayList<>(fits.keySet());
        trial.ifPresent(_ -> slots.add(1, Slot.TRIAL));
        return slots;
    }
}
