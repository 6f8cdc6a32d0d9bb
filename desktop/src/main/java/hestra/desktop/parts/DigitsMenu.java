package hestra.desktop.parts;

import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;

import hestra.exercise.PlotRules;

/** Chooses how many significant digits the numbers of curves have; its choices are made when it is first opened. */
public final class DigitsMenu extends MenuButton {

    private static final String NEEDED = "as many as needed";

    private final String unchosen;
    private OptionalInt chosen = OptionalInt.empty();

    /** A menu that tells what is chosen: nothing for as many digits as are needed, and is then called "digits". */
    public DigitsMenu(String id, Consumer<OptionalInt> tell) {
        this(id, "digits", tell);
    }

    private DigitsMenu(String id, String unchosen, Consumer<OptionalInt> tell) {
        this.unchosen = unchosen;
        setId(id);
        getStyleClass().setAll("quiet", "menu", "digits-menu");
        setMinWidth(USE_PREF_SIZE);
        Tip.set(this, "How many significant digits the numbers of curves have");
        // A menu without items does not open.
        getItems().add(new RadioMenuItem());
        setOnShowing(_ -> fill(tell));
        show(OptionalInt.empty());
    }

    /** The same with its choice written out, for a form. */
    public static DigitsMenu inForm(String id, Consumer<OptionalInt> tell) {
        return new DigitsMenu(id, NEEDED, tell);
    }

    private void fill(Consumer<OptionalInt> tell) {
        ToggleGroup group = new ToggleGroup();
        getItems().setAll(IntStream.rangeClosed(PlotRules.FEWEST_DIGITS - 1, PlotRules.MOST_DIGITS)
                .mapToObj(count -> count < PlotRules.FEWEST_DIGITS ? OptionalInt.empty() : OptionalInt.of(count)).map(count -> {
                    RadioMenuItem item = Literally.said(new RadioMenuItem(count.isPresent()
                            ? Integer.toString(count.getAsInt()) : NEEDED));
                    item.setToggleGroup(group);
                    item.setSelected(count.equals(chosen));
                    item.setOnAction(_ -> tell.accept(count));
                    return item;
                }).toList());
    }

    /** Shows what is chosen. */
    public void show(OptionalInt digits) {
        chosen = digits;
        setText(digits.isPresent() ? digits.getAsInt() + " digits" : unchosen);
        setAccessibleText(digits.isPresent() ? getText() : "digits: " + NEEDED);
    }
}
