package hestra.sentences;

import java.util.List;

import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.units.Unit;
import hestra.units.UnitReader;

/**
 * What sentences are about: two variables, with what else they may be called.
 *
 * @param x the variable that explains
 * @param y the variable that responds
 * @param xNames what else x may be called
 * @param yNames what else y may be called
 * @param mark the decimal mark
 */
public record Topic(Variable x, Variable y, List<String> xNames, List<String> yNames, DecimalMark mark) {

    public Topic {
        xNames = List.copyOf(xNames);
        yNames = List.copyOf(yNames);
    }

    /** Two variables that are called by their names and labels. */
    public static Topic of(Variable x, Variable y, DecimalMark mark) {
        return new Topic(x, y, List.of(), List.of(), mark);
    }

    Unit unitOfX() {
        return UnitReader.ofVariable(x.unit()).ofDifference();
    }

    Unit unitOfY() {
        return UnitReader.ofVariable(y.unit()).ofDifference();
    }
}
