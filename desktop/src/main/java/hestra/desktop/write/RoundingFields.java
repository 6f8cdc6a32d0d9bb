package hestra.desktop.write;

import java.util.Arrays;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.Spinner;

import hestra.desktop.parts.Choices;
import hestra.numbers.Rounding;
import hestra.task.Task;

/** How an answer is to be rounded. */
final class RoundingFields {

    private static final Rounding[] KINDS = {new Rounding.Places(2), new Rounding.Significant(3), new Rounding.Free()};

    private RoundingFields() {}

    static <T extends Task> void add(KindFields<T> fields, Function<T, Rounding> now, BiFunction<T, Rounding, Task> changed) {
        Choices<Rounding> kinds = new Choices<>("edit-rounding", Arrays.asList(KINDS), RoundingFields::inWords,
                it -> fields.change(task -> changed.apply(task, withCount(it, count(now.apply(task))))));
        Spinner<Integer> count = fields.spinner("edit-places", 0, 12, task -> count(now.apply(task)),
                (task, number) -> changed.apply(task, withCount(now.apply(task), number)));
        fields.onShow(task -> {
            Rounding rounding = now.apply(task);
            kinds.show(Arrays.stream(KINDS).filter(it -> it.getClass() == rounding.getClass()).findFirst());
            count.setDisable(rounding instanceof Rounding.Free);
        });
        fields.add(TaskFields.label("rounding"), TaskFields.sideBySide(kinds, count));
    }

    private static String inWords(Rounding rounding) {
        return switch (rounding) {
            case Rounding.Places _ -> "places";
            case Rounding.Significant _ -> "significant";
            case Rounding.Free _ -> "free";
        };
    }

    private static int count(Rounding rounding) {
        return switch (rounding) {
            case Rounding.Places(int count) -> count;
            case Rounding.Significant(int count) -> count;
            case Rounding.Free _ -> 3;
        };
    }

    private static Rounding withCount(Rounding rounding, int count) {
        return switch (rounding) {
            case Rounding.Places _ -> new Rounding.Places(Math.clamp(count, 0, 12));
            case Rounding.Significant _ -> new Rounding.Significant(Math.clamp(count, 1, 12));
            case Rounding.Free free -> free;
        };
    }
}
