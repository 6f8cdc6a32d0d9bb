package hestra.desktop.mark;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;

import hestra.desktop.look.Look;
import hestra.marking.AnswerGroup;
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
        List<AnswerGroup> groups = shown.groups();
        // Of very many only those about the one in hand are shown: nobody reads hundreds at once.
        int from = groups.size() <= MOST ? 0 : Math.clamp(shown.group().map(groups::indexOf).orElse(0) - MOST / 3, 0, groups.size() - MOST);
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

    private String about(Task asked, MarkModel.Shown shown) {
        Key key = asked.key(shown.work().exercise().partOf(asked.id()).orElseThrow().truth(shown.work().exercise().mark()));
        String right = !key.computed() ? "" : " · key " + key.text();
        return Counted.of(asked.terms().marks(), "mark") + right + "\n" + shown.prompt(asked) + (shown.groups().size() > 1 ? " Answers that say the same stand together: mark one, and you have marked all of them." : "");
    }
}
