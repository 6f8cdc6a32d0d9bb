package hestra.exercise;

import java.util.Optional;
import java.util.Set;

import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.task.Task;
import hestra.tracing.Picture;

/** One thing on a sheet. The sheet of a part is a list of them, in the author's order. */
public sealed interface Block {

    /** Stays the same when blocks are reordered; unique in the exercise. */
    String id();

    /** What the author sees it called. */
    String inWords();

    /** The same under another id: a block that is put in once more. */
    default Block called(String other) {
        return switch (this) {
            case Prose(String _, String text) -> new Prose(other, text);
            case Illustration(String _, Picture picture, String caption, String alternative) ->
                    new Illustration(other, picture, caption, alternative);
            case Plot(String _, Set<Layer> layers, Optional<Frame> frame, String caption) ->
                    new Plot(other, layers, frame, caption);
            case Printed(String _, String caption) -> new Printed(other, caption);
            case Formula(String _, String formula) -> new Formula(other, formula);
            case Asked(Task task) -> new Asked(task.with(task.terms().withId(other)));
            case Strange strange -> strange;
        };
    }

    /** What its ids begin with: "task", "text" and so on. */
    default String idKind() {
        return switch (this) {
            case Prose _ -> "text";
            case Illustration _ -> "picture";
            case Plot _ -> "figure";
            case Printed _ -> "table";
            case Formula _ -> "formula";
            case Asked _, Strange _ -> "task";
        };
    }

    /**
     * Text in light mark-up, with live values.
     *
     * @param text after CommonMark; {x}, {n} and the like stand for values of the part's data
     */
    record Prose(String id, String text) implements Block {
        @Override
        public String inWords() {
            return "Text";
        }
    }

    /**
     * A picture.
     *
     * @param picture PNG or JPEG
     * @param caption stands below it; may be empty
     * @param alternative what it shows, for those who cannot see it
     */
    record Illustration(String id, Picture picture, String caption, String alternative) implements Block {
        @Override
        public String inWords() {
            return "Picture";
        }
    }

    /**
     * A plot of the part's true data that stays as it is, whatever the student does.
     *
     * @param layers what is drawn beside the points
     * @param frame the part of the plane that it shows; nothing for the one that fits the data
     * @param caption stands below it; may be empty
     */
    record Plot(String id, Set<Layer> layers, Optional<Frame> frame, String caption) implements Block {
        public Plot {
            layers = Set.copyOf(layers);
        }

        @Override
        public String inWords() {
            return "Figure";
        }
    }

    /**
     * The part's table, as it is printed.
     *
     * @param caption stands below it; may be empty
     */
    record Printed(String id, String caption) implements Block {
        @Override
        public String inWords() {
            return "Printed table";
        }
    }

    /**
     * A formula on a line of its own.
     *
     * @param formula in plain text, such as "b = r · sy / sx"; may hold live values
     */
    record Formula(String id, String formula) implements Block {
        @Override
        public String inWords() {
            return "Formula";
        }
    }

    /** A task. */
    record Asked(Task task) implements Block {
        @Override
        public String id() {
            return task.id();
        }

        @Override
        public String inWords() {
            return task.kind().title();
        }
    }

    /**
     * A block of a kind that is not known here: made by a newer Hestra, or by hand. It is kept as it stands in its file, shown as
     * what it is, and can be moved and taken out.
     *
     * @param called what its kind is called in the file
     * @param json all of it, as it stands there
     */
    record Strange(String id, String called, String json) implements Block {
        @Override
        public String inWords() {
            return "\u201c" + called + "\u201d, of a kind that is not known here";
        }
    }
}
