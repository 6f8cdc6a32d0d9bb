package hestra.documents.page;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.desk.Findings;
import hestra.documents.page.Piece.Table.Line;
import hestra.fit.Fit;
import hestra.fit.LinearFit;
import hestra.numbers.NumberStyle;
import hestra.working.MatrixWorking;
import hestra.working.SumsWorking;
import hestra.working.SumsWorking.Column;

/** A hand calculation on a page. */
final class WorkingPieces {

    private static final int MOST_ROWS = 200;
    private static final int MOST_HAT = 8;
    private static final String NONE = "There is no calculation by hand for these data and this curve.";

    private WorkingPieces() {}

    /** The table of sums as far as it is unfolded, and the steps below it. */
    static List<Piece> sums(Findings findings, String label, String caption) {
        Optional<SumsWorking> working = findings.fit().line().filter(_ -> findings.pairs().size() <= MOST_ROWS)
                .flatMap(line -> SumsWorking.of(line, findings.pairs()));
        if (working.isEmpty()) {
            return List.of(new Piece.Remark(NONE));
        }
        NumberStyle style = findings.numbers().style();
        int unfolded = findings.work().plot().unfolded();
        // Kept before anything was unfolded it is meant as a whole: x and y alone are no calculation.
        List<Column> columns = SumsWorking.UNFOLDING.stream().limit(unfolded <= 2 ? SumsWorking.UNFOLDING.size() : unfolded)
                .toList();
        List<Line> lines = new ArrayList<>();
        for (SumsWorking.Row row : working.get().rows()) {
            lines.add(new Line(Stream.concat(Stream.of(Integer.toString(row.row() + 1)), columns.stream()
                    .map(column -> row.shown(column, style))).toList(), false));
        }
        lines.add(new Line(Stream.concat(Stream.of("Σ"), columns.stream().map(column -> working.get().shownSum(column, style)))
                .toList(), false));
        List<Piece> pieces = new ArrayList<>();
        pieces.add(new Piece.Table(label, caption.isBlank() ? "The calculation by sums" : caption,
                Stream.concat(Stream.of("row"), columns.stream().map(column ->
                column == Column.X ? findings.x().columnTitle()
                        : column == Column.Y ? findings.y().columnTitle()
                        : column.heading())).toList(), lines));
        working.get().steps().stream().filter(step -> columns.contains(step.after()))
                .forEach(step -> pieces.add(new Piece.Formula(step.shown(style))));
        return pieces;
    }

    /** The matrices, each a table. */
    static List<Piece> matrices(Findings findings, String label, String caption) {
        Optional<MatrixWorking> working = findings.curves().fitInHand().flatMap(Fit::curveFit)
                .filter(LinearFit.class::isInstance).map(LinearFit.class::cast)
                .flatMap(fit -> MatrixWorking.of(fit, findings.pairs()));
        if (working.isEmpty()) {
            return List.of(new Piece.Remark(NONE));
        }
        NumberStyle style = findings.numbers().style();
        MatrixWorking matrices = working.get();
        List<Double> fitted = matrices.fitted();
        List<Piece> pieces = new ArrayList<>(List.of(
                matrix(label, caption.isBlank() ? "X′X" : caption + ": X′X", matrices.terms(), texts(matrices.xx(), style::sum)),
                matrix("", "(X′X)⁻¹", matrices.terms(), texts(matrices.inverse(), style::worked)),
                matrix("", "X′y and the coefficients b = (X′X)⁻¹X′y", List.of("X′y", "b"),
                        IntStream.range(0, matrices.xy().size()).mapToObj(i -> List.of(style.sum(matrices.xy().get(i)),
                                style.worked(matrices.coefficients().get(i)))).toList())));
        if (matrices.hat().size() <= MOST_HAT) {
            pieces.add(matrix("", "The hat matrix H = X(X′X)⁻¹X′", Collections.nCopies(matrices.hat().size(), ""),
                    texts(matrices.hat(), style::worked)));
        }
        pieces.add(matrix("", "y, and ŷ = Hy", List.of("y", "ŷ"), texts(IntStream.range(0, matrices.y().size())
                .mapToObj(i -> List.of(matrices.y().get(i), fitted.get(i))).toList(), style::worked)));
        pieces.add(new Piece.Remark("The diagonal of H adds up to " + style.show(matrices.trace())
                + ", the number of coefficients. The largest entry of H·H − H, which should be 0, is "
                + style.withDigits(2).show(matrices.unevenness()) + "."));
        return pieces;
    }

    private static List<List<String>> texts(List<List<Double>> entries, DoubleFunction<String> text) {
        return entries.stream().map(row -> row.stream().map(text::apply).toList()).toList();
    }

    private static Piece matrix(String label, String caption, List<String> headings, List<List<String>> rows) {
        return new Piece.Table(label, caption, headings, rows.stream().map(row -> new Line(row, false)).toList());
    }
}
