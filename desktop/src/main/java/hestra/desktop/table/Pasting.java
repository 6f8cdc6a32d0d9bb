package hestra.desktop.table;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.concurrent.Task;
import javafx.scene.Node;
import javafx.scene.input.Clipboard;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.documents.file.Result;
import hestra.documents.table.DataFile;
import hestra.documents.table.DelimitedText.Block;
import hestra.documents.table.Separator;
import hestra.documents.table.TextData;
import hestra.documents.table.TextShape;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;

/**
 * Pastes text, or takes the tables of a file, into a table at once, as it is understood, and shows in a strip what was understood
 * where there was anything to guess. A paste is one edit with a number; a guess that is said otherwise takes its place under that
 * number, so that one undo takes it all back and whatever else was done since stays.
 */
final class Pasting {

    /** Text of more letters than this is read away from the window's thread. */
    private static final int LARGE = 200_000;

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
    /** Whether it could as well be meant to take the place of all that is there, and whether it does. */
    private boolean mayReplace;
    private boolean replaces;
    /** The table as the paste left it; nothing while none can be read otherwise. */
    private DataTable after;
    /**
     * How often it was said otherwise how a paste is read, or another was made: an older word on it is overtaken, a paste never
     * is.
     */
    private int said;

    Pasting(GridSource source, Consumer<String> notice) {
        this.source = source;
        this.notice = notice;
        this.strip = new PasteStrip(this::reshape, this::keep, this::turnTo, this::limit, this::replace);
    }

    Node strip() {
        return strip;
    }

    /** Pastes the clipboard's text, its first cell at a row and column, and says when it stands there. */
    void paste(int atRow, int atColumn, Runnable placed) {
        String copied = Clipboard.getSystemClipboard().getString();
        DataFile.Part text = new DataFile.Part("", copied == null ? "" : copied, Optional.empty());
        DecimalMark mark = source.mark();
        read(text.text(), () -> text.understand(mark), () -> true,
                data -> take(new DataFile.Taken(List.of(text), data), atRow, atColumn, false, placed));
    }

    /** Reads text, at once or, where it is long, beside the window's work, and hands on what it holds if it is wanted by then. */
    private void read(String text, Supplier<Result<TextData>> how, BooleanSupplier wanted, Consumer<TextData> then) {
        if (text.length() <= LARGE) {
            hand(how.get(), then);
            return;
        }
        Task<Result<TextData>> task = new Task<>() {
            @Override
            protected Result<TextData> call() {
                return how.get();
            }
        };
        notice.accept("Reading what was copied…");
        task.setOnSucceeded(_ -> {
            if (wanted.getAsBoolean()) {
                hand(task.getValue(), data -> {
                    then.accept(data);
                    notice.accept("Read: " + Counted.of(data.block().rows().size(), "row") + ".");
                });
            }
        });
        task.setOnFailed(_ -> notice.accept("What was copied could not be read: " + task.getException().getMessage()));
        Thread.ofPlatform().daemon().name("reading what was copied").start(task);
    }

    private void hand(Result<TextData> reading, Consumer<TextData> then) {
        switch (reading) {
            case Result.Refused<TextData>(String message) -> notice.accept(message);
            case Result.Done<TextData>(TextData data) -> then.accept(data);
        }
    }

    /** Takes the first table of a file likewise; the strip lets the others be taken in its place. */
    void take(DataFile.Taken taken, int atRow, int atColumn, Runnable placed) {
        take(taken, atRow, atColumn, true, placed);
    }

    private void take(DataFile.Taken taken, int atRow, int atColumn, boolean fromFile, Runnable placed) {
        TextData data = taken.first();
        boolean replacing = mayReplace(data, atRow, atColumn, fromFile);
        if ((replacing ? 0 : atRow) + data.block().rows().size() > DataTable.MOST_ROWS) {
            notice.accept("There is no room for " + Counted.of(data.block().rows().size(), "more row", "more rows") + ".");
            return;
        }
        said++;
        parts = List.copyOf(taken.parts());
        part = 0;
        // Where a file's rows do not take the place of all, they go below: a file has no place of its own.
        row = replacing && fromFile ? source.table().size() : atRow;
        column = data.block().width() >= source.table().width() ? 0 : atColumn;
        kept = null;
        range = RowRange.ALL;
        number = source.newPaste();
        before = source.table();
        ownColumns = source.takesColumns();
        mayReplace = replacing;
        replaces = replacing && (fromFile || data.shape().headed() || 2 * data.block().rows().size() >= before.size());
        put(data);
        placed.run();
    }

