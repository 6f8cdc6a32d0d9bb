package hestra.marking;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.desk.Desk;
import hestra.desk.History;
import hestra.desk.Step;
import hestra.exercise.Exercise;
import hestra.task.Attempt;

/** Whether a hand-in came about as its steps say: what it says of itself decides nothing. */
public final class Retraced {

    private Retraced() {}

    /**
     * What does not fit together in a hand-in, a sentence each; none where all does, or where nothing can be said.
     *
     * @param decides the exercise by which it is judged
     * @param given whether that is how the student's copy was given out, for sure
     */
    public static List<String> doubts(HandIn handIn, List<Step> steps, Exercise decides, boolean given) {
        if (answered(handIn.attempts()).isEmpty()) {
            return List.of();
        }
        if (steps.isEmpty()) {
            return List.of("It does not say how its answers came about.");
        }
        Stream<String> times = handIn.pace().isEmpty() ? Stream.of("It does not say when it was handed in.")
                : fits(handIn.pace().get(), steps) ? Stream.of()
                : Stream.of("Its times do not fit its steps.");
        if (!isAskedAlike(handIn.exercise(), decides)) {
            return Stream.concat(times, given ? Stream.of("Its copy is not as it was given out.") : Stream.of()).toList();
        }
        return Stream.concat(times, ledTo(decides, steps).map(answers -> differing(answers, handIn.attempts(), decides))
                .orElse(Optional.of("Its steps cannot be made again.")).stream()).toList();
    }

    private static boolean fits(Pace pace, List<Step> steps) {
        return steps.stream().mapToLong(Step::at).max().orElse(0) <= pace.handedIn()
                && Pace.of(steps, pace.handedIn()).checks().equals(pace.checks());
    }

    /** The answers to which steps lead on an exercise; nothing where they cannot all be made. */
    private static Optional<Map<String, List<Attempt>>> ledTo(Exercise exercise, List<Step> steps) {
        try {
            History history = History.of(Desk.open(exercise));
            for (Step step : steps) {
                history = history.apply(step.edit());
            }
            return Optional.of(history.present().work().attempts());
        } catch (RuntimeException | StackOverflowError e) {
            // They come from a file.
            return Optional.empty();
        }
    }

    private static Optional<String> differing(Map<String, List<Attempt>> led, Map<String, List<Attempt>> answers,
            Exercise exercise) {
        Map<String, List<Attempt>> one = answered(led);
        Map<String, List<Attempt>> other = answered(answers);
        List<String> tasks = Stream.concat(one.keySet().stream(), other.keySet().stream()).distinct()
                .filter(id -> !Objects.equals(one.get(id), other.get(id)))
                .map(exercise::indexOf).sorted().map(index -> index < 0 ? "one that is not asked" : Integer.toString(index + 1))
                .distinct().toList();
        return tasks.isEmpty()
                ? Optional.empty() : Optional.of("Its steps do not lead to its answers: task " + String.join(", ", tasks) + ".");
    }

    /** Whether two sets of answers, by the id of their tasks, are the same. */
    static boolean areSame(Map<String, List<Attempt>> one, Map<String, List<Attempt>> other) {
        return answered(one).equals(answered(other));
    }

    private static Map<String, List<Attempt>> answered(Map<String, List<Attempt>> answers) {
        return answers.entrySet().stream().filter(it -> !it.getValue().isEmpty())
                .collect(Collectors.toMap(Map.Entry::getKey, it -> it.getValue().stream().map(Attempt::onAnyData).toList()));
    }

    /**
     * Whether steps made on one exercise come to the same on another: with other data or other tries they may not, and nobody is
     * to blame.
     */
    public static boolean isAskedAlike(Exercise one, Exercise other) {
        Function<Exercise, List<Object>> asked = exercise -> exercise.parts()
                .stream().<Object>flatMap(part -> Stream.concat(Stream.of(part.data()), part.tasks().stream()
                        .map(task -> task.id() + " " + task.terms().tries()))).toList();
        return asked.apply(one).equals(asked.apply(other));
    }
}
