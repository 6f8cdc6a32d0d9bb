package hestra.desktop.readings;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.ReadingState;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Clip;
import hestra.desktop.parts.Tip;
import hestra.fit.Interval;
import hestra.fit.Prediction;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.Keepable;

import static hestra.desktop.parts.Presence.holdVisible;
import static hestra.desktop.parts.Presence.present;

/** The predictions that are kept, of the curve in hand: a table that can be copied, filled one by one or evenly over a range. */
final class KeptPredictions extends VBox {

    private static final int MOST_SHOWN = 60;

    private final Button onSheet = new Button("On the sheet");
    private final DeskModel model;
    private final GridPane grid = new GridPane();
    private final ToggleButton several = new ToggleButton("Several…");
    private NumberField from;
    private NumberField to;
    private NumberField count;
    private final Label problem = new Label();
    private final Button copy = new Button("Copy");
    private final Button clear = new Button("Clear");
    private final Button saveAs = new Button("Save…");
    private final HBox range = new HBox();

    KeptPredictions(DeskModel model, Consumer<DataTable> save, Optional<Consumer<Keepable>> keep) {
        this.model = model;
        getStyleClass().add("kept");
        setId("kept-predictions");
        grid.getStyleClass().add("comparison-grid");
        ColumnConstraints wide = new ColumnConstraints();
        wide.setHgrow(Priority.ALWAYS);
        wide.setHalignment(HPos.RIGHT);
        grid.getColumnConstraints().addAll(number(), number(), wide, new ColumnConstraints());
        problem.getStyleClass().add("small");
        problem.setWrapText(true);
        copy.setId("kept-copy");
        copy.setOnAction(_ -> copy());
        saveAs.setId("kept-save");
        saveAs.setOnAction(_ -> save.accept(table()));
        Tip.set(saveAs, "save the predictions as a table (.csv, .xlsx, .ods)");
        clear.setId("kept-clear");
        clear.setOnAction(_ -> model.apply(new PlotEdit.Pin(List.of())));
        several.setId("kept-several");
        Tip.set(several, "predict at evenly spaced places");
        several.setOnAction(_ -> open());
        for (var button : List.of(copy, saveAs, clear, several)) {
            button.getStyleClass().setAll("quiet");
        }
        // Over two lines where the column is narrow.
        FlowPane buttons = new FlowPane(6, 5, several, copy, saveAs, clear);
        keep.ifPresent(it -> {
            onSheet.setId("keep-predictions");
            onSheet.getStyleClass().setAll("quiet");
            Tip.set(onSheet, "put the predictions on your sheet");
            onSheet.setOnAction(_ -> it.accept(Keepable.PREDICTIONS));
            buttons.getChildren().add(onSheet);
        });
        buttons.getStyleClass().add("row-buttons");
        getChildren().addAll(grid, range, problem, buttons);
        holdVisible(this);
        holdVisible(buttons);
        model.watch(this::show);
    }

    /** The fields of the range, built when they are first asked for. */
    private void build() {
        from = field("grid-from", "first x");
        to = field("grid-to", "last x");
        count = field("grid-count", "how many");
        count.setPrefColumnCount(2);
        Button add = new Button("Add");
        add.setId("grid-add");
        add.setOnAction(_ -> addSeveral());
        count.setOnAction(_ -> addSeveral());
        range.getChildren().setAll(new Label("from"), from, new Label("to"), to, new Label("in"), count, add);
        range.setAlignment(Pos.CENTER_LEFT);
        range.getStyleClass().add("grid-range");
        range.getChildren().stream().filter(Label.class::isInstance).forEach(it -> ((Label) it).setMinWidth(USE_PREF_SIZE));
        add.setMinWidth(USE_PREF_SIZE);
        add.getStyleClass().setAll("quiet");
    }

    private NumberField field(String id, String meaning) {
        NumberField field = new NumberField(id, meaning, () -> model.desk().exercise().mark(), _ -> { }, _ -> { });
        field.setPrefColumnCount(4);
        return field;
    }

    private static ColumnConstraints number() {
        ColumnConstraints number = new ColumnConstraints();
        number.setHalignment(HPos.RIGHT);
        number.setMinWidth(52);
        return number;
    }

    /** Offers the range of the data. */
    private void open() {
        if (from == null) {
            build();
        }
        show(model.findings());
        if (several.isSelected()) {
            NumberStyle style = model.findings().numbers().style();
            model.findings().curves().curveInHand().ifPresent(curve -> {
                from.setText(style.shortest(curve.support().low()));
                to.setText(style.shortest(curve.support().high()));
                count.setText("5");
            });
            from.requestFocus();
        }
    }

    private void addSeveral() {
        OptionalDouble first = from.value();
        OptionalDouble last = to.value();
        double number = count.value().orElse(0);
        boolean whole = number == Math.rint(number) && number >= 1 && number <= ReadingState.MOST_PINNED;
        if (first.isEmpty() || last.isEmpty() || !whole || number > 1 && first.getAsDouble() == last.getAsDouble()) {
            problem.setText("Type two different values and how many places, 1 to " + ReadingState.MOST_PINNED + ".");
            present(problem, true);
            return;
        }
        List<Double> pinned = new ArrayList<>(model.findings().work().reading().pinned());
        int n = (int) number;
        IntStream.range(0, n).mapToDouble(i -> n == 1 ? first.getAsDouble() : first.getAsDouble()
                + (last.getAsDouble() - first.getAsDouble()) * i / (n - 1))
                .map(x -> new Rounding.Significant(12).apply(x).doubleValue()).forEach(pinned::add);
        model.apply(new PlotEdit.Pin(pinned));
        several.setSelected(false);
        show(model.findings());
    }

