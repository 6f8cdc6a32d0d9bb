package hestra.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.RadioList;
import hestra.desktop.parts.Tip;
import hestra.feedback.Outcome;
import hestra.targets.Reason;
import hestra.task.Answer;
import hestra.task.ReachTarget;

import static hestra.desktop.parts.Presence.present;

/** The conditions of a target, each with how it stands while points are dragged; and the reasons why it can't be done. */
final class TargetForm extends TaskForm {

    private static final PseudoClass HOLDS = PseudoClass.getPseudoClass("holds");

    private final ReachTarget target;
    private final List<Line> lines = new ArrayList<>();
    /** Made when it is first shown: what may be chosen depends on the data. */
    private RadioList<Reason> reasons;
    private final ToggleButton cannot = new ToggleButton("It can\u2019t be done\u2026");
    private long holding;
    private boolean cannotBeDone;

    TargetForm(DeskModel model, ReachTarget task, Runnable check, Runnable toPlot) {
        super(model, task, check);
        this.target = task;
        VBox conditions = new VBox();
        conditions.getStyleClass().add("conditions");
        for (int i = 0; i < task.conditions().size(); i++) {
            Line line = new Line(task.id() + "-condition-" + i);
            lines.add(line);
            conditions.getChildren().add(line);
        }
        cannot.setId(id() + "-cannot");
        cannot.getStyleClass().setAll("quiet");
        cannot.setOnAction(_ -> {
            showReasons();
            if (!cannot.isSelected()) {
                draft(Answer.Reached.NOTHING);
            }
        });
        Button back = new Button("Put points back");
        back.setId(id() + "-put-back");
        back.getStyleClass().add("quiet");
        Tip.set(back, "Puts every point back where it was given");
        back.setOnAction(_ -> {
            model.apply(new WorkEdit.PutBack());
            toPlot.run();
        });
        FlowPane actions = new FlowPane(cannot, back);
        actions.getStyleClass().add("actions");
        getChildren().addAll(conditions, actions);
        onShow(this::showAnswer);
    }

    private void showAnswer(Findings findings) {
        if (reasons == null) {
            reasons = new RadioList<>(id() + "-reason", "", target.reasons(findings.truth()), Reason::inWords, Enum::name,
                    reason -> draft(new Answer.Reached(standing(Answer.Reached.class).held(), Optional.of(reason))));
            getChildren().add(reasons);
        }
        Optional<Reason> said = standing(Answer.Reached.class).cannot();
        cannot.setSelected(cannot.isSelected() || said.isPresent());
        showReasons();
        reasons.show(said);
        showLive(findings);
    }

    private void showReasons() {
        present(reasons, cannot.isSelected());
    }

    @Override
    boolean isLive() {
        return true;
    }

    @Override
    void showLive(Findings findings) {
        Answer.Reached reached = standing(Answer.Reached.class);
        cannotBeDone = reached.cannot().isPresent();
        List<ReachTarget.Standing> standings = target.standings(reached, findings.truth());
        holding = standings.stream().filter(ReachTarget.Standing::holds).count();
        for (int i = 0; i < standings.size(); i++) {
            lines.get(i).show(standings.get(i), findings);
        }
    }

    @Override
    boolean isReady() {
        return holding == lines.size() || cannotBeDone;
    }

    @Override
    String status() {
        return holding + " of " + lines.size() + (lines.size() == 1 ? " holds" : " hold");
    }

    /**
     * One condition: its sign, what it asks, and the value as it is. Its parts are so wide that none moves another while points
     * are dragged.
     */
    private static final class Line extends HBox {
        private static final double VALUE = 76;
        private final Label sign = new Label();
        private final Label text = new Label();
        private final Label value = new Label();
        private Boolean holds;

        Line(String lineId) {
            setId(lineId);
            getStyleClass().add("condition");
            sign.getStyleClass().add("condition-sign");
            text.setWrapText(true);
            text.setMinHeight(USE_PREF_SIZE);
            text.setMaxWidth(Double.MAX_VALUE);
            setHgrow(text, Priority.ALWAYS);
            value.getStyleClass().add("condition-value");
            value.setAlignment(Pos.TOP_RIGHT);
            // It changes with every frame of a drag: unmanaged, it asks for no layout of the whole sheet.
            value.setManaged(false);
            Region room = new Region();
            room.setMinWidth(VALUE);
            getChildren().addAll(sign, text, room, value);
            setAccessibleRole(AccessibleRole.TEXT);
        }

        @Override
        protected void layoutChildren() {
            super.layoutChildren();
            value.resizeRelocate(getWidth() - VALUE, 0, VALUE, value.prefHeight(VALUE));
        }

        void show(ReachTarget.Standing standing, Findings findings) {
            put(text, standing.condition().inWords(findings.numbers().style()));
            put(value, standing.value().isEmpty() ? "\u2014"
                    : standing.condition().measure().isCount()
                    ? findings.numbers().style().shortest(standing.value().getAsDouble())
                    : findings.numbers().style().show(standing.value().getAsDouble()));
            if (holds == null || holds != standing.holds()) {
                holds = standing.holds();
                sign.setText(holds ? Outcome.RIGHT.sign() : Outcome.NEARLY.sign());
                pseudoClassStateChanged(HOLDS, holds);
            }
            setAccessibleText(text.getText() + ": " + (holds ? "holds" : "does not hold yet") + ", now " + value.getText());
        }

        private static void put(Label label, String text) {
            if (!label.getText().equals(text)) {
                label.setText(text);
            }
        }
    }
}
