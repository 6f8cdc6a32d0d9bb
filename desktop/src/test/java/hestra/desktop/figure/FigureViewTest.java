package hestra.desktop.figure;

import java.io.IOException;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

import hestra.data.Pairs;
import hestra.desktop.UnseenScreen;
import hestra.desktop.look.Look;
import hestra.desktop.tour.FxThread;
import hestra.figure.Thumbnail;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A figure is described once for each change, however often it is laid out. */
class FigureViewTest {

    @BeforeAll
    static void platform() throws IOException {
        UnseenScreen.start();
    }

    @Test
    void aFigureIsDescribedOnceForEachChange() throws IOException {
        AtomicInteger described = new AtomicInteger();
        FigureView view = FxThread.call(() -> {
            FigureView shown = new FigureView(new Look(), layout -> {
                described.incrementAndGet();
                return Thumbnail.describe(Pairs.of(new double[] {1, 2, 3}, new double[] {2, 3, 5}), layout);
            });
            Stage stage = new Stage();
            stage.setScene(new Scene(new StackPane(shown), 300, 200));
            stage.show();
            return shown;
        });
        FxThread.settle();
        int before = described.get();
        for (int layouts = 0; layouts < 3; layouts++) {
            FxThread.call(() -> {
                view.requestLayout();
                return null;
            });
            FxThread.settle();
        }
        assertThat(described.get()).as("laid out again, nothing changed").isEqualTo(before);
        FxThread.call(() -> {
            view.changed();
            view.changed();
            view.getScene().getRoot().layout();
            view.requestLayout();
            return null;
        });
        FxThread.settle();
        assertThat(described.get()).as("changed twice in one frame, laid out twice").isEqualTo(before + 1);
    }
}
