package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.Findings;
import hestra.desktop.files.Pictures;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.Truth;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The exercise from top to bottom: heading, and the parts with the blocks of their sheets, which can be added, moved and removed. */
final class Outline {

    private static final Duration MENU_CLOSES = Duration.millis(120);

    private final DeskModel model;
    private final Pictures pictures;
    private final TextField title = new TextField();
    private final TextField heading = new TextField();
    private final VBox sheet = new VBox();
    private final List<OutlineRow> rows = new ArrayList<>();
    private final ScrollPane pane;
    private Exercise shown;
    private Optional<String> inHand = Optional.of("-");
    private String partInHand = "";

    Outline(DeskModel model, Pictures pictures) {
        this.model = model;
        this.pictures = pictures;
        title.setId("write-title");
        title.setPromptText("Title of the exercise");
        Tip.set(title, "What the window and the file are called");
        TypingRun titleRun = new TypingRun(title);
        title.textProperty().addListener((_, _, text) -> texts(text, model.desk().exercise().heading(), titleRun));
        heading.setId("write-heading");
        heading.setPromptText("Heading: the question in a few words");
        heading.getStyleClass().add("write-heading");
        TypingRun headingRun = new TypingRun(heading);
        heading.textProperty().addListener((_, _, text) -> texts(model.desk().exercise().title(), text, headingRun));
        title.focusedProperty().addListener((_, _, focused) -> turnToExercise(focused));
        heading.focusedProperty().addListener((_, _, focused) -> turnToExercise(focused));
        sheet.getStyleClass().add("outline-tasks");
        VBox content = new VBox(label("title"), title, label("heading"), heading, sheet);
        content.getStyleClass().add("outline");
        pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        model.watch(this::show);
    }

    Node node() {
        return pane;
    }

    /** Puts the keyboard into the title; later, since a menu that closes takes the keyboard back first. */
    void focusTitle() {
        Platform.runLater(this::takeTitle);
        // A menu that is closing gives the keyboard back to its button, and may do so only after this.
        PauseTransition later = new PauseTransition(MENU_CLOSES);
        later.setOnFinished(_ -> {
            if (title.getScene() != null && title.getScene().getFocusOwner() instanceof MenuButton) {
                takeTitle();
            }
        });
        later.play();
    }

    private void takeTitle() {
        title.requestFocus();
        title.selectAll();
    }

    private void turnToExercise(boolean focused) {
        if (focused && model.desk().task().isPresent()) {
            model.apply(new Edit.TurnTo(Optional.empty()));
        }
    }

    private void texts(String newTitle, String newHeading, TypingRun run) {
        Exercise now = model.desk().exercise();
        if (!newTitle.equals(now.title()) || !newHeading.equals(now.heading())) {
            model.apply(new ExerciseEdit.WriteTexts(newTitle, now.place(), newHeading, run.now()));
        }
    }

    private void show(Findings findings) {
        Exercise exercise = findings.exercise();
        Optional<String> now = findings.desk().task();
        if (exercise.equals(shown) && now.equals(inHand) && findings.written().id().equals(partInHand)) {
            return;
        }
        put(title, exercise.title());
        put(heading, exercise.heading());
        // Where words alone have changed the rows stay: somebody is typing into one of them.
        if (shown == null || !wordless(exercise).equals(wordless(shown)) || !now.equals(inHand) || !findings.written().id().equals(partInHand)) {
            inHand = now;
            partInHand = findings.written().id();
            build(exercise, findings.written());
        }
        shown = exercise;
        rows.forEach(row -> row.show(exercise));
    }

    /** The exercise without what is typed in this view. */
    private static Exercise wordless(Exercise exercise) {
        return exercise.withTexts("", "", "").withParts(exercise.parts().stream().map(part -> part.withHeading("").withBlocks(part.blocks().stream()
                .map(block -> block instanceof Block.Prose(String id, String _) ? new Block.Prose(id, "") : block).toList())).toList());
    }

