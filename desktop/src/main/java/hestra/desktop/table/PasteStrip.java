package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.EventHandler;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Stops;
import hestra.desktop.parts.Tip;
import hestra.documents.table.Separator;
import hestra.documents.table.TextData;
import hestra.documents.table.TextShape;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;

import static hestra.desktop.parts.Presence.present;

/** Tells how pasted text was understood; each guess can be changed by one click, and what is right needs none. */
final class PasteStrip extends VBox {

    private static final double TALLEST = 96;
    private static final int SHORT = 6;
    private static final int FEWEST_TO_CHOOSE = 12;

    private final Consumer<TextShape> said;
    private final Consumer<List<Integer>> chosen;
    private final Label title = new Label();
    private final Label notes = new Label();
    private final Button more = new Button("How\u2026");
    private final VBox details;
    private final EventHandler<MouseEvent> clicked = event -> goneOn(event.getPickResult().getIntersectedNode());
    private final EventHandler<KeyEvent> typed = event -> {
        if (types(event)) {
            goneOn(getScene().getFocusOwner());
        }
    };
    private final Choices<Boolean> headed;
    private final Choices<DecimalMark> mark;
    private final Choices<Boolean> across;
    private final HBox series;
    private final ScrollPane columnPane;
    private final FlowPane columns = new FlowPane();
    private final FlowPane separators = new FlowPane();
    private final FlowPane sheets = new FlowPane();
    private final VBox offers = new VBox();
    private final IntConsumer turned;
    private final RowField firstRow;
    private final RowField lastRow;
    private final HBox rows;
    private final Choices<Boolean> replaces;
    private final HBox replacing;
    private TextShape shape;
    private int taken;
    private String told = "";

    PasteStrip(Consumer<TextShape> said, Consumer<List<Integer>> chosen, IntConsumer turned, Consumer<RowRange> limited,
            Consumer<Boolean> replaced) {
        this.said = said;
        this.turned = turned;
        this.chosen = chosen;
        getStyleClass().add("paste-strip");
        setId("paste-strip");
        setMinHeight(USE_PREF_SIZE);
        title.getStyleClass().add("paste-title");
        title.setWrapText(true);
        title.setMinHeight(USE_PREF_SIZE);
        notes.getStyleClass().add("small");
        notes.setId("paste-notes");
        notes.setWrapText(true);
        notes.setMinHeight(USE_PREF_SIZE);
        headed = new Choices<>("paste-headed", List.of(true, false), it -> it ? "names" : "data",
                it -> said.accept(shape.withHeaded(it)));
        mark = new Choices<>("paste-mark", List.of(DecimalMark.values()), it -> it == DecimalMark.POINT ? "1.5" : "1,5",
                it -> said.accept(shape.withMark(it)));
        across = new Choices<>("paste-across", List.of(false, true), it -> it ? "across" : "down",
                it -> said.accept(shape.withAcross(it)));
        series = pair("series go", across);
        columns.getStyleClass().add("paste-flow");
        columnPane = new ScrollPane(columns);
        columnPane.setFitToWidth(true);
        columnPane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        columnPane.setMaxHeight(TALLEST);
        // As high as its lines, which are known only once they have been laid out in the width that there is.
        columns.heightProperty().subscribe(high -> columnPane.setMinHeight(Math.min(TALLEST, Math.ceil(high.doubleValue()))));
        columnPane.getStyleClass().add("paste-columns");
        separators.getStyleClass().add("paste-flow");
        sheets.getStyleClass().add("paste-flow");
        Button close = new Button("Done");
        close.setId("paste-close");
        close.getStyleClass().add("quiet");
        close.setOnAction(_ -> hide());
        close.setMinWidth(USE_PREF_SIZE);
        Tip.set(close, "close this (Escape)");
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        more.setId("paste-more");
        more.getStyleClass().add("quiet");
        more.setMinWidth(USE_PREF_SIZE);
        more.setOnAction(_ -> unfold(true));
        Tip.set(more, "how it was read, and what can be read otherwise");
        HBox top = new HBox(6, title, more, close);
        top.setAlignment(Pos.TOP_LEFT);
        firstRow = new RowField("paste-first-row", "the first row to take", () -> limited.accept(range()));
        lastRow = new RowField("paste-last-row", "the last row to take", () -> limited.accept(range()));
        rows = new HBox(pair("rows", firstRow), pair("to", lastRow));
        rows.getStyleClass().add("paste-pair");
        replaces = new Choices<>("paste-replaces", List.of(true, false), it -> it ? "replace all" : "go among them", replaced);
        replacing = pair("new rows", replaces);
        FlowPane guesses = new FlowPane(replacing, pair("first line", headed), pair("decimals", mark), series, rows);
        guesses.getStyleClass().add("paste-flow");
        offers.getStyleClass().add("paste-offers");
        offers.setId("paste-offers");
        details = new VBox(sheets, guesses, separators, columnPane, notes);
        details.getStyleClass().add("paste-details");
        getChildren().addAll(top, offers, details);
        hide();
        sceneProperty().subscribe((before, now) -> {
            if (before != null) {
                before.removeEventFilter(MouseEvent.MOUSE_RELEASED, clicked);
                before.removeEventFilter(KeyEvent.KEY_TYPED, typed);
            }
            if (now != null) {
                now.addEventFilter(MouseEvent.MOUSE_RELEASED, clicked);
                now.addEventFilter(KeyEvent.KEY_TYPED, typed);
            }
        });
    }

