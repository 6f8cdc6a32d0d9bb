package hestra.documents.page;

/** The paper of pages that are printed. */
public enum Paper {
    A4("A4", 210, 297),
    LETTER("Letter", 215.9, 279.4);

    static final double MARGIN = 20;

    private final String title;
    private final double width;
    private final double height;

    Paper(String title, double width, double height) {
        this.title = title;
        this.width = width;
        this.height = height;
    }

    public String title() {
        return title;
    }

    /** Its width in millimetres. */
    double width() {
        return width;
    }

    /** Its height in millimetres. */
    double height() {
        return height;
    }

    /** The height between the margins, in points of 1/72 inch. */
    double textHeight() {
        return (height - 2 * MARGIN) / 25.4 * 72;
    }

    /** The width between the margins, in points of 1/72 inch. */
    double textWidth() {
        return (width - 2 * MARGIN) / 25.4 * 72;
    }
}
