package hestra.desktop.overview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Clip;
import hestra.desktop.parts.DirectScroll;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Newest;
import hestra.desktop.parts.QuietButton;
import hestra.desktop.parts.Tip;
import hestra.exercise.Part;
import hestra.numbers.Words;
import hestra.overview.Overview;
import hestra.overview.Section;
import hestra.task.Keepable;

import static hestra.desktop.parts.Presence.present;

/** All numbers beside the plot, following it; what a number says stands at the foot once it is asked about. */
public final class OverviewPane extends BorderPane {

    private static final int SECTIONS = 5;
    private static final String ASK = "Click a number to read what it says.";
    /** With more pairs than this the numbers are worked out beside the window's thread. */
    private static final int AT_ONCE = 20_000;
    /** While something is dragged the numbers follow a little after it, so that no frame is lost. */
    private static final Duration CALM = Duration.millis(90);

    private final DeskModel model;
    private final VBox list = new VBox();
    private final Newest<Overview> reading = new Newest<>("all numbers");
    private final List<NumberGrid> grids = new ArrayList<>();
    private final MatrixOfR matrix;
    private final Label residualTitle = new Label("Residuals in four ways");
    private final ResidualPictures pictures;
    private final Label meaning = new Label(ASK);
    private final PauseTransition following = new PauseTransition(CALM);
    private final ScrollPane scroll = new DirectScroll(list);
    private Optional<NumberGrid.Place> asked = Optional.empty();

    /** The pane; {@code close} puts it away, {@code keep} keeps something of it on the sheet where there is one of one's own. */
    public OverviewPane(DeskModel model, Look look, Runnable close, Consumer<Keepable> keep) {
        this.model = model;
        getStyleClass().add("overview");
        setId("overview");
        matrix = new MatrixOfR(model, look);
        pictures = new ResidualPictures(model, look);
        residualTitle.getStyleClass().add("task-title");
        for (int i = 0; i < SECTIONS; i++) {
            NumberGrid grid = new NumberGrid(this::ask);
            grid.setId("overview-" + i);
            grids.add(grid);
            list.getChildren().add(grid);
        }
        list.getChildren().addAll(residualTitle, pictures, matrix);
        list.getStyleClass().add("overview-list");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(true);
        scroll.setId("overview-numbers");
        scroll.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        setTop(head(close, keep));
        setCenter(scroll);
        meaning.getStyleClass().add("overview-meaning");
        meaning.setId("meaning");
        meaning.setWrapText(true);
        meaning.setMinHeight(Region.USE_PREF_SIZE);
        setBottom(meaning);
        following.setOnFinished(_ -> refresh());
        model.watch(this::changed);
        visibleProperty().addListener((_, _, visible) -> {
            if (visible) {
                refresh();
            }
        });
    }

    private Node head(Runnable close, Consumer<Keepable> keep) {
        Label title = new Label("All numbers");
        title.getStyleClass().add("write-heading");
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        HBox head = new HBox(5, title);
        if (model.desk().exercise().isStudy() || model.desk().exercise().parts().stream().anyMatch(Part::hasSection)) {
            MenuButton keeping = new MenuButton("Keep");
            keeping.setId("keep-numbers");
            keeping.getStyleClass().addAll("quiet", "menu");
            keeping.setMinWidth(Region.USE_PREF_SIZE);
            Tip.set(keeping, "Put some of these numbers on your sheet");
            for (Keepable what : List.of(Keepable.SUMMARY, Keepable.COEFFICIENTS, Keepable.RESIDUALS, Keepable.CORRELATIONS)) {
                MenuItem item = Literally.said(new MenuItem(Words.capitalized(what.inWords())));
                item.setOnAction(_ -> keep.accept(what));
                keeping.getItems().add(item);
            }
            head.getChildren().add(keeping);
        }
        head.getChildren().addAll(QuietButton.of("copy-overview", "Copy", "Copy all numbers as a table", () -> Clip.put(text())),
                QuietButton.of("close-overview", "Close", "Back to the sheet (Ctrl+B)", close));
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("overview-head");
        return head;
    }

    /** What takes the keyboard. */
    public Node entry() {
        return scroll;
    }

