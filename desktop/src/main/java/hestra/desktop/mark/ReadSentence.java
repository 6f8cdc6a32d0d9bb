package hestra.desktop.mark;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

import hestra.sentences.Aspect;
import hestra.sentences.Passage;

/**
 * A sentence as Hestra read it: the words by which something was found in it are underlined, each kind of thing in its tone, and
 * below stands which tone is what. Seven tones are told apart by their colours, and from the second round by a broken line.
 */
final class ReadSentence extends VBox {

    private static final int TONES = 7;

    /**
     * Shows a sentence.
     *
     * @param sentence as it was written
     * @param passages the words by which something was found, in their order
     */
    ReadSentence(String sentence, List<Passage> passages) {
        super(4);
        List<Aspect> aspects = passages.stream().map(Passage::aspect).distinct().sorted().toList();
        List<Node> parts = new ArrayList<>();
        int at = 0;
        parts.add(words("“"));
        for (Passage passage : passages) {
            parts.add(words(sentence.substring(at, passage.from())));
            Label found = passage(sentence.substring(passage.from(), passage.to()), passage, aspects);
            found.getStyleClass().add("group-answer");
            found.setTooltip(new Tooltip(passage.aspect().inWords()));
            parts.add(found);
            at = passage.to();
        }
        parts.add(words(sentence.substring(at) + "”"));
        TextFlow flow = new TextFlow(parts.toArray(Node[]::new));
        flow.setMinHeight(USE_PREF_SIZE);
        flow.setAccessibleText(sentence);
        FlowPane legend = new FlowPane(10, 2);
        for (Aspect aspect : aspects) {
            passages.stream().filter(it -> it.aspect() == aspect).findFirst().map(it -> passage(name(it), it, aspects))
                    .ifPresent(it -> {
                        it.getStyleClass().add("small");
                        legend.getChildren().add(it);
                    });
        }
        getChildren().addAll(flow, legend);
    }

    private static String name(Passage passage) {
        return passage.isWrong() ? "against: " + passage.aspect().inWords() : passage.aspect().inWords();
    }

    private static Text words(String text) {
        Text words = new Text(text);
        words.getStyleClass().add("read-words");
        return words;
    }

    private static Label passage(String text, Passage passage, List<Aspect> aspects) {
        Label label = new Label(text);
        int tone = aspects.indexOf(passage.aspect());
        label.getStyleClass().addAll("passage", passage.isWrong() ? "passage-wrong" : "passage-" + tone % TONES);
        if (tone >= TONES) {
            label.getStyleClass().add("passage-broken");
        }
        return label;
    }
}
