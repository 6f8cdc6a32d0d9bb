package hestra.desktop.table;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.input.Clipboard;

import hestra.data.DataTable;
import hestra.documents.DataFile;
import hestra.documents.DelimitedText.Block;
import hestra.documents.Reading;
import hestra.documents.Separator;
import hestra.documents.TextData;
import hestra.documents.TextShape;
import hestra.numbers.DecimalMark;

/**
 * Pastes text, or takes the tables of a file, into a table at once, as it is understood, and shows in a strip what was understood where there was anything to
 * guess. A paste is one edit with a number; a guess that is said otherwise takes its place under that number, so that one undo takes it
 * all back and whatever else was done since stays.
 */
final class Pasting {

    private final GridSource source;
    private final Consumer<String> notice;
    private final PasteStrip strip;
    private List<DataFile.Part> parts = List.of();
    private int part;
    private int row;
    private int column;
    private TextShape shape;
    private List<Integer> kept;
    private RowRange range = RowRange.ALL;
    private long number;
    private DataTable before;
    private boolean ownColumns;
    /** The table as the paste left it; nothing while none can be read otherwise. */
    private DataTable after;

    Pasting(GridSource source, Consumer<String> notice) {
        this.source = source;
        this.notice = notice;
        this.strip = new PasteStrip(this::reshape, this::keep, this::turnTo, this::limit);
    }

    Node strip() {
        return strip;
    }

    /** Pastes the clipboard's text, its first cell at a row and column; tells whether it did. */
    boolean paste(int atRow, int atColumn) {
        String copied = Clipboard.getSystemClipboard().getString();
        DataFile.Part text = new DataFile.Part("", copied == null ? "" : copied, Optional.empty());
        return switch (text.understand(source.mark())) {
            case Reading.Refused<TextData>(String message) -> {
                notice.accept(message);
                yield false;
            }
            case Reading.Done<TextData>(TextData data) -> take(new DataFile.Taken(List.of(text), data), atRow, atColumn);
        };
    }

    /** Takes the first table of a file likewise; the strip lets the others be taken in its place. */
    boolean take(DataFile.Taken taken, int atRow, int atColumn) {
        TextData data = taken.first();
        if (atRow + data.block().rows().size() > DataTable.MOST_ROWS) {
            notice.accept("There is no room for " + data.block().rows().size() + " more rows.");
            return false;
        }
        parts = List.copyOf(taken.parts());
        part = 0;
        row = atRow;
        column = data.block().width() >= source.table().width() ? 0 : atColumn;
        kept = null;
        range = RowRange.ALL;
        number = source.newPaste();
        before = source.table();
        ownColumns = source.takesColumns();
        put(data);
        return true;
    }

    private void turnTo(int other) {
        part = other;
        kept = null;
        range = RowRange.ALL;
        again(parts.get(other).understand(source.mark()));
    }

    /** To be called when the table may have changed: once its cells are changed in another way, or the paste is undone, nothing is asked of it any more. */
    void tableChanged() {
        if (after != null && source.table() != after && !(source.holds(number) && source.table().rows().equals(after.rows()))) {
            close();
        }
    }

    private void close() {
        after = null;
        strip.hide();
    }

    private void reshape(TextShape said) {
        // Other columns may come of it, so these are guessed anew; headings alone leave them as they are.
        kept = said.separator() == shape.separator() ? kept : null;
        again(TextData.read(text(), said, source.mark()));
    }

    private void keep(List<Integer> columns) {
        kept = columns;
        again(TextData.read(text(), shape, source.mark()));
    }

    private void limit(RowRange rows) {
        range = rows;
        again(TextData.read(text(), shape, source.mark()));
    }

    private String text() {
        return parts.get(part).text();
    }

    private void again(Reading<TextData> reading) {
        if (after == null) {
            return;
        }
        switch (reading) {
            case Reading.Refused<TextData>(String message) -> notice.accept(message);
            case Reading.Done<TextData>(TextData data) -> {
                put(data);
            }
        }
    }

    private void put(TextData data) {
        shape = data.shape();
        Block block = data.block();
        List<Integer> all = IntStream.range(0, block.width()).boxed().toList();
        if (kept == null || kept.stream().anyMatch(it -> it >= block.width())) {
            kept = ownColumns ? all : PastedColumns.wanted(before.variables().subList(column, before.width()), block);
        }
        after = null;
        Block taken = data.withColumns(kept);
        source.paste(number, before, row, column, new Block(taken.headings(), range.of(taken.rows())), ownColumns);
        after = source.table();
        if (isWorthTelling(data, all)) {
            strip.show(data, kept, parts.stream().map(DataFile.Part::name).toList(), part, range);
        } else {
            strip.hide();
        }
    }

    private boolean isWorthTelling(TextData data, List<Integer> all) {
        DecimalMark mark = data.shape().mark();
        boolean marksMatter = mark != source.mark() && parts.get(part).mark().isEmpty() && text().indexOf(mark.sign()) >= 0;
        boolean plain = data.shape().separator() == Separator.TAB || data.shape().separator() == Separator.NONE;
        return parts.size() > 1 || !plain || marksMatter || data.shape().headed() || data.shape().skipped() > 0 || !data.notes().isEmpty() || !kept.equals(all);
    }
}
