package hestra.desktop.mark;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

import hestra.desktop.look.Look;
import hestra.desktop.parts.QuietButton;
import hestra.marking.AnswerGroup;
import hestra.marking.Turned;
import hestra.numbers.Counted;
import hestra.task.Key;
import hestra.task.Task;

import static hestra.desktop.mark.Labels.small;

/** The answers to the task in hand, those that say the same together. */
final class GroupList {

    private static final int MOST = 30;

    private final MarkModel model;
    private final Look look;
    private final CardList list = new CardList("mark-groups");
    private Optional<String> task = Optional.empty();

    GroupList(MarkModel model, Look look) {
        this.model = model;
        this.look = look;
    }

    Node node() {
        return list;
    }

    void show(MarkModel.Shown shown) {
        list.clear();
        if (shown.task().isEmpty()) {
            list.add(small("This exercise asks nothing."));
            return;
        }
        Task asked = shown.task().get();
        // Figures watch the look; those of an earlier list are to be forgotten with it.
        Look here = look.alongside();
        Label title = new Label((shown.work().exercise().indexOf(asked.id()) + 1) + " · " + asked.terms().title());
        title.getStyleClass().add("group-title");
        title.setWrapText(true);
        title.setMinHeight(Label.USE_PREF_SIZE);
        list.add(title, small(about(asked, shown)));
        shown.work().turned(asked).forEach(it -> list.add(turned(it, shown)));
        List<AnswerGroup> groups = shown.groups();
        // Of very many only those about the one in hand are shown: nobody reads hundreds at once.
        int from = groups.size() <= MOST
                ? 0 : Math.clamp(shown.group().map(groups::indexOf).orElse(0) - MOST / 3, 0, groups.size() - MOST);
        int to = Math.min(groups.size(), from + MOST);
        if (from > 0) {
            list.add(small("… " + Counted.of(from, "group") + " above. ↑ goes there."));
        }
        for (AnswerGroup group : groups.subList(from, to)) {
            GroupCard card = new GroupCard(model, here, asked, group, shown);
            card.setId("group-" + (groups.indexOf(group) + 1));
            list.add(card);
            if (shown.group().filter(it -> MarkState.idOf(it).equals(MarkState.idOf(group))).isPresent()) {
                list.bringIntoView(card);
            }
        }
        if (to < groups.size()) {
            list.add(small("… " + Counted.of(groups.size() - to, "more group") + ". ↓ goes there."));
        }
        if (!task.equals(Optional.of(asked.id()))) {
            task = Optional.of(asked.id());
            list.toTop();
        }
    }

    /** A decision that was made under another key or other marks: it stands again, or the answers are looked at again. */
    private VBox turned(Turned turned, MarkModel.Shown shown) {
        String marks = model.inMarks().counted(turned.points().marks());
        Label words = new Label(turned.decision()
                .by() + " gave " + marks + " for " + Counted.of(turned.students().size(), "answer") + (turned.isOfOtherMarks()
                ? " when this task had " + Counted.of(turned.points().on().of(), "mark") + "; it has " + turned.task().terms()
                .marks() + " now." : " under another key: they are judged otherwise now.")
                + " Until you say, they are as Hestra has them.");
        words.setWrapText(true);
        words.setMinHeight(Label.USE_PREF_SIZE);
        FlowPane choices = new FlowPane(6, 5);
        choices.getChildren().add(QuietButton.of("turned-keep", "Keep " + marks,
                "The marks stand for these answers as they are judged now", () -> model.keep(turned, false)));
        if (turned.isOfOtherMarks()) {
            choices.getChildren().add(QuietButton.of("turned-scale", "Scale to " + model.inMarks().counted(turned.scaled()),
                    "The marks grow or shrink with those of the task", () -> model.keep(turned, true)));
        }
        choices.getChildren().add(QuietButton.of("turned-again", "Look again", "The decision is let go on these answers",
                () -> model.lookAgain(turned)));
        VBox box = new VBox(5, words, small(turned.students().stream().limit(MOST).map(shown::name)
                .collect(Collectors.joining(" · "))), choices);
        box.getStyleClass().add("turned-card");
        return box;
    }

    private String about(Task asked, MarkModel.Shown shown) {
        Key key = asked.key(shown.work().exercise().partOf(asked.id()).orElseThrow().truth(shown.work().exercise().mark()));
        String right = !key.computed() ? "" : " · key " + key.text();
        return Counted.of(asked.terms().marks(), "mark") + right + "\n" + shown.prompt(asked)
                + (shown.groups().size() > 1
                        ? " Answers that say the same stand together: mark one, and you have marked all of them." : "");
    }
}
