package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.IndexedCell;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Pane;
import javafx.scene.robot.Robot;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import javafx.stage.Stage;
import javafx.stage.Window;

import hestra.desk.Edit;
import hestra.desk.WorkEdit;
import hestra.desktop.UnseenScreen;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.ProseView;
import hestra.desktop.plot.PlotView;
import hestra.desktop.tour.FxThread;
import hestra.desktop.tour.Snapshot;
import hestra.exercise.Exercise;
import hestra.figure.Figure;
import hestra.figure.Figure.Area;
import hestra.figure.Figure.Spot;
import hestra.figure.Slot;
import hestra.task.Kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

/** Somebody at the program: a real window on the headless platform, a mouse and keys. */
final class Person implements AutoCloseable {

    /** A wait ends with what was awaited; this is for a fault that would let it last for good. */
    private static final Duration PATIENCE = Duration.ofMinutes(3);
    private static final int A_MOMENT = 2_000_000;
    private static final int AWAY = 40;

    private static final Map<Character, KeyCode> KEYS = Map.of('.', KeyCode.PERIOD, ',', KeyCode.COMMA, ' ', KeyCode.SPACE,
            '-', KeyCode.MINUS, ';', KeyCode.SEMICOLON, '/', KeyCode.SLASH);
    private static final int LONGEST_WALK = 400;
    private static final int BETWEEN_LETTERS = 170;
    private final Robot robot;
    private final MainWindow window;
    private final Stage stage;
    private final Dialogs dialogs = new Dialogs();

    /** Answers file dialogs as told beforehand. */
    private static final class Dialogs implements FileDialogs {
        private final Deque<Path> answers = new ArrayDeque<>();
        private final List<String> asked = new ArrayList<>();

