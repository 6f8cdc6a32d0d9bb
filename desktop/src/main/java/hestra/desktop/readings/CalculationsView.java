package hestra.desktop.readings;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.SheetEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Clip;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.working.Calculation;
import hestra.working.CalculationLine;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import static hestra.desktop.parts.Presence.present;

/**
 * Lines of calculation over the results. A line may have a name, by which the lines below it use what it comes to. Not there
 * while a result is held back that could be read off here.
 */
public final class CalculationsView extends VBox {

    private static final String HELP =
            "Over slope, intercept, r, r2, s, n, mean_x, sd_y, sxy … and the data: sum(x*y), mean(x). A name before = can be "
            + "used below.";

    /** Digits of what is copied: as many as computing with doubles keeps. */
    private static final int COPIED = 13;

    private final DeskModel model;
    private final Optional<Consumer<CalculationLine>> keep;
    private final VBox lines = new VBox();
    private final List<Row> rows = new ArrayList<>();
    private final TextField field = new TextField();
    private final Label result = new Label();
    private final Label problem = new Label();

    /** The view; {@code keep} puts a line on a sheet of one's own, where there is one. */
    public CalculationsView(DeskModel model, Optional<Consumer<CalculationLine>> keep) {
        this.model = model;
        this.keep = keep;
        getStyleClass().addAll("card", "calculations");
        setId("calculations");
        Label title = new Label("Calculate");
        title.getStyleClass().add("small");
        field.setId("calculate");
        field.setPromptText("slope * 20 + intercept");
        Names.as(field, "a formula over the results");
        Tip.set(field, HELP + " Enter keeps the line");
        HBox.setHgrow(field, Priority.ALWAYS);
        field.getStyleClass().add("number-field");
        result.setId("calculated");
        result.getStyleClass().add("prediction-value");
        result.setMinWidth(Region.USE_PREF_SIZE);
        problem.getStyleClass().add("small");
        problem.setId("calculation-problem");
        problem.setWrapText(true);
        problem.setMinHeight(Region.USE_PREF_SIZE);
        field.textProperty().addListener(_ -> preview(model.findings()));
        field.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                enter();
                event.consume();
            }
        });
        HBox last = new HBox(7, field, result);
        last.setAlignment(Pos.CENTER_LEFT);
        lines.setSpacing(4);
        getChildren().addAll(title, lines, last, problem);
        model.watch(this::show);
    }

    private void enter() {
        if (field.getText().isBlank()) {
            return;
        }
        int count = model.findings().work().sheet().lines().size();
        if (count >= CalculationLine.MOST) {
            say("There is room for " + CalculationLine.MOST + " lines. Remove one first.");
            return;
        }
        model.apply(new SheetEdit.WriteLine(count, CalculationLine.typed(field.getText()), Optional.empty()));
        field.clear();
    }

    private void say(String text) {
        problem.setText(text);
        present(problem, !text.isEmpty());
    }

    private void preview(Findings findings) {
        if (field.getText().isBlank()) {
            result.setText("");
            say("");
            return;
        }
        switch (findings.calculated(CalculationLine.typed(field.getText()))) {
            case Calculation.Value(double value) -> {
                result.setText(findings.numbers().style().show(value));
                say("");
            }
            case Calculation.Problem(int _, String message) -> {
                result.setText("");
                say(message);
            }
        }
    }

    private void show(Findings findings) {
        boolean open = Stream.of(Aid.LINE, Aid.EQUATION, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS).allMatch(findings::isOpen);
        present(this, open);
        if (!open) {
            return;
        }
        List<CalculationLine> now = findings.work().sheet().lines();
        while (rows.size() < now.size()) {
            rows.add(new Row(rows.size()));
            lines.getChildren().add(rows.getLast().node);
        }
        while (rows.size() > now.size()) {
            lines.getChildren().remove(rows.removeLast().node);
        }
        for (int i = 0; i < now.size(); i++) {
            rows.get(i).show(now.get(i), findings.calculated(now.get(i)), findings);
        }
        preview(findings);
    }

    /** A line that is kept. */
    private final class Row {
        private final TextField text = new TextField();
        private final Label value = new Label();
        private final Label wrong = new Label();
        private final VBox node;
        private boolean showing;
        private CalculationLine line;
        private Calculation.Outcome outcome;

        Row(int index) {
            text.setId("calculation-" + index);
            text.getStyleClass().add("number-field");
            TypingRun run = new TypingRun(text);
            text.textProperty().addListener((_, _, typed) -> {
                if (!showing) {
                    model.apply(new SheetEdit.WriteLine(index, CalculationLine.typed(typed), run.now()));
                }
            });
            text.focusedProperty().addListener((_, _, focused) -> {
                if (!focused && text.getText().isBlank() && index < model.findings().work().sheet().lines().size()) {
                    model.apply(new SheetEdit.RemoveLine(index));
                }
            });
            value.getStyleClass().add("prediction-value");
            value.setId("calculation-value-" + index);
            value.setMinWidth(Region.USE_PREF_SIZE);
            wrong.getStyleClass().add("small");
            wrong.setWrapText(true);
            wrong.setMinHeight(Region.USE_PREF_SIZE);
            HBox row = new HBox(2, value);
            row.setAlignment(Pos.CENTER_RIGHT);
            keep.ifPresent(it -> row.getChildren().add(icon(Feather.BOOKMARK, "keep-line-" + index, "put it on your sheet",
                    () -> it.accept(line))));
            row.getChildren().addAll(icon(Feather.COPY, "copy-line-" + index, "copy it with its result", this::copy),
                    icon(Feather.X, "remove-line-" + index, "remove it", () -> model.apply(new SheetEdit.RemoveLine(index))));
            node = new VBox(2, text, row, wrong);
        }

        private void copy() {
            Clip.put(line.text() + (outcome instanceof Calculation.Value(double number) ? " = " + model.findings().numbers()
                    .style()
                    .shortest(new Rounding.Significant(COPIED).apply(number).doubleValue()) : ""));
        }

        private static Node icon(Feather icon, String id, String tip, Runnable action) {
            Button button = new Button("", new FontIcon(icon));
            button.setId(id);
            button.getStyleClass().setAll("icon-button", "small-icon");
            button.setAccessibleText(tip);
            Tip.set(button, tip);
            button.setOnAction(_ -> action.run());
            return button;
        }

        void show(CalculationLine now, Calculation.Outcome came, Findings findings) {
            line = now;
            outcome = came;
            // While it is typed, spaces at its end are not to be taken away.
            if (!text.isFocused() || !CalculationLine.typed(text.getText()).equals(now)) {
                showing = true;
                text.setText(now.text());
                showing = false;
            }
            value.setText(came instanceof Calculation.Value(double number) ? "= " + findings.numbers().style().show(number) : "");
            wrong.setText(came instanceof Calculation.Problem(int _, String message) ? message : "");
            present(wrong, !wrong.getText().isEmpty());
        }
    }
}
