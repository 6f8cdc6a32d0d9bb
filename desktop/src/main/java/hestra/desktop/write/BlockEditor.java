package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;

import hestra.desk.ExerciseEdit;
import hestra.desk.Findings;
import hestra.desktop.files.Pictures;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Block;
import hestra.figure.Frame;
import hestra.figure.Layer;

/** A block in hand that is no task: caption and what else belongs to its kind. */
final class BlockEditor extends VBox implements Editor {

    /** What a figure on a sheet may show beside its points. */
    private static final List<Layer> LAYERS = List.of(Layer.LINE, Layer.RESIDUALS, Layer.SQUARES, Layer.MEAN, Layer.EQUATIONS);

    private final DeskModel model;
    private final String id;
    private final List<Consumer<Block>> shows = new ArrayList<>();
    private final Subscription watching;

    BlockEditor(DeskModel model, Block block, Pictures pictures) {
        this.model = model;
        this.id = block.id();
        getStyleClass().add("editor");
        Label title = new Label(block.inWords());
        title.getStyleClass().add("editor-title");
        getChildren().add(title);
        switch (block) {
            case Block.Illustration _ -> illustration(pictures);
            case Block.Plot _ -> plot();
            case Block.Printed _ ->
                    text(Block.Printed.class, "caption", "edit-caption", Block.Printed::caption,
                            (_, it) -> new Block.Printed(id, it));
            case Block.Formula _ -> {
                text(Block.Formula.class, "formula, in plain text", "edit-formula", Block.Formula::formula,
                        (_, it) -> new Block.Formula(id, it));
                hint("{x.name} and {y.name} stand for the variables. Copy signs such as ŷ, x̄, ², √ and · from here.");
            }
            case Block.Prose _ -> hint("Type the text in its place on the left.");
            case Block.Strange _ ->
                    hint("This Hestra does not know this kind of block. It is kept as it is in the file. You can move it or "
                    + "take it out; to change it, open the exercise in a newer Hestra.");
            case Block.Asked _ -> throw new IllegalArgumentException("a task has an editor of its own");
        }
        watching = model.watch(this::show);
    }

    private void illustration(Pictures pictures) {
        text(Block.Illustration.class, "caption", "edit-caption", Block.Illustration::caption,
                (now, it) -> new Block.Illustration(id, now.picture(), it, now.alternative()));
        text(Block.Illustration.class, "what it shows, for those who cannot see it", "edit-alternative",
                Block.Illustration::alternative,
                (now, it) -> new Block.Illustration(id, now.picture(), now.caption(), it));
        Button other = new Button("Another picture…");
        other.setId("edit-picture");
        other.setOnAction(_ -> pictures.choose(picture ->
                change(Block.Illustration.class, now -> new Block.Illustration(id, picture, now.caption(), now.alternative()),
                        Optional.empty())));
        getChildren().add(other);
    }

    private void plot() {
        text(Block.Plot.class, "caption", "edit-caption", Block.Plot::caption,
                (now, it) -> new Block.Plot(id, now.layers(), now.frame(), it));
        VBox boxes = new VBox();
        boxes.getStyleClass().add("aid-list");
        for (Layer layer : LAYERS) {
            CheckBox box = Literally.said(new CheckBox(layer.title()));
            box.setId("edit-layer-" + layer.name().toLowerCase(Locale.ROOT));
            box.setOnAction(_ -> change(Block.Plot.class,
                    now -> new Block.Plot(id, Ticked.with(now.layers(), layer, box.isSelected()), now.frame(), now.caption()),
                    Optional.empty()));
            shows.add(block -> box.setSelected(((Block.Plot) block).layers().contains(layer)));
            boxes.getChildren().add(box);
        }
        Button asInWork = new Button("As the plot in Work now");
        asInWork.setId("edit-frame");
        Tip.set(asInWork, "Show the part of the plane that the plot in Work shows");
        asInWork.setOnAction(_ -> frame(Optional.of(model.findings().frame())));
        Button whole = new Button("All the data");
        whole.setId("edit-frame-whole");
        whole.setOnAction(_ -> frame(Optional.empty()));
        shows.add(block -> whole.setDisable(((Block.Plot) block).frame().isEmpty()));
        getChildren().addAll(TaskFields.label("beside the points"), boxes, TaskFields.label("what part of the plane"),
                new HBox(8, asInWork, whole));
    }

    private void frame(Optional<Frame> frame) {
        change(Block.Plot.class, now -> new Block.Plot(id, now.layers(), frame, now.caption()), Optional.empty());
    }

    private void hint(String text) {
        Label hint = new Label(text);
        hint.getStyleClass().add("small");
        hint.setWrapText(true);
        getChildren().add(hint);
    }

    private <B extends Block> void text(Class<B> kind, String title, String fieldId, Function<B, String> now,
            BiFunction<B, String, Block> changed) {
        TextField field = new TextField();
        field.setId(fieldId);
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> change(kind, block -> changed.apply(block, text), run.now()));
        shows.add(block -> {
            String text = now.apply(kind.cast(block));
            if (!field.getText().equals(text)) {
                field.setText(text);
            }
        });
        getChildren().addAll(TaskFields.label(title), field);
    }

    private <B extends Block> void change(Class<B> kind, Function<B, Block> change, Optional<String> run) {
        Optional<Block> before = model.desk().exercise().block(id);
        before.map(kind::cast).map(change).filter(changed -> !before.get().equals(changed))
                .ifPresent(changed -> model.apply(new ExerciseEdit.ChangeBlock(changed, run)));
    }

    @Override
    public void end() {
        watching.unsubscribe();
    }

    private void show(Findings findings) {
        findings.exercise().block(id).ifPresent(block -> shows.forEach(show -> show.accept(block)));
    }
}
