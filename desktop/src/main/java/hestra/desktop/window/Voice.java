package hestra.desktop.window;

import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;

import hestra.data.Selection;
import hestra.desk.Findings;
import hestra.desktop.files.Settings;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Notices;
import hestra.desktop.plot.StripView;
import hestra.desktop.speech.Speaker;

/** What is said to those who do not see the window, and when: notices, what has changed, and the task when it is asked for. */
final class Voice {

    private static final String KEPT = "aloud";

    private final StackPane root;
    private final Notices notices;
    private final Settings settings;
    private final Supplier<DeskModel> model;
    private final ReadAloud aloud;
    private Selection walkedTo = Selection.NONE;

    /** The voice of a window; {@code model} is the desk that is open. */
    Voice(StackPane root, Notices notices, Settings settings, Supplier<DeskModel> model) {
        this.root = root;
        this.notices = notices;
        this.settings = settings;
        this.model = model;
        this.aloud = new ReadAloud(root, new Speaker());
        aloud.onProperty().set(settings.flag(KEPT));
        notices.onSaid(aloud::announce);
    }

    /** Says what changes on a desk. */
    void follow(DeskModel desk) {
        Announcements news = new Announcements(aloud::announce);
        desk.watch(findings -> {
            news.changed(findings);
            walked(findings);
        });
    }

    /** A point that is walked to in the strip is said. */
    private void walked(Findings findings) {
        Node owner = root.getScene() == null ? null : root.getScene().getFocusOwner();
        if (owner instanceof StripView && !findings.desk().selection().equals(walkedTo)) {
            aloud.again(owner);
        }
        walkedTo = findings.desk().selection();
    }

    /** Reads aloud from here on, or no more. */
    void toggle() {
        boolean on = !aloud.onProperty().get();
        if (on && !Speaker.isThere()) {
            notices.say("There is no speech service on this machine. On Linux it is the package speech-dispatcher; on Windows "
                    + "and macOS the system’s own reader reads Hestra.");
            return;
        }
        aloud.onProperty().set(true);
        aloud.announce(on ? "Reading aloud. F9 ends it." : "No longer reading aloud.");
        aloud.onProperty().set(on);
    }

    /** Reads the task in hand, and the texts above it. */
    void readTask() {
        String words = TaskAloud.of(model.get().findings());
        aloud.announce(words.isBlank() ? "There is nothing to read on the sheet." : words);
    }

    /** Says once more what was said last at the foot of the window. */
    void again() {
        notices.again();
    }

    /** Ends it, and keeps whether it reads aloud. */
    void close() {
        settings.put(KEPT, aloud.onProperty().get());
        aloud.close();
    }
}
