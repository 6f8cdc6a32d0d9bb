package hestra.working;

/**
 * A formula over the results, with a name by which other lines may use it.
 *
 * @param name letters, figures and underscores, a letter first; empty for a line without a name
 * @param formula see {@link Calculation}
 */
public record CalculationLine(String name, String formula) {

    /** The most lines. */
    public static final int MOST = 50;

    /** "b20 = slope * 20 + intercept", or the formula alone. */
    public String text() {
        return name.isEmpty() ? formula : name + " = " + formula;
    }

    /** Takes a typed line apart: what stands before the first equals sign is its name. */
    public static CalculationLine typed(String text) {
        int equals = text.indexOf('=');
        return equals < 0
                ? new CalculationLine("", text.strip())
                : new CalculationLine(text.substring(0, equals).strip(), text.substring(equals + 1).strip());
    }
}
