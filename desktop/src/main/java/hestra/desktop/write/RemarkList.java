package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.animation.PauseTransition;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.desk.Edit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.exercise.Exercise;
import hestra.review.Remark;

import static hestra.desktop.parts.Presence.present;

/** What is to be looked at before the exercise is given out: each thing with a button that mends it, where one can. */
final class RemarkList extends VBox {

    /** While somebody types, it is looked through when they pause. */
    private static final Duration CALM = Duration.millis(350);

    private final DeskModel model;
    private final Function<Exercise, List<Remark>> looks;
    private final boolean leads;
    private final PauseTransition pause = new PauseTransition(CALM);
    private Exercise reviewed;
    private List<Remark> shown = List.of();

    /** A list of what is found by a look at an exercise; where {@code leads}, each leads to its task. */
    RemarkList(DeskModel model, String id, Function<Exercise, List<Remark>> looks, boolean leads) {
        this.model = model;
        this.looks = looks;
        this.leads = leads;
        setId(id);
        getStyleClass().add("remarks");
        pause.setOnFinished(_ -> review());
        present(this, false);
    }

    /** Looks the exercise through, at once for the first time and a moment after each change. */
    void show(Exercise exercise) {
        if (reviewed == null) {
            review();
        } else if (reviewed != exercise) {
            pause.playFromStart();
        }
    }

    /** Stops looking. */
    void end() {
        pause.stop();
    }

    private void review() {
        reviewed = model.desk().exercise();
        List<Remark> now = looks.apply(reviewed);
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        getChildren().clear();
        Label title = new Label(now.size() == 1 ? "To look at" : now.size() + " things to look at");
        title.getStyleClass().add("remarks-title");
        getChildren().add(title);
        for (int i = 0; i < now.size(); i++) {
            add(i, now.get(i));
        }
        present(this, !now.isEmpty());
    }

    private void add(int index, Remark remark) {
        Optional<String> task = remark.task().filter(_ -> leads);
        if (task.isPresent()) {
            Hyperlink link = new Hyperlink("\u2248 " + remark.message());
            link.setId(getId() + "-" + index);
            link.setWrapText(true);
            link.setMinHeight(USE_PREF_SIZE);
            link.getStyleClass().setAll("remark");
            link.setOnAction(_ -> model.apply(new Edit.TurnTo(task)));
            getChildren().add(link);
        } else {
            Label text = new Label("\u2248 " + remark.message());
            text.setId(getId() + "-" + index);
            text.setWrapText(true);
            text.setMinHeight(USE_PREF_SIZE);
            text.getStyleClass().add("remark");
            getChildren().add(text);
        }
        remark.mend().ifPresent(mend -> {
            Button button = Literally.said(new Button(mend.words()));
            button.setId("mend-" + index);
            button.getStyleClass().setAll("quiet");
            button.setOnAction(_ -> {
                model.apply(mend.edit());
                review();
            });
            getChildren().add(button);
        });
    }
}
