package hestra.documents.exercise;

import java.nio.charset.StandardCharsets;
import java.util.List;

import hestra.desk.Edit;
import hestra.desk.Step;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class EditLinesTest {

    /** Signs of two halves that share one of them are not taken apart: half a sign does not outlive a file. */
    @Test
    void noSignIsTakenApart() {
        EditLines written = new EditLines();
        EditLines read = new EditLines();
        String text = "kelp ".repeat(80);
        for (String sign : List.of("🐚", "🐌", "🐚🐌", "🌊🐌", "🐚", "")) {
            Step step = new Step(1, new Edit.Name(text + sign + text));
            String line = written.next(step);
            String kept = new String(line.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8);
            assertThat(read.read(kept)).contains(new EditLines.Stamped(1, Json.line(step.edit())));
            assertThat(sign.equals("🐚") || line.length() < 100).as("the others are short").isTrue();
        }
    }
}
