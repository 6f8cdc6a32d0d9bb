package hestra.desktop.write;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.Findings;
import hestra.desktop.files.Pictures;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.Gradually;
import hestra.desktop.parts.Lazy;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.Task;
import hestra.task.Truth;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * The exercise from top to bottom: heading, and the parts with the blocks of their sheets, which can be added, moved and removed.
 */
final class Outline {

    /** How much of the sheet is there at once: more than the window shows. */
    private static final int AT_ONCE = 14;
    private static final Duration MENU_CLOSES = Duration.millis(120);

    private final DeskModel model;
    private final Pictures pictures;
    private final Look look;
    private final SheetActions actions;
    private final TextField title = new TextField();
    private final TextField heading = new TextField();
    private final VBox sheet = new VBox();
    private final List<OutlineRow> rows = new ArrayList<>();
    /** Where something can be put in. */
    private final List<Node> places = new ArrayList<>();
    private Optional<PlusCard> plus = Optional.empty();
    private Gradually building = Gradually.NOTHING;
    private final ScrollPane pane;
    private Exercise shown;
    private Optional<String> inHand = Optional.of("-");
    private String partInHand = "";

    Outline(DeskModel model, Look look, Pictures pictures) {
        this.model = model;
        this.look = look;
        this.actions = new SheetActions(model, this::take);
        this.pictures = pictures;
        title.setId("write-title");
        title.setPromptText("Title of the exercise");
        Tip.set(title, "What the window and the file are called");
        TypingRun titleRun = new TypingRun(title);
        title.textProperty().addListener((_, _, text) -> texts(text, model.desk().exercise().heading(), titleRun));
        heading.setId("write-heading");
        heading.setPromptText("Heading: the question");
        heading.getStyleClass().addAll("sheet-field", "write-heading");
        title.getStyleClass().addAll("sheet-field", "write-title");
        TypingRun headingRun = new TypingRun(heading);
        heading.textProperty().addListener((_, _, text) -> texts(model.desk().exercise().title(), text, headingRun));
        title.focusedProperty().addListener((_, _, focused) -> turnToExercise(focused));
        heading.focusedProperty().addListener((_, _, focused) -> turnToExercise(focused));
        heading.setOnAction(_ -> open(new Spot(model.desk().exercise().first().id(), 0)));
        title.setOnAction(_ -> heading.requestFocus());
        new RowDrag(sheet, () -> places, actions);
        sheet.getStyleClass().add("outline-tasks");
        VBox content = new VBox(title, heading, sheet);
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
        if (shown == null || !OutlineChange.isOfWords(shown, exercise) || !now.equals(inHand)
                || !findings.written().id().equals(partInHand)) {
            Optional<Set<String>> otherwise = changed(exercise, now, findings.written());
            inHand = now;
            partInHand = findings.written().id();
            keepingKeyboard(() -> otherwise.ifPresentOrElse(ids -> renew(exercise, ids),
                    () -> build(exercise, findings.written())));
        }
        shown = exercise;
        rows.forEach(row -> row.show(exercise));
    }

    /** The ids of the blocks whose rows are others now; nothing where the whole sheet is to be made anew. */
    private Optional<Set<String>> changed(Exercise exercise, Optional<String> now, Part here) {
        if (shown == null || !here.id().equals(partInHand)) {
            return Optional.empty();
        }
        return OutlineChange.ofBlocks(shown, exercise).map(changed -> {
            Set<String> ids = new HashSet<>(changed);
            if (!now.equals(inHand)) {
                now.ifPresent(ids::add);
                inHand.ifPresent(ids::add);
            }
            return ids;
        });
    }

    /** Makes the rows of some blocks anew; the others show what follows for them. */
    private void renew(Exercise exercise, Set<String> otherwise) {
        building.finish();
        plus.ifPresent(sheet.getChildren()::remove);
        plus = Optional.empty();
        for (Part part : exercise.parts()) {
            Truth truth = part.truth(exercise.mark());
            for (Block block : part.blocks()) {
                int place = IntStream.range(0, rows.size())
                        .filter(i -> block.id().equals(rows.get(i).node().getUserData())).findFirst().orElseThrow();
                if (otherwise.contains(block.id())) {
                    OutlineRow fresh = row(block, part, truth, exercise);
                    sheet.getChildren().set(sheet.getChildren().indexOf(rows.get(place).node()), fresh.node());
                    rows.set(place, fresh);
                } else {
                    rows.get(place).showKey(exercise, truth);
                }
            }
        }
    }

