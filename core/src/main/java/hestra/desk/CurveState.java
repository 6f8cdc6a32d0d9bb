package hestra.desk;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import hestra.data.TableEdit;
import hestra.figure.LabelPlace;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.fit.Trial;

/**
 * The curves that were chosen. The line of least squares is always there to be shown.
 *
 * @param further curves beside the line, by their places
 * @param hidden places of further curves or of the trial that are not drawn for now
 * @param inHand the place of the curve in hand
 * @param trial the curve that is tried by eye; nothing for none
 * @param labels where equations were put by hand
 * @param only the rows whose points alone the curves are fitted to; empty for all
 */
public record CurveState(Map<Slot, Curve> further, Set<Slot> hidden, Slot inHand, Optional<Trial> trial,
        Map<Slot, LabelPlace> labels, Set<Integer> only) {

    /** The line alone. */
    public static final CurveState LINE_ALONE = new CurveState(Map.of(), Set.of(), Slot.LINE, Optional.empty(), Map.of(),
            Set.of());

    public CurveState {
        further = ordered(further);
        hidden = Set.copyOf(hidden);
        labels = Map.copyOf(labels);
        only = Set.copyOf(only);
    }

    CurveState fittedOnlyTo(Set<Integer> rows) {
        return new CurveState(further, hidden, inHand, trial, labels, rows);
    }

    /** The same after a change of the table: the rows that were chosen are followed. */
    CurveState following(TableEdit change) {
        return only.isEmpty()
                ? this : fittedOnlyTo(only.stream().map(change::rowAfter).filter(row -> row >= 0).collect(Collectors.toSet()));
    }

    /** In the order of their places, so that they come in that order everywhere. */
    private static Map<Slot, Curve> ordered(Map<Slot, Curve> curves) {
        Map<Slot, Curve> ordered = new EnumMap<>(Slot.class);
        ordered.putAll(curves);
        return Collections.unmodifiableMap(ordered);
    }

    /** The place of a curve that has been added. */
    public Optional<Slot> slotOf(Curve curve) {
        return curve instanceof Curve.Line ? Optional.of(Slot.LINE)
                : further.entrySet().stream().filter(entry -> entry.getValue().equals(curve)).map(Map.Entry::getKey).findFirst();
    }

    /** A place that is not taken; nothing where all are. */
    public Optional<Slot> free() {
        return Slot.FURTHER.stream().filter(slot -> !further.containsKey(slot)).findFirst();
    }

    /** Whether there is a curve in a place. */
    public boolean has(Slot slot) {
        return slot == Slot.LINE || slot == Slot.TRIAL && trial.isPresent() || further.containsKey(slot);
    }

    /** With a curve in a place, in hand and shown. */
    CurveState with(Slot slot, Curve curve) {
        Map<Slot, Curve> curves = new EnumMap<>(Slot.class);
        curves.putAll(further);
        curves.put(slot, curve);
        return new CurveState(curves, hiding(slot, false), slot, trial, labels, only);
    }

    CurveState without(Slot slot) {
        Map<Slot, Curve> curves = new EnumMap<>(Slot.class);
        curves.putAll(further);
        curves.remove(slot);
        Map<Slot, LabelPlace> rest = new EnumMap<>(Slot.class);
        rest.putAll(labels);
        rest.remove(slot);
        return new CurveState(curves, hiding(slot, false), inHand == slot ? Slot.LINE : inHand,
                slot == Slot.TRIAL ? Optional.empty() : trial, rest, only);
    }

    CurveState with(Trial newTrial) {
        boolean fresh = trial.isEmpty() || !trial.get().curve().equals(newTrial.curve());
        return new CurveState(further, hiding(Slot.TRIAL, false), fresh ? Slot.TRIAL : inHand, Optional.of(newTrial), labels,
                only);
    }

    CurveState shown(Slot slot, boolean shown) {
        return new CurveState(further, hiding(slot, !shown), inHand, trial, labels, only);
    }

    private Set<Slot> hiding(Slot slot, boolean hide) {
        Set<Slot> changed = EnumSet.noneOf(Slot.class);
        changed.addAll(hidden);
        if (hide) {
            changed.add(slot);
        } else {
            changed.remove(slot);
        }
        return changed;
    }

    CurveState takingInHand(Slot slot) {
        return new CurveState(further, hidden, slot, trial, labels, only);
    }

    CurveState with(Slot slot, LabelPlace place) {
        Map<Slot, LabelPlace> changed = new EnumMap<>(Slot.class);
        changed.putAll(labels);
        changed.put(slot, place);
        return new CurveState(further, hidden, inHand, trial, changed, only);
    }
}
