package hestra.overview;

import java.util.List;

import hestra.desk.Findings;

/**
 * The numbers of two variables and of the curve in hand, each with a sentence that says what it means for these data. What an
 * exercise holds back is a dash with what opens it.
 *
 * @param variables the two by themselves
 * @param association how they go together
 * @param coefficients of the curve in hand; without a line where there is none or its equation is held back
 * @param fit how well the curve fits; without a line where there is none
 * @param residuals what the curve leaves over; without a line where there is none or residuals are held back
 */
public record Overview(Section variables, Section association, Section coefficients, Section fit, Section residuals) {

    public static Overview of(Findings findings) {
        AboutCurve curve = new AboutCurve(findings);
        return new Overview(new AboutVariables(findings).section(), new AboutAssociation(findings).section(),
                curve.coefficients(), curve.fit(), curve.residuals());
    }

    /** All sections, those without lines too. */
    public List<Section> all() {
        return List.of(variables, association, coefficients, fit, residuals);
    }

    /** The sections that have lines. */
    public List<Section> sections() {
        return all().stream().filter(section -> !section.lines().isEmpty()).toList();
    }
}
