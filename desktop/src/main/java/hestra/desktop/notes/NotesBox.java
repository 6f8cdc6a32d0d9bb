package hestra.desktop.notes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.data.DataTable;
import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.SheetEdit;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.GrowingArea;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.Words;
import hestra.task.Keepable;
import hestra.working.CalculationLine;

/** The texts that a person writes and what is kept of the plot, below one another, with a place to write on at the end. */
public final class NotesBox extends VBox implements NoteActions {

    /** Said where a full sheet is to take one more. */
    public static final String FULL = "A sheet holds up to " + OwnSheet.MOST
            + " texts and figures. Take one off before you keep another.";

    /** While something is dragged, what follows the plot is drawn a little after it. */
    private static final Duration CALM = Duration.millis(120);

    private final DeskModel model;
    private final Look look;
    private final Consumer<String> notice;
    private final Consumer<Region> into;
    private final VBox notes = new VBox();
    private final GrowingArea writeOn = new GrowingArea();
    private final Map<String, NoteView> views = new HashMap<>();
    private final PauseTransition following = new PauseTransition(CALM);
    private final TypingRun run = new TypingRun(writeOn);
    /** The note in which the keyboard was last; nothing for the end of the sheet. */
    private Optional<String> last = Optional.empty();
    private OwnSheet shown;
    private boolean clearing;

