package hestra.desktop.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Variable;
import hestra.documents.DelimitedText;
import hestra.documents.DelimitedText.Block;
import hestra.documents.FitJson;
import hestra.documents.Reading;
import hestra.fit.Coefficient;
import hestra.fit.Equation;
import hestra.fit.Fit;
import hestra.fit.Interval;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.Prediction;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Fits the line of least squares to two columns of a file. */
@Command(name = "fit", description = "Fit the line of least squares to two columns of a delimited text file.",
        mixinStandardHelpOptions = true)
public final class FitCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE.csv", description = "separated by commas, semicolons or tabs, with or without headings")
    private Path file;

    @Option(names = "--explanatory", required = true, paramLabel = "NAME", description = "column of x: its heading, or its number from 1")
    private String explanatory;

    @Option(names = "--response", required = true, paramLabel = "NAME", description = "column of y: its heading, or its number from 1")
    private String response;

    @Option(names = "--curve", defaultValue = "line", paramLabel = "CURVE", description = "line")
    private String curve;

    @Option(names = "--predict", split = ",", paramLabel = "X", description = "x values to predict at, with commas between them")
    private List<String> predict = new ArrayList<>();

    @Option(names = "--level", defaultValue = "0.95", paramLabel = "LEVEL", description = "level of the intervals, between 0 and 1")
    private double level;

    @Option(names = "--json", description = "print JSON, numbers in full")
    private boolean json;

    @Override
    public Integer call() {
        List<Double> at = at();
        if (!(level > 0 && level < 1)) {
            throw new ParameterException(spec.commandLine(), "--level is " + level + "; it must lie between 0 and 1, such as 0.95.");
        }
        if (!curve.equals("line")) {
            throw new ParameterException(spec.commandLine(), "--curve is “" + curve + "”; the curve that can be fitted is line.");
        }
        return switch (DelimitedText.read(file).then(this::columns)) {
            case Reading.Refused<Columns>(String message) -> refuse(message);
            case Reading.Done<Columns>(Columns columns) -> fit(columns, at);
        };
    }

    private record Columns(DataTable table, int x, int y) {
        Pairs pairs() {
            return Pairs.of(table, x, y);
        }
    }

    private Reading<Columns> columns(Block block) {
        DataTable table = DelimitedText.table(block, List.of(), DecimalMark.POINT);
        OptionalInt x = column(block, explanatory);
        OptionalInt y = column(block, response);
        if (x.isEmpty() || y.isEmpty()) {
            String headings = block.headings().map(it -> "Its headings are: " + String.join(", ", it) + ".")
                    .orElse("It has no headings; name columns by number, 1 to " + block.width() + ".");
            return Reading.refused("There is no column “" + (x.isEmpty() ? explanatory : response) + "” in "
                    + file.getFileName() + ". " + headings);
        }
        return x.getAsInt() == y.getAsInt()
                ? Reading.refused("--explanatory and --response name the same column. A line needs two.")
                : Reading.done(new Columns(table, x.getAsInt(), y.getAsInt()));
    }

    /** The column with this heading, whole or without its unit; else the column of this number. */
    private static OptionalInt column(Block block, String named) {
        List<String> headings = block.headings().orElse(List.of());
        for (int i = 0; i < headings.size(); i++) {
            if (headings.get(i).strip().equals(named.strip()) || Variable.fromHeading(headings.get(i)).name().equals(named.strip())) {
                return OptionalInt.of(i);
            }
        }
        boolean isNumber = named.matches("\\d{1,4}") && Integer.parseInt(named) >= 1 && Integer.parseInt(named) <= block.width();
        return isNumber ? OptionalInt.of(Integer.parseInt(named) - 1) : OptionalInt.empty();
    }

    private int fit(Columns columns, List<Double> at) {
        Pairs pairs = columns.pairs();
        return switch (LeastSquares.line(pairs)) {
            case Fit.None(String reason) -> refuse(reason + leftOut(pairs));
            case LineFit line -> {
                Variable x = columns.table().variable(columns.x());
                Variable y = columns.table().variable(columns.y());
                List<Prediction> predictions = at.stream().map(value -> line.predict(value, level)).toList();
                PrintWriter out = spec.commandLine().getOut();
                if (json) {
                    out.print(FitJson.of(line, pairs, x, y, predictions));
                } else {
                    print(out, line, pairs, x, y, predictions);
                }
                out.flush();
                yield 0;
            }
        };
    }

    private static String leftOut(Pairs pairs) {
        return pairs.leftOut().isEmpty() ? "" : " " + pairs.leftOut().size() + " of " + pairs.rowsInAll() + " rows were left out; the first is row "
                + (pairs.leftOut().getFirst().row() + 1) + " (" + pairs.leftOut().getFirst().reason().inWords() + ").";
    }

    private int refuse(String message) {
        spec.commandLine().getErr().println(message);
        return 1;
    }

    private List<Double> at() {
        List<Double> values = new ArrayList<>();
        for (String text : predict) {
            if (!(NumberReading.ofMeasurement(text, DecimalMark.POINT) instanceof NumberReading.Value value)) {
                throw new ParameterException(spec.commandLine(), "--predict: “" + text + "” is not a number.");
            }
            values.add(value.value());
        }
        return values;
    }

    private void print(PrintWriter out, LineFit line, Pairs pairs, Variable x, Variable y, List<Prediction> predictions) {
        NumberStyle style = NumberStyle.STANDARD;
        out.println(Equation.of(line, x, y, style).plain());
        out.println();
        out.printf("%-11s %14s %14s %10s %12s%n", "", "value", "std. error", "t", "p");
        for (Coefficient coefficient : line.coefficients()) {
            out.printf("%-11s %14s %14s %10s %12s%n", coefficient.name(), style.show(coefficient.value()),
                    style.show(coefficient.standardError()), style.show(coefficient.t()), style.show(coefficient.p()));
        }
        out.println();
        out.printf("r  %s   R²  %s   adjusted R²  %s   s  %s%s%n", style.show(line.r()), style.show(line.rSquared()),
                style.show(line.adjustedRSquared()), style.show(line.residualStandardError()), y.unitAfterNumber());
        out.printf("n  %d of %d rows   data from %s to %s%s%n", pairs.n(), pairs.rowsInAll(), style.shortest(line.support().low()),
                style.shortest(line.support().high()), x.unitAfterNumber());
        pairs.leftOut().stream().limit(10).forEach(row -> out.printf("left out: row %d, %s%n", row.row() + 1, row.reason().inWords()));
        if (pairs.leftOut().size() > 10) {
            out.printf("and %d more%n", pairs.leftOut().size() - 10);
        }
        for (Prediction prediction : predictions) {
            out.printf("at %s: %s%s, mean %s, single %s%s%n", style.shortest(prediction.x()), style.show(prediction.fitted()),
                    y.unitAfterNumber(), ends(prediction.meanInterval()), ends(prediction.predictionInterval()),
                    prediction.inside() ? "" : " (outside the data)");
        }
    }

    private static String ends(Optional<Interval> interval) {
        return interval.map(it -> NumberStyle.STANDARD.show(it.low()) + " to " + NumberStyle.STANDARD.show(it.high()))
                .orElse(NumberStyle.UNDEFINED);
    }
}