        @Override
        public Optional<Path> open(Kind kind, Path folder) {
            asked.add("open " + kind.title());
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public Optional<Path> save(Kind kind, Path folder, String name) {
            asked.add("save " + name);
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public Optional<Path> folder(String title, Path folder) {
            asked.add("folder " + title);
            return Optional.ofNullable(answers.poll());
        }
    }

    private Person(OpenDesk desk, Path state) throws IOException {
        record Made(Robot robot, MainWindow window, Stage stage) {}
        Made made = FxThread.call(() -> {
            MainWindow opened = new MainWindow(desk, Settings.in(state), dialogs, new Look());
            Stage shown = new Stage();
            shown.setX(0);
            shown.setY(0);
            // As the program does it: something to look at first, the window's contents in its place a moment later.
            Scene scene = new Scene(new Pane(), 1280, 800);
            Looks.sheets(scene);
            shown.setScene(scene);
            shown.show();
            return new Made(new Robot(), opened, shown);
        });
        FxThread.settle();
        FxThread.call(() -> {
            made.stage.getScene().setRoot(made.window.root());
            made.window.begin();
            return null;
        });
        robot = made.robot;
        window = made.window;
        stage = made.stage;
        settle();
        activate();
        // A window that becomes the active one later would close a menu that has been opened meanwhile.
        for (int i = 0; i < 50 && !FxThread.call(stage::isFocused); i++) {
            settle();
            activate();
        }
        settle();
    }

    /** Opens an exercise; {@code state} is Hestra's own folder. */
    static synchronized Person at(Exercise exercise, Path state) throws IOException {
        return at(OpenDesk.of(state, exercise, Optional.empty()), state);
    }

    /** Somebody who has said which variable explains, and enters data next. */
    static Person entering(Exercise exercise, Path state) throws IOException {
        Person person = at(exercise, state);
        if (person.model().desk().work().attemptsAt("roles").isEmpty()) {
            person.apply(new WorkEdit.ChooseRoles(exercise.first().roles()));
            person.apply(new Edit.Check("roles"));
            person.rest();
        }
        return person;
    }

    /** Starts the program with nothing to open. */
    static synchronized Person atStart(Path state) throws IOException {
        return at(OpenDesk.nothing(), state);
    }

    private static Person at(OpenDesk desk, Path state) throws IOException {
        UnseenScreen.start();
        return new Person(desk, state);
    }

    /**
     * Makes the window the active one where no menu is open: on the headless platform a window that closes, such as a
     * tooltip or the window of the test before, may leave none active.
     */
    private void activate() throws IOException {
        FxThread.call(() -> {
            boolean alone = Window.getWindows().stream().allMatch(it -> it == stage || it instanceof Tooltip);
            if (alone) {
                stage.requestFocus();
            }
            return null;
        });
    }

    /** Waits until nothing is left to be done, and no file is being read or written. */
    void settle() throws IOException {
        FxThread.settle();
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (FxThread.call(window::isBusy)) {
            if (System.nanoTime() > end) {
                throw new AssertionError("the window is still busy; " + state());
            }
            LockSupport.parkNanos(A_MOMENT);
            FxThread.settle();
        }
    }

    MainWindow window() {
        return window;
    }

    DeskModel model() {
        return window.model();
    }

    List<String> asked() {
        return dialogs.asked;
    }

    /** What is on the screen, for messages of tests. */
    String state() throws IOException {
        return FxThread.call(() -> "view " + window.view() + ", windows " + Window.getWindows() + ", active "
                + stage.isFocused());
    }

    /**
     * Drags files over the window and drops them on it. The machine's own dragging cannot be driven, so its board is a stand-in.
     */
    void drop(Path... files) throws IOException {
        FxThread.call(() -> {
            Dragboard board = mock(Dragboard.class);
            when(board.hasFiles()).thenReturn(true);
            when(board.getTransferModes()).thenReturn(EnumSet.of(TransferMode.COPY));
            when(board.getFiles()).thenReturn(Stream.of(files).map(Path::toFile).toList());
            for (EventType<DragEvent> type : List.of(DragEvent.DRAG_OVER, DragEvent.DRAG_DROPPED)) {
                DragEvent event = new DragEvent(null, window.root(), type, board, 600, 400, 600, 400, TransferMode.COPY, null,
                        window.root(), null);
                Event.fireEvent(window.root(), event);
                assertThat(type == DragEvent.DRAG_OVER ? event.isAccepted() : event.isDropCompleted())
                        .as("%s is taken", type).isTrue();
            }
            return null;
        });
        settle();
    }

    boolean isFinished() throws IOException {
        return FxThread.call(window::isFinished);
    }

    /** Makes an edit as a view would. */
    void apply(Edit edit) throws IOException {
        FxThread.call(() -> {
            model().apply(edit);
            return null;
        });
        settle();
    }

    /** Makes many edits, one after the other without a look in between. */
    void apply(List<? extends Edit> edits) throws IOException {
        FxThread.call(() -> {
            edits.forEach(model()::apply);
            return null;
        });
        settle();
    }

    MainWindow.View view() {
        return window.view();
    }

    /** Waits until something is there that comes from beside the window's thread. */
    void await(String id) throws IOException {
        until(id + " is there", () -> FxThread.call(() -> stage.getScene().lookup("#" + id) != null));
    }

    /** Waits until a text holds some words that come from beside the window's thread. */
    void awaitText(String id, String words) throws IOException {
        until("\u201c" + words + "\u201d stands in " + id, () -> text(id).contains(words));
    }

    /**
     * Waits until something has come about beside the window's thread.
     *
     * @throws AssertionError if it has not after as long as nobody would wait, saying what was awaited and what stood there
     *     instead
     */
    void until(String what, Callable<Boolean> hasCome) throws IOException {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (!hasCome(hasCome)) {
            if (System.nanoTime() > end) {
                throw new AssertionError("waited for this: " + what + "; instead: " + state() + ", keyboard at " + focused()
                        + ", texts " + texts("label"));
            }
            pause();
        }
    }

    private static boolean hasCome(Callable<Boolean> come) throws IOException {
        try {
            return come.call();
        } catch (IOException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IOException(e);
        }
    }

    /** The next file dialog is answered with this. */
    void willChoose(Path file) {
        dialogs.answers.add(file);
    }

    void click(String id) throws IOException {
        click(id, 1);
    }

    void click(String id, int times) throws IOException {
        reveal(id);
        pressAt(centre(id), times);
    }

    /** Clicks something and then the text of an item of the menu that it shows. */
    void choose(String id, String item) throws IOException {
        click(id);
        if (sees("plus-card")) {
            type(item);
            press(KeyCode.ENTER);
            return;
        }
        Optional<String> within = FxThread.call(() -> node(id) instanceof MenuButton menu
                ? menu.getItems().stream().filter(Menu.class::isInstance).map(Menu.class::cast)
                .filter(it -> it.getItems().stream().anyMatch(one -> item.equals(one.getText()))).map(Menu::getText)
                .findFirst() : Optional.<String>empty());
        if (within.isPresent()) {
            chooseShown(within.get());
        }
        chooseShown(item);
    }

    /** What a menu offers, once it has been opened and put away again. */
    List<String> items(String id) throws IOException {
        click(id);
        List<String> items = FxThread.call(() -> ((MenuButton) node(id)).getItems().stream()
                .map(item -> Objects.toString(item.getText(), "")).toList());
        press(KeyCode.ESCAPE);
        return items;
    }

    /** The same with the menu that the other button shows. */
    void chooseByRightClick(String id, String item) throws IOException {
        Point2D at = centre(id);
        activate();
        FxThread.call(() -> {
            robot.mouseMove(at);
            robot.mouseClick(MouseButton.SECONDARY);
            return null;
        });
        chooseShown(item);
    }

    /** Clicks the text of an item of the menu that is showing. */
    void chooseShown(String item) throws IOException {
        settle();
        Point2D at = FxThread.call(() -> Window.getWindows().stream().filter(it -> it != stage && it.isShowing())
                .flatMap(it -> it.getScene().getRoot().lookupAll(".menu-item").stream())
                .filter(node -> node.lookupAll(".label").stream()
                .anyMatch(label -> label instanceof Labeled text && item.equals(text.getText())))
                .findFirst().map(Person::middle).orElseThrow(() -> new AssertionError("no menu item " + item)));
        pressAt(at, 1);
    }

    void pressAt(Point2D at, int times) throws IOException {
        activate();
        FxThread.call(() -> {
            robot.mouseMove(at);
            for (int i = 0; i < times; i++) {
                robot.mousePress(MouseButton.PRIMARY);
                robot.mouseRelease(MouseButton.PRIMARY);
            }
            return null;
        });
        settle();
    }

    /** Moves the mouse away, so that the next click is one of its own and not the second of a double click. */
    void rest() throws IOException {
        FxThread.call(() -> {
            Point2D here = robot.getMousePosition();
            robot.mouseMove(here.add(AWAY, AWAY));
            robot.mouseMove(here);
            return null;
        });
        settle();
    }

    /** Drags with a few stops on the way. */
    void drag(Point2D from, Point2D to) throws IOException {
        activate();
        FxThread.call(() -> {
            robot.mouseMove(from);
            robot.mousePress(MouseButton.PRIMARY);
            return null;
        });
        for (int i = 1; i <= 5; i++) {
            Point2D at = from.interpolate(to, i / 5.0);
            FxThread.call(() -> {
                robot.mouseMove(at);
                return null;
            });
            settle();
        }
        FxThread.call(() -> {
            robot.mouseRelease(MouseButton.PRIMARY);
            return null;
        });
        settle();
    }

    /**
     * Drags in the plot with the Shift key held: told to the plot itself, for a robot's mouse does not say what keys are held.
     */
    void shiftDrag(Point2D from, Point2D to) throws IOException {
        dragHolding(from, to, true);
    }

    /** The same with the Control key held. */
    void controlDrag(Point2D from, Point2D to) throws IOException {
        dragHolding(from, to, false);
    }

    double typeSize() throws IOException {
        return FxThread.call(() -> window.look().type());
    }

    private void dragHolding(Point2D from, Point2D to, boolean shift) throws IOException {
        FxThread.call(() -> {
            Node plot = node("plot");
            for (var type : List.of(MouseEvent.MOUSE_PRESSED, MouseEvent.MOUSE_DRAGGED, MouseEvent.MOUSE_RELEASED)) {
                Point2D at = plot.localToScene(plot.screenToLocal(type == MouseEvent.MOUSE_PRESSED ? from : to));
                Event.fireEvent(plot, new MouseEvent(type, at.getX(), at.getY(), 0, 0, MouseButton.PRIMARY, 1, shift, !shift,
                        false, false, true, false, false, false, false,
                        false, null));
            }
            return null;
        });
        settle();
    }

    /** Gives the plot the keyboard by a click where nothing is. */
    void focusPlot() throws IOException {
        pressAt(FxThread.call(() -> {
            PlotView plot = (PlotView) node("plot");
            return plot.localToScreen(plot.figure().area().left() + 4, plot.figure().area().top() + 4);
        }), 1);
    }

    /** Drags from the middle of one thing to the middle of another. */
    void dragOver(String from, String to) throws IOException {
        drag(centre(from), centre(to));
    }

    void moveTo(Point2D at) throws IOException {
        FxThread.call(() -> {
            robot.mouseMove(at);
            return null;
        });
        settle();
    }

    /** Types text, key by key. */
    void type(String text) throws IOException {
        activate();
        for (char c : text.toCharArray()) {
            boolean upper = Character.isUpperCase(c);
            KeyCode code = KEYS.getOrDefault(c, KeyCode.getKeyCode(String.valueOf(c).toUpperCase(Locale.ROOT)));
            if (code == null) {
                throw new AssertionError("no key for " + c);
            }
            FxThread.call(() -> {
                if (upper) {
                    robot.keyPress(KeyCode.SHIFT);
                }
                robot.keyPress(code);
                robot.keyRelease(code);
                if (upper) {
                    robot.keyRelease(KeyCode.SHIFT);
                }
                return null;
            });
        }
        settle();
    }

    /**
     * Types signs that the keyboard of the tests has not: into the field that has the keyboard, as one letter after the other.
     */
    void insert(String signs) throws IOException {
        FxThread.call(() -> {
            TextInputControl field = (TextInputControl) stage.getScene().getFocusOwner();
            signs.chars().forEach(sign -> field.insertText(field.getCaretPosition(), Character.toString(sign)));
            return null;
        });
        settle();
    }

    /** Gives something the keyboard, as Tab would in the end. */
    void focus(String id) throws IOException {
        reveal(id);
        FxThread.call(() -> {
            node(id).requestFocus();
            return null;
        });
        settle();
    }

    /** Presses keys together: the last one while the others are held. Nobody presses two letters at once that mean two things. */
    void press(KeyCode... keys) throws IOException {
        activate();
        if (keys.length == 1 && keys[0].isLetterKey()) {
            waitBetweenLetters();
        }
        FxThread.call(() -> {
            for (KeyCode key : keys) {
                robot.keyPress(key);
            }
            for (int i = keys.length - 1; i >= 0; i--) {
                robot.keyRelease(keys[i]);
            }
            return null;
        });
        settle();
    }

    private static void waitBetweenLetters() {
        try {
            Thread.sleep(BETWEEN_LETTERS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    void copied(String text) throws IOException {
        FxThread.call(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            return Clipboard.getSystemClipboard().setContent(content);
        });
    }

    String clipboard() throws IOException {
        return FxThread.call(() -> Clipboard.getSystemClipboard().getString());
    }

    boolean hasCopiedImage() throws IOException {
        return FxThread.call(() -> Clipboard.getSystemClipboard().hasImage());
    }

    /** The text of a label or field. */
    String text(String id) throws IOException {
        return FxThread.call(() -> switch (node(id)) {
            case Labeled label -> said(label);
            case TextInputControl field -> field.getText();
            case ProseView prose -> prose.getChildren().stream().map(it -> ((TextFlow) it).getChildren().stream()
                    .map(text -> ((Text) text).getText()).collect(Collectors.joining())).collect(Collectors.joining("\n"));
            case Node other -> throw new AssertionError(id + " is a " + other.getClass());
        });
    }

    /** The text of the first label inside something. */
    String firstLabel(String id) throws IOException {
        return FxThread.call(() -> node(id).lookupAll(".label").stream()
                .map(label -> ((Labeled) label).getText()).findFirst().orElseThrow());
    }

    /** How many things stand in the part of a style inside something. */
    String chosenText(String id) throws IOException {
        return FxThread.call(() -> ((TextInputControl) node(id)).getSelectedText());
    }

    int partsOf(String id, String style) throws IOException {
        return FxThread.call(() -> ((Parent) node(id).lookup("." + style)).getChildrenUnmodifiable().size());
    }

    /** The texts of all labels of a style that are shown. */
    List<String> texts(String style) throws IOException {
        return FxThread.call(() -> stage.getScene().getRoot().lookupAll("." + style).stream().map(Person::said)
                .filter(Objects::nonNull).toList());
    }

    /** How wide what scrolls in a pane is. */
    double contentWidth(String id) throws IOException {
        return FxThread.call(() -> ((ScrollPane) node(id)).getContent().getBoundsInLocal().getWidth());
    }

    /** The letters that are drawn of a control's text. */
    String drawn(String id) throws IOException {
        return FxThread.call(() -> ((Text) node(id).lookup(".text")).getText());
    }

    /** What is styled so; to be asked on the window's thread. */
    Stream<Node> styled(String style) {
        return stage.getScene().getRoot().lookupAll("." + style).stream();
    }

    /** What a label says, or what something that is drawn says to a screen reader. */
    private static String said(Node node) {
        return node instanceof Labeled label && !label.getText().isEmpty() ? label.getText() : node.getAccessibleText();
    }

    /** Moves the pointer over a row of a table, counted from 0. */
    void hoverRow(String id, int index) throws IOException {
        moveTo(FxThread.call(() -> node(id).lookupAll(".table-row-cell").stream()
                .filter(it -> it instanceof IndexedCell<?> cell && cell.getIndex() == index && !cell.isEmpty() && isShown(cell))
                .findFirst()
                .map(Person::middle).orElseThrow(() -> new AssertionError("no row " + index + " in " + id))));
    }

    boolean sees(String id) throws IOException {
        return FxThread.call(() -> {
            Node node = stage.getScene().lookup("#" + id);
            return node != null && isShown(node);
        });
    }

    private static boolean isShown(Node node) {
        for (Node it = node; it != null; it = it.getParent()) {
            if (!it.isVisible()) {
                return false;
            }
        }
        return true;
    }

    /** Whether something lies wholly within what scrolls it. */
    boolean isInSight(String id) throws IOException {
        return FxThread.call(() -> {
            Node node = node(id);
            Bounds there = node.localToScene(node.getLayoutBounds());
            for (Node it = node.getParent(); it != null; it = it.getParent()) {
                if (it instanceof ScrollPane pane && !pane.localToScene(pane.getLayoutBounds()).contains(there)) {
                    return false;
                }
            }
            return true;
        });
    }

    /**
     * Walks with Tab, in the table with Ctrl+Tab, from where the keyboard is until it comes there again.
     *
     * @return the controls in the window that were not come by, though they are shown and could be used
     */
    List<String> walk() throws IOException {
        Set<Node> reached = new LinkedHashSet<>();
        for (int step = 0; step < LONGEST_WALK; step++) {
            Node at = FxThread.call(() -> stage.getScene().getFocusOwner());
            if (at == null || !reached.add(at)) {
                break;
            }
            if (at instanceof TableView<?>) {
                press(KeyCode.CONTROL, KeyCode.TAB);
            } else {
                press(KeyCode.TAB);
            }
        }
        return FxThread.call(() -> {
            List<String> missed = new ArrayList<>();
            collect(stage.getScene().getRoot(), reached, missed);
            return missed;
        });
    }

    private static void collect(Node node, Set<Node> reached, List<String> missed) {
        boolean usable = node.isVisible() && !node.isDisabled();
        // Among choices the arrow keys go on.
        boolean byArrows = node instanceof ToggleButton choice && choice.getToggleGroup() != null
                && choice.getToggleGroup().getToggles().stream().anyMatch(reached::contains);
        if (usable && node.isFocusTraversable() && !reached.contains(node) && !byArrows) {
            missed.add(node.getClass().getSimpleName() + " " + node.getId() + " "
                    + (node instanceof Labeled label ? label.getText() : ""));
        }
        if (usable && node instanceof Parent parent && !(node instanceof TableView<?>)) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, reached, missed));
        }
    }

