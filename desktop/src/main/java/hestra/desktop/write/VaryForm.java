package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.exercise.Part;
import hestra.exercise.Varying;

import static hestra.desktop.parts.Presence.present;

/** What differs from variant to variant in a part, and what has to be so in all of them. */
final class VaryForm extends VBox {

    private final VaryRanges ranges;
    private final VaryWishes wishes;
    private final VaryNames names;
    private final Choices<Varying.Way> way;
    private final Label note = new Label();
    private final HBox some = new HBox();
    private final BoundField rows;
    private final Label ofRows = new Label();

    VaryForm(DeskModel model) {
        ranges = new VaryRanges(model);
        wishes = new VaryWishes(model);
        names = new VaryNames(model);
        getStyleClass().add("vary-form");
        way = new Choices<>("vary-way", List.of(Varying.Way.values()), Varying.Way::inWords,
                it -> ranges.change(varying -> varying.with(it)));
        note.setId("vary-note");
        note.getStyleClass().add("small");
        note.setWrapText(true);
        note.setMinHeight(Region.USE_PREF_SIZE);
        rows = new BoundField("vary-rows", "how many rows each has", false, ranges::mark, (count, run) -> {
            if (count.getAsDouble() >= Varying.FEWEST_ROWS) {
                ranges.change(varying -> varying.withRows((int) count.getAsDouble()), run);
            }
        });
        some.getChildren().addAll(VaryList.label("each has"), rows, ofRows);
        some.getStyleClass().add("vary-row");
        getChildren().addAll(VaryList.heading("the data of each student are"), way, note, ranges, some, wishes, names);
    }

    /** Follows what is written. */
    void show(Findings findings) {
        Part part = findings.written();
        Varying varying = part.varying();
        boolean isMade = ranges.recipe().isPresent();
        way.show(Optional.of(varying.way()));
        note.setText(switch (varying.way()) {
            case SAME -> "Everybody gets the data as they stand.";
            case NEW_DATA -> isMade
                    ? "Each has a new sample of the recipe. Its numbers may differ too, from where to where you say."
                    : "These data were not made by a recipe, so all would have the same. Write a recipe under \u201cMake "
                    + "data\u201d, or give each some of the rows.";
            case SOME_ROWS -> "Which rows is left to chance. Rows that a task names or leaves to be typed are always among them.";
        });
        present(ranges, varying.way() == Varying.Way.NEW_DATA && isMade);
        present(some, varying.way() == Varying.Way.SOME_ROWS);
        present(wishes, varying.way() != Varying.Way.SAME);
        rows.show(OptionalDouble.of(varying.rows()));
        int paired = part.pairs().size();
        ofRows.setText("of the " + paired + (paired == part.data().size() ? " rows" : " rows with a pair; the others stay"));
        ranges.show();
        wishes.show();
        names.show();
    }
}
