package hestra.desktop.window;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Count;
import hestra.documents.exercise.Publication;
import hestra.documents.file.Result;
import hestra.documents.page.Paper;
import hestra.documents.table.NameList;
import hestra.exercise.ClassList;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;
import hestra.review.Remark;
import hestra.review.Review;
import hestra.variants.Copies;
import hestra.variants.Variants;

import static hestra.desktop.parts.Presence.present;

/**
 * Asks for whom copies are wanted: one for all, so many variants, or one for each name of a list. What is unfinished is said
 * first.
 */
final class PublishBoard extends Board {

    private static final double WIDTH = 620;
    private static final int USUAL = 30;
    private static final int MOST_REMARKS = 5;
    private static final String FOR_ALL = "one for all";
    private static final String NUMBERED = "numbered variants";
    private static final String NAMED = "a list of names";

    /** What is wanted on paper beside the copies. */
    record Printed(boolean handout, boolean key, Paper paper) {}

    /** What can be done from here. */
    interface Actions {
        /** Writes the copies into a folder that the person chooses. */
        void publish(Publication.Readers readers, Printed printed);

        /** Asks for a file with names; nothing where the person thinks better of it. */
        Optional<Path> askForNames();
    }

    private final Exercise exercise;
    private final Actions actions;
    private final Choices<String> whom;
    private final Spinner<Integer> count = Count.field("publish-count", 1, Copy.MOST_VARIANTS, USUAL, 96);
    private final TextArea names = new TextArea();
    private final Label note = new Label();
    private final Label summary = new Label();
    private final Button publish = new Button("Choose a folder and publish\u2026");
    private final CheckBox handout = new CheckBox("a handout to print, each variant on pages of its own");
    private final CheckBox key = new CheckBox("the key to print, with wrong answers and what they come from");
    private final Choices<Paper> papers;
    private Paper paper = Paper.A4;
    private final HBox counted;
    private final VBox listed;
    private String chosen;

    PublishBoard(Exercise exercise, Actions actions) {
        this(exercise, actions, new VBox());
    }

    private PublishBoard(Exercise exercise, Actions actions, VBox contents) {
        super("publish-board", "Publish",
                "Students\u2019 copies in a folder. They open in Work alone, and hold no key that you set by hand.", contents);
        this.exercise = exercise;
        this.actions = actions;
        boolean alike = Variants.areAlike(exercise);
        chosen = alike ? FOR_ALL : NUMBERED;
        whom = new Choices<>("publish-whom", List.of(FOR_ALL, NUMBERED, NAMED), it -> it, this::choose);
        count.valueProperty().addListener((_, _, _) -> tell());
        counted = new HBox(8, small("so many, numbered from 1"), count);
        counted.setAlignment(Pos.CENTER_LEFT);
        names.setId("publish-names");
        names.setPromptText("One name on each line: type them, paste them, or open a list.");
        names.setPrefRowCount(7);
        names.getStyleClass().add("publish-names");
        names.textProperty().addListener((_, _, _) -> tell());
        Button open = new Button("Open a list\u2026");
        open.setId("publish-open-names");
        open.getStyleClass().setAll("quiet");
        open.setOnAction(_ -> openNames());
        note.setId("publish-note");
        note.getStyleClass().add("small");
        note.setWrapText(true);
        note.setMinHeight(Region.USE_PREF_SIZE);
        listed = new VBox(6, names, new HBox(8, open, small(".csv, .xlsx, .ods or text, a column of names")), note);
        summary.setId("publish-summary");
        summary.setWrapText(true);
        summary.setMinHeight(Region.USE_PREF_SIZE);
        publish.setId("publish-go");
        publish.getStyleClass().setAll("button", "main-action");
        publish.setOnAction(_ -> readers().ifPresent(readers -> {
            leave();
            actions.publish(readers, new Printed(handout.isSelected(), key.isSelected(), paper));
        }));
        handout.setId("publish-handout");
        key.setId("publish-key");
        papers = new Choices<>("publish-paper", List.of(Paper.values()), Paper::title, it -> paper = it);
        papers.show(Optional.of(paper));
        HBox onPaper = new HBox(10, small("on"), papers);
        onPaper.setAlignment(Pos.CENTER_LEFT);
        present(onPaper, false);
        handout.setOnAction(_ -> present(onPaper, handout.isSelected() || key.isSelected()));
        key.setOnAction(_ -> present(onPaper, handout.isSelected() || key.isSelected()));
        contents.getStyleClass().add("publish");
        contents.setPrefWidth(WIDTH);
        unfinished(contents);
        contents.getChildren().addAll(small("copies are for"), whom, counted, listed,
                new VBox(6, small("beside them, as PDF"), handout, key, onPaper), summary, publish);
        if (alike) {
            contents.getChildren()
                    .add(small("All copies have the same data. What differs from student to student is set in Write, under "
                    + "\u201cVariants\u201d."));
        }
        choose(chosen);
    }

