package hestra.desktop.write;

import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import hestra.task.ByEye;
import hestra.task.FromPicture;

import static hestra.desktop.parts.Presence.present;

/** How near points must be to the author's, and which curve is looked at. */
final class FromPictureFields {

    private static final double PERCENT = 100;

    private FromPictureFields() {}

    static void add(KindFields<FromPicture> fields, DeskModel model) {
        Label problem = new Label("A number of percent above 0, up to 100.");
        problem.getStyleClass().addAll("small", "problem-text");
        present(problem, false);
        Consumer<Boolean> say = wrong -> present(problem, wrong);
        NumberText<FromPicture> within = new NumberText<>(fields, model, "edit-within", false, task -> percent(task.within()),
                (task, value) -> new FromPicture(task.terms(), value.getAsDouble() / PERCENT, task.curve(), task.band()),
                        value -> value > 0 && value <= PERCENT, say);
        NumberText<FromPicture> band = new NumberText<>(fields, model, "edit-band", false, task -> percent(task.band()),
                (task, value) -> new FromPicture(task.terms(), task.within(), task.curve(), value.getAsDouble() / PERCENT),
                        value -> value > 0 && value <= PERCENT, say);
        VBox bandBox = TaskFields.stacked("its coefficients within, %", band.field());
        fields.onShow(task -> present(bandBox, task.curve().isPresent()));
        fields.add(TaskFields.stacked("points within, % of what the data span", within.field()));
        OptionalField.add(fields, "also looked at", "edit-picture-curve", "the points alone", ByEye.FAMILIES, Curve::inWords,
                FromPicture::curve,
                (task, it) -> new FromPicture(task.terms(), task.within(), it, task.band()));
        fields.add(bandBox, problem);
    }

    private static OptionalDouble percent(double share) {
        return OptionalDouble.of(new Rounding.Significant(6).apply(share * PERCENT).doubleValue());
    }
}
