package hestra.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.figure.CloudThumbnail;
import hestra.desktop.files.Settings;
import hestra.desktop.files.Shelved;
import hestra.desktop.look.Look;
import hestra.desktop.parts.Newest;
import hestra.numbers.Counted;
import hestra.numbers.Words;

/** The exercises of a folder, found by typing: the shape of their data, their question, and of which tasks they are made. */
final class LibraryBoard extends Board {

    private static final double WIDTH = 820;
    private static final double HEIGHT = 430;
    private static final String FOLDER = "library.folder";

    private final Look look;
    private final Settings settings;
    private final Consumer<Path> chosen;
    private final TextField find = new TextField();
    private final Label where = new Label();
    private final VBox list = new VBox(6);
    private final Newest<Shelved.Shelf> reading = new Newest<>("library");
    private List<Shelved> all = List.of();

    /**
     * A library.
     *
     * @param askForFolder asks which folder it is to show; nothing where the person thinks better of it
     * @param chosen opens an exercise
     */
    LibraryBoard(Look look, Settings settings, Supplier<Optional<Path>> askForFolder, Consumer<Path> chosen) {
        this(look, settings, askForFolder, chosen, new VBox(10));
    }

    private LibraryBoard(Look look, Settings settings, Supplier<Optional<Path>> askForFolder, Consumer<Path> chosen,
            VBox contents) {
        super("library", "Library", "The exercises of a folder of yours, and of the folders in it.", contents);
        this.look = look;
        this.settings = settings;
        this.chosen = chosen;
        find.setId("library-find");
        find.setPromptText("Type to find: a title, a question, a kind of task");
        find.textProperty().addListener(_ -> fill());
        find.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.DOWN) {
                Optional<Node> first = list.getChildren().stream().filter(Button.class::isInstance).findFirst();
                first.ifPresent(node -> {
                    if (event.getCode() == KeyCode.ENTER) {
                        ((Button) node).fire();
                    } else {
                        node.requestFocus();
                    }
                });
                event.consume();
            }
        });
        Button other = new Button("Another folder\u2026");
        other.setId("library-folder");
        other.getStyleClass().setAll("quiet");
        other.setMinWidth(Region.USE_PREF_SIZE);
        other.setOnAction(_ -> askForFolder.get().ifPresent(folder -> {
            settings.put(FOLDER, folder.toString());
            settings.save();
            read();
        }));
        where.getStyleClass().add("small");
        where.setId("library-where");
        HBox.setHgrow(where, Priority.ALWAYS);
        where.setMaxWidth(Double.MAX_VALUE);
        where.setMinWidth(0);
        HBox line = new HBox(10, where, other);
        line.setAlignment(Pos.CENTER_LEFT);
        list.setMinHeight(HEIGHT);
        contents.setPrefWidth(WIDTH);
        contents.getChildren().addAll(line, find, list);
    }

    @Override
    void open() {
        super.open();
        read();
    }

    @Override
    Node first() {
        return find;
    }

    private void read() {
        String kept = settings.text(FOLDER, "");
        Optional<Path> known = settings.path(FOLDER).filter(Files::isDirectory);
        if (known.isEmpty()) {
            where.setText(kept.isBlank()
                    ? "Choose the folder in which you keep your exercises."
                    : kept + " is not there any more. Choose another folder.");
            all = List.of();
            list.getChildren().clear();
            return;
        }
        Path folder = known.get();
        where.setText("Reading " + folder + "\u2026");
        reading.run(() -> Shelved.in(folder), found -> {
            all = found.exercises();
            where.setText(Counted.of(all.size(), "exercise") + " in " + folder + found.beyond());
            fill();
        }, failure -> where.setText(folder + " cannot be read: " + Words.ended(failure.getMessage())));
    }

    private void fill() {
        List<Shelved> found = all.stream().filter(it -> it.isFoundBy(find.getText())).toList();
        list.getChildren().setAll(found.stream().map(this::row).toList());
        if (found.isEmpty() && !all.isEmpty()) {
            Label none = new Label("No exercise here has these words.");
            none.getStyleClass().add("small");
            list.getChildren().add(none);
        }
        for (int i = 0; i < found.size(); i++) {
            list.getChildren().get(i).setId("library-" + i);
        }
    }

    private Node row(Shelved exercise) {
        Label title = new Label(exercise.title());
        title.getStyleClass().add("task-title");
        Label question = new Label(exercise.question());
        Label about = new Label(exercise.about());
        about.getStyleClass().add("small");
        about.setMinWidth(0);
        VBox text = new VBox(2, title, question, about);
        text.setMinWidth(0);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = new HBox(12, CloudThumbnail.of(exercise.pairs(), look, 92, 58), text);
        row.setMaxWidth(WIDTH - 60);
        row.setPrefWidth(WIDTH - 60);
        Button button = new Button("", row);
        button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        button.getStyleClass().setAll("shelf-card");
        button.setAlignment(Pos.CENTER_LEFT);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setDisable(!exercise.opens());
        button.setAccessibleText(Words.ended(exercise.title()) + " " + exercise.question());
        button.setOnAction(_ -> {
            leave();
            chosen.accept(exercise.file());
        });
        return button;
    }
}
