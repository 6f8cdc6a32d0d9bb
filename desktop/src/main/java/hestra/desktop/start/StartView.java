package hestra.desktop.start;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.demo.OrrinBay;
import hestra.desktop.files.Glance;
import hestra.desktop.files.RecentWork;
import hestra.desktop.look.Look;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Newest;
import hestra.desktop.parts.Tip;

import static hestra.desktop.parts.Presence.present;

/**
 * What the window shows when nothing is open: what can be begun, what was open last, and the exercises that come with the
 * program.
 */
public final class StartView extends HBox {

    private static final double LEFT = 372;
    private static final int MOST_RECENT = 4;

    private final Look look;
    private final Path folder;
    private final StartActions actions;
    private final Button empty = button("Empty table", "start-empty");
    private final VBox recent = new VBox();
    private final Button all = new Button("All recent work…");
    private final VBox whereYouWere = section("Where you were", "", recent, all);
    private final FlowPane shelf = new FlowPane();
    private final Newest<Read> readings = new Newest<>("recent work");
    private final Newest<List<OrrinBay.Set>> shelves = new Newest<>("the exercises of Orrin Bay");
    private boolean listed;
    /** Whether the keyboard was put somewhere before the list of recent work had been read. */
    private boolean waiting;

    /** Start; {@code folder} is Hestra's own. */
    public StartView(Look look, Path folder, StartActions actions) {
        this.look = look;
        this.folder = folder;
        this.actions = actions;
        setId("start");
        getStyleClass().add("start");
        recent.getStyleClass().add("start-recent");
        all.getStyleClass().setAll("quiet");
        all.setId("start-all-recent");
        all.setOnAction(_ -> actions.allRecent());
        shelf.setRowValignment(VPos.TOP);
        shelf.getStyleClass().add("start-shelf");
        shelf.prefWrapLengthProperty().bind(widthProperty().subtract(LEFT + 90));
        ScrollPane left = scroll(ways());
        left.setMinWidth(LEFT);
        left.setMaxWidth(LEFT);
        left.getStyleClass().add("start-left");
        VBox right = new VBox(whereYouWere, section("The exercises of Orrin Bay",
                "A made-up field station, and a course of ten weeks. Open an exercise to do it, or to change it.", shelf));
        right.getStyleClass().add("start-right");
        ScrollPane scroll = scroll(right);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(left, scroll);
        present(whereYouWere, false);
        look.typeProperty().addListener(_ -> left.setMaxWidth(LEFT * Math.sqrt(look.type())));
        look.typeProperty().addListener(_ -> left.setMinWidth(LEFT * Math.sqrt(look.type())));
    }

    private static ScrollPane scroll(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        return scroll;
    }

    private VBox ways() {
        Label question = new Label("What would you like to do?");
        question.getStyleClass().add("sheet-heading");
        question.setWrapText(true);
        empty.getStyleClass().setAll("button", "check");
        empty.setOnAction(_ -> actions.emptyTable());
        VBox data = card("Look at data",
                "Type, paste or open two columns. Plot, line, curves, r, R², predictions: nothing is held back. Your notes and "
                + "figures become a report.",
                empty, button("Paste", "start-paste", "Begin with the columns that you have copied (Ctrl+V)", actions::pasteData),
                button("Open data…", "start-data", "A file from another program: text, CSV, .xlsx or .ods (Ctrl+Shift+O)",
                        actions::openData));
        data.getStyleClass().add("likeliest");
        VBox exercise = card("Do an exercise", "Open the file that your instructor gave you, or drop it here.",
                button("Open…", "start-open", "An exercise, a hand-in, or your own study (Ctrl+O)", actions::openFile));
        VBox write = card("Write an exercise", "From a ready exercise, whose data you exchange for your own, or from nothing.",
                button("From a plan…", "start-plan", "Begin with a small complete exercise and put your own data in its place",
                        actions::choosePlan), button("Empty", "start-write", "A new exercise (Ctrl+N)", actions::emptyExercise),
                button("Library…", "start-library", "The exercises of a folder of yours, found by typing (Ctrl+L)",
                        actions::library));
        VBox mark = card("Mark hand-ins",
                "The hand-ins of a class: answers that say the same are marked together, and each student gets a page back.",
                button("Choose a folder…", "start-mark", "Read all hand-ins of a folder and mark them (Ctrl+M)",
                        actions::markFolder));
        VBox column = new VBox(question, data, exercise, write, mark);
        column.getStyleClass().add("start-begin");
        return column;
    }

