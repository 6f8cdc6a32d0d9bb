package hestra.desktop.mark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.desktop.look.Look;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Columns;
import hestra.desktop.parts.Kept;
import hestra.desktop.parts.KeptDivider;
import hestra.desktop.parts.Notices;
import hestra.documents.exercise.HandIns;
import hestra.exercise.Exercise;
import hestra.marking.ClassKey;
import hestra.marking.ClassWork;
import hestra.marking.Marking;
import hestra.numbers.Counted;

import static hestra.desktop.mark.Labels.section;

/**
 * The view of somebody who marks a class: tasks, students or the class at the left, what is in hand in the middle, and the
 * student in hand at the right.
 */
public final class MarkView implements AutoCloseable {

    /** Under which name it is remembered who marks. */
    public static final String MARKER = "marker";

    private static final String BY_COPIES =
            "Your own exercise is not at hand, so each hand-in is marked by the copy that it holds. Open your exercise first "
            + "where that is wanted.";
    /** The usual width of the window, and those of the columns at its sides. */
    private static final double WIDTH = 1280;
    private static final double LEFT = 300;
    private static final double RIGHT = 340;
    private static final double LEAST_LEFT = 240;
    private static final double LEAST_RIGHT = 335;

    private final MarkModel model;
    private final Exercise exercise;
    private final boolean own;
    private final Notices notices;
    private final Runnable chooseFolder;
    private final Choices<MarkState.Tab> tabs;
    private final TaskList tasks;
    private final StudentList students;
    private final GroupList groups;
    private final StudentSheet sheet;
    private final ClassTable table;
    private final ClassSide side;
    private final StudentCard card;
    private final CommentBox comments;
    private final VBox spread = new VBox();
    private final CheckBox names = new CheckBox("hide names");
    private final ScrollPane leftScroll = new ScrollPane();
    private final VBox left = new VBox();
    private final ScrollPane right = new ScrollPane();
    private final VBox rightBox = new VBox();
    private final SplitPane pane;
    private final Columns columns;
    private final StackPane root = new StackPane();
    private final Path markings;
    private Optional<HandInFolder> folder = Optional.empty();
    private Optional<MarkState.Tab> shownTab = Optional.empty();
    private Consumer<MarkView> watcher = _ -> { };

    /**
     * The view of the class of an exercise.
     *
     * @param own whether the exercise is the instructor's own, which decides what is right; else each hand-in is marked by the
     *     copy that it holds
     * @param by who marks
     * @param kept remembers the widths of the columns
     * @param markings the folder in which markings are kept
     * @param chooseFolder asks for the folder of the hand-ins
     */
    public MarkView(Exercise exercise, boolean own, String by, Look look, Kept kept, Path markings, Notices notices,
            Runnable chooseFolder) {
        this.exercise = exercise;
        this.own = own;
        this.markings = markings;
        this.notices = notices;
        this.chooseFolder = chooseFolder;
        this.model = new MarkModel(exercise, Marking.none(exercise.id()), by);
        model.rememberMarkerBy(name -> kept.put(MARKER, name));
        OpenHandIn handIn = new OpenHandIn(model.key(), own, () -> folder.map(HandInFolder::folder));
        this.tabs = new Choices<>("mark-tab", List.of(MarkState.Tab.values()), MarkState.Tab::inWords, model::look);
        this.tasks = new TaskList(model);
        this.students = new StudentList(model);
        this.groups = new GroupList(model, look);
        this.sheet = new StudentSheet(model, handIn, look);
        this.table = new ClassTable(model);
        this.side = new ClassSide(model);
        this.card = new StudentCard(model, handIn, look);
        this.comments = new CommentBox(model, notices::say);
        names.setId("mark-nameless");
        names.setOnAction(_ -> model.showNames(!names.isSelected()));
        leftScroll.setFitToWidth(true);
        leftScroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(leftScroll, Priority.ALWAYS);
        left.getStyleClass().add("mark-left");
        left.setMinWidth(LEAST_LEFT);
        rightBox.getStyleClass().add("mark-right");
        right.setContent(rightBox);
        right.setFitToWidth(true);
        right.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        right.setMinWidth(LEAST_RIGHT);
        pane = new SplitPane(left, new Region(), right);
        pane.setDividerPositions(LEFT / WIDTH, 1 - RIGHT / WIDTH);
        SplitPane.setResizableWithParent(left, false);
        SplitPane.setResizableWithParent(right, false);
        pane.setId("mark");
        columns = new Columns("mark-columns", pane, List.of("Tasks and students", "Answers", "Student"), look.typeProperty());
        KeptDivider leftRoom = new KeptDivider(pane, 0, true, kept, () -> "mark-list", () -> LEFT * share(look));
        KeptDivider rightRoom = new KeptDivider(pane, 1, false, kept, () -> "mark-student",
                () -> Math.max(LEAST_RIGHT, RIGHT * share(look)));
        columns.place(leftRoom, rightRoom);
        new MarkKeys(model, students, comments, notices::say).listen(columns);
        root.getChildren().setAll(empty());
        model.shownProperty().subscribe(this::show);
    }

    /** Larger type needs more room at the sides, where the window has it to give. */
    private double share(Look look) {
        return Math.min(Math.max(look.type(), 1), Math.max(1, columns.getWidth() / WIDTH));
    }

