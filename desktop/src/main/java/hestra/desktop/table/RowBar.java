package hestra.desktop.table;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.data.TableEdit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Presence;
import hestra.desktop.parts.Tip;

import static hestra.desktop.parts.Presence.present;

/** What can be done with the selected row: set it aside with a reason, take it back, put a row in, delete it. */
final class RowBar extends VBox {

    private final DeskModel model;
    private final Label title = new Label();
    private final Button setAside = button("Set aside…",
            "leave the row out of the fit but keep it in the data; you give the reason");
    private final Button takeBack = button("Take back", "use the row in the fit again");
    private final Button insert = button("Insert above", "put an empty row above this one (Alt+Insert)");
    private final Button delete = button("Remove", "take the row out of the table (Alt+Delete)");
    private final Button fit = button("Fit to these", "fit curves to the selected rows alone (Alt+F)");
    private final Button asGiven = button("As given", "put back what stood in this row at first");
    private final TextField reason = new TextField();
    private final HBox reasonRow = new HBox(reason);
    private boolean asking;

    RowBar(DeskModel model) {
        this.model = model;
        getStyleClass().add("row-bar");
        title.getStyleClass().add("small");
        setId("row-bar");
        setAside.setId("set-aside");
        takeBack.setId("take-back");
        delete.setId("delete-row");
        asGiven.setId("as-given");
        fit.setId("fit-selected");
        reason.setId("reason");
        reason.setPromptText("Why? Such as: misread. Then Enter.");
        HBox.setHgrow(reason, Priority.ALWAYS);
        FlowPane buttons = new FlowPane(setAside, takeBack, insert, fit, delete);
        title.setWrapText(true);
        title.setMinHeight(USE_PREF_SIZE);
        buttons.getStyleClass().add("row-buttons");
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        asGiven.setMinWidth(USE_PREF_SIZE);
        HBox first = new HBox(title, asGiven);
        first.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(first, buttons, reasonRow);
        List.of(first, buttons, this).forEach(Presence::holdVisible);
        setAside.setOnAction(_ -> {
            asking = true;
            show(model.findings());
            reason.clear();
            reason.requestFocus();
        });
        takeBack.setOnAction(_ -> model.apply(new WorkEdit.ChangeTable(new TableEdit.TakeBack(rows()))));
        asGiven.setOnAction(_ -> selected().ifPresent(row -> model.apply(new WorkEdit.Restore(row))));
        insert.setOnAction(_ -> selected().ifPresent(row -> model.apply(new WorkEdit.ChangeTable(new TableEdit.InsertRows(row,
                1)))));
        delete.setOnAction(_ -> model.apply(new WorkEdit.ChangeTable(new TableEdit.RemoveRows(rows()))));
        fit.setOnAction(_ -> model.apply(new PlotEdit.FitOnly(Set.copyOf(rows()))));
        reason.setOnAction(_ -> given());
        reason.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                asking = false;
                show(model.findings());
                event.consume();
            }
        });
        model.watch(this::show);
    }

    private void given() {
        if (reason.getText().isBlank()) {
            return;
        }
        asking = false;
        model.apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(rows(), reason.getText().strip())));
        show(model.findings());
    }

    private List<Integer> rows() {
        return List.copyOf(model.desk().selection().rows());
    }

    private Optional<Integer> selected() {
        return model.desk().selected().isPresent() ? Optional.of(model.desk().selected().getAsInt()) : Optional.empty();
    }

    private void show(Findings findings) {
        Optional<Integer> row = selected().filter(it -> it < findings.work().table().size());
        // Stays in its place while nothing is selected, so that the table does not jump when a point is clicked.
        List.of(setAside, takeBack, insert, delete).forEach(button -> button.setDisable(row.isEmpty()));
        if (row.isEmpty()) {
            asking = false;
            title.setText("Click a point or a row to do something with it.");
            present(setAside, true);
            present(takeBack, false);
            present(asGiven, false);
            present(reasonRow, false);
            present(insert, true);
            present(fit, false);
            return;
        }
        DataTable table = findings.work().table();
        boolean several = findings.desk().selection().isSeveral();
        Optional<String> kept = aside(table, rows());
        List<String> originals = several ? List.of() : originals(findings, row.get());
        present(insert, !several);
        present(fit, several);
        title.setText(several
                ? rows().size() + " rows are selected."
                : "Row " + (row.get() + 1) + kept.map(why -> " is set aside: " + why).orElse("")
                + (originals.isEmpty() ? "" : (kept.isEmpty() ? ": as given, " : "; as given, ") + String.join(", ", originals)));
        present(asGiven, !originals.isEmpty());
        present(setAside, kept.isEmpty());
        present(takeBack, kept.isPresent());
        present(reasonRow, asking && kept.isEmpty());
    }

    /** Why rows are set aside, where all of them are. */
    private static Optional<String> aside(DataTable table, List<Integer> rows) {
        return rows.stream().allMatch(row -> table.row(row).isSetAside())
                ? table.row(rows.getLast()).setAside() : Optional.empty();
    }

    /** What stood in the cells that have been changed: "length 14.2". */
    private static List<String> originals(Findings findings, int row) {
        DataTable table = findings.work().table();
        return IntStream.range(0, table.width()).boxed().flatMap(column -> findings.original(row, column).stream()
                .map(text -> table.variable(column).name() + " " + (text.isEmpty() ? "was empty" : text))).toList();
    }

    private static Button button(String text, String tip) {
        Button button = Literally.said(new Button(text));
        button.getStyleClass().add("quiet");
        Tip.set(button, tip);
        return button;
    }
}