    /** Makes rows anew; where the keyboard is in a field of one of them it goes to the field that takes its place. */
    private void keepingKeyboard(Runnable making) {
        Optional<String> focused = Optional.ofNullable(sheet.getScene()).map(Scene::getFocusOwner)
                .filter(node -> node instanceof TextInputControl).map(Node::getId);
        making.run();
        focused.ifPresent(id -> Optional.ofNullable(sheet.lookup("#" + id)).ifPresent(Node::requestFocus));
    }

    /** Puts the keyboard on what was added: where one types into it, else on its row. */
    private void take(String id) {
        building.finish();
        Platform.runLater(() -> Stream
                .of("#write-" + id, "#write-heading-" + id, "#outline-" + id + " #edit-title", "#outline-" + id)
                .map(sheet::lookup).filter(Objects::nonNull).findFirst().ifPresent(FocusMark::give));
    }

    private void build(Exercise exercise, Part here) {
        rows.clear();
        places.clear();
        plus = Optional.empty();
        building.stop();
        sheet.getChildren().setAll(partAdder(exercise));
        // Filled by and by when it is first shown; a change is there at once, so that nothing moves under the pointer.
        building = Gradually.of(steps(exercise, here), shown == null ? AT_ONCE : Integer.MAX_VALUE);
    }

    private List<Runnable> steps(Exercise exercise, Part here) {
        List<Runnable> steps = new ArrayList<>();
        for (Part part : exercise.parts()) {
            if (exercise.parts().size() > 1) {
                steps.add(() -> add(new PartRow(model, actions, exercise, part, part.id().equals(here.id()))));
            }
            Lazy<Truth> truth = new Lazy<>(() -> part.truth(exercise.mark()));
            for (int i = 0; i < part.blocks().size(); i++) {
                int index = i;
                steps.add(() -> {
                    add(adder(part, index, false));
                    add(row(part.blocks().get(index), part, truth.get(), exercise));
                });
            }
            steps.add(() -> {
                add(adder(part, part.blocks().size(), true));
                if (part.tasks().isEmpty()) {
                    add(hint("No tasks yet. Add the first: its right answer is computed from the data."));
                }
            });
        }
        return steps;
    }

    private void add(OutlineRow row) {
        rows.add(row);
        row.show(model.desk().exercise());
        add(row.node());
    }

    /** Above what adds a part, which stands last. */
    private void add(Node node) {
        sheet.getChildren().add(sheet.getChildren().size() - 1, node);
    }

    private OutlineRow row(Block block, Part part, Truth truth, Exercise exercise) {
        boolean taken = inHand.filter(block.id()::equals).isPresent();
        OutlineRow row = switch (block) {
            case Block.Prose prose -> new ProseRow(model, actions, part, prose, this::open);
            case Block.Asked(Task task) ->
                    new BlockRow(model, actions, part, block.id(), taken, new TaskRow(model, part, task, truth, taken));
            case Block.Illustration _, Block.Plot _, Block.Printed _, Block.Formula _, Block.Strange _ ->
                    new BlockRow(model, actions, part, block.id(), taken, new ShownRow(block, part, exercise, look));
        };
        row.node().setUserData(block.id());
        return row;
    }

    private static Label hint(String text) {
        Label hint = new Label(text);
        hint.getStyleClass().add("small");
        hint.setWrapText(true);
        return hint;
    }

    /** The place between two blocks, where another is put in. */
    private Node adder(Part part, int index, boolean last) {
        Spot spot = new Spot(part.id(), index);
        Button adder = Literally.said(new Button(last ? "Add a task, a text or a picture" : ""));
        adder.setGraphic(new FontIcon(Feather.PLUS));
        adder.setId("add-" + part.id() + "-" + index);
        adder.setAccessibleText("Add a task, a text or a picture here");
        adder.getStyleClass().setAll("button", "adder", last ? "adder-last" : "adder-between");
        adder.setMaxWidth(Double.MAX_VALUE);
        adder.setOnAction(_ -> open(spot));
        adder.setUserData(spot);
        places.add(adder);
        return adder;
    }