    /** What Write points out: it can be published all the same. */
    private void unfinished(VBox contents) {
        List<Remark> remarks = new ArrayList<>(Review.of(exercise));
        if (remarks.isEmpty()) {
            return;
        }
        remarks.sort(Comparator.comparing(it -> !it.sort().isUnfinished()));
        if (remarks.getFirst().sort().isUnfinished()) {
            publish.setText("Publish it unfinished\u2026");
            publish.getStyleClass().setAll("button");
        }
        VBox list = new VBox(4);
        list.setId("publish-remarks");
        list.getStyleClass().add("remarks");
        Label title = new Label(remarks.size() == 1 ? "To look at first" : remarks.size() + " things to look at first");
        title.getStyleClass().add("remarks-title");
        list.getChildren().add(title);
        remarks.stream().limit(MOST_REMARKS).forEach(remark -> {
            Label text = new Label("\u2248 " + remark.message());
            text.setWrapText(true);
            text.setMinHeight(Region.USE_PREF_SIZE);
            text.getStyleClass().add("remark");
            list.getChildren().add(text);
        });
        if (remarks.size() > MOST_REMARKS) {
            list.getChildren().add(small("and " + (remarks.size() - MOST_REMARKS) + " more, in Write"));
        }
        contents.getChildren().add(list);
    }

    private void choose(String it) {
        chosen = it;
        whom.show(Optional.of(it));
        present(counted, it.equals(NUMBERED));
        present(listed, it.equals(NAMED));
        tell();
    }

    private void openNames() {
        actions.askForNames().ifPresent(file -> {
            switch (NameList.read(file)) {
                case Result.Refused<NameList>(String message) -> note.setText(message);
                case Result.Done<NameList>(NameList list) -> {
                    names.setText(list.text());
                    note.setText(String.join(" ", list.notes()));
                }
            }
        });
    }

    /** For whom, as it is chosen; nothing while there are no names. */
    private Optional<Publication.Readers> readers() {
        Supplier<Optional<Publication.Readers>> named = () ->
                NameList.of(names.getText()) instanceof Result.Done<NameList>(NameList list)
                ? Optional.of(new Publication.Readers.Named(list.list())) : Optional.empty();
        return switch (chosen) {
            case NAMED -> named.get();
            case NUMBERED -> Optional.of(new Publication.Readers.Count(count.getValue()));
            default -> Optional.of(new Publication.Readers.All());
        };
    }

    private void tell() {
        Optional<Publication.Readers> readers = readers();
        if (chosen.equals(NAMED) && !names.getText().isBlank()) {
            note.setText(switch (NameList.of(names.getText())) {
                case Result.Refused<NameList>(String message) -> message;
                case Result.Done<NameList>(NameList list) -> String.join(" ", list.notes());
            });
        }
        int edition = Copies.edition(exercise, 0).number();
        boolean again = exercise.issue().edition(edition).isPresent();
        summary.setText("Edition " + edition + (again ? ", as it was published before: " : ": ") + readers.map(it -> switch (it) {
            case Publication.Readers.All _ -> "one copy.";
            case Publication.Readers.Count(int number) -> Counted.of(number, "copy", "copies") + ".";
            case Publication.Readers.Named(ClassList list) ->
                    Counted.of(list.entries().size(), "copy", "copies") + ", and " + Publication.GRADEBOOK
                    + " with a line for each name, in the folder \u201c" + Publication.OF_INSTRUCTOR + "\u201d.";
        }).orElse("no names yet."));
        publish.setDisable(readers.isEmpty());
    }

    private static Label small(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        label.setWrapText(true);
        return label;
    }
}
