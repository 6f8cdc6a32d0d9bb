package hestra.desktop.mark;

import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.marking.Student;

/** The students with where their answers stand and what they have earned. */
final class StudentList extends ListView<Student> {

    private final MarkModel model;
    private boolean showing;

    StudentList(MarkModel model) {
        this.model = model;
        setId("mark-students");
        setAccessibleText("Students");
        getStyleClass().add("mark-students");
        setCellFactory(_ -> new Cell());
        VBox.setVgrow(this, Priority.ALWAYS);
        getSelectionModel().selectedItemProperty().addListener((_, _, student) -> {
            if (!showing && student != null) {
                model.turnTo(student);
            }
        });
    }

    void show(MarkModel.Shown shown) {
        showing = true;
        if (!getItems().equals(shown.ordered(shown.work().roll().students()))) {
            getItems().setAll(shown.ordered(shown.work().roll().students()));
        } else {
            refresh();
        }
        shown.student().ifPresent(student -> {
            getSelectionModel().select(student);
            scrollTo(Math.max(0, getItems().indexOf(student) - 4));
        });
        showing = false;
    }

    private final class Cell extends ListCell<Student> {
        @Override
        protected void updateItem(Student student, boolean empty) {
            super.updateItem(student, empty);
            setText(null);
            if (empty || student == null) {
                setGraphic(null);
                return;
            }
            MarkModel.Shown shown = model.shown();
            Label name = new Label(shown.name(student) + (student.late() ? " · late" : ""));
            name.getStyleClass().add("mark-task-title");
            name.setMinWidth(0);
            String signs = shown.work().exercise().tasks().stream()
                    .map(task -> shown.work().award(student, task.id()).standing().sign()).collect(Collectors.joining("  "));
            Label stands = new Label(signs);
            stands.getStyleClass().add("mark-signs");
            stands.setMinWidth(0);
            Label total = new Label(model.inMarks().of(shown.work().total(student)));
            total.getStyleClass().add("mark-total");
            total.setMinWidth(Region.USE_PREF_SIZE);
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            setGraphic(new VBox(1, new HBox(6, name, gap, total), stands));
            setAccessibleText(name.getText() + ", " + total.getText() + " marks");
        }
    }
}
