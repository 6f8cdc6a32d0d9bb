package hestra.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.RadioList;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.feedback.Outcome;
import hestra.task.Tried;
import hestra.task.TryOut;
import hestra.task.TryReason;

/** The moves that are to be tried, each with a tick once it was made, and what they did. */
final class TryOutForm extends TaskForm {

    private static final PseudoClass HOLDS = PseudoClass.getPseudoClass("holds");

    private final TryOut task;
    private final List<Label> signs = new ArrayList<>();
    private final List<VBox> boxes = new ArrayList<>();
    private final List<Label> texts = new ArrayList<>();

    TryOutForm(DeskModel model, TryOut task, Runnable check, Runnable toPlot) {
        super(model, task, check);
        this.task = task;
        for (int i = 0; i < task.moves().size(); i++) {
            move(i);
        }
        Button back = new Button("Put points back");
        back.setId(id() + "-put-back");
        back.getStyleClass().add("quiet");
        Tip.set(back, "Puts every point back where it was given");
        back.setOnAction(_ -> {
            model.apply(new WorkEdit.PutBack());
            toPlot.run();
        });
        getChildren().add(back);
        if (task.moves().size() > 1) {
            Choices<Integer> most = new Choices<>(id() + "-most", IntStream.range(0, task.moves().size()).boxed().toList(),
                    i -> "move " + (i + 1), i -> draft(tried().withMost(i)));
            VBox stacked = new VBox(formLabel("which changed it more?"), most);
            stacked.getStyleClass().add("stacked");
            getChildren().add(stacked);
            onShow(_ -> most.show(tried().most().stream().boxed().findFirst()));
        }
        if (task.reason().isPresent()) {
            why();
        }
        onShow(this::showLive);
    }

    private void move(int index) {
        Label sign = new Label();
        sign.getStyleClass().add("condition-sign");
        Label text = new Label();
        text.setWrapText(true);
        text.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox line = new HBox(sign, text);
        line.getStyleClass().add("condition");
        TextField field = numberField(id() + "-amount-" + index);
        Names.as(field, "change of the " + task.name() + " by move " + (index + 1));
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, typed) -> {
            if (!typed.equals(tried().amount(index))) {
                draft(tried().with(index, typed), run.now());
            }
        });
        FlowPane row = new FlowPane(formLabel("the " + task.name() + " changed by"), field);
        row.setRowValignment(VPos.CENTER);
        row.getStyleClass().add("prediction-line");
        VBox box = new VBox(line, row);
        box.getStyleClass().add("stacked");
        signs.add(sign);
        texts.add(text);
        boxes.add(box);
        getChildren().add(box);
        offerFirst(field);
        onShow(_ -> put(field, tried().amount(index)));
    }

    private void why() {
        RadioList<TryReason> list = new RadioList<>(id() + "-reason", "why?", List.of(TryReason.values()), TryReason::inWords,
                Enum::name, reason -> draft(tried().with(reason)));
        getChildren().add(list);
        onShow(_ -> list.show(tried().reason()));
    }

    private Tried tried() {
        return standing(Tried.class);
    }

    @Override
    boolean isLive() {
        return true;
    }

    @Override
    void showLive(Findings findings) {
        if (findings.part().indexOf(id()) < 0) {
            return;
        }
        Tried tried = tried();
        for (int i = 0; i < signs.size(); i++) {
            boolean made = task.made(i, tried.seen(), findings.truth()).isPresent();
            String sign = made ? Outcome.RIGHT.sign() : (i + 1) + ".";
            if (!sign.equals(signs.get(i).getText())) {
                signs.get(i).setText(sign);
                boxes.get(i).lookupAll(".condition").forEach(it -> it.pseudoClassStateChanged(HOLDS, made));
            }
            String text = "Move " + task.inWords(i, findings.truth()) + (made ? ": seen." : ".");
            if (!text.equals(texts.get(i).getText())) {
                texts.get(i).setText(text);
            }
        }
    }
}
