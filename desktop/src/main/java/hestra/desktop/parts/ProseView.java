package hestra.desktop.parts;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

import hestra.documents.page.Prose;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;

/** Light mark-up laid out as text: paragraphs, emphasis, lists and small headings. */
public final class ProseView extends VBox {

    /** Stands before and behind a value that follows the data, in a text that is to show which they are. */
    private static final String VALUE = "\ue000";

    /** The value, so marked that it is set as one that follows the data. */
    public static String live(String value) {
        return VALUE + value + VALUE;
    }

    public ProseView(String markup) {
        getStyleClass().add("prose");
        show(markup);
    }

    /** Shows other text. */
    public void show(String markup) {
        getChildren().clear();
        blocks(Prose.parse(markup), "");
    }

    private void blocks(Node parent, String bullet) {
        int number = parent instanceof OrderedList list && list.getMarkerStartNumber() != null ? list.getMarkerStartNumber() : 1;
        for (Node node = parent.getFirstChild(); node != null; node = node.getNext()) {
            switch (node) {
                case Paragraph paragraph -> add(paragraph, bullet, "paragraph");
                case Heading heading -> add(heading, bullet, "prose-heading");
                case BulletList list -> blocks(list, "•  ");
                case OrderedList list -> blocks(list, "1");
                case ListItem item -> blocks(item, parent instanceof OrderedList ? number++ + ".  " : "•  ");
                default -> blocks(node, bullet);
            }
        }
    }

    private void add(Node block, String bullet, String style) {
        List<javafx.scene.Node> texts = new ArrayList<>();
        if (!bullet.isEmpty()) {
            texts.add(new Text(bullet));
        }
        inline(block, texts, style.equals("prose-heading") ? "strong" : "");
        texts.forEach(text -> text.getStyleClass().add("prose-text"));
        TextFlow flow = new TextFlow(texts.toArray(javafx.scene.Node[]::new));
        flow.getStyleClass().add(style);
        getChildren().add(flow);
    }

    private static void inline(Node parent, List<javafx.scene.Node> texts, String style) {
        for (Node node = parent.getFirstChild(); node != null; node = node.getNext()) {
            switch (node) {
                case org.commonmark.node.Text text -> literal(text.getLiteral(), texts, style);
                case Code code -> texts.add(styled(code.getLiteral(), "code"));
                case Emphasis emphasis -> inline(emphasis, texts, style.equals("strong") ? "strong-emphasis" : "emphasis");
                case StrongEmphasis strong -> inline(strong, texts, style.equals("emphasis") ? "strong-emphasis" : "strong");
                case SoftLineBreak _ -> texts.add(styled(" ", style));
                case HardLineBreak _ -> texts.add(styled("\n", style));
                default -> inline(node, texts, style);
            }
        }
    }

    /** A piece of text; every second of what the marks part is a live value. */
    private static void literal(String content, List<javafx.scene.Node> texts, String style) {
        String[] pieces = content.split(VALUE, -1);
        for (int i = 0; i < pieces.length; i++) {
            if (i % 2 == 1) {
                Label chip = new Label(pieces[i]);
                chip.getStyleClass().add("live-value");
                texts.add(chip);
            } else if (!pieces[i].isEmpty()) {
                texts.add(styled(pieces[i], style));
            }
        }
    }

    private static Text styled(String content, String style) {
        Text text = new Text(content);
        if (!style.isEmpty()) {
            text.getStyleClass().add(style);
        }
        return text;
    }
}
