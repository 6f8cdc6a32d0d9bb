package hestra.task;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * One prediction.
 *
 * @param text the number as it was typed
 * @param trusted what the student thinks of it
 * @param low the lower end of the interval as it was typed
 * @param high the upper end
 */
public record Predicted(String text, Optional<Trust> trusted, Optional<String> low, Optional<String> high) {
    public static final Predicted NOTHING = new Predicted("", Optional.empty());

    private static final Set<String> NONE = Set.of("none", "no", "no value", "-", "\u2013", "\u2212");

    /** A number without an interval. */
    public Predicted(String text, Optional<Trust> trusted) {
        this(text, trusted, Optional.empty(), Optional.empty());
    }

    public Predicted with(String number) {
        return new Predicted(number, trusted, low, high);
    }

    public Predicted with(Trust judgement) {
        return new Predicted(text, Optional.of(judgement), low, high);
    }

    public Predicted withLow(String end) {
        return new Predicted(text, trusted, Optional.of(end).filter(it -> !it.isEmpty()), high);
    }

    public Predicted withHigh(String end) {
        return new Predicted(text, trusted, low, Optional.of(end).filter(it -> !it.isEmpty()));
    }

    /** Both ends of the interval as they were typed, empty where nothing was. */
    List<String> ends() {
        return List.of(low.orElse(""), high.orElse(""));
    }

    /** Whether no number is given since it is said to have no meaning. */
    boolean isLeftOut() {
        return trusted.filter(Trust.MEANINGLESS::equals).isPresent()
                && (text.isBlank() || NONE.contains(text.strip().toLowerCase(Locale.ROOT)));
    }
}
