package hestra.desktop.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

import hestra.chance.Play;
import hestra.chance.Run;
import hestra.desk.ChanceEdit;
import hestra.desk.Findings;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.RadioList;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.task.ChanceConclusion;
import hestra.task.ChanceMeaning;
import hestra.task.Played;
import hestra.task.WhatChanceDoes;

import static hestra.desktop.parts.Presence.present;

/** What is still to be done on the plot, the number that is read off the pile, what it says, and what follows. */
final class ChanceForm extends TaskForm {

    private final WhatChanceDoes task;
    private final Label toDo = new Label();
    private final Button turnOn;

    ChanceForm(DeskModel model, WhatChanceDoes task, Runnable check, Runnable toPlot) {
        super(model, task, check);
        this.task = task;
        toDo.setId(id() + "-to-do");
        toDo.setWrapText(true);
        toDo.setMinHeight(USE_PREF_SIZE);
        turnOn = new Button(task.play().title());
        turnOn.setId(id() + "-play");
        turnOn.getStyleClass().add("quiet");
        Tip.set(turnOn, task.play().meaning());
        turnOn.setOnAction(_ -> {
            model.apply(new ChanceEdit.PlayChance(task.play(), Run.unchosen()));
            toPlot.run();
        });
        getChildren().addAll(toDo, turnOn);
        boolean share = task.play() == Play.SHUFFLE;
        FlowPane row = new FlowPane(6, 4);
        row.setRowValignment(VPos.CENTER);
        row.getStyleClass().add("prediction-line");
        TextField low = field("low", share ? "share" : "lower end", Played::low, Played::withLow);
        row.getChildren().addAll(formLabel(share ? "share" : "from"), low);
        if (!share) {
            row.getChildren().addAll(formLabel("to"), field("high", "upper end", Played::high, Played::withHigh));
        }
        getChildren().add(row);
        offerFirst(low);
        if (task.means()) {
            RadioList<ChanceMeaning> list = new RadioList<>(id() + "-meaning", "it says", ChanceMeaning.of(task.play()),
                    ChanceMeaning::inWords, Enum::name, it -> draft(played().with(it)));
            getChildren().add(list);
            onShow(_ -> list.show(played().meaning()));
        }
        if (task.concludes()) {
            RadioList<ChanceConclusion> list = new RadioList<>(id() + "-conclusion", "so", List.of(ChanceConclusion.values()),
                    it -> it.inWords(task.play()), Enum::name, it -> draft(played().with(it)));
            getChildren().add(list);
            onShow(_ -> list.show(played().conclusion()));
        }
        onShow(this::showLive);
    }

    private TextField field(String name, String said, Function<Played, String> now, BiFunction<Played, String, Played> changed) {
        TextField field = numberField(id() + "-" + name);
        Names.as(field, said);
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, typed) -> {
            if (!typed.equals(now.apply(played()))) {
                draft(changed.apply(played(), typed), run.now());
            }
        });
        onShow(_ -> put(field, now.apply(played())));
        return field;
    }

    private Played played() {
        return standing(Played.class);
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
        Optional<String> left = task.toBeDone(played(), findings.truth());
        toDo.setText(left.orElse("Read it off your own pile."));
        present(turnOn, findings.playing().filter(task.play()::equals).isEmpty());
    }
}
