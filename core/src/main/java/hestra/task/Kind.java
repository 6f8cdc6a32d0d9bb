package hestra.task;

import java.util.function.BiFunction;

/**
 * What all tasks of a kind have in common.
 *
 * @param code what the kind is called in files, whatever its class is called
 * @param title what it is called where tasks are written
 * @param group what it is offered with
 * @param type its record
 * @param also what an author may look for it by beside its title: what it can ask for
 * @param fresh a task of the kind, with an id of its own and settings that suit the data
 */
public record Kind(String code, String title, Group group, Class<? extends Task> type, String also,
        BiFunction<String, Truth, Task> fresh) {

    /** A kind that is found by its title. */
    public Kind(String code, String title, Group group, Class<? extends Task> type, BiFunction<String, Truth, Task> fresh) {
        this(code, title, group, type, "", fresh);
    }

    /** What kinds of task are about, in the order in which they are offered. */
    public enum Group {
        DATA("Data"),
        PLOT("On the plot"),
        NUMBERS("Numbers and equations"),
        WORDS("Choices and words");

        private final String words;

        Group(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** A task of this kind with settings that suit the data. */
    public Task create(String id, Truth truth) {
        return fresh.apply(id, truth);
    }
}
