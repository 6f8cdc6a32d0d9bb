package hestra.marking;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import hestra.desk.Edit;
import hestra.desk.Step;
import hestra.desk.Steps;

/**
 * When work was done, by the student's own clock, in seconds since 1970, UTC.
 *
 * @param begun when the exercise was first worked on
 * @param handedIn when it was handed in
 * @param worked how many seconds somebody worked, without pauses
 * @param checks when answers were checked, oldest first, by the id of the task
 */
public record Pace(long begun, long handedIn, long worked, Map<String, List<Long>> checks) {

    private static final int MINUTE = 60;

    public Pace {
        if (begun < 0 || begun > Step.LATEST || handedIn < 0 || handedIn > Step.LATEST || worked < 0 || worked > Step.LATEST
                || checks.values().stream().anyMatch(list -> list.stream()
                        .anyMatch(at -> at == null || at < 0 || at > Step.LATEST))) {
            throw new IllegalArgumentException("times that cannot be");
        }
        checks = checks.entrySet().stream().collect(Collectors.toUnmodifiableMap(Map.Entry::getKey,
                it -> List.copyOf(it.getValue())));
    }

    /** The pace of work that came about in these steps and is handed in now. */
    public static Pace of(List<Step> steps, long now) {
        Map<String, List<Long>> checks = steps.stream().filter(step -> step.edit() instanceof Edit.Check)
                .collect(Collectors.groupingBy(step -> ((Edit.Check) step.edit()).task(),
                Collectors.mapping(Step::at, Collectors.toList())));
        return new Pace(steps.stream().mapToLong(Step::at).filter(at -> at > 0).findFirst().orElse(now), now, Steps.worked(steps),
                checks);
    }

    /** How many minutes somebody worked; at least 1. */
    public long minutes() {
        return Math.max(1, (worked + MINUTE / 2) / MINUTE);
    }
}
