package hestra.desktop.write;

import java.util.List;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.exercise.LiveText;
import hestra.exercise.Part;

import static hestra.desktop.parts.Presence.present;

/**
 * Offers the live values while a brace is open before the caret of a field: what each stands for and what it is now. The keyboard
 * stays in the field; arrows go along the list, Enter or Tab takes one, Escape puts the list away.
 */
final class LiveValueList extends VBox {

    private static final Pattern OPEN = Pattern.compile("\\{([A-Za-z][A-Za-z0-9. -]*)?$");
    private static final int MOST = 7;
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final DeskModel model;
    private final TextInputControl field;
    private final Supplier<Part> part;
    private List<LiveText.Value> offered = List.of();
    private int chosen;
    /** Where the brace is for which the list was put away. */
    private int putAway = -1;

    /** A list below a field of a part; {@code part} is the one whose values are offered. */
    LiveValueList(DeskModel model, TextInputControl field, Supplier<Part> part) {
        this.model = model;
        this.field = field;
        this.part = part;
        setId("live-values");
        getStyleClass().add("offers");
        field.caretPositionProperty().addListener(_ -> look());
        field.textProperty().addListener(_ -> look());
        field.focusedProperty().addListener(_ -> look());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        present(this, false);
    }

    private void look() {
        String before = field.getText().substring(0, Math.min(field.getCaretPosition(), field.getText().length()));
        Matcher open = OPEN.matcher(before);
        boolean found = field.isFocused() && open.find() && open.start() != putAway;
        if (!found) {
            offered = List.of();
            putAway = open.reset().find() ? putAway : -1;
            present(this, false);
            return;
        }
        String words = open.group(1) == null ? "" : open.group(1);
        offered = LiveText.matching(words, part.get(), model.desk().exercise().mark()).stream().limit(MOST).toList();
        chosen = 0;
        fill();
        present(this, !offered.isEmpty());
    }

    private void fill() {
        getChildren().clear();
        for (int i = 0; i < offered.size(); i++) {
            LiveText.Value value = offered.get(i);
            Label name = new Label(value.name());
            name.getStyleClass().add("offer-name");
            name.setMinWidth(Region.USE_PREF_SIZE);
            Label what = new Label(value.what());
            what.getStyleClass().add("small");
            HBox.setHgrow(what, Priority.ALWAYS);
            what.setMaxWidth(Double.MAX_VALUE);
            Label now = new Label(value.now().isEmpty() ? "not defined" : value.now());
            now.getStyleClass().add("live-value");
            now.setMinWidth(Region.USE_PREF_SIZE);
            HBox row = new HBox(name, what, now);
            row.setAlignment(Pos.CENTER_LEFT);
            row.getStyleClass().add("offer");
            row.setId("live-value-" + i);
            row.pseudoClassStateChanged(CHOSEN, i == chosen);
            int place = i;
            row.setOnMousePressed(event -> {
                chosen = place;
                take();
                event.consume();
            });
            getChildren().add(row);
        }
    }

    private void key(KeyEvent event) {
        if (offered.isEmpty()) {
            return;
        }
        switch (event.getCode()) {
            case DOWN, UP -> {
                chosen = Math.floorMod(chosen + (event.getCode() == KeyCode.DOWN ? 1 : -1), offered.size());
                fill();
            }
            case ENTER, TAB -> take();
            case ESCAPE -> {
                putAway = field.getText().lastIndexOf('{', Math.max(0, field.getCaretPosition() - 1));
                look();
            }
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void take() {
        int caret = field.getCaretPosition();
        int start = field.getText().lastIndexOf('{', Math.max(0, caret - 1));
        String name = offered.get(chosen).name();
        field.replaceText(start, caret, name);
        field.positionCaret(start + name.length());
    }
}
