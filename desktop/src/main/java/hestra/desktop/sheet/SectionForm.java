package hestra.desktop.sheet;

import java.util.Optional;
import java.util.function.Consumer;

import hestra.desk.Findings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.notes.NotesBox;
import hestra.task.WriteSection;

/** A section of a report: texts and figures, written and kept where they stand. */
final class SectionForm extends TaskForm {

    private final NotesBox notes;

    SectionForm(DeskModel model, WriteSection task, Runnable check, Look look, Consumer<String> notice) {
        super(model, task, check);
        // The sheet follows the task in hand by itself.
        notes = new NotesBox(task.id() + "-", model, look, notice, _ -> { });
        getChildren().add(notes);
        offerFirst(notes.entry());
        onShow(_ -> notes.show(model.findings()));
    }

    @Override
    Optional<NotesBox> notes() {
        return Optional.of(notes);
    }

    /** What follows the plot changes while it is dragged. */
    @Override
    boolean isLive() {
        return true;
    }

    @Override
    void showLive(Findings findings) {
        notes.show(model().findings());
    }
}
