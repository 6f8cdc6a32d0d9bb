package hestra.desktop.write;


import hestra.task.WriteEquation;

/** Which curve, and to how many digits. */
final class WriteEquationFields {

    private WriteEquationFields() {}

    static void add(KindFields<WriteEquation> fields) {
        CurveField.add(fields, "of which curve", WriteEquation::curve,
                (task, now) -> new WriteEquation(task.terms()
                        .withPrompt(task.terms().prompt().replace(task.curve().inWords(), now.inWords())), now, task.digits()));
        fields.add(TaskFields.stacked("significant digits of each coefficient",
                fields.spinner("edit-digits", WriteEquation.LEAST_DIGITS, WriteEquation.MOST_DIGITS, WriteEquation::digits,
                        (task, digits) -> new WriteEquation(task.terms(), task.curve(), digits))));
    }
}
