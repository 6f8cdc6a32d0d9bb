package hestra.figure;

/**
 * Where a person has put a label in the plot.
 *
 * @param across its left end as a share of the plot's width, 0 to 1
 * @param down its baseline as a share of the plot's height, 0 to 1
 * @param size how large it is beside its usual size, 0.6 to 3
 */
public record LabelPlace(double across, double down, double size) {

    private static final double SMALLEST = 0.6;
    private static final double LARGEST = 3;

    public LabelPlace {
        if (!Double.isFinite(across) || !Double.isFinite(down) || !Double.isFinite(size)) {
            throw new IllegalArgumentException("a label at " + across + ", " + down + ", " + size);
        }
        across = Math.clamp(across, 0, 1);
        down = Math.clamp(down, 0, 1);
        size = Math.clamp(size, SMALLEST, LARGEST);
    }
}
