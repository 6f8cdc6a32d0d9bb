package hestra.desktop.write;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.chance.Play;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.feedback.Quantity;
import hestra.task.WhatChanceDoes;

import static hestra.desktop.parts.Presence.present;

/** Which play, how often, what is watched, and what is asked of it. */
final class ChanceFields {

    private ChanceFields() {}

    static void add(KindFields<WhatChanceDoes> fields, DeskModel model) {
        Choices<Play> play = new Choices<>("edit-play", WhatChanceDoes.PLAYS, Play::title,
                it -> fields.change(task -> task.with(it)));
        Choices<Quantity> shuffled = watched(fields, "edit-shuffled", Play.SHUFFLE);
        Choices<Quantity> drawn = watched(fields, "edit-drawn", Play.DRAW_AGAIN);
        fields.onShow(task -> play.show(Optional.of(task.play())));
        NumberText<WhatChanceDoes> level = new NumberText<>(fields, model, "edit-chance-level", false,
                task -> OptionalDouble.of(100 * task.level()), (task, percent) -> new WhatChanceDoes(task.terms(), task.play(),
                task.draws(), task.watched(), percent.getAsDouble() / 100, task.rounding(), task.means(), task.concludes()),
                it -> it >= 50 && it < 100, _ -> { });
        fields.add(TaskFields.label("the student"), play, TaskFields.label("what is watched"), shuffled, drawn,
                TaskFields.sideBySide(TaskFields.stacked("at least so many times", fields.spinner("edit-draws",
                WhatChanceDoes.FEWEST_DRAWS, WhatChanceDoes.MOST_DRAWS, WhatChanceDoes::draws,
                (task, count) -> new WhatChanceDoes(task.terms(), task.play(), count, task.watched(), task.level(),
                        task.rounding(), task.means(), task.concludes()))),
                TaskFields.stacked("level in %", level.field())));
        RoundingFields.add(fields, WhatChanceDoes::rounding, (task, rounding) -> new WhatChanceDoes(task.terms(), task.play(),
                task.draws(), task.watched(), task.level(), rounding, task.means(), task.concludes()));
        fields.add(Ticks.one(fields, "edit-means", "say what the number says", WhatChanceDoes::means,
                (task, asked) -> new WhatChanceDoes(task.terms(), task.play(), task.draws(), task.watched(), task.level(),
                        task.rounding(), asked, task.concludes())),
                Ticks.one(fields, "edit-concludes", "say what follows", WhatChanceDoes::concludes,
                        (task, asked) -> new WhatChanceDoes(task.terms(), task.play(), task.draws(), task.watched(), task.level(),
                                task.rounding(), task.means(), asked)));
    }

    /** What may be watched in a play. */
    private static Choices<Quantity> watched(KindFields<WhatChanceDoes> fields, String id, Play play) {
        Choices<Quantity> watched = new Choices<>(id, WhatChanceDoes.watched(play), WhatChanceDoes::inAWord,
                it -> fields.change(task -> task.watching(it)));
        fields.onShow(task -> {
            present(watched, task.play() == play);
            watched.show(Optional.of(task.watched()));
        });
        return watched;
    }
}
