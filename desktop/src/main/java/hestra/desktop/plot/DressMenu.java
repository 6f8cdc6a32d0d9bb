package hestra.desktop.plot;

import java.util.Locale;
import java.util.Map;
import java.util.function.BiFunction;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;

import hestra.desk.PlotEdit;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.documents.picture.Palette;
import hestra.figure.Dress;
import hestra.figure.Dress.Size;
import hestra.figure.Hue;
import hestra.figure.Sign;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** How the plot looks: a few good choices. */
public final class DressMenu extends MenuButton {

    private static final Map<Sign, String> SIGNS = Map.of(Sign.DISC, "disc", Sign.TRIANGLE, "triangle", Sign.SQUARE, "square",
            Sign.WEDGE, "wedge",
            Sign.LOZENGE, "lozenge", Sign.BAR, "bar");

    private final DeskModel model;

    public DressMenu(DeskModel model, Look look, PlotView plot) {
        super("", new FontIcon(Feather.SLIDERS));
        this.model = model;
        setId("dress");
        getStyleClass().addAll("icon-button", "menu", "take-away");
        setAccessibleText("How the plot looks");
        Tip.set(this, "how the plot looks: title, points and their colour, lines, grid, black on white, larger type");
        Menu signs = new Menu("Points");
        ToggleGroup group = new ToggleGroup();
        for (Sign sign : Sign.values()) {
            RadioMenuItem item = Literally.said(new RadioMenuItem(SIGNS.get(sign)));
            item.setId("sign-" + SIGNS.get(sign));
            item.setUserData(sign);
            item.setToggleGroup(group);
            item.setOnAction(_ -> dress(dress().with(sign)));
            signs.getItems().add(item);
        }
        Menu hues = new Menu("Colour of points");
        ToggleGroup hueGroup = new ToggleGroup();
        for (Hue hue : Hue.values()) {
            RadioMenuItem item = Literally.said(new RadioMenuItem(hue.inWords()));
            item.setId("hue-" + hue.inWords());
            item.setUserData(hue);
            item.setToggleGroup(hueGroup);
            item.setOnAction(_ -> dress(dress().withPoints(hue)));
            hues.getItems().add(item);
        }
        Menu points = sizes("Size of points", "points", Dress::withPoints);
        Menu lines = sizes("Line thickness", "lines", Dress::withLines);
        CheckMenuItem grid = new CheckMenuItem("Grid");
        grid.setId("dress-grid");
        grid.setOnAction(_ -> dress(dress().withGrid(grid.isSelected())));
        CheckMenuItem print = new CheckMenuItem("Black on white");
        print.setId("dress-print");
        print.setOnAction(_ -> dress(dress().withBlackOnWhite(print.isSelected())));
        MenuItem type = new MenuItem("Larger type (F8)");
        type.setOnAction(_ -> look.nextType());
        MenuItem usual = new MenuItem("As usual");
        usual.setId("dress-usual");
        usual.setOnAction(_ -> dress(usual()));
        MenuItem title = new MenuItem("Title\u2026");
        title.setId("dress-title");
        title.setOnAction(_ -> plot.editTitle());
        getItems().addAll(title, signs, hues, points, lines, grid, print, type, new SeparatorMenuItem(), usual);
        setOnShowing(_ -> {
            Dress now = dress();
            check(signs, now.sign());
            check(hues, now.pointHue().orElse(Hue.BLUE));
            check(points, now.points());
            check(lines, now.lines());
            grid.setSelected(now.grid());
            print.setSelected(now.blackOnWhite());
            signs.setDisable(model.findings().work().drawnRoles().group().isPresent());
            usual.setDisable(now.equals(usual()));
        });
    }

    private Menu sizes(String title, String id, BiFunction<Dress, Size, Dress> with) {
        Menu menu = Literally.said(new Menu(title));
        ToggleGroup group = new ToggleGroup();
        for (Size size : Size.values()) {
            RadioMenuItem item = Literally.said(new RadioMenuItem(size.inWords()));
            item.setId(id + "-" + size.name().toLowerCase(Locale.ROOT));
            item.setUserData(size);
            item.setToggleGroup(group);
            item.setOnAction(_ -> dress(with.apply(dress(), size)));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static void check(Menu menu, Object chosen) {
        menu.getItems().forEach(item -> ((RadioMenuItem) item).setSelected(chosen.equals(item.getUserData())));
    }

    /** The usual dress; a title stays. */
    private Dress usual() {
        return Dress.USUAL.withTitle(dress().title());
    }

    private Dress dress() {
        return model.findings().work().plot().dress();
    }

    private void dress(Dress changed) {
        model.apply(new PlotEdit.DressPlot(changed));
    }

    /** The colours of the plot: the window's, or black on white where that was chosen. */
    static Palette palette(DeskModel model, Look look) {
        return model.findings().work().plot().dress().blackOnWhite() ? Palette.PRINT : look.palette();
    }
}
