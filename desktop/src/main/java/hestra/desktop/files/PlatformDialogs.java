package hestra.desktop.files;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

import hestra.task.Kind;

/** The platform's own file dialogs. */
public final class PlatformDialogs implements FileDialogs {

    private final Window owner;

    public PlatformDialogs(Window owner) {
        this.owner = owner;
    }

    @Override
    public Optional<Path> open(Kind kind, Path folder) {
        return Optional.ofNullable(chooser(kind, folder).showOpenDialog(owner)).map(File::toPath);
    }

    @Override
    public Optional<Path> save(Kind kind, Path folder, String name) {
        FileChooser chooser = chooser(kind, folder);
        chooser.setInitialFileName(name);
        return Optional.ofNullable(chooser.showSaveDialog(owner)).map(File::toPath)
                .map(path -> kind.endings().stream().anyMatch(path.toString()::endsWith) ? path : Path.of(path + kind.ending()));
    }

    @Override
    public Optional<Path> folder(String title, Path folder) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        if (Files.isDirectory(folder)) {
            chooser.setInitialDirectory(folder.toFile());
        }
        return Optional.ofNullable(chooser.showDialog(owner)).map(File::toPath);
    }

    private static FileChooser chooser(Kind kind, Path folder) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(kind.title());
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind.title(),
                kind.endings().stream().map(ending -> "*" + ending).toList()));
        if (Files.isDirectory(folder)) {
            chooser.setInitialDirectory(folder.toFile());
        }
        return chooser;
    }
}
