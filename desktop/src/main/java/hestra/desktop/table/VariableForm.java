package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.StringConverter;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles.Use;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.data.Variable.Limits;
import hestra.desktop.parts.Tip;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.summary.ColumnOverview;

/** The columns of a table: name, meaning, unit and use of each, what its column holds, and which values are possible. */
public final class VariableForm extends ScrollPane {

    private static final int ROWS_EACH = 2;
    private static final double HEIGHT_EACH = 80;
    private static final double HEADINGS = 26;

    private final GridSource source;
    private final int mostShown;
    private final GridPane variables = new GridPane();
    private final List<Runnable> shows = new ArrayList<>();
    private final List<TextField> names = new ArrayList<>();
    private int width = -1;

    /** The columns of the table that a grid shows; beyond so many they scroll. */
    public VariableForm(GridSource source, int mostShown) {
        this.source = source;
        this.mostShown = mostShown;
        getStyleClass().add("variable-form");
        variables.getStyleClass().add("form");
        setContent(variables);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    /** Shows what they are now. */
    public void show() {
        int now = table().width();
        if (now != width) {
            build(now);
        }
        shows.forEach(Runnable::run);
    }

    /** What takes the keyboard: the name of the first column. */
    public Node first() {
        return names.getFirst();
    }

    private void build(int columns) {
        width = columns;
        shows.clear();
        names.clear();
        variables.getChildren().clear();
        variables.addRow(0, head("name"), head("what it is"), head("unit"), head("use"));
        for (int column = 0; column < width; column++) {
            TextField name = field("variable-name-" + column, column, Variable::name, Variable::withName);
            TextField label = field("variable-label-" + column, column, Variable::label, Variable::withLabel);
            TextField unit = field("variable-unit-" + column, column, Variable::unit, Variable::withUnit);
            names.add(name);
            name.setPrefColumnCount(6);
            name.setMinWidth(88);
            unit.setPrefColumnCount(4);
            unit.setMinWidth(66);
            GridPane.setHgrow(label, Priority.ALWAYS);
            variables.addRow(1 + ROWS_EACH * column, name, label, unit, use(column));
            HBox below = new HBox(overview(column), possible(column));
            below.getStyleClass().add("variable-overview");
            variables.add(below, 0, 2 + ROWS_EACH * column, 4, 1);
        }
        variables.getChildren().forEach(node -> GridPane.setValignment(node, VPos.CENTER));
        double height = HEADINGS + HEIGHT_EACH * Math.min(mostShown, width);
        // Where a strip below needs the room, they scroll.
        setMinHeight(HEADINGS + HEIGHT_EACH);
        setPrefHeight(height);
        setMaxHeight(height);
    }

    private Node use(int column) {
        ComboBox<Use> uses = new ComboBox<>();
        uses.setId("variable-use-" + column);
        uses.setMinWidth(112);
        uses.setMaxWidth(112);
        uses.setConverter(new StringConverter<>() {
            @Override
            public String toString(Use use) {
                return use == null ? "" : use.inWords();
            }

            @Override
            public Use fromString(String text) {
                throw new UnsupportedOperationException("not typed");
            }
        });
        uses.setOnAction(_ -> {
            if (uses.getValue() != null && uses.getValue() != source.roles().useOf(column)) {
                source.use(column, uses.getValue());
            }
        });
        Tip.set(uses,
                "explains: x; responds: y; names: a label at each point; groups: a shape for each group; counts: how often "
                + "each pair was observed");
        shows.add(() -> {
            Use now = source.roles().useOf(column);
            List<Use> possible = now.possible();
            if (!uses.getItems().equals(possible)) {
                uses.getItems().setAll(possible);
            }
            uses.setValue(now);
        });
        return uses;
    }

    private Node overview(int column) {
        Label overview = new Label();
        overview.getStyleClass().add("small");
        overview.setId("variable-overview-" + column);
        HBox.setHgrow(overview, Priority.ALWAYS);
        overview.setMaxWidth(Double.MAX_VALUE);
        DataTable[] shown = new DataTable[1];
        shows.add(() -> {
            if (shown[0] != table()) {
                shown[0] = table();
                overview.setText(ColumnOverview.of(table(), column).inWords(style()));
                Tip.set(overview, overview.getText());
            }
        });
        return overview;
    }

    private NumberStyle style() {
        return new NumberStyle(source.mark(), NumberStyle.STANDARD.digits());
    }

    /** Two small fields for the least and the greatest value that can be: what lies outside is pointed out. */
    private Node possible(int column) {
        TextField least = limit("variable-least-" + column, "least");
        TextField greatest = limit("variable-greatest-" + column, "most");
        Runnable typed = () -> {
            Optional<Limits> limits = limits(least.getText(), greatest.getText());
            boolean cleared = least.getText().isBlank() && greatest.getText().isBlank();
            boolean fits = cleared || limits.isPresent();
            least.pseudoClassStateChanged(PseudoClass.getPseudoClass("wrong"), !fits && !least.getText()
                    .isBlank() && !greatest.getText().isBlank());
            if (fits && !limits.equals(variable(column).possible())) {
                source.change(new TableEdit.Name(column, variable(column).withPossible(limits)));
            }
        };
        least.textProperty().addListener(_ -> typed.run());
        greatest.textProperty().addListener(_ -> typed.run());
        shows.add(() -> variable(column).possible().ifPresent(limits -> {
            NumberStyle style = style();
            if (!limits(least.getText(), greatest.getText()).equals(Optional.of(limits))) {
                least.setText(style.shortest(limits.least()));
                greatest.setText(style.shortest(limits.greatest()));
            }
        }));
        HBox box = new HBox(head("possible"), least, head("to"), greatest);
        box.getStyleClass().add("variable-possible");
        box.setMinWidth(USE_PREF_SIZE);
        return box;
    }

    private Optional<Limits> limits(String least, String greatest) {
        DecimalMark mark = source.mark();
        return Cell.of(least, mark) instanceof Cell.Measured low && Cell.of(greatest, mark) instanceof Cell.Measured high
                && low.value() <= high.value()
                ? Optional.of(new Limits(low.value(), high.value())) : Optional.empty();
    }

    private static TextField limit(String id, String prompt) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setPrefColumnCount(4);
        field.setMinWidth(64);
        field.setMaxWidth(64);
        field.getStyleClass().add("number-field");
        Tip.set(field, "the " + prompt
                + " possible value, from the unit and from what is measured; values outside are pointed out");
        return field;
    }

    private DataTable table() {
        return source.table();
    }

    private Variable variable(int column) {
        return table().variable(column);
    }

    private TextField field(String id, int column, Function<Variable, String> now,
            BiFunction<Variable, String, Variable> changed) {
        TextField field = new TextField();
        field.setId(id);
        field.textProperty().addListener((_, _, text) -> {
            if (column < width && !text.strip().equals(now.apply(variable(column)))) {
                source.change(new TableEdit.Name(column, changed.apply(variable(column), text)));
            }
        });
        shows.add(() -> {
            if (!field.getText().strip().equals(now.apply(variable(column)))) {
                field.setText(now.apply(variable(column)));
            }
        });
        return field;
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        return label;
    }
}
