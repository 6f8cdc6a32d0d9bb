package hestra.desktop.window;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;

import javax.imageio.ImageIO;

import hestra.desk.CurveState;
import hestra.desktop.demo.OrrinBay;
import hestra.documents.picture.Palette;
import hestra.exercise.Exercise;
import hestra.figure.Dress;
import hestra.figure.Figure;
import hestra.figure.Frame;
import hestra.figure.Ink;
import hestra.figure.Layer;
import hestra.figure.Mark;
import hestra.figure.Slot;
import hestra.figure.Spacing;
import hestra.figure.StripKind;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.fit.Term;
import hestra.fit.Trial;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Curves are added, compared, tried by eye and read in the plot. */
class CurvesTest {

    @TempDir
    private Path folder;

    private Person at(String set) throws IOException {
        Exercise exercise = OrrinBay.sets().stream().map(OrrinBay.Set::exercise)
                .filter(it -> it.id().contains(set)).findFirst().orElseThrow();
        return Person.at(exercise.withFirst(part -> part.withHeld(Set.of())), folder);
    }

    private static CurveState curves(Person person) {
        return person.model().findings().work().curves();
    }

    @Test
    void curvesAreAddedComparedAndRemoved() throws IOException {
        try (Person person = at("eelgrass")) {
            assertThat(person.sees("comparison")).as("nothing to compare yet").isFalse();
            person.choose("add-curve", "Quadratic");
            assertThat(curves(person).further()).containsEntry(Slot.FIRST, new Curve.Polynomial(2));
            assertThat(person.text("readings-title")).startsWith("Quadratic curve · 28 points");
            assertThat(person.text("reading-R2")).startsWith("0.9");
            assertThat(person.texts("comparison-figure")).as("shares to three places, one below another").hasSize(6)
                    .satisfies(figures -> assertThat(List.of(figures.get(0), figures.get(1), figures.get(3), figures.get(4)))
                    .allMatch(it -> it.matches("−?0\\.\\d{3}")));
            person.click("curve-degree-3");
            assertThat(curves(person).further()).containsEntry(Slot.FIRST, new Curve.Polynomial(3));
            person.choose("add-curve", "Exponential");
            person.click("curve-fitted-on-directly-on-y");
            assertThat(curves(person).further()).containsEntry(Slot.SECOND, new Curve.Exponential(FittedOn.VALUES));
            double residual = person.model().findings().curves().residual(3).orElseThrow();
            person.click("compare-first");
            assertThat(person.model().findings().curves().slotInHand()).isEqualTo(Slot.FIRST);
            assertThat(person.model().findings().curves().residual(3).orElseThrow())
                    .as("residuals are of the curve in hand").isNotEqualTo(residual);
            person.click("chip-first");
            assertThat(person.model().findings().curves().isShown(Slot.FIRST)).as("its chip hides the one in hand").isFalse();
            person.focusPlot();
            assertThat(person.model().findings().curves().slotInHand()).as("the next one is in hand").isEqualTo(Slot.SECOND);
            person.press(KeyCode.DELETE);
            assertThat(curves(person).further()).containsOnlyKeys(Slot.FIRST);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(curves(person).further()).containsOnlyKeys(Slot.FIRST, Slot.SECOND);
        }
    }

    @Test
    void ownTermsAreTickedAndTheEquationGrows() throws IOException {
        try (Person person = at("eelgrass")) {
            person.choose("add-curve", "Own terms");
            person.click("term-x");
            assertThat(curves(person).further().get(Slot.FIRST))
                    .isEqualTo(new Curve.OwnTerms(List.of(Term.ONE, Term.X, Term.X_SQUARED)));
            assertThat(person.model().findings().curves().curveInHand().orElseThrow().coefficients()).hasSize(3);
            for (String term : List.of("term-x", "term-x-squared", "term-one")) {
                person.click(term);
            }
            assertThat(curves(person).further().get(Slot.FIRST)).as("the last term stays")
                    .isEqualTo(new Curve.OwnTerms(List.of(Term.ONE)));
        }
    }

    @Test
    void moreThanFourAreTooManyToTellApart() throws IOException {
        try (Person person = at("eelgrass")) {
            for (String curve : List.of("Quadratic", "Cubic", "Power", "Logarithmic", "Wave")) {
                person.choose("add-curve", curve);
            }
            assertThat(curves(person).further()).hasSize(4);
            assertThat(person.firstLabel("notices")).startsWith("Four curves beside the line");
        }
    }

