package hestra.desktop.write;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;

import hestra.data.PointChange;
import hestra.desk.ExerciseEdit;
import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.desk.PartEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.DigitsMenu;
import hestra.desktop.parts.InPlaceText;
import hestra.desktop.parts.InWords;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.ProseView;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.Closing;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.exercise.PartMarks;
import hestra.exercise.SquaredPaper;
import hestra.feedback.KeptPoints;
import hestra.feedback.KeptShare;
import hestra.fit.CurveFamily;
import hestra.fit.EquationNotation;
import hestra.numbers.DecimalMark;
import hestra.review.Review;
import hestra.task.Aid;
import hestra.task.Terms;

import static hestra.desktop.parts.Presence.present;

/**
 * What belongs to the exercise as a whole, and to the part in hand as a whole: what is held back at the start, and the rules of
 * the plot.
 */
final class ExerciseEditor extends VBox implements Editor {

    private final DeskModel model;
    private final Subscription watching;
    private final TextField place = new TextField();
    private final VBox held = new VBox();
    private final Label ofPart = new Label();
    private final RemarkList remarks;
    private final VBox points = new VBox();
    private final Choices<DecimalMark> mark;
    private final Choices<PartMarks> partMarks;
    private final ComboBox<Optional<Terms.Showing>> verdicts = new ComboBox<>();
    private final Choices<Boolean> order;
    private final Choices<Boolean> letters;
    private final Choices<EquationNotation.Base> base;
    private final DigitsMenu digits;
    private final Choices<KeptPoints> kept;
    private final Choices<KeptShare> share;
    private final Choices<SquaredPaper> ground;
    private final FrameFields frame;
    private final VBox families = new VBox();
    private final InPlaceText closing;
    private final CheckBox closingMarks = new CheckBox("and the marks earned so far");

