package hestra.desktop.window;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.layout.StackPane;

import hestra.desk.Findings;
import hestra.desk.PlotDescription;
import hestra.desktop.files.EarlierVersion;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.KeyLine;
import hestra.desktop.table.VariableForm;
import hestra.exercise.Exercise;
import hestra.marking.ClassWork;

/** The boards that come over a window, each made when it is first asked for. */
final class Boards {

    /** What there is a board for. */
    enum Kind { KEYS, NUMBERS, RECENT, PLANS, LIBRARY, ABOUT }

    private final StackPane over;
    private final Settings settings;
    private final Filing filing;
    private final Map<Kind, Supplier<Board>> makers;
    private final Map<Kind, Board> made = new EnumMap<>(Kind.class);

    /**
     * Boards over a window.
     *
     * @param inUse the journal of what is open, which is not offered again
     * @param menu the keys of the menu
     */
    Boards(StackPane over, Settings settings, Supplier<Optional<Path>> inUse, Filing filing, Look look,
            Supplier<List<KeyLine>> menu) {
        this.over = over;
        this.settings = settings;
        this.filing = filing;
        this.makers = Map.of(Kind.KEYS, () -> new KeysBoard(menu.get()), Kind.NUMBERS, NumbersBoard::new,
                Kind.ABOUT, AboutBoard::new,
                Kind.RECENT, () -> new RecentBoard(settings.folder(), inUse, filing::resume),
                Kind.LIBRARY, () -> new LibraryBoard(look, settings, filing::askForLibrary, filing::openToWrite),
                Kind.PLANS, () -> new PlanBoard(look, exercise -> filing.open(exercise, MainWindow.View.WRITE)));
    }

    /** Asks what kind of report is wanted, of a study or of an exercise. */
    void report(boolean study) {
        once(new ReportBoard(settings, study, filing::report));
    }

    /** Asks what is to be given back. */
    void giveBack(ClassWork work, GiveBackBoard.Actions actions) {
        once(new GiveBackBoard(work, actions));
    }

    /** Asks for whom copies of an exercise are to be written. */
    void publish(Exercise exercise, PublishBoard.Actions actions) {
        once(new PublishBoard(exercise, actions));
    }

    /** Shows the plot in words. */
    void plotInWords(Findings findings) {
        once(new PlotWordsBoard(PlotDescription.of(findings), filing::saveTactilePage));
    }

    /** Shows the columns of a table. */
    void columns(VariableForm columns, DeskModel model) {
        once(new ColumnsBoard(columns, model));
    }

    /** Shows the versions of an exercise that were saved earlier. */
    void versions(List<EarlierVersion> versions, Consumer<EarlierVersion> chosen) {
        once(new VersionsBoard(versions, chosen));
    }

    /** Opens a board that is made anew each time, in the place of the one before. */
    private void once(Board board) {
        over.getChildren().removeIf(it -> it.getClass() == board.getClass());
        over.getChildren().add(board);
        board.open();
    }

    void open(Kind kind) {
        Board board = made.get(kind);
        if (board == null) {
            board = makers.get(kind).get();
            made.put(kind, board);
            over.getChildren().add(board);
        }
        board.open();
    }
}
