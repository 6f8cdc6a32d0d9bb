package hestra.tracing;

/** A place in a picture, in its own pixels from its top left corner; between pixels where it is not whole. */
public record PicturePoint(double x, double y) {

    public PicturePoint moved(double dx, double dy) {
        return new PicturePoint(x + dx, y + dy);
    }
}
