package hestra.chance;

import java.util.List;
import java.util.Optional;

import hestra.fit.Interval;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;

/**
 * What came of a run, in words that a student reads.
 *
 * @param asked the run and how much of it
 * @param style how numbers look
 * @param x what the explanatory variable is called
 * @param y what the response is called
 */
public record ChanceWords(Asked asked, NumberStyle style, String x, String y) {

    private static final int DIGITS_OF_A_SHARE = 3;
    private static final double HALF = 0.5;

    /**
     * A number beside its name, as it is read off.
     *
     * @param name what it is
     * @param value as it is shown
     */
    public record Reading(String name, String value) {}

    /** What to do before anything is drawn. */
    public static String beforeDrawing(Play play) {
        return switch (play) {
            case SHUFFLE -> "Press Shuffle once: the y values are dealt out anew to the same x.";
            case DRAW_AGAIN -> "Press Draw again: as many points are drawn from these, each put back.";
            case ANOTHER_SAMPLE -> "Press Another sample: new data are made from the same truth.";
        };
    }

    private enum Told {
        AS_FAR,
        HELD,
        MIDDLE
    }

    private Told told() {
        return switch (play()) {
            case SHUFFLE -> Told.AS_FAR;
            case DRAW_AGAIN -> Told.MIDDLE;
            case ANOTHER_SAMPLE -> asked.run().truth().isPresent() ? Told.HELD : Told.MIDDLE;
        };
    }

    private Pile pile() {
        return asked.pile();
    }

    private Play play() {
        return asked.run().setup().play();
    }

    /** Whether the pile says how often a draw was so: as far out as ours, or with an interval that holds the truth. */
    public boolean isShare() {
        return told() != Told.MIDDLE;
    }

    /** Whether it is counted how many intervals hold the truth. */
    public boolean isOfIntervals() {
        return told() == Told.HELD;
    }

    /** How many draws were so. */
    public int counted() {
        return play() == Play.SHUFFLE ? pile().asFar() : pile().held();
    }

    /** How many draws these are of. */
    public int of() {
        return play() == Play.SHUFFLE ? pile().size() : pile().draws();
    }

    /** What was done, how often: "Run 4127, 1,000 shuffles". */
    public String done() {
        return pile().isOfAll() ? "All " + counted(pile().draws(), "arrangement") + " of the values of " + y
                : "Run " + asked.run().setup().number() + ", " + counted(pile().draws(), play().noun());
    }

    /** What stands along the pile: "slope in run 4127, 1,000 shuffles". */
    public String axis() {
        return watched() + " in " + Character.toLowerCase(done().charAt(0)) + done().substring(1);
    }

    /** What stands below the pile where nobody wrote anything else. */
    public String caption() {
        return done() + ". " + sentence();
    }

    /** The one number that says most: "28 of 1,000", or the ends of the middle. */
    public String headline() {
        return isShare() ? share() : middle().map(this::between).orElse("too few to say");
    }

    private String share() {
        return style.count(counted()) + " of " + style.count(of());
    }

    /** What the headline counts, or lies between, the rest of its sentence. */
    public String ofWhat() {
        return switch (told()) {
            case AS_FAR -> (pile().isOfAll() ? "arrangements " : "shuffles ") + gave();
            case HELD -> "samples gave " + aLevel() + " interval that holds the true " + watched() + ", "
                    + style.show(asked.run().truth().orElseThrow()) + ".";
            case MIDDLE -> middle().isPresent()
                    ? "is where the middle " + level() + " % of " + several() + " lie."
                    : "The middle " + level() + " % can be read from " + style.count(Pile.enough(asked.level())) + " "
                    + play().noun() + "s on.";
        };
    }

    private String gave() {
        return "gave " + watchedWithArticle() + " at least as far from " + middleOfChance() + " as " + style.show(pile().ours())
                + ".";
    }

    /** The share, or the middle, as one sentence. */
    public String sentence() {
        return switch (told()) {
            case AS_FAR -> share() + " " + gave();
            case HELD -> share() + " " + ofWhat();
            case MIDDLE -> "The middle " + level() + " % of " + ofTheWatched() + ": "
                    + middle().map(this::between).orElse("too few draws to say") + ".";
        };
    }

