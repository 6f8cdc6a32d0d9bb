package hestra.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
import hestra.desk.Findings;
import hestra.desk.TaskState;
import hestra.desktop.files.Background;
import hestra.desktop.files.Exchange;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.LastOpen;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.mark.MarkView;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Notices;
import hestra.desktop.parts.Presence;
import hestra.desktop.parts.Stops;
import hestra.desktop.start.StartView;
import hestra.desktop.table.GridHabits;
import hestra.desktop.write.WriteView;
import hestra.exercise.Exercise;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The window: the top bar, the view in hand, and what can be done with files. */
public final class MainWindow {

    /** The views of the window. */
    public enum View {
        START,
        WORK,
        WRITE,
        MARK
    }

    private static final Logger LOG = LoggerFactory.getLogger(MainWindow.class);

    private final Settings settings;
    private final Look look;
    private final GridHabits habits = new GridHabits();
    private final Notices notices = new Notices();
    private final Background background = new Background(notices);
    private final Exchange exchange;
    private final Filing filing;
    private final Publishing publishing;
    private final MarkFiling marking;
    private final BorderPane frame = new BorderPane();
    private final StackPane root = new StackPane();
    private final KeysMeanwhile keysMeanwhile;
    private final Voice voice;
    private final TopBar bar;
    private final DemoShelf shelf;
    private final Boards boards;
    private Opened here;
    /** An exercise that is being written, put by while it is tried as a student. */
    private Optional<Opened> written = Optional.empty();
    private Optional<StartView> start = Optional.empty();
    private View view = View.WORK;
    /** What was shown before Start. */
    private View behind = View.WORK;

    /** The window's contents over an open desk. */
    public MainWindow(OpenDesk open, Settings settings, FileDialogs dialogs, Look look) {
        this.settings = settings;
        this.look = look;
        this.voice = new Voice(root, notices, settings, this::model);
        this.exchange = new Exchange(this::model, settings, dialogs, notices, background);
        this.filing = new Filing(this, settings, dialogs, notices, exchange, background);
        this.publishing = new Publishing(this, dialogs, notices, exchange, background);
        this.marking = new MarkFiling(this, settings, dialogs, notices, exchange, background);
        this.here = opened(open);
        this.bar = new TopBar(this);
        habits.pairByPairProperty().set(settings.flag("pair-by-pair"));
        habits.typeProperty().bindBidirectional(look.typeProperty());
        this.shelf = new DemoShelf(look, filing::open);
        this.boards = new Boards(root, settings, () -> here.desk().journalFile(), filing, look, bar.menu()::keys);
        frame.setTop(bar);
        show(open.isNothing() ? View.START : View.WORK);
        // On ground of its own: what is said covers nothing that is in use.
        frame.setBottom(notices);
        root.getChildren().addAll(frame, shelf);
        // What does not fit is cut off below, never at the top bar.
        StackPane.setAlignment(frame, Pos.TOP_CENTER);
        Presence.holdVisible(root);
        root.getChildren().add(new FocusRing());
        BorderPane.setAlignment(notices, Pos.CENTER);
        BorderPane.setMargin(notices, new Insets(0, 14, 8, 14));
        Looks.dress(root, look);
        keysMeanwhile = new KeysMeanwhile(root);
        new KeyboardKeeper(root, frame, bar::entry);
        new WindowKeys(this, root, new Rounds(this::places));
        Drops drops = new Drops(this, filing, notices, exchange);
        root.setOnDragOver(drops::dropped);
        root.setOnDragDropped(drops::dropped);
        tellHowItOpened();
    }

    private void tellHowItOpened() {
        OpenDesk open = here.desk();
        if (open.trouble().isPresent()) {
            notices.say(open.trouble().get());
        } else if (!open.isKept() && !open.isNothing()) {
            notices.say("Your work cannot be kept as you go: Hestra’s folder (" + settings.folder() + ") cannot be written.");
        } else if (open.restored() > 0 && !model().desk().exercise().isStudy()) {
            notices.say("Your earlier work is back. “Start again” in the menu starts from the beginning; undo brings the work "
                    + "back.");
        }
    }

