package hestra.desktop.write;

import java.util.List;

import hestra.task.WantedFigure;
import hestra.task.WriteSection;

/** Which figures a section is to hold, and how many words. */
final class WriteSectionFields {

    private WriteSectionFields() {}

    static void add(KindFields<WriteSection> fields) {
        fields.add(TaskFields.label("figures that are asked for"),
                Ticks.list(fields, "edit-wanted", List.of(WantedFigure.values()), WantedFigure::inWords, WantedFigure::name,
                WriteSection::figures, WriteSection::with));
        fields.add(TaskFields.stacked("words at least (0: any)",
                fields.spinner("edit-words-least", 0, WriteSection.MOST_WORDS, WriteSection::words, WriteSection::with)));
    }
}
