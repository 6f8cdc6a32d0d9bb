package hestra.desktop.demo;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WantedFigure;
import hestra.task.WriteSection;

/** Two shores in one plot: reeds stand taller at the one, and each shore has a closer line than both together. */
final class ReedBeds {

    static final String AIM = "see groups before a line, and say R\u00b2 and s for people who do not know them";
    static final int MINUTES = 55;
    private static final Variable DEPTH = new Variable("depth", "water depth", "cm");
    private static final Variable HEIGHT = new Variable("height", "reed height", "cm");
    private static final String NORTH = "north";
    private static final String SOUTH = "south";
    /** Depth and height at the north shore, then at the south shore. */
    private static final int[][] AT_NORTH = {{10, 67}, {18, 81}, {19, 77}, {20, 73}, {20, 78}, {29, 80}, {34, 92}, {39, 85},
            {44, 104},
            {54, 98}, {54, 104}, {56, 103}, {59, 105}};
    private static final int[][] AT_SOUTH = {{10, 52}, {11, 50}, {17, 50}, {20, 56}, {22, 69}, {23, 58}, {34, 73}, {44, 78},
            {49, 78},
            {49, 79}, {53, 80}, {57, 82}, {59, 93}};

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "shores",
            "Two groups in one plot can hide behind one line. Look for them before you fit anything.",
            "share",
            "The rest of the variation goes with other things: here, much of it with the shore.",
            "typical",
            "s is a typical distance of single places from the line, in centimetres.",
            "apart",
            "The step from shore to shore counts as scatter as long as one line stands for both.");

    private ReedBeds() {}

    static Exercise exercise() {
        return Story.onPaper(Story.explained(asked(), WHY), Map.of("section", "Write a short section for the notice board of the "
                + "lagoon. Say what both shores have in common, and in what they differ."));
    }

    private static Exercise asked() {
        DataTable table = data();
        double rSquared = Story.line(table).rSquared().orElseThrow();
        double s = Story.line(table).residualStandardError().orElseThrow();
        return Story.exercise("reed-beds", "Reed beds", "Do reeds stand taller in deep water?", Story.told("""
                In August Ansel Birk and Liv Arden measured reeds at the two *shores* of the lagoon: the *depth* of the water \
                on a staff, and the *height* of the tallest reed there above the water, both to a centimetre. {n} places were \
                measured.""",
                        AIM, MINUTES),
                table, Roles.FIRST_EXPLAINS.with(2, Roles.Use.GROUPS),
                Story.describe(new Description(Direction.RISING, Form.STRAIGHT, Strength.MODERATE, Unusual.NONE),
                        EnumSet.of(Aid.TRIAL, Aid.TRIAL_SQUARES)),
                shores(),
                Story.read("r2", "Read R²", "What share of the variation in height does the line through all places explain?",
                        Quantity.R_SQUARED, 3, "R² stands among the readings below the plot.", "It is between 0 and 1."),
                Story.helped(new Explain(Terms.of("share", "R² for a friend",
                        "A friend who never heard of R² asks what this number says. Tell her in a sentence.", 3),
                        Optional.of(Explaining.of(Aspect.About.R_SQUARED).withYNames(List.of("reed", "reeds"))
                        .withModel(Story.percent(rSquared)
                                + " of the variation in the height of the reeds goes with the depth of the water."))),
                        "It is a share. Of what?", "Say whose variation it is, and what it goes with."),
                Story.read("s", "Read s", "How far from the line do the places lie, typically?",
                        Quantity.RESIDUAL_STANDARD_ERROR, 2, "s stands among the readings below the plot.",
                        "It is counted in centimetres."),
                Story.helped(new Explain(Terms.of("typical", "s for the same friend",
                        "She says: so how good is the line, in centimetres? Tell her what s says.", 3),
                        Optional.of(Explaining.of(Aspect.About.S).withModel("The heights of the reeds typically lie about "
                        + Story.shown(s, 1) + " cm away from the line."))),
                        "s is a distance. From what to what?", "Say that it is typical: some places lie nearer, some farther."),
                apart(),
                Story.helped(new WriteSection(Terms.of("section", "Write what you found",
                        "Write a short section for the notice board of the lagoon. Keep two figures for it: the plot "
                        + "without a line, and the plot with the line. Say what both shores have in common, and in what "
                        + "they differ.", 4),
                        EnumSet.of(WantedFigure.PLOT_WITHOUT_CURVE, WantedFigure.PLOT_WITH_LINE), 50),
                        "Hide the line with its chip before you keep the first figure.",
                        "People who walk by read the first sentence: let it say the most important thing."));
    }

    private static Task shores() {
        return Story.helped(new Question(Terms.of("shores", "The two shores",
                "Each shore has a form of its own in the plot. What do you see at places of the same depth?", 2)
                .opening(EnumSet.allOf(Aid.class)), Question.Sort.ONE,
                List.of(new Question.Option("reeds are as tall at the one shore as at the other", false,
                                "Cover one shore with a hand, then the other."),
                        new Question.Option("reeds at the north shore are taller", true, ""),
                        new Question.Option("reeds at the south shore are taller", false,
                                "Look again which form is which shore."),
                        new Question.Option("it depends on the depth: the shores change places", false,
                                "Do the two clouds cross?")), true, List.of()),
                "Choose a depth and go straight up.", "The legend says which form is which shore.");
    }

    private static Task apart() {
        return Story.helped(new Question(Terms.of("apart", "One line, or two?",
                "Think of a line for each shore alone. Is this true or not, and why: *each of them would fit its places "
                + "more closely than the one line fits all.*", 2), Question.Sort.TRUE_BECAUSE,
                List.of(new Question.Option("half of the places always fit better", false,
                                "Fewer places alone do not bring a line nearer to them."),
                        new Question.Option("much of the scatter about the one line is the step from shore to shore", true, ""),
                        new Question.Option("a line for each shore would be steeper", false,
                                "Lay a ruler along each cloud: they rise alike.")), true, List.of()),
                "Look at which side of the line the places of each shore lie.",
                "Set the places of one shore aside and look at s, then take them back.");
    }

    private static DataTable data() {
        List<Row> rows = new ArrayList<>();
        int north = 0;
        int south = 0;
        while (north < AT_NORTH.length || south < AT_SOUTH.length) {
            boolean isNorth = south == AT_SOUTH.length || north < AT_NORTH.length && AT_NORTH[north][0] < AT_SOUTH[south][0];
            int[] place = isNorth ? AT_NORTH[north++] : AT_SOUTH[south++];
            rows.add(Row.of(Cell.of(place[0], DecimalMark.POINT), Cell.of(place[1], DecimalMark.POINT),
                    Cell.of(isNorth ? NORTH : SOUTH, DecimalMark.POINT)));
        }
        return new DataTable(List.of(DEPTH, HEIGHT, Variable.named("shore")), rows);
    }
}
