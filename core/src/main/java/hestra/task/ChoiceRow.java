package hestra.task;

import java.util.List;

/**
 * One choice among several things that is to be made.
 *
 * @param name what it is called where verdicts and answers are listed
 * @param prompt what is asked; empty where the task's prompt says it
 * @param options what there is to choose from
 * @param several whether any number of them may be chosen
 * @param inAnyOrder whether their order tells nothing, so that each reader may have another
 */
public record ChoiceRow(String name, String prompt, List<String> options, boolean several, boolean inAnyOrder) {
    public ChoiceRow {
        options = List.copyOf(options);
    }

    /** One whose options stay in their order. */
    public ChoiceRow(String name, String prompt, List<String> options, boolean several) {
        this(name, prompt, options, several, false);
    }
}
