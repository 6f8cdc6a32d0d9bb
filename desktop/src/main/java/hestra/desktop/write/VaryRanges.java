package hestra.desktop.write;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Region;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.exercise.Provenance;
import hestra.exercise.Varying;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;
import hestra.recipe.Parameter;
import hestra.recipe.Range;
import hestra.recipe.Recipe;

/** The numbers of the recipe that differ from variant to variant, each from where to where. */
final class VaryRanges extends VaryList {

    private static final int SHOWN_DIGITS = 6;

    private final MenuButton more = new MenuButton("+ a number of the recipe");

    VaryRanges(DeskModel model) {
        super(model);
        more.setId("vary-more");
        more.getStyleClass().add("quiet-menu");
        getChildren().addAll(box(), more);
    }

    @Override
    Object shape(Varying varying) {
        return varying.ranges().stream().map(Range::parameter).toList();
    }

    @Override
    List<Node> rows(Varying varying) {
        return varying.ranges().stream().map(it -> range(it.parameter())).toList();
    }

    @Override
    void show() {
        recipe().ifPresent(this::offer);
        super.show();
    }

    private Optional<Range> rangeOf(Parameter parameter) {
        return varying().ranges().stream().filter(it -> it.parameter() == parameter).findFirst();
    }

    private Node range(Parameter parameter) {
        String id = "vary-" + Words.dashed(parameter.name());
        Label name = new Label(parameter.inWords());
        name.setMinWidth(Region.USE_PREF_SIZE);
        Label now = label("");
        BoundField low = new BoundField(id + "-low", parameter.inWords() + " from", false, this::mark,
                (value, run) -> bound(parameter, range -> range.from(value.getAsDouble(), range.high()), run));
        BoundField high = new BoundField(id + "-high", parameter.inWords() + " to", false, this::mark,
                (value, run) -> bound(parameter, range -> range.from(range.low(), value.getAsDouble()), run));
        onShow(() -> rangeOf(parameter).ifPresent(it -> {
            OptionalDouble value = recipe().map(parameter::in).orElse(OptionalDouble.empty());
            now.setText(value.isPresent() ? "now " + shortest(value.getAsDouble()) : "");
            low.show(OptionalDouble.of(it.low()));
            high.show(OptionalDouble.of(it.high()));
        }));
        return row(name, label("from"), low, label("to"), high, now,
                remover(id + "-remove", () -> change(varying -> varying.withRanges(varying.ranges().stream()
                        .filter(it -> it.parameter() != parameter).toList()))));
    }

    /** What of the recipe may differ too: those numbers of it that do not yet. */
    private void offer(Recipe recipe) {
        more.getItems().setAll(Parameter.of(recipe).stream().filter(it -> rangeOf(it).isEmpty()).map(parameter -> {
            MenuItem item = Literally.said(new MenuItem(parameter.inWords() + ", now "
                    + shortest(parameter.in(recipe).orElse(0))));
            item.setId("vary-" + Words.dashed(parameter.name()));
            item.setOnAction(_ -> change(varying -> varying.withRanges(plus(varying.ranges(), usual(parameter)))));
            return item;
        }).toList());
    }

    private String shortest(double value) {
        return new NumberStyle(mark(), SHOWN_DIGITS).shortest(value);
    }

    /** The recipe of the part; nothing where its data were not made by one. */
    Optional<Recipe> recipe() {
        return model().findings().written().provenance() instanceof Provenance.Made(Recipe recipe)
                ? Optional.of(recipe) : Optional.empty();
    }

    /** A fifth less and a fifth more than the recipe has, to begin with. */
    private Range usual(Parameter parameter) {
        double now = recipe().map(parameter::in).orElse(OptionalDouble.empty()).orElse(0);
        double width = now == 0 ? 1 : Math.abs(now) / 5;
        double low = rounded(now - width);
        double high = rounded(now + width);
        return parameter.isWhole()
                ? new Range(parameter, Math.max(2, Math.round(low)), Math.round(high)) : new Range(parameter, low, high);
    }

    private static double rounded(double value) {
        return new BigDecimal(value).round(new MathContext(3)).doubleValue();
    }

    private void bound(Parameter parameter, UnaryOperator<Range> bounds, Optional<String> run) {
        change(varying -> varying.withRanges(varying.ranges().stream()
                .map(it -> it.parameter() == parameter ? bounds.apply(it) : it).toList()), run);
    }
}
