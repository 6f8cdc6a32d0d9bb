package hestra.desktop.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

import hestra.data.Selection;
import hestra.desk.Findings;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.RadioList;
import hestra.desktop.parts.Tip;
import hestra.task.FindPoint;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.Pointed;

/**
 * Which points are marked in the plot, and what is to be done about them. What is selected while the task is in hand is marked.
 */
final class FindPointForm extends TaskForm {

    private static final int MOST_SHOWN = 6;

    private final FindPoint task;
    private final Label marked = new Label();
    private Selection seen;

    FindPointForm(DeskModel model, FindPoint task, Runnable check, Runnable toPlot) {
        super(model, task, check);
        this.task = task;
        marked.setId(id() + "-marked");
        marked.setWrapText(true);
        marked.setMinHeight(USE_PREF_SIZE);
        Button plot = new Button("To the plot");
        plot.setId(id() + "-plot");
        plot.getStyleClass().add("quiet");
        Tip.set(plot,
                "In the plot the arrow keys go from point to point; the one they stand at is marked. Ctrl and a click mark "
                + "several");
        plot.setOnAction(_ -> toPlot.run());
        getChildren().addAll(marked, plot);
        offerFirst(plot);
        task.action().ifPresent(_ -> list("what to do about it", "action", PointAction.values(), PointAction::inWords,
                Pointed::action, Pointed::with));
        task.reason().ifPresent(_ -> list("why", "reason", PointReason.values(), PointReason::inWords, Pointed::reason,
                Pointed::with));
        onShow(this::showLive);
    }

    private <E extends Enum<E>> void list(String title, String name, E[] values, Function<E, String> words,
            Function<Pointed, Optional<E>> now, BiFunction<Pointed, E, Pointed> with) {
        RadioList<E> list = new RadioList<>(id() + "-" + name, title, List.of(values), words, Enum::name,
                value -> draft(with.apply(standing(Pointed.class), value)));
        getChildren().add(list);
        onShow(_ -> list.show(now.apply(standing(Pointed.class))));
    }

    @Override
    boolean isLive() {
        return true;
    }

    @Override
    void showLive(Findings findings) {
        Selection selection = findings.desk().selection();
        if (!selection.equals(seen)) {
            boolean first = seen == null;
            seen = selection;
            if (!first && !selection.isEmpty() && findings.taskInHand().filter(id()::equals).isPresent()) {
                // Not in the midst of telling the views what has changed.
                Platform.runLater(() -> mark(selection));
            }
        }
        marked.setText(said(findings));
    }

    private void mark(Selection selection) {
        draft(task.pointing(model().findings().bench(task), selection.rows()), Optional.of(id() + "-pointing"));
    }

    private String said(Findings findings) {
        Pointed given = standing(Pointed.class);
        int wanted = task.wanted(findings.truth());
        if (given.rows().isEmpty()) {
            return wanted == 1
                    ? "Click the point in the plot, or its row in the table."
                    : "Click the " + wanted + " points in the plot: the first by itself, the others with Ctrl held down.";
        }
        String rows = given.rows().stream().limit(MOST_SHOWN).map(row -> Integer.toString(row + 1))
                .collect(Collectors.joining(", ")) + (given.rows().size() > MOST_SHOWN ? ", \u2026" : "");
        return (given.rows().size() == 1 ? "Marked: row " : "Marked: rows ") + rows
                + (wanted > 1 ? " (" + given.rows().size() + " of " + wanted + ")" : "");
    }
}
