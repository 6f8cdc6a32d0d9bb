package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InWords;
import hestra.desktop.parts.TypingRun;
import hestra.task.FindPoint;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.PointSort;

import static hestra.desktop.parts.Presence.present;

/** Which points are to be found, and what is right to do about them. */
final class FindPointFields {

    private FindPointFields() {}

    static void add(KindFields<FindPoint> fields, DeskModel model) {
        ComboBox<PointSort> sort = new ComboBox<>(FXCollections.observableArrayList(PointSort.values()));
        sort.setId("edit-sort");
        sort.setMaxWidth(Double.MAX_VALUE);
        sort.setConverter(new InWords<>(PointSort::inWords));
        sort.valueProperty().addListener((_, before, now) -> {
            if (before != null && now != null) {
                fields.change(task -> new FindPoint(task.terms(), now, task.count(), task.rows(), task.action(), task.reason()));
            }
        });
        Node count = fields.spinner("edit-count", 1, FindPoint.MOST, FindPoint::count,
                (task, number) -> new FindPoint(task.terms(), task.sort(), number, task.rows(), task.action(), task.reason()));
        TextField rows = new TextField();
        rows.setId("edit-rows");
        rows.setPromptText("such as 4, 17");
        TypingRun run = new TypingRun(rows);
        Label problem = new Label("Row numbers with commas between them, up to " + FindPoint.MOST + ".");
        problem.getStyleClass().addAll("small", "problem-text");
        problem.setWrapText(true);
        rows.textProperty().addListener((_, _, text) -> {
            Optional<Set<Integer>> named = RowNumbers.read(text, FindPoint.MOST);
            present(problem, named.isEmpty());
            named.ifPresent(it -> fields.change(task -> new FindPoint(task.terms(), task.sort(), task.count(), it, task.action(),
                    task.reason()), run.now()));
        });
        VBox counted = TaskFields.stacked("how many", count);
        VBox named = TaskFields.stacked("rows", rows);
        fields.onShow(task -> {
            sort.setValue(task.sort());
            boolean byName = task.sort() == PointSort.CHOSEN || task.sort() == PointSort.MISTYPED;
            present(counted, !byName);
            present(named, byName);
            if (RowNumbers.read(rows.getText(), FindPoint.MOST).filter(task.rows()::equals).isEmpty()) {
                rows.setText(RowNumbers.write(task.rows()));
            }
            present(problem, byName && RowNumbers.read(rows.getText(), FindPoint.MOST).isEmpty());
        });
        fields.add(TaskFields.label("which point"), sort, counted, named, problem);
        OptionalField.add(fields, "what is right to do about it", "edit-action", "not asked", List.of(PointAction.values()),
                PointAction::inWords, FindPoint::action,
                (task, it) -> new FindPoint(task.terms(), task.sort(), task.count(), task.rows(), it, task.reason()));
        OptionalField.add(fields, "and why", "edit-reason", "not asked", List.of(PointReason.values()), PointReason::inWords,
                FindPoint::reason,
                (task, it) -> new FindPoint(task.terms(), task.sort(), task.count(), task.rows(), task.action(), it));
    }
}
