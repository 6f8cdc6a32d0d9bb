package hestra.desktop.demo;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.fit.Curve;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.NumberQuestion;
import hestra.task.Predict;
import hestra.task.Predicting;
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WriteEquation;

/** Money and counts: a slope in trays for a euro, a prediction that is no advice, and no cause. */
final class MarketMorning {

    static final String AIM = "work with counts and money, and tell a prediction from an advice and from a cause";
    static final int MINUTES = 50;
    private static final Variable PRICE = new Variable("price", "price of a tray of eggs", "€");
    private static final Variable TRAYS = new Variable("trays", "trays bought", "");
    private static final double[] PRICES = {2.5, 3, 3.5, 4, 4.5};
    /** How many customers bought one tray, two, three and so on, at each price. */
    private static final int[][] CUSTOMERS = {{2, 5, 9, 6, 2}, {4, 8, 7, 4, 1}, {7, 9, 6, 2, 0}, {10, 9, 4, 1, 0},
            {14, 8, 2, 0, 0}};
    private static final Roles ROLES = Roles.FIRST_EXPLAINS.with(2, Roles.Use.COUNTS);
    private static final double ASKED = 3.2;

    /** Why it is so, told once a task is solved. */
    private static final Map<String, String> WHY = Map.of(
            "customers",
            "Each point counts as often as it was observed. n is the number of customers, not of points.",
            "pile",
            "Five prices and whole trays leave few places for points. That is why the table counts instead "
                    + "of repeating rows.",
            "slope",
            "The slope has the unit of y per unit of x: trays per euro. It is below 0, so more money means "
                    + "fewer trays.",
            "what",
            "The line predicts a mean. No customer buys a part of a tray, but the mean of many customers can "
                    + "lie between whole numbers.",
            "advice",
            "The mornings were not made alike in all but the price. What goes with a lower price need not "
                    + "come from it.");

    private MarketMorning() {}

    static Exercise exercise() {
        return Story.explained(asked(), WHY);
    }

    private static Exercise asked() {
        DataTable table = data();
        LineFit line = LeastSquares.line(Pairs.of(table, ROLES)).line().orElseThrow();
        return Story.exercise("market-morning", "Market morning", "Does a lower price sell more eggs?", Story.told("""
                On five market mornings Petra Wick asked another *price* for a tray of eggs. Of the first customers of each \
                morning she noted how many *trays* each bought. A row of the table stands for all who bought the same at the \
                same price: *customers* says how many they were.""", AIM, MINUTES),
                table, ROLES,
                Story.helped(new NumberQuestion(Terms.of("customers", "How many customers?",
                        "A point of the plot stands for several customers, and counts as often as there were. How many "
                        + "customers are there in all?", 1), Pairs.of(table, ROLES).n(), new Rounding.Places(0), ""),
                        "It is not the number of points.", "n among the readings counts each customer."),
                Story.helped(new Question(Terms.of("pile", "Points on top of each other",
                        "Why are there so few points for so many customers?", 1)
                        .opening(EnumSet.allOf(Aid.class)), Question.Sort.ONE,
                        List.of(new Question.Option("most customers were left out", false, "Each is counted: see *customers*."),
                                new Question.Option("trays are whole, and there were five prices only", true, ""),
                                new Question.Option("the line goes through the mean of each morning", false,
                                        "The line has nothing to do with where the points are.")), true, List.of()),
                        "Can a customer buy two and a half trays?"),
                Story.helped(new WriteEquation(Terms.of("equation", "Write the equation",
                        "Write the equation of the line of least squares.", 3), new Curve.Line(), 3),
                        "It stands among the readings below the plot.", "Write it as {y.name} = a + b · {x.name}. Mind the "
                        + "sign."),
                Story.helped(new Explain(Terms.of("slope", "What a euro does",
                        "What does the slope say? Say it in trays and euros.", 3),
                        Optional.of(Explaining.of(Aspect.About.SLOPE).withYNames(List.of("customer", "eggs"))
                        .withModel("On average a customer buys " + Story.shown(-line.slope().value(), 2)
                                + " trays fewer for each euro more in the price."))),
                        "For one euro more in the price: how many trays, and more or fewer?", "Say it of customers on average."),
                Story.helped(new Predict(Terms.of("predict", "At other prices",
                        "How many trays does the line predict for a customer at each price? Which of these would you trust?", 4),
                        List.of(ASKED, 6.0), new Rounding.Places(2)),
                        "Type the price at *at*, below the readings.", "Compare each price with the dearest morning."),
                Story.helped(new Predict(Terms.of("price", "The price for two trays",
                        "At which price does the line predict two trays for a customer?", 2),
                        List.of(2.0), new Rounding.Places(2)).with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y)),
                        "Type the trays at *reaches*, below the readings.", "Or solve the equation for the price."),
                Story.helped(new Explain(Terms.of("what", "What is predicted?",
                        "Explain the prediction for a price of 3.20 € to Petra Wick.", 3),
                        Optional.of(new Explaining(Aspect.About.PREDICTION, Optional.empty(), OptionalDouble.of(ASKED), List.of(),
                        List.of("customer"), java.util.Set.of(), "At a price of 3.20 € the line predicts "
                        + Story.shown(line.fitted(ASKED).orElseThrow(), 1)
                        + " trays for a customer, on average; that price lies within the data.", "", "",
                        OptionalDouble.empty()))),
                        "No customer buys a part of a tray. Of what is it the prediction?",
                        "Say at which price, how much on average, and whether such prices were asked."),
                advice());
    }

    private static Task advice() {
        return Story.helped(new Question(Terms.of("advice", "Prediction or advice?", "Which of these may Petra Wick conclude?",
                2),
                Question.Sort.SEVERAL,
                List.of(new Question.Option("the low price is why customers buy more", false, "",
                        Optional.of(Mistake.CAUSE_CLAIMED)),
                        new Question.Option("on mornings with a lower price the first customers bought more trays", true,
                                "That is what was counted."),
                        new Question.Option("she should ask 2.50 €, since most is sold then", false,
                                "Most trays are not most money, and the data do not say what she wants."),
                        new Question.Option("the mornings may have differed in more than the price", true,
                                "Weather, season and who came were not noted.")), true, List.of()),
                "What was the same on all five mornings, and what was not?", "Two of them.");
    }

    private static DataTable data() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < PRICES.length; i++) {
            for (int trays = 1; trays <= CUSTOMERS[i].length; trays++) {
                if (CUSTOMERS[i][trays - 1] > 0) {
                    rows.add(Row.of(Cell.of(String.format(java.util.Locale.ROOT, "%.2f", PRICES[i]), DecimalMark.POINT),
                            Cell.of(trays, DecimalMark.POINT), Cell.of(CUSTOMERS[i][trays - 1], DecimalMark.POINT)));
                }
            }
        }
        return new DataTable(List.of(PRICE, TRAYS, Variable.named("customers")), rows);
    }
}
