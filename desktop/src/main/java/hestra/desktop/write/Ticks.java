package hestra.desktop.write;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Literally;
import hestra.task.Task;

/** Boxes to tick among the fields of a task. */
final class Ticks {

    private Ticks() {}

    /** A box for each value of a set, below one another. */
    static <T extends Task, V> VBox list(KindFields<T> fields, String listId, List<V> values, Function<V, String> words,
            Function<V, String> name, Function<T, Set<V>> now, BiFunction<T, Set<V>, Task> changed) {
        VBox list = new VBox();
        list.setId(listId);
        list.getStyleClass().add("aid-list");
        for (V value : values) {
            CheckBox box = Literally.said(new CheckBox(words.apply(value)));
            box.setId(listId + "-" + name.apply(value).toLowerCase(Locale.ROOT).replace('_', '-'));
            box.setWrapText(true);
            box.setMinHeight(VBox.USE_PREF_SIZE);
            box.setOnAction(_ -> fields.change(task -> changed.apply(task,
                    Ticked.with(now.apply(task), value, box.isSelected()))));
            fields.onShow(task -> box.setSelected(now.apply(task).contains(value)));
            list.getChildren().add(box);
        }
        return list;
    }

    /** One box. */
    static <T extends Task> CheckBox one(KindFields<T> fields, String boxId, String words, Function<T, Boolean> now,
            BiFunction<T, Boolean, Task> changed) {
        CheckBox box = Literally.said(new CheckBox(words));
        box.setId(boxId);
        box.setWrapText(true);
        box.setMinHeight(CheckBox.USE_PREF_SIZE);
        box.setOnAction(_ -> fields.change(task -> changed.apply(task, box.isSelected())));
        fields.onShow(task -> box.setSelected(now.apply(task)));
        return box;
    }
}
