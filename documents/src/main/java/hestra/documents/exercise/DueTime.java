package hestra.documents.exercise;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;

/** When hand-ins are due, as it is typed in the window and on the command line: "2026-11-24 18:00", by the clock here. */
public final class DueTime {

    /** How it is typed. */
    public static final String EXAMPLE = "2026-11-24 18:00";

    private static final DateTimeFormatter TYPED = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT);
    private static final int DATE_ALONE = 10;

    private DueTime() {}

    /** Reads a time, in seconds since 1970, UTC; a day alone is due when it ends. Nothing where it is no such time. */
    public static Optional<Long> read(String text) {
        String typed = text.strip();
        try {
            return Optional.of(LocalDateTime.parse(typed.length() == DATE_ALONE ? typed + " 23:59" : typed, TYPED)
                    .atZone(ZoneId.systemDefault()).toEpochSecond());
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** A time as one would type it. */
    public static String written(long at) {
        return TYPED.format(Instant.ofEpochSecond(at).atZone(ZoneId.systemDefault()));
    }
}