    /**
     * Whether a block may be meant to take the place of all that is there: a file's always, what is pasted where it begins at the
     * first cell and is as wide as the table or brings headings.
     */
    private boolean mayReplace(TextData data, int atRow, int atColumn, boolean fromFile) {
        boolean overAll = atRow == 0 && (data.block().width() >= source.table().width()
                || atColumn == 0 && data.shape().headed());
        return source.ownsColumns() && !source.takesColumns() && data.block().width() >= 2 && data.block().rows().size() >= 2
                && (fromFile || overAll);
    }

    private void replace(boolean all) {
        replaces = all;
        kept = null;
        again(shape);
    }

    private void turnTo(int other) {
        part = other;
        kept = null;
        range = RowRange.ALL;
        DecimalMark mark = source.mark();
        again(() -> parts.get(other).understand(mark));
    }

    /**
     * To be called when the table may have changed: once its cells are changed in another way, or the paste is undone, nothing is
     * asked of it any more.
     */
    void tableChanged() {
        if (after != null && source.table() != after && !(source.holds(number) && source.table().rows().equals(after.rows()))) {
            close();
        }
    }

    /** Nothing is asked of it any more. */
    void close() {
        after = null;
        strip.hide();
    }

    private void reshape(TextShape other) {
        // Other columns may come of it, so these are guessed anew; headings alone leave them as they are.
        kept = other.separator() == shape.separator() && other.across() == shape.across() ? kept : null;
        again(other);
    }

    private void keep(List<Integer> columns) {
        kept = columns;
        again(shape);
    }

    private void limit(RowRange rows) {
        range = rows;
        again(shape);
    }

    private String text() {
        return parts.get(part).text();
    }

    private void again(TextShape other) {
        String text = text();
        DecimalMark mark = source.mark();
        again(() -> TextData.read(text, other, mark));
    }

    private void again(Supplier<Result<TextData>> how) {
        int mine = ++said;
        if (after != null) {
            read(text(), how, () -> mine == said && after != null, this::put);
        }
    }

    private void put(TextData data) {
        shape = data.shape();
        Block block = data.block();
        List<Integer> all = IntStream.range(0, block.width()).boxed().toList();
        if (kept == null || kept.stream().anyMatch(it -> it >= block.width())) {
            kept = ownColumns || replaces ? all : PastedColumns.wanted(before.variables().subList(column, before.width()), block);
        }
        after = null;
        Block taken = data.withColumns(kept);
        source.paste(number, before, replaces ? 0 : row, replaces ? 0 : column,
                new Block(taken.headings(), range.of(taken.rows())), ownColumns || replaces);
        after = source.table();
        if (isWorthTelling(data, all)) {
            strip.show(data, kept, parts.stream().map(DataFile.Part::name).toList(), part, range);
            strip.showReplacing(mayReplace, replaces, before.size());
            offer();
        } else {
            strip.hide();
        }
    }

    /** What columns that are not used look like, where they are a person's own. */
    private List<Roles.Offer> offers() {
        return source.ownsColumns() ? source.roles().offers(source.table()) : List.of();
    }

    private void offer() {
        strip.showOffers(source.table(), offers(), offer -> {
            source.use(offer.column(), offer.use());
            offer();
        });
    }

    private boolean isWorthTelling(TextData data, List<Integer> all) {
        DecimalMark mark = data.shape().mark();
        boolean marksMatter = mark != source.mark() && parts.get(part).mark().isEmpty() && text().indexOf(mark.sign()) >= 0;
        boolean plain = data.shape().separator() == Separator.TAB || data.shape().separator() == Separator.NONE;
        return mayReplace || parts.size() > 1 || !plain || marksMatter || data.shape().headed() || data.shape().skipped() > 0
                || !data.notes().isEmpty() || !kept.equals(all) || !offers().isEmpty();
    }
}
