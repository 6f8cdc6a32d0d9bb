package hestra.desktop.app;

import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ThrowawayTest {
    @TempDir Path folder;
    @Test
    void shots() throws Exception {
        try (Person person = Person.at(AxesTest.trays(), folder)) {
            person.click("chip-names");
            person.pause();
            person.picture(Path.of("/tmp/shots/names.png"));
            person.click("view-write");
            person.click("write-data");
            person.pause();
            person.picture(Path.of("/tmp/shots/write6.png"));
        }
    }
}
