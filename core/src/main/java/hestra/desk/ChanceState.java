package hestra.desk;

import java.util.EnumMap;
import java.util.Map;

import hestra.chance.Play;
import hestra.chance.Run;
import hestra.chance.Watched;
import hestra.figure.Slot;
import hestra.fit.Prediction;
import hestra.task.ChancePlayed;

/**
 * How far chance has been played: what is drawn follows from this and the data, so nothing that was drawn is kept.
 *
 * @param play the play in hand
 * @param number the number of the run, from which chance begins, 1 to {@value #MOST_NUMBER}
 * @param draws how many draws there are of each play that was begun
 * @param watched the number that is watched, where the curve in hand has it
 */
public record ChanceState(Play play, long number, Map<Play, Integer> draws, Watched watched) {

    /** The greatest number of a run: short enough to be told to somebody. */
    public static final long MOST_NUMBER = 999_999;

    public ChanceState {
        if (!isNumber(number) || draws.values().stream().anyMatch(it -> it < 1 || it > Run.MOST_DRAWS)) {
            throw new IllegalArgumentException("run " + number + " with " + draws + " draws");
        }
        draws = draws.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(draws));
    }

    /** Whether a run may have this number. */
    static boolean isNumber(long number) {
        return number >= 1 && number <= MOST_NUMBER;
    }

    /** The first run, before anything is drawn. */
    static ChanceState begun(Play play, long number) {
        return new ChanceState(play, number, Map.of(), Watched.SLOPE);
    }

    /** What a task may see of it. */
    ChancePlayed played(PartWork work) {
        boolean ofLine = work.curves().inHand() == Slot.LINE || !work.curves().further().containsKey(work.curves().inHand());
        return new ChancePlayed(play, number, drawn(), watched, ofLine, work.curves().only(),
                work.plot().numbers().level().orElse(Prediction.USUAL_LEVEL));
    }

    /** How many draws there are of the play in hand. */
    public int drawn() {
        return draws.getOrDefault(play, 0);
    }

    ChanceState with(Play other) {
        return new ChanceState(other, number, draws, watched);
    }

    ChanceState with(Watched other) {
        return new ChanceState(play, number, draws, other);
    }

    /** With so many draws of the play in hand. */
    ChanceState drawing(int total) {
        Map<Play, Integer> changed = new EnumMap<>(Play.class);
        changed.putAll(draws);
        changed.put(play, total);
        return new ChanceState(play, number, changed, watched);
    }

    /** Another run, of which nothing is drawn yet. */
    ChanceState numbered(long other) {
        return new ChanceState(play, other, Map.of(), watched);
    }
}
