package hestra.desktop.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;

/**
 * Sentences below one another of which one is chosen; arrow keys go from one to the next.
 *
 * @param <T> what is chosen
 */
public final class RadioList<T> extends VBox {

    private final List<T> values;
    private final List<RadioButton> buttons = new ArrayList<>();
    private boolean showing;

    /**
     * A list under a title, which may be empty; each choice by hand is told. The ids of its buttons begin with that of the list
     * and end with a name of the value.
     */
    public RadioList(String id, String title, List<T> values, Function<T, String> words, Function<T, String> name,
            Consumer<T> chosen) {
        this.values = List.copyOf(values);
        setId(id);
        getStyleClass().add("reasons");
        if (!title.isEmpty()) {
            Label label = new Label(title);
            label.getStyleClass().add("form-label");
            label.setWrapText(true);
            label.setMinHeight(USE_PREF_SIZE);
            getChildren().add(label);
        }
        ToggleGroup group = new ToggleGroup();
        for (T value : values) {
            RadioButton button = Literally.said(new RadioButton(words.apply(value)));
            button.setId(id + "-" + name.apply(value).toLowerCase(Locale.ROOT).replace('_', '-'));
            button.setWrapText(true);
            button.setMinHeight(USE_PREF_SIZE);
            button.setToggleGroup(group);
            buttons.add(button);
            getChildren().add(button);
        }
        // Arrow keys choose without pressing: what is chosen is told, however that came about.
        group.selectedToggleProperty().addListener((_, _, now) -> {
            if (!showing && now != null) {
                chosen.accept(values.get(buttons.indexOf(now)));
            }
        });
    }

    /** Shows what is chosen; nothing chosen where empty. */
    public void show(Optional<T> now) {
        showing = true;
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setSelected(now.filter(values.get(i)::equals).isPresent());
        }
        showing = false;
    }
}
