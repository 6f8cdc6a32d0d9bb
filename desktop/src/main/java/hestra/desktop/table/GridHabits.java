package hestra.desktop.table;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;

/** How a person likes to type and read tables: remembered from one start to the next, the same for every table. */
public final class GridHabits {

    private final BooleanProperty pairByPair = new SimpleBooleanProperty(this, "pairByPair");

    private final DoubleProperty type = new SimpleDoubleProperty(this, "type", 1);

    public GridHabits() {}

    /** Habits that go with these, for tables that come and go. */
    public GridHabits alongside() {
        GridHabits other = new GridHabits();
        other.pairByPair.bindBidirectional(pairByPair);
        other.type.bindBidirectional(type);
        return other;
    }

    /** Whether Enter goes across a pair and then to the next pair, in place of down. */
    public BooleanProperty pairByPairProperty() {
        return pairByPair;
    }

    /** How large type is, as a multiple of the usual size. */
    public DoubleProperty typeProperty() {
        return type;
    }

    boolean isPairByPair() {
        return pairByPair.get();
    }
}
