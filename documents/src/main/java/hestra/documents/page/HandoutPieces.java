package hestra.documents.page;

import java.util.ArrayList;
import java.util.Base64;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.desk.PlotDescription;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.OptionOrder;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.exercise.SquaredPaper;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.figure.Plane;
import hestra.figure.PlotContent;
import hestra.figure.ScatterPlot;
import hestra.figure.SquaredGround;
import hestra.fit.Curve;
import hestra.fit.LineFit;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;
import hestra.task.ChoiceRow;
import hestra.task.Explains;
import hestra.task.FindPoint;
import hestra.task.FindSlip;
import hestra.task.Key;
import hestra.task.OnPaper;
import hestra.task.PointSort;
import hestra.task.Rounded;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.task.UsesCurve;
import hestra.tracing.Picture;

/**
 * What stands on the handout of one variant: texts, the data, axes to draw on, and each task with room for its answer. On the key
 * to it the answers are written in, beside wrong answers worth knowing.
 */
final class HandoutPieces {

    private static final double RATIO = 0.5;
    /** More rows than these are not printed. */
    static final int MOST_ROWS = 120;
    /** Rows of the data one below the other before they go on beside. */
    private static final int COLUMN = 14;
    /** A table of more columns stands by itself. */
    private static final int MOST_COLUMNS = 4;
    /** The width of a column of data, and of a letter, as a share of the text's. */
    private static final double LETTER = 0.0105;
    private static final double COLUMN_ROOM = 0.03;
    private static final double NARROWEST_GROUND = 0.5;
    private static final int MOST_BESIDE = 3;
    private static final int FEWEST_BELOW = 7;
    private static final double MOST_RATIO = 0.8;
    /** Squared paper is about as high as its author says. */
    private static final double GIVE = 0.15;
    private static final int MOST_WRONG = 5;
    private static final int MOST_CURVES = 3;
    /** More lines of a table to be filled in than these may stand on two pages. */
    private static final int HIGHEST_GRID = 10;
    /** The width of the plot beside which the numbers stand on a key. */
    private static final double RESULT = 0.58;
    private static final Frame SOMEWHERE = new Frame(0, 10, 0, 10);

    private final Exercise exercise;
    private final boolean key;
    private final Paper paper;
    private final List<Piece> pieces = new ArrayList<>();
    /** The forms of each task, by its id: they hold what is right, which is worked out. */
    private final Map<String, List<OnPaper>> forms = new HashMap<>();

    private HandoutPieces(Exercise exercise, boolean key, Paper paper) {
        this.paper = paper;
        this.exercise = exercise;
        this.key = key;
    }

    /** All of it; the key where that is wanted. */
    static List<Piece> of(Exercise exercise, boolean key, Paper paper) {
        HandoutPieces all = new HandoutPieces(exercise, key, paper);
        exercise.parts().forEach(all::part);
        return all.pieces;
    }

    private void part(Part part) {
        Truth truth = part.truth(exercise.mark());
        if (!part.heading().isBlank()) {
            pieces.add(new Piece.Heading(2, exercise.parts().size() > 1
                    ? "Part " + (exercise.indexOf(part) + 1) + ": " + part.heading() : part.heading()));
        }
        if (key) {
            result(part);
        }
        boolean printed = part.blocks().stream().anyMatch(Block.Printed.class::isInstance) || part.isOwn();
        for (Block block : part.blocks()) {
            // The data stand before the first task, unless the author put them somewhere.
            if (block instanceof Block.Asked && !printed) {
                printed = true;
                data(part, truth, "");
            }
            block(block, part, truth);
        }
    }

