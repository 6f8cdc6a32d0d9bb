package hestra.desktop.sheet;

import java.util.List;
import javafx.scene.layout.GridPane;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Roles.Use;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.task.Task;

/** Which variable explains and which responds. */
final class RolesForm extends TaskForm {

    RolesForm(DeskModel model, Task task, Runnable check) {
        super(model, task, check);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("form");
        Roles asked = model.findings().part().roles();
        DataTable data = model.findings().part().data();
        for (int i = 0; i < data.width(); i++) {
            if (asked.useOf(i).isAxis() || asked.useOf(i) == Use.NOTHING) {
                add(grid, i, data.variable(i).name());
            }
        }
        getChildren().add(grid);
    }

    private void add(GridPane grid, int column, String name) {
        Choices<Use> choices = new Choices<>("role-" + name, List.of(Use.EXPLAINS, Use.RESPONDS), Use::inWords,
                use -> model().apply(new WorkEdit.ChooseRoles(model().findings().work().drawnRoles().with(column, use))));
        grid.addRow(grid.getRowCount(), formLabel(name), choices);
        offerFirst(choices.getChildren().getFirst());
        onShow(findings -> choices.show(findings.work().roles().map(roles -> roles.useOf(column)).filter(Use::isAxis)));
    }
}
