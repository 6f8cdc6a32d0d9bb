package hestra.figure;

import java.util.List;

import hestra.data.Dates;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class DateTicksTest {

    private static List<String> ticks(Dates dates, double low, double high) {
        return DateTicks.along(new Scale(low, high, 0, 500), dates, 6).stream().map(Tick::text).toList();
    }

    @Test
    void ticksStandOnRoundDates() {
        Dates days = new Dates("2024-03-01", Dates.Step.DAYS);
        assertThat(ticks(days, 0, 6)).containsExactly("1 Mar", "2 Mar", "3 Mar", "4 Mar", "5 Mar", "6 Mar", "7 Mar");
        assertThat(ticks(days, 0, 180)).containsExactly("Mar", "Apr", "May", "Jun", "Jul", "Aug");
        assertThat(ticks(days, 200, 500)).contains("Jan 2025");
        assertThat(ticks(new Dates("1990-06-15", Dates.Step.YEARS), 0, 30))
                .containsExactly("1995", "2000", "2005", "2010", "2015", "2020");
    }
}
