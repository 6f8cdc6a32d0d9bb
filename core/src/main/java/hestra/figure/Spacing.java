package hestra.figure;

/** How values are spaced along an axis. */
public enum Spacing {
    /** Equal differences are equally long. */
    LINEAR,
    /** Equal ratios are equally long; only values above 0 have a place. */
    LOGARITHMIC;

    /** Whether a value has a place on an axis of this kind. */
    public boolean holds(double value) {
        return Double.isFinite(value) && (this == LINEAR || value > 0);
    }
}
