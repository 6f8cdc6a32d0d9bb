package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.data.Cell;
import hestra.desktop.parts.Tip;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Recipe;
import hestra.recipe.Scatter;

import static hestra.desktop.parts.Presence.present;

/** The fields of a recipe. */
final class RecipeForm extends VBox {

    private static final String[] LETTERS = {"a", "b", "c", "d", "e", "f", "g"};
    private static final String STEPS = "in equal steps";
    private static final String BETWEEN = "anywhere between";
    private static final String ABOUT = "about a mean";
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Runnable changed;
    private final TextField n = number("recipe-n", 4, "how many pairs");
    private final ComboBox<String> along = combo("recipe-along", List.of(STEPS, BETWEEN, ABOUT));
    private final Label firstName = new Label();
    private final TextField first = number("recipe-x-first", 5, "");
    private final Label secondName = new Label();
    private final TextField second = number("recipe-x-second", 5, "");
    private final ComboBox<TrueCurve> curve = combo("recipe-curve", List.of(TrueCurve.values()));
    private final TextField terms = new TextField();
    private final Label formula = new Label();
    private final List<TextField> coefficients = new ArrayList<>();
    private final ComboBox<String> shape = combo("recipe-shape", List.of(Scatter.Shape.values()).stream()
            .map(Scatter.Shape::inWords).toList());
    private final TextField size = number("recipe-size", 4,
            "the standard deviation of the deviations from the curve, in the unit of the response");
    private final CheckBox grows = new CheckBox("grows with x");
    private final TextField target = number("recipe-r", 4,
            "leave empty, or give the r that the sample should have: the scatter is then adjusted");
    private final TextField outliers = number("recipe-outliers", 3, "how many points to move off the curve");
    private final TextField offBy = number("recipe-off-by", 3, "by how many standard deviations, up or down by chance");
    private final TextField farX = number("recipe-far-x", 5, "x of one extra point, far from the others; leave empty for none");
    private final TextField farOff = number("recipe-far-off", 5, "how far above the curve that point lies; below with a minus");
    private final TextField missing = number("recipe-missing", 3, "how many cells to leave empty");
    private final TextField groups = number("recipe-groups", 3, "how many groups, each with a sign of its own");
    private final TextField apart = number("recipe-apart", 5, "by how much each group lies above the one before");
    private final TextField placesX = number("recipe-places-x", 3, "decimal places of x, as its instrument shows");
    private final TextField placesY = number("recipe-places-y", 3, "decimal places of y");
    private final HBox coefficientRow = new HBox();
    private DecimalMark mark = DecimalMark.POINT;
    private final TextField seed = number("recipe-seed", 4,
            "which sample of this recipe: the same number gives the same data again; the next is Ctrl+G");
    private boolean showing;

    /** A form that tells when something in it has been changed by hand. */
    RecipeForm(Runnable changed) {
        this.changed = changed;
        getStyleClass().add("recipe-form");
        terms.setId("recipe-terms");
        terms.setPrefColumnCount(10);
        terms.setPromptText("1, x, sqrt(x)");
        Tip.set(terms, "terms of 1, x, x^2, x^3, sqrt(x), 1/x, ln(x) and exp(x), with commas between");
        grows.setId("recipe-grows");
        grows.setMinWidth(Region.USE_PREF_SIZE);
        shape.setPrefWidth(112);
        shape.setMinWidth(112);
        formula.getStyleClass().add("recipe-formula");
        coefficientRow.getStyleClass().add("recipe-pair");
        getChildren().addAll(
                row(pair("sample", seed), pair("pairs", n), pair("x", along), pair(firstName, first), pair(secondName, second)),
                row(pair("curve", curve), terms, formula),
                row(coefficientRow),
                row(pair("scatter", shape), pair("of size", size), grows),
                row(pair("outliers", outliers), pair("off by", offBy), pair("far point at x =", farX), pair("off by", farOff)),
                row(pair("empty cells", missing), pair("groups", groups), pair("apart by", apart)),
                row(pair("decimals of x", placesX), pair("of y", placesY), pair("aim at r =", target)));
        List.of(seed, n, first, second, terms, size, target, outliers, offBy, farX, farOff, missing, groups, apart, placesX,
                placesY)
                .forEach(field -> field.textProperty().addListener(_ -> told()));
        grows.selectedProperty().addListener(_ -> told());
        shape.valueProperty().addListener(_ -> told());
        along.valueProperty().addListener(_ -> {
            nameAlong();
            told();
        });
        curve.valueProperty().addListener(_ -> {
            if (!showing) {
                offerCurve();
            }
            told();
        });
        show(Recipe.simple(), DecimalMark.POINT);
    }

