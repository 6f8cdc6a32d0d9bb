package hestra.desktop.readings;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.chance.ChanceWords;
import hestra.chance.Play;
import hestra.desk.ChanceInView;
import hestra.desk.Findings;
import hestra.desktop.model.DeskModel;
import hestra.numbers.Counted;

import static hestra.desktop.parts.Presence.holdVisible;
import static hestra.desktop.parts.Presence.present;

/** What came of the draws, in one number and one sentence, and what the formula gives beside it. */
public final class ChanceCard extends VBox {

    private final Label title = new Label();
    private final Label headline = new Label();
    private final Label sentence = new Label();
    private final ShareBar bar = new ShareBar();
    private final GridPane values = new GridPane();
    private final Label meaning = new Label();

    public ChanceCard(DeskModel model) {
        getStyleClass().addAll("card", "chance-card");
        setId("chance-card");
        title.getStyleClass().add("small");
        headline.getStyleClass().add("headline");
        headline.setId("chance-headline");
        sentence.setId("chance-sentence");
        meaning.getStyleClass().add("small");
        meaning.setId("chance-meaning");
        List.of(headline, sentence, meaning).forEach(it -> {
            it.setWrapText(true);
            it.setMinHeight(USE_PREF_SIZE);
        });
        values.getStyleClass().add("values");
        ColumnConstraints name = new ColumnConstraints();
        name.setHgrow(Priority.ALWAYS);
        values.getColumnConstraints().add(name);
        getChildren().addAll(title, headline, sentence, bar, values, meaning);
        holdVisible(this);
        model.watch(this::show);
    }

    private void show(Findings findings) {
        Optional<ChanceInView> chance = findings.chance();
        present(this, chance.isPresent());
        chance.ifPresent(it -> show(findings, it));
    }

    private void show(Findings findings, ChanceInView chance) {
        Play play = chance.play();
        title.setText(play.title() + " · " + Counted.of(findings.pairs().n(), "point"));
        Optional<ChanceWords> words = chance.words(findings);
        present(headline, words.isPresent());
        present(bar, words.filter(ChanceWords::isShare).isPresent());
        present(values, words.isPresent());
        sentence.setText(words.map(ChanceWords::ofWhat)
                .orElseGet(() -> chance.title(findings)));
        present(meaning, words.isPresent());
        words.ifPresent(it -> show(findings, it));
    }

    private void show(Findings findings, ChanceWords words) {
        headline.setText(words.headline());
        if (words.isShare()) {
            bar.show(words.counted(), words.of(), words.isOfIntervals());
        }
        values.getChildren().clear();
        for (int row = 0; row < words.readings().size(); row++) {
            Label name = new Label(words.readings().get(row).name());
            Label value = new Label(words.readings().get(row).value());
            value.getStyleClass().add("reading-value");
            value.setId("chance-value-" + row);
            value.setMinWidth(USE_PREF_SIZE);
            values.addRow(row, name, value);
        }
        // What is asked by a task is not said here.
        Optional<String> asked = findings.whatAsks(words.asked().run().setup().play());
        meaning.setText(Stream.of(words.counting(), words.failed(), Optional.of(asked.orElseGet(words::meaning)))
                .flatMap(Optional::stream).collect(Collectors.joining(" ")));
    }

    /** A share of a whole as a bar. */
    private static final class ShareBar extends Region {

        private final Region part = new Region();
        private double share;

        private ShareBar() {
            getStyleClass().add("share-bar");
            part.getStyleClass().add("share");
            getChildren().add(part);
        }

        private void show(int counted, int of, boolean held) {
            getStyleClass().setAll(held ? "held-bar" : "share-bar");
            share = of == 0 ? 0 : (double) counted / of;
            requestLayout();
        }

        @Override
        protected void layoutChildren() {
            part.resizeRelocate(0, 0, snapSizeX(getWidth() * share), getHeight());
        }
    }
}
