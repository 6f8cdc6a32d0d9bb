package hestra.desktop.demo;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.EnumSet;

import javax.imageio.ImageIO;

import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.desk.PlotEdit;
import hestra.documents.picture.FigurePainter;
import hestra.documents.picture.Palette;
import hestra.exercise.Exercise;
import hestra.figure.Figure;
import hestra.figure.Layer;
import hestra.figure.Layout;
import hestra.figure.ScatterPlot;
import hestra.tracing.KnownAxis;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;

/** A picture of the plot of the cooling flask, as if from an old report, half read off: for the tour. */
public final class FlaskPicture {

    private static final Layout SIZE = new Layout(620, 520, 1.15);
    private static final int PLACED = 9;

    private final Figure figure;

    private FlaskPicture(Figure figure) {
        this.figure = figure;
    }

    /** The picture of the flask's plot, points only. */
    public static FlaskPicture of(Exercise flask) {
        Desk desk = FixedPlot.truth(flask, flask.first()).desk();
        for (Layer layer : EnumSet.of(Layer.LINE, Layer.RESIDUALS)) {
            desk = desk.apply(new PlotEdit.ShowLayer(layer, false));
        }
        return new FlaskPicture(ScatterPlot.describe(Findings.of(desk).plot(), SIZE));
    }

    public Picture picture() throws IOException {
        BufferedImage image = new BufferedImage((int) figure.width(), (int) figure.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        FigurePainter.paint(figure, graphics, Palette.LIGHT);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return Picture.of(out.toByteArray());
    }

    /** Axes from 0 to 60 minutes and 0 to 60 degrees, and the first points. */
    public Tracing tracing() {
        double left = figure.x().pixel(0);
        double bottom = figure.y().pixel(0);
        PictureAxes axes = new PictureAxes(new KnownAxis(new PicturePoint(left, bottom), 0,
                new PicturePoint(figure.x().pixel(60), bottom), 60,
                false),
                new KnownAxis(new PicturePoint(left, bottom), 0, new PicturePoint(left, figure.y().pixel(60)), 60, false));
        return new Tracing(axes, figure.spots().stream().limit(PLACED)
                .map(spot -> new PicturePoint(spot.x(), spot.y())).toList());
    }
}
