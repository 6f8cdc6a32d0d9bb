package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.TextField;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Varying;

/** Other names for the same story, of which each variant has one pair. */
final class VaryNames extends VaryList {

    VaryNames(DeskModel model) {
        super(model);
        getChildren().addAll(heading("other names for the same story"), box(),
                adder("+ other names", "vary-add-names",
                        () -> change(varying -> varying.withTellings(plus(varying.tellings(), new Varying.Telling("", ""))))));
    }

    @Override
    Object shape(Varying varying) {
        return varying.tellings().size();
    }

    @Override
    List<Node> rows(Varying varying) {
        return IntStream.range(0, varying.tellings().size()).mapToObj(this::telling).toList();
    }

    private Node telling(int place) {
        TextField x = name("vary-names-" + place + "-x", "like days (days)", place,
                (it, text) -> new Varying.Telling(text, it.y()));
        TextField y = name("vary-names-" + place + "-y", "like width (mm)", place,
                (it, text) -> new Varying.Telling(it.x(), text));
        onShow(() -> {
            if (place < varying().tellings().size()) {
                Varying.Telling it = varying().tellings().get(place);
                if (!x.getText().equals(it.x())) {
                    x.setText(it.x());
                }
                if (!y.getText().equals(it.y())) {
                    y.setText(it.y());
                }
            }
        });
        return row(label("x"), x, label("y"), y, remover("vary-names-" + place + "-remove",
                () -> change(varying -> varying.withTellings(without(varying.tellings(), place)))));
    }

    private TextField name(String id, String prompt, int place, BiFunction<Varying.Telling, String, Varying.Telling> changed) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setPrefColumnCount(12);
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> change(varying -> {
            List<Varying.Telling> list = new ArrayList<>(varying.tellings());
            if (place < list.size()) {
                list.set(place, changed.apply(list.get(place), text));
            }
            return varying.withTellings(list);
        }, run.now()));
        return field;
    }
}
