package hestra.marking;

import java.util.Comparator;
import java.util.Map;
import java.util.Optional;

/**
 * A decision of a marker's. It replaces those that its marker knew of, and no others: so two people can mark halves of a class
 * and put the halves together, and where both decided the same matter without knowing of each other, both decisions are found.
 *
 * @param matter what is decided
 * @param value what was decided; nothing where an earlier decision is taken back
 * @param by whose decision it is
 * @param count which of its marker's on this matter it is, from 1
 * @param over how many decisions of each other marker on this matter it replaces
 * @see <a href="https://doi.org/10.1007/978-3-642-24550-3_29">M. Shapiro and others, Conflict-free replicated data types, 2011:
 *     the register that keeps concurrent values</a>
 */
public record Decision(DecisionSubject matter, Optional<DecisionValue> value, String by, int count, Map<String, Integer> over) {

    /** The order in which decisions on one matter stand: the last is the one that counts. */
    static final Comparator<Decision> ORDER = Comparator.comparingInt(Decision::count).thenComparing(Decision::by)
            .thenComparing(it -> it.value().map(DecisionValue::toString).orElse(""));

    public Decision {
        over = Map.copyOf(over);
        if (by.isBlank() || count < 1) {
            throw new IllegalArgumentException("decision " + count + " of " + by);
        }
    }

    /** Whether it was made knowing of another. */
    public boolean replaces(Decision other) {
        return other.by.equals(by) ? other.count < count : other.count <= over.getOrDefault(other.by, 0);
    }
}
