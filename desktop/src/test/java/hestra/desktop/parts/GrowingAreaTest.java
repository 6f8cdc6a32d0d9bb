package hestra.desktop.parts;

import java.io.IOException;

import hestra.desktop.UnseenScreen;
import hestra.desktop.tour.FxThread;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A field that grows is as high as its text, and no higher before it knows how wide it is. */
class GrowingAreaTest {

    @Test
    void beforeItHasAWidthItIsALineHigh() throws IOException {
        UnseenScreen.start();
        double[] heights = FxThread.call(() -> {
            GrowingArea area = new GrowingArea();
            area.setPromptText("Say what it shows");
            return new double[] {area.minHeight(-1), area.minHeight(400), area.minHeight(30),
                area.prefHeight(-1)};
        });
        assertThat(heights[0]).isEqualTo(heights[1]);
        assertThat(heights[3]).isEqualTo(heights[1]);
        assertThat(heights[2]).as("where there is no room for it in one line").isGreaterThan(2 * heights[1]);
    }
}
