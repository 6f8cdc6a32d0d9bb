package hestra.desktop.window;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.stage.Stage;
import javafx.util.Subscription;

import hestra.desk.Findings;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Stops;
import hestra.desktop.parts.Tip;
import hestra.desktop.window.MainWindow.View;
import hestra.exercise.Exercise;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import static hestra.desktop.parts.Presence.holdVisible;
import static hestra.desktop.parts.Presence.present;

/** The bar at the top: what is open, the views, undo and redo, the size of type, the menu, and the main action. */
final class TopBar extends StackPane {

    private static final double EDGE = 30;
    private static final double TITLE = 150;
    private static final String COMPACT = "compact";

    private final MainWindow window;
    private final Label title = new Label();
    private final Label place = new Label();
    private final Button undo = icon(Feather.ROTATE_CCW, "undo");
    private final Button redo = icon(Feather.ROTATE_CW, "redo");
    private final Button numbers = icon(Feather.LIST, "all-numbers");
    private final Map<View, ToggleButton> views = new EnumMap<>(View.class);
    private final HBox middle = new HBox();
    private final HBox left;
    private final HBox right;
    /** Whether it has two lines, since one is too short for all. */
    private final BooleanProperty compact = new SimpleBooleanProperty(false);
    private final Button handIn = new Button("Hand in…");
    private final Button ask = new Button("Ask about it…");
    private final Button report = new Button("Report…");
    private final Button tryIt = new Button("Try it");
    private final Button save = new Button("Save…");
    private final Button publish = new Button("Publish\u2026");
    private final Button giveBack = new Button("Give back\u2026");
    private final Button back = new Button("Back to Write");
    private final MainMenu menu;
    private final Label trying = new Label("trying it as a student");
    private final Label unkept = new Label("not kept");
    private Subscription following = Subscription.EMPTY;

    TopBar(MainWindow window) {
        this.window = window;
        getStyleClass().add("top-bar");
        title.getStyleClass().add("bar-title");
        place.getStyleClass().add("bar-place");
        Button start = new Button("", emblem());
        start.setId("go-to-start");
        start.getStyleClass().setAll("emblem-button");
        start.setAccessibleText("Start");
        Tip.set(start, "Start: all that can be begun or gone on with (Alt+Home)");
        start.setOnAction(_ -> window.goToStart());
        left = new HBox(start, title, place, trying, unkept);
        holdVisible(left);
        left.setAlignment(Pos.CENTER_LEFT);
        left.getStyleClass().add("bar-left");
        middle.getChildren().addAll(tab(View.WORK, "Work"), tab(View.WRITE, "Write"), tab(View.MARK, "Mark"));
        middle.getStyleClass().add("bar-views");
        middle.setMaxWidth(Region.USE_PREF_SIZE);
        Button type = new Button("Aa");
        type.setId("type-size");
        type.getStyleClass().add("icon-button");
        Tip.set(type, "Larger type, for reading from the back of a room (F8)");
        type.setOnAction(_ -> window.look().nextType());
        main(handIn, "hand-in", "Save one file for your instructor, and a page to read or print", window::handIn);
        main(tryIt, "try-it", "Try the exercise as a student sees it", window::tryIt);
        main(back, "back-to-write", "Stop trying it; your own work in Work is as you left it", () -> window.show(View.WRITE));
        back.getStyleClass().add("secondary");
        trying.getStyleClass().add("bar-trying");
        trying.setId("trying");
        unkept.getStyleClass().add("bar-trying");
        unkept.setId("unkept");
        unkept.setAccessibleText("Your work is not kept as you go: Hestra's folder cannot be written");
        main(save, "save", "Save the exercise as a file (Ctrl+S)", () -> window.filing().save());
        main(publish, "publish", "Write students\u2019 copies into a folder", () -> window.publishing().begin());
        main(giveBack, "give-back", "Write a page for each student, the gradebook and the class on one page",
                () -> window.marking().giveBack());
        save.getStyleClass().add("secondary");
        tryIt.getStyleClass().add("secondary");
        undo.setOnAction(_ -> window.undo());
        redo.setOnAction(_ -> window.redo());
        numbers.setAccessibleText("all numbers");
        Tip.set(numbers, "All numbers of the two variables and the curve, and what they say (Ctrl+B)");
        numbers.setOnAction(_ -> window.work().toggleOverview());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        // It lies over what stands at the left.
        gap.setMouseTransparent(true);
        main(ask, "ask-about-it", "Make this the first part of a new exercise, and write tasks about it",
                () -> window.filing().askAboutIt());
        ask.getStyleClass().add("secondary");
        main(report, "report", "One page of all that stands on the sheet: to read, to print or to go on writing (Ctrl+P)",
                () -> window.filing().report());
        menu = new MainMenu(window);
        right = new HBox(gap, undo, redo, numbers, type, menu, back, tryIt, save, publish, giveBack, handIn,
                ask, report);
        right.setAlignment(Pos.CENTER_RIGHT);
        right.getStyleClass().add("bar-right");
        right.setPickOnBounds(false);
        holdVisible(right);
        left.setPickOnBounds(false);
        // Up to the views in the middle and no further: a long title is cut there.
        left.maxWidthProperty().bind(Bindings.createDoubleBinding(() -> compact.get()
                ? getWidth() - middle.getWidth() - 2 * EDGE : getWidth() / 2 - middle.getWidth() / 2 - EDGE,
                widthProperty(), middle.widthProperty(), compact));
        StackPane.setAlignment(left, Pos.CENTER_LEFT);
        arrange();
        follow();
    }

