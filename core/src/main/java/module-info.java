/**
 * Everything Hestra knows about data, lines, exercises and answers: no interface, no files, no clock, no randomness
 * of its own.
 */
module hestra.core {
    requires org.apache.commons.statistics.distribution;

    exports hestra.chance;
    exports hestra.data;
    exports hestra.desk;
    exports hestra.exercise;
    exports hestra.feedback;
    exports hestra.figure;
    exports hestra.fit;
    exports hestra.marking;
    exports hestra.numbers;
    exports hestra.overview;
    exports hestra.recipe;
    exports hestra.review;
    exports hestra.sentences;
    exports hestra.sound;
    exports hestra.summary;
    exports hestra.targets;
    exports hestra.task;
    exports hestra.tracing;
    exports hestra.variants;
    exports hestra.working;
}
