package hestra.data;

import java.time.LocalDateTime;
import java.util.List;

import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class DatesTest {

    private static final Dates DAYS = new Dates("2024-02-27", Dates.Step.DAYS);
    private static final Dates YEARS = new Dates("2000-01-01", Dates.Step.YEARS);

    @Test
    void daysAreCountedOverALeapDay() {
        // 28 and 29 February, then 1 March: three days on.
        assertThat(DAYS.read("2024-03-01")).hasValue(3);
        assertThat(DAYS.read("2024-02-27 06:00")).hasValue(0.25);
        assertThat(DAYS.read("2024-02-26")).hasValue(-1);
        assertThat(DAYS.show(3)).isEqualTo("2024-03-01");
        assertThat(DAYS.show(0.25)).isEqualTo("2024-02-27 06:00");
        assertThat(DAYS.since()).isEqualTo("days since 27 Feb 2024");
    }

    @Test
    void yearsAreCountedByTheShareOfEachThatHasGoneBy() {
        assertThat(YEARS.read("2010-01-01")).hasValue(10);
        // The 183rd day of 366 begins when 182 have gone by.
        assertThat(YEARS.read("2004-07-01")).hasValue(Math.rint((4 + 182 / 366.0) * 1e6) / 1e6);
        assertThat(YEARS.show(4 + 182 / 366.0)).isEqualTo("2004-07-01");
    }

    @Test
    void everyDayOfFortyYearsReadsBackAsItself() {
        LocalDateTime day = LocalDateTime.of(1990, 1, 1, 0, 0);
        for (int i = 0; i < 14_610; i++) {
            String text = day.plusDays(i).toLocalDate().toString();
            assertThat(DAYS.show(DAYS.read(text).orElseThrow())).isEqualTo(text);
            assertThat(YEARS.show(YEARS.read(text).orElseThrow())).isEqualTo(text);
        }
    }

    @Test
    void aDateIsReadInEveryWayInWhichItIsWritten() {
        assertThat(DAYS.read("1 Mar 2024")).as("as headings and axes have it").hasValue(3);
        assertThat(DAYS.read(" 1  march 2024 ")).hasValue(3);
        for (String text : List.of("30 Feb 2024", "1 Mär 2024", "Mar 2024", "1 Mar", "1 May")) {
            assertThat(DAYS.read(text)).as(text).isEmpty();
        }
    }

    @Test
    void whatIsNoDateIsNone() {
        assertThat(DAYS.read("2024-02-30")).isEmpty();
        assertThat(DAYS.read("12")).isEmpty();
        assertThat(Dates.parse("2024-13-01")).isEmpty();
        assertThat(DAYS.show(1e300)).isNotEmpty();
        assertThat(YEARS.show(-1e300)).isNotEmpty();
        assertThatThrownBy(() -> new Dates("soon", Dates.Step.DAYS)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aColumnOfDatesShowsThemAndTakesThem() {
        DataTable table = DataTable.empty(Variable.ofDates("day", DAYS), Variable.named("length"));
        DataTable typed = new TableEdit.Type(0, 0, "2024-03-01").appliedTo(table, DecimalMark.COMMA);
        assertThat(typed.cell(0, 0)).isEqualTo(Cell.of("3", DecimalMark.COMMA));
        assertThat(typed.shown(0, 0)).isEqualTo("2024-03-01");
        DataTable pasted = new TableEdit.Paste(1, 0,
                java.util.List.of(java.util.List.of("2024-03-02", "7"), java.util.List.of("9", "8")))
                .appliedTo(typed, DecimalMark.POINT);
        assertThat(pasted.cell(1, 0).text()).isEqualTo("4");
        assertThat(pasted.shown(2, 0)).as("a number stays one: nine days").isEqualTo("2024-03-07");
        assertThat(table.variable(0).axisTitle()).isEqualTo("day");
        assertThat(table.variable(0).shownWithUnit(3, NumberStyle.STANDARD)).isEqualTo("2024-03-01");
        assertThat(table.variable(1).shownWithUnit(3.5, NumberStyle.STANDARD)).isEqualTo("3.5");
    }

    @Test
    void aColumnThatIsCalledOtherwiseKeepsItsDatesAndWhatIsPossible() {
        Variable day = Variable.ofDates("day", DAYS);
        assertThat(day.called(day.heading())).as("nothing is lost where nothing is changed").isEqualTo(day);
        assertThat(day.called("date of the storm")).isEqualTo(day.withLabel("date of the storm"));
        Variable length = new Variable("length", "blade length", "cm")
                .withPossible(java.util.Optional.of(new Variable.Limits(0, 90)));
        assertThat(length.called(length.heading())).isEqualTo(length);
        assertThat(length.called("size (mm)")).isEqualTo(length.withName("size").withUnit("mm"));
    }
}
