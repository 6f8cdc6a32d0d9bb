package hestra.exercise;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.task.Answer;
import hestra.task.ReadByPerson;
import hestra.task.Task;
import hestra.task.Truth;

/**
 * When two answers to a task say the same: both are right, or the same mistakes were recognised in both, or the same parts of
 * both are right, or else they read the same. In words, so that it means the same in every marking of the exercise.
 */
final class AnswerGrouping {

    /** Nothing was answered. */
    static final String BLANK = "blank";

    private static final int LONGEST = 300;

    private AnswerGrouping() {}

    static String of(Task task, Answer answer, Verdict verdict, Truth truth) {
        if (answer.isBlank()) {
            return BLANK;
        }
        String outcome = verdict.outcome().name().toLowerCase(Locale.ROOT);
        String mistakes = verdict.mistakes().stream().map(Mistake::id).sorted().collect(Collectors.joining("+"));
        String parts = verdict.parts().stream().map(part -> part.name() + part.outcome().sign()).collect(Collectors.joining("|"));
        boolean told = !mistakes.isEmpty() || verdict.parts().stream().anyMatch(part -> part.outcome() != Outcome.WRONG);
        if (verdict.isRight() && !(ReadByPerson.isReadByPerson(task) && verdict.parts().isEmpty())) {
            return outcome;
        }
        return String.join(":", outcome, mistakes, parts,
                told && !(ReadByPerson.isReadByPerson(task) && verdict.parts().isEmpty())
                ? "" : canonical(task.inWords(answer, truth), truth.mark()));
    }

    /** The same text for answers that read the same: small letters, single spaces, numbers by their values. */
    private static String canonical(List<String> lines, DecimalMark mark) {
        String text = Normalizer.normalize(String.join(" ", lines), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT)
                .replaceAll("[\\s\\p{Z}]+", " ").strip();
        String read = NumberReading.ofAnswer(text, mark) instanceof NumberReading.Value value
                ? value.typed().stripTrailingZeros().toPlainString() + (value.percent() ? "%" : "") + value.unit()
                : text.replaceAll("[.!]+$", "");
        return read.length() > LONGEST ? read.substring(0, LONGEST) + "…" + Integer.toHexString(read.hashCode()) : read;
    }
}