    /** What chance gives and what the formula gives, beside each other. */
    public List<Reading> readings() {
        return switch (play()) {
            case SHUFFLE -> List.of(new Reading("p, by shuffling", pile().p().stream().mapToObj(p -> shares().p(p)).findFirst()
                    .orElse(NumberStyle.UNDEFINED)),
                    new Reading("p, by formula", asked.p().stream().mapToObj(p -> shares().p(p)).findFirst()
                            .orElse(NumberStyle.UNDEFINED)));
            case DRAW_AGAIN -> List.of(new Reading("by drawing again", ends(middle())),
                    new Reading("by formula", ends(asked.interval())));
            case ANOTHER_SAMPLE -> List.of(new Reading("middle " + level() + " %", ends(middle())),
                    new Reading("ours, by formula", ends(asked.interval())));
        };
    }

    /** What this says of the data; the part of the words that a task may ask for. */
    public String meaning() {
        return switch (play()) {
            case SHUFFLE -> "If " + x + " and " + y + " had nothing to do with each other, any of these would have been as likely"
                    + " as ours.";
            case DRAW_AGAIN -> "Another set of points like these might have given any of these. How far they are spread shows how"
                    + " far ours could be off.";
            case ANOTHER_SAMPLE -> told() == Told.HELD
                    ? "In the long run about " + level() + " of 100 such intervals hold the truth. Of a single one nobody can"
                    + " tell." : "Each sample comes from the same truth, and each gives another number.";
        };
    }

    /** What else must be known of the count; nothing where nothing must. */
    public Optional<String> counting() {
        return switch (play()) {
            case SHUFFLE -> Optional.of(pile().isOfAll() ? "These are all arrangements that there are, ours among them."
                    : "Counting ours too: " + style.count(pile().asFar() + 1L) + " of " + style.count(pile().size() + 1L) + ".");
            case DRAW_AGAIN -> Optional.empty();
            case ANOTHER_SAMPLE -> asked.run().setup().source().filter(Source.OfCurve.class::isInstance)
                    .map(_ -> "The " + asked.run().fit().inWords() + " and its s are taken as the truth here.");
        };
    }

    /** What came of draws that gave no number; nothing where all gave one. */
    public Optional<String> failed() {
        int failed = pile().failed();
        return failed == 0 ? Optional.empty() : Optional.of(counted(failed, play().noun()) + " gave no "
                + (asked.run().setup().watched() instanceof Watched.R ? "r" : "such curve") + " and "
                + (failed == 1 ? "is" : "are") + " left out.");
    }

    /** The pile in sentences, for those who do not see it: what it is of, how far it reaches, and what is read off it. */
    public String pileInWords() {
        double[] values = pile().values();
        if (values.length == 0) {
            return done() + ". " + failed().orElse("");
        }
        Optional<Interval> half = pile().middle(HALF);
        return done() + ". " + Words.capitalized(several()) + " lie from " + style.show(values[0]) + " to "
                + style.show(values[values.length - 1]) + half.map(it -> ", half of them from " + between(it)).orElse("")
                + ". Ours is " + style.show(pile().ours()) + ". " + sentence();
    }

    /** What is watched: "slope". */
    public String watched() {
        return asked.run().setup().watched().inWords(asked.run().fit(), style);
    }

    private String watchedWithArticle() {
        return asked.run().setup().watched().withArticle(asked.run().fit(), style);
    }

    private String ofTheWatched() {
        return asked.run().setup().watched() instanceof Watched.R ? "r" : "the " + watched();
    }

    private String several() {
        return switch (asked.run().setup().watched()) {
            case Watched.OfCoefficient _ when !watched().startsWith("coefficient") -> "the " + watched() + "s";
            case Watched.OfCoefficient _ -> "the values of " + watched();
            case Watched.R _ -> "the values of r";
            case Watched.FittedAt(double at) -> "the predictions at " + style.typed(at);
        };
    }

    private String middleOfChance() {
        return pile().centre() == 0 ? "0" : style.show(pile().centre()) + ", the middle of chance,";
    }

    private Optional<Interval> middle() {
        return pile().middle(asked.level());
    }

    private String ends(Optional<Interval> interval) {
        return interval.map(this::between).orElse(NumberStyle.UNDEFINED);
    }

    private String between(Interval interval) {
        return style.show(interval.low()) + " to " + style.show(interval.high());
    }

    private String level() {
        return style.level(asked.level());
    }

    private String aLevel() {
        return (level().startsWith("8") ? "an " : "a ") + level() + " %";
    }

    private NumberStyle shares() {
        return style.withDigits(DIGITS_OF_A_SHARE);
    }

    private String counted(int number, String one) {
        return style.count(number) + " " + one + (number == 1 ? "" : "s");
    }
}
