package hestra.desktop.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desk.PlotEdit;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.FileWriting;
import hestra.exercise.Exercise;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.marking.HandIn;
import hestra.marking.Pace;
import hestra.numbers.NumberStyle;
import hestra.task.Answer;
import hestra.task.Described;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.Predict;
import hestra.task.Predicted;
import hestra.task.Predictions;
import hestra.task.Trust;

/**
 * A made-up class at Orrin Bay that has worked on "Kelp blades": 28 hand-ins, some right, some with each of the usual mistakes,
 * one with hardly anything, one handed in twice, one late and one that cannot be read. The same seed makes the same class.
 */
public final class KelpClass {

    /** Whose work came late. */
    public static final String LATE = "Wen Aldous";
    /** Who handed in twice. */
    public static final String TWICE = "Ida Fenn";
    /** The file that cannot be read. */
    public static final String BROKEN = "Kelp blades, Gull Orme.handin";
    /** When the lesson began: Tuesday, 24 November 2026, 09:15 UTC. */
    public static final long BEGIN = Instant.parse("2026-11-24T09:15:00Z").getEpochSecond();

    static final List<String> NAMES = List.of(TWICE, "Tove Marsh", "Ansel Birk", "Runa Feld", "Pim Oster", "Else Varr",
            "Bo Lindqvist", "Mara Tind", "Jory Pell", "Sunna Hale", "Odd Kester", "Liv Arden", "Nils Quay",
            "Freya Stroud", "Tamsin Roe", "Kai Ferren", "Hedda Moss", "Ivo Sand", "Petra Wick", "Rolf Skerry", "Anja Thorn",
                    "Milo Brandt", "Signe Vale", "Oskar Reef", "Dagny Holt", LATE);

    private static final int HANDED_IN_EARLY = 20;
    private static final int DAY = 24 * 60 * 60;

    private static final List<String> GOOD = List.of("On average a blade gets %s cm longer with each day.",
            "A blade is predicted to be about %s cm longer for each day since it settled, on average.",
            "For each day since settling, the blade length rises by %s cm on average.");
    private static final List<String> OF_EVERY_BLADE = List.of("Every day a blade gets longer by %s cm.",
            "With each day since settling a blade gets %s cm longer.");
    private static final List<String> CAUSE = List.of("The days make the blade grow by %s cm on average.",
            "More days cause the blades to get longer, %s cm per day on average.");
    private static final String OTHER = "The points are strongly correlated, r is 0.98.";

    private final Exercise exercise = KelpBlades.exercise();
    private final DataTable data = exercise.first().data();
    private final LineFit line = LeastSquares.line(exercise.first().pairs()).line().orElseThrow();
    private final LineFit swapped = LeastSquares.line(exercise.first().pairs().swapped()).line().orElseThrow();
    private final Random random;
    private final List<Step> steps = new ArrayList<>();
    private History history;
    private long clock;

    private KelpClass(long seed) {
        this.random = new Random(seed);
    }

    /**
     * Writes the hand-ins of the class into a folder.
     *
     * @return the files
     */
    public static List<Path> write(Path folder, long seed) throws IOException {
        Files.createDirectories(folder);
        KelpClass made = new KelpClass(seed);
        List<Path> files = new ArrayList<>();
        Path early = folder.resolve("Kelp blades, " + TWICE + ", first.handin");
        made.work(TWICE, HANDED_IN_EARLY, 0);
        made.handIn(early);
        files.add(early);
        for (int i = 0; i < NAMES.size(); i++) {
            Path file = folder.resolve("Kelp blades, " + NAMES.get(i) + ".handin");
            made.work(NAMES.get(i), i, NAMES.get(i).equals(LATE) ? DAY : 0);
            made.handIn(file);
            files.add(file);
        }
        FileWriting.write(folder.resolve(BROKEN), "This was a hand-in once.");
        files.add(folder.resolve(BROKEN));
        return files;
    }

    private void handIn(Path file) throws IOException {
        HandIn handIn = HandIn.of(history.present(), Optional.of(Pace.of(steps, clock + 30)));
        HandInFile.write(handIn, steps, file);
    }

    private void apply(Edit edit) {
        clock += 12 + random.nextInt(60);
        steps.add(new Step(clock, edit));
        history = history.apply(edit);
    }

