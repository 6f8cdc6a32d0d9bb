package hestra.overview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import hestra.desk.Findings;
import hestra.numbers.NumberStyle;
import hestra.overview.Section.Line;
import hestra.sentences.Aspect;
import hestra.summary.Association;
import hestra.task.Aid;

/** How the two variables go together. */
final class AboutAssociation {

    private static final double STRONG = 0.8;
    private static final double CLEAR = 0.5;
    private static final double WEAK = 0.2;

    private final Findings findings;
    private final Optional<Association> association;
    private final NumberStyle style;

    AboutAssociation(Findings findings) {
        this.findings = findings;
        this.association = Association.of(findings.pairs());
        this.style = findings.numbers().style();
    }

    Section section() {
        List<Line> lines = new ArrayList<>();
        lines.add(line("Sxx", it -> new Entry(style.show(it.sxx()), "The squared distances of " + x()
                + " from its mean, added up.")));
        lines.add(line("Syy", it -> new Entry(style.show(it.syy()), "The squared distances of " + y()
                + " from its mean, added up: the variation that a line is to explain.")));
        lines.add(line("Sxy", it -> new Entry(style.show(it.sxy()), "For each point, its distance from the mean of " + x()
                + " times its distance from the mean of " + y() + ", added up. "
                + (it.sxy() > 0 ? "Above 0: the two go up together."
                : it.sxy() < 0 ? "Below 0: as the one goes up, the other goes down."
                : "0: neither up nor down together."))));
        lines.add(line("covariance (n − 1)", it -> new Entry(style.show(it.covariance()),
                "Sxy ÷ (n − 1). Its size depends on the units, which r does not.")));
        lines.add(line("covariance (n)", it -> new Entry(style.show(it.covarianceOfAll()),
                "Sxy ÷ n, as for values that are all there are.")));
        lines.add(line("r", this::r));
        lines.add(line(findings.numbers().levelInWords() + " interval of r", this::interval));
        lines.add(line("p of r", this::p));
        lines.add(line("rank correlation", this::ranks));
        return new Section("How they go together", List.of(""), lines);
    }

    private String x() {
        return findings.x().name();
    }

    private String y() {
        return findings.y().name();
    }

    private Line line(String name, Function<Association, Entry> entry) {
        if (!findings.isOpen(Aid.R)) {
            return Line.of(name, new Entry(NumberStyle.UNDEFINED, findings.whatOpens(Aid.R) + "."));
        }
        return Line.of(name, association.map(entry).orElse(new Entry(NumberStyle.UNDEFINED, "This takes at least two points.")));
    }

    private Entry r(Association it) {
        if (it.r().isEmpty()) {
            return new Entry(NumberStyle.UNDEFINED,
                    "All values of one variable are the same, so there is no correlation to speak of.");
        }
        double r = it.r().getAsDouble();
        String size = Math.abs(r) == 1 ? "All points lie on a line"
                : Math.abs(r) >= STRONG ? "The points lie close to a line"
                : Math.abs(r) >= CLEAR ? "The points follow a line loosely"
                : Math.abs(r) >= WEAK ? "The points hardly follow a line" : "The points follow no line";
        String way = Math.abs(r) < WEAK ? "." : r > 0 ? " that goes up." : " that goes down.";
        return new Entry(style.share(r), findings.whatAsks(Aspect.About.R).orElse(size + way
                + " r is between −1 and 1 and has no unit; it says nothing about curves, or about causes."));
    }

    private Entry interval(Association it) {
        Optional<double[]> ends = it.intervalOfR(findings.numbers().level());
        return ends.map(e -> new Entry(style.share(e[0]) + " to " + style.share(e[1]),
                "If these points are a sample, the correlation of all there are plausibly lies in here"
                + (e[0] > 0 || e[1] < 0 ? ". 0 does not." : ", and 0 does too.")))
                .orElse(new Entry(NumberStyle.UNDEFINED, "This takes at least four points that do not lie on one line."));
    }

    private Entry p(Association it) {
        return it.p().isEmpty()
                ? new Entry(NumberStyle.UNDEFINED, "This takes at least three points that do not lie on one line.")
                : new Entry(style.p(it.p().getAsDouble()),
                findings.whatAsks(Aspect.About.P).orElse("An r this far from 0 would come up " + Chance.inWords(it.p()
                        .getAsDouble()) + " if " + x() + " and " + y() + " were unrelated."));
    }

    private Entry ranks(Association it) {
        return it.spearman().isEmpty() ? new Entry(NumberStyle.UNDEFINED, "All values of one variable are the same.")
                : new Entry(style.share(it.spearman().getAsDouble()),
                "r of the places in order instead of the values: near 1 or −1 where one variable always goes up or always down "
                + "as the other goes up, along a line or not.");
    }
}
