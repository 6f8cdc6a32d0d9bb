package hestra.desktop.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.scene.layout.Pane;

import hestra.documents.picture.Palette;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The look follows each choice, one after the other, and what the system asks for. */
class LookTest {

    @Test
    void everyChoiceIsFollowedWhetherSomebodyLookedMeanwhileOrNot() {
        Look look = new Look();
        Pane root = new Pane();
        Looks.dress(root, look);
        look.highContrastProperty().set(true);
        look.darkProperty().set(true);
        assertThat(root.getStyleClass()).contains("dark", "high-contrast");
        assertThat(look.palette()).isSameAs(Palette.HIGH_CONTRAST_DARK);
        look.highContrastProperty().set(false);
        assertThat(root.getStyleClass()).contains("dark").doesNotContain("high-contrast");
        look.darkProperty().set(false);
        assertThat(root.getStyleClass()).doesNotContain("dark", "high-contrast");
        assertThat(look.palette()).isSameAs(Palette.LIGHT);
    }

    @Test
    void oneThatGoesAlongsideHasTheSameLook() {
        Look look = new Look();
        Look other = look.alongside();
        look.highContrastProperty().set(true);
        assertThat(other.palette()).isSameAs(Palette.HIGH_CONTRAST);
    }

    @Test
    void typeGoesUpInStepsToTwiceTheUsualAndDownAgain() {
        Look look = new Look();
        List<Double> sizes = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            sizes.add(look.type());
            look.nextType();
        }
        assertThat(sizes).isSorted().startsWith(1.0).endsWith(2.0).hasSize(7);
        assertThat(look.type()).isEqualTo(1);
        look.smallerType();
        assertThat(look.type()).as("the usual is the smallest").isEqualTo(1);
        look.nextType();
        look.nextType();
        look.smallerType();
        assertThat(look.type()).isEqualTo(1.2);
    }

    @Test
    void highContrastIsKnownByThePreferencesOfThePlatform() {
        assertThat(SystemLook.isOfHighContrast(Map.of("Windows.SPI.HighContrast", true))).isTrue();
        assertThat(SystemLook.isOfHighContrast(Map.of("Windows.SPI.HighContrast", false))).isFalse();
        assertThat(SystemLook.isOfHighContrast(Map.of("GTK.theme_name", "HighContrastInverse"))).isTrue();
        assertThat(SystemLook.isOfHighContrast(Map.of("GTK.theme_name", "Adwaita"))).isFalse();
        assertThat(SystemLook.isOfHighContrast(Map.of())).isFalse();
    }
}