    @Test
    void aLineIsTriedByEyeAndItsSquaresShrink() throws IOException {
        try (Person person = at("limpets")) {
            person.focusPlot();
            person.press(KeyCode.T);
            assertThat(person.model().findings().curves().slotInHand()).isEqualTo(Slot.TRIAL);
            double before = person.model().findings().curves().trial().orElseThrow().sumOfSquares();
            Trial trial = curves(person).trial().orElseThrow();
            Trial.Handle first = trial.handles().getFirst();
            Trial.Handle last = trial.handles().getLast();
            Frame frame = person.model().findings().frame();
            double rise = (frame.yHigh() - frame.yLow()) / 10;
            person.drag(person.place(first.x(), first.y()), person.place(first.x(), first.y() + rise));
            person.drag(person.place(last.x(), last.y()), person.place(last.x(), last.y() - 4 * rise));
            assertThat(person.model().findings().curves().trial().orElseThrow().sumOfSquares()).isLessThan(before);
            Trial tilted = curves(person).trial().orElseThrow();
            assertThat(tilted.handles().getFirst().y()).isCloseTo(first.y() + rise, within(rise / 10));
            double x = (first.x() + last.x()) / 2 + (last.x() - first.x()) / 5;
            double y = person.model().findings().curves().trial().orElseThrow().fitted(x).orElseThrow();
            person.drag(person.place(x, y), person.place(x, y + rise));
            assertThat(curves(person).trial().orElseThrow().handles().getLast().y()).as("the body carries both")
                    .isCloseTo(last.y() - 3 * rise, within(rise / 10));
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(curves(person).trial()).as("one drag, one undo").contains(tilted);
            person.focusPlot();
            person.press(KeyCode.T);
            person.press(KeyCode.DELETE);
            assertThat(curves(person).trial()).isEmpty();
        }
    }

    @Test
    void aTrialIsShiftedAndTiltedByKeys() throws IOException {
        try (Person person = at("limpets")) {
            person.focusPlot();
            person.press(KeyCode.T);
            Trial level = curves(person).trial().orElseThrow();
            person.press(KeyCode.ALT, KeyCode.UP);
            Trial shifted = curves(person).trial().orElseThrow();
            assertThat(shifted.handles().get(0).y()).isGreaterThan(level.handles().get(0).y());
            assertThat(shifted.handles().get(1).y()).isGreaterThan(level.handles().get(1).y());
            person.press(KeyCode.ALT, KeyCode.RIGHT);
            Trial tilted = curves(person).trial().orElseThrow();
            assertThat(tilted.handles().get(0).y()).isGreaterThan(shifted.handles().get(0).y());
            assertThat(tilted.handles().get(1).y()).isLessThan(shifted.handles().get(1).y());
            person.press(KeyCode.H);
            person.press(KeyCode.H);
            assertThat(person.text("hint")).contains("square 2 of 2");
            person.press(KeyCode.ALT, KeyCode.UP);
            person.press(KeyCode.ALT, KeyCode.LEFT);
            Trial turned = curves(person).trial().orElseThrow();
            assertThat(turned.handles().get(0)).as("the other square stays").isEqualTo(tilted.handles().get(0));
            assertThat(turned.handles().get(1).y()).isGreaterThan(tilted.handles().get(1).y());
            assertThat(turned.handles().get(1).x()).isLessThan(tilted.handles().get(1).x());
        }
    }

    @Test
    void anAxisIsMadeLogarithmicAndReachesAValue() throws IOException {
        try (Person person = at("flask")) {
            person.choose("add-curve", "Exponential");
            person.pressAt(person.besideAxis(false), 1);
            person.chooseShown("Logarithmic");
            assertThat(person.model().findings().work().plot().y()).isEqualTo(Spacing.LOGARITHMIC);
            assertThat(person.model().findings().frame().yLow()).isPositive();
            person.pressAt(person.besideAxis(false), 1);
            person.chooseShown("Logarithmic");
            person.pressAt(person.besideAxis(false), 1);
            person.chooseShown("From zero");
            assertThat(person.model().findings().frame().yLow()).isZero();
        }
    }

    @Test
    void aFrameIsDraggedToZoomAndEverythingIsShownAgain() throws IOException {
        try (Person person = at("flask")) {
            person.shiftDrag(person.place(20, 40), person.place(50, 10));
            Frame frame = person.model().findings().frame();
            assertThat(frame.xLow()).isCloseTo(20, within(0.5));
            assertThat(frame.xHigh()).isCloseTo(50, within(0.5));
            assertThat(frame.yHigh()).isCloseTo(40, within(0.5));
            person.press(KeyCode.HOME);
            assertThat(person.model().findings().frame().xLow()).isZero();
            person.press(KeyCode.PLUS);
            assertThat(person.model().findings().frame().xLow()).isPositive();
        }
    }

