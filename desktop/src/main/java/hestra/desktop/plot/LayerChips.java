package hestra.desktop.plot;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.exercise.Aid;
import hestra.figure.Layer;

/**
 * Legend and switchboard in one: a chip for each layer, with the layer's own colour, dash and shape. A chip whose layer is
 * held back cannot be pressed and says what opens it.
 */
public final class LayerChips extends FlowPane {

    private static final double SWATCH = 22;
    private static final PseudoClass CLOSED = PseudoClass.getPseudoClass("closed");

    private final DeskModel model;
    private final Map<Layer, ToggleButton> chips = new EnumMap<>(Layer.class);
    private final ToggleButton reading = chip("Reading line", swatch(line("reading-mark", 7, 0, 7, 14)));

    public LayerChips(DeskModel model) {
        this.model = model;
        getStyleClass().add("chips");
        setAlignment(Pos.CENTER);
        for (Layer layer : Layer.values()) {
            ToggleButton chip = chip(layer.title(), mark(layer));
            chip.setId("chip-" + layer.name().toLowerCase(Locale.ROOT));
            chip.setOnAction(_ -> {
                if (!chip.getPseudoClassStates().contains(CLOSED)) {
                    model.apply(new Edit.ShowLayer(layer, chip.isSelected()));
                }
                show(model.findings());
            });
            chips.put(layer, chip);
            getChildren().add(chip);
        }
        reading.setId("chip-reading");
        reading.setOnAction(_ -> toggleReading());
        getChildren().add(reading);
        model.watch(this::show);
    }

    private void toggleReading() {
        Findings findings = model.findings();
        if (!findings.isOpen(Aid.PREDICTION)) {
            show(findings);
            return;
        }
        OptionalDouble at = findings.work().readingAt().isPresent() ? OptionalDouble.empty()
                : findings.fit().line().map(line -> OptionalDouble.of(Math.round(line.meanX()))).orElse(OptionalDouble.empty());
        model.apply(new Edit.ReadAt(at));
        show(model.findings());
    }

    private void show(Findings findings) {
        chips.forEach((layer, chip) -> {
            Optional<Aid> aid = aid(layer);
            boolean hasUse = layer != Layer.NAMES || findings.work().drawnRoles().label().isPresent();
            chip.setVisible(hasUse);
            chip.setManaged(hasUse);
            boolean open = aid.isEmpty() || findings.isOpen(aid.get());
            show(chip, findings.work().layers().contains(layer) && open, open,
                    open ? layer.meaning() : findings.whatOpens(aid.get()));
        });
        boolean open = findings.isOpen(Aid.PREDICTION);
        show(reading, findings.work().readingAt().isPresent() && open, open,
                open ? "an upright line to predict with: drag it along, or press Shift and an arrow key in the plot"
                        : findings.whatOpens(Aid.PREDICTION));
    }

    private static void show(ToggleButton chip, boolean on, boolean open, String tip) {
        chip.setSelected(on);
        chip.pseudoClassStateChanged(CLOSED, !open);
        Tip.set(chip, tip);
    }

    private static Optional<Aid> aid(Layer layer) {
        return switch (layer) {
            case POINTS, NAMES -> Optional.empty();
            case LINE, MEAN -> Optional.of(Aid.LINE);
            case RESIDUALS, SQUARES -> Optional.of(Aid.RESIDUALS);
        };
    }

    private static Node mark(Layer layer) {
        return switch (layer) {
            case POINTS -> swatch(styled(new Circle(7, 7, 4.6), "observed-mark"));
            case LINE -> swatch(line("best-mark", 0, 7, 18, 7));
            case RESIDUALS -> swatch(line("residual-mark", 7, 1, 7, 13));
            case SQUARES -> swatch(styled(new Rectangle(1.5, 1.5, 11, 11), "square-mark"));
            case MEAN -> swatch(line("mean-mark", 0, 7, 18, 7));
            case NAMES -> swatch(styled(new Text(1, 12, "a"), "name-mark"));
        };
    }

    private static Node line(String style, double x1, double y1, double x2, double y2) {
        return styled(new Line(x1, y1, x2, y2), style);
    }

    private static <T extends Node> T styled(T node, String style) {
        node.getStyleClass().add(style);
        return node;
    }

    private static Node swatch(Node mark) {
        Pane pane = new Pane(mark);
        double width = mark instanceof Line line && line.getStartY() == line.getEndY() ? SWATCH - 4 : 14;
        pane.setMinSize(width, 14);
        pane.setMaxSize(width, 14);
        return pane;
    }

    private static ToggleButton chip(String title, Node mark) {
        ToggleButton chip = new ToggleButton(title, mark);
        chip.getStyleClass().setAll("chip");
        return chip;
    }
}
