package hestra.targets;

import java.util.List;

/**
 * A proof that conditions can't all hold.
 *
 * @param reason why
 * @param conditions the places, from 0, of the conditions that cannot hold, one alone or several together
 */
public record Proof(Reason reason, List<Integer> conditions) {
    public Proof {
        conditions = conditions.stream().distinct().sorted().toList();
    }
}
