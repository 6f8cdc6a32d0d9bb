package hestra.tracing;

/** A place in a picture, in its own pixels from its top left corner; between pixels where it is not whole. */
public record Place(double x, double y) {

    public Place moved(double dx, double dy) {
        return new Place(x + dx, y + dy);
    }
}
