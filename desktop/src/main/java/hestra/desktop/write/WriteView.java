package hestra.desktop.write;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Region;

import hestra.desk.Findings;
import hestra.desktop.files.Pictures;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Columns;
import hestra.desktop.parts.Kept;
import hestra.desktop.parts.KeptDivider;
import hestra.desktop.table.GridHabits;
import hestra.documents.table.DataFile;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Task;
import hestra.tracing.Picture;

/**
 * The exercise as an instructor writes it: its parts and their sheets, the true data of the part in hand and their plot, and the
 * block in hand.
 */
public final class WriteView {

    /** The usual width of the window, and those of the columns at its sides. */
    private static final double WIDTH = 1280;
    private static final double LEFT = 420;
    private static final double RIGHT = 362;
    private static final double LEAST = 300;

    private final DeskModel model;
    private final Outline outline;
    private final ScrollPane right = new ScrollPane();
    private final SplitPane pane;
    private final Columns columns;
    private final Function<Part, PartPanes> make;
    private final Pictures pictures;
    private final Consumer<Exercise> trial;
    private final Map<String, PartPanes> parts = new HashMap<>();
    private PartPanes here;
    private Optional<String> edited = Optional.of("-");

    /** The view; {@code trial} starts an exercise as a student finds it. */
    public WriteView(DeskModel model, Look look, Kept kept, GridHabits habits, Consumer<String> notice, Pictures pictures,
            Consumer<Exercise> trial) {
        this.model = model;
        this.pictures = pictures;
        this.trial = trial;
        this.outline = new Outline(model, look, pictures);
        this.make = part -> new PartPanes(model.of(part), look, habits, notice, pictures, trial);
        this.here = panes(model.findings().written());
        right.setFitToWidth(true);
        right.getStyleClass().add("write-right");
        right.setId("task-editor");
        Node left = outline.node();
        pane = new SplitPane(left, here.node(), right);
        pane.getStyleClass().add("write");
        SplitPane.setResizableWithParent(left, false);
        SplitPane.setResizableWithParent(right, false);
        ((Region) left).setMinWidth(LEAST);
        right.setMinWidth(LEAST);
        pane.setDividerPositions(LEFT / WIDTH, 1 - RIGHT / WIDTH);
        columns = new Columns("write-columns", pane, List.of("Sheet", "Plot and data", "Task"), look.typeProperty());
        KeptDivider leftRoom = new KeptDivider(pane, 0, true, kept, () -> "outline", () -> LEFT * share(look));
        KeptDivider rightRoom = new KeptDivider(pane, 1, false, kept, () -> "editor", () -> Math.max(LEAST, RIGHT * share(look)));
        columns.place(leftRoom, rightRoom);
        model.watch(this::show);
    }

    /** Larger type needs more room at the sides, where the window has it to give. */
    private double share(Look look) {
        return Math.min(Math.max(look.type(), 1), columns.getWidth() / WIDTH);
    }

    private PartPanes panes(Part part) {
        return parts.computeIfAbsent(part.id(), _ -> make.apply(part));
    }

    public Node node() {
        return columns;
    }

    /**
     * The parts of the view, in the order in which a key goes round them: what belongs to each, and what takes the keyboard
     * first.
     */
    public List<Node> places() {
        return List.of(outline.node(), here.node(), right);
    }

    /** Puts the keyboard into the title of a new exercise. */
    public void begin() {
        outline.focusTitle();
    }

    /** Takes the tables of a file into the data of the part in hand. */
    public void take(DataFile.Taken taken) {
        here.take(taken);
    }

    /** Joins the first table of a file to the data of the part in hand. */
    public void join(DataFile.Taken taken) {
        here.join(taken);
    }

    /** Lays in a picture, to read data off it. */
    public void lay(Picture picture) {
        here.lay(picture);
    }

    /** Lays in the picture on the clipboard; whether a picture is being read off, so that it belongs there. */
    public boolean pastePicture() {
        return here.pastePicture();
    }

    /** Draws the next sample of the part in hand. */
    public void nextSample(Consumer<String> notice) {
        here.nextSample(notice);
    }

    private void show(Findings findings) {
        Exercise exercise = findings.exercise();
        parts.keySet().removeIf(id -> exercise.part(id).isEmpty());
        PartPanes now = panes(findings.written());
        if (now != here) {
            here = now;
            double[] dividers = pane.getDividerPositions();
            columns.set(1, now.node());
            pane.setDividerPositions(dividers);
        }
        Optional<String> selected = findings.desk().task().filter(id -> exercise.block(id).isPresent());
        if (!selected.equals(edited)) {
            edited = selected;
            if (right.getContent() instanceof Editor before) {
                before.end();
            }
            right.setContent(selected.flatMap(exercise::block).map(this::editor).orElseGet(() -> new ExerciseEditor(model)));
            right.setVvalue(0);
        }
    }

    private Node editor(Block block) {
        return block instanceof Block.Asked(Task task)
                ? new TaskEditor(model, task, trial) : new BlockEditor(model, block, pictures);
    }
}
