package hestra.desktop.speech;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Spinner;
import javafx.scene.control.TableColumnBase;
import javafx.scene.control.TablePosition;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Toggle;

import hestra.desktop.parts.Names;

/** What is said of a control that takes the keyboard: its name, what it is, and what stands in it. */
public final class SpokenControl {

    private static final Map<AccessibleRole, String> ROLES = Map.ofEntries(
            Map.entry(AccessibleRole.BUTTON, "button"), Map.entry(AccessibleRole.TOGGLE_BUTTON, "choice"),
            Map.entry(AccessibleRole.RADIO_BUTTON, "choice"), Map.entry(AccessibleRole.CHECK_BOX, "check box"),
            Map.entry(AccessibleRole.TEXT_FIELD, "field"), Map.entry(AccessibleRole.TEXT_AREA, "text field"),
            Map.entry(AccessibleRole.COMBO_BOX, "list"), Map.entry(AccessibleRole.SPINNER, "number"),
            Map.entry(AccessibleRole.MENU_BUTTON, "menu"), Map.entry(AccessibleRole.TABLE_VIEW, "table"),
            Map.entry(AccessibleRole.HYPERLINK, "link"));

    private SpokenControl() {}

    /** All of it, in one line. */
    public static String of(Node control) {
        List<String> parts = new ArrayList<>(List.of(Names.of(control)));
        Optional.ofNullable(ROLES.get(control.getAccessibleRole())).ifPresent(parts::add);
        state(control).ifPresent(parts::add);
        parts.removeIf(String::isBlank);
        return String.join(", ", parts);
    }

    private static Optional<String> state(Node control) {
        return switch (control) {
            case TextInputControl field -> Optional.of(field.getText().isEmpty() ? "empty" : field.getText());
            case CheckBox box -> Optional.of(box.isSelected() ? "ticked" : "not ticked");
            case Toggle toggle -> Optional.of(toggle.isSelected() ? "chosen" : "not chosen");
            case ComboBox<?> box -> Optional.of(shown(box));
            case Spinner<?> box -> Optional.of(box.getEditor().getText());
            case TableView<?> table -> Optional.of(cell(table));
            default -> Optional.empty();
        };
    }

    /** What a closed list shows: in its own cell, else by its words for the value. */
    private static <T> String shown(ComboBox<T> box) {
        String cell = box.getButtonCell() == null ? null : box.getButtonCell().getText();
        String words = box.getValue() == null || box.getConverter() == null ? "nothing chosen"
                : box.getConverter().toString(box.getValue());
        return cell == null ? words : cell;
    }

    /** The cell in hand of a table: its column, its row, and what stands in it. */
    public static String cell(TableView<?> table) {
        TablePosition<?, ?> at = table.getFocusModel().getFocusedCell();
        TableColumnBase<?, ?> column = at == null ? null : at.getTableColumn();
        if (column == null || at.getRow() < 0 || at.getRow() >= table.getItems().size()) {
            return "";
        }
        Object value = column.getCellData(at.getRow());
        String words = value == null || value.toString().isBlank() ? "empty" : value.toString();
        String name = column.getText() == null || column.getText().isBlank()
                ? Optional.ofNullable(column.getGraphic()).map(Names::of).orElse("") : column.getText();
        return (name.isBlank() ? "" : name + ", ") + "row " + (at.getRow() + 1) + ": " + words;
    }
}
