package hestra.feedback;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.Cell;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.exercise.Answer;
import hestra.exercise.Attempt;
import hestra.exercise.Description;
import hestra.exercise.Exercise;
import hestra.exercise.Task;
import hestra.fit.LineFit;

/**
 * Judges answers. The key is computed from the exercise's data at the moment of judging, so it is never stale; the same
 * attempt always gets the same verdict.
 */
public final class Judge {

    private final Exercise exercise;
    private final ReadingsJudge readings;

    public Judge(Exercise exercise) {
        this.exercise = exercise;
        this.readings = new ReadingsJudge(exercise);
    }

    /** The exercise that decides what is right. */
    public Exercise exercise() {
        return exercise;
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
            case Task.ReadValue read when attempt.answer() instanceof Answer.Typed it -> readings.value(read, it, attempt);
            case Task.Predict predict when attempt.answer() instanceof Answer.Predictions it ->
                readings.predictions(predict, it, attempt);
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
        return new Unfinished(exercise).of(task, answer);
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
        return readings.recognisable(task);
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

    private Verdict sentence(Task.ExplainSlope task, Answer.Sentence given) {
        Optional<LineFit> line = readings.truth().fit().line();
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

    private static String inWords(int count) {
        String[] words = {"no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"};
        return count < words.length ? words[count] : Integer.toString(count);
    }
}
