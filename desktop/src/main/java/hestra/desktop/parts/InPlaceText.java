package hestra.desktop.parts;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.layout.StackPane;

/**
 * Text that is read as it is set, and typed where it stands: once the keyboard is in it, the text as it is typed takes the place
 * of the text as it is set.
 */
public final class InPlaceText extends StackPane {

    private final GrowingArea area = new GrowingArea();
    private final Node set;
    private final Consumer<String> reset;
    private boolean showing;
    /** The text as it is set; to set it anew takes longer than a frame may where there are many. */
    private String shown;

    /**
     * An empty text.
     *
     * @param set shows the text while nobody types
     * @param reset sets it anew
     * @param typed takes it with every letter
     */
    public InPlaceText(String id, String prompt, Node set, Consumer<String> reset, Consumer<String> typed) {
        this.set = set;
        this.reset = reset;
        area.setId(id);
        area.setPromptText(prompt);
        getStyleClass().add("in-place");
        setAlignment(Pos.TOP_LEFT);
        set.setMouseTransparent(true);
        getChildren().addAll(set, area);
        area.focusedProperty().addListener(_ -> dress());
        area.textProperty().addListener((_, _, text) -> {
            if (!showing) {
                typed.accept(text);
            }
        });
        dress();
    }

    /** Shows a text; where it is the one that is typed, nothing moves. */
    public void show(String text) {
        if (!area.getText().equals(text)) {
            showing = true;
            area.setText(text);
            showing = false;
        }
        dress();
    }

    /** Typed text lies over the set one, out of sight until the keyboard is in it: so Tab and a click find it. */
    private void dress() {
        boolean typing = area.isFocused() || area.getText().isBlank();
        if (!typing && !area.getText().equals(shown)) {
            shown = area.getText();
            reset.accept(shown);
        }
        set.setVisible(!typing);
        set.setManaged(!typing);
        area.setManaged(typing);
        area.setOpacity(typing ? 1 : 0);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        if (!area.isManaged()) {
            area.resizeRelocate(0, 0, getWidth(), getHeight());
        }
    }

    /** Where it is typed. */
    public TextArea area() {
        return area;
    }
}
