package hestra.desktop.window;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.layout.StackPane;

/** The boards that come over a window, each made when it is first asked for. */
final class Boards {

    /** What there is a board for. */
    enum Kind { KEYS, NUMBERS, RECENT }

    private final StackPane over;
    private final Map<Kind, Supplier<Board>> makers;
    private final Map<Kind, Board> made = new EnumMap<>(Kind.class);

    /**
     * Boards over a window.
     *
     * @param state Hestra's own folder
     * @param inUse the journal of what is open, which is not offered again
     * @param resume goes on with the work of a journal
     */
    Boards(StackPane over, Path state, Supplier<Optional<Path>> inUse, Consumer<Path> resume) {
        this.over = over;
        this.makers = Map.of(Kind.KEYS, KeysBoard::new, Kind.NUMBERS, NumbersBoard::new, Kind.RECENT, () -> new RecentBoard(state, inUse, resume));
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
