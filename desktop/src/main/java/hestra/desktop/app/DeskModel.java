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

/**
 * The one place where the desk changes: edits go in, findings come out, and every view watches these. Used on the JavaFX
 * thread.
 */
public final class DeskModel {

    private final ReadOnlyObjectWrapper<Findings> findings = new ReadOnlyObjectWrapper<>();
    private Consumer<Edit> recorder = _ -> { };
    private History history;
    private long gestures;

    public DeskModel(History history) {
        this.history = history;
        findings.set(Findings.of(history.present()));
    }

    public ReadOnlyObjectProperty<Findings> findingsProperty() {
        return findings.getReadOnlyProperty();
    }

    public Findings findings() {
        return findings.get();
    }

    public Desk desk() {
        return history.present();
    }

    /** Makes an edit. What changes nothing is neither kept nor recorded. */
    public void apply(Edit edit) {
        History changed = history.apply(edit);
        if (changed == history) {
            return;
        }
        history = changed;
        if (!(edit instanceof Edit.Passing)) {
            recorder.accept(edit);
        }
        findings.set(findings.get().next(history.present()));
    }

    /** Begins with another desk: another exercise was opened. */
    public void begin(History other) {
        history = other;
        findings.set(Findings.of(other.present()));
    }

    /** Has every edit that lasts recorded from now on. */
    public void recordTo(Consumer<Edit> newRecorder) {
        recorder = newRecorder;
    }

    public Optional<String> undoable() {
        return history.undoable();
    }

    public Optional<String> redoable() {
        return history.redoable();
    }

    /** A number for a new gesture, so that its edits are undone together. */
    public long newGesture() {
        return System.nanoTime() + ++gestures;
    }

    /** Has an action run now and after each change, until the subscription is ended. */
    public Subscription watch(Consumer<Findings> view) {
        return findings.subscribe(view);
    }
}
