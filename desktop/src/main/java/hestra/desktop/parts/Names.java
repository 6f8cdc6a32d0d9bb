package hestra.desktop.parts;

import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;

/**
 * What a control is called by those who read the window aloud. A button is called by its own words; what one types into, or
 * chooses in, by a name beside what stands in it.
 */
public final class Names {

    /** How far outwards a label is looked for. */
    private static final int MOST_STEPS = 4;

    private Names() {}

    /** Calls a control so. What is typed into a field goes on being read as its text. */
    public static void as(Node control, String name) {
        if (isFilled(control)) {
            new Label(name).setLabelFor(control);
        } else {
            control.setAccessibleText(name);
        }
    }

    /** What a control is called; blank where nothing says it. */
    public static String of(Node control) {
        if (!isFilled(control)) {
            // The toolkit's menu buttons keep their words to themselves.
            return Optional.ofNullable(control.queryAccessibleAttribute(AccessibleAttribute.TEXT)).map(Object::toString)
                    .flatMap(Names::text).or(() -> control instanceof Labeled button ? text(button.getText()) : Optional.empty())
                    .orElse("");
        }
        return label(control).or(() -> text(control.getAccessibleText())).or(() -> beside(control))
                .or(() -> control instanceof TextInputControl field ? text(field.getPromptText()) : Optional.empty()).orElse("");
    }

    /** Has a control that one types into carry its name, for whoever reads it: from the label that stands before it. */
    public static void settle(Node control) {
        if (isFilled(control) && label(control).isEmpty()) {
            String name = of(control);
            if (!name.isBlank()) {
                control.setAccessibleText(null);
                as(control, name);
            }
        } else if (control instanceof ToggleButton choice && choice.getToggleGroup() != null && text(choice.getAccessibleText())
                .isEmpty()) {
            // One of several: what is chosen by it is said before it.
            beside(choice).ifPresent(group -> choice.setAccessibleText(group + ": " + choice.getText()));
        } else if (control instanceof MenuButton button && text(button.getAccessibleText()).isEmpty()) {
            button.accessibleTextProperty().bind(button.textProperty());
        }
    }

    private static boolean isFilled(Node control) {
        return control instanceof TextInputControl || control instanceof ComboBoxBase<?> || control instanceof Spinner<?>;
    }

    private static Optional<String> label(Node control) {
        return control.queryAccessibleAttribute(AccessibleAttribute.LABELED_BY) instanceof Label label
                ? text(label.getText()) : Optional.empty();
    }

    private static Optional<String> text(String words) {
        return Optional.ofNullable(words).map(String::strip).filter(it -> !it.isEmpty());
    }

    /**
     * The label that stands before it on its line, in a grid else above it in its column; where it has none itself, that of what
     * it stands in.
     */
    private static Optional<String> beside(Node control) {
        Node at = control;
        for (int step = 0; step < MOST_STEPS && at.getParent() != null; step++) {
            Parent around = at.getParent();
            List<Node> children = around.getChildrenUnmodifiable();
            List<Label> labels = children.subList(0, children.indexOf(at)).reversed().stream().filter(Label.class::isInstance)
                    .map(Label.class::cast).filter(label -> text(label.getText()).isPresent()).toList();
            Node inside = at;
            Optional<Label> found = !(around instanceof GridPane) ? labels.stream().findFirst()
                    : labels.stream().filter(label -> row(label) == row(inside)).findFirst()
                    .or(() -> labels.stream().filter(label -> column(label) == column(inside)).findFirst());
            if (found.isPresent()) {
                return text(found.get().getText());
            }
            at = around;
        }
        return Optional.empty();
    }

    private static int column(Node node) {
        return Optional.ofNullable(GridPane.getColumnIndex(node)).orElse(0);
    }

    private static int row(Node node) {
        return Optional.ofNullable(GridPane.getRowIndex(node)).orElse(0);
    }
}
