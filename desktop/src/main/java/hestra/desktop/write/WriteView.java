package hestra.desktop.write;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.desktop.app.Look;
import hestra.desktop.plot.FigureView;
import hestra.desktop.table.GridHabits;
import hestra.documents.DataFile;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.figure.ScatterPlot;
import hestra.recipe.Recipe;
import hestra.task.Kind;
import hestra.task.Task;

/** The exercise as an instructor writes it: texts and tasks, the true data and their plot, and the task in hand. */
public final class WriteView {

    private final DeskModel model;
    private final Outline outline;
    private final DataPane data;
    private final FigureView plot;
    private final RecipePane recipe;
    private final TracePane trace;
    private final VBox middle = new VBox();
    private final ScrollPane right = new ScrollPane();
    private final SplitPane pane;
    private final ToggleButton showPlot = tab("Plot", "write-plot");
    private final ToggleButton showData = tab("Data", "write-data");
    private final ToggleButton showRecipe = tab("Make data", "write-recipe");
    private final ToggleButton showTrace = tab("From a picture", "write-trace");
    private Findings truth;
    private Optional<String> edited = Optional.of("-");

    public WriteView(DeskModel model, Look look, GridHabits habits, Consumer<String> notice, Runnable openPicture) {
        this.model = model;
        this.outline = new Outline(model);
        this.data = new DataPane(model, habits, notice);
        this.plot = new FigureView(look, this::describe);
        this.recipe = new RecipePane(model, look);
        this.trace = new TracePane(model, look, notice, openPicture);
        ToggleGroup tabs = new ToggleGroup();
        showPlot.setToggleGroup(tabs);
        showData.setToggleGroup(tabs);
        showRecipe.setToggleGroup(tabs);
        showTrace.setToggleGroup(tabs);
        tabs.selectToggle(model.desk().exercise().data().size() == 0 ? showData : showPlot);
        tabs.selectedToggleProperty().addListener((_, before, now) -> {
            if (now == null) {
                tabs.selectToggle(before);
            }
            layoutMiddle();
        });
        HBox strip = new HBox(showPlot, showData, showRecipe, showTrace);
        strip.getStyleClass().add("write-tabs");
        middle.getChildren().add(strip);
        middle.getStyleClass().add("write-middle");
        middle.setMinWidth(340);
        right.setFitToWidth(true);
        right.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        right.getStyleClass().add("write-right");
        right.setId("task-editor");
        Node left = outline.node();
        pane = new SplitPane(left, middle, right);
        pane.getStyleClass().add("write");
        SplitPane.setResizableWithParent(left, false);
        SplitPane.setResizableWithParent(right, false);
        ((Region) left).setMinWidth(300);
        right.setMinWidth(300);
        pane.setDividerPositions(420.0 / 1280, 1 - 362.0 / 1280);
        layoutMiddle();
        model.watch(this::show);
    }

    public Node node() {
        return pane;
    }

    /** Puts the keyboard into the title of a new exercise. */
    public void begin() {
        showData.setSelected(true);
        outline.focusTitle();
    }

    /** Takes the tables of a file into the exercise's data. */
    public void take(DataFile.Taken taken) {
        showData.setSelected(true);
        data.take(taken);
    }

    /** Joins the first table of a file to the exercise's data. */
    public void join(DataFile.Taken taken) {
        showData.setSelected(true);
        data.join(taken);
    }

    /** Lays in a picture, to read data off it. */
    public void lay(Path picture) {
        showTrace.setSelected(true);
        trace.lay(picture);
    }

    /** Draws the next sample: of the recipe in hand, or of the one that the exercise's data were made by. */
    public void nextSample(Consumer<String> notice) {
        if (showRecipe.isSelected()) {
            recipe.next();
        } else if (model.desk().exercise().provenance() instanceof Provenance.Made(Recipe made)) {
            model.apply(new Edit.WriteRecipe(made.next()));
        } else {
            notice.accept("These data were not made by a recipe. Write one under Make data; then this key draws a new sample.");
        }
    }

    private void layoutMiddle() {
        Node shown = showData.isSelected() ? data.node() : showRecipe.isSelected() ? recipe.node() : showTrace.isSelected() ? trace.node() : plot;
        VBox.setVgrow(shown, Priority.ALWAYS);
        if (middle.getChildren().size() > 1) {
            middle.getChildren().set(1, shown);
        } else {
            middle.getChildren().add(shown);
        }
    }

    private void show(Findings findings) {
        Exercise exercise = findings.exercise();
        if (truth == null || !truth.exercise().data().equals(exercise.data()) || !truth.exercise().roles().equals(exercise.roles())) {
            truth = Findings.of(Desk.open(exercise.withTasks(List.of()).withHeld(Set.of())));
            plot.changed();
        }
        Optional<String> selected = findings.desk().task().filter(id -> exercise.task(id).isPresent());
        if (!selected.equals(edited)) {
            edited = selected;
            if (right.getContent() instanceof Editor before) {
                before.end();
            }
            right.setContent(selected.flatMap(exercise::task)
                    .map(task -> (Node) new TaskEditor(model, task)).orElseGet(() -> new ExerciseEditor(model)));
            right.setVvalue(0);
        }
    }

    /** The true data with their line: nothing is held back from the instructor. */
    private Figure describe(Layout layout) {
        return ScatterPlot.describe(truth.plot().atRest("Paste or type the data first:\nthe tab “Data” is above."), layout);
    }

    private static ToggleButton tab(String name, String id) {
        ToggleButton tab = new ToggleButton(name);
        tab.getStyleClass().setAll("view-tab");
        tab.setId(id);
        return tab;
    }

    /** Adds a task of a kind after the task in hand, or at the end, and turns to it. */
    static void add(DeskModel model, int index, Kind kind) {
        Task task = kind.create(model.desk().exercise().freshTaskId(), model.desk().exercise().truth());
        model.apply(new Edit.AddTask(index, task));
        model.apply(new Edit.TurnTo(Optional.of(task.id())));
    }
}
