package hestra.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.Callable;

import hestra.chance.Asked;
import hestra.chance.Playing;
import hestra.chance.Run;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Subset;
import hestra.data.Variable;
import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import hestra.documents.file.SoundFile;
import hestra.documents.page.FitJson;
import hestra.documents.table.DataFile;
import hestra.documents.table.DelimitedText;
import hestra.documents.table.DelimitedText.Block;
import hestra.documents.table.Separator;
import hestra.documents.table.TextData;
import hestra.documents.table.TextShape;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.Words;
import hestra.sound.PlotSound;
import hestra.working.Calculation;
import hestra.working.FitAnswer;
import hestra.working.FitAnswer.Part;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Fits a curve to two columns of a file. */
@Command(name = "fit", description = "Fit a curve to two columns of a file of data: a text, or a workbook (.xlsx, .ods).",
        mixinStandardHelpOptions = true,
        sortOptions = false)
public final class FitCommand implements Callable<Integer> {

    private static final Map<String, Separator> SEPARATORS = new TreeMap<>(Map.of("comma", Separator.COMMA, "semicolon",
            Separator.SEMICOLON, "tab", Separator.TAB,
            "bar", Separator.BAR, "space", Separator.SPACES, "wide-spaces", Separator.WIDE_SPACES, "nothing", Separator.NONE));
    private static final Map<String, DecimalMark> MARKS = new TreeMap<>(Map.of("point", DecimalMark.POINT, "comma",
            DecimalMark.COMMA));

