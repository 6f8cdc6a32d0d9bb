package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InWords;
import hestra.desktop.parts.Tip;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.fit.Curve;
import hestra.task.WriteEquation;

/** What the data of every variant have to be like. */
final class VaryWishes extends VaryList {

    private final CheckBox clear = new CheckBox("every key clear of a half");
    private final CheckBox told = new CheckBox("every mistake told from the key");

    VaryWishes(DeskModel model) {
        super(model);
        clear.setId("vary-clear");
        clear.setOnAction(_ -> change(varying -> ticked(varying, new Wish.KeysClear(), clear.isSelected())));
        Tip.set(clear,
                "no key lies within a tenth of a step of its last digit of a half, where a hair would decide how it is rounded");
        told.setId("vary-told");
        told.setOnAction(_ -> change(varying -> ticked(varying, new Wish.MistakesTold(), told.isSelected())));
        Tip.set(told, "no mistake gives the right answer at the rounding that is asked for");
        Button between = adder("+ a value between bounds", "vary-add-between",
                () -> change(varying -> with(varying, new Wish.Between(Reading.of(Quantity.R), OptionalDouble.empty(),
                        OptionalDouble.empty()))));
        Button better = adder("+ one curve better than another", "vary-add-better",
                () -> change(varying -> with(varying, new Wish.Better(new Curve.Polynomial(2), new Curve.Line(), 0.05))));
        getChildren().addAll(heading("has to be so in every variant"), new HBox(16, clear, told), box(),
                new FlowPane(8, 4, between, better));
    }

    @Override
    Object shape(Varying varying) {
        return varying.wishes().stream().map(Object::getClass).toList();
    }

    @Override
    List<Node> rows(Varying varying) {
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < varying.wishes().size(); i++) {
            switch (varying.wishes().get(i)) {
                case Wish.Between _ -> rows.add(between(i));
                case Wish.Better _ -> rows.add(better(i));
                case Wish.KeysClear _, Wish.MistakesTold _ -> { }
            }
        }
        return rows;
    }

    @Override
    void show() {
        clear.setSelected(varying().wishes().contains(new Wish.KeysClear()));
        told.setSelected(varying().wishes().contains(new Wish.MistakesTold()));
        super.show();
    }

    private static Varying with(Varying varying, Wish wish) {
        return varying.withWishes(plus(varying.wishes(), wish));
    }

    private static Varying ticked(Varying varying, Wish wish, boolean on) {
        return on ? with(varying, wish) : varying.withWishes(varying.wishes().stream().filter(it -> !it.equals(wish)).toList());
    }

    private Node between(int place) {
        ComboBox<Quantity> quantity = new ComboBox<>(FXCollections.observableArrayList(List.of(Quantity.values()).stream()
                .filter(it -> it.of() == Quantity.Of.DATA || it.of() == Quantity.Of.LINE || it.of() == Quantity.Of.CURVE)
                .toList()));
        quantity.setId("vary-wish-" + place);
        quantity.setConverter(new InWords<>(Quantity::inWords));
        quantity.setPrefWidth(190);
        quantity.setOnAction(_ -> wish(place, Wish.Between.class,
                it -> quantity.getValue() == null
                ? it : new Wish.Between(it.reading().with(quantity.getValue()), it.low(), it.high()), Optional.empty()));
        BoundField low = new BoundField("vary-wish-" + place + "-low", "at least", true, this::mark,
                (value, run) -> wish(place, Wish.Between.class, it -> bounded(it, value, it.high()), run));
        BoundField high = new BoundField("vary-wish-" + place + "-high", "at most", true, this::mark,
                (value, run) -> wish(place, Wish.Between.class, it -> bounded(it, it.low(), value), run));
        onShow(() -> at(place, Wish.Between.class).ifPresent(it -> {
            quantity.setValue(it.reading().quantity());
            low.show(it.low());
            high.show(it.high());
        }));
        return row(quantity, label("from"), low, label("to"), high,
                remover("vary-wish-" + place + "-remove",
                        () -> change(varying -> varying.withWishes(without(varying.wishes(), place)))));
    }

    /** The wish with other bounds; as it was while the two are the wrong way round. */
    private static Wish bounded(Wish.Between wish, OptionalDouble low, OptionalDouble high) {
        return low.isPresent() && high.isPresent() && low.getAsDouble() > high.getAsDouble()
                ? wish : new Wish.Between(wish.reading(), low, high);
    }

    private Node better(int place) {
        ComboBox<Curve> one = curves("vary-wish-" + place + "-better");
        ComboBox<Curve> other = curves("vary-wish-" + place + "-than");
        one.setOnAction(_ -> wish(place, Wish.Better.class,
                it -> one.getValue() == null ? it : new Wish.Better(one.getValue(), it.than(), it.by()), Optional.empty()));
        other.setOnAction(_ -> wish(place, Wish.Better.class,
                it -> other.getValue() == null ? it : new Wish.Better(it.better(), other.getValue(), it.by()), Optional.empty()));
        BoundField by = new BoundField("vary-wish-" + place + "-by", "by how much its adjusted R² is greater", false, this::mark,
                (value, run) -> wish(place, Wish.Better.class, it -> new Wish.Better(it.better(), it.than(), value.getAsDouble()),
                        run));
        onShow(() -> at(place, Wish.Better.class).ifPresent(it -> {
            one.setValue(it.better());
            other.setValue(it.than());
            by.show(OptionalDouble.of(it.by()));
        }));
        return row(label("adjusted R² of"), one, label("over"), other, label("by"), by,
                remover("vary-wish-" + place + "-remove",
                        () -> change(varying -> varying.withWishes(without(varying.wishes(), place)))));
    }

    private static ComboBox<Curve> curves(String id) {
        ComboBox<Curve> box = new ComboBox<>(FXCollections.observableArrayList(WriteEquation.CURVES));
        box.setId(id);
        box.setPrefWidth(124);
        box.setConverter(new InWords<>(it -> it instanceof Curve.Line ? "line" : it.inWords()));
        return box;
    }

    private <W extends Wish> Optional<W> at(int place, Class<W> type) {
        List<Wish> list = varying().wishes();
        return place < list.size() && type.isInstance(list.get(place))
                ? Optional.of(type.cast(list.get(place))) : Optional.empty();
    }

    private <W extends Wish> void wish(int place, Class<W> type, Function<W, Wish> changed, Optional<String> run) {
        at(place, type).ifPresent(wish -> change(varying -> {
            List<Wish> list = new ArrayList<>(varying.wishes());
            list.set(place, changed.apply(wish));
            return varying.withWishes(list);
        }, run));
    }
}
