package hestra.desktop.window;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.files.Version;
import hestra.desktop.parts.Clip;

/** Which Hestra this is, what it runs on and where its folder lies: what one is asked who asks for help. */
final class AboutBoard extends Board {

    private static final double WIDTH = 460;

    AboutBoard() {
        super("about-board", "About Hestra", "Interactive exercises on two measured variables.", contents());
    }

    private static Region contents() {
        List<String> lines = Version.here().lines();
        VBox box = new VBox(10);
        box.setPrefWidth(WIDTH);
        for (int i = 0; i < lines.size(); i++) {
            Label line = new Label(lines.get(i));
            line.setId("about-" + i);
            line.setWrapText(true);
            box.getChildren().add(line);
        }
        Button copy = new Button("Copy these lines");
        copy.setId("about-copy");
        copy.getStyleClass().setAll("quiet");
        copy.setOnAction(_ -> {
            Clip.put(String.join("\n", lines));
        });
        box.getChildren().add(copy);
        return box;
    }
}
