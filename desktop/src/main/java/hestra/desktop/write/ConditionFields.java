package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.data.PointChange;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InWords;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Held;
import hestra.targets.Measure;
import hestra.targets.PointMeasure;
import hestra.task.ByEye;
import hestra.task.ReachTarget;

import static hestra.desktop.parts.Presence.present;

/** The fields of one condition of a target: what it looks at, the band, and the author's own words. */
final class ConditionFields extends VBox {

    /** What a condition can look at, each once. */
    private static final List<Measure> MEASURES = measures();

    private final KindFields<ReachTarget> fields;
    private final int place;

    ConditionFields(KindFields<ReachTarget> fields, DeskModel model, int place) {
        this.fields = fields;
        this.place = place;
        getStyleClass().add("condition-fields");
        String prefix = "condition-" + place + "-";
        ComboBox<Measure> measure = new ComboBox<>(FXCollections.observableArrayList(MEASURES));
        measure.setId(prefix + "measure");
        measure.setMaxWidth(Double.MAX_VALUE);
        measure.setConverter(new InWords<>(ConditionFields::title));
        measure.valueProperty().addListener((_, before, now) -> {
            if (before != null && now != null) {
                change(it -> sort(it.measure()).equals(now) ? it : new Condition(now, it.band(), it.fromStart(), it.label()));
            }
        });
        Button remove = new Button("\u00d7");
        remove.setId(prefix + "remove");
        remove.getStyleClass().add("quiet");
        remove.setAccessibleText("Remove this condition");
        Tip.set(remove, "Remove this condition");
        remove.setOnAction(_ -> fields.change(task -> without(task)));
        HBox first = new HBox(6, new Label((place + 1) + "."), measure, remove);
        first.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(measure, Priority.ALWAYS);
        Label problem = new Label("Type a number, or leave it empty.");
        problem.getStyleClass().addAll("small", "problem-text");
        present(problem, false);
        Consumer<Boolean> say = wrong -> present(problem, wrong);
        Node low = new NumberText<>(fields, model, prefix + "low", true, task -> of(task).band().low(),
                (task, value) -> with(task, it -> banded(it, new Band(value, it.band().high()))), _ -> true, say).field();
        Node high = new NumberText<>(fields, model, prefix + "high", true, task -> of(task).band().high(),
                (task, value) -> with(task, it -> banded(it, new Band(it.band().low(), value))), _ -> true, say).field();
        NumberText<ReachTarget> point = new NumberText<>(fields, model, prefix + "point", true, task -> point(of(task).measure()),
                (task, value) -> with(task, it -> ofPoint(it, value)),
                value -> value >= 1 && value == Math.rint(value) && value < Held.MOST_POINTS, say);
        VBox pointBox = TaskFields.stacked("point", point.field());
        CheckBox change = new CheckBox("by how much it has changed since the start");
        change.setId(prefix + "from-start");
        change.setOnAction(_ -> change(it -> new Condition(it.measure(), it.band(), change.isSelected(), it.label())));
        TextField words = new TextField();
        words.setId(prefix + "words");
        words.setPromptText("in your own words (may be left empty)");
        TypingRun run = new TypingRun(words);
        words.textProperty().addListener((_, _, text) -> fields.change(task -> with(task, it -> it.called(text.strip())),
                run.now()));
        getChildren().addAll(first, TaskFields.sideBySide(TaskFields.stacked("at least", low),
                TaskFields.stacked("at most", high), pointBox), change, words, problem);
        fields.onShow(task -> {
            if (place < task.conditions().size()) {
                Condition now = of(task);
                measure.setValue(sort(now.measure()));
                present(pointBox, now.measure() instanceof Measure.Touched
                        || now.measure() instanceof Measure.OfPoint(OptionalInt row, PointMeasure _) && row.isPresent());
                change.setSelected(now.fromStart());
                if (!words.getText().strip().equals(now.label().orElse(""))) {
                    words.setText(now.label().orElse(""));
                }
            }
        });
    }

