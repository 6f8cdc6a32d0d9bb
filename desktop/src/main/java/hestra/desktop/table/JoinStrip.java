package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.data.Join;
import hestra.data.Join.Keys;
import hestra.data.Variable;
import hestra.numbers.Counted;

import static hestra.desktop.parts.Presence.present;

/**
 * Joins a second table to the data at once, by the columns that seem to belong together, and tells what matched; other
 * columns are one choice away.
 */
public final class JoinStrip extends VBox {

    private static final int MOST_NAMED = 6;

    private final GridSource source;
    private final Runnable undo;
    private final Consumer<String> notice;
    private final ComboBox<String> here = new ComboBox<>();
    private final ComboBox<String> there = new ComboBox<>();
    private final Label told = new Label();
    private DataTable before;
    private DataTable second;
    private DataTable after;
    private boolean showing;

    /** Joins to the table that a grid shows; {@code undo} takes back the last change. */
    public JoinStrip(GridSource source, Runnable undo, Consumer<String> notice) {
        this.source = source;
        this.undo = undo;
        this.notice = notice;
        getStyleClass().add("paste-strip");
        setId("join-strip");
        here.setId("join-here");
        there.setId("join-there");
        here.setOnAction(_ -> chosen());
        there.setOnAction(_ -> chosen());
        told.setId("join-told");
        told.setWrapText(true);
        told.setMinHeight(USE_PREF_SIZE);
        Button close = new Button("Done");
        close.getStyleClass().add("quiet");
        close.setId("join-close");
        close.setMinWidth(Region.USE_PREF_SIZE);
        close.setOnAction(_ -> hide());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox keys = new HBox(new Label("Joined where"), here, new Label("is the file\u2019s"), there, gap, close);
        keys.setAlignment(Pos.CENTER_LEFT);
        keys.getStyleClass().add("paste-pair");
        getChildren().addAll(keys, told);
        hide();
    }

    /** To be called when the data may have changed: a join is not to be changed any more once something else is. */
    public void dataChanged() {
        if (after != null && source.table() != after) {
            hide();
        }
    }

    private void hide() {
        after = null;
        present(this, false);
    }

    /** Joins a table. */
    public void join(DataTable other) {
        before = source.table();
        second = other;
        Optional<Keys> keys = Join.likelyKeys(before, second);
        if (keys.isEmpty()) {
            notice.accept("No column of the file has anything in common with a column here, so nothing could be joined.");
            return;
        }
        join(keys.get());
    }

    private void chosen() {
        if (!showing && after != null && here.getSelectionModel().getSelectedIndex() >= 0
                && there.getSelectionModel().getSelectedIndex() >= 0) {
            after = null;
            undo.run();
            join(new Keys(here.getSelectionModel().getSelectedIndex(), there.getSelectionModel().getSelectedIndex()));
        }
    }

    private void join(Keys keys) {
        Join join = Join.of(before, second, keys);
        if (join.table().width() > DataTable.MOST_COLUMNS) {
            notice.accept("There would be more than " + DataTable.MOST_COLUMNS + " columns.");
            return;
        }
        source.bring(join.table(), source.roles());
        after = source.table();
        showing = true;
        here.getItems().setAll(before.variables().stream().map(Variable::name).toList());
        there.getItems().setAll(second.variables().stream().map(Variable::name).toList());
        here.getSelectionModel().select(keys.first());
        there.getSelectionModel().select(keys.second());
        showing = false;
        told.setText(inWords(join, before.size()));
        present(this, true);
    }

    /** "4 of 5 rows matched. Not in the file: Yew. Only in the file: Fir." */
    private static String inWords(Join join, int rows) {
        List<String> sentences = new ArrayList<>();
        sentences.add(join.matched() + " of " + Counted.of(rows, "row") + " matched.");
        list(sentences, "Not in the file", join.unmatched());
        list(sentences, "Only in the file", join.left());
        list(sentences, "Several times in the file, the first was taken", join.repeated());
        return String.join(" ", sentences);
    }

    private static void list(List<String> sentences, String what, List<String> texts) {
        if (!texts.isEmpty()) {
            sentences.add(what + ": " + String.join(", ", texts.stream().limit(MOST_NAMED).toList())
                    + (texts.size() > MOST_NAMED ? " and " + (texts.size() - MOST_NAMED) + " more." : "."));
        }
    }
}