    /** The id of what has the keyboard. */
    String focused() throws IOException {
        return FxThread.call(() -> stage.getScene().getFocusOwner() == null
                ? "" : String.valueOf(stage.getScene().getFocusOwner().getId()));
    }

    /** Where the point of a row stands on the screen. */
    Point2D point(int row) throws IOException {
        return FxThread.call(() -> {
            PlotView plot = (PlotView) node("plot");
            Spot spot = plot.spot(row).orElseThrow(() -> new AssertionError("row " + row + " has no point"));
            return plot.localToScreen(spot.x(), spot.y());
        });
    }

    /** Where values of x and y stand on the screen. */
    Point2D place(double x, double y) throws IOException {
        return FxThread.call(() -> {
            PlotView plot = (PlotView) node("plot");
            return plot.localToScreen(plot.figure().x().pixel(x), plot.figure().y().pixel(y));
        });
    }

    /** The plot as it is shown. */
    Figure figure() throws IOException {
        return FxThread.call(() -> ((PlotView) node("plot")).figure());
    }

    /** Where the plot's upper left corner is in pictures of the window. */
    Point2D corner() throws IOException {
        return FxThread.call(() -> node("plot").localToScene(0, 0));
    }

    /** The middle of a curve's equation in the plot. */
    Point2D label(Slot slot) throws IOException {
        return FxThread.call(() -> {
            PlotView plot = (PlotView) node("plot");
            Area box = plot.figure().grips().targets().boxOf(slot).orElseThrow();
            return plot.localToScreen(box.left() + box.width() / 2, box.top() + box.height() / 2);
        });
    }

