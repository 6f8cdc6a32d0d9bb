package hestra.desktop.write;

import javafx.scene.Node;

import hestra.task.FindSlip;

/** Where the slip stands, and what stands there. */
final class FindSlipFields {

    private static final int MOST_ROWS = 100_000;
    private static final int MOST_COLUMNS = 200;

    private FindSlipFields() {}

    static void add(KindFields<FindSlip> fields) {
        Node row = fields.spinner("edit-row", 1, MOST_ROWS, task -> task.row() + 1,
                (task, number) -> new FindSlip(task.terms(), number - 1, task.column(), task.shown()));
        Node column = fields.spinner("edit-column", 1, MOST_COLUMNS, task -> task.column() + 1,
                (task, number) -> new FindSlip(task.terms(), task.row(), number - 1, task.shown()));
        fields.add(TaskFields.sideBySide(TaskFields.stacked("row", row), TaskFields.stacked("column", column)));
        fields.text("what stands there instead", "edit-shown", FindSlip::shown,
                (task, text) -> new FindSlip(task.terms(), task.row(), task.column(), text));
    }
}
