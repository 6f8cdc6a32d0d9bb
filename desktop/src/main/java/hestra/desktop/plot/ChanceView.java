package hestra.desktop.plot;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.chance.Play;
import hestra.chance.Run;
import hestra.desk.ChanceEdit;
import hestra.desk.ChanceInView;
import hestra.desk.ChanceState;
import hestra.desk.Findings;
import hestra.desk.PlotDescription;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.QuietButton;
import hestra.desktop.parts.SoundPlayer;
import hestra.desktop.parts.Tip;
import hestra.figure.Below;
import hestra.figure.ChancePile;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.sound.PlotSound;
import hestra.task.Keepable;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import static hestra.desktop.parts.Presence.present;

/** What chance does: buttons that draw, the run's number, what is watched, and the pile of what came of it. */
public final class ChanceView extends VBox {

    private static final int TEN = 10;
    private static final int THOUSAND = 1_000;
    private static final double SECONDS = 4;

    private final DeskModel model;
    private final Drawing drawing;
    private final FigureView view;
    private final Button once = new Button();
    private final Button ten;
    private final Button thousand;
    private final Button stop;
    private final TextField number = new TextField();
    private final MenuButton watched = new MenuButton();
    private final SoundPlayer player = new SoundPlayer();

    public ChanceView(DeskModel model, Look look, Drawing drawing, Optional<Consumer<Keepable>> onKeep) {
        this.model = model;
        this.drawing = drawing;
        this.view = new FigureView(look, () -> DressMenu.palette(model, look), this::figure);
        once.setId("chance-once");
        once.getStyleClass().add("check");
        once.setMinWidth(USE_PREF_SIZE);
        once.setOnAction(_ -> drawing.draw(1));
        ten = QuietButton.of("chance-ten", "10", "ten times more", () -> drawing.draw(TEN));
        thousand = QuietButton.of("chance-thousand", "1,000", "a thousand times more", () -> drawing.draw(THOUSAND));
        stop = QuietButton.of("chance-stop", "Stop", "stops where it is (Escape)", drawing::stop);
        stop.visibleProperty().bind(drawing.goingProperty());
        stop.managedProperty().bind(drawing.goingProperty());
        HBox head = head(onKeep);
        VBox.setVgrow(view, Priority.ALWAYS);
        getChildren().addAll(head, view);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleHelp("Space draws once more, S plays the pile: its height is the pitch, its ends and ours are struck.");
        getStyleClass().addAll("strip", "chance");
        setId("chance");
        addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
        addEventHandler(MouseEvent.MOUSE_PRESSED, _ -> requestFocus());
        model.watch(this::show);
        drawing.goingProperty().addListener((_, _, _) -> notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT));
        drawing.onBegun(() -> Platform.runLater(once::requestFocus));
    }

    private HBox head(Optional<Consumer<Keepable>> onKeep) {
        FlowPane draw = new FlowPane(8, 4, once, ten, thousand, stop);
        HBox.setHgrow(draw, Priority.ALWAYS);
        draw.setPrefWrapLength(300);
        onKeep.ifPresent(it -> draw.getChildren().add(QuietButton.of("keep-chance", "On the sheet",
                "put the pile on your sheet, with the number of its run", () -> it.accept(Keepable.CHANCE))));
        number.setId("chance-number");
        number.getStyleClass().add("number-field");
        number.setPrefColumnCount(5);
        Names.as(number, "number of the run");
        Tip.set(number, "the number from which chance begins: the same number gives the same draws");
        number.setOnAction(_ -> numbered());
        number.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                numbered();
            }
        });
        Label run = new Label("run");
        run.getStyleClass().add("small");
        run.setLabelFor(number);
        run.setMinWidth(USE_PREF_SIZE);
        Button anew = new Button("", new FontIcon(Feather.ROTATE_CCW));
        anew.setId("chance-anew");
        anew.getStyleClass().setAll("button", "icon-button");
        anew.setAccessibleText("Start another run");
        Tip.set(anew, "start another run, with nothing drawn yet");
        anew.setOnAction(_ -> {
            drawing.stop();
            model.apply(new ChanceEdit.NumberRun(Run.unchosen()));
        });
        watched.setId("chance-watched");
        watched.getStyleClass().setAll("quiet", "menu");
        watched.setMinWidth(USE_PREF_SIZE);
        Tip.set(watched, "the number that is watched");
        HBox choices = new HBox(6, run, number, anew, watched);
        choices.setAlignment(Pos.CENTER_RIGHT);
        HBox head = new HBox(10, draw, choices);
        head.getStyleClass().add("chance-head");
        return head;
    }

    /** Takes the number that was typed; what is none is put back. */
    private void numbered() {
        long before = model.findings().work().plot().chance().map(ChanceState::number).orElse(0L);
        String typed = number.getText().strip();
        boolean possible = typed.matches("[0-9]{1,6}") && Long.parseLong(typed) >= 1;
        if (possible && Long.parseLong(typed) != before) {
            drawing.stop();
            model.apply(new ChanceEdit.NumberRun(Long.parseLong(typed)));
        } else {
            number.setText(Long.toString(before));
        }
    }

    private void typed(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE && drawing.goingProperty().get()) {
            drawing.stop();
            event.consume();
        } else if (event.getCode() == KeyCode.SPACE && event.getTarget() == this) {
            drawing.draw(1);
            event.consume();
        } else if (event.getCode() == KeyCode.S && event.getTarget() == this && !event.isShortcutDown()) {
            playOrStop();
            event.consume();
        }
    }

    /** The pile as it is heard, from left to right. */
    private void playOrStop() {
        if (player.isPlaying()) {
            player.stop();
        } else {
            model.findings().chance().flatMap(ChanceInView::asked)
                    .ifPresent(it -> player.play(PlotSound.of(it).play(PlotSound.Part.BOTH, SECONDS), () -> { }));
        }
    }

    private void show(Findings findings) {
        Optional<ChanceInView> chance = findings.chance();
        present(this, findings.below() == Below.CHANCE);
        if (chance.isEmpty()) {
            return;
        }
        ChanceState state = findings.work().plot().chance().orElseThrow();
        String title = state.play().title();
        once.setText(state.play() == Play.DRAW_AGAIN ? title : title + (state.play() == Play.SHUFFLE ? " once" : ""));
        Tip.set(once, "once more (Space)");
        boolean possible = chance.get().problem().isEmpty();
        List.of(once, ten, thousand).forEach(it -> it.setDisable(!possible));
        thousand.setText(findings.numbers().style().count(THOUSAND));
        if (!number.isFocused()) {
            number.setText(Long.toString(state.number()));
        }
        watched(findings, chance.get(), state);
        view.changed();
        if (!drawing.goingProperty().get()) {
            // What comes of a run is told once it is drawn, not step by step.
            notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
        }
    }

    private void watched(Findings findings, ChanceInView chance, ChanceState state) {
        ToggleGroup group = new ToggleGroup();
        watched.getItems().setAll(chance.watchable().stream().map(it -> {
            RadioMenuItem item = Literally.said(new RadioMenuItem(chance.inWords(it, findings)));
            item.setId("watch-" + chance.inWords(it, findings).toLowerCase(Locale.ROOT).replace(' ', '-'));
            item.setToggleGroup(group);
            item.setSelected(chance.watched().filter(it::equals).isPresent());
            item.setOnAction(_ -> model.apply(new ChanceEdit.Watch(it)));
            return item;
        }).toList());
        watched.setText(chance.watched().map(it -> chance.inWords(it, findings)).orElse("–"));
        watched.setDisable(chance.watchable().size() < 2);
    }

    private Figure figure(Layout layout) {
        Findings findings = model.findings();
        return findings.chance().map(it -> ChancePile.describe(it.asked(), it.title(findings),
                findings.numbers().style(), layout))
                .orElseGet(() -> ChancePile.describe(Optional.empty(), "", findings.numbers().style(), layout));
    }

    /** The figure as it is shown. */
    Figure figure() {
        return view.figure();
    }

    /** What the pile shows, in words. */
    @Override
    public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
        return attribute == AccessibleAttribute.TEXT
                ? PlotDescription.ofChance(model.findings()) : super.queryAccessibleAttribute(attribute, parameters);
    }
}