    private void changed(Findings findings) {
        if (isVisible() && following.getStatus() != Animation.Status.RUNNING) {
            following.playFromStart();
        }
    }

    private void refresh() {
        if (!isVisible()) {
            return;
        }
        Findings findings = model.findings();
        if (findings.pairs().size() <= AT_ONCE) {
            show(findings, Overview.of(findings));
            return;
        }
        // Findings of its own: those of the window are the window's thread's.
        Desk desk = findings.desk();
        reading.run(() -> Overview.of(Findings.of(desk)), overview -> {
            if (model.desk().equals(desk)) {
                show(model.findings(), overview);
            }
        });
    }

    private void show(Findings findings, Overview overview) {
        List<Section> sections = overview.all();
        for (int i = 0; i < grids.size(); i++) {
            grids.get(i).show(sections.get(i));
            present(grids.get(i), !sections.get(i).lines().isEmpty());
        }
        boolean residuals = findings.curves().residualsAreOpen() && findings.curves().curveInHand().isPresent();
        present(residualTitle, residuals);
        present(pictures, residuals);
        if (residuals) {
            pictures.show(findings);
        }
        present(matrix, matrix.show(findings));
        asked = asked.filter(place -> place.line() < place.grid().lines() && place.column() < place.grid().columns(place.line()));
        asked.ifPresentOrElse(this::tell, () -> meaning.setText(ASK));
    }

    private void ask(NumberGrid.Place place) {
        asked.ifPresent(before -> before.grid().mark(before, false));
        asked = Optional.of(place);
        place.grid().mark(place, true);
        tell(place);
        scroll.requestFocus();
    }

    private void tell(NumberGrid.Place place) {
        place.grid().mark(place, true);
        meaning.setText(place.grid().name(place) + ": " + place.grid().entry(place)
                .text() + "\n" + place.grid().entry(place).meaning());
    }

    /** The arrow keys go through the numbers. */
    private void key(KeyEvent event) {
        int down = switch (event.getCode()) {
            case DOWN -> 1;
            case UP -> -1;
            default -> 0;
        };
        int across = switch (event.getCode()) {
            case RIGHT -> 1;
            case LEFT -> -1;
            default -> 0;
        };
        if (!scroll.isFocused() || event.isAltDown() || down == 0 && across == 0) {
            return;
        }
        event.consume();
        List<NumberGrid.Place> lines = new ArrayList<>();
        grids.stream().filter(Node::isVisible).forEach(grid -> {
            for (int line = 0; line < grid.lines(); line++) {
                lines.add(new NumberGrid.Place(grid, line, 0));
            }
        });
        if (lines.isEmpty()) {
            return;
        }
        int at = asked.map(place -> lines.indexOf(new NumberGrid.Place(place.grid(), place.line(), 0))).orElse(-1);
        NumberGrid.Place next = lines.get(Math.clamp((long) at + down + (at < 0 && down == 0 ? 1 : 0), 0, lines.size() - 1));
        int column = Math.clamp((long) asked.map(NumberGrid.Place::column).orElse(0) + across, 0,
                next.grid().columns(next.line()) - 1);
        ask(new NumberGrid.Place(next.grid(), next.line(), column));
        bringIntoView(next.grid().number(next));
    }

    private void bringIntoView(Node number) {
        double height = list.getHeight() - scroll.getViewportBounds().getHeight();
        if (height > 0) {
            double top = list.sceneToLocal(number.localToScene(0, 0)).getY();
            double from = scroll.getVvalue() * height;
            double to = Math.clamp(from, Math.max(0, top - scroll.getViewportBounds().getHeight() + 50), Math.max(0, top - 40));
            scroll.setVvalue(Math.clamp(to / height, 0, 1));
        }
    }

    private String text() {
        StringBuilder text = new StringBuilder();
        for (Section section : Overview.of(model.findings()).sections()) {
            text.append(section.title()).append('\t').append(String.join("\t", section.headings())).append('\n');
            section.lines().forEach(line -> text.append(line.name()).append('\t')
                    .append(String.join("\t", line.entries().stream().map(it -> it.text()).toList())).append('\n'));
            text.append('\n');
        }
        return text.toString();
    }
}
