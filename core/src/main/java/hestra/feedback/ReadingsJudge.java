package hestra.feedback;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

import hestra.data.Pairs;
import hestra.exercise.Answer;
import hestra.exercise.Attempt;
import hestra.exercise.Exercise;
import hestra.exercise.Quantity;
import hestra.exercise.Task;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/** Judges tasks that are answered by numbers: a value that is read off, and predictions. Knows the mistakes that give wrong ones. */
final class ReadingsJudge {

    private final Exercise exercise;
    /** Worked out once, however many answers are judged: the exercise does not change. */
    private final Map<Set<Integer>, Basis> known = new HashMap<>();
    private Basis truth;
    private Basis withSlips;

    ReadingsJudge(Exercise exercise) {
        this.exercise = exercise;
    }

    /** The true data. */
    Basis truth() {
        if (truth == null) {
            truth = Basis.truth(exercise);
        }
        return truth;
    }

    private Basis withSlips() {
        if (withSlips == null) {
            withSlips = Basis.of(exercise.pairsWithSlips());
        }
        return withSlips;
    }

    /**
     * The bases on which a value counts as right: the true data; and, where a row with a slip was set aside instead of
     * mended, the data without that row.
     */
    private List<Basis> accepted(Attempt attempt) {
        Set<Integer> slips = exercise.tasks().stream().filter(Task.FindSlip.class::isInstance).map(task -> ((Task.FindSlip) task).row()).collect(Collectors.toSet());
        return attempt.setAside().isEmpty() || !slips.containsAll(attempt.setAside()) ? List.of(truth())
                : List.of(truth(), known.computeIfAbsent(attempt.setAside(), rows -> Basis.of(Pairs.of(exercise.data().withoutRows(rows), exercise.roles()))));
    }

    /** The mistakes that a task would recognise in this data, with the wrong value of each; those equal to the key left out. */
    List<Judge.RecognisedValue> recognisable(Task.ReadValue task) {
        NumberJudge numbers = judgeOf(task, List.of(truth()));
        return numbers.distinguishable().stream()
                .map(wrong -> new Judge.RecognisedValue(wrong.mistake(), wrong.value())).toList();
    }

    /** The verdict on a value that is read off. */
    Verdict value(Task.ReadValue task, Answer.Typed given, Attempt attempt) {
        return switch (NumberReading.ofAnswer(given.text(), exercise.mark())) {
            case NumberReading.Blank _ -> Verdict.wrong("Type a number.");
            case NumberReading.Unreadable unreadable -> Verdict.wrong(unreadable.reason());
            case NumberReading.Value typed -> {
                List<Basis> bases = accepted(attempt);
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
            numbers.alsoRecognise(Mistake.SLIP_STILL_IN, withSlips().value(quantity));
        }
        return numbers;
    }

    private boolean hasSlip() {
        return exercise.tasks().stream().anyMatch(Task.FindSlip.class::isInstance);
    }

    /** The verdict on predictions, each in two parts: its number and whether it is trusted. */
    Verdict predictions(Task.Predict task, Answer.Predictions given, Attempt attempt) {
        List<Basis> bases = accepted(attempt);
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
            numbers.alsoRecognise(Mistake.SLIP_STILL_IN, withSlips().predicted(x));
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
}
