package hestra.documents.page;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.chance.ChanceWords;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.desk.ChanceInView;
import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.PartWork;
import hestra.desk.PlotDescription;
import hestra.documents.page.Piece.Table.Line;
import hestra.figure.ChancePile;
import hestra.figure.PlotContent;
import hestra.figure.ResidualStrip;
import hestra.figure.ScatterPlot;
import hestra.figure.StripKind;
import hestra.fit.CurveOnData;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;
import hestra.overview.Overview;
import hestra.overview.Section;
import hestra.summary.CorrelationMatrix;
import hestra.task.Aid;
import hestra.task.Keepable;
import hestra.working.Calculation;
import hestra.working.CalculationLine;

/** What the notes of a person's own sheet look like on a page, and on the sheet itself. */
public final class NotePieces {

    /** A figure narrower than this has no room for equations beside the curves. */
    private static final double ROOM_FOR_EQUATIONS = 420;
    private static final double RATIO = 0.55;
    private static final double STRIP_RATIO = 0.32;
    private static final double SMALL_RATIO = 0.72;
    /** A pile is so many times as high as a strip. */
    private static final double PILE = 1.3;
    /** So many rows that were set aside are named below a figure. */
    private static final int MOST_SAID = 20;
    /** Tables of more columns have no room beside one another. */
    private static final int MOST_NARROW = 4;
    private static final int MOST_BESIDE = 3;
    private static final int FEWEST_BELOW = 8;
    private static final int MOST_BELOW = 30;
    private static final String NOTHING = "There is no curve yet.";

    private final OwnSheet sheet;
    private final Note note;
    /** What follows from the work as it stood when the note was kept. */
    private final Findings findings;

    private NotePieces(OwnSheet sheet, Note note, Findings findings) {
        this.sheet = sheet;
        this.note = note;
        this.findings = findings;
    }

    /**
     * A note as it is shown.
     *
     * @param kept what follows from the work as it stood when the note was kept, see {@link Findings#of(Note.Shown)}
     */
    public static List<Piece> of(Note note, OwnSheet sheet, Findings kept) {
        NotePieces pieces = new NotePieces(sheet, note, kept);
        return switch (note) {
            case Note.Text(String _, String text) -> text.isBlank() ? List.of() : List.of(new Piece.Text(text));
            case Note.Calculated(String _, CalculationLine line, Optional<PartWork> _) -> List.of(pieces.calculated(line));
            case Note.Kept(String _, Keepable what, Optional<PartWork> _, String caption) -> pieces.kept(what, caption);
        };
    }

    /** All that stands on a sheet, in its order. */
    static List<Piece> ofSheet(Findings findings) {
        OwnSheet sheet = findings.work().sheet();
        return sheet.notes().stream().flatMap(note -> of(note, sheet,
                note instanceof Note.Shown shown ? findings.of(shown) : findings).stream()).toList();
    }

    /** The plot, the equation and the readings as they are, for a page on which nothing else stands. */
    static List<Piece> asItIs(Findings findings) {
        OwnSheet sheet = new OwnSheet(List.of(kept("a", Keepable.FIGURE), kept("b", Keepable.EQUATION),
                kept("c", Keepable.READINGS), kept("d", Keepable.DATA)), List.of());
        return sheet.notes().stream().flatMap(note -> of(note, sheet, findings).stream()).toList();
    }

    private static Note kept(String id, Keepable what) {
        return new Note.Kept(id, what, Optional.empty(), "");
    }

    private List<Piece> kept(Keepable what, String caption) {
        return switch (what) {
            case FIGURE -> Stream.concat(Stream.of(plot(findings.plot().kept(), caption)), setAside(findings).stream()).toList();
            case STRIP -> List.of(strip(findings.strip().kept(), findings.work().plot().strip(), STRIP_RATIO, label(), caption));
            case RESIDUALS -> List.of(new Piece.Plots(Stream.of(StripKind.AGAINST_X, StripKind.AGAINST_FITTED, StripKind.IN_ORDER,
                    StripKind.NORMAL)
                    .map(kind -> strip(findings.strip().kept(), kind, SMALL_RATIO, "", kind.title())).toList(), label(),
                    caption));
            case EQUATION -> equation(caption);
            case READINGS -> readings(caption);
            case SUMMARY -> summary(caption);
            case COEFFICIENTS -> coefficients(caption);
            case PREDICTIONS -> predictions(caption);
            case CORRELATIONS -> List.of(correlations(caption));
            case SUMS -> WorkingPieces.sums(findings, label(), caption);
            case MATRICES -> WorkingPieces.matrices(findings, label(), caption);
            case DATA -> List.of(data(findings, label(), caption));
            case CHANCE -> List.of(chance(caption));
        };
    }

