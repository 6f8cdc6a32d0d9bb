package hestra.desktop.parts;

import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

import org.junit.jupiter.api.Test;

import static hestra.desktop.parts.Presence.holdVisible;
import static hestra.desktop.parts.Presence.present;
import static org.assertj.core.api.Assertions.assertThat;

class PresenceTest {

    private final Region first = new Region();
    private final Region second = new Region();
    private final Region third = new Region();
    private final Pane pane = new Pane(first, second, third);

    @Test
    void partsThatAreNotThereStandOutsideThePane() {
        present(second, false);
        holdVisible(pane);
        assertThat(pane.getChildren()).containsExactly(first, third);
        present(first, false);
        assertThat(pane.getChildren()).containsExactly(third);
    }

    @Test
    void theyComeBackInTheirOrder() {
        holdVisible(pane);
        present(first, false);
        present(second, false);
        present(third, false);
        assertThat(pane.getChildren()).isEmpty();
        present(third, true);
        present(first, true);
        present(second, true);
        assertThat(pane.getChildren()).containsExactly(first, second, third);
        assertThat(pane.getChildren()).allMatch(Node::isManaged);
    }

    @Test
    void sayingTwiceThatAPartIsThereChangesNothing() {
        holdVisible(pane);
        present(second, true);
        present(second, true);
        assertThat(pane.getChildren()).containsExactly(first, second, third);
    }
}
