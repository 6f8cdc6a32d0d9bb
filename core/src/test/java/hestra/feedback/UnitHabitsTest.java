package hestra.feedback;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;
import hestra.units.Spellings;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A right number with its unit, in the ways in which people write units, is right whatever the unit is: none is a dead end. */
class UnitHabitsTest {

    /** What something is measured in: of the trade, money, shares, counts of things, and rates. */
    private static final List<String> UNITS = List.of("m", "cm", "mm", "km", "µm", "nm", "in", "ft", "yd", "miles", "m²", "cm²",
            "ha", "m³", "cm³", "l", "L", "ml", "mL", "g", "kg", "mg", "µg", "t", "lb", "oz", "s", "min", "h", "hours", "days",
            "weeks", "months", "years", "ms", "°C", "°F", "K", "N", "kN", "J", "kJ", "kWh", "W", "kW", "V", "mV", "A", "mA", "Ω",
            "kΩ", "Hz", "kHz", "Pa", "hPa", "kPa", "bar", "mbar", "mol", "mmol", "mol/l", "mmol/L", "g/l", "mg/L", "µg/m³",
            "g/kg", "kg/m³", "kg/m²", "m/s", "km/h", "mph", "m/s²", "l/min", "ml/min", "W/m²", "N/m", "beats per minute", "bpm",
            "rpm", "1/s", "s⁻¹", "min⁻¹", "per day", "%", "percent", "‰", "ppm", "ppb", "dB", "dB(A)", "pH", "lx", "lux", "cd",
            "kcal", "cal", "mmHg", "€", "$", "£", "¥", "EUR", "USD", "euros", "dollars", "pence", "cents", "€/kg", "$ per night",
            "million €", "gulls", "shoots", "shoots per tray", "passengers", "eggs/nest", "plants per m²", "points", "marks",
            "people", "cars", "steps", "clicks", "leaves", "L/100 km", "°", "degrees", "mm/yr", "index points");

    private static final double KEY = 0.288;

    private static Sought slope() {
        return new Sought.Value(Quantity.SLOPE);
    }

    private static NumberCriteria asked(Sought what, Variable x, Variable y) {
        Pairs pairs = Pairs.of(new double[] {1, 2, 3, 4, 5}, new double[] {3.288, 3.576, 3.864, 4.152, 4.44});
        return new NumberCriteria(what, new NumberCriteria.How(new Rounding.Places(3), true, false),
                List.of(Evidence.of(pairs)), Optional.empty(), KeptPoints.FULL, Optional.empty(), Optional.empty(), x, y);
    }

    /** How it is taken: right, or why not. */
    private static String taken(Sought what, Variable x, Variable y, String text) {
        return switch (NumberReading.ofAnswer(text, DecimalMark.POINT)) {
            case NumberReading.Blank _ -> "nothing";
            case NumberReading.Unreadable(String reason) -> reason;
            case NumberReading.Value value -> UnitCheck.unknown(value, what, x, y).map(word -> "no unit: " + word)
                    .orElseGet(() -> {
                NumberJudge.Finding finding = new NumberJudge(asked(what, x, y)).judge(value);
                return finding.isRight() ? "right" : finding.mistakes().toString();
            });
        };
    }

    private static List<String> habits(String y, String x) {
        String one = Spellings.singular(x);
        return List.of(y + " per " + one, y + "/" + one, y + " / " + one, y + " per " + x, y + " for each " + one,
                y + " for every " + one, y + " each " + one, y + " a " + one, "(" + y + ") per (" + one + ")",
                        y + " per " + one + ".");
    }

    @Test
    void theUnitOfAValueIsReadAsItsAuthorWroteIt() {
        Map<String, String> refused = new LinkedHashMap<>();
        for (String unit : UNITS) {
            Variable y = new Variable("y", "", unit);
            for (String text : List.of("3.000 " + unit, "3.000" + (unit.matches("[1(].*") ? " " : "") + unit, "y = 3.000 " + unit,
                    "3.000 (" + unit + ")", "about 3.000 " + unit + ".")) {
                String taken = taken(new Sought.Value(Quantity.INTERCEPT), new Variable("x", "", "cm"), y, text);
                if (!taken.equals("right")) {
                    refused.put(text, taken);
                }
            }
        }
        assertThat(refused).isEmpty();
    }

    @Test
    void theUnitOfASlopeIsReadInTenHabits() {
        Map<String, String> refused = new LinkedHashMap<>();
        List<String[]> pairs = new ArrayList<>();
        for (String unit : UNITS) {
            pairs.add(new String[] {unit, "day"});
            // "per 1/s" is nobody's.
            pairs.add(new String[] {"mg", unit.equals("1/s") ? "s" : unit});
            pairs.add(new String[] {unit, "%"});
            pairs.add(new String[] {"€", unit.equals("1/s") ? "s" : unit});
        }
        for (String[] pair : pairs) {
            Variable x = new Variable("dose", "", pair[1]);
            Variable y = new Variable("rise", "", pair[0]);
            for (String habit : habits(pair[0], pair[1])) {
                String taken = taken(slope(), x, y, "0.288 " + habit);
                if (!taken.equals("right")) {
                    refused.put("0.288 " + habit, taken);
                }
            }
        }
        assertThat(refused).isEmpty();
    }
}
