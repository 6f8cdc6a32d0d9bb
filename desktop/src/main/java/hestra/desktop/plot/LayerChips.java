package hestra.desktop.plot;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

import hestra.chance.Play;
import hestra.data.Pairs;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.model.TrialStart;
import hestra.desktop.parts.CurveNames;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Swatch;
import hestra.desktop.parts.Tip;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import static hestra.desktop.parts.Presence.holdVisible;
import static hestra.desktop.parts.Presence.present;

/**
 * Legend and switchboard in one: a chip for each layer and each curve, with its own colour, dash and shape. A chip whose
 * layer is held back cannot be pressed and says what opens it. What is rarely needed is behind "More" until it is shown.
 */
public final class LayerChips extends FlowPane {

    /** As wide as all everyday chips beside one another. */
    private static final double USUAL_WIDTH = 520;
    private static final PseudoClass CLOSED = PseudoClass.getPseudoClass("closed");
    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");

    private final DeskModel model;
    private final Map<Layer, ToggleButton> chips = new EnumMap<>(Layer.class);
    private final Map<Layer, CheckMenuItem> more = new EnumMap<>(Layer.class);
    private final Map<Slot, ToggleButton> curves = new EnumMap<>(Slot.class);
    private final Map<Play, ToggleButton> plays = new EnumMap<>(Play.class);
    private final Map<Play, CheckMenuItem> morePlays = new EnumMap<>(Play.class);
    private final ToggleButton only = chip("", new FontIcon(Feather.X));
    private final ToggleButton reading = chip("Reading line", Swatch.ofReading());

    public LayerChips(DeskModel model, Drawing drawing, Consumer<String> notice) {
        this.model = model;
        getStyleClass().add("chips");
        setAlignment(Pos.TOP_CENTER);
        setPrefWrapLength(USUAL_WIDTH);
        for (Layer layer : Layer.values()) {
            ToggleButton chip = layer == Layer.LINE ? curveChip(Slot.LINE) : layerChip(layer);
            chips.put(layer, chip);
            getChildren().add(chip);
            if (layer == Layer.LINE) {
                for (Slot slot : Slot.values()) {
                    if (slot != Slot.LINE) {
                        getChildren().add(withCross(slot, curveChip(slot)));
                    }
                }
                getChildren().add(new CurveMenu(model, new TrialStart(model), notice));
            }
        }
        reading.setId("chip-reading");
        reading.setOnAction(_ -> toggleReading());
        only.setId("chip-only");
        only.setOnAction(_ -> model.apply(new PlotEdit.FitOnly(Set.of())));
        Tip.set(only, "click to fit to all points again");
        getChildren().add(reading);
        for (Play play : Play.values()) {
            getChildren().add(playChip(play, drawing));
        }
        getChildren().addAll(only, moreMenu(drawing));
        holdVisible(this);
        model.watch(this::show);
    }

