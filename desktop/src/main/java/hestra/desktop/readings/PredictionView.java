package hestra.desktop.readings;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.data.Variable;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.fit.Interval;
import hestra.fit.Inverse;
import hestra.fit.Prediction;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;
import hestra.numbers.Words;
import hestra.task.Aid;
import hestra.task.Keepable;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import static hestra.desktop.parts.Presence.holdVisible;
import static hestra.desktop.parts.Presence.present;

/**
 * Prediction at a typed x, and the x at which a typed y is reached; the reading lines in the plot follow, and this follows
 * the reading lines. What is to be kept goes into the table below.
 */
public final class PredictionView extends VBox {

    private static final PseudoClass WARNING = PseudoClass.getPseudoClass("warning");

    /** Letters that a field shows. */
    private static final int WIDTH_OF_NUMBER = 5;
    private static final int WIDTH_OF_DATE = 9;
    private static final int MOST_WIDTH = 18;

    private final DeskModel model;
    private final NumberField at;
    private final Label unit = new Label();
    private final Label fitted = new Label();
    private final Button pin = new Button("", new FontIcon(Feather.BOOKMARK));
    private final Label note = new Label();
    private final LevelMenu level;
    private final Label intervals = new Label();
    private final HBox interval;
    private final NumberField reaches;
    private final Label unitOfY = new Label();
    private final Label places = new Label();
    private final HBox forward;
    private final HBox backward;

    /** The view; {@code save} saves a table, {@code keep} keeps it on a sheet of one's own, where there is one. */
    public PredictionView(DeskModel model, Consumer<DataTable> save, Optional<Consumer<Keepable>> keep) {
        this.model = model;
        getStyleClass().addAll("card", "prediction");
        at = new NumberField("predict-at", "predict at", () -> model.desk().exercise().mark(), this::date,
                x -> model.apply(new PlotEdit.ReadAt(x)),
                this::refused);
        at.textProperty().addListener((_, _, text) -> widen());
        at.setOnAction(_ -> several().ifPresent(this::keepAll));
        reaches = new NumberField("predict-reaches", "the x at which this value is reached", () -> model.desk().exercise().mark(),
                y -> model.apply(new PlotEdit.ReadAtY(y)), reason -> {
            model.apply(new PlotEdit.ReadAtY(OptionalDouble.empty()));
            places.setText(reason);
        });
        forward = row(new Label("at"), at, unit, new Label("→"), fitted);
        backward = row(new Label("reaches"), reaches, unitOfY, new Label("at"), places);
        at.setMinWidth(USE_PREF_SIZE);
        reaches.setMinWidth(USE_PREF_SIZE);
        // A long answer goes over several lines: the field keeps its width.
        places.setWrapText(true);
        places.setMinWidth(40);
        places.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(places, Priority.ALWAYS);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        forward.getChildren().addAll(space, pin);
        fitted.getStyleClass().add("prediction-value");
        fitted.setId("predicted");
        fitted.setMinWidth(USE_PREF_SIZE);
        places.getStyleClass().add("prediction-value");
        places.setId("reached-at");
        pin.setId("pin-prediction");
        pin.getStyleClass().setAll("quiet", "pin");
        pin.setMinWidth(USE_PREF_SIZE);
        pin.setAccessibleText("keep this prediction");
        Tip.set(pin, "keep this prediction in a table (P in the plot)");
        pin.setOnAction(_ -> keep());
        note.getStyleClass().add("small");
        note.setId("prediction-note");
        note.setWrapText(true);
        note.setMinHeight(USE_PREF_SIZE);
        level = new LevelMenu(model);
        intervals.getStyleClass().add("small");
        intervals.setId("prediction-interval");
        intervals.setWrapText(true);
        intervals.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(intervals, Priority.ALWAYS);
        interval = new HBox(level, intervals);
        interval.getStyleClass().add("prediction-interval");
        getChildren().addAll(forward, note, interval, backward, new KeptPredictions(model, save, keep));
        holdVisible(this);
        model.watch(this::show);
    }

    /** Where a value is typed to predict at; nothing while predictions are held back. */
    public Optional<Node> entry() {
        return Optional.<Node>of(at).filter(_ -> !forward.isDisable());
    }

    private static HBox row(Node... parts) {
        HBox row = new HBox(parts);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("prediction-row");
        for (Node part : parts) {
            if (part instanceof Label label) {
                label.setMinWidth(USE_PREF_SIZE);
            }
        }
        return row;
    }

    private void keep() {
        model.findings().work().readingAt().ifPresent(x -> model.apply(PlotEdit.Pin.beside(model.findings().work().reading(),
                x)));
    }

    /** What is typed is no number: several of them, or a reason why it is none. */
    private void refused(String reason) {
        model.apply(new PlotEdit.ReadAt(OptionalDouble.empty()));
        Optional<List<Double>> several = several();
        say(several.map(it -> "Enter keeps the predictions at these " + it.size() + " values.").orElse(reason),
                several.isEmpty());
    }

    /** Several values are seen as a whole. */
    private void widen() {
        int usual = model.findings().x().dates().isPresent() ? WIDTH_OF_DATE : WIDTH_OF_NUMBER;
        at.setPrefColumnCount(Math.clamp(at.getLength(), usual, MOST_WIDTH));
    }

    private Optional<List<Double>> several() {
        return NumberReading.several(at.getText(), this::value).filter(it -> it.size() > 1);
    }

