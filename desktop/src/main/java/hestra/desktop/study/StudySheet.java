package hestra.desktop.study;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.ExerciseEdit;
import hestra.desk.Findings;
import hestra.desk.StudyName;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.notes.NotesBox;
import hestra.desktop.parts.DirectScroll;
import hestra.desktop.parts.InPlaceText;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.Sheet;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Exercise;
import hestra.task.Keepable;
import hestra.working.CalculationLine;

/** A person's own sheet: a title, and texts and what is kept of the plot in one scroll, with a place to write on at its end. */
public final class StudySheet extends DirectScroll implements Sheet {

    private final DeskModel model;
    private final Runnable toTable;
    private final InPlaceText title;
    private final VBox list = new VBox();
    private final NotesBox notes;

    /** The sheet; {@code toTable} puts the keyboard into the table. */
    public StudySheet(DeskModel model, Look look, Runnable toTable, Consumer<String> notice) {
        this.model = model;
        this.toTable = toTable;
        this.notes = new NotesBox("", model, look, notice, this::bringIntoView);
        getStyleClass().addAll("sheet", "study-sheet");
        setId("sheet");
        Label heading = new Label();
        heading.getStyleClass().add("sheet-heading");
        heading.setWrapText(true);
        heading.setMinHeight(Region.USE_PREF_SIZE);
        TypingRun[] titleRun = new TypingRun[1];
        title = new InPlaceText("study-title", "What do you want to know?", heading, heading::setText,
                text -> retitle(text, titleRun[0].now()));
        titleRun[0] = new TypingRun(title.area());
        title.getStyleClass().add("study-title");
        Names.as(title.area(), "title of your sheet");
        title.area().addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            // A title is one line: the text goes on below it.
            if (event.getCode() == KeyCode.ENTER) {
                event.consume();
                notes.begin();
            }
        });
        list.getChildren().addAll(title, notes);
        list.getStyleClass().addAll("sheet-list", "study-list");
        setContent(list);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        model.watch(this::show);
    }

    private void retitle(String text, Optional<String> typing) {
        Exercise study = model.desk().exercise();
        // A title is one line, whatever is pasted into it.
        String line = text.replaceAll("\\R", " ");
        model.apply(new ExerciseEdit.WriteTexts(line.isBlank() ? StudyName.of(model.findings().work()) : line.strip(),
                study.place(), line, typing));
    }

    private void show(Findings findings) {
        title.show(findings.exercise().heading());
        notes.show(findings);
    }

    /** Keeps something on the sheet, and leaves the keyboard where it is. */
    public void keep(Keepable what) {
        notes.keep(what);
    }

    /** Keeps a line of calculation on the sheet, and leaves the keyboard where it is. */
    public void keep(CalculationLine line) {
        notes.keep(line);
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
                double to = bounds.getMaxY() + 20 > from + viewport
                        ? Math.min(bounds.getMinY() - 10, bounds.getMaxY() + 20 - viewport)
                        : Math.min(from, bounds.getMinY() - 10);
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
        return Optional.of(notes.entry());
    }

    /** Data are entered first; where there are pairs, it goes on with writing. */
    @Override
    public void begin() {
        if (model.findings().pairs().size() == 0) {
            toTable.run();
        } else {
            notes.writeOn();
        }
    }
}