    /** Beside each other, the views in the middle; or where that is too narrow in two lines, so that nothing goes. */
    private void arrange() {
        getStyleClass().remove(COMPACT);
        getChildren().clear();
        if (compact.get()) {
            getStyleClass().add(COMPACT);
            Region between = new Region();
            HBox.setHgrow(between, Priority.ALWAYS);
            HBox upper = new HBox(left, between, middle);
            upper.setAlignment(Pos.CENTER_LEFT);
            getChildren().add(new VBox(upper, right));
        } else {
            getChildren().addAll(left, right, middle);
        }
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        double room = middle.isVisible() ? getWidth() / 2 - middle.prefWidth(-1) / 2 : getWidth() - TITLE;
        boolean tooShort = right.prefWidth(-1) + snappedRightInset() > room;
        if (tooShort != compact.get() && getWidth() > 0) {
            Platform.runLater(() -> {
                compact.set(tooShort);
                arrange();
            });
        }
    }

    MainMenu menu() {
        return menu;
    }

    /** Follows the desk that is open now. */
    void follow() {
        following.unsubscribe();
        following = window.model().watch(this::show);
    }

    /** What takes the keyboard first. */
    Optional<Node> entry() {
        return Optional.ofNullable(views.get(window.view())).filter(_ -> middle.isVisible()).<Node>map(it -> it)
                .or(() -> Stops.first(this));
    }

    void show(Findings findings) {
        boolean start = window.view() == View.START;
        boolean study = findings.exercise().isStudy() && !start;
        title.setText(start ? "Hestra" : findings.exercise().title());
        String besideHeading = findings.exercise().heading().isBlank() ? "" : "your data";
        place.setText(start ? ""
                : study ? besideHeading
                : window.view() == View.WRITE ? placeAndEdition(findings.exercise())
                : findings.exercise().place());
        boolean mark = window.view() == View.MARK;
        if (mark) {
            place.setText(window.classInWords());
        }
        present(middle, !start && (!window.isWorkedInAlone() || mark));
        present(undo, !start);
        present(redo, !start);
        present(numbers, window.view() == View.WORK);
        present(ask, study);
        present(report, study);
        undo.setDisable(window.undoable().isEmpty());
        redo.setDisable(window.redoable().isEmpty());
        Tip.set(undo, "Undo " + window.undoable().orElse("") + " (Ctrl+Z)");
        Tip.set(redo, "Redo " + window.redoable().orElse("") + " (Ctrl+Shift+Z)");
        views.forEach((view, tab) -> tab.setSelected(view == window.view()));
        present(handIn, window.view() == View.WORK && !findings.tasks().isEmpty() && !window.isTrying());
        present(back, window.isTrying());
        present(trying, window.isTrying());
        present(unkept, window.isUnkept());
        present(place, !window.isTrying());
        present(tryIt, window.view() == View.WRITE);
        present(save, window.view() == View.WRITE);
        present(publish, window.view() == View.WRITE);
        present(giveBack, mark && window.hasClass());
        if (getScene() != null && getScene().getWindow() instanceof Stage stage) {
            stage.setTitle(start ? "Hestra" : MainWindow.title(findings.exercise()));
        }
    }

    /** Where the data come from, and which edition was published last. */
    private static String placeAndEdition(Exercise exercise) {
        String edition = exercise.issue().editions().isEmpty()
                ? "" : "edition " + exercise.issue().editions().getLast().number() + " published";
        return exercise.place().isBlank() || edition.isEmpty()
                ? exercise.place() + edition : exercise.place() + " \u00b7 " + edition;
    }

    private ToggleButton tab(View view, String name) {
        ToggleButton tab = Literally.said(new ToggleButton(name));
        tab.getStyleClass().setAll("view-tab");
        tab.setId("view-" + name.toLowerCase(Locale.ROOT));
        tab.setOnAction(_ -> window.show(view));
        views.put(view, tab);
        return tab;
    }

    private static void main(Button button, String id, String tip, Runnable action) {
        button.setId(id);
        button.getStyleClass().add("main-action");
        Tip.set(button, tip);
        button.setOnAction(_ -> action.run());
    }

    private static Button icon(Feather icon, String id) {
        Button button = new Button();
        button.setGraphic(new FontIcon(icon));
        button.setId(id);
        button.setAccessibleText(id);
        button.getStyleClass().add("icon-button");
        return button;
    }

    /** Two points and the line between them. */
    static Node emblem() {
        Rectangle ground = new Rectangle(24, 24);
        ground.setArcWidth(10);
        ground.setArcHeight(10);
        ground.getStyleClass().add("emblem-ground");
        Line line = new Line(6, 18, 18, 6);
        line.getStyleClass().add("emblem-line");
        Circle first = new Circle(8, 9, 2.6);
        Circle second = new Circle(16, 15, 2.6);
        first.getStyleClass().add("emblem-point");
        second.getStyleClass().add("emblem-point");
        Pane emblem = new Pane(ground, line, first, second);
        emblem.setMinSize(24, 24);
        emblem.setMaxSize(24, 24);
        return emblem;
    }
}
