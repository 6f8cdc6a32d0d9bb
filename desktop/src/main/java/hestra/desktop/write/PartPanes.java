package hestra.desktop.write;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.desk.PartEdit;
import hestra.desktop.figure.FigureView;
import hestra.desktop.files.Pictures;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.table.GridHabits;
import hestra.documents.table.DataFile;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.figure.ScatterPlot;
import hestra.recipe.Recipe;
import hestra.tracing.Picture;

/** The data of one part, as an instructor sees them: their plot, their table, their recipe, the picture they were read off. */
final class PartPanes {

    private final DeskModel model;
    private final DataPane data;
    private final FigureView plot;
    private final RecipePane recipe;
    private final TracePane trace;
    private final VariantsPane variants;
    private final PaperPane paper;
    private final VBox middle = new VBox();
    private final ToggleButton showPlot = tab("Plot", "write-plot");
    private final ToggleButton showData = tab("Data", "write-data");
    private final ToggleButton showRecipe = tab("Make data", "write-recipe");
    private final ToggleButton showTrace = tab("From a picture", "write-trace");
    private final ToggleButton showVariants = tab("Variants", "write-variants");
    private final ToggleButton showPaper = tab("On paper", "write-paper");
    private Findings truth;

    /** {@code model} is that of the part. */
    PartPanes(DeskModel model, Look look, GridHabits habits, Consumer<String> notice, Pictures pictures,
            Consumer<Exercise> trial) {
        this.model = model;
        this.data = new DataPane(model, habits, notice);
        this.plot = new FigureView(look, this::describe);
        this.recipe = new RecipePane(model, look);
        this.trace = new TracePane(model, look, pictures);
        this.variants = new VariantsPane(model, look, trial);
        this.paper = new PaperPane(model);
        ToggleGroup tabs = new ToggleGroup();
        showPlot.setToggleGroup(tabs);
        showData.setToggleGroup(tabs);
        showRecipe.setToggleGroup(tabs);
        showTrace.setToggleGroup(tabs);
        showVariants.setToggleGroup(tabs);
        showPaper.setToggleGroup(tabs);
        tabs.selectToggle(model.findings().written().data().size() == 0 ? showData : showPlot);
        tabs.selectedToggleProperty().addListener((_, before, now) -> {
            if (now == null) {
                tabs.selectToggle(before);
            }
            layoutMiddle();
            showDrawn();
        });
        FlowPane strip = new FlowPane(showPlot, showData, showRecipe, showTrace, showVariants, showPaper);
        strip.getStyleClass().add("write-tabs");
        middle.getChildren().add(strip);
        middle.getStyleClass().add("write-middle");
        middle.setMinWidth(340);
        layoutMiddle();
        model.watch(this::show);
    }

    Node node() {
        return middle;
    }

    /** Takes the tables of a file into the part's data. */
    void take(DataFile.Taken taken) {
        showData.setSelected(true);
        data.take(taken);
    }

    /** Joins the first table of a file to the part's data. */
    void join(DataFile.Taken taken) {
        showData.setSelected(true);
        data.join(taken);
    }

    /** Lays in a picture, to read data off it. */
    void lay(Picture picture) {
        showTrace.setSelected(true);
        trace.lay(picture);
    }

    /** Lays in the picture on the clipboard, where a picture is being read off. */
    boolean pastePicture() {
        if (showTrace.isSelected()) {
            trace.paste();
        }
        return showTrace.isSelected();
    }

    /** Draws the next sample: of the recipe in hand, or of the one that the part's data were made by. */
    void nextSample(Consumer<String> notice) {
        if (showRecipe.isSelected()) {
            recipe.next();
        } else if (model.findings().written().provenance() instanceof Provenance.Made(Recipe made)) {
            model.apply(new PartEdit.WriteRecipe(made.next()));
        } else {
            notice.accept("These data were not made by a recipe. Write a recipe under Make data; then this key draws a new "
                    + "sample.");
        }
    }

    private void layoutMiddle() {
        Node shown = showData.isSelected() ? data.node()
                : showRecipe.isSelected() ? recipe.node()
                : showTrace.isSelected() ? trace.node()
                : showVariants.isSelected() ? variants.node()
                : showPaper.isSelected() ? paper.node()
                : plot;
        VBox.setVgrow(shown, Priority.ALWAYS);
        if (middle.getChildren().size() > 1) {
            middle.getChildren().set(1, shown);
        } else {
            middle.getChildren().add(shown);
        }
    }

    /** The variants and the pages are drawn only while they are there to be seen. */
    private void showDrawn() {
        if (showVariants.isSelected()) {
            variants.show(model.findings());
        } else if (showPaper.isSelected()) {
            paper.show(model.findings());
        }
    }

    private void show(Findings findings) {
        showDrawn();
        Part part = findings.written();
        if (truth == null || !truth.part().data().equals(part.data()) || !truth.part().roles().equals(part.roles())) {
            truth = FixedPlot.truth(findings.exercise(), part);
            plot.changed();
        }
    }

    /** The true data with their line: nothing is held back from the instructor. */
    private Figure describe(Layout layout) {
        return ScatterPlot.describe(truth.plot().atRest("Type or paste the data first,\nin the tab “Data” above."), layout);
    }

    private static ToggleButton tab(String name, String id) {
        ToggleButton tab = Literally.said(new ToggleButton(name));
        tab.getStyleClass().setAll("view-tab");
        tab.setMinWidth(Region.USE_PREF_SIZE);
        tab.setId(id);
        return tab;
    }
}
