package hestra.desk;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.figure.Below;
import hestra.figure.Dress;
import hestra.figure.Frame;
import hestra.figure.LabelPlace;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.figure.Spacing;
import hestra.figure.StripKind;
import hestra.fit.Curve;
import hestra.fit.EquationNotation;
import hestra.fit.Trial;
import hestra.numbers.DecimalMark;
import hestra.numbers.Words;
import hestra.working.SumsWorking;

/**
 * An edit of what the plot shows, of the curves in it and of what is read off them. Like a {@link hestra.data.TableEdit} each
 * says itself what comes of it; one that names what is not there changes nothing.
 */
public sealed interface PlotEdit extends WorkEdit {

    /** The work on the part after the edit. */
    PartWork appliedTo(PartWork work);

    @Override
    default PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
        return appliedTo(work);
    }

    /** A layer of the plot is shown or hidden. */
    record ShowLayer(Layer layer, boolean shown) implements PlotEdit {
        @Override
        public String inWords() {
            return (shown ? "showing " : "hiding ") + layer.title().toLowerCase(Locale.ROOT);
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return layer == Layer.LINE
                    ? new ShowCurve(Slot.LINE, shown).appliedTo(work) : work.with(work.plot().with(layer, shown));
        }
    }

    /** The reading line is put at x, or away. */
    record ReadAt(OptionalDouble x) implements PlotEdit {
        @Override
        public String inWords() {
            return "moving the reading line";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof ReadAt;
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return Double.isFinite(x.orElse(0)) ? work.with(work.reading().atX(x)) : work;
        }
    }

    /** The level reading line is put at y, or away. */
    record ReadAtY(OptionalDouble y) implements PlotEdit {
        @Override
        public String inWords() {
            return "moving the reading line";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof ReadAtY;
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return Double.isFinite(y.orElse(0)) ? work.with(work.reading().atY(y)) : work;
        }
    }

    /** The predictions that are kept in the table. */
    record Pin(List<Double> at) implements PlotEdit {
        /** One more prediction beside those that are kept. */
        public static Pin beside(ReadingState kept, double x) {
            return new Pin(Stream.concat(kept.pinned().stream(), Stream.of(x)).toList());
        }

        @Override
        public String inWords() {
            return "keeping predictions";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return at.stream().allMatch(Double::isFinite) ? work.with(work.reading().pinned(at)) : work;
        }
    }

    /** A curve is fitted beside the line and taken in hand; one that is there already is taken in hand. */
    record AddCurve(Curve curve) implements PlotEdit {
        @Override
        public String inWords() {
            return "adding " + Words.withArticle(curve.inWords());
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            Optional<Slot> there = work.curves().slotOf(curve);
            return there.map(slot -> work.with(work.curves().takingInHand(slot)))
                    .or(() -> work.curves().free().map(slot -> work.with(work.curves().with(slot, curve)))).orElse(work);
        }
    }

    /** The curve in a place becomes another one. */
    record ChangeCurve(Slot slot, Curve curve) implements PlotEdit {
        @Override
        public String inWords() {
            return "changing a curve";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return work.curves().further().containsKey(slot) && work.curves().slotOf(curve).isEmpty()
                    ? work.with(work.curves().with(slot, curve)) : work;
        }
    }

    /** The curve in a place is removed, or the trial. */
    record RemoveCurve(Slot slot) implements PlotEdit {
        @Override
        public String inWords() {
            return slot == Slot.TRIAL ? "removing the curve by eye" : "removing a curve";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return slot == Slot.LINE ? work : work.with(work.curves().without(slot));
        }
    }

    /** The curve in a place is drawn, or not for now: then the next that is drawn is in hand. */
    record ShowCurve(Slot slot, boolean shown) implements PlotEdit {
        @Override
        public String inWords() {
            return (shown ? "showing" : "hiding") + " a curve";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            PartWork after = slot == Slot.LINE
                    ? work.with(work.plot().with(Layer.LINE, shown)) : work.with(work.curves().shown(slot, shown));
            return shown || slot != work.curves().inHand() ? after
                    : next(after, slot).map(it -> after.with(after.curves().takingInHand(it))).orElse(after);
        }

        /** The next curve that is drawn, the first again after the last; nothing where none is. */
        private static Optional<Slot> next(PartWork work, Slot from) {
            List<Slot> all = List.of(Slot.values());
            return IntStream.range(1, all.size()).mapToObj(i -> all.get((from.ordinal() + i) % all.size()))
                    .filter(it -> it == Slot.LINE
                    ? work.layers().contains(Layer.LINE) : work.curves().has(it) && !work.curves().hidden().contains(it))
                    .findFirst();
        }
    }

    /** The curves are fitted to the points of these rows alone; to all again where there are none. */
    record FitOnly(Set<Integer> rows) implements PlotEdit {
        @Override
        public String inWords() {
            return rows.isEmpty() ? "fitting to all points" : "fitting to some points";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return rows.stream().allMatch(row -> row >= 0 && row < work.table().size())
                    ? work.with(work.curves().fittedOnlyTo(rows)) : work;
        }
    }

    /** The readings, the residuals and the reading line are of the curve in a place. */
    record TakeInHand(Slot slot) implements PlotEdit {
        @Override
        public String inWords() {
            return "selecting another curve";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof TakeInHand;
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return work.curves().has(slot) ? work.with(work.curves().takingInHand(slot)) : work;
        }
    }

    /**
     * A curve is tried by eye, or moved.
     *
     * @param gesture numbers the drag: all moves of one drag are undone together
     */
    record Try(Trial trial, long gesture) implements PlotEdit {
        @Override
        public String inWords() {
            return "moving the curve by eye";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof Try other && other.gesture == gesture;
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return trial.isPossible() ? work.with(work.curves().with(trial)) : work;
        }
    }

    /**
     * A curve's equation is put elsewhere in the plot, or made larger or smaller.
     *
     * @param gesture numbers the drag: all moves of one drag are undone together
     */
    record PutLabel(Slot slot, LabelPlace place, long gesture) implements PlotEdit {
        @Override
        public String inWords() {
            return "moving an equation";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof PutLabel other && other.gesture == gesture;
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return work.curves().has(slot) ? work.with(work.curves().with(slot, place)) : work;
        }
    }

    /** The axis along, or the upright one, spaces its values another way. */
    record SpaceAxis(boolean along, Spacing spacing) implements PlotEdit {
        @Override
        public String inWords() {
            return spacing == Spacing.LINEAR ? "a linear axis" : "a logarithmic axis";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return work.with(work.plot().with(along, spacing));
        }
    }

    /** The strip shows the residuals another way. */
    record ShowStrip(StripKind kind) implements PlotEdit {
        @Override
        public String inWords() {
            return "showing residuals " + kind.title();
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return work.with(work.plot().with(kind));
        }
    }

    /** Below the plot stand residuals, or a calculation. */
    record ShowBelow(Below below) implements PlotEdit {
        @Override
        public String inWords() {
            return "showing " + below.meaning();
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return below == Below.CHANCE && work.plot().chance().isEmpty() ? work : work.with(work.plot().with(below));
        }
    }

    /** So many columns of the calculation by sums are unfolded. */
    record Unfold(int columns) implements PlotEdit {
        @Override
        public String inWords() {
            return "unfolding a column";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return columns >= 1 && columns <= SumsWorking.UNFOLDING.size() ? work.with(work.plot().unfolding(columns)) : work;
        }
    }

    /** The numbers of curves have so many significant digits, or as many as are needed. */
    record ShowDigits(OptionalInt digits) implements PlotEdit {
        @Override
        public String inWords() {
            return "changing how many digits are shown";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return digits.isEmpty() || digits.getAsInt() >= PlotRules.FEWEST_DIGITS && digits.getAsInt() <= PlotRules.MOST_DIGITS
                    ? work.with(work.plot().with(work.plot().numbers().withDigits(digits))) : work;
        }
    }

    /** Equations are written in another form. */
    record ShowForm(EquationNotation form) implements PlotEdit {
        @Override
        public String inWords() {
            return "changing how equations are written";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return work.with(work.plot().with(work.plot().numbers().with(form)));
        }
    }

    /** Intervals have another level, between 0.5 and 1. */
    record ShowLevel(double level) implements PlotEdit {
        @Override
        public String inWords() {
            return "changing the level of intervals";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return level > 0.5 && level < 1 ? work.with(work.plot().with(work.plot().numbers().withLevel(level))) : work;
        }
    }

    /** The plot looks another way. */
    record DressPlot(Dress dress) implements PlotEdit {
        @Override
        public String inWords() {
            return "changing how the plot looks";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return work.with(work.plot().with(dress));
        }
    }

    /** The plot shows this part of the plane, or what fits the data. */
    record ShowFrame(Optional<Frame> frame) implements PlotEdit {
        @Override
        public String inWords() {
            return "moving the view";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof ShowFrame && frame.isPresent();
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return work.with(work.plot().with(frame));
        }
    }
}