    private static final Logger LOG = LoggerFactory.getLogger(FitCommand.class);
    private static final double SOUND_SECONDS = 4;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE",
            description = "read as the window reads it: any separator, encoding and decimal mark, with or without headings")
    private Path file;

    @Option(names = "--explanatory", required = true, paramLabel = "NAME",
            description = "column of x: its heading, or its number from 1")
    private String explanatory;

    @Option(names = "--response", required = true, paramLabel = "NAME",
            description = "column of y: its heading, or its number from 1")
    private String response;

    @Option(names = "--sheet", paramLabel = "NAME", description = "the sheet of a workbook; the first one without this")
    private String sheet;

    @Option(names = "--separator", paramLabel = "WHAT",
            description =
            "what stands between columns, where the guess is wrong: comma, semicolon, tab, bar, space, wide-spaces or nothing")
    private String separator;

    @Option(names = "--decimal", paramLabel = "MARK", description = "point or comma, where the guess is wrong")
    private String decimal;

    @Option(names = "--headings", negatable = true,
            description = "whether the first line names the columns, where the guess is wrong")
    private Boolean headings;

    @Option(names = "--count", paramLabel = "NAME", description = "column that says how often each row was observed")
    private String count;

    @Option(names = "--only", paramLabel = "ROWS", description = "only these rows of data, from 1, such as 1-12,15")
    private String only;

    @Option(names = "--curve", defaultValue = "line", paramLabel = "CURVE",
            description = "line, origin, quadratic, cubic, poly4, poly5, poly6, exponential, power, log, wave, or own terms: "
                    + "terms: with any of 1, x, x^2, x^3, sqrt(x), 1/x, ln(x), exp(x), commas between them")
    private String curve;

    @Option(names = "--direct", description = "fit an exponential or power curve on y itself, not on the log scale")
    private boolean direct;

    @Option(names = "--predict", split = ",", paramLabel = "X", description = "x values to predict at, with commas between them")
    private List<String> predict = new ArrayList<>();

    @Option(names = "--reach", split = ",", paramLabel = "Y", description = "y values to find x for, with commas between them")
    private List<String> reach = new ArrayList<>();

    @Option(names = "--level", defaultValue = "0.95", paramLabel = "LEVEL",
            description = "level of the intervals, between 0 and 1")
    private double level;

    @Option(names = "--calculate", paramLabel = "FORMULA",
            description = "a formula over the results, such as \"slope * 20 + intercept\"; may be given several times")
    private List<String> formulas = new ArrayList<>();

    @Option(names = "--compare", description = "every curve that the data allow, side by side")
    private boolean compare;

    @Option(names = "--diagnostics", description = "residual, leverage and influence of each point, and the residuals as a whole")
    private boolean diagnostics;

    @Option(names = "--working", description = "the hand calculation by sums and by matrices")
    private boolean working;

    @Option(names = "--summary", description = "means, spread, quartiles and correlation of the two variables")
    private boolean summary;

    @Mixin
    private ChanceOptions chance = new ChanceOptions();

    @Option(names = "--digits", paramLabel = "N",
            description = "significant digits of the text, 2 to 15; without this as many as are needed, four at least")
    private Integer digits;

    @Option(names = "--sound", paramLabel = "WAV",
            description = "write how it sounds to a file: points, then the curve, then both, then the residuals, left to right")
    private Path sound;

    @Option(names = "--json", description = "print JSON, numbers in full")
    private boolean json;

    @Override
    public Integer call() {
        List<Double> at = numbers("--predict", predict);
        List<Double> values = numbers("--reach", reach);
        if (!(level > 0 && level < 1)) {
            throw misused("--level is " + level + "; it must lie between 0 and 1, such as 0.95.");
        }
        if (digits != null && (digits < 2 || digits > 15)) {
            throw misused("--digits is " + digits + "; it must lie between 2 and 15.");
        }
        Curve chosen = chosen();
        Optional<Subset> subset = subset();
        return switch (DataFile.read(file).then(this::understood).then(data -> columns(data.block()))) {
            case Result.Refused<Columns>(String message) -> refuse(message);
            case Result.Done<Columns>(Columns columns) -> {
                Pairs all = columns.pairs();
                Pairs pairs = subset.map(all::only).orElse(all);
                yield switch (LeastSquares.fit(chosen, pairs)) {
                    case Fit.None(String reason) -> refuse(reason + leftOut(pairs));
                    case CurveFit fit -> heard(pairs, fit) ? 1 :
                            played(fit, pairs, new FitAnswer(fit, pairs, columns.variable(columns.x()),
                            columns.variable(columns.y()), level, at, values,
                            formulas.stream().map(text -> Calculation.read(text, DecimalMark.POINT)).toList(), parts()));
                };
            }
        };
    }

    /** The table that is meant, understood as the window does, but for what was said otherwise. */
    private Result<TextData> understood(List<DataFile.Part> parts) {
        Optional<DataFile.Part> part = sheet == null
                ? Optional.of(parts.getFirst()) : parts.stream().filter(it -> it.name().equals(sheet)).findFirst();
        if (part.isEmpty()) {
            return Result.refused("There is no sheet “" + sheet + "” in " + FileReading.name(file) + ". Its sheets are: "
                    + String.join(", ", parts.stream().map(DataFile.Part::name).toList()) + ".");
        }
        return part.get().understand(DecimalMark.POINT).then(guessed -> {
            TextShape shape = guessed.shape();
            shape = separator == null ? shape : shape.withSeparator(named("--separator", separator, SEPARATORS));
            shape = decimal == null ? shape : shape.withMark(named("--decimal", decimal, MARKS));
            shape = shape.withHeaded(headings == null ? shape.headed() || beginsWithTheNames(guessed) : headings);
            return shape.equals(guessed.shape())
                    ? Result.done(guessed) : TextData.read(part.get().text(), shape, DecimalMark.POINT);
        });
    }

    /** Whether the first line holds the names that were given: then it is a heading, whatever stands below it. */
    private boolean beginsWithTheNames(TextData data) {
        List<List<String>> rows = data.block().rows();
        Block first = new Block(rows.isEmpty() ? Optional.empty() : Optional.of(rows.getFirst()), List.of());
        return !explanatory.matches("\\d+") && column(first, explanatory).isPresent() && column(first, response).isPresent();
    }

    private <T> T named(String option, String name, Map<String, T> names) {
        return Optional.ofNullable(names.get(name))
                .orElseThrow(() -> misused(option + " is “" + name + "”; it is one of " + String.join(", ", names.keySet())
                        + "."));
    }

    private Curve chosen() {
        Curve.FittedOn on = direct ? Curve.FittedOn.VALUES : Curve.FittedOn.LOGARITHMS;
        Curve chosen = Curve.of(curve, on).orElseThrow(() -> misused("--curve is “" + curve
                + "”; there is no such curve. Curves are line, origin, "
                + "quadratic, cubic, poly4, poly5, poly6, exponential, power, log, wave, and terms:1,x,sqrt(x) and the like."));
        if (direct && !(chosen instanceof Curve.Exponential) && !(chosen instanceof Curve.Power)) {
            throw misused("--direct is for exponential and power curves; the " + chosen.inWords() + " is always fitted on y.");
        }
        return chosen;
    }

    private Set<Part> parts() {
        Set<Part> parts = EnumSet.noneOf(Part.class);
        if (compare) {
            parts.add(Part.COMPARISON);
        }
        if (diagnostics) {
            parts.add(Part.DIAGNOSTICS);
        }
        if (working) {
            parts.add(Part.WORKING);
        }
        if (summary) {
            parts.add(Part.SUMMARY);
        }
        return parts;
    }

    private Optional<Subset> subset() {
        if (only == null) {
            return Optional.empty();
        }
        Set<Integer> rows = new TreeSet<>();
        for (String part : only.split(",", -1)) {
            if (!part.strip().matches("\\d{1,7}(-\\d{1,7})?")) {
                throw misused("--only is “" + only + "”; name rows such as 1-12,15.");
            }
            String[] ends = part.strip().split("-");
            for (int row = Integer.parseInt(ends[0]);
                    row <= Math.min(Integer.parseInt(ends[ends.length - 1]), DataTable.MOST_ROWS); row++) {
                rows.add(row - 1);
            }
        }
        return Optional.of(new Subset("rows " + only, rows));
    }

    private record Columns(DataTable table, int x, int y, OptionalInt count) {
        Pairs pairs() {
            return Pairs.of(table, x, y, count);
        }

        Variable variable(int column) {
            return table.variable(column);
        }
    }

    private Result<Columns> columns(Block block) {
        DataTable table = DelimitedText.table(block, List.of(), DecimalMark.POINT);
        OptionalInt x = column(block, explanatory);
        OptionalInt y = column(block, response);
        OptionalInt counts = count == null ? OptionalInt.empty() : column(block, count);
        Optional<String> missing = x.isEmpty() ? Optional.of(explanatory) : y.isEmpty() ? Optional.of(response)
                : count != null && counts.isEmpty() ? Optional.of(count) : Optional.empty();
        if (missing.isPresent()) {
            String headings = block.headings().map(it -> "Its headings are: " + String.join(", ", it) + ".")
                    .orElse("It has no headings; name columns by number, 1 to " + block.width() + ".");
            return Result.refused("There is no column “" + missing.get() + "” in " + FileReading.name(file) + ". " + headings);
        }
        return x.getAsInt() == y.getAsInt()
                ? Result.refused("--explanatory and --response name the same column. A curve needs two.")
                : Result.done(new Columns(table, x.getAsInt(), y.getAsInt(), counts));
    }

    /** The column with this heading, whole or without its unit; else the column of this number. */
    private static OptionalInt column(Block block, String named) {
        List<String> headings = block.headings().orElse(List.of());
        for (int i = 0; i < headings.size(); i++) {
            if (headings.get(i).strip().equals(named.strip())
                    || Variable.fromHeading(headings.get(i)).name().equals(named.strip())) {
                return OptionalInt.of(i);
            }
        }
        boolean isNumber = named.matches("\\d{1,4}") && Integer.parseInt(named) >= 1 && Integer.parseInt(named) <= block.width();
        return isNumber ? OptionalInt.of(Integer.parseInt(named) - 1) : OptionalInt.empty();
    }

    private static String leftOut(Pairs pairs) {
        return pairs.leftOut().isEmpty()
                ? ""
                : " " + pairs.leftOut().size() + " of " + Counted.of(pairs.rowsInAll(), "row") + " left out; the first is row "
                + (pairs.leftOut().getFirst().row() + 1) + " (" + pairs.leftOut().getFirst().reason().inWords() + ").";
    }

    /** Writes how it sounds, where that is wanted; whether it could not be written, which is said. */
    private boolean heard(Pairs pairs, CurveFit fit) {
        if (sound == null) {
            return false;
        }
        try {
            SoundFile.write(sound, PlotSound.of(pairs, Optional.of(fit)).playAll(SOUND_SECONDS));
            return false;
        } catch (IOException e) {
            LOG.info("{} cannot be written", sound, e);
            refuse(FileReading.name(sound) + " could not be written: " + Words.ended(e.getMessage()));
            return true;
        }
    }

    /** Prints the answer with what chance says of it, where that was asked. */
    private int played(CurveFit fit, Pairs pairs, FitAnswer answer) {
        Optional<Playing> run = chance.run(fit, pairs, level);
        return run.isPresent() && run.get() instanceof Playing.None(String reason)
                ? refuse(reason) : print(answer, run.map(it -> chance.asked((Run) it, level)));
    }

    private int print(FitAnswer answer, Optional<Asked> asked) {
        PrintWriter out = spec.commandLine().getOut();
        OptionalInt wanted = digits == null ? OptionalInt.empty() : OptionalInt.of(digits);
        out.print(json ? FitJson.of(answer, asked) : FitText.of(answer, wanted)
                + asked.map(it -> ChanceText.of(it, answer.precision(wanted).style(), answer.x(), answer.y())).orElse(""));
        out.flush();
        return 0;
    }

    private int refuse(String message) {
        spec.commandLine().getErr().println(message);
        return 1;
    }

    private ParameterException misused(String message) {
        return new ParameterException(spec.commandLine(), message);
    }

    private List<Double> numbers(String option, List<String> texts) {
        List<Double> values = new ArrayList<>();
        for (String text : texts) {
            if (!(NumberReading.ofMeasurement(text, DecimalMark.POINT) instanceof NumberReading.Value value)) {
                throw misused(option + ": “" + text + "” is not a number.");
            }
            values.add(value.value());
        }
        return values;
    }
}
