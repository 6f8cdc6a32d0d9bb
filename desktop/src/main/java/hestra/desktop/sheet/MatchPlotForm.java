package hestra.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import javafx.geometry.Pos;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;

import hestra.desk.Findings;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.SoundPlayer;
import hestra.figure.SmallPlot;
import hestra.sound.PlotSound;
import hestra.sound.PlotSound.Part;
import hestra.task.Answer;
import hestra.task.MatchPlot;
import hestra.task.Truth;

/** Several small plots, of which one is picked by a click, by the arrow keys or by its letter. */
final class MatchPlotForm extends TaskForm {

    private static final double HEIGHT = 118;
    private static final int COLUMNS = 2;

    private static final double SECONDS = 3;
    private final SoundPlayer player = new SoundPlayer();
    private final Label heard = new Label("S plays the plot that has the keyboard.");
    private final MatchPlot task;
    private final Look look;
    private final GridPane grid = new GridPane();
    private final List<ToggleButton> buttons = new ArrayList<>();
    private Truth shown;

    MatchPlotForm(DeskModel model, MatchPlot task, Runnable check, Look look) {
        super(model, task, check);
        this.task = task;
        this.look = look;
        grid.getStyleClass().add("small-plots");
        for (int i = 0; i < COLUMNS; i++) {
            ColumnConstraints half = new ColumnConstraints();
            half.setPercentWidth(100.0 / COLUMNS);
            grid.getColumnConstraints().add(half);
        }
        heard.getStyleClass().add("small");
        getChildren().addAll(grid, heard);
        grid.addEventFilter(KeyEvent.KEY_PRESSED, this::typed);
        onShow(this::showPlots);
    }

    private void showPlots(Findings findings) {
        if (findings.part().indexOf(id()) >= 0 && findings.truth() != shown) {
            shown = findings.truth();
            build(findings);
        }
        OptionalInt picked = standing(Answer.Picked.class).option();
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setSelected(picked.isPresent() && picked.getAsInt() == i);
            // One stop for Tab: at what is picked, else at the first.
            buttons.get(i).setFocusTraversable(i == picked.orElse(0));
        }
    }

    private void build(Findings findings) {
        buttons.clear();
        grid.getChildren().clear();
        List<MatchPlot.Option> options = task.options(shown);
        for (int i = 0; i < options.size(); i++) {
            int option = i;
            SmallPlot plot = options.get(i).plot();
            FigureView figure = new FigureView(look, layout -> plot.describe(layout, findings.numbers().style()));
            figure.setPrefHeight(HEIGHT * look.type());
            figure.setMinHeight(HEIGHT * look.type());
            figure.setMouseTransparent(true);
            Label letter = new Label(MatchPlot.letter(i));
            letter.getStyleClass().add("plot-letter");
            StackPane inside = new StackPane(figure, letter);
            StackPane.setAlignment(letter, Pos.TOP_LEFT);
            ToggleButton button = new ToggleButton();
            button.setGraphic(inside);
            button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            button.getStyleClass().setAll("small-plot");
            button.setId(id() + "-option-" + MatchPlot.letter(i));
            button.setAccessibleText("Plot " + MatchPlot.letter(i) + ": " + plot.y() + " against " + plot.x() + ", "
                    + plot.describeInWords(findings.numbers().style()));
            button.setMaxWidth(Double.MAX_VALUE);
            inside.prefWidthProperty().bind(grid.widthProperty().divide(COLUMNS).subtract(22));
            button.setOnAction(_ -> draft(new Answer.Picked(OptionalInt.of(option))));
            buttons.add(button);
            grid.add(button, i % COLUMNS, i / COLUMNS);
        }
        buttons.stream().findFirst().ifPresent(this::offerFirst);
    }

    /** The plot that has the keyboard is heard: points, and with them the line that is drawn in it. */
    private void playOrStop(int at) {
        if (player.isPlaying()) {
            player.stop();
            return;
        }
        PlotSound sound = PlotSound.of(task.options(shown).get(at).plot());
        Part part = sound.parts().contains(Part.BOTH) ? Part.BOTH : Part.POINTS;
        player.play(sound.play(part, SECONDS), () -> heard.setText("This machine plays no sound."));
    }

    private void typed(KeyEvent event) {
        int at = buttons.indexOf(getScene().getFocusOwner());
        if (at >= 0 && event.getCode() == KeyCode.S && !event.isShortcutDown() && !event.isAltDown()) {
            playOrStop(at);
            event.consume();
            return;
        }
        int letter = event.getCode().isLetterKey() && !event.isShortcutDown() && !event.isAltDown()
                ? event.getCode().getChar().charAt(0) - 'A' : -1;
        int to = switch (event.getCode()) {
            case LEFT -> at - 1;
            case RIGHT -> at + 1;
            case UP -> at - COLUMNS;
            case DOWN -> at + COLUMNS;
            default -> letter;
        };
        if (at >= 0 && to >= 0 && to < buttons.size()) {
            buttons.get(to).requestFocus();
            draft(new Answer.Picked(OptionalInt.of(to)));
            event.consume();
        }
    }
}