    @Test
    void residualsAreLookedAtInSixWays() throws IOException {
        try (Person person = at("eelgrass")) {
            for (StripKind kind : StripKind.values()) {
                person.choose("strip-kind", kind.title());
                assertThat(person.model().findings().work().plot().strip()).isEqualTo(kind);
                assertThat(person.text("strip-kind")).isEqualTo(kind.title());
            }
            person.choose("more-layers", "Smooth");
            assertThat(person.model().findings().work().layers()).contains(Layer.SMOOTH);
            assertThat(person.sees("chip-smooth")).as("what is shown has a chip to hide it").isTrue();
        }
    }

    @Test
    void predictionsAreReadBothWaysAndKept() throws IOException {
        try (Person person = at("eelgrass")) {
            person.choose("add-curve", "Quadratic");
            person.click("predict-at");
            person.type("20");
            person.click("pin-prediction");
            assertThat(person.text("prediction-interval")).contains("interval of the mean");
            person.click("predict-reaches");
            person.type("30");
            assertThat(person.text("reached-at")).as("up on one side of the optimum, down on the other")
                    .matches("1[0-9.]+, 3[0-9.]+ g/kg");
            person.click("kept-several");
            person.click("grid-add");
            assertThat(person.model().findings().work().reading().pinned()).hasSize(6);
            person.click("kept-copy");
            assertThat(person.clipboard().lines()).hasSize(7);
            assertThat(person.clipboard()).startsWith("salinity (g/kg)\tpredicted shoots per tray\tlow (95 %)");
            person.click("kept-clear");
            assertThat(person.model().findings().work().reading().pinned()).isEmpty();
            person.focusPlot();
            person.press(KeyCode.SHIFT, KeyCode.UP);
            assertThat(person.model().findings().work().reading().atY().orElseThrow()).isGreaterThan(30);
        }
    }

    @Test
    void theKeysAloneAddWalkTakeAndKeep() throws IOException {
        try (Person person = at("eelgrass")) {
            person.focusPlot();
            person.press(KeyCode.T);
            person.press(KeyCode.C);
            assertThat(person.model().findings().curves().slotInHand()).isEqualTo(Slot.LINE);
            person.press(KeyCode.DOWN);
            assertThat(person.model().desk().selected()).isEqualTo(OptionalInt.of(0));
            person.press(KeyCode.DOWN);
            assertThat(person.model().desk().selected()).as("down walks in the order of the table").isEqualTo(OptionalInt.of(1));
            assertThat(person.text("hint")).contains("fitted").contains("residual").contains("leverage");
            person.press(KeyCode.SHIFT, KeyCode.RIGHT);
            person.press(KeyCode.P);
            assertThat(person.model().findings().work().reading().pinned()).hasSize(1);
            assertThat(OptionalDouble.of(person.model().findings().work().reading().pinned().getFirst()))
                    .isEqualTo(person.model().findings().work().readingAt());
        }
    }

    @Test
    void curvesAreFittedToThePointsInAFrameOrInSelectedRows() throws IOException {
        try (Person person = at("limpets")) {
            double slope = person.model().findings().fit().line().orElseThrow().slope().value();
            person.controlDrag(person.place(2, 58), person.place(60, 21));
            assertThat(person.model().desk().selection().rows()).as("all but the boulder").hasSize(22);
            assertThat(person.text("hint")).startsWith("22 points selected");
            person.press(KeyCode.F);
            assertThat(person.model().findings().pairs().n()).as("all but the boulder").isEqualTo(22);
            assertThat(person.model().findings().fit().line().orElseThrow().slope().value()).isLessThan(slope - 0.1);
            assertThat(person.text("chip-only")).isEqualTo("Fitted to 22 of 23");
            person.click("chip-only");
            assertThat(person.model().findings().pairs().n()).isEqualTo(23);
            person.click("cell-19-0");
            person.press(KeyCode.SHIFT, KeyCode.DOWN);
            person.press(KeyCode.SHIFT, KeyCode.DOWN);
            person.press(KeyCode.ALT, KeyCode.F);
            assertThat(curves(person).only()).containsExactlyInAnyOrder(19, 20, 21);
            person.press(KeyCode.ALT, KeyCode.SHIFT, KeyCode.F);
            assertThat(curves(person).only()).isEmpty();
        }
    }

