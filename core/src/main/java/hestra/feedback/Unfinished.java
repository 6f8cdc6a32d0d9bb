package hestra.feedback;

import java.util.List;
import java.util.Optional;

import hestra.exercise.Answer;
import hestra.exercise.Exercise;
import hestra.exercise.Task;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;

/** What an answer still lacks before it can be judged. */
final class Unfinished {

    private final Exercise exercise;

    Unfinished(Exercise exercise) {
        this.exercise = exercise;
    }

    /** A sentence that says it; nothing where the answer is complete. */
    Optional<String> of(Task task, Answer answer) {
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
            String where = "At " + NumberStyle.STANDARD.shortest(task.at().get(i)) + ": ";
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
}
