package hestra.desktop.window;

import java.io.IOException;
import java.lang.ref.WeakReference;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.input.KeyCode;

import hestra.desk.Desk;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.demo.OrrinBay;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.tour.FxThread;
import hestra.exercise.Exercise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Every desk that is left is let go: its model, its views and all that they show. */
class LetGoTest {

    private static final int TIMES = Integer.getInteger("hestra.desks", 4);

    @TempDir
    private Path folder;

    private static OpenDesk opened(Exercise exercise) {
        return OpenDesk.passing(Desk.open(exercise), "");
    }

    /** Does what leaves traces: goes through the views and the parts of the window by keys and by mouse. */
    private static void work(Person person) throws IOException {
        person.press(KeyCode.F6);
        person.press(KeyCode.F6);
        person.click("view-write");
        person.press(KeyCode.F6);
        person.click("write-data");
        person.click("view-mark");
        person.click("view-work");
        person.press(KeyCode.F6);
        person.press(KeyCode.TAB);
    }

    @Test
    void whatIsLeftIsLetGo() throws IOException {
        List<Exercise> exercises = new ArrayList<>(OrrinBay.sets().stream().map(OrrinBay.Set::exercise).toList());
        exercises.add(KelpBlades.exercise());
        Map<String, WeakReference<?>> left = new LinkedHashMap<>();
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            for (int i = 0; i < TIMES; i++) {
                work(person);
                int time = i;
                FxThread.call(() -> {
                    left.put("model " + time, new WeakReference<>(person.window().model()));
                    left.put("work " + time, new WeakReference<>(person.window().work()));
                    return Optional.empty();
                });
                Exercise next = exercises.get(i % exercises.size());
                FxThread.call(() -> person.window().goOverTo(opened(next), MainWindow.View.WORK));
                person.pause();
            }
            work(person);
            person.until("all that was left is let go", () -> {
                System.gc();
                return left.values().stream().allMatch(it -> it.get() == null);
            });
            assertThat(left.entrySet().stream().filter(it -> it.getValue().get() != null).map(Map.Entry::getKey)).as("still held")
                    .isEmpty();
        }
    }
}
