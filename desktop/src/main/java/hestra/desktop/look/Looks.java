package hestra.desktop.look;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import javafx.application.Application;
import javafx.collections.ListChangeListener;
import javafx.collections.WeakListChangeListener;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ContextMenu;
import javafx.scene.text.Font;
import javafx.stage.Window;

import atlantafx.base.theme.PrimerLight;
import hestra.documents.picture.Palette;

/** The style sheets and typefaces of the program. */
public final class Looks {

    private static final String[] FONTS = {
        "SourceSans3-Regular", "SourceSans3-Semibold", "SourceSans3-It", "SourceSerif4-Regular", "SourceSerif4-Semibold",
        "SourceCodePro-Regular", "SourceCodePro-Semibold"
    };
    private static final String DARK = "dark";
    private static final String HIGH_CONTRAST = "high-contrast";
    private static final double USUAL_SIZE = 14;
    private static final String FAMILY = "-fx-font-family: \"Source Sans 3\"; ";

    private Looks() {}

    /** Loads the typefaces and the theme; once, before the first window. */
    public static void prepare() {
        prepare(typefaces());
    }

    /** The files of the typefaces; may be read on any thread. */
    public static List<byte[]> typefaces() {
        return Stream.of(FONTS).map(font -> {
            try (InputStream in = Objects.requireNonNull(Palette.class.getResourceAsStream("/hestra/fonts/" + font + ".ttf"))) {
                return in.readAllBytes();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }).toList();
    }

    /** The same with typefaces that have been read already. */
    public static void prepare(List<byte[]> typefaces) {
        typefaces.forEach(file -> Font.loadFont(new ByteArrayInputStream(file), USUAL_SIZE));
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
    }

    public static void sheets(Scene scene) {
        scene.getStylesheets().addAll(
                Objects.requireNonNull(Palette.class.getResource(Palette.TOKENS)).toExternalForm(),
                Objects.requireNonNull(Looks.class.getResource("hestra.css")).toExternalForm());
    }

    /** Has a window's root follow the look: dark or light, and the size of type. */
    public static void dress(Parent root, Look look) {
        Runnable dress = () -> {
            root.getStyleClass().removeAll(DARK, HIGH_CONTRAST);
            if (look.darkProperty().get()) {
                root.getStyleClass().add(DARK);
            }
            if (look.highContrastProperty().get()) {
                root.getStyleClass().add(HIGH_CONTRAST);
            }
            root.setStyle(size(look));
        };
        look.paletteProperty().addListener((_, _, _) -> dress.run());
        look.typeProperty().addListener(_ -> dress.run());
        dress.run();
        dressMenus(root, look);
    }

    /** Menus have the type of the rest, however small the button is that opens them. */
    private static void dressMenus(Parent root, Look look) {
        ListChangeListener<Window> opened = change -> {
            while (change.next()) {
                change.getAddedSubList().stream().filter(ContextMenu.class::isInstance).map(ContextMenu.class::cast)
                        .filter(menu -> isOf(menu, root)).forEach(menu -> menu.setStyle(FAMILY + size(look)));
            }
        };
        // The root holds it: a window that is closed is let go.
        root.getProperties().put(ContextMenu.class, opened);
        Window.getWindows().addListener(new WeakListChangeListener<>(opened));
    }

    private static boolean isOf(ContextMenu menu, Parent root) {
        return menu.getOwnerWindow() != null && menu.getOwnerWindow().getScene() == root.getScene();
    }

    private static String size(Look look) {
        return String.format(Locale.ROOT, "-fx-font-size: %.1fpx;", USUAL_SIZE * look.type());
    }
}