    /** A place in something, so far from its top left corner when it is scaled to fit a box of this size about its middle. */
    Point2D inside(String id, double width, double height, double x, double y) throws IOException {
        return FxThread.call(() -> {
            Bounds box = node(id).getLayoutBounds();
            double scale = Math.min(box.getWidth() / width, box.getHeight() / height);
            return node(id).localToScreen((box.getWidth() - width * scale) / 2 + x * scale,
                    (box.getHeight() - height * scale) / 2 + y * scale);
        });
    }

    /** Where the plot's title stands. */
    Point2D aboveThePlot() throws IOException {
        return FxThread.call(() -> {
            PlotView plot = (PlotView) node("plot");
            Area area = plot.figure().area();
            return plot.localToScreen(area.left() + area.width() / 2, area.top() / 2);
        });
    }

    /** A place on an axis of the plot: the one along, or the upright one. */
    Point2D besideAxis(boolean along) throws IOException {
        return FxThread.call(() -> {
            PlotView plot = (PlotView) node("plot");
            Area area = plot.figure().area();
            return along
                    ? plot.localToScreen(area.left() + area.width() / 2, area.bottom() + 25)
                    : plot.localToScreen(area.left() - 25, area.top() + area.height() / 2);
        });
    }

    /** Makes the window another size. */
    void resize(double width, double height) throws IOException {
        FxThread.call(() -> {
            stage.setWidth(width);
            stage.setHeight(height);
            return null;
        });
        settle();
    }

