package hestra.desktop.sheet;

import javafx.scene.control.TextArea;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.TypingRun;
import hestra.task.Answer;
import hestra.task.Task;

/** A sentence. */
final class SentenceForm extends TaskForm {

    SentenceForm(DeskModel model, Task task, Runnable check, String prompt) {
        super(model, task, check);
        TextArea sentence = area(prompt);
        TypingRun run = new TypingRun(sentence);
        sentence.textProperty().addListener((_, _, text) -> draft(new Answer.Sentence(text), run.now()));
        getChildren().add(sentence);
        offerFirst(sentence);
        onShow(_ -> put(sentence, standing(Answer.Sentence.class).text()));
    }
}