    private static VBox card(String title, String text, Node... buttons) {
        Label heading = new Label(title);
        heading.getStyleClass().add("task-title");
        Label about = new Label(text);
        about.getStyleClass().add("small");
        about.setWrapText(true);
        about.setMinHeight(Region.USE_PREF_SIZE);
        FlowPane row = new FlowPane(6, 6, buttons);
        VBox card = new VBox(heading, about, row);
        card.getStyleClass().addAll("card", "start-card");
        return card;
    }

    private static Button button(String text, String id) {
        Button button = Literally.said(new Button(text));
        button.setId(id);
        button.getStyleClass().setAll("button", "start-button");
        return button;
    }

    private static Button button(String text, String id, String tip, Runnable action) {
        Button button = button(text, id);
        Tip.set(button, tip);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private static VBox section(String title, String note, Node... content) {
        Label heading = new Label(title);
        heading.getStyleClass().add("start-heading");
        VBox section = new VBox(heading);
        if (!note.isEmpty()) {
            Label line = new Label(note);
            line.getStyleClass().add("small");
            line.setWrapText(true);
            section.getChildren().add(line);
        }
        section.getChildren().addAll(content);
        section.getStyleClass().add("start-section");
        return section;
    }

    /** Puts the keyboard on the likeliest: what was open last, or an empty table. */
    public void begin() {
        waiting = !listed;
        FocusMark.give(likeliest());
    }

    /** What is likeliest to be wanted. */
    public Node likeliest() {
        return recent.getChildren().isEmpty() ? empty : recent.getChildren().getFirst();
    }

    /**
     * Reads the list of recent work anew, and makes the cards of the exercises when it is first shown; both beside the window's
     * thread.
     */
    public void refresh() {
        listed = false;
        Optional<Path> inUse = actions.inUse();
        readings.run(() -> {
            List<RecentWork> works = RecentWork.in(folder).stream()
                    .filter(work -> !inUse.equals(Optional.of(work.journal()))).toList();
            List<RecentCard.Entry> entries = new ArrayList<>();
            works.stream().limit(MOST_RECENT).forEach(work -> entries.add(new RecentCard.Entry(work.title(),
                    work.when(LocalDate.now(), ZoneId.systemDefault()), Glance.of(work.journal()),
                    () -> actions.resume(work.journal()))));
            return new Read(entries, works.size() > MOST_RECENT);
        }, this::list);
        if (shelf.getChildren().isEmpty()) {
            shelves.run(OrrinBay::shelf, sets -> shelf.getChildren()
                    .setAll(sets.stream().map(set -> SetCard.of(set, look, () -> actions.demo(set.exercise()))).toList()));
        }
    }

    /** What was read: the newest, and whether there is more. */
    private record Read(List<RecentCard.Entry> entries, boolean more) {}

    private void list(Read read) {
        List<RecentCard.Entry> entries = new ArrayList<>();
        actions.open().ifPresent(desk -> entries.add(new RecentCard.Entry(desk.exercise().title(), "open",
                Optional.of(Glance.of(desk)), actions::goBack)));
        entries.addAll(read.entries());
        boolean wasInList = recent.isFocusWithin();
        recent.getChildren().setAll(IntStream.range(0, Math.min(MOST_RECENT, entries.size()))
                .mapToObj(i -> RecentCard.of("recent-" + i, entries.get(i), look)).toList());
        present(whereYouWere, !entries.isEmpty());
        present(all, read.more() || entries.size() > MOST_RECENT);
        listed = true;
        if (!entries.isEmpty() && (wasInList || waiting && empty.isFocused())) {
            FocusMark.give(recent.getChildren().getFirst());
        }
        waiting = false;
    }
}
