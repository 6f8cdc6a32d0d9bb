package hestra.desktop.window;

import java.util.Optional;
import java.util.function.Function;

import hestra.desktop.files.OpenDesk;
import hestra.desktop.mark.MarkView;
import hestra.desktop.model.DeskModel;
import hestra.desktop.write.WriteView;

/**
 * A desk that is open in the window: where it is kept, its model, and its views, each made when it is first shown, so that
 * nothing of one desk is left standing in another.
 */
final class Opened {

    private final OpenDesk desk;
    private final DeskModel model;
    private final Function<DeskModel, WorkView> makeWork;
    private final Function<DeskModel, WriteView> makeWrite;
    private final Function<DeskModel, MarkView> makeMark;
    private Optional<WorkView> work = Optional.empty();
    private Optional<WriteView> write = Optional.empty();
    private Optional<MarkView> mark = Optional.empty();

    /** {@code model} keeps its edits on the desk. */
    Opened(OpenDesk desk, DeskModel model, Function<DeskModel, WorkView> makeWork, Function<DeskModel, WriteView> makeWrite,
            Function<DeskModel, MarkView> makeMark) {
        this.desk = desk;
        this.model = model;
        this.makeWork = makeWork;
        this.makeWrite = makeWrite;
        this.makeMark = makeMark;
    }

    OpenDesk desk() {
        return desk;
    }

    DeskModel model() {
        return model;
    }

    /** The view of the student, or of somebody with data of their own. */
    WorkView work() {
        if (work.isEmpty()) {
            work = Optional.of(makeWork.apply(model));
        }
        return work.get();
    }

    /** The view of the author. */
    WriteView write() {
        if (write.isEmpty()) {
            write = Optional.of(makeWrite.apply(model));
        }
        return write.get();
    }

    /** The view of somebody who marks a class. */
    MarkView mark() {
        if (mark.isEmpty()) {
            mark = Optional.of(makeMark.apply(model));
        }
        return mark.get();
    }

    /** Whether a class has been looked at. */
    boolean isMarked() {
        return mark.isPresent();
    }

    /** Whether the class that was looked at is still being read or kept. */
    boolean isBusy() {
        return mark.filter(MarkView::isBusy).isPresent();
    }

    /** Keeps what is to be kept, and lets go what is open. */
    void close() {
        mark.ifPresent(MarkView::close);
        desk.close();
    }

    String title() {
        return model.desk().exercise().title();
    }
}
