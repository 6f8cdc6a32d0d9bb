package hestra.figure;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import hestra.data.Dates;

/** The ticks of an axis of dates: on first days of months or years, or so many days apart. */
final class DateTicks {

    private static final int[] DAYS = {1, 2, 5, 7, 14};
    private static final int[] MONTHS = {1, 2, 3, 6};
    private static final double DAYS_OF_MONTH = 30.4;
    private static final double DAYS_OF_YEAR = 365.25;
    private static final int MOST = 60;
    private static final int FEWEST = 3;

    private DateTicks() {}

    /** Ticks with their texts, about as many as are wanted, and three where so many days are on the axis. */
    static List<Tick> along(Scale scale, Dates dates, int about) {
        int wanted = about;
        List<Tick> ticks = about(scale, dates, wanted);
        while (ticks.size() < FEWEST && wanted < MOST) {
            wanted++;
            ticks = about(scale, dates, wanted);
        }
        return ticks;
    }

    private static List<Tick> about(Scale scale, Dates dates, int about) {
        LocalDate low = dates.date(scale.low()).toLocalDate();
        LocalDate high = dates.date(scale.high()).toLocalDate();
        double days = Math.max(1, ChronoUnit.DAYS.between(low, high)) / (double) Math.max(2, about);
        for (int step : DAYS) {
            if (days <= step) {
                return from(scale, dates, low, high, step, ChronoUnit.DAYS, "d MMM");
            }
        }
        for (int step : MONTHS) {
            if (days <= step * DAYS_OF_MONTH) {
                LocalDate first = low.withDayOfMonth(1).withMonth((low.getMonthValue() - 1) / step * step + 1);
                return from(scale, dates, first, high, step, ChronoUnit.MONTHS,
                        low.getYear() == high.getYear() ? "MMM" : "MMM yyyy");
            }
        }
        int step = (int) Math.max(1, Ticks.niceAbove(days / DAYS_OF_YEAR));
        return from(scale, dates, LocalDate.of(Math.floorDiv(low.getYear(), step) * step, 1, 1), high, step, ChronoUnit.YEARS,
                "yyyy");
    }

    private static List<Tick> from(Scale scale, Dates dates, LocalDate first, LocalDate last, int step, ChronoUnit unit,
            String form) {
        DateTimeFormatter text = DateTimeFormatter.ofPattern(form, Locale.ENGLISH);
        List<Tick> ticks = new ArrayList<>();
        for (LocalDate date = first; !date.isAfter(last) && ticks.size() < MOST; date = date.plus(step, unit)) {
            LocalDateTime start = date.atStartOfDay();
            double value = dates.value(start);
            if (value >= scale.low() && value <= scale.high()) {
                ticks.add(new Tick(value, text.format(start)));
            }
        }
        return ticks;
    }
}
