package hestra.desktop.mark;

import java.util.List;
import java.util.Locale;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Tip;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.task.Task;

/**
 * Students by tasks: where every answer stands, as a sign in a tone. Sorted by any column; Enter or a double click opens a
 * student.
 */
final class ClassTable {

    private static final double NAME = 190;
    private static final double SIGN = 40;
    private static final double TOTAL = 72;

    private final MarkModel model;
    private final TableView<Student> table = new TableView<>();
    private final Label words = new Label();
    private final VBox pane;
    private int columns;

    ClassTable(MarkModel model) {
        this.model = model;
        table.setId("class-table");
        table.setAccessibleText("The class: students and tasks");
        table.getStyleClass().add("class-table");
        table.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                openSelected();
            }
        });
        table.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                openSelected();
                event.consume();
            }
        });
        Label title = new Label("The class");
        title.getStyleClass().add("group-title");
        words.setId("class-words");
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        words.getStyleClass().add("class-words");
        VBox.setVgrow(table, Priority.ALWAYS);
        pane = new VBox(8, title, words, table);
        pane.getStyleClass().add("group-list");
    }

    Node node() {
        return pane;
    }

    private void openSelected() {
        Student student = table.getSelectionModel().getSelectedItem();
        if (student != null) {
            model.turnTo(student);
            model.look(MarkState.Tab.STUDENTS);
        }
    }

    void show(MarkModel.Shown shown) {
        shown.result().ifPresent(result -> words.setText(result.inWords()));
        List<Task> tasks = shown.work().exercise().tasks();
        if (columns != tasks.size() + 2) {
            columns = tasks.size() + 2;
            build(tasks);
        }
        List<TableColumn<Student, ?>> order = List.copyOf(table.getSortOrder());
        table.getItems().setAll(shown.ordered(shown.work().roll().students()));
        table.getSortOrder().setAll(order);
        table.sort();
        table.refresh();
    }

    private void build(List<Task> tasks) {
        table.getColumns().clear();
        TableColumn<Student, String> names = new TableColumn<>("student");
        names.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(model.shown()
                .name(row.getValue()) + (row.getValue().late() ? " · late" : "")));
        names.setCellFactory(_ -> new NameCell());
        names.setPrefWidth(NAME);
        table.getColumns().add(names);
        for (int i = 0; i < tasks.size(); i++) {
            Task task = tasks.get(i);
            TableColumn<Student, Standing> column = new TableColumn<>();
            Label head = new Label(Integer.toString(i + 1));
            Tip.set(head, task.terms().title());
            column.setGraphic(head);
            column.setId("class-task-" + task.id());
            column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(model.shown().work()
                    .award(row.getValue(), task.id()).standing()));
            column.setCellFactory(_ -> new StandingCell(task));
            column.setPrefWidth(SIGN);
            table.getColumns().add(column);
        }
        TableColumn<Student, Double> total = new TableColumn<>("marks");
        total.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(model.shown().work().total(row.getValue())));
        total.setCellFactory(_ -> new TotalCell());
        total.setPrefWidth(TOTAL);
        table.getColumns().add(total);
        table.getColumns().forEach(column -> column.setReorderable(false));
    }

    private static final class NameCell extends TableCell<Student, String> {
        NameCell() {
            getStyleClass().add("class-name");
        }

        @Override
        protected void updateItem(String name, boolean empty) {
            super.updateItem(name, empty);
            setText(empty ? null : name);

        }
    }

    private final class TotalCell extends TableCell<Student, Double> {
        @Override
        protected void updateItem(Double marks, boolean empty) {
            super.updateItem(marks, empty);
            setText(empty || marks == null ? null : model.inMarks().of(marks));
        }
    }

    private static final class StandingCell extends TableCell<Student, Standing> {
        private final Task task;

        StandingCell(Task task) {
            this.task = task;
            getStyleClass().add("class-sign");
        }

        @Override
        protected void updateItem(Standing standing, boolean empty) {
            super.updateItem(standing, empty);
            setText(empty || standing == null ? null : standing.sign());

            setAccessibleText(empty || standing == null ? null : task.terms().title() + ": " + standing.word());
            for (Standing each : Standing.values()) {
                pseudoClassStateChanged(PseudoClass.getPseudoClass(each.name().toLowerCase(Locale.ROOT)),
                        !empty && each == standing);
            }
        }
    }
}