    private void block(Block block, Part part, Truth truth) {
        switch (block) {
            case Block.Asked(Task task) -> task(task, part, truth);
            case Block.Printed(String _, String caption) -> data(part, truth, LiveText.fill(caption, part, exercise.mark()));
            case Block other when key -> { }
            case Block.Prose(String _, String text) ->
                    pieces.add(new Piece.Text(LiveText.fill(text, part, exercise.mark())));
            case Block.Illustration(String _, Picture picture, String caption, String alternative) ->
                    pieces.add(new Piece.Image(picture, LiveText.fill(caption, part, exercise.mark()), alternative));
            case Block.Plot plot -> {
                PlotContent content = FixedPlot.of(exercise, part, plot);
                String caption = LiveText.fill(plot.caption(), part, exercise.mark());
                pieces.add(plot(content, RATIO, caption.isBlank() ? "A plot of the data" : caption, caption));
            }
            case Block.Formula(String _, String formula) ->
                    pieces.add(new Piece.Formula(LiveText.fill(formula, part, exercise.mark())));
            case Block.Strange _ -> { }
        }
    }

    /** What follows from the true data of a part, in a plot that they fill. */
    private Findings truth(Part part) {
        return FixedPlot.truth(exercise, part.withRules(part.rules().showing(Optional.empty())));
    }

    private static Piece.Plot plot(PlotContent content, double ratio, String alternative, String caption) {
        return new Piece.Plot(layout -> ScatterPlot.describe(content, layout), ratio, "", caption, alternative);
    }

    // The data, and paper to draw on

    /** The true table, in columns beside each other, with squared paper beside it where something is to be drawn. */
    private void data(Part part, Truth truth, String caption) {
        // What is to be read off a picture is not told.
        if (key || part.tasks().stream().anyMatch(Task::readsPicture)) {
            return;
        }
        DataTable table = truth.data();
        int rows = Math.min(table.size(), MOST_ROWS);
        String note = rows < table.size()
                ? "The first " + rows + " of " + Counted.of(table.size(), "row") + "; all are in the file." : "";
        double width = width(table);
        int fitting = (int) Math.clamp(1 / width, 1, MOST_BESIDE);
        int beside = Math.clamp((rows + COLUMN - 1) / COLUMN, 1, fitting);
        int height = Math.max(1, (rows + beside - 1) / beside);
        Optional<Piece.Plot> ground = ground(part, truth);
        if (height > COLUMN + FEWEST_BELOW || table.width() > MOST_COLUMNS) {
            pieces.add(new Piece.Table("", (caption + " " + note).strip(), headings(table), lines(table, 0, rows)));
            ground.ifPresent(pieces::add);
            return;
        }
        List<Piece.Table> columns = columns(table, lines(table, 0, rows), height);
        double rest = 1 - columns.size() * width;
        boolean fits = rest >= NARROWEST_GROUND && part.rules().squared() == SquaredPaper.THIRD;
        pieces.add(new Piece.Beside(columns, fits ? ground.map(it -> it.withShare(rest)
                .withRatio(Math.min(MOST_RATIO, it.ratio() / rest))) : Optional.empty(),
                (caption + " " + note).strip()));
        if (!fits) {
            ground.ifPresent(pieces::add);
        }
    }

    /** The table as it was entered, with what was mistyped on purpose: the one above is true. */
    private static void asEntered(Truth truth, List<Piece> into) {
        DataTable entered = truth.printed();
        List<Integer> left = truth.leftToType();
        List<Piece.Table.Line> lines = IntStream.range(0, Math.min(entered.size(), MOST_ROWS)).filter(row -> !left.contains(row))
                .mapToObj(row -> line(entered, row)).toList();
        int fitting = (int) Math.clamp(1 / width(entered), 1, MOST_BESIDE + 1);
        int beside = Math.clamp((lines.size() + FEWEST_BELOW - 1) / FEWEST_BELOW, 1, fitting);
        int height = (lines.size() + beside - 1) / beside;
        into.add(height > COLUMN + FEWEST_BELOW ? new Piece.Table("", "", headings(entered), lines)
                : new Piece.Beside(columns(entered, lines, height), Optional.empty(), ""));
    }

