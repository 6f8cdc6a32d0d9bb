package hestra.desktop.write;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.KeyLine;

import static hestra.desktop.parts.Presence.present;

/**
 * What can be put in at a place of the sheet, found by typing: every kind of task with an example of what it asks, and what else
 * a sheet is made of. Arrows go along it, Enter takes what is lit, Escape puts it away.
 */
final class PlusCard extends VBox {

    private static final double HEIGHT = 252;
    /** Of a line, about. */
    private static final double LINE = 30;
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    /**
     * Something that can be put in.
     *
     * @param code names it among the others
     * @param title what it is called
     * @param example what it is like, in a few words
     * @param also what else it is found by
     */
    record Offer(String code, String title, String example, String also, Runnable add) {
        Offer(String code, String title, String example, Runnable add) {
            this(code, title, example, "", add);
        }

        private boolean isFoundBy(String words) {
            return KeyLine.isFound(title + " " + example + " " + also, words);
        }
    }

    private final List<Offer> offers;
    private final Runnable leave;
    private final TextField find = new TextField();
    private final VBox list = new VBox();
    private final ScrollPane scroll = new ScrollPane(list);
    private final Label none = new Label("Nothing is called so. Try “read”, “predict” or “question”.");
    private List<Offer> found = new ArrayList<>();
    private int chosen;

    PlusCard(List<Offer> offers, Runnable leave) {
        this.offers = List.copyOf(offers);
        this.leave = leave;
        setId("plus-card");
        getStyleClass().add("plus-card");
        find.setId("plus-find");
        find.setPromptText("Type to find: a task, text, picture, table…");
        find.textProperty().addListener(_ -> search());
        find.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        list.getStyleClass().add("plus-list");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        none.getStyleClass().add("small");
        none.setWrapText(true);
        getChildren().addAll(find, none, scroll);
        focusWithinProperty().addListener((_, _, within) -> {
            if (!within) {
                leave.run();
            }
        });
        search();
    }

    /** Puts the keyboard where one types. */
    void begin() {
        find.requestFocus();
    }

    private void search() {
        found = offers.stream().filter(offer -> offer.isFoundBy(find.getText())).toList();
        String words = find.getText().toLowerCase(Locale.ROOT).strip();
        found = found.stream().sorted(Comparator.comparingInt(offer -> rank(offer, words))).toList();
        list.getChildren().setAll(found.stream().map(this::row).toList());
        present(none, found.isEmpty());
        present(scroll, !found.isEmpty());
        scroll.setPrefHeight(Math.min(HEIGHT, found.size() * LINE + 2));
        light(0);
    }

    /**
     * What is called exactly so comes first, then what begins so, then what has it in its title, in its example, and what is
     * found by it otherwise.
     */
    private static int rank(Offer offer, String words) {
        String title = offer.title().toLowerCase(Locale.ROOT);
        List<Boolean> ranks = List.of(title.equals(words), title.startsWith(words), title.contains(words), offer.example()
                .toLowerCase(Locale.ROOT).contains(words), true);
        return ranks.indexOf(true);
    }

    private Button row(Offer offer) {
        Label title = new Label(offer.title());
        title.getStyleClass().add("plus-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        Label example = new Label(offer.example());
        example.getStyleClass().add("small");
        example.setMinWidth(0);
        HBox.setHgrow(example, Priority.ALWAYS);
        HBox line = new HBox(10, title, example);
        Button row = new Button("", line);
        row.setId("plus-" + offer.code());
        row.getStyleClass().setAll("plus-offer");
        row.setMaxWidth(Double.MAX_VALUE);
        row.setFocusTraversable(false);
        row.setAccessibleText(offer.title() + ": " + offer.example());
        row.setOnAction(_ -> take(offer));
        return row;
    }

    private void take(Offer offer) {
        leave.run();
        offer.add().run();
    }

    private void light(int place) {
        chosen = found.isEmpty() ? -1 : Math.floorMod(place, found.size());
        for (int i = 0; i < list.getChildren().size(); i++) {
            list.getChildren().get(i).pseudoClassStateChanged(CHOSEN, i == chosen);
        }
        if (chosen >= 0 && list.getHeight() > scroll.getHeight()) {
            double y = list.getChildren().get(chosen).getBoundsInParent().getCenterY();
            scroll.setVvalue(Math.clamp((y - scroll.getHeight() / 2) / (list.getHeight() - scroll.getHeight()), 0, 1));
        }
    }

    private void key(KeyEvent event) {
        Consumer<Integer> move = by -> light(chosen + by);
        if (event.getCode() == KeyCode.DOWN) {
            move.accept(1);
        } else if (event.getCode() == KeyCode.UP) {
            move.accept(-1);
        } else if (event.getCode() == KeyCode.ENTER && chosen >= 0) {
            take(found.get(chosen));
        } else if (event.getCode() == KeyCode.ESCAPE) {
            leave.run();
        } else {
            return;
        }
        event.consume();
    }
}