    private static List<Measure> measures() {
        List<Measure> all = new ArrayList<>();
        for (Quantity quantity : List.of(Quantity.N, Quantity.SLOPE, Quantity.INTERCEPT, Quantity.R, Quantity.R_SQUARED,
                Quantity.RESIDUAL_STANDARD_ERROR)) {
            all.add(new Measure.Value(quantity));
        }
        for (PointMeasure what : PointMeasure.values()) {
            all.add(new Measure.OfPoint(OptionalInt.of(0), what));
            all.add(new Measure.OfPoint(OptionalInt.empty(), what));
        }
        for (PointChange what : PointChange.values()) {
            all.add(new Measure.Changed(what));
        }
        all.add(new Measure.Touched(Set.of()));
        ByEye.FAMILIES.stream().filter(it -> !(it instanceof Curve.Line)).forEach(it -> all.add(new Measure.Gain(it)));
        all.add(new Measure.ByEye());
        all.add(new Measure.OnSide(true));
        all.add(new Measure.OnSide(false));
        all.add(new Measure.PastMean());
        return all;
    }

    /** What is chosen in the list for a measure, whichever point it is of. */
    private static Measure sort(Measure measure) {
        return switch (measure) {
            case Measure.OfPoint(OptionalInt row, PointMeasure what) when row.isPresent() ->
                    new Measure.OfPoint(OptionalInt.of(0), what);
            case Measure.Touched _ -> new Measure.Touched(Set.of());
            default -> measure;
        };
    }

    private static String title(Measure measure) {
        return switch (measure) {
            case Measure.OfPoint(OptionalInt row, PointMeasure what) when row.isPresent() -> what.inWords() + " of a point";
            case Measure.Touched _ -> "points moved or removed but one";
            default -> measure.inWords();
        };
    }

    private static OptionalDouble point(Measure measure) {
        return switch (measure) {
            case Measure.OfPoint(OptionalInt row, PointMeasure _) when row.isPresent() -> OptionalDouble.of(row.getAsInt() + 1);
            case Measure.Touched(Set<Integer> but) when !but.isEmpty() ->
                    OptionalDouble.of(but.stream().min(Integer::compare).orElseThrow() + 1);
            default -> OptionalDouble.empty();
        };
    }

    private static Condition ofPoint(Condition condition, OptionalDouble number) {
        int row = (int) number.orElse(1) - 1;
        Measure changed = switch (condition.measure()) {
            case Measure.OfPoint(OptionalInt was, PointMeasure what) when was.isPresent() ->
                    new Measure.OfPoint(OptionalInt.of(row), what);
            case Measure.Touched _ -> new Measure.Touched(number.isPresent() ? Set.of(row) : Set.of());
            default -> condition.measure();
        };
        return new Condition(changed, condition.band(), condition.fromStart(), condition.label());
    }

    private static Condition banded(Condition condition, Band band) {
        return new Condition(condition.measure(), band, condition.fromStart(), condition.label());
    }

    private Condition of(ReachTarget task) {
        return task.conditions().get(Math.min(place, task.conditions().size() - 1));
    }

    private void change(UnaryOperator<Condition> change) {
        fields.change(task -> with(task, change));
    }

    private ReachTarget with(ReachTarget task, UnaryOperator<Condition> change) {
        if (place >= task.conditions().size()) {
            return task;
        }
        List<Condition> changed = new ArrayList<>(task.conditions());
        changed.set(place, change.apply(changed.get(place)));
        return new ReachTarget(task.terms(), changed);
    }

    private ReachTarget without(ReachTarget task) {
        if (task.conditions().size() == 1) {
            return task;
        }
        List<Condition> rest = new ArrayList<>(task.conditions());
        rest.remove(place);
        return new ReachTarget(task.terms(), rest);
    }
}
