package hestra.desktop.mark;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.documents.page.GiveBack;
import hestra.figure.ScatterPlot;
import hestra.marking.Replay;
import hestra.marking.Student;
import hestra.numbers.Counted;

import static hestra.desktop.parts.Presence.present;

/** The student in hand: who, when, the plot as it was handed in or as it was at a step, and how it came about. */
final class StudentCard extends VBox {

    private static final double PLOT = 205;
    private static final int MOST_ROWS = 400;

    private final MarkModel model;
    private final OpenHandIn handIn;
    private final Label name = new Label();
    private final Label about = new Label();
    private final FigureView plot;
    private final Label how = new Label("How it was done");
    private final VBox steps = new VBox();
    private final TextArea table = new TextArea();
    private Optional<Findings> findings = Optional.empty();

    StudentCard(MarkModel model, OpenHandIn handIn, Look look) {
        this.model = model;
        this.handIn = handIn;
        getStyleClass().add("student-card");
        name.getStyleClass().add("mark-section");
        name.setId("mark-student");
        name.setWrapText(true);
        about.getStyleClass().add("small");
        about.setWrapText(true);
        about.setMinHeight(USE_PREF_SIZE);
        about.setId("mark-about");
        plot = new FigureView(look, layout -> findings.map(it -> ScatterPlot.describe(it.plot()
                .atRest(it.work().table().size() == 0 ? "No data." : "Nothing is drawn yet."), layout))
                .orElseGet(() -> ScatterPlot.describe(Findings.of(Desk.open(model.exercise())).plot().atRest(""), layout)));
        plot.setId("mark-plot");
        plot.setMinHeight(PLOT);
        plot.setPrefHeight(PLOT);
        plot.setMaxHeight(PLOT);
        how.getStyleClass().add("small");
        table.setId("mark-table");
        table.setEditable(false);
        table.setPrefRowCount(5);
        table.getStyleClass().add("mark-table");
        getChildren().addAll(name, about, plot, how, steps, table);
        handIn.shownProperty().subscribe(this::fill);
    }

    void show(MarkModel.Shown shown) {
        Optional<Student> student = shown.student();
        present(this, student.isPresent());
        student.ifPresent(it -> {
            name.setText(shown.name(it));
            about.setText(about(it));
        });
        handIn.turnTo(student);
        turnToPart(shown);
    }

    private static String about(Student student) {
        return Stream.of(student.marked().script().copy().filter(it -> it.variant() > 0)
                .map(it -> "variant " + it.variant()).orElse(""),
                student.marked().script().pace().map(it -> "handed in " + GiveBack.when(it.handedIn())).orElse(""), student.late()
                        ? "late" : "",
                student.marked().script().pace().filter(it -> it.worked() > 0)
                        .map(it -> Counted.of(it.minutes(), "minute")).orElse(""),
                student.marked().script().begun() > 1 ? "begun " + student.marked().script().begun() + " times" : "")
                        .filter(it -> !it.isEmpty()).collect(Collectors.joining(" · "));
    }

    private void fill(OpenHandIn.Shown hand) {
        if (hand.reading()) {
            // What stands there stays until the next can take its place: it would only flicker.
            return;
        }
        steps.getChildren().clear();
        findings = hand.contents().map(OpenHandIn.Contents::findings);
        Replay replay = hand.contents().map(OpenHandIn.Contents::replay).orElse(new Replay(List.of(), true));
        boolean known = !replay.moments().isEmpty();
        how.setText(hand.contents().isEmpty() ? "This hand-in can no longer be opened."
                : known ? "How it was done" + (!replay.whole() ? ", up to a step that cannot be followed"
                        : hand.contents().get().strays() ? ". \u26a0 The steps do not lead to these answers."
                        : "")
                : "How it was done is not in this hand-in.");
        if (known) {
            steps.getChildren().add(new StepLine(replay, step -> goTo(replay.moments().get(step))));
        }
        turnToPart(model.shown());
        draw(false);
    }

    /** Plot and table as they were at a step, in the part in which it was made. */
    private void goTo(Replay.Moment moment) {
        Findings then = Findings.of(moment.desk());
        findings = Optional.of(moment.part().map(then::at).orElse(then));
        draw(true);
        // The row that was changed stands out, wherever in the table it is.
        moment.row().ifPresentOrElse(row -> table.selectRange(line(row), line(row + 1)), table::deselect);
    }

    /** Where the line of a row begins in the text of the table; its end for a row that is no longer there. */
    private int line(int row) {
        String text = table.getText();
        int at = 0;
        for (int line = 0; line <= row && at < text.length(); line++) {
            int end = text.indexOf('\n', at);
            at = end < 0 ? text.length() : end + 1;
        }
        return at;
    }

    /** The plot is that of the part in which the task in hand stands. */
    private void turnToPart(MarkModel.Shown shown) {
        findings = findings.map(now -> shown.task().flatMap(task -> now.exercise().partOf(task.id())).map(now::at).orElse(now));
        plot.changed();
    }

    private void draw(boolean step) {
        present(plot, findings.isPresent());
        present(table, step && findings.isPresent());
        findings.ifPresent(now -> table.setText(text(now)));
        plot.changed();
    }

    /** The table as it stood, a row a line. */
    private static String text(Findings now) {
        DataTable data = now.work().table();
        String heads = "row\t" + data.variables().stream().map(it -> it.name()).collect(Collectors.joining("\t"));
        return heads + "\n" + IntStream.range(0, Math.min(MOST_ROWS, data.size()))
                .mapToObj(row -> (row + 1) + "\t" + IntStream.range(0, data.width())
                        .mapToObj(column -> data.row(row).cell(column).text()).collect(Collectors.joining("\t"))
                + data.row(row).setAside().map(reason -> "\tset aside: " + reason).orElse("")).collect(Collectors.joining("\n"));
    }
}
