package hestra.documents.page;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import hestra.data.Cell;
import hestra.data.Pairs;
import hestra.data.Row;
import hestra.desk.Findings;
import hestra.desk.Work;
import hestra.documents.picture.FigureImage;
import hestra.documents.picture.Palette;
import hestra.figure.Layout;
import hestra.figure.ResidualStrip;
import hestra.figure.ScatterPlot;

/** A student's work as one HTML page that stands by itself: plot, equation, statistics, answers and data. */
public final class WriteUp {

    private static final double WIDTH = 760;
    private static final double PLOT_HEIGHT = 470;
    private static final double STRIP_HEIGHT = 150;

    private WriteUp() {}

    /** The page of a desk as it stands. Held-back aids are not on it, nor are verdicts that come after handing in. */
    public static String html(Findings findings) {
        return html(findings, false);
    }

    /** The page of a desk that is being handed in, with all verdicts. */
    public static String ofHandIn(Findings findings) {
        return html(findings, true);
    }

    private static String html(Findings findings, boolean handedIn) {
        Map<String, Object> page = new HashMap<>();
        Work work = findings.desk().work();
        page.put("title", findings.exercise().title());
        page.put("place", findings.exercise().place());
        page.put("heading", findings.exercise().heading());
        page.put("student", work.student().isBlank() ? "no name" : work.student().strip());
        int begun = work.checks().begun();
        page.put("begun", begun > 1 ? "begun " + begun + " times" : "");
        page.put("parts", findings.exercise().parts().stream().map(part -> part(findings.at(part), handedIn)).toList());
        return template().execute(page);
    }

    /** What stands on the page of the part in hand: its sheet, the plot before the first task, and the data at the end. */
    private static Map<String, Object> part(Findings findings, boolean handedIn) {
        Map<String, Object> page = new HashMap<>();
        WriteUpBlocks blocks = new WriteUpBlocks(findings, handedIn);
        page.put("partHeading", findings.part().heading());
        page.put("before", blocks.beforeTheTasks());
        page.put("sheet", blocks.fromTheFirstTask());
        page.put("plot", FigureImage.svg(ScatterPlot.describe(findings.plot(), new Layout(WIDTH, PLOT_HEIGHT, 1)), Palette.LIGHT,
                "Scatter plot of " + findings.y().described() + " against " + findings.x().described()));
        boolean residuals = findings.curveInHand().isPresent() && findings.residualsAreOpen();
        page.put("strip", residuals ? FigureImage.svg(ResidualStrip.describe(findings.strip(), findings.work().plot().strip(), new Layout(WIDTH, STRIP_HEIGHT, 1)),
                Palette.LIGHT, "Residuals of the " + findings.curveInHand().orElseThrow().curve().inWords() + ", " + findings.work().plot().strip().title()) : "");
        CurveReport curves = new CurveReport(findings);
        page.put("curves", curves.curves());
        page.put("predictions", curves.predictions());
        page.put("level", findings.style().withDigits(4).shortest(findings.level() * 100) + " %");
        page.put("hasPredictions", !curves.predictions().isEmpty());
        page.put("x", heading(findings.x().name(), findings.x().unit()));
        page.put("y", heading(findings.y().name(), findings.y().unit()));
        page.put("rows", rows(findings));
        page.put("leftOut", leftOut(findings.pairs()));
        return page;
    }

    private static List<Map<String, Object>> rows(Findings findings) {
        List<Map<String, Object>> rows = new ArrayList<>();
        int x = findings.work().drawnRoles().explanatory();
        int y = findings.work().drawnRoles().response();
        for (int i = 0; i < findings.work().table().size(); i++) {
            Row row = findings.work().table().row(i);
            if (row.cell(x).isEmpty() && row.cell(y).isEmpty()) {
                continue;
            }
            Map<String, Object> shown = new HashMap<>();
            shown.put("number", i + 1);
            shown.put("xText", findings.work().table().shown(i, x));
            shown.put("yText", findings.work().table().shown(i, y));
            shown.put("residual", row.cell(x) instanceof Cell.Measured && row.cell(y) instanceof Cell.Measured
                    ? findings.residual(i).map(it -> findings.style().withDigits(3).show(it)).orElse("") : "");
            rows.add(shown);
        }
        return rows;
    }

    private static List<String> leftOut(Pairs pairs) {
        return pairs.leftOut().stream().map(row -> "Row " + (row.row() + 1) + ": " + row.reason().inWords()
                + (row.detail().isBlank() ? "" : " (" + row.detail() + ")")).toList();
    }

    private static String heading(String name, String unit) {
        return unit.isEmpty() ? name : name + " (" + unit + ")";
    }

    private static Reader reader(String name) {
        InputStream in = Objects.requireNonNull(WriteUp.class.getResourceAsStream("/hestra/documents/page/" + name + ".html"));
        return new InputStreamReader(in, StandardCharsets.UTF_8);
    }

    private static Template template() {
        try (Reader page = reader("write-up")) {
            return Mustache.compiler().escapeHTML(true).withLoader(name -> reader("write-up-" + name)).compile(page);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