    private String label() {
        return sheet.label(note.id());
    }

    private Piece.Plot plot(PlotContent content, String caption) {
        PlotContent small = content.withoutEquations();
        return new Piece.Plot(layout -> ScatterPlot.describe(layout.width() < ROOM_FOR_EQUATIONS * layout.type()
                ? small : content, layout), RATIO,
                label(), caption, PlotDescription.of(findings).paragraph());
    }

    private Piece.Plot strip(PlotContent content, StripKind kind, double ratio, String label, String caption) {
        return new Piece.Plot(layout -> ResidualStrip.describe(content, kind, layout), ratio, label, caption,
                PlotDescription.ofStrip(findings, kind));
    }

    /** The pile, with all that it is to hold. */
    private Piece chance(String caption) {
        Optional<ChanceInView> chance = findings.played().map(ChanceInView::finished);
        Optional<ChanceWords> words = chance.flatMap(it -> it.words(findings));
        return words.<Piece>map(it -> new Piece.Plot(layout -> ChancePile.describe(Optional.of(it.asked()),
                chance.get().title(findings), it.style(), layout), STRIP_RATIO * PILE, label(),
                caption.isBlank() ? it.caption() : caption, it.pileInWords()))
                .orElseGet(() -> new Piece.Remark("Nothing has been drawn by chance yet."));
    }

    private List<Piece> equation(String caption) {
        Optional<CurveOnData> curve = findings.curves().curveInHand();
        if (curve.isEmpty() || !findings.isOpen(Aid.EQUATION)) {
            return List.of(new Piece.Remark(NOTHING));
        }
        Piece set = new Piece.Set(findings.numbers().narrowEquation(curve.get()), caption);
        return findings.numbers().hasLongNames()
                ? List.of(set, new Piece.Remark("y: " + findings.y().name() + "; x: " + findings.x().name())) : List.of(set);
    }

    private List<Piece> readings(String caption) {
        Optional<CurveOnData> curve = findings.curves().curveInHand();
        if (curve.isEmpty()) {
            return List.of(new Piece.Remark(NOTHING));
        }
        List<Piece.Values.Value> values = new CurveReport(findings).values(curve.get());
        String title = caption.isBlank()
                ? Words.capitalized(curve.get().inWords()) + ", " + Counted.of(findings.pairs().n(), "point") : caption;
        return List.of(new Piece.Values(title, values));
    }

    private List<Piece> summary(String caption) {
        Overview overview = Overview.of(findings);
        List<Line> lines = new ArrayList<>();
        overview.variables().lines().forEach(line -> lines.add(Line.of(line.name(), line.entries().getFirst().text(),
                line.entries().getLast().text())));
        List<Piece.Values.Value> together = overview.association().lines().stream()
                .map(line -> new Piece.Values.Value(line.name(), line.entries().getFirst().text())).toList();
        return List.of(new Piece.Table(label(), caption.isBlank() ? "Summary of " + findings.x().name() + " and " + findings.y()
                .name()
                : caption, List.of("", overview.variables().headings().getFirst(), overview.variables().headings().getLast()),
                lines),
                new Piece.Values("", together));
    }

    private List<Piece> coefficients(String caption) {
        Overview overview = Overview.of(findings);
        Section section = overview.coefficients();
        if (section.lines().isEmpty()) {
            return List.of(new Piece.Remark(NOTHING));
        }
        List<String> headings = Stream.concat(Stream.of(""), section.lines().stream().map(Section.Line::name)).toList();
        List<Line> lines = IntStream.range(0, section.headings().size())
                .mapToObj(i -> new Line(Stream.concat(Stream.of(section.headings().get(i)),
                section.lines().stream().map(line -> line.entries().get(i).text())).toList(), false)).toList();
        return List.of(new Piece.Table(label(), caption.isBlank() ? section.title() : caption, headings, lines),
                new Piece.Values("", overview.fit().lines().stream()
                        .map(line -> new Piece.Values.Value(line.name(), line.entries().getFirst().text())).toList()));
    }

    private List<Piece> predictions(String caption) {
        String title = caption.isBlank()
                ? "Predictions of the " + findings.curves().curveInHand().map(CurveOnData::inWords).orElse("curve") : caption;
        return List.of(new CurveReport(findings).predictionTable(label(), title)
                .orElse(new Piece.Remark("No predictions are kept yet. Keep one by the bookmark beside it.")));
    }

