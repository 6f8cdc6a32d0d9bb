package hestra.feedback;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Cell;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.exercise.Answer;
import hestra.exercise.Attempt;
import hestra.exercise.Description;
import hestra.exercise.Exercise;
import hestra.exercise.Quantity;
import hestra.exercise.Task;
import hestra.fit.LineFit;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/**
 * Judges answers. The key is computed from the exercise's data at the moment of judging, so it is never stale; the same
 * attempt always gets the same verdict.
 */
public final class Judge {

    private final Exercise exercise;

    public Judge(Exercise exercise) {
        this.exercise = exercise;
    }

    /**
     * The verdict on an attempt.
     *
     * @throws IllegalArgumentException if the answer is not of the task's kind
     */
    public Verdict judge(Task task, Attempt attempt) {
        return switch (task) {
            case Task.EnterData enter when attempt.answer() instanceof Answer.Entered it -> entered(enter, it);
            case Task.ChooseRoles roles when attempt.answer() instanceof Answer.RolesChosen it -> roles(roles, it);
            case Task.Describe describe when attempt.answer() instanceof Answer.Described it -> described(describe, it);
            case Task.FindSlip slip when attempt.answer() instanceof Answer.Treated it -> treated(slip, it);
            case Task.ReadValue read when attempt.answer() instanceof Answer.Typed it -> value(read, it, attempt);
            case Task.Predict predict when attempt.answer() instanceof Answer.Predictions it ->
                predictions(predict, it, attempt);
            case Task.ExplainSlope explain when attempt.answer() instanceof Answer.Sentence it -> sentence(explain, it);
            default -> throw new IllegalArgumentException(
                    attempt.answer().getClass().getSimpleName() + " for " + task.getClass().getSimpleName());
        };
    }

    /**
     * What an answer still lacks before it can be judged, as a sentence; nothing where it is complete. An unfinished
     * answer costs no try.
     */
    public Optional<String> unfinished(Task task, Answer answer) {
        return switch (answer) {
            case Answer.Entered entered -> emptyCells(entered);
            case Answer.RolesChosen chosen -> chosen.roles().isEmpty()
                    ? Optional.of("Say first which variable explains and which responds.") : Optional.empty();
            case Answer.Described described -> described.isComplete() ? Optional.empty()
                    : Optional.of("Make all four choices first.");
            case Answer.Treated _ -> Optional.empty();
            case Answer.Typed typed -> unreadable(typed.text(), "Type a number first.");
            case Answer.Predictions predictions when task instanceof Task.Predict predict -> missing(predict, predictions);
            case Answer.Predictions _ -> Optional.empty();
            case Answer.Sentence sentence -> sentence.isBlank() ? Optional.of("Write a sentence first.") : Optional.empty();
        };
    }

    private Optional<String> emptyCells(Answer.Entered entered) {
        List<Integer> rows = exercise.leftToType();
        for (int i = 0; i < entered.rows().size() && i < rows.size(); i++) {
            if (entered.rows().get(i).stream().anyMatch(String::isBlank)) {
                return Optional.of("Row " + (rows.get(i) + 1) + " is not filled in yet.");
            }
        }
        return Optional.empty();
    }

    private Optional<String> missing(Task.Predict task, Answer.Predictions predictions) {
        for (int i = 0; i < task.at().size(); i++) {
            String where = "At " + shortest(task.at().get(i)) + ": ";
            Optional<String> problem = unreadable(predictions.at(i).text(), "type a number.");
            if (problem.isPresent() || predictions.at(i).trusted().isEmpty()) {
                return Optional.of(where + problem.orElse("say whether you would trust the prediction."));
            }
        }
        return Optional.empty();
    }

    private Optional<String> unreadable(String text, String whenBlank) {
        return switch (NumberReading.ofAnswer(text, exercise.mark())) {
            case NumberReading.Blank _ -> Optional.of(whenBlank);
            case NumberReading.Unreadable unreadable -> Optional.of(unreadable.reason());
            case NumberReading.Value _ -> Optional.empty();
        };
    }

    /** Whether an answer is of the kind that a task asks for. */
    public static boolean takes(Task task, Answer answer) {
        return switch (task) {
            case Task.EnterData _ -> answer instanceof Answer.Entered;
            case Task.ChooseRoles _ -> answer instanceof Answer.RolesChosen;
            case Task.Describe _ -> answer instanceof Answer.Described;
            case Task.FindSlip _ -> answer instanceof Answer.Treated;
            case Task.ReadValue _ -> answer instanceof Answer.Typed;
            case Task.Predict _ -> answer instanceof Answer.Predictions;
            case Task.ExplainSlope _ -> answer instanceof Answer.Sentence;
        };
    }

