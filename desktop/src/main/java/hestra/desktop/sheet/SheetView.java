package hestra.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.data.Roles;
import hestra.desk.Findings;
import hestra.desk.OwnSheet;
import hestra.desk.SheetEdit;
import hestra.desk.TaskState;
import hestra.desk.Work;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.notes.NotesBox;
import hestra.desktop.parts.DirectScroll;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.Gradually;
import hestra.desktop.parts.Sheet;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.numbers.Words;
import hestra.task.Answer;
import hestra.task.AnswerPlace;
import hestra.task.Keepable;
import hestra.task.ReadByPerson;
import hestra.task.Task;
import hestra.working.CalculationLine;

/**
 * The exercise as it is read and answered: the blocks of all parts in one scroll, with a line down the margin that links the
 * tasks.
 */
public final class SheetView extends DirectScroll implements Sheet {

    /** How much of a sheet is there at once: more than the window shows. */
    private static final int AT_ONCE = 14;

    private final DeskModel model;
    private final Look look;
    private final Consumer<AnswerPlace> go;
    private final Consumer<String> notice;
    private final Label heading = new Label();
    private final VBox list = new VBox();
    private final List<TaskCard> cards = new ArrayList<>();
    private final Margin margin = new Margin(cards);
    private final List<PartHeading> headings = new ArrayList<>();
    private final HandInCard handIn;
    private Gradually building = Gradually.NOTHING;
    private State shown;
    private Optional<Exercise> shownExercise = Optional.empty();
    private Optional<String> inHand = Optional.empty();

    /** All that the sheet depends on; while a card says what an answer lacks, on all that is done. */
    private record State(Exercise exercise, Part part, List<TaskState> tasks, Map<String, Answer> drafts, Optional<Roles> roles,
            OptionalInt round, boolean hasTrial, OwnSheet notes, String student,
            Optional<String> inHand, List<String> changed, Optional<Work> watched) {}

    /** The sheet; {@code go} puts the keyboard where a task is answered. */
    public SheetView(DeskModel model, Look look, Consumer<AnswerPlace> go, Consumer<String> notice, Runnable onHandIn) {
        this.model = model;
        this.look = look;
        this.go = go;
        this.notice = notice;
        this.handIn = new HandInCard(model, onHandIn);
        getStyleClass().add("sheet");
        setId("sheet");
        heading.getStyleClass().add("sheet-heading");
        heading.setWrapText(true);
        heading.setMinHeight(Region.USE_PREF_SIZE);
        list.getStyleClass().add("sheet-list");
        margin.getChildren().add(list);
        margin.list = list;
        setContent(margin);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        model.watch(this::show);
    }

    private void show(Findings findings) {
        // While a point is dragged nothing on the sheet changes; laying it out again would cost every frame.
        Work work = findings.desk().work();
        State state = new State(findings.exercise(), findings.part(), findings.tasks(), work.drafts(), findings.work().roles(),
                findings.work().round(), findings.work().curves().trial().isPresent(), findings.work().sheet(), work.student(),
                findings.taskInHand(), findings.tasks().stream().filter(findings::isOnOtherData).map(it -> it.task().id())
                        .toList(), Optional.of(work).filter(_ -> cards.stream().anyMatch(TaskCard::saysWhatIsMissing)));
        if (state.equals(shown)) {
            cards.stream().filter(TaskCard::isLive).forEach(card -> card.showLive(findings));
            return;
        }
        shown = state;
        Exercise exercise = findings.exercise();
        if (shownExercise.filter(exercise::equals).isEmpty()) {
            heading.setText(exercise.heading().isBlank() ? exercise.title() : exercise.heading());
            if (shownExercise.filter(it -> it.parts().equals(exercise.parts())).isEmpty()) {
                build(exercise);
            }
            shownExercise = Optional.of(exercise);
        }
        headings.forEach(part -> part.show(exercise, findings.part()));
        cards.forEach(card -> card.show(findings));
        handIn.show(findings);
        Optional<String> now = findings.taskInHand();
        if (!now.equals(inHand)) {
            boolean moved = inHand.isPresent();
            inHand = now;
            if (moved) {
                Platform.runLater(() -> focusTaskInHand());
            }
        }
        margin.requestLayout();
    }

