package hestra.desktop.window;

import java.nio.file.Path;
import java.util.Optional;

import hestra.desk.Desk;
import hestra.desktop.start.StartActions;
import hestra.exercise.Exercise;

/** What the window does for Start. */
final class Starting implements StartActions {

    private final MainWindow window;

    Starting(MainWindow window) {
        this.window = window;
    }

    @Override
    public Optional<Desk> open() {
        return Optional.of(window.model().desk()).filter(_ -> window.isOpen());
    }

    @Override
    public void goBack() {
        window.leaveStart();
    }

    @Override
    public void emptyTable() {
        window.filing().newStudy();
    }

    @Override
    public void pasteData() {
        window.filing().pasteData();
    }

    @Override
    public void openData() {
        window.filing().openStudy();
    }

    @Override
    public void openFile() {
        window.filing().open();
    }

    @Override
    public void choosePlan() {
        window.boards().open(Boards.Kind.PLANS);
    }

    @Override
    public void library() {
        window.boards().open(Boards.Kind.LIBRARY);
    }

    @Override
    public void emptyExercise() {
        window.filing().newExercise();
    }

    @Override
    public void markFolder() {
        window.marking().chooseFolder();
    }

    @Override
    public void demo(Exercise exercise) {
        window.filing().open(exercise, MainWindow.View.WORK);
    }

    @Override
    public void resume(Path journal) {
        window.filing().resume(journal);
    }

    @Override
    public Optional<Path> inUse() {
        return window.open().journalFile();
    }

    @Override
    public void allRecent() {
        window.boards().open(Boards.Kind.RECENT);
    }
}
