package hestra.desktop.model;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Subscription;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.History;
import hestra.desk.Session;
import hestra.exercise.Part;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The one place where the desk changes: edits go in, findings come out, and every view watches these. Used on the JavaFX
 * thread. Another desk has a model of its own, so nothing of one exercise is left standing in the views of another.
 *
 * <p>The views of one part have a model {@linkplain #of of that part}: it stands still while another part is in hand, so that
 * they find everything as it was left.
 */
public final class DeskModel {

    private static final Logger LOG = LoggerFactory.getLogger(DeskModel.class);

    private final ReadOnlyObjectWrapper<Findings> findings = new ReadOnlyObjectWrapper<>();
    private final Open open;
    /** The part whose edits go through this model; nothing for that in hand. */
    private final Optional<String> part;

    /** What the models of one desk share. */
    private static final class Open {
        private final Map<String, DeskModel> byPart = new HashMap<>();
        private Consumer<Edit> recorder = _ -> { };
        private Consumer<String> notice = _ -> { };
        private Session session;
        private DeskModel whole;
        private long gestures;
    }

    public DeskModel(History history) {
        this(new Open(), Optional.empty());
        open.session = Session.of(history);
        open.whole = this;
        findings.set(open.session.findings());
    }

    private DeskModel(Open open, Optional<String> part) {
        this.open = open;
        this.part = part;
    }

    /** The model for the views of one part of the exercise. */
    public DeskModel of(Part ofPart) {
        return open.byPart.computeIfAbsent(ofPart.id(), id -> {
            DeskModel model = new DeskModel(open, Optional.of(id));
            model.findings.set(open.session.findings().at(ofPart));
            return model;
        });
    }

    public Findings findings() {
        return findings.get();
    }

    public Desk desk() {
        return open.session.history().present();
    }

    /**
     * Makes an edit. What changes nothing is neither kept nor recorded; what cannot be computed with is refused with a notice,
     * and everything stays as it was.
     */
    public void apply(Edit wanted) {
        Edit edit = inPart(wanted);
        switch (open.session.apply(edit)) {
            case Session.Outcome.Nothing _ -> { }
            case Session.Outcome.Made(Session made) -> {
                open.session = made;
                if (!(edit instanceof Edit.Passing)) {
                    open.recorder.accept(edit);
                }
                tell(made.findings());
            }
            case Session.Outcome.Refused(Throwable why) -> {
                LOG.error("{} cannot be made", edit.getClass().getSimpleName(), why);
                open.notice.accept("This could not be done, and nothing has changed. If it was a number, try one that is not "
                        + "so large or so small.");
            }
        }
    }

    /** Whether what is done goes to the part in hand: of a model of one part, whether that part is. */
    public boolean isInHand() {
        return part.filter(id -> !id.equals(open.session.findings().part().id())).isEmpty();
    }

    /** What follows from the desk is worked out a little further, where it was too long for one go. */
    public void goOn() {
        open.session = open.session.goneOn();
        tell(open.session.findings());
    }

    /** An edit of one part says of which. */
    private Edit inPart(Edit edit) {
        String here = part.orElseGet(() -> open.session.findings().part().id());
        return switch (edit) {
            case Edit.Local local -> new Edit.InPart(here, local);
            case Edit.Pasted(long number, Edit.Local local) -> new Edit.Pasted(number, new Edit.InPart(here, local));
            default -> edit;
        };
    }

    /** Tells the views of the part in hand, and those of the whole. */
    private void tell(Findings now) {
        open.byPart.keySet().removeIf(id -> now.exercise().part(id).isEmpty());
        Optional.ofNullable(open.byPart.get(now.part().id())).ifPresent(model -> model.findings.set(now));
        open.whole.findings.set(now);
    }

    /** Has every edit that lasts recorded from now on. */
    public void recordTo(Consumer<Edit> newRecorder) {
        open.recorder = newRecorder;
    }

    /** Has it said when an edit is refused. */
    public void sayRefusalsTo(Consumer<String> newNotice) {
        open.notice = newNotice;
    }

    public Optional<String> undoable() {
        return open.session.history().undoable();
    }

    public Optional<String> redoable() {
        return open.session.history().redoable();
    }

    /** Whether a paste can still be read in another way: it has not been undone. */
    public boolean holds(long paste) {
        return open.session.history().holds(paste);
    }

    /** A number for a new gesture or paste, so that its edits are undone together, or put in its place. */
    public long newGesture() {
        return System.nanoTime() + ++open.gestures;
    }

    /** Has an action run now and after each change, until the subscription is ended. */
    public Subscription watch(Consumer<Findings> view) {
        return findings.subscribe(view);
    }
}
