package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.PartEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.exercise.Varying;
import hestra.numbers.DecimalMark;

/**
 * A list of what differs from variant to variant, or has to be so in all: a row for each entry, anew whenever there are others,
 * and below them what adds one.
 */
abstract class VaryList extends VBox {

    private final DeskModel model;
    private final VBox rows = new VBox();
    private final List<Runnable> shows = new ArrayList<>();
    private Object shape = "";

    VaryList(DeskModel model) {
        this.model = model;
        rows.getStyleClass().add("vary-list");
        getStyleClass().add("vary-list");
    }

    /** What there are rows for: rows are made anew where it is another. */
    abstract Object shape(Varying varying);

    /** The rows for it, in their order. */
    abstract List<Node> rows(Varying varying);

    /** Where the rows stand. */
    final VBox box() {
        return rows;
    }

    /** Has something show what it is about whenever that may have changed. */
    final void onShow(Runnable show) {
        shows.add(show);
    }

    /** Follows what is written. */
    void show() {
        Object now = shape(varying());
        if (!now.equals(shape)) {
            shape = now;
            shows.clear();
            rows.getChildren().setAll(rows(varying()));
        }
        shows.forEach(Runnable::run);
    }

    final DeskModel model() {
        return model;
    }

    final Varying varying() {
        return model.findings().written().varying();
    }

    final DecimalMark mark() {
        return model.desk().exercise().mark();
    }

    final void change(UnaryOperator<Varying> changed) {
        change(changed, Optional.empty());
    }

    /** Makes an edit of it, within a run of typing where it is typed. */
    final void change(UnaryOperator<Varying> changed, Optional<String> run) {
        Varying now = changed.apply(varying());
        if (!now.equals(varying())) {
            model.apply(new PartEdit.Vary(now, run));
        }
    }

    static <T> List<T> plus(List<T> before, T one) {
        List<T> list = new ArrayList<>(before);
        if (list.size() < Varying.MOST) {
            list.add(one);
        }
        return list;
    }

    static <T> List<T> without(List<T> before, int place) {
        List<T> list = new ArrayList<>(before);
        list.remove(place);
        return list;
    }

    static HBox row(Node... nodes) {
        HBox row = new HBox(nodes);
        row.getStyleClass().add("vary-row");
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    static Button adder(String text, String id, Runnable action) {
        Button button = Literally.said(new Button(text));
        button.setId(id);
        button.getStyleClass().setAll("quiet");
        button.setOnAction(_ -> action.run());
        return button;
    }

    static Button remover(String id, Runnable action) {
        Button button = adder("\u00d7", id, action);
        button.setAccessibleText("take this out");
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        return label;
    }
}
