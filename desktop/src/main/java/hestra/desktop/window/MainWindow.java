package hestra.desktop.window;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desktop.files.Background;
import hestra.desktop.files.Exchange;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.LastOpen;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.Notices;
import hestra.desktop.parts.Presence;
import hestra.desktop.table.GridHabits;
import hestra.desktop.write.WriteView;
import hestra.exercise.Exercise;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The window: the top bar, the view in hand, and what can be done with files. */
public final class MainWindow {

    /** The views of the window. */
    public enum View {
        WORK,
        WRITE
    }

    private static final Logger LOG = LoggerFactory.getLogger(MainWindow.class);

    private final Settings settings;
    private final Look look;
    private final GridHabits habits = new GridHabits();
    private final Notices notices = new Notices();
    private final Background background = new Background(notices);
    private final Exchange exchange;
    private final Filing filing;
    private final BorderPane frame = new BorderPane();
    private final StackPane root = new StackPane();
    private final TopBar bar;
    private final DemoShelf shelf;
    private final Boards boards;
    private DeskModel model;
    private WorkView work;
    private WriteView write;
    private OpenDesk open;
    /** What is being written, while it is tried as a student. */
    private Optional<Written> written = Optional.empty();
    private View view = View.WORK;

    /** An exercise that is being written, put by while it is tried. */
    private record Written(OpenDesk open, DeskModel model, WorkView work, WriteView write) {}

    /** The window's contents over an open desk. */
    public MainWindow(OpenDesk open, Settings settings, FileDialogs dialogs, Look look) {
        this.open = open;
        this.settings = settings;
        this.look = look;
        this.model = modelOf(open);
        this.exchange = new Exchange(this::model, settings, dialogs, notices, background);
        this.filing = new Filing(this, settings, dialogs, notices, exchange, background);
        this.bar = new TopBar(this);
        habits.pairByPairProperty().set(settings.flag("pair-by-pair"));
        habits.typeProperty().bindBidirectional(look.typeProperty());
        this.work = workView(model);
        this.shelf = new DemoShelf(look, filing::open);
        this.boards = new Boards(root, settings.folder(), () -> this.open.journalFile(), filing::resume);
        frame.setTop(bar);
        frame.setCenter(work.node());
        // On ground of its own: what is said covers nothing that is in use.
        frame.setBottom(notices);
        root.getChildren().addAll(frame, shelf);
        Presence.holdVisible(root);
        BorderPane.setAlignment(notices, Pos.CENTER);
        BorderPane.setMargin(notices, new Insets(0, 14, 8, 14));
        Looks.dress(root, look);
        new WindowKeys(this, root, new Rounds(this::places));
        root.setOnDragOver(filing::dropped);
        root.setOnDragDropped(filing::dropped);
        tellHowItOpened();
    }

    private void tellHowItOpened() {
        if (open.trouble().isPresent()) {
            notices.say(open.trouble().get());
        } else if (!open.isKept()) {
            notices.say("Your work cannot be kept as you go: Hestra’s folder (" + settings.folder() + ") cannot be written.");
        } else if (open.restored() > 0) {
            notices.say("Your earlier work is back. “Start again” in the menu starts from the beginning; undo brings the work back.");
        }
    }

    private WorkView workView(DeskModel shown) {
        return new WorkView(shown, look.alongside(), settings, habits.alongside(), notices::say, this::handIn, exchange::savePlot, exchange::saveData);
    }

    /** The model of an open desk, which keeps every edit from here on. */
    private DeskModel modelOf(OpenDesk desk) {
        DeskModel made = new DeskModel(desk.history());
        made.recordTo(edit -> record(desk, edit));
        made.sayRefusalsTo(notices::say);
        return made;
    }

    private void record(OpenDesk desk, Edit edit) {
        boolean wasIdle = desk.isIdle();
        desk.record(edit, message -> Platform.runLater(() -> notices.say(message)));
        if (wasIdle && !desk.isIdle()) {
            LastOpen.remember(settings, desk);
        }
    }

    /** All that the window shows. */
    Parent root() {
        return root;
    }

    /** A scene with this window's contents. */
    public Scene scene(double width, double height) {
        Scene scene = new Scene(root, width, height);
        Looks.sheets(scene);
        return scene;
    }

    /** What can be done with files. */
    Filing filing() {
        return filing;
    }

    /** The desk that is open; while an exercise is tried, the one on which it is written. */
    OpenDesk open() {
        return written.map(Written::open).orElse(open);
    }

    /** Whether an exercise is being tried by its author. */
    boolean isTrying() {
        return written.isPresent();
    }

    /** The view of the student. */
    WorkView work() {
        return work;
    }

    /** The view of the author, which is shown then. */
    WriteView write() {
        show(View.WRITE);
        return write;
    }

    /** Whether files are being read or written. */
    public boolean isBusy() {
        return background.isBusy();
    }

    /** Says something at the foot of the window. */
    void say(String message) {
        notices.say(message);
    }

    public DeskModel model() {
        return model;
    }

    public Look look() {
        return look;
    }

    public View view() {
        return view;
    }

