package hestra.desktop.notes;

import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.control.TextArea;

import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.InPlaceText;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.ProseView;
import hestra.desktop.parts.TypingRun;

/** A text on the sheet, typed where it stands. */
final class TextNote extends NoteView {

    private final InPlaceText text;
    private int caret;
    /** The run of typing that began the note elsewhere and goes on in it; nothing once the keyboard has left it. */
    private Optional<String> begun = Optional.empty();

    /**
     * An empty text.
     *
     * @param typed takes the text with every letter, and the run of typing
     * @param left is told when the keyboard has left it
     */
    TextNote(String note, BiConsumer<String, Optional<String>> typed, Runnable left) {
        super(note);
        ProseView prose = new ProseView("");
        TypingRun[] run = new TypingRun[1];
        text = new InPlaceText(note + "-text", "Write on…", prose, prose::show, it -> typed.accept(it, begun.or(run[0]::now)));
        TextArea area = text.area();
        run[0] = new TypingRun(area);
        area.caretPositionProperty().addListener((_, _, at) -> caret = at.intValue());
        area.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                begun = Optional.empty();
                left.run();
            }
        });
        Names.as(area, "text of your sheet");
        getChildren().add(text);
    }

    @Override
    void show(Note now, OwnSheet sheet, Findings findings) {
        if (now instanceof Note.Text(String _, String markup)) {
            text.show(markup);
        }
    }

    @Override
    void enter() {
        FocusMark.give(text.area());
    }

    @Override
    OwnSheet.Spot spot(int index) {
        return new OwnSheet.Spot(index, caret);
    }

    /** Goes on with a run of typing that has begun the note. */
    void goOn(Optional<String> run) {
        enter();
        begun = run;
    }

    TextArea area() {
        return text.area();
    }
}
