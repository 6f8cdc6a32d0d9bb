package hestra.documents.page;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.numbers.NumberStyle;
import hestra.working.MatrixWorking;
import hestra.working.SumsWorking;
import hestra.working.SumsWorking.Column;

/** A hand calculation as text for other programs: tables with a tab between columns, numbers in full. */
public final class WorkingText {

    private WorkingText() {}

    /**
     * The calculation by sums: a heading, a line for each pair, the sums, and below them the steps that these columns allow.
     *
     * @param columns how many columns are unfolded, of {@link SumsWorking#UNFOLDING}
     */
    public static String sums(SumsWorking working, int columns, String x, String y, NumberStyle style) {
        List<Column> shown = SumsWorking.UNFOLDING.stream().limit(columns).toList();
        StringBuilder text = new StringBuilder(line("row", shown.stream().map(it -> it == Column.X ? x
                : it == Column.Y ? y
                : it.heading())));
        for (SumsWorking.Row row : working.rows()) {
            text.append(line(Integer.toString(row.row() + 1), shown.stream().map(column -> style.typed(row.value(column)))));
        }
        text.append(line("Σ", shown.stream().map(column -> typed(working.sum(column), style))));
        working.steps().stream().filter(step -> shown.contains(step.after()))
                .forEach(step -> text.append(line(step.name(), Stream.of(step.formula(), typed(step.value(), style)))));
        return text.toString();
    }

    /** The matrices one below another, each under its name. */
    public static String matrices(MatrixWorking working, NumberStyle style) {
        return matrix("X: " + String.join(", ", working.terms()), working.x(), style) + matrix("X′X", working.xx(), style)
                + matrix("(X′X)⁻¹", working.inverse(), style) + matrix("X′y", column(working.xy()), style)
                + matrix("b = (X′X)⁻¹X′y", column(working.coefficients()), style)
                + matrix("hat matrix H = X(X′X)⁻¹X′", working.hat(), style) + matrix("ŷ = Hy", column(working.fitted()), style)
                + "trace of H\t" + style.typed(working.trace()) + "\nlargest entry of H·H − H\t"
                + style.typed(working.unevenness()) + "\n";
    }

    private static List<List<Double>> column(List<Double> entries) {
        return entries.stream().map(List::of).toList();
    }

    private static String matrix(String name, List<List<Double>> rows, NumberStyle style) {
        return name + "\n" + rows.stream().map(row -> row.stream().map(style::typed).collect(Collectors.joining("\t")) + "\n")
                .collect(Collectors.joining()) + "\n";
    }

    private static String typed(OptionalDouble value, NumberStyle style) {
        return value.isPresent() ? style.typed(value.getAsDouble()) : "";
    }

    private static String line(String first, Stream<String> others) {
        return Stream.concat(Stream.of(first), others).collect(Collectors.joining("\t")) + "\n";
    }
}