    /** The notes of the part of a model, whose fields have names that begin so; {@code into} brings one of them into view. */
    public NotesBox(String prefix, DeskModel model, Look look, Consumer<String> notice, Consumer<Region> into) {
        this.model = model;
        this.look = look;
        this.notice = notice;
        this.into = into;
        getStyleClass().add("notes-box");
        notes.getStyleClass().add("notes");
        writeOn.setId(prefix + "write-on");
        writeOn.setPromptText("Write on…");
        Names.as(writeOn, "write on");
        writeOn.textProperty().addListener((_, _, text) -> begun(text));
        writeOn.focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                last = Optional.empty();
            }
        });
        getChildren().addAll(notes, writeOn, keepers(prefix));
        following.setOnFinished(_ -> follow());
    }

    private FlowPane keepers(String prefix) {
        MenuButton more = new MenuButton("More");
        more.getStyleClass().addAll("quiet", "menu");
        more.setId(prefix + "keep-more");
        Tip.set(more, "Keep something else on the sheet");
        for (Keepable what : List.of(Keepable.STRIP, Keepable.RESIDUALS, Keepable.SUMMARY, Keepable.COEFFICIENTS,
                Keepable.PREDICTIONS, Keepable.CORRELATIONS, Keepable.SUMS,
                Keepable.MATRICES, Keepable.DATA, Keepable.CHANCE)) {
            MenuItem item = Literally.said(new MenuItem(Words.capitalized(what.inWords())));
            item.setOnAction(_ -> Platform.runLater(() -> keepAndCaption(what)));
            more.getItems().add(item);
        }
        FlowPane keepers = new FlowPane(6, 6, keeper("Keep plot", prefix + "keep-plot", Keepable.FIGURE,
                "Put the plot as it is now on the sheet (Ctrl+K)"),
                keeper("equation", prefix + "keep-equation", Keepable.EQUATION,
                        "Put the equation of the selected curve on the sheet (Ctrl+E)"),
                keeper("readings", prefix + "keep-readings", Keepable.READINGS, "Put r, R² and s on the sheet (Ctrl+R)"), more);
        keepers.getStyleClass().add("keepers");
        return keepers;
    }

    private Button keeper(String text, String id, Keepable what, String tip) {
        Button button = Literally.said(new Button(text));
        button.setId(id);
        button.getStyleClass().setAll("quiet");
        Tip.set(button, tip);
        button.setOnAction(_ -> keepAndCaption(what));
        return button;
    }

    /**
     * Puts the keyboard where the text goes on below the title: in the first note where that is text, else where one is begun.
     */
    public void begin() {
        sheet().notes().stream().limit(1).map(note -> views.get(note.id())).filter(TextNote.class::isInstance).findFirst()
                .map(view -> ((TextNote) view).area()).<Node>map(it -> it).orElse(writeOn).requestFocus();
    }

    /** The first letter at the end begins a note: the place where it was typed becomes the note's. */
    private void begun(String text) {
        if (clearing || text.isEmpty()) {
            return;
        }
        OwnSheet sheet = sheet();
        String fresh = sheet.freshId();
        Optional<String> typing = run.now();
        model.apply(new SheetEdit.Write(OwnSheet.Spot.before(sheet.notes().size()), text, typing));
        clearing = true;
        writeOn.clear();
        clearing = false;
        NoteView begun = views.get(fresh);
        if (begun instanceof TextNote note) {
            // What has not been styled yet takes no letters, and the next one may come before the next frame.
            applyCss();
            layout();
            note.goOn(typing);
            note.area().positionCaret(text.length());
        }
    }

    private OwnSheet sheet() {
        return model.findings().work().sheet();
    }

    /** Shows the notes as they are now. */
    public void show(Findings findings) {
        OwnSheet sheet = findings.work().sheet();
        if (!sheet.equals(shown)) {
            shown = sheet;
            following.stop();
            List<NoteView> wanted = new ArrayList<>();
            for (Note note : sheet.notes()) {
                NoteView view = views.computeIfAbsent(note.id(), _ -> made(note));
                view.show(note, sheet, findings);
                wanted.add(view);
            }
            views.values().retainAll(wanted);
            if (!notes.getChildren().equals(wanted)) {
                Optional<Node> focused = Optional.ofNullable(getScene()).map(it -> it.getFocusOwner());
                notes.getChildren().setAll(wanted);
                // A note that is moved is out of the window for a moment, and loses the keyboard.
                focused.filter(it -> it.getScene() != null && it != getScene().getFocusOwner()
                        && wanted.stream().anyMatch(view -> isIn(it, view))).ifPresent(Node::requestFocus);
            }
        } else if (views.values().stream().anyMatch(KeptNote.class::isInstance)) {
            following.playFromStart();
        }
    }

    private static boolean isIn(Node node, Node parent) {
        for (Node it = node; it != null; it = it.getParent()) {
            if (it == parent) {
                return true;
            }
        }
        return false;
    }

    /** Draws anew what follows the plot. */
    private void follow() {
        Findings findings = model.findings();
        OwnSheet sheet = findings.work().sheet();
        sheet.notes().stream().filter(note -> note instanceof Note.Shown)
                .forEach(note -> Optional.ofNullable(views.get(note.id())).ifPresent(view -> view.show(note, sheet, findings)));
    }

    private NoteView made(Note note) {
        NoteView view = switch (note) {
            case Note.Text _ ->
                    new TextNote(note.id(), (text, typing) -> model.apply(new SheetEdit.ChangeText(note.id(), text, typing)),
                            () -> left(note.id()));
            case Note.Kept _, Note.Calculated _ -> new KeptNote(note.id(), model, look, this);
        };
        view.focusWithinProperty().addListener((_, _, within) -> {
            if (within) {
                last = Optional.of(note.id());
            }
        });
        return view;
    }

    /** A text from which everything was taken goes when the keyboard leaves it. */
    private void left(String id) {
        Platform.runLater(() -> sheet().note(id).filter(note -> note instanceof Note.Text(String _, String text) && text.isBlank()
                && !views.get(id).isEntered())
                .ifPresent(_ -> model.apply(new SheetEdit.Remove(id))));
    }

    /** Where something is put in: where the keyboard is on the sheet, or was last. */
    private OwnSheet.Spot spot() {
        OwnSheet sheet = sheet();
        return last.filter(views::containsKey).map(id -> views.get(id).spot(sheet.indexOf(id)))
                .orElse(OwnSheet.Spot.before(sheet.notes().size()));
    }

    /** Keeps something on the sheet, and leaves the keyboard where it is. */
    public void keep(Keepable what) {
        keepAt(new SheetEdit.Keep(spot(), what, false)).ifPresent(into::accept);
    }

    /** Keeps a line of calculation on the sheet, and leaves the keyboard where it is. */
    public void keep(CalculationLine line) {
        keepAt(new SheetEdit.KeepLine(spot(), line)).ifPresent(into::accept);
    }

    private void keepAndCaption(Keepable what) {
        keepAt(new SheetEdit.Keep(spot(), what, false)).ifPresent(view -> {
            applyCss();
            layout();
            view.enter();
            into.accept(view);
        });
    }

    private Optional<NoteView> keepAt(SheetEdit keeping) {
        String fresh = sheet().freshId();
        if (sheet().isFull()) {
            notice.accept(FULL);
            return Optional.empty();
        }
        model.apply(keeping);
        last = Optional.of(fresh);
        return Optional.ofNullable(views.get(fresh));
    }

    @Override
    public void bringBack(String note) {
        DataTable before = model.findings().work().table();
        boolean frozen = sheet().note(note).filter(it -> it instanceof Note.Shown shownNote && !shownNote.follows()).isPresent();
        model.apply(new SheetEdit.BringBack(note));
        if (frozen) {
            boolean same = model.findings().work().table().equals(before);
            String name = sheet().label(note).isEmpty() ? "It" : sheet().label(note);
            notice.accept(name + " is back in the plot"
                    + (same ? "." : ", with the data as they were then. Undo brings back what you had."));
        }
    }

    @Override
    public void remove(String note) {
        int index = sheet().indexOf(note);
        model.apply(new SheetEdit.Remove(note));
        List<Note> rest = sheet().notes();
        if (rest.isEmpty()) {
            FocusMark.give(writeOn);
        } else {
            NoteView next = views.get(rest.get(Math.clamp(index, 0, rest.size() - 1)).id());
            FocusMark.give(next instanceof TextNote text ? text.area() : next);
        }
    }

    /** Where typing goes on. */
    public Node entry() {
        return last.map(views::get).<Node>map(view -> view instanceof TextNote text ? text.area() : view).orElse(writeOn);
    }

    /** Puts the keyboard at the end. */
    public void writeOn() {
        FocusMark.give(writeOn);
    }
}
