package hestra.desktop.write;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InPlaceText;
import hestra.desktop.parts.ProseView;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.Part;

/** A text as it will be read, its live values set off; once it is clicked, it is typed in its place. */
final class ProseRow implements OutlineRow {

    private static final String PROMPT =
            "The situation. *emphasis*, **strong**, - lists; { offers live values. Enter on an empty line offers what else "
            + "there is.";

    private final DeskModel model;
    private final String id;
    private final String partId;
    private final ProseView set = new ProseView("");
    private final InPlaceText text;
    private final TypingRun run;
    private final VBox row;

    /** A row; {@code more} is told that something is to be put in below it. */
    ProseRow(DeskModel model, SheetActions actions, Part part, Block.Prose prose, Consumer<Spot> more) {
        this.model = model;
        this.id = prose.id();
        this.partId = part.id();
        text = new InPlaceText("write-" + id, PROMPT, set,
                it -> set.show(LiveText.fill(it, part(), model.desk().exercise().mark(), ProseView::live)), this::typed);
        run = new TypingRun(area());
        text.show(prose.text());
        area().focusedProperty().addListener((_, _, focused) -> {
            if (focused && (model.desk().task().isPresent() || !model.findings().written().id().equals(part.id()))) {
                model.apply(new Edit.GoTo(part.id()));
            }
        });
        area().addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            boolean atEmptyEnd = area().getCaretPosition() == area().getLength()
                    && (area().getText().isEmpty() || area().getText().endsWith("\n"));
            if (event.getCode() == KeyCode.ENTER && (atEmptyEnd || event.isShortcutDown()) && !event.isConsumed()) {
                event.consume();
                if (area().getText().endsWith("\n")) {
                    area().setText(area().getText().stripTrailing());
                }
                actions.after(id).ifPresent(more);
            }
        });
        Label name = new Label("text");
        name.getStyleClass().add("small");
        BlockMoves moves = BlockMoves.of(model.desk().exercise(), part, id);
        Tools tools = new Tools(action(moves.up()), action(moves.down()), () -> actions.duplicate(id), () -> actions.remove(id));
        row = new VBox(text, new LiveValueList(model, area(), this::part));
        row.getChildren().add(OutlineRow.tools(name, tools, row, false));
        row.getStyleClass().add("outline-prose");
        row.setId("outline-" + id);
    }

    private TextArea area() {
        return text.area();
    }

    private Part part() {
        return model.desk().exercise().part(partId).orElseGet(() -> model.desk().exercise().first());
    }

    private void typed(String now) {
        if (!Optional.of(new Block.Prose(id, now)).equals(model.desk().exercise().block(id).map(Block.Prose.class::cast))) {
            model.apply(new ExerciseEdit.ChangeBlock(new Block.Prose(id, now), run.now()));
        }
    }

    private Runnable action(Optional<ExerciseEdit> move) {
        return move.isEmpty() ? null : () -> model.apply(move.get());
    }

    @Override
    public Node node() {
        return row;
    }

    @Override
    public void show(Exercise exercise) {
        exercise.block(id).ifPresent(block -> text.show(((Block.Prose) block).text()));
    }
}
