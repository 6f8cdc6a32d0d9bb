package hestra.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.TypingRun;
import hestra.task.Answer;
import hestra.task.Explain;
import hestra.task.SentenceFrame;

/** A sentence with gaps to be filled in. */
final class GapsForm extends TaskForm {

    private static final int GAP_COLUMNS = 7;

    private final SentenceFrame frame;
    private final List<TextField> gaps = new ArrayList<>();

    GapsForm(DeskModel model, Explain task, Runnable check) {
        super(model, task, check);
        this.frame = task.explaining().gapped().orElseThrow();
        FlowPane sentence = new FlowPane();
        sentence.getStyleClass().add("gapped");
        words(sentence, frame.pieces().getFirst());
        for (int i = 0; i < frame.gaps(); i++) {
            sentence.getChildren().add(gap(i));
            words(sentence, frame.pieces().get(i + 1));
        }
        getChildren().add(sentence);
        onShow(_ -> {
            List<String> now = frame.words(standing(Answer.Sentence.class).text());
            IntStream.range(0, gaps.size()).forEach(i -> put(gaps.get(i), now.get(i)));
        });
    }

    private static void words(FlowPane sentence, String text) {
        Stream.of(text.strip().split("\\s+")).filter(it -> !it.isEmpty()).map(Label::new).forEach(sentence.getChildren()::add);
    }

    private TextField gap(int place) {
        TextField field = new TextField();
        field.setId(id() + "-gap-" + place);
        field.setPrefColumnCount(GAP_COLUMNS);
        Names.as(field, "gap " + (place + 1) + " of " + frame.gaps() + ": " + frame.filled(List.of())
                .replace(SentenceFrame.GAP, "gap").replace("\u2060", ""));
        field.setOnAction(_ -> check());
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, now) -> {
            List<String> all = gaps.stream().map(TextField::getText).toList();
            if (!all.equals(frame.words(standing(Answer.Sentence.class).text()))) {
                draft(new Answer.Sentence(all.stream().allMatch(String::isBlank) ? "" : frame.filled(all)), run.now());
            }
        });
        gaps.add(field);
        offerFirst(field);
        return field;
    }
}
