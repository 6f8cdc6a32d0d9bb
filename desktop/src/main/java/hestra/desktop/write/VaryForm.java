package hestra.desktop.write;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.PartEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;
import hestra.recipe.Parameter;
import hestra.recipe.Range;
import hestra.recipe.Recipe;
import hestra.task.WriteEquation;

import static hestra.desktop.parts.Presence.present;

/** What differs from variant to variant in a part, and what has to be so in all of them. */
final class VaryForm extends VBox {

    private static final int SHOWN_DIGITS = 6;

    private final DeskModel model;
    private final Choices<Varying.Way> way;
    private final Label note = new Label();
    private final VBox ranges = new VBox();
    private final HBox some = new HBox();
    private final BoundField rows;
    private final Label ofRows = new Label();
    private final VBox wishes = new VBox();
    private final VBox tellings = new VBox();
    private final CheckBox clear = new CheckBox("every key clear of a half");
    private final CheckBox told = new CheckBox("every mistake told from the key");
    private final VBox wished = new VBox();
    private final MenuButton more = new MenuButton("+ a number of the recipe");
    private final List<Runnable> shows = new ArrayList<>();
    private String shape = "";

    VaryForm(DeskModel model) {
        this.model = model;
        getStyleClass().add("vary-form");
        way = new Choices<>("vary-way", List.of(Varying.Way.values()), Varying.Way::inWords, it -> change(varying -> varying.with(it)));
        note.setId("vary-note");
        note.getStyleClass().add("small");
        note.setWrapText(true);
        note.setMinHeight(Region.USE_PREF_SIZE);
        rows = new BoundField("vary-rows", "how many rows each has", false, this::mark, (count, run) -> {
            if (count.getAsDouble() >= Varying.FEWEST_ROWS) {
                change(varying -> varying.withRows((int) count.getAsDouble()), run);
            }
        });
        some.getChildren().addAll(label("each has"), rows, ofRows);
        some.getStyleClass().add("vary-row");
        clear.setId("vary-clear");
        clear.setOnAction(_ -> change(varying -> ticked(varying, new Wish.KeysClear(), clear.isSelected())));
        Tip.set(clear, "no key lies within a tenth of a step of its last digit of a half, where a hair would decide how it is rounded");
        told.setId("vary-told");
        told.setOnAction(_ -> change(varying -> ticked(varying, new Wish.MistakesTold(), told.isSelected())));
        Tip.set(told, "no mistake gives the right answer at the rounding that is asked for");
        HBox ticks = new HBox(16, clear, told);
        Button between = adder("+ a value between bounds", "vary-add-between", () -> change(varying -> with(varying, new Wish.Between(Reading.of(Quantity.R), OptionalDouble.empty(), OptionalDouble.empty()))));
        Button better = adder("+ one curve better than another", "vary-add-better", () -> change(varying -> with(varying, new Wish.Better(new Curve.Polynomial(2), new Curve.Line(), 0.05))));
        wishes.getStyleClass().add("vary-list");
        wished.getStyleClass().add("vary-list");
        wished.getChildren().addAll(heading("has to be so in every variant"), ticks, wishes, new FlowPane(8, 4, between, better));
        tellings.getStyleClass().add("vary-list");
        ranges.getStyleClass().add("vary-list");
        more.setId("vary-more");
        more.getStyleClass().add("quiet-menu");
        VBox names = new VBox(heading("other names for the same story"), tellings, adder("+ other names", "vary-add-names", () -> change(varying -> varying.withTellings(plus(varying.tellings(), new Varying.Telling("", ""))))));
        names.getStyleClass().add("vary-list");
        getChildren().addAll(heading("the data of each student are"), way, note, ranges, some, wished, names);
    }

