package hestra.data;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.ResolverStyle;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A variable that was measured as dates: its numbers count from a start, and are shown as dates.
 *
 * @param start the day from which is counted, such as "2024-03-01"
 * @param step what one stands for
 */
public record Dates(String start, Step step) {

    /** What the numbers of a variable of dates count. */
    public enum Step {
        DAYS("days"),
        YEARS("years");

        private final String words;

        Step(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** Dates over more years than this are counted in years. */
    private static final int MOST_YEARS = 5;
    private static final double DAY_SECONDS = 86_400;
    private static final double MINUTE = 1.0 / (24 * 60);
    private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{2})-(\\d{2})(?:[T ](\\d{1,2}):(\\d{2})(?::(\\d{2}))?)?");
    private static final DateTimeFormatter LONG = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter TYPED = new DateTimeFormatterBuilder().parseCaseInsensitive()
            .appendPattern("d [MMMM][MMM] uuuu").toFormatter(Locale.ENGLISH).withResolverStyle(ResolverStyle.STRICT);

    public Dates {
        try {
            LocalDate.parse(start);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("a start that is no date: " + start, e);
        }
    }

    /** How dates between two are counted: from the first, in days, or over many years in years. */
    public static Dates between(LocalDateTime first, LocalDateTime last) {
        return new Dates(first.toLocalDate().toString(), last.getYear() - first.getYear() > MOST_YEARS ? Step.YEARS : Step.DAYS);
    }

    /** The date that a text says in the form 2024-03-01, or 2024-03-01 14:30; nothing where it says none. */
    public static Optional<LocalDateTime> parse(String text) {
        Matcher date = ISO.matcher(text.strip());
        if (!date.matches()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDateTime.of(number(date, 1, 0), number(date, 2, 1), number(date, 3, 1), number(date, 4, 0),
                    number(date, 5, 0), number(date, 6, 0)));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static int number(Matcher date, int group, int missing) {
        return date.group(group) == null ? missing : Integer.parseInt(date.group(group));
    }

    private LocalDateTime begin() {
        return LocalDate.parse(start).atStartOfDay();
    }

    /** How far a date lies from the start. */
    public double value(LocalDateTime date) {
        double value = step == Step.DAYS ? Duration.between(begin(), date).toSeconds() / DAY_SECONDS : year(date) - year(begin());
        return Math.rint(value * 1e6) / 1e6;
    }

    /** The date so far from the start, to the minute; the nearest that there is for one far out of the calendar. */
    public LocalDateTime date(double value) {
        double within = Math.clamp(value, -1e6, 1e6);
        if (step == Step.DAYS) {
            return begin().plusSeconds(Math.round(Math.rint(within / MINUTE) * MINUTE * DAY_SECONDS));
        }
        double year = year(begin()) + Math.clamp(within, -9000, 7000);
        int whole = (int) Math.floor(year);
        LocalDate first = LocalDate.of(whole, 1, 1);
        return first.atStartOfDay().plusDays(Math.round((year - whole) * first.lengthOfYear()));
    }

    /** The calendar year with the share of it that has gone by. */
    private static double year(LocalDateTime date) {
        double day = date.getDayOfYear() - 1 + date.toLocalTime().toSecondOfDay() / DAY_SECONDS;
        return date.getYear() + day / date.toLocalDate().lengthOfYear();
    }

    /** The number that a typed date stands for; nothing where the text is none. */
    public OptionalDouble read(String text) {
        return parse(text).or(() -> inWords(text)).map(date -> OptionalDouble.of(value(date))).orElse(OptionalDouble.empty());
    }

    /** The date that a text says as axes and headings do: 1 Sep 2023; nothing where it says none. */
    private static Optional<LocalDateTime> inWords(String text) {
        try {
            return Optional.of(LocalDate.parse(text.strip().replaceAll("\\s+", " "), TYPED).atStartOfDay());
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** The date that a number stands for: 2024-03-01, with the time where it is not midnight. */
    public String show(double value) {
        LocalDateTime date = date(value);
        boolean midnight = step == Step.YEARS || date.toLocalTime().toSecondOfDay() == 0;
        return midnight
                ? date.toLocalDate().toString()
                : date.toLocalDate() + " " + "%02d:%02d".formatted(date.getHour(), date.getMinute());
    }

    /** "days since 1 Mar 2024". */
    public String since() {
        return step.inWords() + " since " + LONG.format(LocalDate.parse(start));
    }
}