    /** Fills the fields. */
    void show(Recipe recipe, DecimalMark exerciseMark) {
        showing = true;
        mark = exerciseMark;
        seed.setText(Long.toString(recipe.seed()));
        n.setText(Integer.toString(recipe.n()));
        along.setValue(switch (recipe.along()) {
            case Along.Steps _ -> STEPS;
            case Along.Between _ -> BETWEEN;
            case Along.About _ -> ABOUT;
        });
        double[] pair = switch (recipe.along()) {
            case Along.Steps(double from, double step) -> new double[] {from, step};
            case Along.Between(double low, double high) -> new double[] {low, high};
            case Along.About(double mean, double deviation) -> new double[] {mean, deviation};
        };
        first.setText(text(pair[0]));
        second.setText(text(pair[1]));
        nameAlong();
        curve.setValue(TrueCurve.of(recipe.truth().curve()));
        if (recipe.truth().curve() instanceof Curve.OwnTerms own) {
            terms.setText(own.code().substring("terms:".length()));
        }
        showCoefficients(recipe.truth().coefficients());
        shape.setValue(recipe.scatter().shape().inWords());
        size.setText(text(recipe.scatter().size()));
        grows.setSelected(recipe.scatter().grows());
        target.setText(recipe.targetR().isPresent() ? text(recipe.targetR().getAsDouble()) : "");
        Oddities odd = recipe.oddities();
        outliers.setText(Integer.toString(odd.outliers()));
        offBy.setText(text(odd.outliers() == 0 && odd.offBy() == 0 ? 4 : odd.offBy()));
        farX.setText(odd.far().map(far -> text(far.x())).orElse(""));
        farOff.setText(odd.far().map(far -> text(far.off())).orElse(""));
        missing.setText(Integer.toString(odd.missing()));
        groups.setText(Integer.toString(recipe.groups()));
        apart.setText(text(recipe.apart()));
        placesX.setText(Integer.toString(recipe.placesX()));
        placesY.setText(Integer.toString(recipe.placesY()));
        showing = false;
    }

    /** The recipe that the fields say; nothing where one says no number, which is then marked. */
    Optional<Recipe> recipe() {
        Reader reader = new Reader();
        double[] pair = {reader.number(first), reader.number(second)};
        Along how = switch (along.getValue()) {
            case STEPS -> new Along.Steps(pair[0], pair[1]);
            case BETWEEN -> new Along.Between(pair[0], pair[1]);
            default -> new Along.About(pair[0], pair[1]);
        };
        List<Double> numbers = coefficients.stream().map(reader::number).toList();
        Optional<Curve> family = curve.getValue().curve(terms.getText());
        terms.pseudoClassStateChanged(WRONG, family.isEmpty());
        if (family.isEmpty() || family.get().coefficients() != numbers.size()) {
            return Optional.empty();
        }
        Scatter.Shape chosen = List.of(Scatter.Shape.values()).stream()
                .filter(it -> it.inWords().equals(shape.getValue())).findFirst().orElseThrow();
        Scatter scatter = new Scatter(chosen, reader.number(size), grows.isSelected());
        OptionalDouble r = target.getText().isBlank() ? OptionalDouble.empty() : OptionalDouble.of(reader.number(target));
        Optional<Oddities.FarPoint> far = farX.getText().isBlank() ? Optional.empty()
                : Optional.of(new Oddities.FarPoint(reader.number(farX), farOff.getText().isBlank() ? 0 : reader.number(farOff)));
        Oddities odd = new Oddities(reader.whole(outliers), reader.number(offBy), far, reader.whole(missing));
        Recipe recipe = new Recipe(reader.whole(seed), reader.whole(n), how, new MeanCurve(family.get(), numbers), scatter, r,
                odd, reader.whole(groups), reader.number(apart),
                reader.whole(placesX), reader.whole(placesY));
        return reader.failed ? Optional.empty() : Optional.of(recipe);
    }

