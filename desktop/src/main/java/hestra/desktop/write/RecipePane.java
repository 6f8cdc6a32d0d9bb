package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.desk.PartEdit;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.figure.SampleStrip;
import hestra.figure.ScatterPlot;
import hestra.fit.Curve;
import hestra.fit.LineFit;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;

/**
 * Makes data by a recipe: what comes out is shown as the recipe is written, each new sample of it adds its slope to the
 * strip below, and nothing reaches the table before it is asked for.
 */
final class RecipePane {

    private static final int MOST_SLOPES = 200;

    private final DeskModel model;
    private final VBox pane = new VBox();
    /** In a small window, or in large type, there is not room for all of it. */
    private final ScrollPane scroll = new ScrollPane(pane);
    private final RecipeForm form = new RecipeForm(this::changed);
    private final Label told = new Label();
    private final Label slopesTold = new Label();
    private final Button use = new Button("Use these data");
    private final Button another = new Button("New sample");
    private final FigureView plot;
    private final FigureView strip;
    private final List<Double> slopes = new ArrayList<>();
    private Findings shown = Findings.of(Desk.open(Exercise.blank("sample")));
    private Optional<Recipe> drawn = Optional.empty();
    private Optional<Provenance> followed = Optional.empty();

    RecipePane(DeskModel model, Look look) {
        this.model = model;
        this.plot = new FigureView(look, this::describe);
        this.strip = new FigureView(look, layout -> SampleStrip.describe(slopes, trueSlope(), style(), layout));
        pane.getStyleClass().add("recipe-pane");
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        // Always there: lines that wrap otherwise once it comes would need more height than was asked for.
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.ALWAYS);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        told.setId("recipe-told");
        told.getStyleClass().add("small");
        told.setWrapText(true);
        told.setMinHeight(Region.USE_PREF_SIZE);
        slopesTold.setId("recipe-slopes");
        slopesTold.getStyleClass().add("small");
        use.setId("recipe-use");
        use.getStyleClass().add("check");
        use.setOnAction(_ -> {
            drawn.ifPresent(recipe -> model.apply(new PartEdit.WriteRecipe(recipe)));
            sayWhetherUsed();
        });
        Tip.set(use, "put this sample into the exercise's table, in place of the data there; undo brings them back");
        another.setId("recipe-next");
        another.getStyleClass().add("quiet");
        another.setOnAction(_ -> next());
        Tip.set(another, "draw again by the same recipe (Ctrl+G)");
        use.setMinWidth(Region.USE_PREF_SIZE);
        another.setMinWidth(Region.USE_PREF_SIZE);
        FlowPane buttons = new FlowPane(12, 6, another, use, told);
        buttons.getStyleClass().add("recipe-row");
        buttons.setMinHeight(Region.USE_PREF_SIZE);
        form.setMinHeight(Region.USE_PREF_SIZE);
        buttons.setAlignment(Pos.CENTER_LEFT);
        VBox.setVgrow(plot, Priority.ALWAYS);
        plot.setMinHeight(160);
        strip.setMinHeight(74);
        strip.setPrefHeight(74);
        strip.setMaxHeight(74);
        pane.getChildren().addAll(form, buttons, plot, slopesTold, strip);
        draw();
        model.watch(findings -> {
            follow(findings.written(), findings.exercise().mark());
            sayWhetherUsed();
        });
    }

    Node node() {
        return scroll;
    }

    /** Draws another sample by the same recipe. */
    void next() {
        form.next();
    }

    /** An exercise whose data were made by a recipe begins with that one, and undo and redo go back and forth between recipes. */
    private void follow(Part part, DecimalMark mark) {
        if (part.provenance() instanceof Provenance.Made(Recipe recipe) && !followed.equals(Optional.of(part.provenance()))) {
            followed = Optional.of(part.provenance());
            if (!drawn.equals(Optional.of(recipe))) {
                form.show(recipe, mark);
                slopes.clear();
                draw();
            }
        }
    }

    /** The button says whether the sample that is shown is the one in the table. */
    private void sayWhetherUsed() {
        boolean used = drawn.isPresent() && model.findings().written().provenance() instanceof Provenance.Made(Recipe recipe)
                && drawn.get().equals(recipe);
        use.setText(used ? "✓ In the table" : "Use these data");
        use.setDisable(used || drawn.isEmpty());
    }

    private void changed() {
        Optional<Recipe> now = form.recipe();
        boolean sameKind = now.isPresent() && drawn.isPresent() && now.get().withSeed(0).equals(drawn.get().withSeed(0));
        if (!sameKind) {
            slopes.clear();
        }
        draw();
    }

    private void draw() {
        Optional<Recipe> recipe = form.recipe();
        if (recipe.isEmpty()) {
            refuse("Type a number in each field that is marked.");
            return;
        }
        Part part = model.findings().written();
        switch (Sample.of(recipe.get(), part.x(), part.y(), model.desk().exercise().mark())) {
            case Sample.Refused(String message) -> refuse(message);
            case Sample.Done(Sample sample) -> show(recipe.get(), sample);
        }
    }

    private void refuse(String message) {
        drawn = Optional.empty();
        sayWhetherUsed();
        told.setText(message);
        told.getStyleClass().setAll("label", "small", "problem-text");
    }

    private void show(Recipe recipe, Sample sample) {
        drawn = Optional.of(recipe);
        sayWhetherUsed();
        shown = FixedPlot.truth(model.desk().exercise(), model.findings().written().withColumns(sample.table(), sample.roles()));
        Optional<LineFit> line = shown.fit().line();
        line.ifPresent(it -> {
            if (slopes.size() == MOST_SLOPES) {
                slopes.removeFirst();
            }
            slopes.add(it.slope().value());
        });
        String r = line.map(LineFit::r).filter(OptionalDouble::isPresent)
                .map(it -> ", r = " + style().show(it.getAsDouble())).orElse("");
        told.setText("Sample " + recipe.seed() + ": " + Counted.of(shown.pairs().n(), "pair") + r
                + (recipe.targetR().isPresent() ? ", scatter " + style().show(sample.scatter()) : "") + ".");
        told.getStyleClass().setAll("label", "small");
        slopesTold.setText(slopes.size() < 2 ? "Slope of the line of least squares, sample by sample: press Ctrl+G for the next."
                : "Slopes of " + slopes.size() + " samples, from " + style()
                .show(slopes.stream().mapToDouble(Double::doubleValue).min().orElseThrow()) + " to "
                    + style().show(slopes.stream().mapToDouble(Double::doubleValue).max().orElseThrow())
                    + (trueSlope().isPresent() ? "; dashed: the true one, " + style().shortest(trueSlope().getAsDouble()) : "")
                    + ".");
        plot.changed();
        strip.changed();
    }

    private OptionalDouble trueSlope() {
        return drawn.filter(recipe -> recipe.truth().curve() instanceof Curve.Line)
                .map(recipe -> OptionalDouble.of(recipe.truth().coefficients().get(1)))
                .orElse(OptionalDouble.empty());
    }

    private NumberStyle style() {
        return model.findings().numbers().style();
    }

    private Figure describe(Layout layout) {
        return ScatterPlot.describe(shown.plot(), layout);
    }
}
