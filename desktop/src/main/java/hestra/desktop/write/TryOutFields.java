package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InWords;
import hestra.feedback.Quantity;
import hestra.task.TryOut;
import hestra.task.TryOut.Move;
import hestra.task.TryReason;

import static hestra.desktop.parts.Presence.present;

/** Which moves are to be tried, what is watched, and why one does more. */
final class TryOutFields {

    private TryOutFields() {}

    static void add(KindFields<TryOut> fields, DeskModel model) {
        ComboBox<Quantity> watched = new ComboBox<>(FXCollections.observableArrayList(TryOut.WATCHED));
        watched.setId("edit-watched");
        watched.setMaxWidth(Double.MAX_VALUE);
        watched.setConverter(new InWords<>(Quantity::inWords));
        watched.valueProperty().addListener((_, before, now) -> {
            if (before != null && now != null) {
                fields.change(task -> new TryOut(task.terms(), task.moves(), now, task.places(), task.reason()));
            }
        });
        fields.onShow(task -> watched.setValue(task.watched()));
        VBox list = new VBox();
        list.getStyleClass().add("condition-list");
        List<Node> rows = new ArrayList<>();
        fields.onShow(task -> {
            while (rows.size() < task.moves().size()) {
                rows.add(row(fields, model, rows.size()));
            }
            if (list.getChildren().size() != task.moves().size()) {
                list.getChildren().setAll(rows.subList(0, task.moves().size()));
            }
        });
        Button more = new Button("Add a move");
        more.setId("add-move");
        more.getStyleClass().add("quiet");
        more.setOnAction(_ -> fields.change(task -> new TryOut(task.terms(),
                Stream.concat(task.moves().stream(), Stream.of(task.moves().getLast())).toList(), task.watched(), task.places(),
                task.reason())));
        fields.onShow(task -> more.setDisable(task.moves().size() == TryOut.MOST_MOVES));
        Node places = fields.spinner("edit-try-places", 0, TryOut.MOST_PLACES, TryOut::places,
                (task, count) -> new TryOut(task.terms(), task.moves(), task.watched(), count, task.reason()));
        fields.add(TaskFields.label("moves, each from the start"), list, more, TaskFields.label("what is watched"), watched,
                TaskFields.stacked("decimal places", places));
        OptionalField.add(fields, "why one changes it more", "edit-try-reason", "not asked", List.of(TryReason.values()),
                TryReason::inWords, TryOut::reason,
                (task, it) -> new TryOut(task.terms(), task.moves(), task.watched(), task.places(), it));
    }

    private static Node row(KindFields<TryOut> fields, DeskModel model, int place) {
        Label problem = new Label("Type a number.");
        problem.getStyleClass().addAll("small", "problem-text");
        present(problem, false);
        Consumer<Boolean> say = wrong -> present(problem, wrong);
        Node row = new NumberText<>(fields, model, "move-" + place + "-row", false,
                task -> OptionalDouble.of(of(task, place).row() + 1),
                (task, value) -> with(task, place, it -> new Move((int) value.getAsDouble() - 1, it.dx(), it.dy())),
                        value -> value >= 1 && value == Math.rint(value) && value < 1e6, say).field();
        Node dx = new NumberText<>(fields, model, "move-" + place + "-dx", false, task -> OptionalDouble.of(of(task, place).dx()),
                (task, value) -> with(task, place, it -> new Move(it.row(), value.getAsDouble(), it.dy())), _ -> true, say)
                        .field();
        Node dy = new NumberText<>(fields, model, "move-" + place + "-dy", false, task -> OptionalDouble.of(of(task, place).dy()),
                (task, value) -> with(task, place, it -> new Move(it.row(), it.dx(), value.getAsDouble())), _ -> true, say)
                        .field();
        Button remove = new Button("\u00d7");
        remove.setId("move-" + place + "-remove");
        remove.getStyleClass().add("quiet");
        remove.setAccessibleText("Remove this move");
        remove.setOnAction(_ -> fields.change(task -> {
            List<Move> rest = new ArrayList<>(task.moves());
            if (rest.size() > 1) {
                rest.remove(place);
            }
            return new TryOut(task.terms(), rest, task.watched(), task.places(), task.reason());
        }));
        VBox box = new VBox(TaskFields.sideBySide(TaskFields.stacked("row", row), TaskFields.stacked("right by", dx),
                TaskFields.stacked("up by", dy), remove), problem);
        box.getStyleClass().add("condition-fields");
        return box;
    }

    private static Move of(TryOut task, int place) {
        return task.moves().get(Math.min(place, task.moves().size() - 1));
    }

    private static TryOut with(TryOut task, int place, UnaryOperator<Move> change) {
        if (place >= task.moves().size()) {
            return task;
        }
        List<Move> moves = new ArrayList<>(task.moves());
        moves.set(place, change.apply(moves.get(place)));
        return new TryOut(task.terms(), moves, task.watched(), task.places(), task.reason());
    }
}