    /** Follows what is written. */
    void show(Findings findings) {
        Part part = findings.written();
        Varying varying = part.varying();
        Optional<Recipe> recipe = recipe();
        way.show(Optional.of(varying.way()));
        boolean makes = varying.way() == Varying.Way.NEW_DATA;
        note.setText(switch (varying.way()) {
            case SAME -> "Everybody gets the data as they stand.";
            case NEW_DATA -> recipe.isPresent() ? "Each has a new sample of the recipe. Its numbers may differ too, from where to where you say."
                    : "These data were not made by a recipe, so all would have the same. Write a recipe under \u201cMake data\u201d, or give each some of the rows.";
            case SOME_ROWS -> "Which rows is left to chance. Rows that a task names or leaves to be typed are always among them.";
        });
        present(ranges, makes && recipe.isPresent());
        present(some, varying.way() == Varying.Way.SOME_ROWS);
        present(wished, varying.way() != Varying.Way.SAME);
        rows.show(OptionalDouble.of(varying.rows()));
        ofRows.setText("of the " + part.data().size() + " rows");
        clear.setSelected(varying.wishes().contains(new Wish.KeysClear()));
        told.setSelected(varying.wishes().contains(new Wish.MistakesTold()));
        recipe.ifPresent(this::offer);
        String now = varying.ranges().stream().map(Range::parameter).toList().toString() + varying.wishes().stream().map(it -> it.getClass().getSimpleName()).toList() + varying.tellings().size();
        if (!now.equals(shape)) {
            shape = now;
            rebuild(varying);
        }
        shows.forEach(Runnable::run);
    }

    private void rebuild(Varying varying) {
        shows.clear();
        ranges.getChildren().setAll(varying.ranges().stream().map(it -> range(it.parameter())).toList());
        ranges.getChildren().add(more);
        wishes.getChildren().clear();
        for (int i = 0; i < varying.wishes().size(); i++) {
            switch (varying.wishes().get(i)) {
                case Wish.Between _ -> wishes.getChildren().add(between(i));
                case Wish.Better _ -> wishes.getChildren().add(better(i));
                case Wish.KeysClear _, Wish.MistakesTold _ -> { }
            }
        }
        tellings.getChildren().clear();
        for (int i = 0; i < varying.tellings().size(); i++) {
            tellings.getChildren().add(telling(i));
        }
    }

    private Varying varying() {
        return model.findings().written().varying();
    }

    private Optional<Range> rangeOf(Parameter parameter) {
        return varying().ranges().stream().filter(it -> it.parameter() == parameter).findFirst();
    }

    private Node range(Parameter parameter) {
        String id = "vary-" + Words.dashed(parameter.name());
        Label name = new Label(parameter.inWords());
        name.setMinWidth(Region.USE_PREF_SIZE);
        Label now = label("");
        BoundField low = new BoundField(id + "-low", parameter.inWords() + " from", false, this::mark, (value, run) -> bound(parameter, range -> range.from(value.getAsDouble(), range.high()), run));
        BoundField high = new BoundField(id + "-high", parameter.inWords() + " to", false, this::mark, (value, run) -> bound(parameter, range -> range.from(range.low(), value.getAsDouble()), run));
        shows.add(() -> rangeOf(parameter).ifPresent(it -> {
            OptionalDouble value = recipe().map(parameter::in).orElse(OptionalDouble.empty());
            now.setText(value.isPresent() ? "now " + shortest(value.getAsDouble()) : "");
            low.show(OptionalDouble.of(it.low()));
            high.show(OptionalDouble.of(it.high()));
        }));
        return row(name, label("from"), low, label("to"), high, now, remover(id + "-remove", () -> change(varying -> varying.withRanges(varying.ranges().stream().filter(it -> it.parameter() != parameter).toList()))));
    }

    /** What of the recipe may differ too: those numbers of it that do not yet. */
    private void offer(Recipe recipe) {
        more.getItems().setAll(Parameter.of(recipe).stream().filter(it -> rangeOf(it).isEmpty()).map(parameter -> {
            MenuItem item = new MenuItem(parameter.inWords() + ", now " + shortest(parameter.in(recipe).orElse(0)));
            item.setId("vary-" + Words.dashed(parameter.name()));
            item.setOnAction(_ -> change(varying -> varying.withRanges(plus(varying.ranges(), usual(parameter)))));
            return item;
        }).toList());
    }

