package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.feedback.EntrySlip;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.Counted;

/**
 * The student types the last pairs of the printed table, or all of them.
 *
 * @param count how many of the last rows are left for the student, at least 1; {@value #WHOLE} for the whole table, however long
 */
public record EnterData(Terms terms, int count) implements Task, LeavesToStudent {

    /** More rows than these are not printed to be filled in. */
    private static final int MOST_ROWS = 14;

    static final Kind KIND = new Kind("enter-data", "Enter data", Kind.Group.DATA, EnterData.class, (id, truth) -> new EnterData(
            Terms.of(id, "Enter the last pairs", "Type the last pairs of the printed table into the table on the right.", 1)
                    .onPaper("Copy the last pairs of the table."),
                    Math.clamp(truth.data().size(), 1, 3)));

    /** The whole table. */
    public static final int WHOLE = 100_000;

    /** So many differences are named one by one. */
    private static final int MOST_NAMED = 6;
    private static final String[] NUMBERS = {"no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"};

    public EnterData {
        if (count < 1) {
            throw new IllegalArgumentException("count " + count);
        }
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new EnterData(other, count);
    }

    @Override
    public int leavesToType() {
        return count;
    }

    /** Whether the whole table is to be typed. */
    public boolean isWhole() {
        return count == WHOLE;
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.TABLE;
    }

    @Override
    public Answer standing(Bench bench) {
        return new Answer.Entered(bench.placement().placesOf(rows(bench.truth())).stream()
                .map(row -> IntStream.range(0, bench.table().width())
                .mapToObj(column -> bench.table().cell(row, column).text()).toList()).toList());
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Entered;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        List<List<String>> entered = answer.as(Answer.Entered.class).rows();
        List<Integer> rows = rows(truth);
        for (int i = 0; i < entered.size() && i < rows.size(); i++) {
            if (entered.get(i).stream().anyMatch(String::isBlank)) {
                return Optional.of("Row " + (rows.get(i) + 1) + " is not filled in yet.");
            }
        }
        return Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        List<List<String>> given = attempt.answer().as(Answer.Entered.class).rows();
        List<Integer> rows = rows(truth);
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> differing = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            int row = rows.get(i);
            List<String> texts = i < given.size() ? given.get(i) : List.of();
            for (int column = 0; column < truth.data().width(); column++) {
                String text = column < texts.size() ? texts.get(column) : "";
                String name = "row " + (row + 1) + ", " + truth.data().variable(column).name();
                Cell entered = Cell.of(text, truth.mark());
                Cell printed = truth.data().cell(row, column);
                boolean agrees = entered.saysTheSameAs(printed);
                if (!agrees) {
                    differing.add(name + (text.isBlank()
                            ? " (empty)"
                            : EntrySlip.between(printed, entered).map(slip -> " (" + slip.inWords() + ")").orElse("")));
                }
                parts.add(new Verdict.Part(name, agrees ? Outcome.RIGHT : Outcome.WRONG, ""));
            }
        }
        String message = differing.isEmpty()
                ? (isWhole() ? "The table agrees"
                : rows.size() == 1 ? "The last pair agrees"
                : "The last " + inWords(rows.size()) + " pairs agree") + " with the printed table."
                : "Not as in the printed table: " + String.join("; ", differing.subList(0,
                Math.min(MOST_NAMED, differing.size())))
                + (differing.size() > MOST_NAMED ? "; and " + (differing.size() - MOST_NAMED) + " more" : "") + ".";
        return Verdict.ofParts(terms.marks(), parts, message).advising(differing.isEmpty() ? "" : "Compare them with it.");
    }

    @Override
    public Key key(Truth truth) {
        if (isWhole()) {
            return truth.data().size() == 0
                    ? Key.missing("there are no data yet") : Key.of("the whole table, " + Counted.of(truth.data().size(), "row"));
        }
        return truth.data().size() < count ? Key.missing("needs at least " + Counted.of(count, "row") + " of data")
                : Key.of(count == 1 ? "the last pair" : "the last " + count + " pairs");
    }

    /** It stands in the printed table. */
    @Override
    public String rightAnswer(Truth truth) {
        return "";
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        return answer.as(Answer.Entered.class).rows().stream().map(row -> String.join(", ", row)).toList();
    }

    /** The rows of the printed table that this task asks for: another may leave more of them to type. */
    private List<Integer> rows(Truth truth) {
        List<Integer> left = truth.leftToType();
        return left.subList(Math.max(0, left.size() - count), left.size());
    }

    private static String inWords(int number) {
        return number < NUMBERS.length ? NUMBERS[number] : Integer.toString(number);
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        List<List<OnPaper.Cell>> lines = new ArrayList<>();
        List<OnPaper.Cell> head = new ArrayList<>(List.of(OnPaper.Cell.heading("row")));
        truth.data().variables().forEach(it -> head.add(OnPaper.Cell.heading(it.columnTitle())));
        lines.add(head);
        for (int row : rows(truth).stream().limit(MOST_ROWS).toList()) {
            List<OnPaper.Cell> line = new ArrayList<>(List.of(OnPaper.Cell.heading(Integer.toString(row + 1))));
            truth.data().row(row).cells().forEach(cell -> line.add(OnPaper.Cell.asked(cell.text())));
            lines.add(line);
        }
        return List.of(new OnPaper.Grid("", lines));
    }
}
