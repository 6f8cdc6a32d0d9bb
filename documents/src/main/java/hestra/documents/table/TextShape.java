package hestra.documents.table;

import hestra.numbers.DecimalMark;

/**
 * How a text of rows and columns is understood. Each part can be guessed and each can be said.
 *
 * @param separator what stands between columns
 * @param mark the sign between whole and fraction in it
 * @param headed whether the first line that is not skipped names the columns
 * @param skipped lines above the table that do not belong to it, such as a title
 * @param across whether each line is a series of its own, its name first: columns then
 */
public record TextShape(Separator separator, DecimalMark mark, boolean headed, int skipped, boolean across) {

    /** Series that go down, as they mostly do. */
    public TextShape(Separator separator, DecimalMark mark, boolean headed, int skipped) {
        this(separator, mark, headed, skipped, false);
    }

    public TextShape withSeparator(Separator other) {
        return new TextShape(other, mark, headed, skipped, across);
    }

    public TextShape withMark(DecimalMark other) {
        return new TextShape(separator, other, headed, skipped, across);
    }

    public TextShape withHeaded(boolean other) {
        return new TextShape(separator, mark, other, skipped, across);
    }

    public TextShape withAcross(boolean other) {
        return new TextShape(separator, mark, headed, skipped, other);
    }
}