    /** Goes on to the next sample. */
    void next() {
        showing = true;
        seed.setText(Long.toString(new Reader().whole(seed) + 1L));
        showing = false;
        told();
    }

    private void told() {
        if (!showing) {
            changed.run();
        }
    }

    private void nameAlong() {
        boolean steps = STEPS.equals(along.getValue());
        boolean between = BETWEEN.equals(along.getValue());
        firstName.setText(steps || between ? "from" : "mean");
        secondName.setText(steps ? "step" : between ? "to" : "standard deviation");
    }

    /** Another family begins with coefficients that make a curve of its kind. */
    private void offerCurve() {
        Optional<Curve> family = curve.getValue().curve(terms.getText().isBlank() ? "1,x" : terms.getText());
        if (terms.getText().isBlank()) {
            terms.setText("1, x");
        }
        family.ifPresent(it -> showCoefficients(curve.getValue().usual(it.coefficients())));
    }

    private void showCoefficients(List<Double> values) {
        boolean own = curve.getValue() == TrueCurve.OWN_TERMS;
        present(terms, own);
        formula.setText(curve.getValue().formula());
        coefficients.clear();
        coefficientRow.getChildren().clear();
        for (int i = 0; i < values.size(); i++) {
            TextField field = number("recipe-" + LETTERS[i], 5, "the true coefficient " + LETTERS[i]);
            field.setText(text(values.get(i)));
            field.textProperty().addListener(_ -> told());
            coefficients.add(field);
            coefficientRow.getChildren().add(pair(LETTERS[i] + " =", field));
        }
    }

    /** Reads the fields and marks those that hold no number. */
    private final class Reader {
        private boolean failed;

        double number(TextField field) {
            boolean fine = Cell.of(field.getText(), mark) instanceof Cell.Measured;
            field.pseudoClassStateChanged(WRONG, !fine);
            failed |= !fine;
            return Cell.of(field.getText(), mark) instanceof Cell.Measured(String _, double value) ? value : Double.NaN;
        }

        int whole(TextField field) {
            double value = number(field);
            boolean fine = value == Math.rint(value) && Math.abs(value) < 1e9;
            field.pseudoClassStateChanged(WRONG, !fine);
            failed |= !fine;
            return fine ? (int) value : 0;
        }
    }

    private String text(double value) {
        return new NumberStyle(mark, 12).shortest(value);
    }

    private static FlowPane row(Node... nodes) {
        FlowPane row = new FlowPane(nodes);
        row.getStyleClass().add("recipe-line");
        row.setRowValignment(VPos.CENTER);
        return row;
    }

    private static Node pair(String caption, Node node) {
        return pair(new Label(caption), node);
    }

    private static Node pair(Label caption, Node node) {
        caption.getStyleClass().add("field-label");
        caption.setMinWidth(Region.USE_PREF_SIZE);
        HBox pair = new HBox(caption, node);
        pair.getStyleClass().add("recipe-pair");
        pair.setAlignment(Pos.CENTER_LEFT);
        return pair;
    }

    private static TextField number(String id, int columns, String tip) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(columns);
        field.setMinWidth(Region.USE_PREF_SIZE);
        field.getStyleClass().add("number-field");
        if (!tip.isEmpty()) {
            Tip.set(field, tip);
        }
        return field;
    }

    private static <T> ComboBox<T> combo(String id, List<T> items) {
        ComboBox<T> combo = new ComboBox<>();
        combo.setId(id);
        combo.getItems().setAll(items);
        combo.setValue(items.getFirst());
        return combo;
    }
}