    /** How wide something is shown. */
    double width(String id) throws IOException {
        return FxThread.call(() -> node(id).getLayoutBounds().getWidth());
    }

    /** Whether something is in a state that its looks follow. */
    boolean isIn(String id, String state) throws IOException {
        return FxThread.call(() -> node(id).getPseudoClassStates().contains(PseudoClass.getPseudoClass(state)));
    }

    /** How high something is shown. */
    double height(String id) throws IOException {
        return FxThread.call(() -> node(id).getLayoutBounds().getHeight());
    }

    /** Whether the text of a button does not fit into it. */
    boolean isCutOff(String id) throws IOException {
        return FxThread.call(() -> node(id).lookupAll(".text").stream()
                .anyMatch(text -> text instanceof Text shown && node(id) instanceof Labeled label
                && !shown.getText().equals(label.getText())));
    }

    /** Whether two things lie over one another. */
    boolean overlaps(String one, String other) throws IOException {
        return FxThread.call(() -> {
            Bounds first = node(one).localToScene(node(one).getLayoutBounds());
            Bounds second = node(other).localToScene(node(other).getLayoutBounds());
            return first.getMinX() < second.getMaxX() - 1 && second.getMinX() < first.getMaxX() - 1
                    && first.getMinY() < second.getMaxY() - 1 && second.getMinY() < first.getMaxY() - 1;
        });
    }