    /** Lines in tables beside one another, so many in each. */
    private static List<Piece.Table> columns(DataTable table, List<Piece.Table.Line> lines, int height) {
        return IntStream.iterate(0, from -> from < lines.size(), from -> from + height)
                .mapToObj(from -> new Piece.Table("", "", headings(table),
                        lines.subList(from, Math.min(lines.size(), from + height)))).toList();
    }

    /** The width of a table, about, as a share of the text's. */
    private static double width(DataTable table) {
        double width = COLUMN_ROOM + LETTER * 4;
        for (int column = 0; column < table.width(); column++) {
            int at = column;
            int widest = IntStream.range(0, Math.min(table.size(), MOST_ROWS)).map(row -> table.row(row).cell(at).text().length())
                    .max().orElse(0);
            int longest = Math.max(table.variable(column).columnTitle().length(), widest);
            width += COLUMN_ROOM + LETTER * longest;
        }
        return width;
    }

    private static List<String> headings(DataTable table) {
        List<String> headings = new ArrayList<>(List.of(""));
        table.variables().forEach(it -> headings.add(it.columnTitle()));
        return headings;
    }

    private static List<Piece.Table.Line> lines(DataTable table, int from, int to) {
        return IntStream.range(from, to).mapToObj(row -> line(table, row)).toList();
    }

    private static Piece.Table.Line line(DataTable table, int row) {
        List<String> cells = new ArrayList<>(List.of(Integer.toString(row + 1)));
        table.row(row).cells().forEach(cell -> cells.add(cell.text()));
        return new Piece.Table.Line(cells, false);
    }

    /** Squared paper with axes that fit the data, where a task of the part is done on it. */
    private Optional<Piece.Plot> ground(Part part, Truth truth) {
        Optional<OnPaper.Axes> axes = part.tasks().stream().flatMap(task -> forms(task, truth).stream())
                .filter(OnPaper.Axes.class::isInstance).map(OnPaper.Axes.class::cast).filter(it -> !it.points()).findFirst();
        boolean plain = axes.isEmpty();
        boolean shown = part.blocks().stream().anyMatch(Block.Plot.class::isInstance)
                || part.tasks().stream().anyMatch(task -> forms(task, truth).stream()
                        .anyMatch(it -> it instanceof OnPaper.Axes || it instanceof OnPaper.NumberedPoints));
        boolean onPaper = part.tasks().isEmpty() || part.tasks().stream()
                .anyMatch(task -> OnPaper.isDoneOnPaper(forms(task, truth)));
        boolean wanted = part.rules().squared() != SquaredPaper.NONE && onPaper && truth.data().size() > 0;
        if (!wanted || plain && shown) {
            return Optional.empty();
        }
        boolean named = plain || axes.get().named();
        Pairs pairs = truth.pairs();
        Frame frame = pairs.size() == 0 ? SOMEWHERE : Frame.around(pairs.xs(), pairs.ys());
        SquaredGround ground = new SquaredGround(new Plane(truth.x(), truth.y(), frame), named, named, truth.style());
        double ratio = part.rules().squared().share() * paper.textHeight() / paper.textWidth();
        return Optional.of(new Piece.Plot(ground::describe, ratio, "", "", "Empty squared paper for a plot").withGive(GIVE));
    }

    // Tasks

    private void task(Task task, Part part, Truth truth) {
        if (task.terms().printed().leftOut()) {
            return;
        }
        String rounding = Rounded.shortly(task);
        String marks = task.terms().marks() == 0 ? "" : Counted.of(task.terms().marks(), "mark");
        List<Piece> together = new ArrayList<>();
        together.add(new Piece.TaskHead(exercise.indexOf(task.id()) + 1, task.terms().title(),
                rounding + (rounding.isEmpty() || marks.isEmpty() ? "" : " \u00b7 ") + marks,
                key ? "" : LiveText.fill(task.terms().paperPrompt(), part, exercise.mark())));
        if (!key && task instanceof FindSlip && truth.leftToType().size() < truth.data().size()) {
            boolean first = part.tasks().stream().filter(FindSlip.class::isInstance).findFirst().filter(task::equals).isPresent();
            together.add(new Piece.Remark(first ? "The table as it was entered:" : "The table as it was entered stands above."));
            if (first) {
                asEntered(truth, together);
            }
        }
        for (OnPaper form : forms(task, truth)) {
            form(task, form, part, truth, together);
        }
        if (key) {
            notes(task, truth, together);
        }
        pieces.add(new Piece.Together(together));
    }