    private OptionalDouble value(String text) {
        return date(text).isPresent() ? date(text)
                : NumberReading.measured(text, model.desk().exercise().mark());
    }

    private OptionalDouble date(String text) {
        return model.findings().x().dates().map(it -> it.read(text)).orElse(OptionalDouble.empty());
    }

    /** Keeps predictions at all that were typed, beside those that are kept. */
    private void keepAll(List<Double> values) {
        at.clear();
        model.apply(new PlotEdit.Pin(Stream.concat(model.findings().work().reading().pinned().stream(), values.stream())
                .toList()));
    }

    private void show(Findings findings) {
        boolean open = findings.isOpen(Aid.PREDICTION);
        forward.setDisable(!open);
        present(backward, open);
        widen();
        // While it is asked which variable explains, the units would say so.
        boolean known = findings.work().roles().isPresent();
        unit.setText(!known || findings.x().dates().isPresent() ? "" : findings.x().unit());
        unitOfY.setText(known ? findings.y().unit() : "");
        Optional<Prediction> prediction = findings.curves().prediction();
        pin.setDisable(prediction.isEmpty());
        Optional<Interval> single = prediction.flatMap(Prediction::predictionInterval);
        present(interval, open && single.isPresent());
        level.show(findings);
        single.ifPresent(it -> intervals.setText("interval of the mean "
                + prediction.flatMap(Prediction::meanInterval).map(mean -> interval(mean, findings))
                .orElse(NumberStyle.UNDEFINED) + ", of a single value " + interval(it, findings)));
        if (!open) {
            fitted.setText("");
            say(findings.placeOf(Aid.PREDICTION, "Predictions", true), false);
            return;
        }
        at.show(findings.work().readingAt().isPresent()
                ? findings.x().shown(findings.work().readingAt().getAsDouble(), findings.numbers().style()) : "");
        reaches.show(shown(findings, findings.work().reading().atY()));
        places.setText(findings.curves().inverse().map(it -> places(findings, it)).orElse(NumberStyle.UNDEFINED));
        fitted.setText(prediction.map(it -> findings.numbers().precision()
                .predicted(it.fitted()) + findings.y().unitAfterNumber())
                .orElse(NumberStyle.UNDEFINED));
        if (prediction.isEmpty()) {
            boolean asked = findings.work().readingAt().isPresent() && findings.curves().curveInHand().isPresent();
            say(asked ? "The selected curve is not defined there." : findings.curves().curveInHand().isPresent()
                    ? "Type a value of " + findings.x().name() + ", or drag the reading line in the plot." : "", asked);
            return;
        }
        say(impossible(findings, prediction.get()) + reach(findings, prediction.get()), !prediction.get()
                .inside() || findings.curves().hasPattern()
                        || !impossible(findings, prediction.get()).isEmpty());
    }

    /** What is to be said of a prediction that the author ruled out; empty where it is possible. */
    private static String impossible(Findings findings, Prediction prediction) {
        return findings.y().possible().filter(it -> !it.allow(prediction.fitted()))
                .map(it -> Words.capitalized(findings.y().described()) + " cannot be "
                + findings.numbers().precision().predicted(prediction.fitted()) + findings.y()
                .unitAfterNumber() + ": it lies between " + findings.numbers().style().shortest(it.least())
                + " and " + findings.numbers().style().shortest(it.greatest()) + findings.y().unitAfterNumber() + ".\n")
                .orElse("");
    }

    private static String shown(Findings findings, OptionalDouble value) {
        return value.isPresent() ? findings.numbers().style().shortest(value.getAsDouble()) : "";
    }

    private static String reach(Findings findings, Prediction prediction) {
        NumberStyle style = findings.numbers().style();
        Interval support = findings.curves().curveInHand().orElseThrow().support();
        String reach = findings.x().shown(support.low(), style) + " to " + findings.x().shownWithUnit(support.high(), style);
        double beyond = new Rounding.Significant(3).apply(prediction.beyond()).doubleValue();
        String pattern = findings.curves().hasPattern() ? ". The residuals show a pattern: another curve may predict better" : "";
        return prediction.inside() ? "among the data (" + reach + ")" + pattern
                : "≈ " + style.shortest(beyond) + findings.x().unitAfterNumber() + " beyond the data (" + reach + ")";
    }

    static String interval(Interval interval, Findings findings) {
        return findings.numbers().precision().predicted(interval.low()) + " to " + findings.numbers()
                .precision().predicted(interval.high());
    }

    private static String places(Findings findings, Inverse inverse) {
        if (inverse.everywhere()) {
            return "every " + findings.x().name();
        }
        List<Inverse.Solution> solutions = inverse.solutions();
        if (solutions.isEmpty()) {
            return "no " + findings.x().name();
        }
        // The unit stands once, after the last.
        return IntStream.range(0, solutions.size()).mapToObj(i -> {
            Variable named = i == solutions.size() - 1 ? findings.x() : findings.x().withUnit("");
            return findings.numbers().precision().reached(findings.curves().curveInHand().orElseThrow(), named, solutions.get(i)
                    .x())
                    + (solutions.get(i).inside() ? "" : " (outside)");
        }).collect(Collectors.joining(", "));
    }

    private void say(String text, boolean warning) {
        note.setText(text);
        note.pseudoClassStateChanged(WARNING, warning);
    }
}
