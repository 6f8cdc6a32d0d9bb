package hestra.desk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.stream.IntStream;

import hestra.chance.ChanceWords;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.figure.Layer;
import hestra.figure.PlotContent;
import hestra.figure.StripKind;
import hestra.fit.CurveOnData;
import hestra.numbers.Counted;
import hestra.numbers.Words;
import hestra.summary.Association;
import hestra.task.Aid;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;

/**
 * A scatter plot in words, at three lengths: a sentence, a paragraph, every point. It says what a look at the plot as it is would
 * tell, and nothing that is closed; where a task asks what the pattern is, it gives what the pattern is judged by instead: where
 * y lies in each third of x.
 */
public final class PlotDescription {

    private static final int THIRDS = 3;
    /** With fewer points than this they are read one by one just as fast. */
    private static final int FEWEST_IN_THIRDS = 6;

    private final Findings findings;
    private final boolean withCurves;

    private PlotDescription(Findings findings, boolean withCurves) {
        this.findings = findings;
        this.withCurves = withCurves;
    }

    /** The plot as it stands. */
    public static PlotDescription of(Findings findings) {
        return of(findings, true);
    }

    /** The same, with its curves or without. */
    public static PlotDescription of(Findings findings, boolean withCurves) {
        return new PlotDescription(findings, withCurves);
    }

    /** The residual strip in a sentence: what it shows, or what stands in its place. */
    public static String ofStrip(Findings findings) {
        return findings.curves().residualsAreOpen() && findings.curves().curveInHand().isPresent()
                ? ofStrip(findings, findings.work().plot().strip())
                : findings.placeOf(Aid.RESIDUALS, "Residuals", true).replace('\n', ' ');
    }

    /** The residuals of the curve in hand, shown in a way. */
    public static String ofStrip(Findings findings, StripKind kind) {
        return "Residuals of " + findings.y().described() + " from the "
                + findings.curves().curveInHand().map(CurveOnData::inWords).orElse("curve") + ", " + kind.title() + ".";
    }

    /** The pile of what chance gave, in sentences; before anything is drawn what to do. */
    public static String ofChance(Findings findings) {
        return findings.chance().map(chance -> chance.words(findings).map(ChanceWords::pileInWords)
                .orElseGet(() -> chance.title(findings)))
                .orElse("");
    }

    /** Whether the plot is closed, so that there is nothing to say of its points. */
    public boolean isClosed() {
        return findings.hidesPlot().isPresent() || findings.drawsPlot().isPresent();
    }

    /** What is plotted, of how many points, with what curves: "Scatter plot of length (cm) against age (days), 24 points." */
    public String sentence() {
        if (isClosed()) {
            PlotContent plot = findings.plot();
            return "The plot is closed. " + Words.ended(plot.notice().replace('\n', ' '));
        }
        int aside = (int) findings.work().table().rows().stream().filter(row -> row.isSetAside()).count();
        List<CurveOnData> curves = curves();
        StringJoiner names = new StringJoiner(", the ", ", with the ", "").setEmptyValue(", no curve");
        curves.forEach(curve -> names.add(curve.inWords()));
        return "Scatter plot of " + findings.y().described() + " against " + findings.x().described() + ", "
                + Counted.of(findings.pairs().n(), "point") + (aside == 0 ? "" : " and " + aside + " set aside") + names + ".";
    }

    /** The sentence, then ranges, pattern, groups, what stands apart, and what the curves and readings that are open say. */
    public String paragraph() {
        List<String> parts = new ArrayList<>(List.of(sentence()));
        if (!isClosed() && findings.pairs().size() > 0) {
            parts.add(ranges());
            parts.addAll(pattern());
            groups().ifPresent(parts::add);
            curves().forEach(curve -> parts.add(said(curve)));
            readings().ifPresent(parts::add);
            if (findings.playing().isPresent()) {
                parts.add("Below it: " + ofChance(findings));
            }
            if (findings.plot().layers().contains(Layer.RESIDUALS) && findings.curves().residualsAreOpen()
                    && !curves().isEmpty()) {
                parts.add("Residuals are drawn.");
            }
        }
        return String.join(" ", parts);
    }

    /** A line for each point, along x; none where the plot is closed. */
    public List<String> points() {
        if (isClosed()) {
            return List.of();
        }
        return along(findings.pairs()).stream().map(findings.pairs()::row).map(row -> "row " + point(findings, row)).toList();
    }

    /** A point behind the word "row": its number, its name, x and y, its group, and how often it was observed. */
    public static String point(Findings findings, int row) {
        DataTable table = findings.work().table();
        Roles roles = findings.work().drawnRoles();
        StringBuilder text = new StringBuilder(Integer.toString(row + 1));
        roles.label().ifPresent(column -> text.append(", ").append(table.cell(row, column).text()));
        text.append(": ").append(findings.x().name()).append(' ').append(table.shown(row, roles.explanatory()))
                .append(", ").append(findings.y().name()).append(' ').append(table.shown(row, roles.response()));
        roles.group().ifPresent(column -> text.append(", ").append(table.cell(row, column).text()));
        roles.count().ifPresent(column -> text.append(", ").append(table.cell(row, column).text())
                .append(table.cell(row, column).text().equals("1") ? " time" : " times"));
        return text.toString();
    }