    /** Just right of the right edge of something, half way down. */
    Point2D edgeOf(String id) throws IOException {
        return FxThread.call(() -> node(id).localToScreen(node(id).getLayoutBounds().getMaxX() + 0.5, node(id).getLayoutBounds()
                .getHeight() / 2));
    }

    /** Just below something, half way along. */
    Point2D footOf(String id) throws IOException {
        return FxThread.call(() -> node(id).localToScreen(node(id).getLayoutBounds().getWidth() / 2, node(id).getLayoutBounds()
                .getMaxY() + 2));
    }

    void picture(Path file) throws IOException {
        FxThread.call(() -> {
            Snapshot.of(stage.getScene(), file);
            return null;
        });
    }

    private Point2D centre(String id) throws IOException {
        return FxThread.call(() -> middle(node(id)));
    }

    private static Point2D middle(Node node) {
        Bounds bounds = node.localToScreen(node.getLayoutBounds());
        return new Point2D(bounds.getCenterX(), bounds.getCenterY());
    }

    private Node node(String id) {
        Node node = stage.getScene().lookup("#" + id);
        if (node == null) {
            throw new AssertionError("nothing called " + id + " is in the window");
        }
        return node;
    }

    /** Scrolls what holds a node until it can be seen, as a person would. */
    private void reveal(String id) throws IOException {
        boolean scrolled = FxThread.call(() -> {
            boolean moved = false;
            Node node = node(id);
            for (Node it = node.getParent(); it != null; it = it.getParent()) {
                if (it instanceof ScrollPane pane && pane.getContent() != null) {
                    Bounds inside = pane.getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal()));
                    double room = pane.getContent().getBoundsInLocal().getHeight() - pane.getViewportBounds().getHeight();
                    double top = pane.getVvalue() * Math.max(0, room);
                    boolean seen = inside.getMinY() >= top && inside.getMaxY() <= top + pane.getViewportBounds().getHeight();
                    if (room > 0 && !seen) {
                        moved = true;
                        pane.setVvalue(Math.clamp((inside.getCenterY() - pane.getViewportBounds().getHeight() / 2) / room, 0, 1));
                    }
                }
            }
            return moved;
        });
        if (scrolled) {
            settle();
        }
    }

    /** Waits until JavaFX has done what is waiting. */
    void pause() throws IOException {
        settle();
    }

    @Override
    public void close() throws IOException {
        FxThread.call(() -> {
            window.close(stage);
            stage.hide();
            return null;
        });
    }
}
