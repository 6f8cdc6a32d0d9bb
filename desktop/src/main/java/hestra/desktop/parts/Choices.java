package hestra.desktop.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;

/**
 * A few words side by side of which one is chosen; arrow keys go from one to the next.
 *
 * @param <T> what is chosen
 */
public final class Choices<T> extends HBox {

    private final List<T> values;
    private final List<ToggleButton> buttons = new ArrayList<>();
    private final ToggleGroup group = new ToggleGroup();

    /** Choices among values, each said in words; a choice by hand is told to {@code chosen}. */
    public Choices(String id, List<T> values, Function<T, String> words, Consumer<T> chosen) {
        this.values = List.copyOf(values);
        getStyleClass().add("choices");
        setId(id);
        for (T value : values) {
            ToggleButton button = Literally.said(new ToggleButton(words.apply(value)));
            button.getStyleClass().setAll("choice");
            button.setId(id + "-" + words.apply(value).replace(' ', '-'));
            button.setMinWidth(USE_PREF_SIZE);
            button.setToggleGroup(group);
            button.setOnAction(_ -> {
                button.setSelected(true);
                chosen.accept(value);
            });
            if (buttons.isEmpty()) {
                button.getStyleClass().add("first");
            }
            if (buttons.size() == values.size() - 1) {
                button.getStyleClass().add("last");
            }
            buttons.add(button);
            button.setFocusTraversable(buttons.size() == 1);
            getChildren().add(button);
        }
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            int step = event.getCode() == KeyCode.RIGHT ? 1 : event.getCode() == KeyCode.LEFT ? -1 : 0;
            int focused = buttons.indexOf(getScene().getFocusOwner());
            if (step != 0 && focused >= 0) {
                int to = Math.floorMod(focused + step, buttons.size());
                while (buttons.get(to).isDisabled() && to != focused) {
                    to = Math.floorMod(to + step, buttons.size());
                }
                ToggleButton next = buttons.get(to);
                next.requestFocus();
                next.fire();
                event.consume();
            }
        });
    }

    /** Leaves these alone to be chosen. */
    public void offer(Predicate<T> some) {
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setDisable(!some.test(values.get(i)));
        }
    }

    /** Shows what is chosen; nothing chosen where empty. */
    public void show(Optional<T> chosen) {
        int index = chosen.map(values::indexOf).orElse(-1);
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setSelected(i == index);
            // One stop for Tab: at what is chosen, else at the first.
            buttons.get(i).setFocusTraversable(i == Math.max(0, index));
        }
    }
}