    private List<OnPaper> forms(Task task, Truth truth) {
        return forms.computeIfAbsent(task.id(), _ -> task.onPaper(truth));
    }

    private void form(Task task, OnPaper form, Part part, Truth truth, List<Piece> into) {
        switch (form) {
            case OnPaper.Choices(ChoiceRow row, Set<Integer> right) -> {
                List<Integer> order = OptionOrder.of(exercise, "").places(task.id(), row);
                into.add(new Piece.Form(new OnPaper.Choices(new ChoiceRow(row.name(), row.prompt(),
                        order.stream().map(row.options()::get).toList(), row.several()),
                        IntStream.range(0, order.size()).filter(i -> right.contains(order.get(i))).boxed()
                                .collect(Collectors.toSet())), key));
            }
            case OnPaper.NumberedPoints _ when !key -> numbered(task, part, truth, into);
            case OnPaper.Axes(boolean points, boolean _) when points && !key -> drawn(part, into);
            case OnPaper.ThePicture _ when !key -> picture(part, into);
            case OnPaper.NumberedPoints _, OnPaper.ThePicture _ -> { }
            case OnPaper.Grid grid -> parts(grid).forEach(it -> into.add(new Piece.Form(it, key)));
            default -> into.add(new Piece.Form(form, key));
        }
    }

    /** A high table in several, each with the headings, so that a page may end between two of them. */
    private static List<OnPaper.Grid> parts(OnPaper.Grid grid) {
        int lines = grid.lines().size() - 1;
        if (lines <= HIGHEST_GRID) {
            return List.of(grid);
        }
        int parts = (lines + HIGHEST_GRID - 1) / HIGHEST_GRID;
        int height = (lines + parts - 1) / parts;
        return IntStream.range(0, parts).mapToObj(i -> new OnPaper.Grid(i == 0 ? grid.title() : "",
                Stream.concat(Stream.of(grid.lines().getFirst()),
                        grid.lines().subList(1 + i * height, Math.min(lines + 1, 1 + (i + 1) * height)).stream()).toList()))
                .toList();
    }

    /** The plot with the numbers of its rows; as it was entered where a mistyped value is to be found in it. */
    private void numbered(Task task, Part part, Truth truth, List<Piece> into) {
        boolean mistyped = task instanceof FindPoint point && point.sort() == PointSort.MISTYPED;
        Findings shown = truth(mistyped ? part.withData(truth.printed()) : part);
        if (shown.pairs().size() > 0) {
            into.add(plot(shown.showing(EnumSet.of(Layer.POINTS), false).numbered(), RATIO,
                    "The data, each point with the number of its row", ""));
        }
    }

    /** The points, for a curve to be drawn through. */
    private void drawn(Part part, List<Piece> into) {
        Findings truth = truth(part);
        if (truth.pairs().size() > 0) {
            into.add(plot(truth.showing(EnumSet.of(Layer.POINTS), false), RATIO, "The data as points", ""));
        }
    }

    private static void picture(Part part, List<Piece> into) {
        if (part.provenance() instanceof Provenance.Traced(Picture picture, var _)) {
            into.add(new Piece.Image(picture, "", "The picture that the data are read off"));
        }
    }

    // The key