    /** The mistakes that a task would recognise in this data, with the wrong value of each; those equal to the key left out. */
    public List<RecognisedValue> recognisable(Task.ReadValue task) {
        NumberJudge numbers = judgeOf(task, List.of(Basis.truth(exercise)));
        return numbers.distinguishable().stream()
                .map(wrong -> new RecognisedValue(wrong.mistake(), wrong.value())).toList();
    }

    /**
     * A wrong value that would be recognised.
     *
     * @param mistake the mistake that gives it
     * @param value the value in full
     */
    public record RecognisedValue(Mistake mistake, double value) {}

    private Verdict entered(Task.EnterData task, Answer.Entered given) {
        List<Integer> rows = exercise.leftToType().reversed().stream().limit(task.count()).toList().reversed();
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> differing = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            int row = rows.get(i);
            List<String> texts = i < given.rows().size() ? given.rows().get(i) : List.of();
            for (int column = 0; column < exercise.data().width(); column++) {
                String text = column < texts.size() ? texts.get(column) : "";
                String name = "row " + (row + 1) + ", " + exercise.data().variable(column).name();
                Cell entered = Cell.of(text, exercise.mark());
                Cell printed = exercise.data().cell(row, column);
                boolean agrees = sameValue(entered, printed);
                if (!agrees) {
                    differing.add(name + (text.isBlank() ? " (empty)" : EntrySlip.between(printed, entered).map(slip -> " (" + slip.inWords() + ")").orElse("")));
                }
                parts.add(new Verdict.Part(name, agrees ? Outcome.RIGHT : Outcome.WRONG, ""));
            }
        }
        String message = differing.isEmpty()
                ? (rows.size() == 1 ? "The last pair agrees" : "The last " + inWords(rows.size()) + " pairs agree")
                    + " with the printed table."
                : "Compare with the printed table: " + String.join("; ", differing) + ".";
        return Verdict.ofParts(task.terms().marks(), parts, message);
    }

    private Verdict roles(Task.ChooseRoles task, Answer.RolesChosen given) {
        if (given.roles().isEmpty()) {
            return Verdict.wrong("Say for each variable whether it explains or responds.");
        }
        Roles chosen = given.roles().get();
        if (chosen.hasAxesOf(exercise.roles())) {
            return Verdict.right(task.terms().marks(), exercise.x().described() + " explains, "
                    + exercise.y().described() + " responds.");
        }
        boolean swapped = chosen.hasAxesOf(exercise.roles().swapped());
        return new Verdict(Outcome.WRONG, 0, swapped
                ? "The other way round: which of the two could depend on the other?"
                : "Another pair of variables is meant here.",
                swapped ? Optional.of(Mistake.AXES_EXCHANGED) : Optional.empty(), List.of());
    }

    private Verdict described(Task.Describe task, Answer.Described given) {
        Description key = task.key();
        List<Verdict.Part> parts = List.of(
                part("direction", given.direction(), key.direction()),
                part("form", given.form(), key.form()),
                part("strength", given.strength(), key.strength()),
                part("unusual points", given.unusual(), key.unusual()));
        List<String> wrong = parts.stream().filter(part -> part.outcome() != Outcome.RIGHT).map(Verdict.Part::name).toList();
        int right = parts.size() - wrong.size();
        String message = wrong.isEmpty() ? "All four choices fit the plot."
                : right + " of 4. Look again at: " + String.join(", ", wrong) + ".";
        return Verdict.ofParts(task.terms().marks(), parts, message);
    }

    private static <T> Verdict.Part part(String name, Optional<T> given, T key) {
        return new Verdict.Part(name, given.filter(key::equals).isPresent() ? Outcome.RIGHT : Outcome.WRONG, "");
    }

    private Verdict treated(Task.FindSlip task, Answer.Treated given) {
        boolean mended = sameValue(Cell.of(given.now(), exercise.mark()), exercise.data().cell(task.row(), task.column()));
        boolean excused = given.reason().filter(reason -> !reason.isBlank()).isPresent();
        if (!mended && !excused) {
            boolean untouched = sameValue(Cell.of(given.now(), exercise.mark()), Cell.of(task.shown(), exercise.mark()));
            return Verdict.wrong(untouched
                    ? "One value still differs from the printed table. Which point stands far from the others?"
                    : "You found the row. Its value is not yet what the printed table says.");
        }
        if (!given.othersChanged().isEmpty()) {
            String rows = String.join(", ", given.othersChanged().stream().map(row -> Integer.toString(row + 1)).toList());
            return Verdict.of(Outcome.NEARLY, task.terms().marks() / 2.0,
                    "The mistyped value is dealt with, but something else no longer agrees with the printed table: row "
                            + rows + ".");
        }
        return Verdict.right(task.terms().marks(), mended
                ? "Row " + (task.row() + 1) + " now agrees with the printed table."
                : "Row " + (task.row() + 1) + " is set aside, and your reason is kept.");
    }

    private Verdict value(Task.ReadValue task, Answer.Typed given, Attempt attempt) {
        return switch (NumberReading.ofAnswer(given.text(), exercise.mark())) {
            case NumberReading.Blank _ -> Verdict.wrong("Type a number.");
            case NumberReading.Unreadable unreadable -> Verdict.wrong(unreadable.reason());
            case NumberReading.Value typed -> {
                List<Basis> bases = Basis.accepted(exercise, attempt);
                NumberJudge.Finding finding = judgeOf(task, bases).judge(typed);
                yield verdict(task, finding);
            }
        };
    }

    private Verdict verdict(Task.ReadValue task, NumberJudge.Finding finding) {
        if (finding.right()) {
            return Verdict.right(task.terms().marks(), "Right.");
        }
        return finding.mistake()
                .map(mistake -> new Verdict(mistake.isOfRounding() ? Outcome.NEARLY : Outcome.WRONG,
                        mistake.isOfRounding() ? task.terms().marks() / 2.0 : 0,
                        say(mistake, task.rounding()), Optional.of(mistake), List.of()))
                .orElseGet(() -> Verdict.wrong(task.terms().hint().isBlank()
                        ? "This is not the " + task.quantity().inWords() + ". Look at the readings again."
                        : task.terms().hint()));
    }

    private String say(Mistake mistake, Rounding rounding) {
        return switch (mistake) {
            case SLOPE_AND_INTERCEPT_EXCHANGED -> mistake.say(exercise.x().name());
            case SIGN_LOST -> mistake.say(exercise.y().described(), exercise.x().described());
            case WRONG_ROUNDING -> mistake.say(rounding.inWords().isEmpty() ? "to three significant digits" : rounding.inWords());
            default -> mistake.say();
        };
    }

    private NumberJudge judgeOf(Task.ReadValue task, List<Basis> bases) {
        Quantity quantity = task.quantity();
        NumberJudge numbers = new NumberJudge(task.rounding(), keys(bases.stream().map(basis -> basis.value(quantity)).toList()));
        for (Basis basis : bases) {
            numbers.alsoRecognise(Mistake.AXES_EXCHANGED, basis.swapped().value(quantity));
            switch (quantity) {
                case SLOPE -> {
                    numbers.alsoRecognise(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED, basis.value(Quantity.INTERCEPT));
                    numbers.alsoRecognise(Mistake.SIGN_LOST, negated(basis.value(quantity)));
                }
                case INTERCEPT -> {
                    numbers.alsoRecognise(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED, basis.value(Quantity.SLOPE));
                    numbers.alsoRecognise(Mistake.SIGN_LOST, negated(basis.value(quantity)));
                }
                case R -> {
                    numbers.alsoRecognise(Mistake.R_SQUARED_FOR_R, basis.value(Quantity.R_SQUARED));
                    numbers.alsoRecognise(Mistake.SIGN_LOST, negated(basis.value(quantity)));
                }
                case R_SQUARED -> numbers.alsoRecognise(Mistake.R_FOR_R_SQUARED, basis.value(Quantity.R));
                case RESIDUAL_STANDARD_ERROR, N, MEAN_X, MEAN_Y -> { }
            }
        }
        if (hasSlip()) {
            numbers.alsoRecognise(Mistake.SLIP_STILL_IN, Basis.of(exercise.pairsWithSlips()).value(quantity));
        }
        return numbers;
    }

    private boolean hasSlip() {
        return exercise.tasks().stream().anyMatch(Task.FindSlip.class::isInstance);
    }

    private Verdict predictions(Task.Predict task, Answer.Predictions given, Attempt attempt) {
        List<Basis> bases = Basis.accepted(exercise, attempt);
        List<Verdict.Part> parts = new ArrayList<>();
        Optional<Mistake> recognised = Optional.empty();
        List<String> notes = new ArrayList<>();
        for (int i = 0; i < task.at().size(); i++) {
            double x = task.at().get(i);
            String name = "at " + shortest(x);
            Answer.Predicted predicted = given.at(i);
            NumberJudge.Finding finding = number(task, x, bases, predicted.text());
            parts.add(new Verdict.Part(name, finding.right() ? Outcome.RIGHT
                    : finding.mistake().filter(Mistake::isOfRounding).isPresent() ? Outcome.NEARLY : Outcome.WRONG,
                    finding.right() ? "" : finding.mistake().map(it -> say(it, task.rounding())).orElse("")));
            if (finding.mistake().isPresent()) {
                recognised = recognised.or(finding::mistake);
                notes.add(name + ": " + say(finding.mistake().get(), task.rounding()));
            }
            parts.add(trust(name, x, predicted, bases, notes));
        }
        long right = parts.stream().filter(part -> part.outcome() == Outcome.RIGHT).count();
        String message = right == parts.size() ? "All predictions and judgements are right."
                : right + " of " + parts.size() + " are right. " + String.join(" ", notes);
        Verdict verdict = Verdict.ofParts(task.terms().marks(), parts, message.strip());
        return new Verdict(verdict.outcome(), verdict.earned(), verdict.message(), recognised, parts);
    }

    private NumberJudge.Finding number(Task.Predict task, double x, List<Basis> bases, String text) {
        NumberJudge numbers = new NumberJudge(task.rounding(), keys(bases.stream().map(basis -> basis.predicted(x)).toList()));
        for (Basis basis : bases) {
            numbers.alsoRecognise(Mistake.AXES_EXCHANGED, basis.swapped().predicted(x));
            numbers.alsoRecognise(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED, exchanged(basis, x));
        }
        if (hasSlip()) {
            numbers.alsoRecognise(Mistake.SLIP_STILL_IN, Basis.of(exercise.pairsWithSlips()).predicted(x));
        }
        return NumberReading.ofAnswer(text, exercise.mark()) instanceof NumberReading.Value typed
                ? numbers.judge(typed)
                : new NumberJudge.Finding(false, Optional.empty());
    }

    private Verdict.Part trust(String name, double x, Answer.Predicted predicted, List<Basis> bases, List<String> notes) {
        boolean inside = bases.stream().anyMatch(basis -> basis.fit().line().filter(line -> line.support().contains(x)).isPresent());
        boolean right = predicted.trusted().filter(trusted -> trusted == inside).isPresent();
        if (!right && predicted.trusted().isPresent()) {
            notes.add(name + ": " + (inside
                    ? "this lies among the data, so the line may be trusted here."
                    : "this lies outside the data. Nothing measured says that the line goes on like this."));
        }
        return new Verdict.Part(name + ", trust", right ? Outcome.RIGHT : Outcome.WRONG, "");
    }

    private Verdict sentence(Task.ExplainSlope task, Answer.Sentence given) {
        Optional<LineFit> line = Basis.truth(exercise).fit().line();
        if (line.isEmpty()) {
            return Verdict.wrong("The data give no line, so there is no slope to explain.");
        }
        Variable x = exercise.x();
        Variable y = exercise.y();
        return SlopeSentence.about(x, y, line.get().slope().value(), exercise.mark()).judge(given.text(), task.terms().marks());
    }

    private boolean sameValue(Cell given, Cell key) {
        return given instanceof Cell.Measured a && key instanceof Cell.Measured b && a.value() == b.value()
                || given.isEmpty() && key.isEmpty();
    }

    private static OptionalDouble exchanged(Basis basis, double x) {
        OptionalDouble a = basis.value(Quantity.INTERCEPT);
        OptionalDouble b = basis.value(Quantity.SLOPE);
        return a.isPresent() && b.isPresent()
                ? OptionalDouble.of(b.getAsDouble() + a.getAsDouble() * x) : OptionalDouble.empty();
    }

    private static OptionalDouble negated(OptionalDouble value) {
        return value.isPresent() ? OptionalDouble.of(-value.getAsDouble()) : value;
    }

    private static List<Double> keys(List<OptionalDouble> values) {
        return values.stream().filter(OptionalDouble::isPresent).map(OptionalDouble::getAsDouble).toList();
    }

    private static String shortest(double x) {
        return NumberStyle.STANDARD.shortest(x);
    }

    private static String inWords(int count) {
        String[] words = {"no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"};
        return count < words.length ? words[count] : Integer.toString(count);
    }
}
