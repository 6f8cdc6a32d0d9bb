package hestra.desktop.table;

import javafx.scene.control.TextField;

import hestra.desktop.parts.Tip;

/** A field for the number of a row; it tells of a change when Enter is pressed or the keyboard goes on. */
final class RowField extends TextField {

    private final Runnable changed;
    private int shown = 1;

    RowField(String id, String tip, Runnable changed) {
        this.changed = changed;
        setId(id);
        setPrefColumnCount(4);
        setMinWidth(USE_PREF_SIZE);
        getStyleClass().add("number-field");
        Tip.set(this, tip);
        setOnAction(_ -> tell());
        focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                tell();
            }
        });
    }

    void show(int row) {
        shown = row;
        setText(Integer.toString(row));
    }

    /** The number typed; the one shown before where there is none. */
    int value() {
        return getText().matches("\\d{1,7}") && Integer.parseInt(getText()) > 0 ? Integer.parseInt(getText()) : shown;
    }

    private void tell() {
        int typed = value();
        setText(Integer.toString(typed));
        if (typed != shown) {
            shown = typed;
            changed.run();
        }
    }
}