    private void build(Exercise exercise) {
        building.stop();
        cards.clear();
        headings.clear();
        margin.markers.clear();
        list.getChildren().setAll(heading, handIn);
        margin.getChildren().setAll(margin.rule, list);
        // Figures watch the look; those of an earlier sheet are to be forgotten with it.
        Look here = look.alongside();
        List<Runnable> steps = new ArrayList<>();
        for (Part part : exercise.parts()) {
            steps.add(() -> add(new PartHeading(model, part)));
            part.blocks().forEach(block -> steps.add(() -> {
                if (block instanceof Block.Asked(Task task)) {
                    add(new TaskCard(model.of(part), task, this::wasChecked, go, here, notice));
                } else {
                    add(BlockView.of(block, part, exercise, here));
                }
            }));
        }
        building = Gradually.of(steps, AT_ONCE);
    }

    private void add(PartHeading part) {
        headings.add(part);
        part.show(model.findings().exercise(), model.findings().part());
        add((Node) part);
    }

    private void add(TaskCard card) {
        cards.add(card);
        margin.markers.add(card.marker());
        margin.getChildren().add(card.marker());
        card.show(model.findings());
        add((Node) card);
    }

    /** Above the last card of the sheet. */
    private void add(Node node) {
        list.getChildren().add(list.getChildren().size() - 1, node);
        margin.requestLayout();
    }

    @Override
    public Region region() {
        return this;
    }

    @Override
    public void begin() {
        focusTaskInHand();
    }

    /** Where typing goes on the sheet: into the task in hand, or the name to hand in under. */
    @Override
    public Optional<Node> whereToType() {
        return inHand.flatMap(this::card).map(TaskCard::entry).or(() -> Optional.of(handIn.nameField()));
    }

    /** Puts the keyboard where the task in hand is answered, and the task into view; where nothing is asked, into the table. */
    private void focusTaskInHand() {
        Optional<TaskCard> card = inHand.flatMap(this::card);
        Optional<AnswerPlace> place = inHand.flatMap(id -> model.desk().exercise().task(id)).map(Task::place);
        boolean inTable = place.filter(AnswerPlace.TABLE::equals).isPresent();
        boolean inPlot = place.filter(AnswerPlace.PLOT::equals).isPresent() && card.flatMap(TaskCard::first).isEmpty();
        if (inTable || model.desk().exercise().tasks().isEmpty()) {
            go.accept(AnswerPlace.TABLE);
        } else if (inPlot) {
            go.accept(AnswerPlace.PLOT);
        } else {
            whereToType().ifPresent(FocusMark::give);
        }
        Region seen = card.map(Region.class::cast).orElse(handIn);
        bringIntoView(seen);
        // With another part in hand the columns of the window find their places and widths first.
        afterLayout(() -> afterLayout(() -> {
            if (inPlot) {
                go.accept(AnswerPlace.PLOT);
            }
            bringIntoView(seen);
        }));
    }

    /** Keeps something in the section of the part in hand, if one is asked for: at the end, or where the keyboard is in it. */
    public void keep(Keepable what) {
        keep(notes -> notes.keep(what), end -> new SheetEdit.Keep(end, what, false), what.inWords());
    }

    /** The same with a line of calculation. */
    public void keep(CalculationLine line) {
        keep(notes -> notes.keep(line), end -> new SheetEdit.KeepLine(end, line), "the calculation");
    }

    private void keep(Consumer<NotesBox> inHand, Function<OwnSheet.Spot, SheetEdit> atEnd, String what) {
        Findings findings = model.findings();
        Optional<Task> section = findings.part().tasks().stream().filter(ReadByPerson::keepsSection).findFirst();
        Optional<TaskCard> card = section.filter(task -> findings.taskInHand().equals(Optional.of(task.id())))
                .flatMap(task -> card(task.id()));
        if (card.isPresent()) {
            card.get().notes().ifPresent(inHand);
        } else if (section.isPresent() && findings.work().sheet().isFull()) {
            notice.accept(NotesBox.FULL);
        } else if (section.isPresent()) {
            model.apply(atEnd.apply(OwnSheet.Spot.before(findings.work().sheet().notes().size())));
            notice.accept(Words.capitalized(what) + ": kept for task " + (findings.exercise().indexOf(section.get().id()) + 1)
                    + ", \u201c" + section.get().terms().title() + "\u201d.");
        }
    }

