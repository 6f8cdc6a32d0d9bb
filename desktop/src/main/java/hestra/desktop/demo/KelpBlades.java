package hestra.desktop.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.documents.file.Result;
import hestra.documents.table.DelimitedText;
import hestra.documents.table.TextData;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.ChooseRoles;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.EnterData;
import hestra.task.Explain;
import hestra.task.FindSlip;
import hestra.task.Predict;
import hestra.task.Task;
import hestra.task.Terms;

/** The exercise "Kelp blades" of Orrin Bay, a made-up field station: a good line, and one value entered ten times too large. */
public final class KelpBlades {

    static final String AIM = "enter pairs and see when one is wrong, say which explains, and read a slope with its unit";
    static final int MINUTES = 45;
    /** The row of the value that was entered wrongly, from 0. */
    public static final int SLIP_ROW = 14;

    private static final String DATA = "/demo/kelp-blades.csv";
    private static final String PROSE = """
            Young kelp settles on the harbour ropes of **Orrin Bay**. {n} blades were measured, each a known number of \
            *days* after it settled. Ida Fenn wrote the lengths down on the pier; most of them have been entered already.""";

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "roles",
            "Time passes whether kelp grows or not; how long a blade is depends on how much time has passed.",
            "slip",
            "A number without its decimal point is ten times too large. One such value is enough to turn the "
                    + "line and to lower r, so look at the plot before you trust a number.",
            "r",
            "r is close to 1: the points lie near a rising straight line. It says nothing of how steep that "
                    + "line is.",
            "predict",
            "The line is known only where blades were measured. Beyond the oldest one it may go on quite "
                    + "differently.",
            "explain",
            "The slope says how much the *prediction* changes from one day to the next. Single blades are "
                    + "longer or shorter than that.");

    /** What is asked on paper, where that is something else than on the screen. */
    private static final Map<String, String> ON_PAPER = Map.of(
            "enter",
            "Copy the last three pairs of the table.",
            "slip",
            "One blade cannot be as long as the table says that was entered. Find it, compare it with the "
                    + "table above, and mend it.",
            "describe",
            "Draw the points of the table as it was entered (task 4), before any line. What do they show, apart "
                    + "from any that stand alone?",
            "predict",
            "Predict the length at each age. Which predictions would you trust?");

    private KelpBlades() {}

    public static Exercise exercise() {
        return Story.onPaper(Story.explained(asked(), WHY), ON_PAPER);
    }

    private static Exercise asked() {
        DataTable data = data();
        return Exercise.ofOnePart("orrin-bay-kelp-blades", "Kelp blades", "Orrin Bay field station", "How fast does kelp grow?",
                Story.told(PROSE, AIM, MINUTES), data, Roles.FIRST_EXPLAINS, tasks(data), EnumSet.allOf(Aid.class),
                        DecimalMark.POINT);
    }

    private static List<Task> tasks(DataTable data) {
        String slipped = data.cell(SLIP_ROW, 1).text().replace(".", "");
        return List.of(
                Story.helped(new ChooseRoles(Terms.of("roles", "Which explains, which responds?",
                        "One of the two variables could depend on the other. The plot is drawn by your choice.", 1)),
                        "Does a blade get longer because time passes, or does time pass because a blade gets longer?"),
                Story.helped(new EnterData(Terms.of("enter", "Enter the last three pairs",
                        "Type the last three pairs of the printed table into the table on the right, and watch where each "
                                + "point comes to stand.", 1), 3),
                        "Click the first empty cell, type the days, Tab, the length, Enter."),
                Story.helped(new Describe(Terms.of("describe", "Describe what you see",
                        "Look at the plot before any line is drawn. What do the points show, apart from any that stand alone?", 4)
                        .opening(EnumSet.allOf(Aid.class)),
                        new Description(Direction.RISING, Form.STRAIGHT, Strength.STRONG, Unusual.ONE)), Story.LOOK, Story.TURN),
                Story.helped(new FindSlip(Terms.of("slip", "Find the mistyped blade",
                        "One blade cannot be as long as the table says. Find it, compare it with the printed table, and mend it. "
                                + "Or set it aside and give your reason. Watch the line, r and R² as you do.", 2)
                        .withTries(0), SLIP_ROW, 1, slipped),
                        "Which point lies where no blade of that age could be?",
                        "Click it: its row is marked in the table. A mark is missing in its number."),
                Story.read("slope", "Read the slope", "By how much does a blade grow in a day, on average?", Quantity.SLOPE, 2,
                        "The slope is the number before *days* in the equation.", "It is in centimetres per day."),
                Story.read("r", "Read the correlation", "How closely do the points follow the line? Give r.", Quantity.R, 3,
                        "r stands among the readings below the plot.", "It has the sign of the slope."),
                Story.helped(new Predict(Terms.of("predict", "Predict",
                        "Predict the length at each age. Which predictions would you trust? Type the age under the readings, "
                                + "or drag the reading line.", 6), List.of(20.0, 37.0, 60.0), new Rounding.Places(1)),
                        "Type the age at *at*, below the readings.", "Compare each age with the oldest blade that was measured."),
                Story.helped(new Explain(Terms.of("explain", "Say it in words",
                        "What does the slope mean for a blade of kelp?", 3)),
                        "For each day more: how much longer, and in which unit?", "Say it of blades on average."));
    }

    private static DataTable data() {
        try (InputStream in = Objects.requireNonNull(KelpBlades.class.getResourceAsStream(DATA))) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            Result<TextData> data = TextData.understand(text, DecimalMark.POINT);
            DataTable table = DelimitedText.table(((Result.Done<TextData>) data).value().block(), List.of(), DecimalMark.POINT);
            return table.withVariable(0, new Variable("days", "time since settling", "days"))
                    .withVariable(1, new Variable("length", "blade length", "cm"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
