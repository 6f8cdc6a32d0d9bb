package hestra.targets;

/** What counts as nothing beside values: so small a distance comes from rounding. */
final class Tolerance {

    private static final double OF_SPAN = 1e-9;
    private static final double OF_SIZE = 1e-14;

    private Tolerance() {}

    /** The distance that counts as nothing among values from one to another. */
    static double of(double least, double greatest) {
        return OF_SPAN * (greatest - least) + OF_SIZE * Math.max(Math.abs(least), Math.abs(greatest));
    }
}
