package hestra.desktop.write;

import hestra.task.EnterData;

/** How many rows are left to type. */
final class EnterDataFields {

    private EnterDataFields() {}

    static void add(KindFields<EnterData> fields) {
        fields.add(TaskFields.label("how many of the last rows are left to type"),
                fields.spinner("edit-count", 1, 1000, EnterData::count, (task, count) -> new EnterData(task.terms(), count)));
    }
}