    ExerciseEditor(DeskModel model) {
        this.model = model;
        getStyleClass().add("editor");
        Label title = new Label("The exercise");
        title.getStyleClass().add("editor-title");
        place.setId("write-place");
        place.setPromptText("For example: Orrin Bay field station");
        TypingRun run = new TypingRun(place);
        place.textProperty().addListener((_, _, text) -> {
            Exercise now = model.desk().exercise();
            if (!text.equals(now.place())) {
                model.apply(new ExerciseEdit.WriteTexts(now.title(), text, now.heading(), run.now()));
            }
        });
        ofPart.getStyleClass().add("editor-title");
        held.getStyleClass().add("aid-list");
        for (Aid aid : Aid.values()) {
            CheckBox box = Literally.said(new CheckBox(aid.inWords()));
            box.setId("held-" + aid.name().toLowerCase(Locale.ROOT));
            box.setOnAction(_ -> model.apply(new PartEdit.WriteHeld(Ticked.with(model.findings().written().held(), aid,
                    box.isSelected()))));
            held.getChildren().add(box);
        }
        points.getStyleClass().add("aid-list");
        for (PointChange change : PointChange.values()) {
            CheckBox box = Literally.said(new CheckBox(change.inWords()));
            box.setId("points-" + change.name().toLowerCase(Locale.ROOT));
            box.setOnAction(_ -> model.apply(new PartEdit.WriteRules(model.findings().written().rules()
                    .with(change, box.isSelected()))));
            points.getChildren().add(box);
        }
        order = new Choices<>("equation-order", List.of(true, false), it -> it ? "a + b x" : "b x + a",
                it -> write(form().withConstantFirst(it)));
        letters = new Choices<>("equation-letters", List.of(true, false), it -> it ? "names" : "x and y",
                it -> write(form().withNames(it)));
        base = new Choices<>("equation-base", List.of(EquationNotation.Base.values()),
                it -> it == EquationNotation.Base.OWN ? "a · b^x" : "a · e^(k x)", it -> write(form().with(it)));
        digits = DigitsMenu.inForm("write-digits",
                count -> model.apply(new PartEdit.WriteRules(model.findings().written().rules().withDigits(count))));
        kept = new Choices<>("kept-points", List.of(KeptPoints.values()), KeptPoints::inWords,
                it -> model.apply(new PartEdit.WriteRules(model.findings().written().rules().with(it))));
        share = new Choices<>("kept-share", List.of(KeptShare.values()), KeptShare::inWords,
                it -> model.apply(new PartEdit.WriteRules(model.findings().written().rules().with(it))));
        ground = new Choices<>("squared-paper", List.of(SquaredPaper.values()), SquaredPaper::inWords,
                it -> model.apply(new PartEdit.WriteRules(model.findings().written().rules().with(it))));
        frame = new FrameFields(() -> model.desk().exercise().mark(),
                () -> FixedPlot.truth(model.desk().exercise(), model.findings().written()).frame(),
                it -> model.apply(new PartEdit.WriteRules(model.findings().written().rules().showing(it))));
        HBox equations = new HBox(8, order, letters);
        families.getStyleClass().add("aid-list");
        for (CurveFamily family : CurveFamily.values()) {
            CheckBox box = Literally.said(new CheckBox(family.inWords()));
            box.setId("offered-" + family.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            box.setOnAction(_ -> model.apply(new PartEdit.WriteRules(model.findings().written().rules()
                    .offering(Ticked.with(model.findings().written().rules().offered(), family, box.isSelected())))));
            families.getChildren().add(box);
        }
        ProseView set = new ProseView("");
        TypingRun[] closingRun = new TypingRun[1];
        closing = new InPlaceText("write-closing", "For example: what to read next.", set,
                text -> set.show(LiveText.fill(text, model.desk().exercise().first(), model.desk().exercise().mark(),
                        ProseView::live)),
                text -> close(new Closing(text.length() > Closing.LONGEST ? text.substring(0, Closing.LONGEST) : text,
                        model.desk().exercise().closing().marks()), closingRun[0].now()));
        closingRun[0] = new TypingRun(closing.area());
        closingMarks.setId("write-closing-marks");
        closingMarks.setOnAction(_ -> close(new Closing(model.desk().exercise().closing().text(), closingMarks.isSelected()),
                Optional.empty()));
        remarks = new RemarkList(model, "remarks", Review::of, true);
        mark = new Choices<>("write-mark", List.of(DecimalMark.values()),
                it -> it == DecimalMark.POINT ? "point: 0.5" : "comma: 0,5", it -> model.apply(new ExerciseEdit.WriteMark(it)));
        partMarks = new Choices<>("write-part-marks", List.of(PartMarks.values()), PartMarks::inWords,
                it -> model.apply(new ExerciseEdit.RoundMarks(it)));
        verdicts.setId("write-verdicts");
        verdicts.getItems().add(Optional.empty());
        Stream.of(Terms.Showing.values()).map(Optional::of).forEach(verdicts.getItems()::add);
        verdicts.setConverter(new InWords<>(it -> it.map(Terms.Showing::inWords).orElse("as each task says")));
        verdicts.setMaxWidth(Double.MAX_VALUE);
        verdicts.valueProperty().addListener((_, before, now) -> {
            if (before != null && now != null && now.isPresent() && !now.equals(common(model.desk().exercise()))) {
                model.apply(new ExerciseEdit.ShowVerdicts(now.get()));
            }
        });
        Label hint = new Label("Click a task on the left to change it.");
        hint.getStyleClass().add("small");
        getChildren().addAll(title, hint, remarks, label("where the data come from"), place, label("decimal sign"), mark,
                label("marks of what is right in part, rounded to"), partMarks, label("verdicts of all tasks"), verdicts,
                label("once all is answered, students read"), closing,
                new LiveValueList(model, closing.area(), () -> model.desk().exercise().first()), closingMarks, ofPart,
                label("closed until a task opens it"), held,
                label("in the plot, points may be"), points, label("curves that can be chosen beside the line"), families,
                        label("the plot shows to begin with"), frame, label("equations are written"), equations,
                        label("exponentials are written"), base, label("digits in the numbers of curves"), digits,
                label("answers that are right for the points a student kept, others set aside with a reason"), kept,
                        label("as long as of all points are kept at least"), share,
                label("squared paper on handouts: how much of a page"), ground);
        watching = model.watch(this::show);
    }

    @Override
    public void end() {
        watching.unsubscribe();
        remarks.end();
    }

    private void show(Findings findings) {
        Exercise exercise = findings.exercise();
        Part part = findings.written();
        ofPart.setText("Part " + (exercise.indexOf(part) + 1) + (part.heading().isBlank() ? "" : ": " + part.heading()));
        present(ofPart, exercise.parts().size() > 1);
        if (!place.getText().equals(exercise.place())) {
            place.setText(exercise.place());
        }
        for (int i = 0; i < Aid.values().length; i++) {
            ((CheckBox) held.getChildren().get(i)).setSelected(part.held().contains(Aid.values()[i]));
        }
        for (int i = 0; i < PointChange.values().length; i++) {
            ((CheckBox) points.getChildren().get(i)).setSelected(part.rules().allows(PointChange.values()[i]));
        }
        mark.show(Optional.of(exercise.mark()));
        partMarks.show(Optional.of(exercise.partMarks()));
        verdicts.setValue(common(exercise));
        order.show(Optional.of(part.rules().form().constantFirst()));
        letters.show(Optional.of(part.rules().form().names()));
        base.show(Optional.of(part.rules().form().base()));
        digits.show(part.rules().digits());
        kept.show(Optional.of(part.rules().kept()));
        share.show(Optional.of(part.rules().share()));
        ground.show(Optional.of(part.rules().squared()));
        frame.show(part.rules().frame());
        for (CurveFamily family : CurveFamily.values()) {
            ((CheckBox) families.getChildren().get(family.ordinal())).setSelected(part.rules().offered().contains(family));
        }
        closing.show(exercise.closing().text());
        closingMarks.setSelected(exercise.closing().marks());
        remarks.show(exercise);
    }

    /** When the verdicts of all tasks are shown; nothing where they differ. */
    private static Optional<Terms.Showing> common(Exercise exercise) {
        List<Terms.Showing> all = exercise.tasks().stream().map(task -> task.terms().verdict()).distinct().toList();
        return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
    }

    private void close(Closing changed, Optional<String> run) {
        if (!changed.equals(model.desk().exercise().closing())) {
            model.apply(new ExerciseEdit.WriteClosing(changed, run));
        }
    }

    private EquationNotation form() {
        return model.findings().written().rules().form();
    }

    private void write(EquationNotation form) {
        model.apply(new PartEdit.WriteRules(model.findings().written().rules().with(form)));
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        label.setWrapText(true);
        return label;
    }
}
