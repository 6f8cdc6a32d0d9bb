package hestra.task;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What is to be done about a point that stands out. */
public enum PointAction {
    KEEP("keep it as it is"),
    LOOK_UP("look up how it was measured"),
    MEND("correct it"),
    SET_ASIDE("set it aside and say so"),
    BOTH("give the line with and without it");

    private final String words;

    PointAction(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    /**
     * Those that hold where this one is the key: a value that may well be true is looked up and kept as it is.
     *
     * @param reason why this is to be done; nothing where no reason is asked for
     */
    Set<PointAction> holding(Optional<PointReason> reason) {
        boolean mayBeTrue = reason.filter(PointReason.TRUE_VALUE::equals).isPresent();
        return mayBeTrue && (this == KEEP || this == LOOK_UP) ? EnumSet.of(KEEP, LOOK_UP) : EnumSet.of(this);
    }
}
