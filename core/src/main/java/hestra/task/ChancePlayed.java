package hestra.task;

import java.util.Set;

import hestra.chance.Play;
import hestra.chance.Watched;

/**
 * How far chance has been played on a part.
 *
 * @param play the play in hand
 * @param number the number of the run
 * @param draws how many draws there are of it
 * @param watched what is watched
 * @param ofLine whether it is played with the line of least squares
 * @param only the rows of the table, from 0, that the line is fitted to alone; empty for all
 * @param level the level of intervals
 */
public record ChancePlayed(Play play, long number, int draws, Watched watched, boolean ofLine, Set<Integer> only,
        double level) {

    public ChancePlayed {
        only = Set.copyOf(only);
    }
}