    /** Checks the task in hand, as its button does. */
    public void checkTaskInHand() {
        inHand.flatMap(this::card).ifPresent(TaskCard::check);
    }

    /** The verdict is to be seen, whatever else comes into view after it. */
    private void wasChecked(TaskCard card) {
        Platform.runLater(() -> Platform.runLater(() -> {
            applyCss();
            layout();
            Bounds said = margin.sceneToLocal(card.verdict().localToScene(card.verdict().getLayoutBounds()));
            bringIntoView(new BoundingBox(said.getMinX(), said.getMinY(), said.getWidth(),
                    Math.max(said.getHeight(), card.getBoundsInParent().getMaxY() - said.getMinY())));
        }));
    }

    private Optional<TaskCard> card(String id) {
        return built(id).or(() -> {
            building.finish();
            return built(id);
        });
    }

    private Optional<TaskCard> built(String id) {
        return cards.stream().filter(it -> it.getId().equals("card-" + id)).findFirst();
    }

    /** Puts the keyboard where the name is typed. */
    public void askName() {
        Platform.runLater(() -> {
            FocusMark.give(handIn.nameField());
            bringIntoView(handIn);
        });
    }

    /** Has something done once the window has been laid out the next time. */
    private void afterLayout(Runnable action) {
        Scene scene = getScene();
        if (scene == null) {
            return;
        }
        Runnable[] once = new Runnable[1];
        once[0] = () -> {
            scene.removePostLayoutPulseListener(once[0]);
            action.run();
        };
        scene.addPostLayoutPulseListener(once[0]);
        Platform.requestNextPulse();
    }

    private void bringIntoView(Region node) {
        // What has just been opened has no height yet.
        applyCss();
        layout();
        bringIntoView(node.getBoundsInParent());
    }

    private void bringIntoView(Bounds bounds) {
        double viewport = getViewportBounds().getHeight();
        double content = margin.getHeight();
        double top = bounds.getMinY() - 14;
        double bottom = bounds.getMaxY() + 20;
        double from = getVvalue() * Math.max(0, content - viewport);
        if (content <= viewport) {
            return;
        }
        double to = bottom > from + viewport ? Math.min(top, bottom - viewport) : from;
        to = top < to ? top : to;
        setVvalue(Math.clamp(to / (content - viewport), 0, 1));
    }

    /** The list with the margin's rule and the tasks' markers beside their titles. */
    private static final class Margin extends Pane {
        private static final double AT = 16;
        private final Region rule = new Region();
        private final List<Node> markers = new ArrayList<>();
        private final List<TaskCard> cards;
        private VBox list;

        Margin(List<TaskCard> cards) {
            this.cards = cards;
            getStyleClass().add("sheet-margin");
            rule.getStyleClass().add("sheet-rule");
        }

        /** Its height depends on its width, since texts wrap: without this the foot of the sheet could not be reached. */
        @Override
        public Orientation getContentBias() {
            return Orientation.HORIZONTAL;
        }

        @Override
        protected double computePrefHeight(double width) {
            return list.prefHeight(width);
        }

        @Override
        protected void layoutChildren() {
            list.resizeRelocate(0, 0, getWidth(), Math.max(getHeight(), list.prefHeight(getWidth())));
            list.layout();
            rule.resizeRelocate(AT - 1, 18, 2, Math.max(0, getHeight() - 18));
            for (int i = 0; i < markers.size() && i < cards.size(); i++) {
                double y = cards.get(i).getBoundsInParent().getMinY() + 2;
                ((Region) markers.get(i)).resizeRelocate(AT - 8, y, 16, 16);
            }
        }
    }
}
