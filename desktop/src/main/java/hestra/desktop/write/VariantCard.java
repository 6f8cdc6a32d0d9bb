package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.desk.ExerciseEdit;
import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.QuietButton;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.figure.ScatterPlot;
import hestra.numbers.DecimalMark;
import hestra.task.Key;
import hestra.task.Task;
import hestra.variants.Variant;

import static hestra.desktop.parts.Presence.present;

/** A variant, or two beside each other: their plots, the keys of every task, and what can be done with them. */
final class VariantCard extends VBox {

    private static final double HEIGHT = 190;
    private static final double TITLES = 130;

    private final DeskModel model;
    private final Look look;
    private final Consumer<Exercise> trial;

    VariantCard(DeskModel model, Look look, Consumer<Exercise> trial) {
        this.model = model;
        this.look = look;
        this.trial = trial;
        setId("variant-card");
        getStyleClass().add("variant-card");
    }

    /** Shows these of a part; nothing where there are none. */
    void show(List<Variant> variants, String partId) {
        present(this, !variants.isEmpty());
        getChildren().clear();
        if (variants.isEmpty() || variants.getFirst().exercise().part(partId).isEmpty()) {
            return;
        }
        HBox sides = new HBox(10);
        variants.forEach(variant -> sides.getChildren().add(side(variant, partId)));
        getChildren().addAll(sides, keys(variants, partId));
        if (variants.size() == 1) {
            Label hint = new Label("Hold Ctrl and choose another to compare the two.");
            hint.getStyleClass().add("small");
            getChildren().add(hint);
        }
    }

    private VBox side(Variant variant, String partId) {
        Label title = new Label("Variant " + variant.number());
        title.getStyleClass().add("task-title");
        Findings truth = FixedPlot.truth(variant.exercise(), variant.exercise().part(partId).orElseThrow());
        FigureView plot = new FigureView(look, layout -> ScatterPlot.describe(truth.plot().atRest(""), layout));
        plot.setMinHeight(HEIGHT);
        plot.setPrefHeight(HEIGHT);
        plot.setMaxHeight(HEIGHT);
        Button tried = QuietButton.of("variant-try-" + variant.number(), "Try it",
                "work through variant " + variant.number() + " as its student; nothing of it is kept",
                () -> trial.accept(variant.exercise()));
        Button anew = QuietButton.of("variant-anew-" + variant.number(), "Draw anew",
                "give this variant other data; all others stay as they are",
                () -> model.apply(new ExerciseEdit.DrawAnew(variant.number())));
        VBox side = new VBox(6, title, plot, new HBox(8, tried, anew));
        HBox.setHgrow(side, Priority.ALWAYS);
        return side;
    }

    /** A line a task of the part: its title and its key in each variant. */
    private static GridPane keys(List<Variant> variants, String partId) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("variant-keys");
        ColumnConstraints titles = new ColumnConstraints(TITLES);
        grid.getColumnConstraints().add(titles);
        variants.forEach(_ -> {
            ColumnConstraints column = new ColumnConstraints();
            column.setHgrow(Priority.ALWAYS);
            column.setPercentWidth(-1);
            grid.getColumnConstraints().add(column);
        });
        Part first = variants.getFirst().exercise().part(partId).orElseThrow();
        for (int row = 0; row < first.tasks().size(); row++) {
            Task task = first.tasks().get(row);
            Label title = new Label(task.terms().title());
            title.getStyleClass().add("small");
            GridPane.setValignment(title, VPos.TOP);
            grid.add(title, 0, row);
            for (int side = 0; side < variants.size(); side++) {
                Label key = new Label(key(variants.get(side).exercise(), task.id()));
                key.getStyleClass().add("variant-key");
                key.setWrapText(true);
                grid.add(key, side + 1, row);
            }
        }
        return grid;
    }

    private static String key(Exercise exercise, String taskId) {
        DecimalMark mark = exercise.mark();
        Optional<Part> part = exercise.partOf(taskId);
        Optional<Key> key = part.flatMap(it -> exercise.task(taskId).map(task -> task.key(it.truth(mark))));
        return key.map(it -> it.computed() ? it.text() : "\u2248 " + it.text()).orElse("");
    }
}
