package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.desk.Findings;
import hestra.desktop.figure.CloudThumbnail;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Count;
import hestra.desktop.parts.Newest;
import hestra.desktop.parts.Tip;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.feedback.Quantity;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;
import hestra.task.Key;
import hestra.task.Truth;
import hestra.variants.Variant;
import hestra.variants.Variants;

import static hestra.desktop.parts.Presence.present;

/**
 * What differs from student to student: the fields, small plots of as many variants as the author wants to look at, each with the
 * key of the task in hand, and one of them, or two beside each other, larger.
 */
final class VariantsPane {

    private static final Duration CALM = Duration.millis(300);
    private static final double PLOT_WIDTH = 95;
    private static final double PLOT_HEIGHT = 54;
    private static final int MOST_SHOWN = 200;
    private static final int AT_FIRST = 12;
    private static final int LONGEST_KEY = 13;
    private static final int MOST_TOLD = 4;
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

    private final DeskModel model;
    private final Look look;
    private final VaryForm form;
    private final Spinner<Integer> count = Count.field("variants-count", 1, MOST_SHOWN, AT_FIRST, 84);
    private final Label told = new Label();
    private final FlowPane plots = new FlowPane();
    private final VariantCard card;
    private final VBox found = new VBox();
    private final ScrollPane scroll;
    private final Newest<List<Variant>> drawing = new Newest<>("variants");
    private final PauseTransition pause = new PauseTransition(CALM);
    private Exercise drawn;
    private String partId = "";
    private List<Variant> variants = List.of();
    private List<Integer> chosen = List.of();
    private Optional<String> inHand = Optional.empty();

    /** {@code model} is that of the part; {@code trial} starts an exercise as a student finds it. */
    VariantsPane(DeskModel model, Look look, Consumer<Exercise> trial) {
        this.model = model;
        this.look = look;
        this.form = new VaryForm(model);
        this.card = new VariantCard(model, look, trial);
        count.valueProperty().addListener((_, _, _) -> pause.playFromStart());
        told.setId("variants-told");
        told.setWrapText(true);
        told.setMinHeight(Region.USE_PREF_SIZE);
        plots.setId("variants-plots");
        plots.getStyleClass().add("small-plots");
        Label look1 = new Label("look at");
        look1.getStyleClass().add("small");
        Label look2 = new Label("variants");
        look2.getStyleClass().add("small");
        HBox ask = new HBox(look1, count, look2);
        ask.getStyleClass().add("vary-row");
        ask.setAlignment(Pos.CENTER_LEFT);
        found.getChildren().addAll(ask, told, plots, card);
        found.getStyleClass().add("variants-found");
        VBox pane = new VBox(form, found);
        pane.getStyleClass().add("variants-pane");
        scroll = new ScrollPane(pane);
        scroll.setId("variants-pane");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pause.setOnFinished(_ -> draw());
    }

    Node node() {
        return scroll;
    }

    /** Follows what is written, while it is there to be seen. */
    void show(Findings findings) {
        partId = findings.written().id();
        form.show(findings);
        boolean alike = findings.written().varying().isSame();
        present(found, !alike);
        Optional<String> hand = findings.desk().task();
        if (!alike && (drawn == null || !drawn.equals(findings.exercise()))) {
            if (drawn == null) {
                draw();
            } else {
                pause.playFromStart();
            }
        } else if (!hand.equals(inHand)) {
            inHand = hand;
            fill();
        }
    }

    /** Draws them beside the window's thread; those of an earlier state are let go. */
    private void draw() {
        Exercise exercise = model.desk().exercise();
        drawn = exercise;
        inHand = model.desk().task();
        int wanted = count.getValue();
        drawing.run(() -> IntStream.rangeClosed(1, wanted).parallel().mapToObj(k -> Variants.draw(exercise, k)).toList(), now -> {
            variants = now;
            chosen = chosen.stream().filter(k -> k <= now.size()).toList();
            fill();
        });
    }

    private Optional<Part> partOf(Variant variant) {
        return variant.exercise().part(partId);
    }

    private void fill() {
        List<Node> shown = new ArrayList<>();
        for (Variant variant : variants) {
            partOf(variant).ifPresent(part -> shown.add(small(variant, part)));
        }
        plots.getChildren().setAll(shown);
        List<String> missed = variants.stream().flatMap(it -> it.missed().stream()).filter(it -> it.part().equals(partId))
                .map(Variant.Missed::message).toList();
        told.setText(missed.isEmpty()
                ? Counted.of(variants.size(), "variant") + wishes() + ". All drawn as wished."
                : "\u2248 " + String.join("\n\u2248 ", missed.stream().limit(MOST_TOLD).toList())
                + (missed.size() > MOST_TOLD ? "\nand " + (missed.size() - MOST_TOLD) + " more" : ""));
        told.getStyleClass().setAll("label", missed.isEmpty() ? "variants-well" : "remark");
        mark();
    }

    private String wishes() {
        List<String> words = model.findings().written().varying().wishes().stream().map(it -> it.inWords(style())).toList();
        return words.isEmpty() ? "" : ": " + String.join(", ", words);
    }

    private NumberStyle style() {
        return model.findings().numbers().style();
    }

    private Node small(Variant variant, Part part) {
        Region plot = CloudThumbnail.of(Optional.of(part.pairs()), look, PLOT_WIDTH, PLOT_HEIGHT);
        Label under = new Label(variant.number() + " \u00b7 " + key(variant, part)
                + (variant.missed().isEmpty() ? "" : " \u2248"));
        under.getStyleClass().add("variant-under");
        VBox box = new VBox(plot, under);
        box.setAlignment(Pos.CENTER);
        Button button = new Button("", box);
        button.setId("variant-" + variant.number());
        button.getStyleClass().setAll("small-plot");
        button.setAccessibleText("variant " + variant.number() + ", " + key(variant, part));
        Tip.set(button, "variant " + variant.number() + "; with Ctrl held down, beside the one that is chosen");
        button.setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY) {
                choose(variant.number(), event.isShortcutDown());
            }
        });
        button.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                choose(variant.number(), event.isShortcutDown());
                event.consume();
            }
        });
        return button;
    }

    /** The key of the task in hand where it is short, else r. */
    private String key(Variant variant, Part part) {
        Truth truth = part.truth(variant.exercise().mark());
        Optional<String> ofTask = part.tasks().stream().filter(it -> inHand.equals(Optional.of(it.id()))).findFirst()
                .map(task -> task.key(truth)).filter(Key::computed).map(Key::text).filter(it -> it.length() <= LONGEST_KEY);
        OptionalDouble r = truth.evidence().value(Quantity.R);
        return ofTask.orElseGet(() -> r.isPresent() ? "r " + style().places(r.getAsDouble(), 2) : "no r");
    }

    private void choose(int number, boolean beside) {
        boolean second = beside && !chosen.isEmpty() && !chosen.contains(number);
        chosen = second ? List.of(chosen.getFirst(), number) : List.of(number);
        mark();
    }

    private void mark() {
        for (Node node : plots.getChildren()) {
            node.pseudoClassStateChanged(SELECTED, chosen.stream().anyMatch(k -> ("variant-" + k).equals(node.getId())));
        }
        boolean opens = !card.isVisible() && !chosen.isEmpty();
        card.show(chosen.stream().filter(k -> k <= variants.size()).map(k -> variants.get(k - 1)).toList(), partId);
        if (opens) {
            // Once it has been laid out: before, the end of what scrolls is where it was.
            Platform.runLater(() -> scroll.setVvalue(scroll.getVmax()));
        }
    }
}