    /** The indices of pairs from left to right; of equal x from below. */
    private static List<Integer> along(Pairs pairs) {
        return IntStream.range(0, pairs.size()).boxed()
                .sorted(Comparator.<Integer>comparingDouble(pairs::x).thenComparingDouble(pairs::y)).toList();
    }

    private List<CurveOnData> curves() {
        return withCurves ? findings.curves().slots().stream().filter(findings.curves()::isShown)
                .flatMap(slot -> findings.curves().curveAt(slot).stream()).toList() : List.of();
    }

    private String ranges() {
        Pairs pairs = findings.pairs();
        List<Integer> byX = along(pairs);
        List<Integer> byY = IntStream.range(0, pairs.size()).boxed().sorted(Comparator.comparingDouble(pairs::y)).toList();
        Roles roles = findings.work().drawnRoles();
        return "Here " + range(findings.x(), roles.explanatory(), byX) + " and "
                + range(findings.y(), roles.response(), byY) + ".";
    }

    private String range(Variable variable, int column, List<Integer> order) {
        DataTable table = findings.work().table();
        Pairs pairs = findings.pairs();
        String unit = variable.unit().isBlank() ? "" : " " + variable.unit();
        return variable.name() + " is from " + table.shown(pairs.row(order.getFirst()), column) + " to "
                + table.shown(pairs.row(order.getLast()), column) + unit;
    }

    /** Direction, form, strength and what stands apart; or where a task asks for that, what it is judged by. */
    private List<String> pattern() {
        if (isAsked()) {
            return thirds();
        }
        Description seen = Description.proposedFor(findings.pairs());
        List<String> said = new ArrayList<>();
        if (seen.form() == Form.NONE) {
            said.add("No clear pattern.");
        } else {
            String way = seen.direction() == Direction.NEITHER ? "neither rising nor falling throughout"
                    : seen.direction().inWords();
            said.add("The pattern is " + way + ", " + seen.form().inWords() + " and " + seen.strength().inWords() + ".");
        }
        switch (seen.unusual()) {
            case NONE -> { }
            case ONE -> said.add("One point stands apart.");
            case SEVERAL -> said.add("Several points stand apart.");
        }
        return said;
    }

    /** Whether a task that is not done asks for what words about the pattern would tell. */
    private boolean isAsked() {
        return findings.stillAsked().anyMatch(state -> state.task().isToldInWords());
    }

    private List<String> thirds() {
        Pairs pairs = findings.pairs();
        List<Integer> along = along(pairs);
        if (pairs.size() < FEWEST_IN_THIRDS) {
            return List.of();
        }
        List<String> said = new ArrayList<>();
        for (int third = 0; third < THIRDS; third++) {
            List<Integer> here = along.subList(along.size() * third / THIRDS, along.size() * (third + 1) / THIRDS);
            List<Integer> byY = here.stream().sorted(Comparator.comparingDouble(pairs::y)).toList();
            int weight = here.stream().mapToInt(pairs::count).sum();
            double mean = here.stream().mapToDouble(i -> pairs.y(i) * pairs.count(i)).sum() / weight;
            said.add(Words.ended(List.of("Left third", "Middle third", "Right third").get(third) + ": "
                    + range(findings.x(), findings.work().drawnRoles().explanatory(), here) + ", "
                    + range(findings.y(), findings.work().drawnRoles().response(), byY) + ", mean "
                    + findings.numbers().precision().predicted(mean)));
        }
        return said;
    }

    private Optional<String> groups() {
        Optional<Integer> column = findings.work().drawnRoles().group().stream().boxed().findFirst();
        Map<String, Integer> groups = new LinkedHashMap<>();
        column.ifPresent(it -> IntStream.range(0, findings.pairs().size()).forEach(i -> groups.merge(
                findings.work().table().cell(findings.pairs().row(i), it).text(), findings.pairs().count(i), Integer::sum)));
        StringJoiner said = new StringJoiner(", ", "Groups: ", ".");
        groups.forEach((name, count) -> said.add(name + " (" + count + ")"));
        return groups.isEmpty() ? Optional.empty() : Optional.of(said.toString());
    }

    /** A curve by its equation where that is open, else by where it begins and ends over the data. */
    private String said(CurveOnData curve) {
        String name = Character.toUpperCase(curve.inWords().charAt(0)) + curve.inWords().substring(1);
        if (findings.isOpen(Aid.EQUATION)) {
            return name + ": " + findings.numbers().equation(curve).plain() + ".";
        }
        double[] ends = {findings.pairs().xs().min().orElseThrow(), findings.pairs().xs().max().orElseThrow()};
        StringJoiner said = new StringJoiner(" to ", name + ": from left to right from ", ".").setEmptyValue(name + ".");
        for (double end : ends) {
            curve.fitted(end).ifPresent(y -> said.add(findings.numbers().precision().predicted(y)));
        }
        return said.toString();
    }

    private Optional<String> readings() {
        Optional<Association> association = Association.of(findings.pairs());
        StringJoiner said = new StringJoiner(", ");
        if (withCurves && findings.isOpen(Aid.R)) {
            association.flatMap(it -> it.r().stream().boxed().findFirst())
                    .ifPresent(r -> said.add("r " + findings.numbers().style().share(r)));
        }
        return said.length() == 0 ? Optional.empty() : Optional.of(said + ".");
    }
}
