package hestra.desktop.sheet;

import java.io.ByteArrayInputStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.FixedPlot;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.parts.Formula;
import hestra.desktop.parts.ProseView;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.figure.PlotContent;
import hestra.figure.ScatterPlot;
import hestra.numbers.DecimalMark;
import hestra.tracing.Picture;

/** A block of a sheet that asks nothing: text, a picture, a figure, the printed table, a formula. */
public final class BlockView extends VBox {

    private static final double FIGURE = 250;
    private static final double WIDEST = 420;

    private final Part part;
    private final DecimalMark mark;

    private BlockView(Block block, Part part, DecimalMark mark) {
        this.part = part;
        this.mark = mark;
        setId("block-" + block.id());
        getStyleClass().add("sheet-block");
    }

    /** The view of a block on the sheet of a part. */
    public static BlockView of(Block block, Part part, Exercise exercise, Look look) {
        BlockView view = new BlockView(block, part, exercise.mark());
        switch (block) {
            case Block.Prose(String _, String text) ->
                    view.getChildren().add(new ProseView(LiveText.fill(text, part, exercise.mark())));
            case Block.Illustration(String _, Picture picture, String caption, String alternative) ->
                    view.captioned(picture(picture, alternative), caption);
            case Block.Plot plot -> view.captioned(figure(plot, part, exercise, look), plot.caption());
            case Block.Printed(String _, String caption) -> view.captioned(new PrintedTable(part.data()), caption);
            case Block.Formula(String _, String formula) -> view.formula(LiveText.fill(formula, part, exercise.mark()));
            case Block.Strange strange ->
                    view.captioned(new Label(), "Here stands " + strange.inWords() + ". A newer Hestra can show it.");
            case Block.Asked _ -> throw new IllegalArgumentException("a task has a card");
        }
        return view;
    }

    private void captioned(Node node, String text) {
        getChildren().add(node);
        if (!text.isBlank()) {
            Label caption = new Label(LiveText.fill(text, part, mark));
            caption.getStyleClass().add("small");
            caption.setWrapText(true);
            caption.setMinHeight(Region.USE_PREF_SIZE);
            getChildren().add(caption);
        }
    }

    private void formula(String formula) {
        Region set = Formula.wrapping(formula);
        set.getStyleClass().add("sheet-formula");
        getChildren().add(set);
    }

    private static Node picture(Picture picture, String alternative) {
        Image image = new Image(new ByteArrayInputStream(picture.bytes()));
        ImageView view = new ImageView(image);
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.setFitWidth(Math.min(image.getWidth(), WIDEST));
        view.setAccessibleText(alternative);
        // In a narrow sheet a picture gets smaller; it never grows beyond itself.
        return new Fitting(view, Math.min(image.getWidth(), WIDEST));
    }

    private static Node figure(Block.Plot plot, Part part, Exercise exercise, Look look) {
        PlotContent content = FixedPlot.of(exercise, part, plot);
        FigureView figure = new FigureView(look, layout -> ScatterPlot.describe(content, layout));
        figure.setMinHeight(FIGURE);
        figure.setPrefHeight(FIGURE);
        figure.setMouseTransparent(true);
        figure.setAccessibleText("Plot of " + part.y().described() + " against " + part.x().described());
        return figure;
    }

    /** Holds a picture to the width there is. */
    private static final class Fitting extends VBox {
        private final ImageView view;
        private final double widest;

        Fitting(ImageView view, double widest) {
            super(view);
            this.view = view;
            this.widest = widest;
            setMinWidth(0);
        }

        @Override
        protected void layoutChildren() {
            view.setFitWidth(Math.clamp(getWidth(), 1, widest));
            super.layoutChildren();
        }

        @Override
        protected double computePrefWidth(double height) {
            return 0;
        }

        @Override
        protected double computePrefHeight(double width) {
            double shown = width <= 0 ? widest : Math.min(width, widest);
            return shown * view.getImage().getHeight() / view.getImage().getWidth();
        }
    }
}
