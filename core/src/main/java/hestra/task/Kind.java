package hestra.task;

import java.util.function.BiFunction;

/**
 * What all tasks of a kind have in common.
 *
 * @param code what the kind is called in files, whatever its class is called
 * @param title what it is called where tasks are written
 * @param type its record
 * @param fresh a task of the kind, with an id of its own and settings that suit the data
 */
public record Kind(String code, String title, Class<? extends Task> type, BiFunction<String, Truth, Task> fresh) {

    /** A task of this kind with settings that suit the data. */
    public Task create(String id, Truth truth) {
        return fresh.apply(id, truth);
    }
}