    private String shortest(double value) {
        return new NumberStyle(mark(), SHOWN_DIGITS).shortest(value);
    }

    private Optional<Recipe> recipe() {
        return model.findings().written().provenance() instanceof Provenance.Made(Recipe recipe) ? Optional.of(recipe) : Optional.empty();
    }

    /** A fifth less and a fifth more than the recipe has, to begin with. */
    private Range usual(Parameter parameter) {
        double now = recipe().map(parameter::in).orElse(OptionalDouble.empty()).orElse(0);
        double width = now == 0 ? 1 : Math.abs(now) / 5;
        double low = rounded(now - width);
        double high = rounded(now + width);
        return parameter.isWhole() ? new Range(parameter, Math.max(2, Math.round(low)), Math.round(high)) : new Range(parameter, low, high);
    }

    private static double rounded(double value) {
        return new BigDecimal(value).round(new MathContext(3)).doubleValue();
    }

    private void bound(Parameter parameter, UnaryOperator<Range> bounds, Optional<String> run) {
        change(varying -> varying.withRanges(varying.ranges().stream().map(it -> it.parameter() == parameter ? bounds.apply(it) : it).toList()), run);
    }

    private Node between(int place) {
        ComboBox<Quantity> quantity = new ComboBox<>(FXCollections.observableArrayList(List.of(Quantity.values()).stream().filter(it -> it.of() == Quantity.Of.DATA || it.of() == Quantity.Of.LINE || it.of() == Quantity.Of.CURVE).toList()));
        quantity.setId("vary-wish-" + place);
        quantity.setConverter(new InWords<>(Quantity::inWords));
        quantity.setPrefWidth(190);
        quantity.setOnAction(_ -> wish(place, Wish.Between.class, it -> quantity.getValue() == null ? it : new Wish.Between(it.reading().with(quantity.getValue()), it.low(), it.high()), Optional.empty()));
        BoundField low = new BoundField("vary-wish-" + place + "-low", "at least", true, this::mark, (value, run) -> wish(place, Wish.Between.class, it -> bounded(it, value, it.high()), run));
        BoundField high = new BoundField("vary-wish-" + place + "-high", "at most", true, this::mark, (value, run) -> wish(place, Wish.Between.class, it -> bounded(it, it.low(), value), run));
        shows.add(() -> at(place, Wish.Between.class).ifPresent(it -> {
            quantity.setValue(it.reading().quantity());
            low.show(it.low());
            high.show(it.high());
        }));
        return row(quantity, label("from"), low, label("to"), high, remover("vary-wish-" + place + "-remove", () -> change(varying -> varying.withWishes(without(varying.wishes(), place)))));
    }

    /** The wish with other bounds; as it was while the two are the wrong way round. */
    private static Wish bounded(Wish.Between wish, OptionalDouble low, OptionalDouble high) {
        return low.isPresent() && high.isPresent() && low.getAsDouble() > high.getAsDouble() ? wish : new Wish.Between(wish.reading(), low, high);
    }

    private Node better(int place) {
        ComboBox<Curve> one = curves("vary-wish-" + place + "-better");
        ComboBox<Curve> other = curves("vary-wish-" + place + "-than");
        one.setOnAction(_ -> wish(place, Wish.Better.class, it -> one.getValue() == null ? it : new Wish.Better(one.getValue(), it.than(), it.by()), Optional.empty()));
        other.setOnAction(_ -> wish(place, Wish.Better.class, it -> other.getValue() == null ? it : new Wish.Better(it.better(), other.getValue(), it.by()), Optional.empty()));
        BoundField by = new BoundField("vary-wish-" + place + "-by", "by how much its adjusted R² is greater", false, this::mark, (value, run) -> wish(place, Wish.Better.class, it -> new Wish.Better(it.better(), it.than(), value.getAsDouble()), run));
        shows.add(() -> at(place, Wish.Better.class).ifPresent(it -> {
            one.setValue(it.better());
            other.setValue(it.than());
            by.show(OptionalDouble.of(it.by()));
        }));
        return row(label("adjusted R² of"), one, label("over"), other, label("by"), by, remover("vary-wish-" + place + "-remove", () -> change(varying -> varying.withWishes(without(varying.wishes(), place)))));
    }

