package hestra.task;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;

/**
 * What is said to an answer that is typed: as a student would be told who has the true data with nothing set aside.
 *
 * @param answer as it was typed
 * @param verdict how it was judged; nothing where it could not be read, which costs no try
 * @param of the marks that can be earned
 * @param message what is said, with what to do about it
 */
public record Response(String answer, Optional<Verdict> verdict, int of, String message) {

    /** What is said to an answer; {@code judge} gives the verdict on it, as the exercise has it. */
    public static Response to(String answer, Task task, Truth truth, Function<Attempt, Verdict> judge) {
        int of = task.terms().marks();
        Optional<Answer> read = AnsweredByText.read(task, answer, truth);
        if (read.isEmpty()) {
            return new Response(answer, Optional.empty(), of, AnsweredByText.expected(task, truth));
        }
        Optional<String> lacks = task.unfinished(read.get(), truth);
        if (lacks.isPresent()) {
            return new Response(answer, Optional.empty(), of, lacks.get());
        }
        Verdict verdict = judge.apply(new Attempt(read.get(), Set.of()));
        return new Response(answer, Optional.of(verdict), of, verdict.inFull());
    }

    public double marks() {
        return verdict.map(Verdict::earned).orElse(0.0);
    }

    /** "right", "nearly", "wrong" or "unreadable". */
    public String outcome() {
        return verdict.map(it -> it.outcome().name().toLowerCase(Locale.ROOT)).orElse("unreadable");
    }

    /** The recognised mistakes, of which each would explain the answer. */
    public List<Mistake> mistakes() {
        return verdict.map(Verdict::mistakes).orElse(List.of());
    }

    /** The parts that are missing or not right. */
    public List<String> missing() {
        return verdict.map(it -> it.parts().stream().filter(part -> part.outcome() != Outcome.RIGHT)
                .map(Verdict.Part::name).toList()).orElse(List.of());
    }
}
