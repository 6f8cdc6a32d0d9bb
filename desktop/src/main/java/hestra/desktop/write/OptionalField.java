package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.ComboBox;

import hestra.desktop.parts.InWords;
import hestra.task.Task;

/** A list to choose from among the fields of a task, whose first entry is that there is nothing. */
final class OptionalField {

    private OptionalField() {}

    /** Adds the list under a title. */
    static <T extends Task, V> void add(KindFields<T> fields, String title, String boxId, String nothing, List<V> values,
            Function<V, String> words, Function<T, Optional<V>> now,
            BiFunction<T, Optional<V>, Task> changed) {
        ComboBox<Optional<V>> box = new ComboBox<>();
        box.getItems().add(Optional.empty());
        values.stream().map(Optional::of).forEach(box.getItems()::add);
        box.setId(boxId);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setConverter(new InWords<>(it -> it.map(words).orElse(nothing)));
        box.valueProperty().addListener((_, before, value) -> {
            if (before != null && value != null) {
                fields.change(task -> changed.apply(task, value));
            }
        });
        fields.onShow(task -> box.setValue(now.apply(task)));
        fields.add(TaskFields.label(title), box);
    }
}
