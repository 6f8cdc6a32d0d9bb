package hestra.desktop.notes;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.PartWork;
import hestra.desk.SheetEdit;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.InPlaceText;
import hestra.desktop.parts.KeyLine;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.documents.page.NotePieces;
import hestra.documents.page.Piece;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import static hestra.desktop.parts.Presence.present;

/** Something that is kept: what it shows, its caption, and while it is in hand what can be done with it. */
public final class KeptNote extends NoteView {

    private static final PseudoClass FOLLOWING = PseudoClass.getPseudoClass("following");

    /** What the keys do on something that is kept. */
    public static final List<KeyLine> LINES = List.of(
            new KeyLine("Enter", "on a figure: brings its plot back"),
            new KeyLine("Space", "on a figure: it follows the plot, or stays"),
            new KeyLine("letters", "on a figure: its caption"),
            new KeyLine("Alt+↑ ↓, Delete", "move it, take it off"));

    private final DeskModel model;
    private final Look look;
    private final NoteActions actions;
    private final VBox shown = new VBox();
    private final Label number = new Label();
    private static final double BESIDE = 6;
    private final Label caption = new Label();
    private final InPlaceText captionText;
    private final Label remark = new Label();
    private final ToggleButton follow = new ToggleButton("Follow the plot");
    private final Button open = new Button("Open");
    private final HBox tools;
    private Optional<PartWork> state;
    private Findings findings;
    private String label = "";
    private Note drawn;