    /** What a student does: who they are says what goes wrong, so that every mistake is made by some. */
    private void work(String name, int who, long later) {
        history = History.of(Desk.open(exercise));
        steps.clear();
        clock = BEGIN + later + random.nextInt(400);
        apply(new Edit.Name(name));
        if (who == 17) {
            // Gave up early.
            apply(new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS));
            apply(new Edit.Check("roles"));
            return;
        }
        roles(who);
        enter(who);
        describe(who);
        slip(who);
        slope(who);
        correlation(who);
        predict(who);
        explain(who);
    }

    private void roles(int who) {
        if (who % 9 == 4) {
            apply(new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS.swapped()));
            apply(new Edit.Check("roles"));
        }
        apply(new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS));
        apply(new Edit.Check("roles"));
    }

    private void enter(int who) {
        for (int row : exercise.first().truth(exercise.mark()).leftToType()) {
            for (int column = 0; column < data.width(); column++) {
                String right = data.cell(row, column).text();
                apply(new WorkEdit.ChangeTable(new TableEdit.Type(row, column,
                        who == 12 && column == 1 ? right.replace(".", "") : right)));
            }
        }
        apply(new Edit.Check("enter"));
    }

    private void describe(int who) {
        Described described = Described.NOTHING.with(Direction.RISING)
                .with(who % 11 == 5 ? Form.CURVED : Form.STRAIGHT).with(who % 6 == 2 ? Strength.MODERATE : Strength.STRONG)
                .with(who % 7 == 3 ? Unusual.NONE : Unusual.ONE);
        apply(new Edit.Draft("describe", described));
        apply(new Edit.Check("describe"));
        if (who % 7 == 3 && who % 2 == 1) {
            apply(new Edit.Draft("describe", described.with(Unusual.ONE)));
            apply(new Edit.Check("describe"));
        }
    }

    private void slip(int who) {
        String right = data.cell(KelpBlades.SLIP_ROW, 1).text();
        if (who % 8 == 6) {
            apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(KelpBlades.SLIP_ROW,
                    who == 14 ? "it looks wrong" : "no blade is as long as that")));
        } else if (who % 13 == 10) {
            apply(new WorkEdit.ChangeTable(new TableEdit.Type(KelpBlades.SLIP_ROW, 1, right + "9")));
        } else {
            apply(new WorkEdit.ChangeTable(new TableEdit.Type(KelpBlades.SLIP_ROW, 1, right)));
        }
        apply(new Edit.Check("slip"));
    }

    private void typed(String task, String... texts) {
        for (String text : texts) {
            apply(new Edit.Draft(task, new Answer.Typed(text)));
            apply(new Edit.Check(task));
        }
    }

    private static String shown(double value, int places) {
        return NumberStyle.STANDARD.places(value, places);
    }

    private void slope(int who) {
        String right = shown(line.slope().value(), 2);
        switch (who % 10) {
            case 0, 1, 5, 8 -> typed("slope", right);
            case 2 -> typed("slope", shown(swapped.slope().value(), 2), right);
            case 3 -> typed("slope", shown(swapped.slope().value(), 2));
            case 4 -> typed("slope", shown(line.intercept().value(), 2), right);
            case 6 -> typed("slope", shown(line.slope().value(), 1));
            case 7 -> typed("slope", right + " cm per day");
            default -> typed("slope", shown(line.slope().value(), 4));
        }
    }

    private void correlation(int who) {
        double r = line.r().orElseThrow();
        switch (who % 8) {
            case 2 -> typed("r", shown(r * r, 3));
            case 5 -> typed("r", shown(r * r, 3), shown(r, 3));
            case 7 -> typed("r", shown(r, 2));
            default -> typed("r", shown(r, 3));
        }
    }

    private void predict(int who) {
        Predict task = (Predict) exercise.task("predict").orElseThrow();
        List<Predicted> given = task.at().stream().map(x -> {
            boolean inside = line.support().contains(x);
            double at = who % 9 == 8 && !inside ? line.at(x) + 4 : line.at(x);
            Trust trust = inside || who % 5 == 1 ? Trust.TRUSTED : Trust.DOUBTED;
            return new Predicted(NumberStyle.STANDARD.show(at, task.rounding()), Optional.of(trust));
        }).toList();
        apply(new PlotEdit.ReadAt(OptionalDouble.of(task.at().getLast())));
        apply(new Edit.Draft("predict", new Predictions(given)));
        apply(new Edit.Check("predict"));
    }

    private void explain(int who) {
        String slope = shown(line.slope().value(), 2);
        String sentence = switch (who % 9) {
            case 1, 4, 7 -> GOOD.get(who % GOOD.size());
            case 2, 5 -> OF_EVERY_BLADE.get(who % OF_EVERY_BLADE.size());
            case 3 -> CAUSE.get(who % CAUSE.size());
            case 6 -> OTHER;
            case 8 -> who == 8 ? "" : GOOD.getFirst().replace(" cm", "");
            default -> GOOD.getFirst();
        };
        if (!sentence.isEmpty()) {
            apply(new Edit.Draft("explain", new Answer.Sentence(sentence.formatted(slope))));
            apply(new Edit.Check("explain"));
        }
    }
}