    /** Offers what can be put in at a place. */
    private void open(Spot spot) {
        close();
        places.stream().filter(node -> spot.equals(node.getUserData())).findFirst().ifPresent(node -> {
            PlusCard card = new PlusCard(offers(spot), this::close);
            plus = Optional.of(card);
            sheet.getChildren().add(sheet.getChildren().indexOf(node) + 1, card);
            card.begin();
        });
    }

    private void close() {
        Optional<PlusCard> card = plus;
        plus = Optional.empty();
        card.ifPresent(it -> {
            boolean typed = it.isFocusWithin();
            int place = sheet.getChildren().indexOf(it);
            sheet.getChildren().remove(it);
            if (typed && place > 0) {
                sheet.getChildren().get(place - 1).requestFocus();
            }
        });
    }

    private List<PlusCard.Offer> offers(Spot spot) {
        List<PlusCard.Offer> offers = new ArrayList<>();
        Exercise exercise = model.desk().exercise();
        Part part = exercise.part(spot.part()).orElse(exercise.first());
        actions.copied().ifPresent(clipping -> offers.add(new PlusCard.Offer("paste", "Paste", clipping.inWords(),
                () -> actions.paste(clipping, spot))));
        offers.add(new PlusCard.Offer("text", "Text", "what it is about, with live values", () -> {
            Block text = new Block.Prose(fresh("text"), "");
            model.apply(new ExerciseEdit.AddBlock(spot.part(), spot.index(), text));
            take(text.id());
        }));
        Truth truth = truth(part);
        for (Kind kind : Kinds.ALL) {
            Task example = kind.create("example", truth);
            offers.add(new PlusCard.Offer(kind.code(), kind.title(),
                    LiveText.fill(example.terms().prompt(), part, exercise.mark()), kind.also(),
                    () -> actions.add(spot, new Block.Asked(kind.create(fresh("task"), truth(part))))));
        }
        offers.add(new PlusCard.Offer("picture", "Picture", "a PNG or JPEG file, with a caption",
                () -> pictures.choose(picture -> actions.add(spot, new Block.Illustration(fresh("picture"), picture, "", "")))));
        offers.add(new PlusCard.Offer("figure", "Figure", "the plot of this part, with or without line and residuals",
                () -> actions.add(spot, new Block.Plot(fresh("figure"), Set.of(), Optional.empty(), ""))));
        offers.add(new PlusCard.Offer("table", "Printed table", "the data as they were written down",
                () -> actions.add(spot, new Block.Printed(fresh("table"), ""))));
        offers.add(new PlusCard.Offer("formula", "Formula", "ŷ = a + b x",
                () -> actions.add(spot, new Block.Formula(fresh("formula"), "ŷ = a + b x"))));
        offers.add(new PlusCard.Offer("part", "Part", "with data and a sheet of its own", this::addPart));
        return offers;
    }

    private void addPart() {
        actions.addPart(Part.blank(fresh("part")).withBlockAt(0, new Block.Prose(fresh("text"), "")));
    }

    private Node partAdder(Exercise exercise) {
        Button adder = new Button("Add a part with data of its own", new FontIcon(Feather.PLUS));
        adder.setId("add-part");
        adder.getStyleClass().addAll("adder", "adder-last");
        adder.setDisable(exercise.parts().size() >= Exercise.MOST_PARTS);
        adder.setOnAction(_ -> addPart());
        return adder;
    }

    private String fresh(String kind) {
        return model.desk().exercise().freshId(kind);
    }

    private Truth truth(Part part) {
        Exercise exercise = model.desk().exercise();
        return exercise.part(part.id()).orElse(part).truth(exercise.mark());
    }

    private static void put(TextField field, String text) {
        if (!field.getText().equals(text)) {
            field.setText(text);
            field.end();
        }
    }
}
