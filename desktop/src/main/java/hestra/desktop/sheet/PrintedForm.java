package hestra.desktop.sheet;

import hestra.desktop.model.DeskModel;
import hestra.task.Task;

/** The printed table, for a task that is answered in the student's own. */
final class PrintedForm extends TaskForm {

    PrintedForm(DeskModel model, Task task, Runnable check) {
        super(model, task, check);
        getChildren().add(new PrintedTable(model.findings().part().data()));
    }
}