    private ToggleButton layerChip(Layer layer) {
        ToggleButton chip = chip(layer.title(), Swatch.of(layer));
        chip.setId("chip-" + layer.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        chip.setOnAction(_ -> {
            if (!chip.getPseudoClassStates().contains(CLOSED)) {
                model.apply(new PlotEdit.ShowLayer(layer, chip.isSelected()));
            }
            show(model.findings());
        });
        return chip;
    }

    private ToggleButton playChip(Play play, Drawing drawing) {
        ToggleButton chip = chip(play.title(), Swatch.ofChance());
        chip.setId("chip-" + play.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        chip.setOnAction(_ -> {
            if (!chip.getPseudoClassStates().contains(CLOSED)) {
                drawing.toggle(play);
            }
            show(model.findings());
        });
        plays.put(play, chip);
        return chip;
    }

    /** Pressing a curve's chip takes it in hand; pressing the one in hand hides it. */
    private ToggleButton curveChip(Slot slot) {
        ToggleButton chip = chip("Line", Swatch.of(slot));
        chip.setId("chip-" + slot.name().toLowerCase(Locale.ROOT));
        chip.setOnContextMenuRequested(event -> {
            new CurveActions(model, slot).show(chip, event.getScreenX(), event.getScreenY());
            event.consume();
        });
        chip.setOnAction(_ -> {
            if (!chip.getPseudoClassStates().contains(CLOSED)) {
                Findings findings = model.findings();
                boolean shown = findings.curves().isShown(slot);
                if (shown && findings.curves().slotInHand() != slot) {
                    model.apply(new PlotEdit.TakeInHand(slot));
                } else {
                    model.apply(new PlotEdit.ShowCurve(slot, !shown));
                    if (!shown) {
                        model.apply(new PlotEdit.TakeInHand(slot));
                    }
                }
            }
            show(model.findings());
        });
        curves.put(slot, chip);
        return chip;
    }

    /** A chip with a small cross that removes its curve. */
    private Node withCross(Slot slot, ToggleButton chip) {
        Button remove = new Button("×");
        remove.setId("remove-" + slot.name().toLowerCase(Locale.ROOT));
        remove.getStyleClass().setAll("remove", "chip-cross");
        remove.setAccessibleText("Remove this curve");
        Tip.set(remove, "Remove this curve (Delete in the plot)");
        remove.setOnAction(_ -> model.apply(new PlotEdit.RemoveCurve(slot)));
        HBox both = new HBox(chip, remove);
        both.setAlignment(Pos.CENTER_LEFT);
        both.visibleProperty().bindBidirectional(chip.visibleProperty());
        both.managedProperty().bindBidirectional(chip.managedProperty());
        return both;
    }

    private MenuButton moreMenu(Drawing drawing) {
        MenuButton button = new MenuButton("More");
        button.setId("more-layers");
        button.getStyleClass().setAll("chip", "menu", "menu-chip");
        Tip.set(button, "equations, deviations, intervals, leverage, a smooth line through the residuals, what chance does");
        for (Layer layer : Layer.values()) {
            if (!layer.isEveryday()) {
                CheckMenuItem item = Literally.said(new CheckMenuItem(layer.title()));
                item.setId("more-" + layer.name().toLowerCase(Locale.ROOT).replace('_', '-'));
                item.setOnAction(_ -> model.apply(new PlotEdit.ShowLayer(layer, item.isSelected())));
                more.put(layer, item);
                button.getItems().add(item);
            }
        }
        button.getItems().add(new SeparatorMenuItem());
        for (Play play : Play.values()) {
            CheckMenuItem item = Literally.said(new CheckMenuItem(play.title()));
            item.setId("more-" + play.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            item.setOnAction(_ -> drawing.toggle(play));
            morePlays.put(play, item);
            button.getItems().add(item);
        }
        return button;
    }

    private void toggleReading() {
        Findings findings = model.findings();
        if (!findings.isOpen(Aid.PREDICTION)) {
            show(findings);
            return;
        }
        OptionalDouble at = findings.work().readingAt().isPresent() || findings.pairs().n() == 0 ? OptionalDouble.empty()
                : OptionalDouble.of(new Rounding.Significant(2).apply(findings.pairs().xs().average().orElse(0)).doubleValue());
        model.apply(new PlotEdit.ReadAt(at));
        show(model.findings());
    }

    private void show(Findings findings) {
        chips.forEach((layer, chip) -> {
            if (layer != Layer.LINE) {
                Optional<Aid> aid = aid(layer);
                boolean open = aid.isEmpty() || findings.isOpen(aid.get())
                        || aid.get() == Aid.RESIDUALS && findings.curves().residualsAreOpen();
                boolean on = findings.work().layers().contains(layer);
                boolean hasUse = layer == Layer.NAMES
                        ? findings.work().drawnRoles().label().isPresent() : layer.isEveryday() || on && layer != Layer.EQUATIONS;
                present(chip, hasUse);
                boolean inTheWay = findings.playing().isPresent() && layer.isOfEachPoint();
                show(chip, on && open && !inTheWay, open && !inTheWay, inTheWay ? "not drawn while chance is played"
                        : open ? layer.meaning() : findings.whatOpens(aid.get()));
                if (more.containsKey(layer)) {
                    more.get(layer).setSelected(on);
                    more.get(layer).setDisable(!open || inTheWay);
                }
            }
        });
        curves.forEach((slot, chip) -> {
            boolean open = findings.curves().isOpen(slot);
            present(chip, slot == Slot.LINE || open && findings.work().curves().has(slot));
            show(chip, findings.curves().isShown(slot), open, open ? meaning(slot) : findings.whatOpens(Aid.LINE));
            chip.pseudoClassStateChanged(IN_HAND, open && findings.curves()
                    .isShown(slot) && findings.curves().slotInHand() == slot
                    && (slot == Slot.TRIAL || findings.work().curves().further().size() > 0));
            chip.setText(CurveNames.in(findings, slot));
            Swatch.colour(chip.getGraphic(), findings.work().plot().dress().ink(slot));
        });
        Swatch.colour(chips.get(Layer.POINTS).getGraphic(), findings.work().plot().dress().ink());
        plays.forEach((play, chip) -> {
            boolean on = findings.playing().filter(play::equals).isPresent();
            // Once one is on the others are at hand as well.
            present(chip, findings.offers(play) && findings.playing().isPresent());
            morePlays.get(play).setVisible(findings.offers(play));
            morePlays.get(play).setSelected(on);
            morePlays.get(play).setDisable(!findings.mayPlay());
            show(chip, on, findings.mayPlay(),
                    findings.mayPlay() ? play.meaning() : findings.whatOpens(findings.isOpen(Aid.LINE) ? Aid.EQUATION
                    : Aid.LINE));
        });
        boolean some = !findings.work().curves().only().isEmpty();
        present(only, some);
        only.setSelected(some);
        only.setText("Fitted to " + findings.pairs().size() + " of " + (findings.pairs().size() + notChosen(findings)));
        boolean open = findings.isOpen(Aid.PREDICTION);
        show(reading, findings.work().readingAt().isPresent() && open, open,
                open ? "a vertical line to predict with: drag it, or press Shift and an arrow key in the plot"
                        : findings.whatOpens(Aid.PREDICTION));
    }

    private static long notChosen(Findings findings) {
        return findings.pairs().leftOut().stream().filter(it -> it.reason() == Pairs.Reason.NOT_CHOSEN).count();
    }

    private static String meaning(Slot slot) {
        return switch (slot) {
            case LINE -> Layer.LINE.meaning();
            case TRIAL -> "your curve by eye: drag its squares, or the curve itself";
            case FIRST, SECOND, THIRD, FOURTH -> "click to select the curve, again to hide it; the cross removes it";
        };
    }

    private static void show(ToggleButton chip, boolean on, boolean open, String tip) {
        chip.setSelected(on);
        chip.pseudoClassStateChanged(CLOSED, !open);
        Tip.set(chip, tip);
    }

    private static Optional<Aid> aid(Layer layer) {
        return switch (layer) {
            case POINTS, NAMES, PRODUCTS -> Optional.empty();
            case LINE, MEAN -> Optional.of(Aid.LINE);
            case EQUATIONS -> Optional.of(Aid.EQUATION);
            case RESIDUALS, SQUARES, DEVIATIONS, LEVERAGE, SMOOTH -> Optional.of(Aid.RESIDUALS);
            case MEAN_INTERVAL, PREDICTION_INTERVAL -> Optional.of(Aid.PREDICTION);
        };
    }

    private static ToggleButton chip(String title, Node mark) {
        ToggleButton chip = Literally.said(new ToggleButton(title, mark));
        chip.getStyleClass().setAll("chip");
        return chip;
    }
}
