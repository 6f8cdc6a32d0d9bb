package hestra.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

import hestra.documents.exercise.JournalFile;
import hestra.documents.exercise.JournalSummary;

/**
 * A piece of work that was begun and is kept in its journal, whether it was ever saved or not.
 *
 * @param journal the journal's file
 * @param title the exercise's title, as it was called last
 * @param place where its data come from; may be empty
 * @param when when it was worked on last
 */
public record RecentWork(Path journal, String title, String place, Instant when) {

    private static final int MOST = 60;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy, H:mm", Locale.ENGLISH);

    /** What was worked on, the newest first; an exercise that was only opened is not among it. */
    public static List<RecentWork> in(Path folder) {
        List<RecentWork> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(OpenDesk.journals(folder))) {
            for (Path file : newest(files.filter(it -> it.toString().endsWith(JournalFile.ENDING)).toList())) {
                of(file).ifPresent(all::add);
            }
        } catch (IOException e) {
            return List.of();
        }
        return all;
    }

    private static List<Path> newest(List<Path> files) {
        record Dated(Path file, Instant when) {}
        return files.stream().map(file -> new Dated(file, modified(file))).sorted(Comparator.comparing(Dated::when).reversed())
                .limit(MOST).map(Dated::file).toList();
    }

    private static Optional<RecentWork> of(Path journal) {
        return JournalSummary.of(journal).filter(it -> it.edits() > 0)
                .map(it -> new RecentWork(journal, it.title(), it.place(), modified(journal)));
    }

    private static Instant modified(Path file) {
        try {
            return Files.getLastModifiedTime(file).toInstant();
        } catch (IOException e) {
            return Instant.EPOCH;
        }
    }

    /** "today at 14:05", or the day. */
    public String when(LocalDate today, ZoneId zone) {
        return inWords(when, today, zone);
    }

    static String inWords(Instant when, LocalDate today, ZoneId zone) {
        ZonedDateTime time = when.atZone(zone);
        return time.toLocalDate().equals(today) ? "today at " + TIME.format(time)
                : time.toLocalDate().equals(today.minusDays(1)) ? "yesterday at " + TIME.format(time) : DAY.format(time);
    }
}