    private void show(Findings findings) {
        List<Double> pinned = findings.work().reading().pinned();
        boolean open = findings.isOpen(Aid.PREDICTION) && findings.curves().curveInHand().isPresent();
        present(this, open);
        present(range, several.isSelected());
        present(problem, false);
        present(copy, !pinned.isEmpty());
        present(onSheet, !pinned.isEmpty());
        present(clear, !pinned.isEmpty());
        present(saveAs, !pinned.isEmpty());
        present(grid, open && !pinned.isEmpty());
        grid.getChildren().clear();
        if (!grid.isManaged()) {
            return;
        }
        grid.addRow(0, small(findings.x().name()), small("ŷ"),
                wrapped(findings.numbers().levelInWords() + " prediction interval"),
                new Label());
        for (int i = 0; i < Math.min(pinned.size(), MOST_SHOWN); i++) {
            row(findings, pinned.get(i), i + 1);
        }
        if (pinned.size() > MOST_SHOWN) {
            grid.add(small("and " + (pinned.size() - MOST_SHOWN) + " more: copy shows all"), 0, MOST_SHOWN + 1, 3, 1);
        }
    }

    private void row(Findings findings, double x, int row) {
        NumberStyle style = findings.numbers().style();
        Optional<Prediction> prediction = findings.curves().prediction(x);
        Button remove = new Button("×");
        remove.getStyleClass().setAll("remove");
        remove.setAccessibleText("remove the prediction at " + style.shortest(x));
        remove.setOnAction(_ -> model.apply(new PlotEdit.Pin(findings.work().reading().pinned().stream()
                .filter(it -> it != x).toList())));
        Label fitted = figure(prediction.map(it -> findings.numbers().precision().predicted(it.fitted()))
                .orElse(NumberStyle.UNDEFINED));
        Label at = figure(findings.x().shown(x, style));
        boolean outside = prediction.isPresent() && !prediction.get().inside();
        at.pseudoClassStateChanged(PseudoClass.getPseudoClass("outside"), outside);
        Tip.set(at, outside ? "beyond the data" : "");
        grid.addRow(row, at, fitted, figure(prediction.flatMap(Prediction::predictionInterval)
                .map(it -> PredictionView.interval(it, findings)).orElse(NumberStyle.UNDEFINED)), remove);
    }

    private static Label wrapped(String text) {
        Label label = small(text);
        label.setWrapText(true);
        label.setMinWidth(60);
        label.setMinHeight(USE_PREF_SIZE);
        label.setTextAlignment(TextAlignment.RIGHT);
        return label;
    }

    private static Label small(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static Label figure(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("comparison-figure");
        return label;
    }

    /** The table with its numbers in full. */
    private DataTable table() {
        Findings findings = model.findings();
        DecimalMark mark = findings.exercise().mark();
        Variable fitted = Variable.named("predicted " + findings.y().name()).withUnit(findings.y().unit());
        Variable low = Variable.named("low (" + findings.numbers().levelInWords() + ")").withUnit(findings.y().unit());
        Variable high = Variable.named("high (" + findings.numbers().levelInWords() + ")").withUnit(findings.y().unit());
        List<Row> rows = findings.work().reading().pinned().stream().map(x -> {
            Optional<Prediction> prediction = findings.curves().prediction(x);
            Optional<Interval> interval = prediction.flatMap(Prediction::predictionInterval);
            return Row.of(Cell.of(x, mark), cell(prediction.map(Prediction::fitted), mark),
                    cell(interval.map(Interval::low), mark), cell(interval.map(Interval::high), mark));
        }).toList();
        return new DataTable(List.of(findings.x(), fitted, low, high), rows);
    }

    private static Cell cell(Optional<Double> value, DecimalMark mark) {
        return value.map(it -> Cell.of(it, mark)).orElse(Cell.EMPTY);
    }

    /** Copies the table with its numbers in full. */
    private void copy() {
        Findings findings = model.findings();
        NumberStyle style = findings.numbers().style();
        StringBuilder text = new StringBuilder(String.join("\t", findings.x().axisTitle(), "predicted " + findings.y()
                .axisTitle(), "low (" + findings.numbers().levelInWords() + ")",
                "high (" + findings.numbers().levelInWords() + ")",
                "inside the data")).append('\n');
        for (double x : findings.work().reading().pinned()) {
            Optional<Prediction> prediction = findings.curves().prediction(x);
            text.append(style.typed(x)).append('\t')
                    .append(prediction.map(it -> style.typed(it.fitted())).orElse("")).append('\t')
                    .append(prediction.flatMap(Prediction::predictionInterval)
                    .map(it -> style.typed(it.low()) + "\t" + style.typed(it.high())).orElse("\t"))
                    .append('\t').append(prediction.map(it -> it.inside() ? "yes" : "no").orElse("")).append('\n');
        }
        Clip.put(text.toString());
    }
}
