package hestra.desktop.window;

import java.io.File;
import java.nio.file.Path;
import java.util.Locale;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

import hestra.desktop.files.Exchange;
import hestra.desktop.parts.Notices;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.FileReading;
import hestra.documents.picture.PictureFile;

/** Files that are dropped on the window. */
final class Drops {

    private final MainWindow window;
    private final Filing filing;
    private final Notices notices;
    private final Exchange exchange;

    Drops(MainWindow window, Filing filing, Notices notices, Exchange exchange) {
        this.window = window;
        this.filing = filing;
        this.notices = notices;
        this.exchange = exchange;
    }

    /**
     * A file dropped on the window: an exercise or a study is opened, a picture laid in, data are looked at by themselves or go
     * into the table in view.
     */
    void dropped(DragEvent event) {
        boolean files = event.getDragboard().hasFiles();
        if (files && event.getEventType() == DragEvent.DRAG_OVER) {
            event.acceptTransferModes(TransferMode.COPY);
            event.consume();
        } else if (files) {
            Path file = event.getDragboard().getFiles().getFirst().toPath();
            event.setDropCompleted(true);
            event.consume();
            if (window.marking().takes(event.getDragboard().getFiles().stream().map(File::toPath).toList())) {
                return;
            }
            String name = file.toString().toLowerCase(Locale.ROOT);
            if (name.endsWith(ExerciseFile.ENDING) || name.endsWith(HandInFile.ENDING)) {
                filing.open(file);
            } else if (PictureFile.ENDINGS.stream().anyMatch(name::endsWith)) {
                exchange.read(file, filing::lay);
            } else {
                droppedData(file);
            }
        }
    }

    /** Data that were dropped: into an empty study, or as is chosen. */
    private void droppedData(Path file) {
        boolean fresh = window.hasWork() && window.model().desk().exercise().isStudy()
                && window.model().findings().work().table().size() == 0;
        if (!window.hasWork()) {
            filing.openStudy(file);
        } else if (fresh) {
            exchange.openData(file, filing::take);
        } else {
            String title = window.model().desk().exercise().title();
            notices.ask(FileReading.name(file)
                    + ": what is to be done with it? Put into the table, it takes the place of what stands there from the "
                    + "selected cell on; undo takes it back. "
                    + "Looked at by itself, it opens as a study; “" + title + "” is kept as it is.",
                    new Notices.Choice("Look at it by itself", () -> filing.openStudy(file)),
                    new Notices.Choice("Put it into this table", () -> exchange.openData(file, filing::take)));
        }
    }
}