    /** Remembers what is open, and puts the keyboard where the work goes on. */
    public void begin() {
        if (!open.isIdle()) {
            LastOpen.remember(settings, open);
        }
        Platform.runLater(() -> {
            // What has not been laid out yet is in no scene, and cannot take the keyboard.
            root.applyCss();
            root.layout();
            work.sheet().focusTaskInHand();
        });
    }

    /** Shows another view. */
    public void show(View other) {
        if (other == View.WRITE && written.isPresent()) {
            putBack(written.get());
        }
        view = other;
        frame.setCenter(switch (other) {
            case WORK -> work.node();
            case WRITE -> writeView();
        });
        bar.show(model.findings());
    }

    /** The parts of the window, in the order in which a key goes round them. */
    private List<Place> places() {
        List<Place> places = new ArrayList<>(view == View.WORK ? work.places()
                : write.places().stream().map(node -> new Place(List.of(node), () -> FocusMark.first(node))).toList());
        places.add(new Place(List.of(bar), bar::entry));
        return places;
    }

    private Node writeView() {
        if (write == null) {
            write = new WriteView(model, look.alongside(), settings, habits.alongside(), notices::say, exchange);
        }
        return write.node();
    }

    /** Starts the exercise being written as a student would find it, on a desk of its own: what its author did in Work stays as it is. */
    void tryIt() {
        OpenDesk trial = OpenDesk.passing(Desk.open(model.desk().exercise()), "You are trying this as a student. Nothing of it is kept.");
        DeskModel tried = modelOf(trial);
        WorkView shown;
        try {
            shown = workView(tried);
        } catch (RuntimeException | VirtualMachineError e) {
            LOG.error("{} cannot be tried", model.desk().exercise().id(), e);
            notices.say("This cannot be tried: " + e.getMessage());
            return;
        }
        written = Optional.of(new Written(open, model, work, write));
        goTo(trial, tried, shown, null);
        show(View.WORK);
        begin();
        tellHowItOpened();
    }

    private void putBack(Written before) {
        written = Optional.empty();
        open.close();
        goTo(before.open(), before.model(), before.work(), before.write());
    }

    private void goTo(OpenDesk desk, DeskModel itsModel, WorkView itsWork, WriteView itsWrite) {
        open = desk;
        model = itsModel;
        work = itsWork;
        write = itsWrite;
        notices.hide();
        bar.follow();
    }

    void startAgain() {
        model.apply(new Edit.StartAgain());
        notices.say("Started again. Undo brings your work back.");
        begin();
    }

    /** Shows the demo data sets to choose from. */
    public void openShelf() {
        shelf.open();
    }

    /** Shows what was worked on before, to go on with it. */
    void openRecent() {
        boards.open(Boards.Kind.RECENT);
    }

    /** Shows what mouse and keys do. */
    void openKeys() {
        boards.open(Boards.Kind.KEYS);
    }

    /** Shows how the numbers are worked out. */
    void openNumbers() {
        boards.open(Boards.Kind.NUMBERS);
    }

    /** Draws a new sample of data that were made by a recipe. */
    void newSample() {
        if (view == View.WRITE) {
            write.nextSample(notices::say);
        } else {
            notices.say("New samples are drawn in Write, where the exercise's own data are.");
        }
    }

    /**
     * Goes over to another desk, with views of its own, so that nothing of the one before is left standing in them. Where that
     * cannot be shown, everything stays as it is.
     *
     * @return whether it could
     */
    boolean goOverTo(OpenDesk other, View shown) {
        DeskModel next;
        WorkView nextWork;
        try {
            next = modelOf(other);
            nextWork = workView(next);
        } catch (RuntimeException | VirtualMachineError e) {
            LOG.error("{} cannot be shown", other.history().present().exercise().id(), e);
            other.close();
            notices.say(cannotBeOpened(other.history().present().exercise().title(), other.journalFile()));
            return false;
        }
        open.close();
        written.ifPresent(it -> it.open().close());
        written = Optional.empty();
        goTo(other, next, nextWork, null);
        show(shown);
        begin();
        tellHowItOpened();
        return true;
    }

    /** What is said of an exercise that cannot be shown. */
    static String cannotBeOpened(String title, Optional<Path> journal) {
        return "“" + title + "” could not be opened." + journal.map(file -> " What you did in it is kept in " + file + ".").orElse("");
    }

    /** Hands the work in: one file for the instructor, and the write-up beside it. */
    void handIn() {
        if (!exchange.handIn()) {
            show(View.WORK);
            model.apply(new Edit.TurnTo(Optional.empty()));
            work.sheet().askName();
            notices.say("Type your name first, so that your instructor knows whose work this is.");
        }
    }

    /** Keeps what is to be remembered and closes the journal. */
    public void close(Stage stage) {
        if (!stage.isMaximized()) {
            settings.put("window.width", stage.getWidth());
            settings.put("window.height", stage.getHeight());
        }
        settings.put("dark", look.darkProperty().get());
        settings.put("type", look.type());
        settings.put("pair-by-pair", habits.pairByPairProperty().get());
        settings.save();
        background.close();
        open.close();
        written.ifPresent(it -> it.open().close());
    }

    /** What the window's title bar says. */
    static String title(Exercise exercise) {
        return exercise.title() + " · Hestra";
    }
}
