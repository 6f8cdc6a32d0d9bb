package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.task.OwnEquation;
import hestra.task.Predict;
import hestra.task.Predicting;

import static hestra.desktop.parts.Presence.present;

/** What to predict and where, what is given with each number, and how it counts. */
final class PredictFields {

    private PredictFields() {}

    static void add(KindFields<Predict> fields, DeskModel model) {
        TextField at = new TextField();
        at.setId("edit-at");
        Label problem = new Label();
        problem.getStyleClass().addAll("small", "problem-text");
        problem.setWrapText(true);
        present(problem, false);
        TypingRun run = new TypingRun(at);
        at.textProperty().addListener((_, _, text) -> {
            Optional<List<Double>> values = values(text, model.desk().exercise().mark());
            present(problem, values.isEmpty());
            problem.setText(values.isPresent()
                    ? "" : "Type 1 to " + Predict.MOST + " numbers with commas or semicolons between them.");
            values.ifPresent(it -> fields.change(task -> task.at(it), run.now()));
        });
        fields.onShow(task -> {
            List<Double> now = task.at();
            if (values(at.getText(), model.desk().exercise().mark()).filter(now::equals).isEmpty()) {
                at.setText(String.join("  ", now.stream().map(it -> NumberStyle.STANDARD.shortest(it)).toList()));
            }
        });
        Choices<Predicting.Way> way = new Choices<>("edit-way", List.of(Predicting.Way.values()), Predicting.Way::inWords,
                it -> fields.change(task -> task.going(it, model.findings().writtenTruth())));
        Label place = TaskFields.label("");
        fields.onShow(task -> {
            way.show(Optional.of(task.asks().way()));
            place.setText("predict " + (ofX(task) ? "for these values of " + model.findings().y()
                    .name() : "at these values of " + model.findings().x().name()));
        });
        fields.add(TaskFields.label("predict"), way, place, at, problem);
        CurveField.add(fields, "by which curve", task -> task.asking().ofCurve(),
                (task, curve) -> task.with(task.asking().of(curve)));
        RoundingFields.add(fields, Predict::rounding, Predict::with);
        interval(fields, model);
        judgements(fields);
        fields.add(Ticks.one(fields, "edit-unit-asked", "the unit is asked for", task -> task.asking().unit(),
                (task, asked) -> task.with(task.asking().withUnit(asked))),
                Ticks.one(fields, "edit-from-rounded", "a value from rounded coefficients counts as right", task -> task.asking()
                        .fromRounded(), (task, it) -> task.with(task.asking().fromRounded(it))));
    }

    private static boolean ofX(Predict task) {
        return task.asks().way() == Predicting.Way.X_FROM_Y;
    }

    private static void interval(KindFields<Predict> fields, DeskModel model) {
        List<Optional<Predicting.Band>> bands = List.of(Optional.empty(), Optional.of(Predicting.Band.MEAN),
                Optional.of(Predicting.Band.SINGLE));
        Choices<Optional<Predicting.Band>> band = new Choices<>("edit-band", bands,
                it -> it.map(one -> one == Predicting.Band.MEAN ? "of the mean" : "of one value").orElse("none"),
                it -> fields.change(task -> task.with(task.asks().with(it))));
        NumberText<Predict> level = new NumberText<>(fields, model, "edit-level", false,
                task -> OptionalDouble.of(100 * task.level()),
                (task, percent) -> task.with(task.asking().atLevel(percent.getAsDouble() / 100)), it -> it > 0
                        && it < 100, _ -> { });
        VBox which = TaskFields.stacked("interval with each", band);
        VBox atLevel = TaskFields.stacked("level in %", level.field());
        fields.onShow(task -> {
            band.show(Optional.of(task.asks().band()));
            present(which, !ofX(task));
            present(atLevel, task.asks().band().isPresent());
        });
        fields.add(which, atLevel);
    }

    private static void judgements(KindFields<Predict> fields) {
        Choices<OwnEquation> own = new Choices<>("edit-own-equation", List.of(OwnEquation.values()), OwnEquation::inWords,
                it -> fields.change(task -> task.with(task.asks().counting(it))));
        fields.onShow(task -> own.show(Optional.of(task.asks().own())));
        CheckBox meaning = Ticks.one(fields, "edit-meaning",
                "\u201chas no meaning\u201d can be chosen. What each variable can be is said in Data", task -> task.asks()
                .meaning(), (task, asked) -> task.with(task.asks().withMeaning(asked)));
        fields.onShow(task -> meaning.setDisable(!task.asks().trust()));
        fields.add(Ticks.one(fields, "edit-trust-asked", "say whether to trust each", task -> task.asks().trust(),
                (task, asked) -> task.with(task.asks().judging(asked))), meaning,
                TaskFields.label("a prediction from an own wrong equation"), own);
    }

    private static Optional<List<Double>> values(String text, DecimalMark mark) {
        return NumberReading.several(text, mark).filter(values -> values.size() <= Predict.MOST);
    }
}
