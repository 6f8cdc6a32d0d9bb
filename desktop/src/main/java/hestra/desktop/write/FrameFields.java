package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Names;
import hestra.figure.Frame;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;

import static hestra.desktop.parts.Presence.present;

/** The part of the plane that a plot shows to begin with: what fits the data, or a range along and upward. */
final class FrameFields extends VBox {

    private static final int DIGITS = 12;

    private final Consumer<Optional<Frame>> changed;
    private final Supplier<DecimalMark> mark;
    private final Choices<Boolean> fixed;
    private final List<TextField> ends = new ArrayList<>();
    private final Label problem = new Label("Four numbers: each \u201cto\u201d is above its \u201cfrom\u201d.");
    private final HBox row = new HBox();
    private Optional<Frame> shown = Optional.empty();
    private boolean showing;

    /** Fields that tell of a range that was chosen; {@code now} is what the plot shows by itself, to begin from. */
    FrameFields(Supplier<DecimalMark> mark, Supplier<Frame> now, Consumer<Optional<Frame>> changed) {
        this.mark = mark;
        this.changed = changed;
        getStyleClass().add("stacked");
        fixed = new Choices<>("frame-fixed", List.of(false, true), it -> it ? "a fixed range" : "what fits the data",
                it -> changed.accept(it ? Optional.of(shown.orElseGet(now)) : Optional.empty()));
        for (String name : List.of("x-from", "x-to", "y-from", "y-to")) {
            TextField field = new TextField();
            field.setId("frame-" + name);
            field.setPrefColumnCount(4);
            field.getStyleClass().add("number-field");
            Names.as(field, name.replace('-', ' '));
            field.textProperty().addListener((_, _, _) -> typed());
            ends.add(field);
        }
        row.getChildren().addAll(new Label("x"), ends.get(0), new Label("to"), ends.get(1), new Label("y"), ends.get(2),
                new Label("to"), ends.get(3));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("side-by-side");
        problem.getStyleClass().addAll("small", "problem-text");
        getChildren().addAll(fixed, row, problem);
        show(Optional.empty());
    }

    void show(Optional<Frame> frame) {
        showing = true;
        shown = frame.or(() -> shown);
        fixed.show(Optional.of(frame.isPresent()));
        present(row, frame.isPresent());
        frame.ifPresent(it -> {
            if (read().filter(it::equals).isEmpty()) {
                List<Double> values = List.of(it.xLow(), it.xHigh(), it.yLow(), it.yHigh());
                for (int i = 0; i < values.size(); i++) {
                    ends.get(i).setText(new NumberStyle(mark.get(), DIGITS).shortest(values.get(i)));
                }
            }
        });
        present(problem, frame.isPresent() && read().isEmpty());
        showing = false;
    }

    private void typed() {
        if (!showing) {
            Optional<Frame> typed = read();
            present(problem, typed.isEmpty());
            typed.ifPresent(it -> changed.accept(typed));
        }
    }

    private Optional<Frame> read() {
        List<Double> values = new ArrayList<>();
        for (TextField field : ends) {
            if (!(NumberReading.ofMeasurement(field.getText(), mark.get()) instanceof NumberReading.Value value)) {
                return Optional.empty();
            }
            values.add(value.value());
        }
        boolean ordered = values.get(0) < values.get(1) && values.get(2) < values.get(3)
                && Double.isFinite(values.get(1) - values.get(0)) && Double.isFinite(values.get(3) - values.get(2));
        return ordered ? Optional.of(new Frame(values.get(0), values.get(1), values.get(2), values.get(3))) : Optional.empty();
    }
}
