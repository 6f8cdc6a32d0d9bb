package hestra.desktop.app;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Subscription;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.History;
import hestra.desk.Session;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The one place where the desk changes: edits go in, findings come out, and every view watches these. Used on the JavaFX
 * thread. Another desk has a model of its own, so nothing of one exercise is left standing in the views of another.
 */
public final class DeskModel {

    private static final Logger LOG = LoggerFactory.getLogger(DeskModel.class);

    private final ReadOnlyObjectWrapper<Findings> findings = new ReadOnlyObjectWrapper<>();
    private Consumer<Edit> recorder = _ -> { };
    private Consumer<String> notice = _ -> { };
    private Session session;
    private long gestures;

    public DeskModel(History history) {
        session = Session.of(history);
        findings.set(session.findings());
    }

    public ReadOnlyObjectProperty<Findings> findingsProperty() {
        return findings.getReadOnlyProperty();
    }

    public Findings findings() {
        return findings.get();
    }

    public Desk desk() {
        return session.history().present();
    }

    /**
     * Makes an edit. What changes nothing is neither kept nor recorded; what cannot be computed with is refused with a notice, and
     * everything stays as it was.
     */
    public void apply(Edit edit) {
        switch (session.apply(edit)) {
            case Session.Outcome.Nothing _ -> { }
            case Session.Outcome.Made(Session made) -> {
                session = made;
                if (!(edit instanceof Edit.Passing)) {
                    recorder.accept(edit);
                }
                findings.set(made.findings());
            }
            case Session.Outcome.Refused(Throwable why) -> {
                LOG.error("{} cannot be made", edit.getClass().getSimpleName(), why);
                notice.accept("This could not be done, and nothing has changed. If it was a number, try one that is not so large or so small.");
            }
        }
    }

    /** Has every edit that lasts recorded from now on. */
    public void recordTo(Consumer<Edit> newRecorder) {
        recorder = newRecorder;
    }

    /** Has it said when an edit is refused. */
    public void sayRefusalsTo(Consumer<String> newNotice) {
        notice = newNotice;
    }

    public Optional<String> undoable() {
        return session.history().undoable();
    }

    public Optional<String> redoable() {
        return session.history().redoable();
    }

    /** Whether a paste can still be read in another way: it has not been undone. */
    public boolean holds(long paste) {
        return session.history().holds(paste);
    }

    /** A number for a new gesture or paste, so that its edits are undone together, or put in its place. */
    public long newGesture() {
        return System.nanoTime() + ++gestures;
    }

    /** Has an action run now and after each change, until the subscription is ended. */
    public Subscription watch(Consumer<Findings> view) {
        return findings.subscribe(view);
    }
}