    /** What is there while no folder has been opened. */
    private Node empty() {
        Label title = new Label("Mark a class");
        title.getStyleClass().add("group-title");
        Label what = new Label("Open the folder that your students’ hand-ins are in, or drop it here. Each is marked by "
                + (own ? "this exercise" : "the copy of the exercise that it holds") + "; what comes in later joins them.");
        what.setWrapText(true);
        what.setMinHeight(Region.USE_PREF_SIZE);
        Button choose = new Button("Choose a folder…");
        choose.setId("mark-choose");
        choose.getStyleClass().setAll("button", "main-action");
        choose.setOnAction(_ -> chooseFolder.run());
        VBox box = new VBox(12, title, what, choose);
        box.getStyleClass().add("mark-empty");
        box.setMaxSize(440, Region.USE_PREF_SIZE);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    public Node node() {
        return root;
    }

    /** The parts of the view, in the order in which a key goes round them. */
    public List<Node> places() {
        return folder.isEmpty() ? List.of(root) : Stream.of(left, columns.get(1), right).map(Node.class::cast).toList();
    }

    /** Has somebody told whenever something changes from now on. */
    public void watchBy(Consumer<MarkView> other) {
        watcher = other;
    }

    /** Opens a folder of hand-ins in the place of the one before. */
    public void open(Path chosen) {
        folder.ifPresent(HandInFolder::close);
        if (folder.isPresent()) {
            model.lose(model.shown().work().roll().students().stream().map(it -> it.handedIn().file()).toList());
            model.lose(model.shown().work().roll().asides().stream().map(it -> it.file()).toList());
            model.begin(Marking.none(exercise.id()));
        }
        HandInFolder opened = new HandInFolder(model, own ? HandIns.of(ClassKey.of(exercise)) : HandIns.byTheirCopies(exercise),
                chosen, markings, notices, own ? "" : BY_COPIES);
        folder = Optional.of(opened);
        root.getChildren().setAll(columns);
        opened.open();
        show(model.shown());
        Platform.runLater(this::begin);
    }

    /** Whether the instructor's own exercise decides; else each hand-in is marked by the copy that it holds. */
    public boolean isByOwn() {
        return own;
    }

    /** The folder that is marked. */
    public Optional<Path> folder() {
        return folder.map(HandInFolder::folder);
    }

    /** Whether hand-ins are being read, or the marking kept. */
    public boolean isBusy() {
        return folder.filter(HandInFolder::isBusy).isPresent();
    }

    /** The class as it is marked now. */
    public ClassWork work() {
        return model.shown().work();
    }

    /** What decides what is right. */
    public ClassKey key() {
        return model.key();
    }

    /** "28 hand-ins · 2 not marked". */
    public String inWords() {
        ClassWork work = work();
        int asides = work.roll().asides().size();
        return folder.isEmpty()
                ? ""
                : Counted.of(work.roll().students().size() + (long) asides, "hand-in")
                + (asides == 0 ? "" : " · " + asides + " not marked");
    }

    public Optional<String> undoable() {
        return model.history().undoable();
    }

    public Optional<String> redoable() {
        return model.history().redoable();
    }

    public void undo() {
        model.undo();
    }

    public void redo() {
        model.redo();
    }

    /** Puts the decisions of another marker in. */
    public void join(Path marks) {
        folder.ifPresentOrElse(it -> {
            it.join(marks);
            // What was chosen in a menu leaves the keyboard there.
            Platform.runLater(this::begin);
        }, () -> notices.say("Open the folder with the hand-ins first."));
    }

    /** Saves the marking somewhere else too, for another marker. */
    public void saveMarking(Path file) throws IOException {
        if (folder.isPresent()) {
            folder.get().saveAs(file);
        }
    }

    private void show(MarkModel.Shown shown) {
        MarkState.Tab tab = shown.state().tab();
        tabs.show(Optional.of(tab));
        names.setSelected(shown.state().nameless());
        if (!shownTab.equals(Optional.of(tab))) {
            shownTab = Optional.of(tab);
            arrange(tab);
        }
        switch (tab) {
            case TASKS -> {
                tasks.show(shown);
                groups.show(shown);
            }
            case STUDENTS -> {
                students.show(shown);
                sheet.show(shown);
            }
            case CLASS -> {
                table.show(shown);
                side.show(shown);
            }
        }
        if (tab != MarkState.Tab.CLASS) {
            card.show(shown);
            comments.show(shown);
            spread.getChildren().setAll(section("So far"), new Spread(shown.work().roll().students().stream()
                    .map(shown.work()::total).toList(), exercise.marks(), model.inMarks()));
        }
        watcher.accept(this);
        Platform.runLater(this::keepKeyboard);
    }

    /** What had the keyboard may be gone with what was shown before: the keys go on working. */
    private void keepKeyboard() {
        if (columns.getScene() != null && (columns.getScene().getFocusOwner() == null
                || columns.getScene().getFocusOwner().getScene() == null)) {
            begin();
        }
    }

    private void arrange(MarkState.Tab tab) {
        double[] dividers = pane.getDividerPositions();
        leftScroll.setContent(tab == MarkState.Tab.TASKS ? tasks : side.left());
        left.getChildren().setAll(tabs, tab == MarkState.Tab.STUDENTS ? students : leftScroll, names);
        columns.set(1, switch (tab) {
            case TASKS -> groups.node();
            case STUDENTS -> sheet.node();
            case CLASS -> table.node();
        });
        rightBox.getChildren().setAll(tab == MarkState.Tab.CLASS ? List.of(side.right()) : List.of(card, comments, spread));
        pane.setDividerPositions(dividers);
    }

    /** Puts the keyboard on what is in hand. */
    public void begin() {
        // What has not been laid out yet is in no scene, and cannot take the keyboard.
        root.applyCss();
        root.layout();
        if (folder.isEmpty()) {
            Optional.ofNullable(root.lookup("#mark-choose")).ifPresent(Node::requestFocus);
        } else {
            columns.get(1).requestFocus();
        }
    }

    @Override
    public void close() {
        folder.ifPresent(HandInFolder::close);
    }
}
