package hestra.desktop.table;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/** How a person likes to type tables: remembered from one start to the next, the same for every table. */
public final class GridHabits {

    private final BooleanProperty pairByPair = new SimpleBooleanProperty(this, "pairByPair");

    public GridHabits() {}

    /** Whether Enter goes across a pair and then to the next pair, in place of down. */
    public BooleanProperty pairByPairProperty() {
        return pairByPair;
    }

    boolean isPairByPair() {
        return pairByPair.get();
    }
}
