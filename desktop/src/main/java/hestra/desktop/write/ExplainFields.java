package hestra.desktop.write;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InWords;
import hestra.feedback.SentenceJudge;
import hestra.sentences.Aspect;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.SentenceFrame;

import static hestra.desktop.parts.Presence.present;

/** What is explained, what else the variables may be called, what is looked at, and a good sentence. */
final class ExplainFields {

    private static final List<Double> LEAVES = List.of(0.0, SentenceJudge.HALF, 1.0);

    private ExplainFields() {}

    static void add(KindFields<Explain> fields, DeskModel model) {
        ComboBox<Aspect.About> about = new ComboBox<>(FXCollections.observableArrayList(Aspect.About.values()));
        about.setId("edit-about");
        about.setMaxWidth(Double.MAX_VALUE);
        about.setConverter(new InWords<>(Aspect.About::inWords));
        about.valueProperty().addListener((_, before, now) -> {
            if (now != null && before != null) {
                fields.change(task -> task.with(task.explaining().about(now)));
            }
        });
        NumberText<Explain> at = new NumberText<>(fields, model, "edit-at", true, task -> task.explaining().at(),
                (task, x) -> task.with(task.explaining().at(x)), _ -> true, _ -> { });
        VBox atX = TaskFields.stacked("at x (empty: at the mean)", at.field());
        VBox ofCurve = CurveField.of(fields, "of which curve", task -> task.explaining().ofCurve(),
                (task, curve) -> task.with(task.explaining().of(curve)));
        VBox checks = new VBox();
        for (Aspect.About one : Aspect.About.values()) {
            List<Aspect> aspects = Aspect.switchable(one);
            VBox list = Ticks.list(fields, "edit-looked-at-" + one.name().toLowerCase(Locale.ROOT), aspects, Aspect::inWords,
                    Aspect::name,
                    task -> aspects.stream().filter(it -> !task.explaining().off().contains(it)).collect(Collectors.toSet()),
                    (task, on) -> task.with(task.explaining()
                            .without(aspects.stream().filter(it -> !on.contains(it)).collect(Collectors.toSet()))));
            fields.onShow(task -> present(list, task.explaining().about() == one));
            checks.getChildren().add(list);
        }
        fields.onShow(task -> {
            about.setValue(task.explaining().about());
            present(ofCurve, Explaining.isOfAnyCurve(task.explaining().about()));
            present(atX, task.explaining().about() == Aspect.About.PREDICTION);
        });
        fields.add(TaskFields.label("what is explained"), about, ofCurve, atX);
        fields.text("what else the explanatory variable may be called, with commas", "edit-x-names",
                task -> CommaList.write(task.explaining().xNames()),
                (task, text) -> task.with(task.explaining().withXNames(CommaList.read(text))));
        fields.text("what else the response may be called, with commas", "edit-y-names",
                task -> CommaList.write(task.explaining().yNames()),
                (task, text) -> task.with(task.explaining().withYNames(CommaList.read(text))));
        fields.add(TaskFields.label("what is looked at"), checks, leaves(fields));
        fields.add(Ticks.one(fields, "edit-gapped", "as a sentence with gaps", task -> task.explaining().gapped().isPresent(),
                (task, gapped) -> task.with(task.explaining()
                        .withFrame(gapped ? SentenceFrame.usual(task.explaining().about()) : ""))));
        fields.text("the sentence with its gaps, each written ___", "edit-frame", task -> task.explaining().frame(),
                (task, text) -> task.with(task.explaining().withFrame(text)));
        fields.text("words of your own, such as up: swells, balloons; a line or semicolon each", "edit-words",
                task -> task.explaining().words().replace("\n", "; "),
                (task, text) -> task.with(task.explaining().withWords(text.replaceAll("\\s*;\\s*", "\n"))));
        Label problem = new Label();
        problem.getStyleClass().addAll("small", "problem-text");
        problem.setWrapText(true);
        problem.setMinHeight(Label.USE_PREF_SIZE);
        fields.onShow(task -> {
            Optional<String> wrong = Explaining.problemWith(task.explaining().words());
            problem.setText(wrong.orElse(""));
            present(problem, wrong.isPresent());
        });
        fields.add(problem);
        fields.text("a good sentence, shown after the last try", "edit-model", task -> task.explaining().model(),
                (task, text) -> task.with(task.explaining().withModel(text)));
    }

    /** What is left of the marks where something is said that is not so. */
    private static VBox leaves(KindFields<Explain> fields) {
        ComboBox<Double> leaves = new ComboBox<>(FXCollections.observableArrayList(LEAVES));
        leaves.setId("edit-leaves");
        leaves.setMaxWidth(Double.MAX_VALUE);
        leaves.setConverter(new InWords<>(ExplainFields::inWords));
        leaves.valueProperty().addListener((_, before, now) -> {
            if (now != null && before != null) {
                fields.change(task -> task.with(task.explaining()
                        .withLeaves(now == SentenceJudge.HALF ? OptionalDouble.empty() : OptionalDouble.of(now))));
            }
        });
        fields.onShow(task -> leaves.setValue(task.explaining().leaves().orElse(SentenceJudge.HALF)));
        return TaskFields.stacked("a sentence that says something wrong, such as a cause, earns at most", leaves);
    }

    private static String inWords(double share) {
        return share == 0 ? "nothing" : share == 1 ? "what the rest of it earns"
                : share == SentenceJudge.HALF ? "half of the marks" : Math.round(share * 100) + " % of the marks";
    }
}
