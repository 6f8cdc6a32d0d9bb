package hestra.desktop.window;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;

import javax.imageio.ImageIO;

import hestra.data.Cell;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Data are read off a picture. */
class TracingTest {

    private static final int SIDE = 400;

    @TempDir
    private Path folder;

    private Path picture() throws IOException {
        Path file = folder.resolve("plot.png");
        ImageIO.write(new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        return file;
    }

    private static Point2D at(Person person, double x, double y) throws IOException {
        return person.inside("trace", SIDE, SIDE, x, y);
    }

    private static double value(Person person, int row, int column) {
        return ((Cell.Measured) person.model().findings().part().data().cell(row, column)).value();
    }

    private static void replace(Person person, String id, String text) throws IOException {
        person.click(id);
        person.press(KeyCode.CONTROL, KeyCode.A);
        person.type(text);
    }

    private Person laid() throws IOException {
        Person person = Person.at(Exercise.blank("traced"), folder.resolve("state"));
        person.click("view-write");
        person.click("write-trace");
        person.willChoose(picture());
        person.click("trace-open");
        // The ends stand a tenth in, x from 40 to 360 at 360 down, y from 360 up to 40.
        replace(person, "trace-x2", "32");
        replace(person, "trace-y1", "100");
        replace(person, "trace-y2", "116");
        return person;
    }

    @Test
    void pointsPlacedInThePictureArriveInTheTable() throws IOException {
        try (Person person = laid()) {
            person.pressAt(at(person, 240, 200), 1);
            assertThat(value(person, 0, 0)).as("halfway and a quarter").isCloseTo(20, within(0.15));
            assertThat(value(person, 0, 1)).isCloseTo(108, within(0.08));
            person.pressAt(at(person, 80, 320), 1);
            assertThat(value(person, 1, 0)).isCloseTo(4, within(0.15));
            double before = value(person, 1, 0);
            person.press(KeyCode.SHIFT, KeyCode.RIGHT);
            assertThat(value(person, 1, 0) - before).as("five pixels of a tenth each").isCloseTo(0.5, within(0.051));
            person.press(KeyCode.DELETE);
            assertThat(person.model().findings().part().data().size()).isEqualTo(1);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().part().data().size()).isEqualTo(2);
            assertThat(person.text("trace-told")).startsWith("2 points placed");
        }
    }

    @Test
    void theAxesAreDraggedToWhereTheyBelongAndTheDataFollow() throws IOException {
        try (Person person = laid()) {
            person.pressAt(at(person, 200, 200), 1);
            person.drag(at(person, 360, 360), at(person, 200, 360));
            assertThat(value(person, 0, 0)).as("x₂ is where the point is now").isCloseTo(32, within(0.3));
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(value(person, 0, 0)).as("a drag is undone as one").isCloseTo(16, within(0.15));
            person.click("trace-log-x");
            assertThat(person.text("trace-told")).isEqualTo("A logarithmic axis has values above 0 only: see the x axis.");
            replace(person, "trace-x1", "2");
            assertThat(value(person, 0, 0)).as("halfway between 2 and 32 by ratios").isCloseTo(8, within(0.1));
        }
    }

    @Test
    void thePictureIsKeptInTheExercise() throws IOException {
        Path file = folder.resolve("traced.hestra");
        try (Person person = laid()) {
            person.pressAt(at(person, 240, 200), 1);
            person.willChoose(file);
            person.press(KeyCode.CONTROL, KeyCode.S);
            Exercise read = ((Result.Done<Exercise>) ExerciseFile.read(file)).value();
            assertThat(read).isEqualTo(person.model().desk().exercise());
            assertThat(((Provenance.Traced) read.first().provenance()).picture().bytes())
                    .isEqualTo(Files.readAllBytes(folder.resolve("plot.png")));
        }
    }

    @Test
    void aPictureThatCannotBeShownIsToldAndNothingIsLost() throws IOException {
        try (Person person = Person.at(Exercise.blank("traced"), folder.resolve("state"))) {
            person.click("view-write");
            person.click("write-trace");
            person.willChoose(Files.writeString(folder.resolve("notes.png"), "no picture at all"));
            person.click("trace-open");
            assertThat(person.text("notice")).contains("cannot be read as a picture");
            assertThat(person.model().desk().exercise()).isEqualTo(Exercise.blank("traced"));
        }
    }
}
