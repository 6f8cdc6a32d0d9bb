package hestra.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

import hestra.data.DataTable;
import hestra.data.Roles.Use;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.task.DrawIt;

/** Which column goes along and which upward; everything else of the drawing is done on the plot itself. */
final class DrawItForm extends TaskForm {

    DrawItForm(DeskModel model, DrawIt task, Runnable check, Runnable toPlot) {
        super(model, task, check);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("form");
        DataTable table = model.findings().work().table();
        for (int column = 0; column < table.width(); column++) {
            add(grid, column);
        }
        List<String> steps = new ArrayList<>();
        if (task.blank()) {
            steps.add("Click the name of an axis to write what it shows, and its unit.");
        }
        if (task.titled()) {
            steps.add("The title is written with \u201cTitle\u2026\u201d, at the sliders above the plot.");
        }
        steps.add("Wheel, or plus and minus, change the scale; Shift and a drag show a part; Home goes back.");
        Label how = new Label(String.join(" ", steps));
        how.getStyleClass().add("small");
        how.setWrapText(true);
        how.setMinHeight(USE_PREF_SIZE);
        Button plot = new Button("To the plot");
        plot.setId(id() + "-plot");
        plot.getStyleClass().add("quiet");
        plot.setOnAction(_ -> toPlot.run());
        getChildren().addAll(grid, how, plot);
    }

    private void add(GridPane grid, int column) {
        Choices<Use> choices = new Choices<>(id() + "-column-" + column, List.of(Use.EXPLAINS, Use.RESPONDS),
                use -> use == Use.EXPLAINS ? "along" : "upward",
                use -> model().apply(new WorkEdit.ChooseRoles(model().findings().work().drawnRoles().with(column, use))));
        Label name = formLabel("");
        grid.addRow(grid.getRowCount(), name, choices);
        offerFirst(choices.getChildren().getFirst());
        onShow(findings -> {
            DataTable table = findings.work().table();
            name.setText(column < table.width() ? table.variable(column).name() : "");
            choices.show(findings.work().roles().map(roles -> roles.useOf(column)).filter(Use::isAxis));
        });
    }
}