    @Test
    void aTitleIsTypedInItsPlaceAndChangedByAClick() throws IOException {
        try (Person person = at("limpets")) {
            person.choose("dress", "Title…");
            assertThat(person.focused()).isEqualTo("plot-title");
            assertThat(person.text("plot-title")).isEqualTo("Shell height against wave exposure index");
            person.type("Tall limpets");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().work().plot().dress().title()).isEqualTo("Tall limpets");
            assertThat(person.focused()).isEqualTo("plot");
            assertThat(curves(person).trial()).as("a T in the title tries no line").isEmpty();
            person.pressAt(person.aboveThePlot(), 1);
            person.type("Nothing");
            person.press(KeyCode.ESCAPE);
            assertThat(person.model().findings().work().plot().dress().title()).isEqualTo("Tall limpets");
            person.choose("dress", "As usual");
            assertThat(person.model().findings().work().plot().dress().title())
                    .as("a title is no matter of looks").isEqualTo("Tall limpets");
        }
    }

    @Test
    void thePlotIsDressedAndUndressed() throws IOException {
        try (Person person = at("limpets")) {
            person.choose("dress", "Black on white");
            assertThat(person.model().findings().work().plot().dress().blackOnWhite()).isTrue();
            person.choose("dress", "Grid");
            assertThat(person.model().findings().work().plot().dress().grid()).isFalse();
            person.choose("dress", "As usual");
            assertThat(person.model().findings().work().plot().dress()).isEqualTo(Dress.USUAL);
            person.press(KeyCode.F8);
            assertThat(person.typeSize()).isGreaterThan(1);
        }
    }

    @Test
    void squaresCoverTheGroundAsManyTimesAsTheyLieOnOneAnother() throws IOException {
        try (Person person = at("limpets")) {
            person.focusPlot();
            person.press(KeyCode.T);
            BufferedImage without = picture(person, "without.png");
            person.click("chip-squares");
            person.focusPlot();
            BufferedImage with = picture(person, "with.png");
            Figure figure = person.figure();
            List<Mark.Box> squares = figure.lines().stream()
                    .filter(it -> it instanceof Mark.Box box && box.fill() == Ink.RESIDUAL).map(Mark.Box.class::cast).toList();
            assertThat(squares).hasSizeGreaterThan(20);
            Point2D corner = person.corner();
            int sampled = 0;
            int right = 0;
            int deepest = 0;
            for (int x = (int) figure.area().left() + 3; x < figure.area().right(); x += 5) {
                for (int y = (int) figure.area().top() + 3; y < figure.area().bottom(); y += 5) {
                    int covers = covers(squares, x, y);
                    if (covers > 0) {
                        sampled++;
                        deepest = Math.max(deepest, covers);
                        int ground = without.getRGB((int) corner.getX() + x, (int) corner.getY() + y);
                        right += isWashed(ground, with.getRGB((int) corner.getX() + x, (int) corner.getY() + y), covers) ? 1 : 0;
                    }
                }
            }
            assertThat(deepest).as("some lie on one another").isGreaterThan(5);
            assertThat((double) right / sampled).as("but under points, lines and texts").isGreaterThan(0.85);
        }
    }

    private BufferedImage picture(Person person, String name) throws IOException {
        person.pause();
        person.picture(folder.resolve(name));
        return ImageIO.read(folder.resolve(name).toFile());
    }

    /** How many squares lie over a pixel; none where an outline is near. */
    private static int covers(List<Mark.Box> squares, double x, double y) {
        int covers = 0;
        for (Mark.Box box : squares) {
            boolean spans = x > box.x() - 2 && x < box.x() + box.width() + 2 && y > box.y() - 2 && y < box.y() + box.height() + 2;
            boolean within = x > box.x() + 2 && x < box.x() + box.width() - 2 && y > box.y() + 2
                    && y < box.y() + box.height() - 2;
            if (spans && !within) {
                return 0;
            }
            covers += within ? 1 : 0;
        }
        return covers;
    }

    /** Whether a colour is the ground's under so many layers of 14 %. */
    private static boolean isWashed(int ground, int seen, int layers) {
        double through = Math.pow(1 - 0.14, layers);
        for (int shift = 0; shift <= 16; shift += 8) {
            double expected = (ground >> shift & 0xFF) * through
                    + (Palette.LIGHT.rgb(Ink.RESIDUAL) >> shift & 0xFF) * (1 - through);
            if (Math.abs((seen >> shift & 0xFF) - expected) > 4) {
                return false;
            }
        }
        return true;
    }

    @Test
    void anEquationIsDraggedElsewhere() throws IOException {
        try (Person person = at("limpets")) {
            Point2D at = person.label(Slot.LINE);
            person.drag(at, at.add(-60, 40));
            assertThat(curves(person).labels()).containsKey(Slot.LINE);
            assertThat(person.label(Slot.LINE).distance(at.add(-60, 40))).isLessThan(3);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(curves(person).labels()).isEmpty();
        }
    }
}
