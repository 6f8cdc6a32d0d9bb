package hestra.desktop.study;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.data.DataTable;
import hestra.desk.ExerciseEdit;
import hestra.desk.Findings;
import hestra.desk.Keepable;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.SheetEdit;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.GrowingArea;
import hestra.desktop.parts.InPlaceText;
import hestra.desktop.parts.Sheet;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Exercise;
import hestra.numbers.Words;
import hestra.working.CalculationLine;

/** A person's own sheet: a title, and texts and what is kept of the plot in one scroll, with a place to write on at its end. */
public final class StudySheet extends ScrollPane implements Sheet, StudyActions {

    /** What a study is called whose sheet has no title. */
    public static final String UNTITLED = "Your data";

    /** While something is dragged, what follows the plot is drawn a little after it. */
    private static final Duration CALM = Duration.millis(120);

    private final DeskModel model;
    private final Look look;
    private final Runnable toTable;
    private final Consumer<String> notice;
    private final InPlaceText title;
    private final VBox list = new VBox();
    private final VBox notes = new VBox();
    private final GrowingArea writeOn = new GrowingArea();
    private final Map<String, NoteView> views = new HashMap<>();
    private final PauseTransition following = new PauseTransition(CALM);
    private final TypingRun run = new TypingRun(writeOn);
    /** The note in which the keyboard was last; nothing for the end of the sheet. */
    private Optional<String> last = Optional.empty();
    private OwnSheet shown;
    private boolean clearing;