    private Opened opened(OpenDesk desk) {
        return new Opened(desk, modelOf(desk), model -> new WorkView(model, look.alongside(), settings, habits.alongside(),
                notices::say, this::handIn, exchange::savePlot, exchange::saveData),
                model -> new WriteView(model, look.alongside(), settings, habits.alongside(), notices::say, exchange,
                        this::tryIt),
                model -> markView(model.desk().exercise(), !desk.isPassing()));
    }

    private MarkView markView(Exercise exercise, boolean own) {
        MarkView made = new MarkView(exercise, own && !exercise.isCopy(), marker(), look.alongside(), settings, settings.folder()
                .resolve("markings"), notices, () -> marking.chooseFolder());
        made.watchBy(_ -> bar.show(model().findings()));
        return made;
    }

    /** Who marks: decisions of different people are told apart by it. */
    private String marker() {
        String known = settings.text(MarkView.MARKER, "");
        String name = known.isBlank() ? "marker-" + UUID.randomUUID().toString().substring(0, 4) : known;
        settings.put(MarkView.MARKER, name);
        // At once: decisions made before a kill are this marker's after it too.
        settings.save();
        return name;
    }

    /** Whether edits are made that cannot be kept for now. */
    boolean isUnkept() {
        return !here.desk().isKept() && !here.desk().isNothing() && here.desk().journalFile().isPresent();
    }

    /** The model of an open desk, which keeps every edit from here on. */
    private DeskModel modelOf(OpenDesk desk) {
        DeskModel made = new DeskModel(desk.history());
        made.recordTo(edit -> record(desk, edit));
        voice.follow(made);
        made.sayRefusalsTo(notices::say);
        desk.watchKeeping(failure -> Platform.runLater(() -> {
            notices.say(failure.map(why -> "Your work cannot be kept as you go (" + why
                    + "). It is tried again and again; save or hand in before you close the window.")
                    .orElse("Your work is kept again, all of it."));
            bar.show(model().findings());
        }));
        return made;
    }

    private void record(OpenDesk desk, Edit edit) {
        notices.pass();
        boolean wasIdle = desk.isIdle();
        desk.record(edit);
        if (wasIdle && !desk.isIdle()) {
            LastOpen.remember(settings, desk);
        }
    }

    /** All that the window shows. */
    KeysMeanwhile keysMeanwhile() {
        return keysMeanwhile;
    }

    Parent root() {
        return root;
    }

    /** A scene with this window's contents. */
    public Scene scene(double width, double height) {
        Scene scene = new Scene(root, width, height);
        Looks.sheets(scene);
        return scene;
    }

    /** What is said to those who do not see the window. */
    Voice voice() {
        return voice;
    }

    /** Opens the menu, its first entry in hand. */
    void openMenu() {
        bar.menu().requestFocus();
        bar.menu().show();
    }

    /** The boards that come over the window. */
    Boards boards() {
        return boards;
    }

    /** What can be done with files. */
    Publishing publishing() {
        return publishing;
    }

    Filing filing() {
        return filing;
    }

    /** What can be done with the hand-ins of a class. */
    MarkFiling marking() {
        return marking;
    }

    /** The desk that is open; while an exercise is tried, the one on which it is written. */
    OpenDesk open() {
        return written.orElse(here).desk();
    }

    /** Whether an exercise is being tried by its author. */
    boolean isTrying() {
        return written.isPresent();
    }

    /** The view of the student. */
    WorkView work() {
        return here.work();
    }

    /** Whether something is open to be worked on. */
    boolean isOpen() {
        return !here.desk().isNothing();
    }

    /** The view of the author, which is shown then. */
    WriteView write() {
        show(View.WRITE);
        return here.write();
    }

    /** The view of somebody who marks a class, which is shown then. */
    public MarkView mark() {
        show(View.MARK);
        return here.mark();
    }