    KeptNote(String note, DeskModel model, Look look, NoteActions actions) {
        super(note);
        this.model = model;
        this.look = look;
        this.actions = actions;
        getStyleClass().addAll("kept-note", "card");
        shown.getStyleClass().add("kept-shown");
        setFocusTraversable(true);
        number.getStyleClass().add("kept-number");
        number.setMinWidth(Region.USE_PREF_SIZE);
        caption.getStyleClass().add("small");
        caption.setWrapText(true);
        TypingRun[] run = new TypingRun[1];
        captionText = new InPlaceText(note + "-caption", "Say what it shows", caption, caption::setText,
                it -> model.apply(new SheetEdit.Caption(note, it, run[0].now())));
        run[0] = new TypingRun(captionText.area());
        Names.as(captionText.area(), "caption");
        captionText.area().addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            // It ends the caption: the keyboard goes to what it stands below.
            if (event.getCode() == KeyCode.ENTER) {
                event.consume();
                requestFocus();
            }
        });
        captionText.area().getStyleClass().add("caption-area");
        BorderPane below = new BorderPane(captionText);
        below.setLeft(number);
        BorderPane.setMargin(number, new Insets(0, BESIDE, 0, 0));
        remark.getStyleClass().add("small");
        remark.setWrapText(true);
        remark.setMinHeight(Region.USE_PREF_SIZE);
        tools = tools();
        getChildren().addAll(shown, below, remark, tools);
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            // The sheet would take the keyboard for itself.
            event.consume();
            if (event.getClickCount() == 2) {
                actions.bringBack(note);
            } else {
                requestFocus();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
        focusWithinProperty().addListener(_ -> showTools());
        showTools();
    }

    private HBox tools() {
        follow.setId(note() + "-follow");
        follow.getStyleClass().setAll("quiet");
        Tip.set(follow, "whether this changes with the plot, or stays as it is (space)");
        follow.setOnAction(_ -> model.apply(new SheetEdit.Follow(note(), follow.isSelected())));
        open.setId(note() + "-open");
        open.getStyleClass().setAll("quiet");
        Tip.set(open, "bring the plot back as it is here (Enter)");
        open.setOnAction(_ -> actions.bringBack(note()));
        HBox row = new HBox(4, open, follow, icon(Feather.ARROW_UP, "up", "move up (Alt+↑)",
                () -> model.apply(new SheetEdit.Move(note(), -1))),
                icon(Feather.ARROW_DOWN, "down", "move down (Alt+↓)", () -> model.apply(new SheetEdit.Move(note(), 1))),
                icon(Feather.X, "remove", "take it off the sheet (Delete)", () -> actions.remove(note())));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("kept-tools");
        return row;
    }

    private Button icon(Feather icon, String what, String tip, Runnable action) {
        Button button = new Button("", new FontIcon(icon));
        button.setId(note() + "-" + what);
        button.getStyleClass().setAll("icon-button");
        button.setAccessibleText(tip);
        Tip.set(button, tip);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private void showTools() {
        present(tools, isEntered());
        showCaption();
    }

    /** Figures and tables always have room for a caption, others while they are in hand. */
    private void showCaption() {
        present(captionText, !(drawn instanceof Note.Calculated) && (!label.isEmpty() || isEntered()
                || !captionText.area().getText().isBlank()));
    }

    /** Words that are typed while it has the keyboard are its caption. */
    private void typed(KeyEvent event) {
        String letter = event.getCharacter();
        if (isFocused() && captionText.isVisible() && !event.isShortcutDown() && !event.isAltDown()
                && letter.codePoints().anyMatch(Character::isLetterOrDigit)) {
            captionText.area().requestFocus();
            captionText.area().end();
            captionText.area().replaceSelection(letter);
            event.consume();
        }
    }

    private void key(KeyEvent event) {
        if (captionText.area().isFocused() && !event.isAltDown()) {
            return;
        }
        boolean done = true;
        if (event.getCode() == KeyCode.ENTER && isFocused()) {
            actions.bringBack(note());
        } else if (event.getCode() == KeyCode.SPACE && isFocused()) {
            model.apply(new SheetEdit.Follow(note(), !follow.isSelected()));
        } else if (event.getCode() == KeyCode.DELETE) {
            actions.remove(note());
        } else if (event.isAltDown() && event.getCode() == KeyCode.UP) {
            model.apply(new SheetEdit.Move(note(), -1));
        } else if (event.isAltDown() && event.getCode() == KeyCode.DOWN) {
            model.apply(new SheetEdit.Move(note(), 1));
        } else {
            done = false;
        }
        if (done) {
            event.consume();
        }
    }

    @Override
    void show(Note now, OwnSheet sheet, Findings live) {
        Note.Shown note = (Note.Shown) now;
        boolean sameState = state != null && state.equals(note.frozen()) && note.frozen().isPresent();
        if (!sameState) {
            state = note.frozen();
            findings = live.of(note);
        }
        String nowLabel = sheet.label(note());
        boolean sameLook = sameState && nowLabel.equals(label) && withoutCaption(now).equals(withoutCaption(drawn));
        label = nowLabel;
        drawn = now;
        number.setText(label.isEmpty() ? "" : label + ".");
        present(number, !label.isEmpty());
        captionText.show(now instanceof Note.Kept kept ? kept.caption() : "");
        showCaption();
        follow.setSelected(note.follows());
        present(open, !note.follows());
        pseudoClassStateChanged(FOLLOWING, note.follows());
        String lost = note.follows() ? "follows the plot"
                : isLost(live) ? "Its columns are no longer in the table: it is kept as it was."
                : "";
        remark.setText(lost);
        present(remark, !lost.isEmpty());
        if (!sameLook) {
            // Figures watch the look; those drawn before are to be forgotten with it.
            Look here = look.alongside();
            shown.getChildren().setAll(pieces(now, sheet).stream().map(piece -> PieceView.of(piece, here)).toList());
        }
        setAccessibleText((label.isEmpty() ? "" : label + ". ")
                + (now instanceof Note.Kept kept ? kept.what().inWords() + ". " + kept.caption() : "a calculation"));
    }

    private List<Piece> pieces(Note now, OwnSheet sheet) {
        return NotePieces.of(withoutCaption(now), sheet, findings);
    }

    private static Note withoutCaption(Note note) {
        return note instanceof Note.Kept kept ? new Note.Kept(kept.id(), kept.what(), kept.frozen(), "") : note;
    }

    /** Whether a column on its axes is not in the table any more. */
    private boolean isLost(Findings live) {
        List<String> names = live.work().table().variables().stream().map(it -> it.name()).toList();
        return !names.contains(findings.x().name()) || !names.contains(findings.y().name());
    }

    @Override
    void enter() {
        if (captionText.isManaged()) {
            FocusMark.give(captionText.area());
        } else {
            FocusMark.give(this);
        }
    }

    @Override
    OwnSheet.Spot spot(int index) {
        return OwnSheet.Spot.before(index + 1);
    }
}
