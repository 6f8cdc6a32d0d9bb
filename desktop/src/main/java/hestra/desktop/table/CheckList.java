package hestra.desktop.table;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.summary.Suspicion;

import static hestra.desktop.parts.Presence.present;

/** A quiet list of what looks wrong in the data; each line leads to its cell. It suggests and changes nothing. */
public final class CheckList extends VBox {

    private static final int MOST_SHOWN = 4;

    private final Consumer<Suspicion> lead;
    private List<Suspicion> shown = List.of();

    /** A list each of whose lines leads to its cell. */
    public CheckList(Consumer<Suspicion> lead) {
        this.lead = lead;
        getStyleClass().add("check-list");
        setId("check-list");
        show(List.of());
        present(this, false);
    }

    /** Shows what was found; nothing at all where that is nothing. */
    public void show(List<Suspicion> found) {
        if (found.equals(shown)) {
            return;
        }
        shown = found;
        present(this, !found.isEmpty());
        getChildren().clear();
        for (int i = 0; i < Math.min(MOST_SHOWN, found.size()); i++) {
            Suspicion suspicion = found.get(i);
            Button line = Literally.said(new Button(suspicion.message()));
            line.getStyleClass().setAll("check-line");
            line.setId("check-line-" + i);
            line.setWrapText(true);
            line.setMinHeight(USE_PREF_SIZE);
            line.setMaxWidth(Double.MAX_VALUE);
            line.setOnAction(_ -> lead.accept(suspicion));
            Tip.set(line, "Go to this cell");
            getChildren().add(line);
        }
        if (found.size() > MOST_SHOWN) {
            Label more = new Label("and " + (found.size() - MOST_SHOWN) + " more");
            more.getStyleClass().add("small");
            getChildren().add(more);
        }
    }
}
