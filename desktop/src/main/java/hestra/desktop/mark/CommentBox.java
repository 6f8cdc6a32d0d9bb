package hestra.desktop.mark;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.InWords;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.QuietButton;
import hestra.desktop.parts.Tip;
import hestra.marking.ClassWork;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.MarkingHistory.Choice;
import hestra.marking.Student;
import hestra.numbers.Marks;
import hestra.task.Task;

/** Comments on what is in hand: those that stand there, those used before to be used again, and a new one. */
final class CommentBox extends VBox {

    /** No more than there are digits to put them in by. */
    private static final int MOST_OFFERED = 8;
    private static final int LONGEST_CHIP = 34;

    /** What a comment is on. */
    private enum On {
        GROUP("these answers"),
        ONE("this student’s answer"),
        WHOLE("the whole work");

        private final String words;

        On(String words) {
            this.words = words;
        }
    }

    private final MarkModel model;
    private final Consumer<String> say;
    private final ComboBox<On> on = new ComboBox<>();
    private final FlowPane chips = new FlowPane(6, 6);
    private final VBox said = new VBox(5);
    private final TextArea text = new TextArea();
    private final TextField off = new TextField();
    private final Button add = new Button("Add comment");
    private On chosen = On.GROUP;
    private Optional<String> edited = Optional.empty();
    private Optional<MarkModel.Shown> shown = Optional.empty();