    private Piece correlations(String caption) {
        DataTable table = findings.work().table();
        List<Integer> columns = CorrelationMatrix.columnsOfNumbers(table);
        CorrelationMatrix matrix = CorrelationMatrix.of(table, columns);
        List<String> headings = new ArrayList<>(List.of(""));
        columns.forEach(column -> headings.add(table.variable(column).name()));
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            List<String> cells = new ArrayList<>(List.of(table.variable(columns.get(i)).name()));
            matrix.entries().get(i).forEach(entry -> cells.add(findings.isOpen(Aid.R) ? findings.numbers().style().withDigits(3)
                    .share(entry) : NumberStyle.UNDEFINED));
            lines.add(new Line(cells, false));
        }
        return new Piece.Table(label(), caption.isBlank() ? "r of each pair of columns" : caption, headings, lines);
    }

    private Piece calculated(CalculationLine line) {
        return new Piece.Formula(line.text() + switch (findings.calculated(line)) {
            case Calculation.Value(double value) ->
                    (line.name().isEmpty() ? " = " : " = ") + findings.numbers().style().show(value);
            case Calculation.Problem(int _, String message) -> ": " + message;
        });
    }

    /** Which rows a figure shows as set aside, and why; nothing where none is. */
    private static Optional<Piece> setAside(Findings findings) {
        DataTable table = findings.work().table();
        List<String> rows = IntStream.range(0, table.size()).filter(i -> table.row(i).isSetAside()).limit(MOST_SAID)
                .mapToObj(i -> "row " + (i + 1) + table.row(i).setAside().filter(reason -> !reason.isBlank())
                        .map(reason -> " (" + reason + ")").orElse("")).toList();
        long more = table.rows().stream().filter(Row::isSetAside).count() - rows.size();
        return rows.isEmpty() ? Optional.empty() : Optional.of(new Piece.Remark("Set aside, and left out of every number: "
                + String.join(", ", rows) + (more == 0 ? "" : " and " + Counted.of((int) more, "row") + " more") + "."));
    }

    /** The pairs with what is left of each; rows that take no part are struck out, with the reason. */
    static Piece.Table data(Findings findings, String label, String caption) {
        Roles roles = findings.work().drawnRoles();
        DataTable table = findings.work().table();
        boolean residuals = findings.curves().curveInHand().isPresent() && findings.curves().residualsAreOpen();
        boolean reasons = table.rows().stream().anyMatch(Row::isSetAside);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < table.size(); i++) {
            Row row = table.row(i);
            if (row.cell(roles.explanatory()).isEmpty() && row.cell(roles.response()).isEmpty()) {
                continue;
            }
            List<String> cells = new ArrayList<>(Arrays.asList(Integer.toString(i + 1), table.shown(i, roles.explanatory()),
                    table.shown(i, roles.response())));
            if (residuals) {
                boolean measured = row.cell(roles.explanatory()) instanceof Cell.Measured
                        && row.cell(roles.response()) instanceof Cell.Measured;
                cells.add(measured
                        ? findings.curves().residual(i).map(findings.numbers().precision()::residual).orElse("") : "");
            }
            if (reasons) {
                cells.add(row.setAside().map(reason -> "set aside: " + reason).orElse(""));
            }
            lines.add(new Line(cells, row.isSetAside()));
        }
        List<String> headings = new ArrayList<>(List.of("row", findings.x().columnTitle(), findings.y().columnTitle()));
        if (residuals) {
            headings.add("residual");
        }
        if (reasons) {
            headings.add("");
        }
        return new Piece.Table(label, caption, headings, lines);
    }

    /** A long narrow table in columns beside one another. */
    static Piece compact(Piece.Table table) {
        int rows = table.lines().size();
        int beside = Math.min(MOST_BESIDE, (rows + FEWEST_BELOW - 1) / FEWEST_BELOW);
        if (table.headings().size() > MOST_NARROW || beside < 2) {
            return table;
        }
        int height = (rows + beside - 1) / beside;
        return rows > MOST_BELOW * MOST_BESIDE ? table : new Piece.Beside(IntStream.iterate(0, from -> from < rows,
                from -> from + height).mapToObj(from -> new Piece.Table("", "", table.headings(),
                table.lines().subList(from, Math.min(rows, from + height)))).toList(), Optional.empty(), table.caption());
    }
}