    void hide() {
        present(this, false);
    }

    /**
     * Once somebody has done something elsewhere, what was read is one line. Not before: a button below would move away from
     * under the pointer that presses it.
     */
    private void goneOn(Node where) {
        if (isVisible() && details.isVisible() && !isWithin(where)) {
            Platform.runLater(() -> unfold(false));
        }
    }

    /** Whether a key types something: those by which it was pasted are no going on. */
    private static boolean types(KeyEvent key) {
        return !key.isShortcutDown() && key.getCharacter().codePoints().anyMatch(sign -> !Character.isISOControl(sign));
    }

    /** Whether something is in the strip or in the table above it, whose height stays while it is used. */
    private boolean isWithin(Node where) {
        return Stops.isWithin(where, getParent());
    }

    private void unfold(boolean whole) {
        present(details, whole);
        present(more, !whole);
        title.setText(whole ? told + " Click anything that was read wrongly." : told);
    }

    /** Shows how a text was understood and which of its columns were taken; of a file with several sheets also which of them. */
    void show(TextData data, List<Integer> kept, List<String> names, int current, RowRange range) {
        shape = data.shape();
        taken = range.of(data.block().rows()).size();
        present(rows, data.block().rows().size() >= FEWEST_TO_CHOOSE);
        firstRow.show(Math.min(range.first(), Math.max(1, data.block().rows().size())));
        lastRow.show(Math.min(range.last(), data.block().rows().size()));
        told = Counted.of(taken, "row") + " added.";
        unfold(true);
        headed.show(Optional.of(shape.headed()));
        mark.show(Optional.of(shape.mark()));
        across.show(Optional.of(shape.across()));
        present(series, shape.across() || data.block().rows().size() <= SHORT && data.block().width() > SHORT);
        showSheets(names, current);
        showSeparators(data);
        showColumns(data, kept);
        notes.setText(String.join(" · ", data.notes()));
        present(notes, !data.notes().isEmpty());
        present(this, true);
    }

    /** Shows whether what was taken stands in the place of all that was there, where it could be meant so. */
    void showReplacing(boolean possible, boolean replaced, int before) {
        present(replacing, possible);
        replaces.show(Optional.of(replaced));
        if (replaced) {
            told = Counted.of(taken, "row") + " in the place of the " + before + " that were here.";
            unfold(true);
        }
    }