    CommentBox(MarkModel model, Consumer<String> say) {
        this.model = model;
        this.say = say;
        getStyleClass().add("comment-box");
        Label title = new Label("Comment");
        title.getStyleClass().add("mark-section");
        on.setId("comment-on");
        on.setMaxWidth(Double.MAX_VALUE);
        on.setConverter(new InWords<>(it -> "on " + it.words));
        on.valueProperty().addListener((_, _, now) -> {
            if (now != null && now != chosen) {
                chosen = now;
                shown.ifPresent(this::show);
            }
        });
        text.setId("comment-text");
        text.setPromptText("A comment (C). Ctrl+Enter adds it.");
        text.setPrefRowCount(2);
        text.setWrapText(true);
        text.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
                write();
                event.consume();
            } else if (event.getCode() == KeyCode.ESCAPE) {
                stopEditing();
                getParent().requestFocus();
                event.consume();
            } else if (event.getCode() == KeyCode.TAB) {
                (event.isShiftDown() ? on : off).requestFocus();
                event.consume();
            }
        });
        off.setId("comment-off");
        off.setPrefWidth(48);
        off.setPromptText("0");
        off.getStyleClass().add("marks-field");
        Tip.set(off, "Marks that the comment takes off, wherever it stands");
        off.setOnAction(_ -> write());
        add.setId("comment-add");
        add.getStyleClass().setAll("quiet");
        add.setMinWidth(Region.USE_PREF_SIZE);
        add.setOnAction(_ -> write());
        Label takes = new Label("takes off");
        takes.getStyleClass().add("small");
        HBox line = new HBox(6, takes, off, add);
        line.setAlignment(Pos.CENTER_LEFT);
        chips.setId("comments-used");
        getChildren().addAll(title, on, said, text, line, chips);
    }

    /** Puts the keyboard where a comment is typed. */
    void begin() {
        text.requestFocus();
    }

    private DecisionSubject.Said matter(MarkModel.Shown now, String comment) {
        Student student = now.student().orElseThrow();
        String task = now.task().map(Task::id).orElse("");
        return switch (chosen) {
            case GROUP -> new DecisionSubject.Said(task, now.group().orElseThrow().whom(), comment);
            case ONE -> new DecisionSubject.Said(task, new DecisionScope.One(student.key()), comment);
            case WHOLE -> new DecisionSubject.Said("", new DecisionScope.One(student.key()), comment);
        };
    }

    /** That it is said of the answers as they are; of the whole work, whatever stands in it. */
    private DecisionValue.Yes said(DecisionSubject.Said matter) {
        return model.exercise().task(matter.task()).map(task -> model.said(task, matter.whom())).orElse(new DecisionValue.Yes());
    }

    void show(MarkModel.Shown now) {
        shown = Optional.of(now);
        boolean tasks = now.state().tab() == MarkState.Tab.TASKS;
        if (!tasks && chosen == On.GROUP) {
            chosen = On.ONE;
        }
        List<On> offered = tasks ? List.of(On.values()) : List.of(On.ONE, On.WHOLE);
        if (!on.getItems().equals(offered)) {
            on.getItems().setAll(offered);
        }
        on.setValue(chosen);
        said.getChildren().clear();
        chips.getChildren().clear();
        if (now.student().isEmpty()) {
            return;
        }
        List<String> here = standing(now);
        here.forEach(id -> now.work().comment(id).ifPresent(comment -> said.getChildren().add(standing(id, comment, now))));
        int number = 1;
        for (Map.Entry<String, Integer> used : now.work().usedComments().entrySet()) {
            if (!here.contains(used.getKey()) && number <= MOST_OFFERED) {
                chips.getChildren().add(chip(used.getKey(), used.getValue(), number, now));
                number++;
            }
        }
    }

    /** The comments that stand at what is in hand. */
    private List<String> standing(MarkModel.Shown now) {
        ClassWork work = now.work();
        Student student = now.student().orElseThrow();
        List<String> all = new ArrayList<>(now.task().filter(_ -> chosen != On.WHOLE)
                .map(task -> work.award(student, task.id()).comments()).orElse(List.of()));
        if (chosen == On.WHOLE) {
            all.addAll(work.comments(student));
        }
        return all;
    }

    private VBox standing(String id, DecisionValue.Comment comment, MarkModel.Shown now) {
        Label words = new Label(said(comment));
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        words.getStyleClass().add("comment-said");
        Button change = QuietButton.of("comment-change-" + id, "Change", "Changes it everywhere it stands", () -> {
            edited = Optional.of(id);
            text.setText(comment.text());
            off.setText(comment.off() == 0 ? "" : model.inMarks().of(comment.off()));
            add.setText("Change it everywhere");
            begin();
        });
        Button remove = QuietButton.of("comment-remove-" + id, "Take away", "Takes it away here; it can be used again",
                () -> remove(id, now));
        return new VBox(3, words, new HBox(6, change, remove));
    }

    /** Takes a comment away from all that it stands at here: on the group, on the student or on all. */
    private void remove(String id, MarkModel.Shown now) {
        Student student = now.student().orElseThrow();
        String task = chosen == On.WHOLE ? "" : now.task().map(Task::id).orElse("");
        List<DecisionScope> whose = List.of(new DecisionScope.One(student.key()),
                new DecisionScope.Group(student.marked().at(task).group()),
                new DecisionScope.All());
        model.decide("a comment taken away", whose.stream().map(whom -> new DecisionSubject.Said(task, whom, id))
                .filter(matter -> now.work().marking().value(matter).isPresent()).<Choice>map(Choice::none).toList());
    }

    private Button chip(String id, int used, int number, MarkModel.Shown now) {
        DecisionValue.Comment comment = now.work().comment(id).orElseThrow();
        String whole = said(comment);
        String cut = whole.length() > LONGEST_CHIP ? whole.substring(0, LONGEST_CHIP - 1).strip() + "…" : whole;
        Button chip = Literally.said(new Button(cut + " · " + used));
        chip.setId("comment-use-" + id);
        chip.getStyleClass().setAll("comment-chip");
        Tip.set(chip, whole + " (Alt+" + number + ")");
        chip.setOnAction(_ -> model.decide("a comment", Choice.of(matter(now, id), said(matter(now, id)))));
        return chip;
    }

    /**
     * Says once more what has been said before: the first of what is offered is number 1. Nothing where there is none of this
     * number.
     */
    void use(int number) {
        if (number >= 1 && number <= chips.getChildren().size()) {
            ((Button) chips.getChildren().get(number - 1)).fire();
        }
    }

    private String said(DecisionValue.Comment comment) {
        return comment.text() + (comment.off() == 0 ? "" : " (" + model.inMarks().off(comment.off()) + ")");
    }

    private void write() {
        String words = text.getText().strip();
        if (words.isEmpty() || shown.isEmpty() || shown.get().student().isEmpty()) {
            return;
        }
        OptionalDouble takes = off.getText().isBlank()
                ? OptionalDouble.of(0) : Marks.read(off.getText(), DecisionValue.Comment.MOST_OFF);
        if (takes.isEmpty()) {
            say.accept("\u201c" + off.getText().strip() + "\u201d is not a number of marks from 0 to "
                    + DecisionValue.Comment.MOST_OFF
                    + ".");
            off.requestFocus();
            off.selectAll();
            return;
        }
        DecisionValue.Comment comment = new DecisionValue.Comment(words.substring(0,
                Math.min(words.length(), DecisionValue.Comment.LONGEST)),
                takes.getAsDouble());
        if (edited.isPresent()) {
            model.decide("a comment changed", Choice.of(new DecisionSubject.Wording(edited.get()), comment));
        } else {
            String id = fresh();
            model.decide("a comment", Choice.of(new DecisionSubject.Wording(id), comment),
                    Choice.of(matter(shown.get(), id), said(matter(shown.get(), id))));
        }
        stopEditing();
    }

    private void stopEditing() {
        edited = Optional.empty();
        text.clear();
        off.clear();
        add.setText("Add comment");
    }

    /** An id that no other marker gives either. */
    private String fresh() {
        String by = model.history().by().replaceAll("[^A-Za-z0-9]+", "-");
        int number = 1;
        while (model.history().present().decisions().containsKey(new DecisionSubject.Wording(by + "-" + number))) {
            number++;
        }
        return by + "-" + number;
    }
}
