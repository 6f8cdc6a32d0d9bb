package hestra.desk;

import java.util.OptionalInt;

import hestra.data.Fineness;
import hestra.data.Variable;
import hestra.exercise.PlotRules;
import hestra.fit.CurveOnData;
import hestra.fit.Equation;
import hestra.fit.EquationNotation;
import hestra.fit.Precision;
import hestra.fit.Prediction;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.numbers.Once;

/** How numbers and equations are written on a desk: as chosen at the readings, or by the author. */
public final class NumberForms {

    private static final int LONG_NAME = 18;
    private static final int USUAL_DIGITS = 4;

    private final PartWork work;
    private final PlotRules rules;
    private final DecimalMark mark;
    private final Once<Precision> precision = new Once<>();

    NumberForms(PartWork work, PlotRules rules, DecimalMark mark) {
        this.work = work;
        this.rules = rules;
        this.mark = mark;
    }

    private Variable x() {
        return work.table().variable(work.drawnRoles().explanatory());
    }

    private Variable y() {
        return work.table().variable(work.drawnRoles().response());
    }

    /** The equation of a curve, written as the exercise writes equations. */
    public Equation equation(CurveOnData curve) {
        return equation(curve, form());
    }

    /** How equations are written: as chosen at the readings, or by the author. */
    public EquationNotation form() {
        return work.plot().numbers().form().orElse(rules.form());
    }

    /** The level of intervals. */
    public double level() {
        return work.plot().numbers().level().orElse(Prediction.USUAL_LEVEL);
    }

    /** The same in percent: "95 %". */
    public String levelInWords() {
        return style().level(level()) + " %";
    }

    /** The equation of a curve in another form. */
    public Equation equation(CurveOnData curve, EquationNotation form) {
        return Equation.of(curve, x(), y(), precision(), form);
    }

    /** With how many digits the numbers of curves are shown. */
    public Precision precision() {
        return precision.get(() -> new Precision(style(), Fineness.carried(work.table(), work.drawnRoles().explanatory()),
                Fineness.carried(work.table(), work.drawnRoles().response())));
    }

    /** How numbers look. */
    public NumberStyle style() {
        NumberStyle usual = new NumberStyle(mark, USUAL_DIGITS);
        return digits().isPresent() ? usual.asked(digits().getAsInt()) : usual;
    }

    /**
     * How many digits the numbers of curves are to have: as chosen at the readings, or by the author; nothing for as many as are
     * needed.
     */
    public OptionalInt digits() {
        return work.plot().numbers().digits().isPresent() ? work.plot().numbers().digits() : rules.digits();
    }

    /** Whether the variables' names are too long for an equation beside the plot. */
    public boolean hasLongNames() {
        return Math.max(x().name().length(), y().name().length()) > LONG_NAME;
    }

    /** The equation of a curve where room is narrow: in letters where names would not fit. */
    public Equation narrowEquation(CurveOnData curve) {
        return equation(curve, hasLongNames() ? form().withNames(false) : form());
    }
}