    /** Shows what columns that are not used look like, each with a button that puts it to that use. */
    void showOffers(DataTable table, List<Roles.Offer> looked, Consumer<Roles.Offer> taken) {
        offers.getChildren().setAll(looked.stream().map(offer -> {
            Label text = new Label("“" + table.variable(offer.column())
                    .name() + "” looks like " + (offer.use() == Roles.Use.COUNTS
                    ? "counts: how often each pair was observed." : "groups."));
            text.getStyleClass().add("small");
            text.setWrapText(true);
            text.setMinHeight(USE_PREF_SIZE);
            HBox.setHgrow(text, Priority.ALWAYS);
            text.setMaxWidth(Double.MAX_VALUE);
            Button use = Literally.said(new Button(offer.use() == Roles.Use.COUNTS ? "Use as counts" : "Use as groups"));
            use.setId("offer-" + offer.use().name().toLowerCase(java.util.Locale.ROOT));
            use.getStyleClass().add("quiet");
            use.setMinWidth(USE_PREF_SIZE);
            use.setOnAction(_ -> taken.accept(offer));
            HBox line = new HBox(6, text, use);
            line.setAlignment(Pos.CENTER_LEFT);
            return line;
        }).toList());
        present(offers, !looked.isEmpty());
    }

    private RowRange range() {
        return new RowRange(firstRow.value(), Math.max(firstRow.value(), lastRow.value()));
    }

    private void showSheets(List<String> names, int current) {
        sheets.getChildren().setAll(caption("sheet"));
        for (int i = 0; i < names.size(); i++) {
            int index = i;
            ToggleButton button = toggle(names.get(i), "paste-sheet-" + i);
            button.setSelected(i == current);
            button.setOnAction(_ -> turned.accept(index));
            sheets.getChildren().add(button);
        }
        present(sheets, names.size() > 1);
        // A workbook has its columns; only a text can be split in another way.
        present(separators, names.getFirst().isEmpty());
        present(mark.getParent() instanceof Region pair ? pair : mark, names.getFirst().isEmpty());
    }

    private void showSeparators(TextData data) {
        separators.getChildren().setAll(caption("columns by"));
        Stream.of(Separator.values()).filter(it -> it == shape.separator() || it == Separator.NONE || data.mayBeSplitBy(it))
                .forEach(it -> {
            ToggleButton button = toggle(it == Separator.NONE ? "one column" : it.inWords(), "paste-by-" + it.name()
                    .toLowerCase(java.util.Locale.ROOT));
            button.setSelected(it == shape.separator());
            button.setOnAction(_ -> said.accept(shape.withSeparator(it)));
            separators.getChildren().add(button);
        });
    }

    private void showColumns(TextData data, List<Integer> kept) {
        int width = data.block().width();
        columns.getChildren().setAll(caption("columns"));
        for (int i = 0; i < width; i++) {
            int column = i;
            String name = data.block().headings().filter(it -> column < it.size() && !it.get(column).isBlank())
                    .map(it -> it.get(column)).orElse("column " + (column + 1));
            ToggleButton button = toggle(name.length() > 18 ? name.substring(0, 17) + "…" : name, "paste-column-" + column);
            button.setSelected(kept.contains(column));
            button.setOnAction(_ -> toggled(kept, column, button.isSelected()));
            columns.getChildren().add(button);
        }
        present(columnPane, width > 1);
    }

    private void toggled(List<Integer> kept, int column, boolean taken) {
        List<Integer> changed = new ArrayList<>(kept);
        if (taken) {
            changed.add(column);
            changed.sort(null);
        } else if (changed.size() > 1) {
            changed.remove(Integer.valueOf(column));
        }
        chosen.accept(changed);
    }

    private static ToggleButton toggle(String text, String id) {
        ToggleButton button = Literally.said(new ToggleButton(text));
        button.getStyleClass().setAll("choice", "first", "last");
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    private static HBox pair(String caption, Region choices) {
        HBox pair = new HBox(caption(caption), choices);
        pair.getStyleClass().add("paste-pair");
        pair.setAlignment(Pos.CENTER_LEFT);
        return pair;
    }

    private static Label caption(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        return label;
    }
}
