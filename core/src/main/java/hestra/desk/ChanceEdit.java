package hestra.desk;

import java.util.Locale;
import java.util.function.UnaryOperator;

import hestra.chance.Play;
import hestra.chance.Run;
import hestra.chance.Watched;
import hestra.exercise.Part;
import hestra.figure.Below;
import hestra.numbers.DecimalMark;

/** An edit of what is played with chance on the plot; where none has been begun there is nothing to change. */
public sealed interface ChanceEdit extends WorkEdit {

    /** The work on the part after the edit. */
    PartWork appliedTo(PartWork work);

    @Override
    default PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
        return appliedTo(work);
    }

    /** The work with the play changed that was begun on it. */
    private static PartWork changed(PartWork work, UnaryOperator<ChanceState> change) {
        return work.plot().chance().map(it -> work.with(work.plot().with(change.apply(it)))).orElse(work);
    }

    /**
     * Chance is played: its pile stands below the plot.
     *
     * @param number of the run that begins where none has been begun
     */
    record PlayChance(Play play, long number) implements ChanceEdit {
        @Override
        public String inWords() {
            return "showing " + play.title().toLowerCase(Locale.ROOT);
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return !ChanceState.isNumber(number) ? work
                    : work.with(work.plot().with(work.plot().chance().map(it -> it.with(play))
                    .orElseGet(() -> ChanceState.begun(play, number))).with(Below.CHANCE));
        }
    }

    /** There are so many draws of the play in hand. */
    record Draw(int total) implements ChanceEdit {
        @Override
        public String inWords() {
            return "drawing by chance";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof Draw;
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return total < 1 || total > Run.MOST_DRAWS ? work : ChanceEdit.changed(work, it -> it.drawing(total));
        }
    }

    /** Another run begins, with nothing drawn yet. */
    record NumberRun(long number) implements ChanceEdit {
        @Override
        public String inWords() {
            return "beginning another run";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            return ChanceState.isNumber(number) ? ChanceEdit.changed(work, it -> it.numbered(number)) : work;
        }
    }

    /** Another number is watched from draw to draw. */
    record Watch(Watched watched) implements ChanceEdit {
        @Override
        public String inWords() {
            return "watching another number";
        }

        @Override
        public PartWork appliedTo(PartWork work) {
            boolean possible = switch (watched) {
                case Watched.OfCoefficient(int index) -> index >= 0 && index < Watched.MOST_COEFFICIENTS;
                case Watched.R _ -> true;
                case Watched.FittedAt(double x) -> Double.isFinite(x);
            };
            return possible ? ChanceEdit.changed(work, it -> it.with(watched)) : work;
        }
    }
}
