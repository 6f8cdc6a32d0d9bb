package hestra.documents.table;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.temporal.TemporalAccessor;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import hestra.data.Cell;
import hestra.data.Dates;
import hestra.numbers.DecimalMark;

/** A column of dates, in one of the ways in which they are written. */
final class DateColumn {

    /** Day before month where both would do, as most of the world writes it; the note says so. */
    private static final List<DateTimeFormatter> FORMS = List.of("yyyy-M-d[[' ']['T']H:mm[:ss]]", "yyyy/M/d[ H:mm[:ss]]",
            "d.M.yyyy[ H:mm[:ss]]", "d/M/yyyy[ H:mm[:ss]]", "M/d/yyyy[ H:mm[:ss]]",
            "d-M-yyyy[ H:mm[:ss]]", "d MMM yyyy", "d MMMM yyyy", "MMM d, yyyy", "MMMM d, yyyy", "yyyy-MM", "MMM yyyy",
                    "MMMM yyyy").stream()
            .map(form -> new DateTimeFormatterBuilder().parseCaseInsensitive().appendPattern(form).toFormatter(Locale.ENGLISH))
            .toList();
    private static final int SHORTEST = 6;
    private static final int LONGEST = 24;
    private static final int FEWEST = 2;

    private DateColumn() {}

    /** Writes each date of a column of dates as 2024-03-01 and says how they are read; nothing for any other column. */
    static Optional<String> read(List<List<String>> rows, int column) {
        List<String> filled = new ArrayList<>();
        for (List<String> row : rows) {
            String cell = column < row.size() ? row.get(column) : "";
            if (!cell.isEmpty()) {
                if (cell.length() < SHORTEST || cell.length() > LONGEST || !mayBeDate(cell)) {
                    return Optional.empty();
                }
                filled.add(cell);
            }
        }
        if (filled.size() < FEWEST) {
            return Optional.empty();
        }
        Optional<DateTimeFormatter> form = FORMS.stream()
                .filter(it -> filled.stream().allMatch(cell -> date(cell, it).isPresent())).findFirst();
        form.ifPresent(it -> {
            for (List<String> row : rows) {
                if (column < row.size() && !row.get(column).isEmpty()) {
                    row.set(column, written(date(row.get(column), it).orElseThrow()));
                }
            }
        });
        return form.flatMap(_ -> dates(rows, column)).map(Dates::since);
    }

    private static boolean mayBeDate(String cell) {
        int digits = 0;
        boolean other = false;
        for (int i = 0; i < cell.length(); i++) {
            char c = cell.charAt(i);
            digits += Character.isDigit(c) ? 1 : 0;
            other |= c == '-' || c == '/' || c == '.' || Character.isLetter(c);
        }
        return digits >= 4 && other;
    }

    private static Optional<LocalDateTime> date(String cell, DateTimeFormatter form) {
        try {
            TemporalAccessor read = form.parseBest(cell.strip(), LocalDateTime::from, LocalDate::from, YearMonth::from);
            return Optional.of(switch (read) {
                case LocalDateTime time -> time;
                case LocalDate day -> day.atStartOfDay();
                case YearMonth month -> month.atDay(1).atStartOfDay();
                default -> throw new IllegalStateException("read as " + read);
            });
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static String written(LocalDateTime date) {
        boolean midnight = date.toLocalTime().toSecondOfDay() == 0;
        return date.toLocalDate() + (midnight ? "" : " %02d:%02d:%02d".formatted(date.getHour(), date.getMinute(),
                date.getSecond()));
    }

    /** How the dates of a column that was read are counted; nothing where it is not one of dates. */
    static Optional<Dates> dates(List<List<String>> rows, int column) {
        LocalDateTime first = null;
        LocalDateTime last = null;
        for (List<String> row : rows) {
            String cell = column < row.size() ? row.get(column) : "";
            if (cell.isEmpty()) {
                continue;
            }
            Optional<LocalDateTime> date = cell.length() < 10 || cell.charAt(4) != '-' ? Optional.empty() : Dates.parse(cell);
            if (date.isEmpty()) {
                return Optional.empty();
            }
            first = first == null || date.get().isBefore(first) ? date.get() : first;
            last = last == null || date.get().isAfter(last) ? date.get() : last;
        }
        return first == null ? Optional.empty() : Optional.of(Dates.between(first, last));
    }

    /** The rows with the numbers in a column that its dates stand for. */
    static List<List<String>> counted(List<List<String>> rows, int column, Dates dates, DecimalMark mark) {
        List<List<String>> counted = new ArrayList<>();
        for (List<String> row : rows) {
            List<String> copy = new ArrayList<>(row);
            if (column < copy.size()) {
                dates.read(copy.get(column)).ifPresent(value -> copy.set(column, Cell.of(value, mark).text()));
            }
            counted.add(copy);
        }
        return counted;
    }
}