    /** The plot with its line, the equation and the numbers that are asked most. */
    private void result(Part part) {
        Findings truth = truth(part);
        if (truth.pairs().size() == 0) {
            return;
        }
        Piece.Plot plot = plot(truth.showing(EnumSet.of(Layer.POINTS, Layer.LINE), true), 0.6,
                PlotDescription.of(truth).paragraph(), "")
                .withShare(RESULT);
        Optional<LineFit> line = truth.fit().line();
        List<Piece> numbers = new ArrayList<>();
        if (line.isPresent() && truth.curves().curveInHand().isPresent()) {
            NumberStyle style = truth.numbers().style();
            numbers.add(new Piece.Set(truth.numbers().narrowEquation(truth.curves().curveInHand().get()), ""));
            numbers.add(new Piece.Table("", "", List.of("", ""), List.of(
                    Piece.Table.Line.of("r", style.share(line.get().r())),
                    Piece.Table.Line.of("R\u00b2", style.share(line.get().rSquared())),
                    Piece.Table.Line.of("s", style.show(line.get().residualStandardError())),
                    Piece.Table.Line.of("n", Integer.toString(truth.pairs().n())),
                    Piece.Table.Line.of("mean of " + truth.x().name(), style.show(line.get().meanX())),
                    Piece.Table.Line.of("mean of " + truth.y().name(), style.show(line.get().meanY())))));
        }
        for (Curve curve : part.tasks().stream().flatMap(task -> UsesCurve.of(task).curves().stream())
                .filter(it -> !(it instanceof Curve.Line)).distinct().limit(MOST_CURVES).toList()) {
            part.truth(exercise.mark()).evidence().fit(curve).curveFit().ifPresent(fit -> numbers.add(new Piece.Set(
                    truth.numbers().narrowEquation(fit), Words.capitalized(curve.inWords()))));
        }
        pieces.add(new Piece.SideBySide(List.of(plot), numbers, RESULT));
    }

    /** What is not written into the forms: the key in words, wrong answers and what they come from, and why it is so. */
    private void notes(Task task, Truth truth, List<Piece> into) {
        Key right = task.key(truth);
        boolean written = forms(task, truth).stream().anyMatch(HandoutPieces::isWritten);
        if (!right.computed()) {
            into.add(new Piece.Remark("No key: " + right.text() + "."));
        } else if (!written && !(task instanceof Explains)) {
            into.add(new Piece.Written(right.text()));
        }
        if (task instanceof Explains explains) {
            into.add(new Piece.Remark("looked for: " + String.join(" \u00b7 ", explains.lookedFor()) + "; the rest by you"));
        }
        if (!right.recognised().isEmpty()) {
            into.add(new Piece.Table("", "", List.of("a wrong answer worth knowing", "what it comes from"),
                    right.recognised().stream().limit(MOST_WRONG)
                            .map(it -> Piece.Table.Line.of(it.answer(), it.from())).toList()));
        }
        if (!task.terms().why().isEmpty()) {
            into.add(new Piece.Text(task.terms().why()));
        }
    }

    /** Whether the answer stands in a form. */
    private static boolean isWritten(OnPaper form) {
        return switch (form) {
            case OnPaper.Blank(String _, String _, boolean _, String answer) -> !answer.isBlank();
            case OnPaper.Lines(int _, String model) -> !model.isBlank();
            case OnPaper.Gaps(var _, String model) -> !model.isBlank();
            case OnPaper.Choices _, OnPaper.Grid _, OnPaper.LetteredPlots _ -> true;
            case OnPaper.Axes _, OnPaper.NumberedPoints _, OnPaper.ThePicture _, OnPaper.InTheProgram _ -> false;
        };
    }

    /** A picture, for the page to hold in itself. */
    static String source(byte[] bytes) {
        boolean png = bytes.length > 1 && bytes[1] == 'P';
        return "data:image/" + (png ? "png" : "jpeg") + ";base64," + Base64.getEncoder().encodeToString(bytes);
    }
}
