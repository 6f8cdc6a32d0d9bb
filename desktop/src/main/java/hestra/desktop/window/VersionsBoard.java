package hestra.desktop.window;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import hestra.desktop.files.EarlierVersion;
import hestra.desktop.parts.Literally;

/** The exercise as it was saved earlier, the newest first; one of them can be brought back. */
final class VersionsBoard extends Board {

    private static final double WIDTH = 460;

    private final VBox list;

    VersionsBoard(List<EarlierVersion> versions, Consumer<EarlierVersion> chosen) {
        this(versions, chosen, new VBox(6));
    }

    private VersionsBoard(List<EarlierVersion> versions, Consumer<EarlierVersion> chosen, VBox list) {
        super("versions", "Earlier versions",
                "The exercise as you saved it, each time. One that you bring back takes the place of what is there; undo takes "
                + "it back.", list);
        this.list = list;
        list.setPrefWidth(WIDTH);
        for (int i = 0; i < versions.size(); i++) {
            EarlierVersion version = versions.get(i);
            Button button = Literally.said(new Button("saved " + version.when(LocalDate.now(), ZoneId.systemDefault())));
            button.setId("version-" + i);
            button.getStyleClass().setAll("shelf-card");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(_ -> {
                leave();
                chosen.accept(version);
            });
            list.getChildren().add(button);
        }
        if (versions.isEmpty()) {
            Label none = new Label("Nothing yet. From now on every time you save is kept here.");
            none.getStyleClass().add("small");
            list.getChildren().add(none);
        }
    }
}