    /** What is said of the class that is shown: how many hand-ins there are. */
    String classInWords() {
        return here.isMarked() ? here.mark().inWords() : "";
    }

    /** Whether there is a class whose work can be given back. */
    boolean hasClass() {
        return here.isMarked() && here.mark().folder().isPresent();
    }

    /** Whether a class has been looked at in what is open. */
    boolean isMarked() {
        return here.isMarked();
    }

    /** Undoes the last that was done in what is shown. */
    void undo() {
        if (view == View.MARK) {
            here.mark().undo();
        } else {
            model().apply(new Edit.Undo());
        }
    }

    /** Does again what was undone last in what is shown. */
    void redo() {
        if (view == View.MARK) {
            here.mark().redo();
        } else {
            model().apply(new Edit.Redo());
        }
    }

    /** What undo would take back. */
    Optional<String> undoable() {
        return view == View.MARK ? here.mark().undoable() : model().undoable();
    }

    /** What redo would do again. */
    Optional<String> redoable() {
        return view == View.MARK ? here.mark().redoable() : model().redoable();
    }

    /** Whether an exercise or a study is in view, to work on or to write. */
    boolean hasWork() {
        return isOpen() && (view == View.WORK || view == View.WRITE);
    }

    /** Whether files are being read or written. */
    public boolean isBusy() {
        return background.isBusy() || here.isBusy();
    }

    /** Says something at the foot of the window. */
    void say(String message) {
        notices.say(message);
    }

    public DeskModel model() {
        return here.model();
    }

    public Look look() {
        return look;
    }

    public View view() {
        return view;
    }

    /** Remembers what is open, and puts the keyboard where the work goes on. */
    public void begin() {
        if (!here.desk().isIdle()) {
            LastOpen.remember(settings, here.desk());
        }
        Platform.runLater(() -> {
            // What has not been laid out yet is in no scene, and cannot take the keyboard.
            root.applyCss();
            root.layout();
            if (view == View.START) {
                start.ifPresent(StartView::begin);
            } else if (view == View.MARK) {
                here.mark().begin();
            } else {
                here.work().sheet().begin();
            }
        });
    }

    /** Whether nothing is left to do in what is open: all tasks are done, or nothing has been begun. */
    boolean isFinished() {
        Findings findings = model().findings();
        boolean bare = findings.exercise().isStudy() && findings.work().table().size() == 0
                && findings.work().sheet().notes().isEmpty();
        return bare || !findings.tasks().isEmpty() && findings.tasks().stream().allMatch(TaskState::done);
    }

    /** Shows another view. A study is not written, nor is a student's copy, and where nothing is open there is Start alone. */
    public void show(View other) {
        if ((other == View.WRITE || other == View.MARK) && written.isPresent()) {
            putBack(written.get());
        }
        View shown = !isOpen() ? View.START : other == View.WRITE && isWorkedInAlone() ? View.WORK : other;
        if (shown == View.START && view != View.START) {
            behind = view;
        }
        view = shown;
        frame.setCenter(switch (shown) {
            case START -> startView();
            case WORK -> here.work().node();
            case WRITE -> here.write().node();
            case MARK -> here.mark().node();
        });
        bar.show(model().findings());
    }

    /** Whether what is open is there to be worked in and has no Write. */
    boolean isWorkedInAlone() {
        Exercise exercise = here.model().desk().exercise();
        return exercise.isStudy() || exercise.isCopy();
    }

    /** Shows Start, whatever is open; it stays open behind it. */
    public void goToStart() {
        show(View.START);
        begin();
    }

    /** Opens a file, as if it had been chosen; a folder is that of a class, to be marked. */
    public void open(Path file) {
        if (Files.isDirectory(file)) {
            marking.open(file);
        } else {
            filing.open(file);
        }
    }

    /** Goes back from Start to what is open. */
    void leaveStart() {
        if (view == View.START && isOpen()) {
            show(behind);
            begin();
        }
    }

