package hestra.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.FileReading;
import hestra.exercise.Exercise;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * An exercise as it was saved once, kept in Hestra's own folder.
 *
 * @param file where it lies
 * @param count the how manieth it is: a clock may be set back, or two be saved within a second
 * @param when when it was saved
 */
public record EarlierVersion(Path file, int count, Instant when) {

    private static final Logger LOG = LoggerFactory.getLogger(EarlierVersion.class);
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss", Locale.ROOT)
            .withZone(ZoneOffset.UTC);
    /** The count, which the first Hestras did not write, and the time. */
    private static final Pattern NAME = Pattern.compile("(?:(\\d{1,9})-)?(\\d{8}-\\d{6})" + Pattern.quote(ExerciseFile.ENDING));
    /** So many are kept; of more, the oldest go. */
    private static final int MOST = 40;

    /** Keeps an exercise that has been saved. That it cannot be kept is no reason not to have saved it: it is only logged. */
    public static void keep(Path own, Exercise exercise, Clock clock) {
        try {
            Path folder = Files.createDirectories(folder(own, exercise));
            int count = of(own, exercise).stream().mapToInt(EarlierVersion::count).max().orElse(0) + 1;
            ExerciseFile.write(exercise, folder.resolve(count + "-" + STAMP.format(clock.instant()) + ExerciseFile.ENDING));
            List<EarlierVersion> all = of(own, exercise);
            for (EarlierVersion old : all.subList(Math.min(MOST, all.size()), all.size())) {
                Files.deleteIfExists(old.file);
            }
        } catch (IOException e) {
            LOG.warn("A version of {} cannot be kept", exercise.id(), e);
        }
    }

    /** What was kept of an exercise, the newest first. */
    public static List<EarlierVersion> of(Path own, Exercise exercise) {
        List<EarlierVersion> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder(own, exercise))) {
            files.forEach(file -> of(file).ifPresent(all::add));
        } catch (IOException e) {
            return List.of();
        }
        all.sort(Comparator.comparing(EarlierVersion::count).thenComparing(EarlierVersion::when).reversed());
        return all;
    }

    private static Optional<EarlierVersion> of(Path file) {
        Matcher name = NAME.matcher(FileReading.name(file));
        try {
            return name.matches()
                    ? Optional.of(new EarlierVersion(file, name.group(1) == null ? 0 : Integer.parseInt(name.group(1)),
                            STAMP.parse(name.group(2), Instant::from))) : Optional.empty();
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    private static Path folder(Path own, Exercise exercise) {
        String safe = exercise.id().replaceAll("[^A-Za-z0-9_-]", "_");
        return own.resolve("earlier").resolve(safe.substring(0, Math.min(80, safe.length())) + "-"
                + Integer.toHexString(exercise.id().hashCode()));
    }

    /** "today at 14:05", or the day. */
    public String when(LocalDate today, ZoneId zone) {
        return RecentWork.inWords(when, today, zone);
    }
}
