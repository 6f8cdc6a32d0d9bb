package hestra.desktop.window;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.RecentWork;
import hestra.desktop.parts.Newest;

/** What was worked on before, over the window: whatever was ever begun can be opened again from here. */
final class RecentBoard extends Board {

    private static final double WIDTH = 620;

    private final Path folder;
    private final Supplier<Optional<Path>> openNow;
    private final Consumer<Path> chosen;
    private final VBox list;
    private final Newest<List<RecentWork>> reading = new Newest<>("recent work");

    /**
     * A board that tells which journal was chosen and then goes; {@code folder} is Hestra's own, and what is open now is not
     * offered.
     */
    RecentBoard(Path folder, Supplier<Optional<Path>> openNow, Consumer<Path> chosen) {
        this(folder, openNow, chosen, new VBox());
    }

    private RecentBoard(Path folder, Supplier<Optional<Path>> openNow, Consumer<Path> chosen, VBox list) {
        super("recent", "Recent work", "Everything you have begun is kept here, whether you saved it or not.", list);
        this.folder = folder;
        this.openNow = openNow;
        this.chosen = chosen;
        this.list = list;
        list.getStyleClass().add("recent-list");
        list.setPrefWidth(WIDTH);
    }

    /** The list is read anew each time, beside the window's thread. */
    @Override
    void open() {
        list.getChildren().setAll(note("Looking…"));
        super.open();
        Optional<Path> now = openNow.get();
        reading.run(() -> RecentWork.in(folder), works -> show(works.stream().filter(it -> !now.equals(Optional.of(it.journal())))
                .toList()),
                _ -> list.getChildren().setAll(note("The list cannot be read. The work itself is in " + OpenDesk.journals(folder)
                        + ".")));
    }

    private void show(List<RecentWork> works) {
        boolean waiting = getScene() != null && getScene().getFocusOwner() == first();
        list.getChildren().setAll(works.stream().map(this::line).toList());
        if (works.isEmpty()) {
            list.getChildren().setAll(note("Nothing else yet. What you do in an exercise will appear here when you open "
                    + "another one."));
        } else if (waiting) {
            list.getChildren().getFirst().requestFocus();
        }
    }

    private Node line(RecentWork work) {
        Label title = new Label(work.title().isBlank() ? "Exercise without a title" : work.title());
        title.getStyleClass().add("task-title");
        Label place = new Label(work.place());
        place.getStyleClass().add("small");
        Label when = new Label(work.when(LocalDate.now(), ZoneId.systemDefault()));
        when.getStyleClass().add("small");
        when.setMinWidth(Region.USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox row = new HBox(10, title, place, gap, when);
        row.setAlignment(Pos.BASELINE_LEFT);
        row.setPrefWidth(WIDTH - 40);
        Button line = new Button();
        line.setGraphic(row);
        line.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        line.getStyleClass().setAll("shelf-card");
        line.setMaxWidth(Double.MAX_VALUE);
        line.setAccessibleText(title.getText() + ", " + when.getText());
        line.setOnAction(_ -> {
            leave();
            chosen.accept(work.journal());
        });
        return line;
    }

    private static Label note(String text) {
        Label note = new Label(text);
        note.getStyleClass().add("small");
        note.setWrapText(true);
        return note;
    }
}