    /** The sheet; {@code toTable} puts the keyboard into the table. */
    public StudySheet(DeskModel model, Look look, Runnable toTable, Consumer<String> notice) {
        this.model = model;
        this.look = look;
        this.toTable = toTable;
        this.notice = notice;
        getStyleClass().addAll("sheet", "study-sheet");
        setId("sheet");
        Label heading = new Label();
        heading.getStyleClass().add("sheet-heading");
        heading.setWrapText(true);
        heading.setMinHeight(Region.USE_PREF_SIZE);
        TypingRun[] titleRun = new TypingRun[1];
        title = new InPlaceText("study-title", "What do you want to know?", heading, heading::setText, text -> retitle(text, titleRun[0].now()));
        titleRun[0] = new TypingRun(title.area());
        title.getStyleClass().add("study-title");
        title.area().setAccessibleText("title of your sheet");
        notes.getStyleClass().add("notes");
        writeOn.setId("write-on");
        writeOn.setPromptText("Write on…");
        writeOn.setAccessibleText("write on");
        writeOn.textProperty().addListener((_, _, text) -> begun(text));
        writeOn.focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                last = Optional.empty();
            }
        });
        list.getChildren().addAll(title, notes, writeOn, keepers());
        list.getStyleClass().addAll("sheet-list", "study-list");
        setContent(list);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        following.setOnFinished(_ -> follow());
        model.watch(this::show);
    }

    private FlowPane keepers() {
        MenuButton more = new MenuButton("More");
        more.getStyleClass().addAll("quiet", "menu");
        more.setId("keep-more");
        Tip.set(more, "Keep something else on the sheet");
        for (Keepable what : List.of(Keepable.STRIP, Keepable.RESIDUALS, Keepable.SUMMARY, Keepable.COEFFICIENTS, Keepable.PREDICTIONS, Keepable.CORRELATIONS, Keepable.SUMS,
                Keepable.MATRICES, Keepable.DATA)) {
            MenuItem item = new MenuItem(Words.capitalized(what.inWords()));
            item.setOnAction(_ -> Platform.runLater(() -> keepAndCaption(what)));
            more.getItems().add(item);
        }
        FlowPane keepers = new FlowPane(6, 6, keeper("Keep plot", "keep-plot", Keepable.FIGURE, "Put the plot as it is now on the sheet (Ctrl+K)"),
                keeper("equation", "keep-equation", Keepable.EQUATION, "Put the equation of the selected curve on the sheet (Ctrl+E)"),
                keeper("readings", "keep-readings", Keepable.READINGS, "Put r, R² and s on the sheet (Ctrl+R)"), more);
        keepers.getStyleClass().add("keepers");
        return keepers;
    }

    private Button keeper(String text, String id, Keepable what, String tip) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().setAll("quiet");
        Tip.set(button, tip);
        button.setOnAction(_ -> keepAndCaption(what));
        return button;
    }

    private void retitle(String text, Optional<String> typing) {
        Exercise study = model.desk().exercise();
        model.apply(new ExerciseEdit.WriteTexts(text.isBlank() ? UNTITLED : text.strip(), study.place(), text, typing));
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

    private void show(Findings findings) {
        title.show(findings.exercise().heading());
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
                focused.filter(it -> it.getScene() != null && it != getScene().getFocusOwner() && wanted.stream().anyMatch(view -> isIn(it, view))).ifPresent(Node::requestFocus);
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
        sheet.notes().stream().filter(note -> note instanceof Note.Shown).forEach(note -> Optional.ofNullable(views.get(note.id())).ifPresent(view -> view.show(note, sheet, findings)));
    }

    private NoteView made(Note note) {
        NoteView view = switch (note) {
            case Note.Text _ -> new TextNote(note.id(), (text, typing) -> model.apply(new SheetEdit.ChangeText(note.id(), text, typing)), () -> left(note.id()));
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
        Platform.runLater(() -> sheet().note(id).filter(note -> note instanceof Note.Text(String _, String text) && text.isBlank() && !views.get(id).isEntered())
                .ifPresent(_ -> model.apply(new SheetEdit.Remove(id))));
    }

    /** Where something is put in: where the keyboard is on the sheet, or was last. */
    private OwnSheet.Spot spot() {
        OwnSheet sheet = sheet();
        return last.filter(views::containsKey).map(id -> views.get(id).spot(sheet.indexOf(id))).orElse(OwnSheet.Spot.before(sheet.notes().size()));
    }

    /** Keeps something on the sheet, and leaves the keyboard where it is. */
    public void keep(Keepable what) {
        keepAt(new SheetEdit.Keep(spot(), what, false)).ifPresent(this::bringIntoView);
    }

    /** Keeps a line of calculation on the sheet, and leaves the keyboard where it is. */
    public void keep(CalculationLine line) {
        keepAt(new SheetEdit.KeepLine(spot(), line)).ifPresent(this::bringIntoView);
    }

    private void keepAndCaption(Keepable what) {
        keepAt(new SheetEdit.Keep(spot(), what, false)).ifPresent(view -> {
            applyCss();
            layout();
            view.enter();
            bringIntoView(view);
        });
    }

    private Optional<NoteView> keepAt(SheetEdit keeping) {
        String fresh = sheet().freshId();
        if (sheet().notes().size() + 2 > OwnSheet.MOST) {
            notice.accept("A sheet holds up to " + OwnSheet.MOST + " texts and figures. Take one off before you keep another.");
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
            notice.accept(name + " is back in the plot" + (same ? "." : ", with the data as they were then. Undo brings back what you had."));
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

    private void bringIntoView(Region node) {
        Platform.runLater(() -> {
            applyCss();
            layout();
            Bounds bounds = list.sceneToLocal(node.localToScene(node.getLayoutBounds()));
            double viewport = getViewportBounds().getHeight();
            double content = list.getHeight();
            if (content > viewport) {
                double from = getVvalue() * (content - viewport);
                double to = bounds.getMaxY() + 20 > from + viewport ? Math.min(bounds.getMinY() - 10, bounds.getMaxY() + 20 - viewport) : Math.min(from, bounds.getMinY() - 10);
                setVvalue(Math.clamp(to / (content - viewport), 0, 1));
            }
        });
    }

    @Override
    public Region region() {
        return this;
    }

    @Override
    public Optional<Node> whereToType() {
        return Optional.of(last.map(views::get).<Node>map(view -> view instanceof TextNote text ? text.area() : view).orElse(writeOn));
    }

    /** Data are entered first; where there are pairs, it goes on with writing. */
    @Override
    public void begin() {
        if (model.findings().pairs().size() == 0) {
            toTable.run();
        } else {
            FocusMark.give(writeOn);
        }
    }
}