    private Node startView() {
        StartView shown = start.orElseGet(() -> new StartView(look.alongside(), settings.folder(), new Starting(this)));
        start = Optional.of(shown);
        shown.refresh();
        return shown;
    }

    /** The parts of the window, in the order in which a key goes round them. */
    private List<KeyboardRegion> places() {
        List<KeyboardRegion> places = new ArrayList<>(switch (view) {
            case START -> start.map(it -> List.of(new KeyboardRegion(List.of(it), () -> Optional.of(it.likeliest()))))
                    .orElse(List.of());
            case WORK -> here.work().places();
            case WRITE -> here.write().places().stream()
                    .map(node -> new KeyboardRegion(List.of(node), () -> Stops.first(node))).toList();
            case MARK -> here.mark().places().stream()
                    .map(node -> new KeyboardRegion(List.of(node), () -> Stops.first(node))).toList();
        });
        places.add(new KeyboardRegion(List.of(bar), bar::entry));
        return places;
    }

    /**
     * Starts the exercise being written as a student would find it, on a desk of its own: what its author did in Work stays as it
     * is.
     */
    void tryIt() {
        tryIt(model().desk().exercise());
    }

    /** The same of a variant of it. */
    private void tryIt(Exercise exercise) {
        Opened trial = opened(OpenDesk.passing(Desk.open(exercise), "You are trying this as a student. Nothing of it is kept."));
        try {
            trial.work();
        } catch (RuntimeException | VirtualMachineError e) {
            LOG.error("{} cannot be tried", exercise.id(), e);
            notices.say("This cannot be tried: " + e.getMessage());
            return;
        }
        written = Optional.of(here);
        goTo(trial);
        show(View.WORK);
        begin();
        tellHowItOpened();
    }

    private void putBack(Opened before) {
        written = Optional.empty();
        here.close();
        goTo(before);
    }

    private void goTo(Opened other) {
        here = other;
        notices.hide();
        bar.follow();
    }

    void startAgain() {
        if (!isOpen()) {
            notices.say("Nothing is open that could start again.");
            return;
        }
        show(View.WORK);
        model().apply(new Edit.StartAgain());
        notices.say("Started again. Undo brings your work back.");
        begin();
    }

    /** Shows the demo data sets to choose from. */
    public void openShelf() {
        shelf.open();
    }

    /** Draws a new sample of data that were made by a recipe. */
    void newSample() {
        if (view == View.WRITE) {
            here.write().nextSample(notices::say);
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
        Opened next;
        try {
            next = opened(other);
            next.work();
        } catch (RuntimeException | VirtualMachineError e) {
            LOG.error("{} cannot be shown", other.history().present().exercise().id(), e);
            other.close();
            notices.say(cannotBeOpened(other.history().present().exercise().title(), other.journalFile()));
            return false;
        }
        here.close();
        written.ifPresent(Opened::close);
        written = Optional.empty();
        goTo(next);
        show(shown);
        begin();
        tellHowItOpened();
        return true;
    }

    /** What is said of an exercise that cannot be shown. */
    static String cannotBeOpened(String title, Optional<Path> journal) {
        return "“" + title + "” could not be opened." + journal.map(file -> " What you did in it is kept in " + file + ".")
                .orElse("");
    }

    /** Hands the work in: one file for the instructor, and the write-up beside it. */
    void handIn() {
        if (!exchange.handIn(here.desk().steps())) {
            show(View.WORK);
            model().apply(new Edit.TurnTo(Optional.empty()));
            here.work().askName();
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
        settings.put("contrast", look.highContrastProperty().get());
        settings.put("look.own", !look.likeTheSystemProperty().get());
        settings.put("type", look.type());
        settings.put("pair-by-pair", habits.pairByPairProperty().get());
        voice.close();
        settings.save();
        background.close();
        here.close();
        written.ifPresent(Opened::close);
    }

    /** What the window's title bar says. */
    static String title(Exercise exercise) {
        return exercise.title() + " · Hestra";
    }
}