    private static ComboBox<Curve> curves(String id) {
        ComboBox<Curve> box = new ComboBox<>(FXCollections.observableArrayList(WriteEquation.CURVES));
        box.setId(id);
        box.setPrefWidth(124);
        box.setConverter(new InWords<>(it -> it instanceof Curve.Line ? "line" : it.inWords()));
        return box;
    }

    private Node telling(int place) {
        TextField x = name("vary-names-" + place + "-x", "like days (days)", place, (it, text) -> new Varying.Telling(text, it.y()));
        TextField y = name("vary-names-" + place + "-y", "like width (mm)", place, (it, text) -> new Varying.Telling(it.x(), text));
        shows.add(() -> {
            if (place < varying().tellings().size()) {
                Varying.Telling it = varying().tellings().get(place);
                if (!x.getText().equals(it.x())) {
                    x.setText(it.x());
                }
                if (!y.getText().equals(it.y())) {
                    y.setText(it.y());
                }
            }
        });
        return row(label("x"), x, label("y"), y, remover("vary-names-" + place + "-remove", () -> change(varying -> varying.withTellings(without(varying.tellings(), place)))));
    }

    private TextField name(String id, String prompt, int place, BiFunction<Varying.Telling, String, Varying.Telling> changed) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setPrefColumnCount(12);
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> change(varying -> {
            List<Varying.Telling> list = new ArrayList<>(varying.tellings());
            if (place < list.size()) {
                list.set(place, changed.apply(list.get(place), text));
            }
            return varying.withTellings(list);
        }, run.now()));
        return field;
    }

    private <W extends Wish> Optional<W> at(int place, Class<W> type) {
        List<Wish> list = varying().wishes();
        return place < list.size() && type.isInstance(list.get(place)) ? Optional.of(type.cast(list.get(place))) : Optional.empty();
    }

    private <W extends Wish> void wish(int place, Class<W> type, Function<W, Wish> changed, Optional<String> run) {
        at(place, type).ifPresent(wish -> change(varying -> {
            List<Wish> list = new ArrayList<>(varying.wishes());
            list.set(place, changed.apply(wish));
            return varying.withWishes(list);
        }, run));
    }

    private void change(UnaryOperator<Varying> changed) {
        change(changed, Optional.empty());
    }

    private void change(UnaryOperator<Varying> changed, Optional<String> run) {
        Varying now = changed.apply(varying());
        if (!now.equals(varying())) {
            model.apply(new PartEdit.Vary(now, run));
        }
    }

    private DecimalMark mark() {
        return model.desk().exercise().mark();
    }

    private static Varying with(Varying varying, Wish wish) {
        return varying.withWishes(plus(varying.wishes(), wish));
    }

    private static Varying ticked(Varying varying, Wish wish, boolean on) {
        return on ? with(varying, wish) : varying.withWishes(varying.wishes().stream().filter(it -> !it.equals(wish)).toList());
    }

    private static <T> List<T> plus(List<T> before, T one) {
        List<T> list = new ArrayList<>(before);
        if (list.size() < Varying.MOST) {
            list.add(one);
        }
        return list;
    }

    private static <T> List<T> without(List<T> before, int place) {
        List<T> list = new ArrayList<>(before);
        list.remove(place);
        return list;
    }

    private static HBox row(Node... nodes) {
        HBox row = new HBox(nodes);
        row.getStyleClass().add("vary-row");
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static Button adder(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().setAll("quiet");
        button.setOnAction(_ -> action.run());
        return button;
    }

    private static Button remover(String id, Runnable action) {
        Button button = new Button("×");
        button.setId(id);
        button.getStyleClass().setAll("quiet");
        button.setAccessibleText("take this out");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        return label;
    }
}