    private void build(Exercise exercise, Part here) {
        Optional<String> focused = Optional.ofNullable(sheet.getScene()).map(Scene::getFocusOwner).filter(node -> node instanceof TextInputControl).map(Node::getId);
        rows.clear();
        List<Node> nodes = new ArrayList<>();
        for (Part part : exercise.parts()) {
            if (exercise.parts().size() > 1) {
                PartRow row = new PartRow(model, exercise, part, part.id().equals(here.id()));
                rows.add(row);
                nodes.add(row.node());
            }
            Truth truth = part.truth(exercise.mark());
            for (int i = 0; i < part.blocks().size(); i++) {
                Block block = part.blocks().get(i);
                OutlineRow row = block instanceof Block.Prose prose ? new ProseRow(model, part, prose)
                        : new BlockRow(model, exercise, part, block, truth, inHand.filter(block.id()::equals).isPresent());
                rows.add(row);
                nodes.add(adder(part, i, false));
                nodes.add(row.node());
            }
            nodes.add(adder(part, part.blocks().size(), true));
            if (part.tasks().isEmpty()) {
                nodes.add(hint("No tasks yet. Add the first: its right answer is computed from the data."));
            }
        }
        nodes.add(partAdder(exercise));
        sheet.getChildren().setAll(nodes);
        focused.ifPresent(id -> Optional.ofNullable(sheet.lookup("#" + id)).ifPresent(Node::requestFocus));
    }

    private static Label hint(String text) {
        Label hint = new Label(text);
        hint.getStyleClass().add("small");
        hint.setWrapText(true);
        return hint;
    }

    /** The place between two blocks where another is added. */
    private Node adder(Part part, int index, boolean last) {
        MenuButton adder = new MenuButton(last ? "Add a task, a text or a picture" : "");
        adder.setGraphic(new FontIcon(Feather.PLUS));
        adder.setId("add-" + part.id() + "-" + index);
        adder.setAccessibleText("Add a task, a text or a picture here");
        adder.getStyleClass().addAll("adder", last ? "adder-last" : "adder-between");
        for (Kind.Group group : Kind.Group.values()) {
            Menu menu = new Menu(group.inWords());
            Kinds.ALL.stream().filter(kind -> kind.group() == group)
                    .forEach(kind -> menu.getItems().add(item("add-" + kind.code(), kind.title(), () -> add(part, index, new Block.Asked(kind.create(fresh("task"), truth(part)))))));
            adder.getItems().add(menu);
        }
        adder.getItems().addAll(new SeparatorMenuItem(),
                item("add-text", "Text", () -> add(part, index, new Block.Prose(fresh("text"), ""))),
                item("add-picture", "Picture…", () -> pictures.choose(picture -> add(part, index, new Block.Illustration(fresh("picture"), picture, "", "")))),
                item("add-figure", "Figure", () -> add(part, index, new Block.Plot(fresh("figure"), Set.of(), Optional.empty(), ""))),
                item("add-table", "Printed table", () -> add(part, index, new Block.Printed(fresh("table"), ""))),
                item("add-formula", "Formula", () -> add(part, index, new Block.Formula(fresh("formula"), "ŷ = a + b x"))));
        return adder;
    }

    private Node partAdder(Exercise exercise) {
        Button adder = new Button("Add a part with data of its own", new FontIcon(Feather.PLUS));
        adder.setId("add-part");
        adder.getStyleClass().addAll("adder", "adder-last");
        adder.setDisable(exercise.parts().size() >= Exercise.MOST_PARTS);
        adder.setOnAction(_ -> {
            Part part = Part.blank(fresh("part")).withBlockAt(0, new Block.Prose(fresh("text"), ""));
            model.apply(new ExerciseEdit.AddPart(exercise.parts().size(), part));
            model.apply(new Edit.GoTo(part.id()));
        });
        return adder;
    }

    private static MenuItem item(String id, String title, Runnable action) {
        MenuItem item = new MenuItem(title);
        item.setId(id);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private String fresh(String kind) {
        return model.desk().exercise().freshId(kind);
    }

    private Truth truth(Part part) {
        Exercise exercise = model.desk().exercise();
        return exercise.part(part.id()).orElse(part).truth(exercise.mark());
    }

    /** Adds a block and turns to it. */
    private void add(Part part, int index, Block block) {
        model.apply(new ExerciseEdit.AddBlock(part.id(), index, block));
        model.apply(new Edit.TurnTo(Optional.of(block.id())));
    }

    private static void put(TextField field, String text) {
        if (!field.getText().equals(text)) {
            field.setText(text);
            field.end();
        }
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        return label;
    }
}
