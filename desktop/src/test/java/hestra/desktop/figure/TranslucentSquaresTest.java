package hestra.desktop.figure;

import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import javafx.geometry.Rectangle2D;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;

import hestra.desktop.UnseenScreen;
import hestra.desktop.tour.FxThread;
import hestra.figure.Ink;
import hestra.figure.Mark;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Many half transparent squares drawn as one picture are as dark at each pixel as if they were drawn one over the other. */
class TranslucentSquaresTest {

    private static final int WIDTH = 90;
    private static final int HEIGHT = 70;
    private static final double OPACITY = 0.2;

    private final TranslucentSquares squares = new TranslucentSquares();

    @BeforeAll
    static void platform() throws IOException {
        UnseenScreen.start();
    }

    private static Mark.Box box(double x, double y, double width, double height) {
        return new Mark.Box(x, y, width, height, 0, Ink.RESIDUAL, OPACITY);
    }

    /** Draws on a canvas that is cleared first, as a figure does. */
    private PixelReader drawn(Canvas canvas, List<Mark.Box> boxes) throws IOException {
        return FxThread.call(() -> {
            canvas.getGraphicsContext2D().clearRect(0, 0, WIDTH, HEIGHT);
            squares.draw(canvas.getGraphicsContext2D(), boxes, List.of(), Color.BLACK);
            SnapshotParameters plain = new SnapshotParameters();
            plain.setFill(Color.WHITE);
            plain.setViewport(new Rectangle2D(0, 0, WIDTH, HEIGHT));
            return canvas.snapshot(plain, new WritableImage(WIDTH, HEIGHT)).getPixelReader();
        });
    }

    private static void expect(PixelReader seen, List<Mark.Box> boxes, String when) {
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double px = x + 0.5;
                double py = y + 0.5;
                long over = boxes.stream().filter(it -> px > it.x() && px < it.x() + it.width() && py > it.y()
                        && py < it.y() + it.height()).count();
                assertThat(seen.getColor(x, y).getBrightness()).as(when + ", pixel " + x + ", " + y + " under " + over)
                        .isEqualTo(Math.pow(1 - OPACITY, over), within(0.01));
            }
        }
    }

    @Test
    void eachPixelIsAsDarkAsTheSquaresOverItMakeItAndNothingStaysOfThoseBefore() throws IOException {
        Random random = new Random(7);
        Canvas canvas = FxThread.call(() -> new Canvas(WIDTH, HEIGHT));
        for (int time = 0; time < 6; time++) {
            int largest = time % 2 == 0 ? 80 : 20;
            List<Mark.Box> boxes = IntStream.range(0, 14).mapToObj(_ -> box(random.nextInt(WIDTH) - 10.0,
                    random.nextInt(HEIGHT) - 10.0, 1 + random.nextInt(largest), 1 + random.nextInt(largest))).toList();
            expect(drawn(canvas, boxes), boxes, "drawing " + time);
        }
        List<Mark.Box> outside = List.of(box(WIDTH + 5, 0, 10, 10));
        expect(drawn(canvas, outside), outside, "none in view");
    }
}
