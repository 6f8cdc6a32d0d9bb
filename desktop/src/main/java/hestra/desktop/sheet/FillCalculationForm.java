package hestra.desktop.sheet;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

import hestra.desktop.model.DeskModel;
import hestra.numbers.Counted;
import hestra.task.FillCalculation;
import hestra.task.FillIn;
import hestra.task.Filled;

/** Leads to the calculation below the plot, and says how far it is filled. */
final class FillCalculationForm extends TaskForm {

    FillCalculationForm(DeskModel model, FillCalculation task, Runnable check, Runnable toCalculation) {
        super(model, task, check);
        Button go = new Button("To the calculation");
        go.setId(id() + "-go");
        go.getStyleClass().add("quiet");
        go.setOnAction(_ -> toCalculation.run());
        Label progress = new Label();
        progress.setId(id() + "-progress");
        progress.getStyleClass().add("small");
        progress.setWrapText(true);
        progress.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(go, progress);
        offerFirst(go);
        onShow(findings -> {
            Optional<FillIn> fill = task.fillIn(findings.truth());
            Filled filled = standing(Filled.class);
            progress.setText(fill.map(it -> it.asked().stream().filter(id -> !filled.text(id).isBlank())
                    .count() + " of " + Counted.of(it.asked().size(), "cell") + " filled. Tab goes from cell to cell.")
                    .orElse("There is nothing to fill in."));
        });
    }
}
