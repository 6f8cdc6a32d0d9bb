package hestra.desktop.window;

import java.util.Optional;
import java.util.function.Function;

import hestra.desktop.files.OpenDesk;
import hestra.desktop.model.DeskModel;
import hestra.desktop.write.WriteView;

/** A desk that is open in the window: where it is kept, its model, and its views, each made when it is first shown, so that nothing of one desk is left standing in another. */
final class Opened {

    private final OpenDesk desk;
    private final DeskModel model;
    private final Function<DeskModel, WorkView> makeWork;
    private final Function<DeskModel, WriteView> makeWrite;
    private Optional<WorkView> work = Optional.empty();
    private Optional<WriteView> write = Optional.empty();

    /** {@code model} keeps its edits on the desk. */
    Opened(OpenDesk desk, DeskModel model, Function<DeskModel, WorkView> makeWork, Function<DeskModel, WriteView> makeWrite) {
        this.desk = desk;
        this.model = model;
        this.makeWork = makeWork;
        this.makeWrite = makeWrite;
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

    String title() {
        return model.desk().exercise().title();
    }
}
